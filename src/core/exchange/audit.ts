import { pastAmong, sharesIn } from '../upkeep';
import { fileSays } from '../refusals/files';
import { done, refused, type Outcome } from '../quantity';
import {
  dividedBy,
  findingInWords,
  findingsOf,
  fixInWords,
  isCause,
  ruleOf,
  toDoAbout,
  type Finding,
} from '../judge';
import { notLaidOut, type LaidOut } from '../fit';
import { workedOut, type WorkedOutKit } from '../kit';
import { underOwnBrief } from '../kit/under-own-brief';
import { momentsOf } from '../needs/moments';
import { gearOf, holdersAround, isOnGround, type Bench, type Loadout } from '../loadout';
import { fixesOf } from '../judge/mending';
import { withClimate } from '../brief';
import { auditUnderBrief } from './audit-brief';
import { auditOfProving } from './audit-prove';
import type { Scheme } from '../scheme';

/** A finding as the audit tells it, with those that it says too. */
interface FindingTold {
  readonly rule: string;
  readonly severity: Finding['severity'];
  readonly message: string;
  readonly because: string;
  readonly toDo: ReturnType<typeof toDoAbout>;
  readonly fixes: readonly string[] | null;
  readonly placements: readonly string[];
  readonly figures: unknown;
  readonly parts?: readonly FindingTold[];
}

function findingTold(
  finding: Finding,
  kit: WorkedOutKit,
  fixesFor: (finding: Finding) => readonly string[] | null,
): FindingTold {
  const { rule, severity, about, figures, parts } = finding;
  return {
    rule,
    severity,
    message: findingInWords(finding, kit, 'metric'),
    because: ruleOf(rule).because,
    toDo: toDoAbout(finding),
    fixes: fixesFor(finding),
    placements: about,
    // Those of a finding of several are told with each of them.
    figures: parts && isCause(rule) ? null : figures,
    ...(parts && { parts: parts.map((part) => findingTold(part, kit, fixesFor)) }),
  };
}

/** The kit of a bench that is named by id or name, or its only one. */
export function kitNamed(bench: Bench, named: string | undefined): Outcome<Loadout> {
  const kits = [...bench.loadouts.values()];
  const names = kits.map(({ name }) => name).join(', ');
  if (kits.length === 0) return refused(fileSays.noKits(), 'loadouts');
  if (named === undefined && kits.length === 1) return done(kits[0]!);
  const kit = kits.find(
    ({ id, name }) => id === named || name.toLowerCase() === named?.toLowerCase(),
  );
  return kit ? done(kit) : refused(fileSays.noKitNamed(named ?? '', names), 'loadouts');
}

/**
 * What a kit weighs, takes and covers, as one plain document. Masses in g, volumes in mL, prices in minor
 * units of `currency`, `today` as YYYY-MM-DD. What `laidOut` does not know is told by bulk.
 */
export function auditOf(
  given: Bench,
  kept: Loadout,
  scheme: Scheme,
  today: string,
  laidOut: LaidOut = notLaidOut,
) {
  // Needs and findings are judged by one climate, also where the file has none heard.
  const own = kept.brief === null ? kept : { ...kept, brief: withClimate(kept.brief, today) };
  const bench = { ...given, loadouts: new Map(given.loadouts).set(own.id, own) };
  const { shelf } = bench;
  const kit = workedOut(bench, own, today, laidOut);
  const { whole: loadout, tree, totals } = kit;
  const cover = kit.cover(scheme);
  const { brief, rules, needs, lasts } = auditUnderBrief(kit);
  const under = underOwnBrief(kit, 'metric');
  const moments = under && momentsOf(under.kit);
  const { open, letBe } = dividedBy(own, findingsOf(kit, scheme));
  const fixesFor = fixesTried(kit, scheme);
  const shares = sharesIn(loadout, shelf, today, kit.elsewhere);
  const placed = loadout.placements.map((placement) => ({
    placement,
    gear: gearOf(shelf, placement),
  }));
  return {
    kit: { id: loadout.id, name: loadout.name, purpose: loadout.purpose },
    along: own.modules.map(({ id, kit }) => ({
      module: id,
      kit,
      name: bench.loadouts.get(kit)!.name,
    })),
    today,
    currency: bench.currency,
    totals: totals.whole,
    brief,
    limits: {
      mostMassG: loadout.mostMassG,
      massKept: loadout.mostMassG === null ? null : totals.whole.massG <= loadout.mostMassG,
      mostPriceMinor: loadout.mostPriceMinor,
      priceKept:
        loadout.mostPriceMinor === null ? null : totals.whole.priceMinor <= loadout.mostPriceMinor,
      rules,
    },
    needs,
    lasts,
    moments: moments ?? [],
    ...auditOfProving(kit),
    branches: placed.map(({ placement, gear }) => ({
      placement: placement.id,
      gear: gear.name,
      count: placement.count,
      ...(placement.isAssumed && { assumed: true }),
      in: [
        ...holdersAround(tree, placement)
          .map((holder) => gearOf(shelf, holder).name)
          .reverse(),
        ...(isOnGround(placement.place) ? [placement.place.on] : [placement.place.cavity]),
      ],
      ...totals.branches.get(placement.id)!,
    })),
    cover: {
      scheme: scheme.id,
      covered: cover.covered,
      outOf: cover.outOf,
      categories: cover.categories.map(({ category, standing, placements, musts, jobs }) => ({
        category: category.name,
        standing,
        placements,
        musts,
        jobs: jobs.map((job) => ({
          job: job.job,
          ways: job.ways.map((way) => way.placement.id),
          toBeEmptied: job.ways.filter((way) => way.isToBeEmptied).map((way) => way.placement.id),
          independent: kit.ways.depth([job.job]),
          amount: job.amount,
        })),
      })),
    },
    fit: {
      by: laidOut === notLaidOut ? 'bulk, longest side and mouth' : 'laying it out',
      cavities: kit.loads.map(({ placement, cavity, answer }) => ({
        placement,
        cavity,
        ...answer,
      })),
    },
    findings: open.map((finding) => findingTold(finding, kit, fixesFor)),
    letBe: letBe.map((finding) => ({
      rule: finding.rule,
      message: findingInWords(finding, kit, 'metric'),
      note: finding.as.note,
      since: finding.as.on,
    })),
    due: placed
      .map(({ placement, gear }) => ({
        placement: placement.id,
        gear: gear.name,
        goodUntil: pastAmong(gear, shares.get(placement.id) ?? [], today, loadout).goodUntil,
      }))
      .filter(({ goodUntil }) => goodUntil !== null),
  };
}

/** How much is tried to mend findings, in pieces of the kit times changes tried: some seconds at most. */
const mostTrying = 60_000;

/**
 * What is offered against findings, in words: each was tried, and the rule no longer speaks of it. In a large kit not everything
 * can be tried at once: null for what was not.
 */
function fixesTried(
  kit: WorkedOutKit,
  scheme: Scheme,
): (finding: Finding) => readonly string[] | null {
  let made = 0;
  const newId = () => `tried-${(made += 1)}`;
  let left = mostTrying / Math.max(1, kit.whole.placements.length);
  return (finding) => {
    if (left <= 0) return null;
    const fixes: string[] = [];
    for (const fix of fixesOf(kit, finding, { newId, scheme })) {
      if (fix) fixes.push(fixInWords(fix, 'metric'));
      left -= 1;
      if (left <= 0) break;
    }
    return fixes;
  };
}
