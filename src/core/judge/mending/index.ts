import { notLaidOut, type LaidOut } from '../../fit';
import { workedOut, type WorkedOutKit } from '../../kit';
import { apply, setsOutG } from '../../loadout';
import type { Scheme } from '../../scheme';
import { once } from '../../steps';
import { hasFallen, needIds, type Need } from '../../needs';
import { backgroundOf, type Background } from '../background';
import { briefRule } from '../brief-rules';
import { foundBy, isCause, ruleOf } from '../findings';
import type { Finding, Fix, Rule } from '../finding';
import { rules } from '../rules';
import { overLimits } from '../stow';
import { menders } from './menders';

export interface FixSearch {
  readonly newId: () => string;
  readonly scheme?: Scheme | undefined;
  /** What is known of how cavities were laid out. */
  readonly laidOut?: LaidOut;
}

/** How many fixes are offered at most. */
const mostFixes = 4;

/** How many fixes that go over the kit’s own limit of mass are offered, where no other helps. */
const mostOverLimit = 2;

/** Whether anything is known that may mend the findings of a rule. */
export function isMendable(rule: string): boolean {
  return menders.some((each) => each.rule === rule);
}

/**
 * The changes that mend a finding, each by itself: every one was tried on the bench, the rule no longer speaks of what it
 * spoke of, and nothing else is the worse for it: no finding that stops the kit is new, no need falls, no rule of the brief
 * breaks. Where nothing helps but what goes over the kit’s own limit of mass, that is offered, and says by how much. Told one after the other, null for one that did not help, so that whoever asks can stop in between.
 */
export function* fixesOf(
  kit: WorkedOutKit,
  finding: Finding,
  search: FixSearch,
): Generator<Fix | null, void> {
  let offered = 0;
  // What mends the whole of it comes before what mends a part.
  for (const each of [finding, ...(finding.parts ?? [])]) {
    if (offered > 0 && !isGathered(finding)) return;
    for (const fix of fixesOfOne(kit, each, search)) {
      yield fix;
      if (fix !== null) offered += 1;
      if (offered >= mostFixes) return;
      // Of a finding that only gathers, each part offers its best.
      if (fix !== null && isGathered(finding)) break;
    }
  }
}

/** Something that mends a finding, by its place in a list; null once no more of it is tried. */
export interface FixTried {
  readonly at: number;
  readonly fix: Fix | null;
}

/** The fixes of several findings, one finding after the other and not more than so many of each; null for one that did not help. */
export function* fixesOfEach(
  kit: WorkedOutKit,
  findings: readonly Finding[],
  most: number,
  search: FixSearch,
): Generator<FixTried | null, void> {
  for (const [at, finding] of findings.entries()) {
    let many = 0;
    for (const fix of fixesOf(kit, finding, search)) {
      yield fix && { at, fix };
      if (fix !== null) many += 1;
      if (many >= most) break;
    }
    yield { at, fix: null };
  }
}

/** It stands for its parts alone. */
function isGathered({ rule }: Finding): boolean {
  return isCause(rule) || !isMendable(rule);
}

function* fixesOfOne(
  kit: WorkedOutKit,
  finding: Finding,
  { newId, scheme, laidOut = notLaidOut }: FixSearch,
): Generator<Fix | null, void> {
  const rule = ruleOf(finding.rule);
  const background = backgroundOf(kit, scheme);
  const mender = menders.find((each) => each.rule === finding.rule);
  const worsened = worsenedFrom(kit, background);
  let offered = 0;
  const overLimit: Fix[] = [];
  const said = new Set<string>();
  for (const fix of mender?.fixes({ kit, background, finding, newId }) ?? []) {
    if (fix === null) {
      yield null;
      continue;
    }
    if (said.has(fix.says)) continue;
    said.add(fix.says);
    const done = apply(kit.bench, fix.command);
    const own = done.ok ? done.value.loadouts.get(kit.own.id) : undefined;
    if (!done.ok || !own) {
      yield null;
      continue;
    }
    const after = workedOut(done.value, own, kit.day, laidOut, kit.holding);
    const backgroundAfter = backgroundOf(after, scheme);
    // A rule that failed does not count as silent.
    const isSilent = foundBy(rule, after, backgroundAfter).every(
      ({ rule: id, of, figures }) =>
        id === rule.id && (of !== finding.of || mender!.isEased?.(finding.figures, figures)),
    );
    const worse = isSilent ? worsened(after, backgroundAfter) : 'more than the limit';
    if (worse === 'the limit') overLimit.push({ ...fix, overLimitG: overLimitG(after) });
    yield worse === 'nothing' ? fix : null;
    if (worse === 'nothing') offered += 1;
    if (offered >= mostFixes) return;
  }
  if (offered > 0) return;
  const byLeast = [...overLimit].sort((one, other) => one.overLimitG! - other.overLimitG!);
  yield* byLeast.slice(0, mostOverLimit);
}

/** By how much a kit is over its own limit of mass, in g. */
function overLimitG(kit: WorkedOutKit): number {
  return setsOutG(kit.whole, kit.totals) - kit.own.mostMassG!;
}

type Worse = 'nothing' | 'the limit' | 'more than the limit';

/** Findings that a fix may not add: those that stop a kit, and broken rules of its brief. */
const neverNew = rules.filter(
  ({ id, severities }) => severities.includes('stop') || id === briefRule.id,
);

/** Tells of a kit after a change whether it is worse off than before; what is asked of it before is worked out once. */
function worsenedFrom(kit: WorkedOutKit, background: Background) {
  const before = once(
    () => new Set(neverNew.flatMap((rule) => [...graveBy(rule, kit, background)])),
  );
  return (after: WorkedOutKit, its: Background): Worse => {
    if (needIds.some((id) => hasNewlyFallen(background.need(id), its.need(id))))
      return 'more than the limit';
    let worse: Worse = 'nothing';
    for (const rule of neverNew) {
      const isNew = graveBy(rule, after, its).some((each) => !before().has(each));
      if (isNew && rule.id !== overLimits.id) return 'more than the limit';
      if (isNew) worse = 'the limit';
    }
    return worse;
  };
}

/** A heavier load is what is paid for what comes along; its own finding stops where it is too much. */
function hasNewlyFallen(before: Need | null, after: Need | null): boolean {
  return before !== null && after !== null && before.need !== 'load' && hasFallen(before, after);
}

/** What a rule finds that stops the kit or breaks a rule of its brief: which, and of what. */
function graveBy(rule: Rule, kit: WorkedOutKit, background: Background): readonly string[] {
  return foundBy(rule, kit, background)
    .filter(({ severity, rule: id }) => severity === 'stop' || id === briefRule.id)
    .map(({ rule: id, of }) => `${id} ${of}`);
}
