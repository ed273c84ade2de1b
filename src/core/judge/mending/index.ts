import { notLaidOut, type LaidOut } from '../../fit';
import { workedOut, type WorkedOutKit } from '../../kit';
import { apply } from '../../loadout';
import type { Scheme } from '../../scheme';
import { backgroundOf } from '../background';
import { findingBy, ruleOf } from '../findings';
import type { Finding, Fix } from '../finding';
import { menders } from './menders';

export interface FixSearch {
  readonly newId: () => string;
  readonly scheme?: Scheme | undefined;
  /** What is known of how cavities were laid out. */
  readonly laidOut?: LaidOut;
}

/** How many fixes are offered at most. */
const mostFixes = 4;

/** Whether anything is known that may mend the findings of a rule. */
export function isMendable(rule: string): boolean {
  return menders.some((each) => each.rule === rule);
}

/**
 * The changes that mend a finding, each by itself: every one was tried on the bench, and the rule no longer speaks of what it
 * spoke of. Told one after the other, null for one that did not help, so that whoever asks can stop in between.
 */
export function* fixesOf(
  kit: WorkedOutKit,
  finding: Finding,
  { newId, scheme, laidOut = notLaidOut }: FixSearch,
): Generator<Fix | null, void> {
  const rule = ruleOf(finding.rule);
  const background = backgroundOf(kit, scheme);
  const mender = menders.find((each) => each.rule === finding.rule);
  let offered = 0;
  const said = new Set<string>();
  for (const fix of mender?.fixes({ kit, background, finding, newId }) ?? []) {
    if (said.has(fix.says)) continue;
    said.add(fix.says);
    const done = apply(kit.bench, fix.command);
    const own = done.ok ? done.value.loadouts.get(kit.own.id) : undefined;
    if (!done.ok || !own) {
      yield null;
      continue;
    }
    const after = workedOut(done.value, own, kit.day, laidOut, kit.holding);
    const isMended = rule
      .find(after, backgroundOf(after, scheme))
      .every((found) => findingBy(rule, found).of !== finding.of);
    yield isMended ? fix : null;
    if (isMended) offered += 1;
    if (offered >= mostFixes) return;
  }
}
