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
 * @param among sources to look at, which must hold all that they rely on; all of them where left out.
 * @param until ends with the round in which one of these begins to count: later ones stay 0. None where left out.
 */
export function roundsOf(
  formula: Formula,
  lost: Lost = nothingLost,
  among: readonly number[] = everySource(formula),
  until: readonly number[] = [],
): Rounds {
  const { sources, gates, opens } = formula;
  const rounds: Rounds = new Uint16Array(sources.length);
  const items = new Float64Array(gates.length);
  const isOpen = (at: number) => items[at]! >= gates[at]!.items;
  let waiting = among.filter((at) => isAlive(formula, lost, at));
  for (let round = 1; waiting.length > 0; round += 1) {
    const joining: number[] = [];
    const staying: number[] = [];
    for (const at of waiting) {
      const isMet = sources[at]!.needs.every((need) => need.gates?.some(isOpen) ?? true);
      (isMet ? joining : staying).push(at);
    }
    if (joining.length === 0) break;
    for (const at of joining) {
      rounds[at] = round;
      for (const opened of opens[at]!) items[opened]! += itemsAlive(formula, lost, at);
    }
    if (until.some((at) => rounds[at] === round)) break;
    waiting = staying;
  }
  return rounds;
}

/** How many items of a source's placement are left. */
export function itemsAlive({ sources, goesWith }: Formula, lost: Lost, at: number): number {
  const {
    items,
    placement: { id },
  } = sources[at]!;
  if (lost.holders.size > 0) {
    if (lost.holders.has(id) || goesWith.get(id)!.some((holder) => lost.holders.has(holder)))
      return 0;
  }
  return Math.max(0, items - (lost.pieces.get(id) ?? 0));
}

function isAlive(formula: Formula, lost: Lost, at: number): boolean {
  return formula.sources[at]!.absence === null && itemsAlive(formula, lost, at) > 0;
}

/** The sources of any of these jobs and all that they may rely on, at any remove. */
export function reliedOn(
  { sources, gates, byJob }: Formula,
  anyOf: readonly JobId[],
): readonly number[] {
  const found = new Set(anyOf.flatMap((job) => byJob.get(job) ?? []));
  // A set grows while it is walked, and what was added is walked too.
  for (const at of found) {
    for (const need of sources[at]!.needs) {
      for (const gate of need.gates ?? [])
        for (const member of gates[gate]!.sources) found.add(member);
    }
  }
  return [...found].sort((one, other) => one - other);
}

function everySource({ sources }: Formula): readonly number[] {
  return sources.map((_, at) => at);
}
