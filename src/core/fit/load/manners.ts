import type { Axis, Load } from './cargo';
import { leastVolumeMm3 } from './forms';
import { largestFirst, type Manner } from './placer';

const stances = ['lowest end', 'flattest', 'tallest'] as const;

/** What the passes so far have come to. */
export interface Passed {
  /** Pieces that the best answer leaves out. */
  readonly missing: ReadonlySet<number>;
  /** How the best one was gone about; null where it came otherwise. */
  readonly manner: Manner | null;
}

/**
 * Ways to go about a pass, without end: first the plain ones; then by turns the best one with a few pieces
 * exchanged, and shuffled ones in which the pieces that the best answer leaves out come earlier.
 */
export function* mannersFor(
  load: Load,
  random: () => number,
  passed: () => Passed,
): Generator<Manner, void> {
  const isRound = load.container.shape === 'cylinder';
  const ups: readonly Axis[] =
    isRound || load.container.mouth.shape !== 'section' ? ['z'] : ['z', 'x', 'y'];
  const towards = isRound ? (['wall', 'y', 'x'] as const) : (['y', 'x', 'corner'] as const);
  for (const by of ['volume', 'face', 'longest side'] as const) {
    const order = largestFirst(load, by);
    for (const up of ups) {
      for (const stance of stances) yield { up, order, stance, towards: towards[0] };
    }
  }
  const pick = <T>(options: readonly T[]): T => options[Math.floor(random() * options.length)]!;
  const sizes = load.items.map(({ form }) => leastVolumeMm3(form));
  const pieces = largestFirst(load, 'volume');
  const promoted = load.items.map(() => 1);
  for (let turn = 0; ; turn += 1) {
    const { missing, manner } = passed();
    if (manner && turn % 4 !== 0) {
      const other =
        random() < 0.7 ? manner : { ...manner, stance: pick(stances), towards: pick(towards) };
      yield { ...other, order: exchanged(manner.order, random) };
      continue;
    }
    for (const item of missing) promoted[item] = Math.min(64, promoted[item]! * 1.3);
    const spread = pick([0.3, 1, 2]);
    const keys = sizes.map(
      (size, item) => Math.log(size * promoted[item]!) + spread * (random() - 0.5),
    );
    const order = [...pieces].sort((one, other) => keys[other]! - keys[one]!);
    yield { up: pick(ups), order, stance: pick(stances), towards: pick(towards) };
  }
}

/** An order with one to three pieces moved to where others stood. */
function exchanged(order: readonly number[], random: () => number): readonly number[] {
  const changed = [...order];
  const at = () => Math.floor(random() * changed.length);
  for (let moves = 1 + Math.floor(random() * 3); moves > 0; moves -= 1) {
    const [item] = changed.splice(at(), 1);
    changed.splice(at(), 0, item!);
  }
  return changed;
}
