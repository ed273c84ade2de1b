import { answer, modelOf, unlessSaid } from './model';

const ridgeM = 7;
const guyM = 2;
const hammockM = 6;
const hangM = 15;

/** What is asked: roofs pitched, hammocks hung, bags hung out of reach. */
export interface CordAsked {
  readonly roofs: number;
  readonly guysEach: number;
  readonly hammocks: number;
  readonly hangs: number;
}

/** How much cord a camp asks, in m. */
export function cordNeededM({ roofs, guysEach, hammocks, hangs }: CordAsked): number {
  return roofs * (ridgeM + guysEach * guyM) + hammocks * hammockM + hangs * hangM;
}

function count(unit: string) {
  return { of: 'number', unit, range: { least: 0, most: 1000, isWhole: true } } as const;
}

export const cordNeeded = modelOf({
  name: 'cord-needed',
  unit: 'm',
  formula: 'roofs × (7 + guys × 2) + hammocks × 6 + hangs × 15',
  source: 'planning value of this project',
  inputs: {
    roofs: count('roofs'),
    guysEach: unlessSaid(count('guys'), 4),
    hammocks: count('hammocks'),
    hangs: count('hangs'),
  },
  work: (asked) => answer(cordNeededM(asked)),
});
