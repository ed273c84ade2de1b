import type { JobId } from '../gear';
import type { Formula } from './formula';
import { nothingLost, type Lost } from './lost';

/**
 * The round in which each source began to count, from 1; 0 for those that never do. It is the least set that is closed:
 * sources whose needs are met join, round after round, until none is left to join, so that two that only rely on each
 * other never count.
 */
export type Rounds = Uint16Array;

/**
 * Which sources count when something is lost.
 *
 * @param until ends with the round in which one of these begins to count: later ones stay 0. None where left out.
 */
export function roundsOf(
  formula: Formula,
  lost: Lost = nothingLost,
  until: readonly number[] = [],
): Rounds {
  const { sources, gates, opens, index } = formula;
  const rounds: Rounds = new Uint16Array(sources.length);
  const there = itemsLeft(formula, lost);
  const open = new Float64Array(gates.length);
  const isDark = lost.conditions.has('dark');
  const isOpen = (at: number) => open[at]! >= gates[at]!.items;
  let waiting = [...sources.keys()].filter((at) => there[at]! > 0);
  for (let round = 1; waiting.length > 0; round += 1) {
    const joining: number[] = [];
    const staying: number[] = [];
    for (const at of waiting) {
      const isMet =
        sources[at]!.needs.every((need) => need.gates?.some(isOpen) ?? true) &&
        (!isDark || !index.needsLight[at]! || isOpen(index.light));
      (isMet ? joining : staying).push(at);
    }
    if (joining.length === 0) break;
    for (const at of joining) {
      rounds[at] = round;
      for (const opened of opens[at]!) open[opened]! += there[at]!;
    }
    if (until.some((at) => rounds[at] === round)) break;
    waiting = staying;
  }
  return rounds;
}

/** How many items of each source are left when something is lost; 0 for what does nothing anyway. */
export function itemsLeft({ index }: Formula, lost: Lost): Int32Array {
  const items = index.items.slice();
  for (const [placement, many] of lost.pieces) {
    for (const at of index.byPlacement.get(placement) ?? [])
      items[at] = Math.max(0, items[at]! - many);
  }
  const gone = [
    ...[...lost.holders].map((holder) => index.byHolder.get(holder)),
    ...[...lost.conditions].map((condition) => index.byCondition.get(condition)),
  ];
  for (const sources of gone) for (const at of sources ?? []) items[at] = 0;
  return items;
}

/**
 * The sources of any of these jobs and all that they may rely on, at any remove.
 *
 * @param inTheDark what gives light is relied on too by what needs eyes.
 */
export function reliedOn(
  { sources, gates, byJob, index }: Formula,
  anyOf: readonly JobId[],
  inTheDark = false,
): readonly number[] {
  const found = new Set(anyOf.flatMap((job) => byJob.get(job) ?? []));
  // A set grows while it is walked, and what was added is walked too.
  for (const at of found) {
    for (const need of sources[at]!.needs) {
      for (const gate of need.gates ?? [])
        for (const member of gates[gate]!.sources) found.add(member);
    }
    if (inTheDark && index.needsLight[at]!)
      for (const member of gates[index.light]!.sources) found.add(member);
  }
  return [...found].sort((one, other) => one - other);
}
