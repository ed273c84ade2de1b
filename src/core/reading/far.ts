import { celsiusOf } from './comfort';
import { capacityOf, lengthOf, type Kind } from '../catalogue';
import { isForCells, serves } from '../gear';
import type { Amount } from '../quantity/amounts-in';
import { cellSortIn } from './cells';

/**
 * How far the figures of a line are from a kind’s own, as the logarithm of their ratio; null where the line has none that the
 * kind has too. A pack of 60 L is rather the trekking pack than the day pack.
 */
export function howFar(amounts: readonly Amount[]): (kind: Kind) => number | null {
  return (kind) => {
    const ratios = amounts.flatMap((amount) =>
      ownFigures(kind, amount).flatMap(([said, own]) =>
        said <= 0 || own <= 0 ? [] : [Math.abs(Math.log(said / own))],
      ),
    );
    return ratios.length === 0 ? null : Math.min(...ratios);
  };
}

/** What the line says and what the kind has, of one quantity: the mass of its contents, and of a full one. */
function ownFigures(kind: Kind, amount: Amount): readonly (readonly [number, number])[] {
  const own = ownFigure(kind, amount);
  const isFull = amount.what === 'mass' && kind.contents?.unit === 'g' && kind.massG !== null;
  return [...(own === null ? [] : [own]), ...(isFull ? [[amount.massG, kind.massG] as const] : [])];
}

/** What the line says and what the kind has, of one quantity; null where it has none. */
function ownFigure(kind: Kind, amount: Amount): readonly [number, number] | null {
  const { contents } = kind;
  switch (amount.what) {
    case 'volume': {
      const own = contents?.unit === 'mL' ? contents.full : capacityOf(kind);
      return own > 0 ? [amount.volumeMl, own] : null;
    }
    case 'mass':
      return [amount.massG, contents?.unit === 'g' ? contents.full : kind.massG];
    case 'hours':
      return contents?.unit === 'h' ? [amount.hours, contents.full] : null;
    case 'length': {
      const own = lengthOf(kind);
      return own === null || amount.isThin ? null : [amount.lengthMm / 1000, own];
    }
    case 'charge':
      return contents?.unit === 'Wh' ? [amount.mAh * 3.7e-3, contents.full] : null;
    case 'energy':
      return contents?.unit === 'Wh' ? [amount.energyWh, contents.full] : null;
    case 'temperature': {
      const own = kind.supplies.find(({ job }) => job === 'sleep')?.amount;
      // Kelvin, so that a ratio is one.
      return typeof own === 'number' ? [celsiusOf(amount) + 273, own + 273] : null;
    }
    case 'cells': {
      const asked = kind.supplies.flatMap(({ demands }) => demands.filter(isForCells));
      if (asked.length === 0) return null;
      const sort = cellSortIn([amount]);
      return asked.some(({ sorts }) => sort !== null && serves(sort, sorts)) ? [1, 1] : [1, 2];
    }
    default:
      return null;
  }
}
