import { cellTypes, cellWh, type CellType } from '../gear';
import { airC, answer, modelOf, oneOf } from './model';

type Chemistry = 'alkaline' | 'NiMH' | 'Li-ion' | 'lithium';

/** What is left of a cell at 0 °C and at −20 °C, as a share. */
const inCold: Readonly<Record<Chemistry, readonly [atZero: number, atMinus20: number]>> = {
  alkaline: [0.65, 0.2],
  NiMH: [0.85, 0.5],
  'Li-ion': [0.9, 0.6],
  lithium: [0.95, 0.8],
};

function chemistryOf(cell: CellType): Chemistry {
  if (cell.endsWith('NiMH')) return 'NiMH';
  if (cell.endsWith('alkaline') || cell === 'LR44') return 'alkaline';
  if (cell.endsWith('lithium') || cell.startsWith('CR')) return 'lithium';
  return 'Li-ion';
}

/** What is left of a cell’s energy in the cold, as a share: straight between 20, 0 and −20 °C, flat beyond. */
export function coldFactor(cell: CellType, tempC: number): number {
  return coldFactorOf(chemistryOf(cell), tempC);
}

/** The same for a device’s own battery, which is taken for Li-ion. */
export function ownBatteryColdFactor(tempC: number): number {
  return coldFactorOf('Li-ion', tempC);
}

function coldFactorOf(chemistry: Chemistry, tempC: number): number {
  const [atZero, atMinus20] = inCold[chemistry];
  if (tempC >= 20) return 1;
  if (tempC >= 0) return atZero + ((1 - atZero) * tempC) / 20;
  return atMinus20 + ((atZero - atMinus20) * Math.max(0, tempC + 20)) / 20;
}

/** What a fresh cell gives at a temperature, in Wh. */
export function cellEnergyWh(cell: CellType, tempC: number): number {
  return cellWh[cell] * coldFactor(cell, tempC);
}

export const cellEnergy = modelOf({
  name: 'cell-energy',
  unit: 'Wh',
  formula:
    'Wh at 20 °C × cold factor: 1 from 20 °C up; at 0 and −20 °C alkaline 0.65 and 0.2, NiMH 0.85 and 0.5, Li-ion 0.9 and 0.6, lithium primary 0.95 and 0.8; straight between, flat below',
  source: 'typical figures of makers’ sheets at small loads',
  inputs: { cell: oneOf(...cellTypes), tempC: airC },
  work: ({ cell, tempC }) => answer(cellEnergyWh(cell, tempC)),
});
