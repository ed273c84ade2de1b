import type { JobId } from '../../gear';
import type { WorkedOutKit } from '../../kit';
import { holdersAround } from '../../loadout';
import type { NeedId } from '../../needs';
import type { Background } from '../background';
import type { Finding } from '../finding';
import { together } from './cause';
import { askedByNeed, causes, jobSaidByNeed, needSaidBy, saidByNeed } from './causes';

const needShortId = 'need/short';
const holderId = 'cover/holder';

/**
 * What rules found, as somebody would say it: one cause in one sentence, and no fact twice. What another finding says already is a
 * part of it, so that nothing is lost.
 */
export function told(
  found: readonly Finding[],
  kit: WorkedOutKit,
  background: Background,
): readonly Finding[] {
  const alike = byGear(found, kit);
  return byCause(byHolder(byNeed(byMissing(alike), background), kit), kit);
}

/** What stands for the pieces that a finding is about: gear is told apart, and not how its placements were typed. */
function piecesOf({ about }: Finding, { tree }: WorkedOutKit): string {
  return [...new Set(about.map((id) => tree.byId.get(id)?.gear ?? id))].sort().join();
}

/** Two of one piece in one place are one thing to say, however they were typed. */
function byGear(found: readonly Finding[], kit: WorkedOutKit): readonly Finding[] {
  const firsts = new Map<string, Finding>();
  const others = new Map<Finding, Finding[]>();
  const left = found.filter((finding) => {
    const [id] = finding.about;
    const placement = id === undefined ? undefined : kit.tree.byId.get(id);
    if (placement === undefined) return true;
    const place = JSON.stringify(placement.place);
    const key = `${finding.rule} ${finding.severity} ${place} ${piecesOf(finding, kit)}`;
    const first = firsts.get(key);
    // Of one placement a rule may say several things.
    if (first === undefined || first.about.join() === finding.about.join()) {
      if (first === undefined) firsts.set(key, finding);
      return true;
    }
    others.set(first, [...(others.get(first) ?? []), finding]);
    return false;
  });
  return left.map((finding) => withParts(finding, others.get(finding) ?? []));
}

/** What a need says is said by the need: its parts are what rules found of it. */
function byNeed(found: readonly Finding[], { needs }: Background): readonly Finding[] {
  const short = new Map(
    found.filter(({ rule }) => rule === needShortId).map((each) => [each.of as NeedId, each]),
  );
  const known = new Set(
    needs.filter(({ standing }) => standing !== 'not known').map(({ need }) => need),
  );
  const parts = new Map<Finding, Finding[]>();
  const left: Finding[] = [];
  for (const finding of found) {
    const over = whoSays(finding)
      .map((need) => short.get(need))
      .find((each) => each !== undefined);
    if (over !== undefined && over !== finding) {
      parts.set(over, [...(parts.get(over) ?? []), finding]);
      continue;
    }
    const asked = askedByNeed.get(finding.rule);
    if (asked !== undefined && known.has(asked)) continue;
    left.push(finding);
  }
  // A need that is told with another brings its own parts along.
  const partsOf = (finding: Finding): readonly Finding[] =>
    (parts.get(finding) ?? []).flatMap((part) => [part, ...partsOf(part)]);
  return left.map((finding) => withParts(finding, partsOf(finding)));
}

/** The needs that say what a finding says, the likeliest first. */
function whoSays({ rule, of, figures }: Finding): readonly NeedId[] {
  if (rule === needShortId) return needSaidBy[of as NeedId] ?? [];
  if (rule === 'cover/missing' || (rule === 'cover/depth' && isMakeshift(figures))) {
    const { anyOf } = figures as { readonly anyOf: readonly JobId[] };
    return anyOf.flatMap((job) => jobSaidByNeed[job] ?? []);
  }
  return saidByNeed.get(rule) ?? [];
}

function isMakeshift(figures: unknown): boolean {
  return (figures as { readonly onlyMakesDo: boolean }).onlyMakesDo;
}

/** An empty category says nothing new where what it must do is told as missing. */
function byMissing(found: readonly Finding[]): readonly Finding[] {
  const missing = new Set(
    found
      .filter(({ rule }) => rule === 'cover/missing')
      .map(({ figures }) => (figures as { readonly anyOf: readonly JobId[] }).anyOf.join()),
  );
  return found.filter(
    ({ rule, figures }) =>
      rule !== 'cover/category' ||
      !(figures as { readonly musts: readonly (readonly JobId[])[] }).musts.every((anyOf) =>
        missing.has(anyOf.join()),
      ),
  );
}

/** What one holder takes is said of the holder. */
function byHolder(found: readonly Finding[], kit: WorkedOutKit): readonly Finding[] {
  const holders = new Map(
    found.filter(({ rule }) => rule === holderId).map((each) => [each.of, each]),
  );
  const parts = new Map<Finding, Finding[]>();
  const left = found.filter((finding) => {
    const over = holdersOf(finding, kit)
      .map((id) => holders.get(id))
      .find((each) => each);
    if (over === undefined) return true;
    parts.set(over, [...(parts.get(over) ?? []), finding]);
    return false;
  });
  return left.map((finding) => withParts(finding, parts.get(finding) ?? []));
}

/** The holders whose loss a finding is about. */
function holdersOf({ rule, figures, about }: Finding, { tree }: WorkedOutKit): readonly string[] {
  if (rule === 'stow/backup-together') {
    const placement = tree.byId.get(about[0]!);
    return placement ? holdersAround(tree, placement).map(({ id }) => id) : [];
  }
  if (rule === 'cover/all-in-one')
    return [(figures as { readonly holder?: string } | null)?.holder ?? ''];
  if (rule === 'cover/depth') {
    const { onlyMakesDo, singles } = figures as {
      readonly onlyMakesDo: boolean;
      readonly singles: readonly string[];
    };
    return onlyMakesDo ? [] : singles;
  }
  return [];
}

/** What has one cause is told at once, where the first of it would be. */
function byCause(found: readonly Finding[], kit: WorkedOutKit): readonly Finding[] {
  let left = found;
  for (const each of causes) {
    const gathered = new Map<string, Finding[]>();
    for (const finding of left) {
      const key = each.keyOf(finding);
      if (key !== null) gathered.set(key, [...(gathered.get(key) ?? []), finding]);
    }
    for (const [of, parts] of gathered) {
      const many = new Set(parts.map((part) => `${part.rule} ${piecesOf(part, kit)}`)).size;
      if (many < each.from || parts.every(({ rule }) => each.alone.includes(rule))) continue;
      const [first] = parts;
      left = left.flatMap((finding) =>
        finding === first
          ? [together(each, of, parts) as Finding]
          : parts.includes(finding)
            ? []
            : [finding],
      );
    }
  }
  return left;
}

/** A finding without some of its parts: null where nothing of it is left, the part itself where one alone is no group. */
export function withPartsLeft(finding: Finding, left: readonly Finding[]): Finding | null {
  if (finding.parts === undefined || left.length === finding.parts.length) return finding;
  const gathers = causes.find(({ rule }) => rule.id === finding.rule);
  if (!gathers) return { ...finding, parts: left };
  const [first] = left;
  if (first === undefined) return null;
  return left.length < gathers.from ? first : (together(gathers, finding.of, left) as Finding);
}

function withParts(finding: Finding, parts: readonly Finding[]): Finding {
  return parts.length === 0 ? finding : { ...finding, parts: [...(finding.parts ?? []), ...parts] };
}
