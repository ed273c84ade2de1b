import type { CellType } from './sorts';
import { isForCells, type Supply } from './supply';

/**
 * What one fresh cell gives at 20 °C, in Wh: typical values of the makers’ sheets, at the small loads that lamps ask.
 * Those of AAA and AA lithium and NiMH, C, 9 V, LR44, CR2, 14500 and 21700 are this project’s planning values.
 */
export const cellWh: Readonly<Record<CellType, number>> = {
  'AAA alkaline': 1.3,
  'AAA lithium': 1.8,
  'AAA NiMH': 1,
  'AA alkaline': 3,
  'AA lithium': 4.5,
  'AA NiMH': 2.4,
  'C alkaline': 9,
  'D alkaline': 18,
  '9 V alkaline': 4.5,
  CR2032: 0.6,
  LR44: 0.16,
  CR2: 2.5,
  CR123A: 4.2,
  '14500': 2.9,
  '18650': 12,
  '21700': 18,
};

/** The energy that a supply runs on, in Wh: of its own battery, or of the cells that it asks for; null where neither is known. */
export function energyBehind({ facts, demands }: Supply): number | null {
  if (facts?.of === 'light' && facts.ownWh !== null) return facts.ownWh;
  const cells = demands.filter(isForCells);
  if (cells.length === 0) return null;
  return cells.reduce((sum, { sorts, items }) => {
    const each = (sorts ?? []).flatMap((sort) =>
      sort in cellWh ? [cellWh[sort as CellType]] : [],
    );
    return sum + items * (each.length === 0 ? 0 : Math.min(...each));
  }, 0);
}

/**
 * The light of a lamp in lumen-hours: its light for its power times the energy it runs on, to two figures. The same lamp gives
 * less on smaller cells. Null where either is not known.
 *
 * @example 3 AAA alkaline at 90 lm/W: 3 × 1.3 Wh × 90 = 350 lumen-hours
 */
export function lightOf(supply: Supply): number | null {
  if (supply.facts?.of !== 'light' || supply.facts.lumensPerWatt === null) return null;
  const energyWh = energyBehind(supply);
  return energyWh === null ? null : twoFigures(energyWh * supply.facts.lumensPerWatt);
}

function twoFigures(value: number): number {
  return Number(value.toPrecision(2));
}
