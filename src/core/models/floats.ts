import { answer, modelOf, noAnswer, upToMost, yesOrNo } from './model';

/** Whether something floats, and what it would bear beside itself before it sinks, in g; below 0 it is too heavy by so much. */
export interface Floating {
  readonly floats: boolean;
  readonly spareG: number;
}

/** One mL of fresh water bears a gram. */
export function floatingOf(massG: number, outsideMl: number): Floating {
  const spareG = outsideMl - massG;
  return { floats: spareG > 0, spareG };
}

export const floats = modelOf({
  name: 'floats',
  unit: 'g',
  formula: 'spare = outside mL × 1 g/mL − mass',
  source: 'Archimedes; fresh water, closed tight; planning value of this project',
  inputs: { massG: upToMost(1e9, 'g'), outsideMl: upToMost(1e9, 'mL'), waterproof: yesOrNo },
  work: ({ massG, outsideMl, waterproof }) =>
    waterproof === 'yes'
      ? answer(floatingOf(massG, outsideMl))
      : noAnswer('water gets in: what it holds floats or sinks by its own stuff'),
});
