import { byName } from '../quantity';

/** Hot water that one portion takes, and how many portions one full piece of the kind makes (own planning values). */
export const boilsPerPortion = byName<{ readonly mL: number; readonly portions: number }>({
  'trail-meal': { mL: 400, portions: 1 },
  rice: { mL: 300, portions: 5 },
  oats: { mL: 250, portions: 6 },
  noodles: { mL: 450, portions: 1 },
  pasta: { mL: 500, portions: 4 },
  lentils: { mL: 300, portions: 5 },
  flour: { mL: 300, portions: 5 },
  potatoes: { mL: 300, portions: 3 },
  'instant-soup': { mL: 250, portions: 1 },
  'infant-milk': { mL: 150, portions: 13 },
  tea: { mL: 250, portions: 12 },
});

/** Kinds that are a meal by themselves or with hot water; what else is eaten is counted in kcal alone. */
export const meals: ReadonlySet<string> = new Set([
  'trail-meal',
  'wet-meal',
  'tinned-food',
  'tinned-soup',
  'noodles',
]);
