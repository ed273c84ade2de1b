import type { JobId } from '../gear';

/** How hard it is to make do from the land: 0 easy to 3 cannot; and the minutes it takes for one, a metre or a go. */
export interface MakeDo {
  readonly hardness: 0 | 1 | 2 | 3;
  /** Null where it cannot be made, or takes no time worth telling. */
  readonly minutes: number | null;
}

function hard(hardness: MakeDo['hardness'], minutes: number | null): MakeDo {
  return { hardness, minutes };
}

/**
 * In ordinary wooded country (own planning values). What is not here cannot be made: a blade, a vessel, a lamp, medicine. Fire by
 * rubbing sticks counts as what cannot be relied on.
 */
export const makeDoAnywhere: Readonly<Partial<Record<JobId, MakeDo>>> = {
  saw: hard(2, 30),
  chop: hard(2, 30),
  dig: hard(1, 20),
  grip: hard(2, 15),
  tinder: hard(1, 20),
  stove: hard(0, 10),
  fuel: hard(0, 45),
  strain: hard(1, 20),
  eat: hard(1, 40),
  roof: hard(0, 120),
  insulate: hard(2, 40),
  sleep: hard(2, 180),
  ground: hard(0, 60),
  raise: hard(1, 120),
  reflect: hard(1, 45),
  stake: hard(0, 5),
  cord: hard(1, 20),
  fasten: hard(1, 10),
  candle: hard(2, 40),
  bearing: hard(1, 15),
  pace: hard(0, 0),
  'signal-day': hard(1, 30),
  'signal-night': hard(1, 30),
  mark: hard(0, 10),
  food: hard(2, 240),
  catch: hard(2, 60),
  'sun-guard': hard(1, 15),
  'insect-guard': hard(2, 20),
  toilet: hard(0, 5),
  wash: hard(0, 5),
  write: hard(1, 10),
};
