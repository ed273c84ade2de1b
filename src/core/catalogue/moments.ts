import type { JobId } from '../gear';

/**
 * How much of a job a moment asks: a piece for each person, so many for all, a dry place to lie for each, or one thing that
 * by itself keeps somebody warm who lies still.
 */
export type AskedAtOnce = 'one each' | 'places for all' | 'warm for one' | number;

/** Several jobs that are asked of the kit at one and the same time. */
export interface Moment {
  readonly id: string;
  readonly name: string;
  /** What is asked, what hurts most to lack first. */
  readonly asks: readonly { readonly job: JobId; readonly howMuch: AskedAtOnce }[];
  /** When it may come: with rain, with a night out, with heat, where something is cooked, or always. */
  readonly comes: 'in rain' | 'on a night in rain' | 'in heat' | 'where cooked' | 'always';
}

/** Moments that kits are held against (own planning values). */
export const moments: readonly Moment[] = [
  {
    id: 'rain-on-the-move',
    name: 'Rain on the move',
    comes: 'in rain',
    asks: [
      { job: 'shell', howMuch: 'one each' },
      { job: 'carry-water', howMuch: 1 },
    ],
  },
  {
    id: 'night-in-rain',
    name: 'A night in rain',
    comes: 'on a night in rain',
    asks: [
      { job: 'roof', howMuch: 'places for all' },
      { job: 'shell', howMuch: 'one each' },
      { job: 'ground', howMuch: 'one each' },
    ],
  },
  {
    id: 'heat-halt',
    name: 'A halt in the heat',
    comes: 'in heat',
    asks: [
      { job: 'roof', howMuch: 1 },
      { job: 'carry-water', howMuch: 1 },
      { job: 'sun-guard', howMuch: 'one each' },
    ],
  },
  {
    id: 'hurt-and-waiting',
    name: 'Hurt and waiting',
    comes: 'always',
    asks: [
      { job: 'first-aid', howMuch: 1 },
      { job: 'insulate', howMuch: 'warm for one' },
      { job: 'ground', howMuch: 1 },
      { job: 'roof', howMuch: 1 },
      { job: 'signal-day', howMuch: 1 },
      { job: 'cloth', howMuch: 1 },
    ],
  },
  {
    id: 'cooking',
    name: 'Cooking',
    comes: 'where cooked',
    asks: [
      { job: 'boil', howMuch: 1 },
      { job: 'carry-water', howMuch: 1 },
      { job: 'eat', howMuch: 'one each' },
    ],
  },
];

/** Kinds that do a job, and not as a moment asks it. */
export const notAtOnce: Partial<Readonly<Record<JobId, readonly string[]>>> = {
  // Nobody’s coat: they keep a head, legs or feet dry, are lain in, or soak through.
  shell: [
    ...['rain-hat', 'rain-trousers', 'gaiters', 'boots', 'trainers', 'camp-shoes'],
    ...['bivvy', 'film-bivvy', 'wool-blanket', 'wind-jacket'],
  ],
  // Nobody’s spoon: they open what is eaten.
  eat: ['tin-opener', 'wheel-tin-opener', 'multi-tool', 'mid-multi-tool'],
};
