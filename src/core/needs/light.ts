import { cellTypes, isForCells, type CellType, type Sort } from '../gear';
import { groundUnder, treeOf } from '../loadout';
import { coldFactor, lightNeededH, ownBatteryColdFactor } from '../models';
import { partsOf, type OfSum } from '../ways';
import { placeAndWhen } from './asks';
import { closedSpaceOf } from './closed-space';
import { answered, daysOf, notAsked, notKnown, standingOf, type Answer } from './need';
import { agree, listed } from '../quantity';
import { idsOf, isRelied, total, work, type Given, type NeedsKit } from './needs-kit';

/** Light for the tasks of an evening, in lm for each (own); a candle’s own. */
const taskLm = 25;
const candleLm = 12;
const hoursAsleep = 8;

/** The way home through a town in the dark, in h (own). */
const homewardH = 1;

/** One lamp’s light for the first, and a third of one for each that sits by it (own). */
function lampsFor(people: number): number {
  return 1 + (people - 1) / 3;
}

/** Hours of dark awake, at the light that the tasks ask, against what lamps, cells and candles give in that cold. */
export function light(kit: NeedsKit): Answer {
  const { conditions, nights, people, print } = kit;
  const { dark, lowC } = conditions;
  if (dark === null || nights === null) return notKnown('lumen-hours', ...placeAndWhen(kit.brief));
  if (dark.longestH < 0.5) {
    return notAsked('lumen-hours', 'It does not get dark: a lamp can stay at home.');
  }
  const evenings = Math.max(1, nights);
  const isTown = nights === 0 && kit.brief.country === 'town';
  const hours = isTown ? homewardH : lightNeededH(dark.longestH, hoursAsleep);
  const perNight = hours * taskLm * lampsFor(people.length);
  const lamps = kit.given('light').filter(isRelied);
  const tempC = lowC?.value ?? 20;
  const burning = partsOf(kit.ways, 'light').filter(
    ({ way }) => way.supply.fitness !== 'improvised',
  );
  const lamplight = burning.reduce((sum, each) => sum + each.amount * coldShare(each, tempC), 0);
  const candles = kit.given('candle').filter((candle) => mayBurn(kit, candle));
  const candlelight = total(candles) * candleLm;
  const supply = lamplight + candlelight;
  const demand = perNight * evenings;
  const wrong = lampsWithoutCells(kit);
  return answered({
    standing: standingOf(supply, demand),
    demand,
    supply,
    unit: 'lumen-hours',
    days: daysOf(supply, perNight),
    says: [
      `${print.number(hours, 1)} h of light a night, ${print.number(dark.longestH, 1)} h being dark: ${print.number(demand)} lumen-hours asked, ${print.number(supply)} there.`,
      wrong.length > 0 ? `${listed(wrong)}.` : '',
    ]
      .filter((part) => part !== '')
      .join(' '),
    placements: idsOf([...lamps, ...candles]),
    worked: [
      work('light-needed', { darkHours: dark.longestH, sleepHours: hoursAsleep }),
      ...cellsIn(kit).map((cell) => work('cell-energy', { cell, tempC })),
    ],
    steps: [
      `${taskLm} lm for one, and a third of it for each of the others: ${people.length} in all, ${evenings} nights.`,
      `Lamps ${print.number(lamplight)} lumen-hours at ${print.celsius(tempC)}, each by its own cells; candles ${print.number(candlelight)}.`,
    ],
  });
}

/** What the cold leaves of a lamp’s light: of its own battery, or of the cells that it burns. A crank knows no cold. */
function coldShare({ way, cell }: OfSum, tempC: number): number {
  const { facts } = way.supply;
  if (cell !== null) return coldFactor(cell as CellType, tempC);
  return facts?.of === 'light' && facts.ownWh === null ? 1 : ownBatteryColdFactor(tempC);
}

/** No flame is lit in a closed vehicle, so that none gives light there. */
function mayBurn({ loadout, shelf, brief }: NeedsKit, { placement }: Given): boolean {
  const space = closedSpaceOf(loadout, shelf, brief);
  const isClosed = space === 'vehicle' || space === 'shelter';
  return !isClosed && groundUnder(treeOf(loadout), placement) !== 'vehicle';
}

function cellsIn(kit: NeedsKit): readonly CellType[] {
  const sorts = kit.given('cells').map(({ supply }) => supply.sort);
  return cellTypes.filter((cell) => sorts.includes(cell));
}

/** Lamps that stay dark for want of their cells, in words. */
export function lampsWithoutCells({ ways, shelf }: NeedsKit): readonly string[] {
  return ways.idle.flatMap(({ placement, supply, absence, unmet }) => {
    const cells = unmet.find(isForCells);
    if (supply.job !== 'light' || absence !== null || cells === undefined) return [];
    const { name } = shelf.get(placement.gear)!;
    return [
      `${name} ${agree([name], 'asks', 'ask')} ${cells.items} ${sortWords(cells.sorts)}, and they are not here`,
    ];
  });
}

function sortWords(sorts: readonly Sort[] | null): string {
  return sorts === null ? 'cells' : sorts.join(' or ');
}
