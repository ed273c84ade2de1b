import { cellTypes, isForCells, type CellType, type Sort } from '../gear';
import { coldFactor, lightNeededH, ownBatteryColdFactor } from '../models';
import { amountOf } from '../ways';
import { placeAndWhen } from './asks';
import { answered, daysOf, notAsked, notKnown, standingOf, type Answer } from './need';
import { agree, listed } from '../quantity';
import { idsOf, total, work, type NeedsKit } from './needs-kit';

/** Light for the tasks of an evening, in lm for each (own); a candle’s own. */
const taskLm = 25;
const candleLm = 12;
const hoursAsleep = 8;

/** Hours of dark awake, at the light that the tasks ask, against what lamps, cells and candles give in that cold. */
export function light(kit: NeedsKit): Answer {
  const { conditions, nights, people, print } = kit;
  const { dark, lowC } = conditions;
  if (dark === null || nights === null) return notKnown('lumen-hours', ...placeAndWhen(kit.brief));
  if (dark.longestH < 0.5) {
    return notAsked('lumen-hours', 'It does not get dark: a lamp can stay at home.');
  }
  const evenings = Math.max(1, nights);
  const hours = lightNeededH(dark.longestH, hoursAsleep);
  const perNight = hours * taskLm * people.length;
  const lamps = kit.given('light');
  const tempC = lowC?.value ?? 20;
  const cold = coldShare(kit, tempC);
  const candles = kit.given('candle');
  const lamplight = (amountOf(kit.ways, 'light') ?? 0) * cold;
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
      `${taskLm} lm for each of ${people.length}, ${evenings} nights.`,
      `Lamps ${print.number(lamplight)} lumen-hours at ${print.celsius(tempC)} (${print.number(cold * 100)} %), candles ${print.number(candlelight)}.`,
    ],
  });
}

/** What the cold leaves of the lamps’ light: that of the worst cell in use. */
function coldShare(kit: NeedsKit, tempC: number): number {
  const cells = cellsIn(kit);
  return cells.length === 0
    ? ownBatteryColdFactor(tempC)
    : Math.min(...cells.map((cell) => coldFactor(cell, tempC)));
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
