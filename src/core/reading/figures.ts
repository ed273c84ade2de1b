import { lineSays } from '../refusals/lines';
import {
  capacityOf,
  lengthOf,
  withAmountOf,
  withCapacity,
  withContents,
  withLength,
} from '../catalogue';
import {
  done,
  mlPerFluidOunce,
  gramsPerOunce,
  refused,
  tenths,
  type Outcome,
  type UnitSystem,
} from '../quantity';
import { newtonsOf, type Amount } from '../quantity/amounts-in';
import { bulkOf, energyBehind, withMassOf, type Facts, type Gear, type JobId } from '../gear';
import { withCells } from './cells';
import { celsiusOf } from './comfort';
import { withSize } from './sizes';

/** Gear with the figures of its line. */
export interface Figured {
  readonly gear: Gear;
  /** The amounts that the gear shows as figures of its own, so that its name need not. */
  readonly shown: ReadonlySet<Amount>;
}

/** No food gives more in a gram: fat, in kcal. */
export const mostKcalPerG = 9;

/** No lamp gives more light for its power: the best that is sold, in lm/W. */
export const mostLumensPerWatt = 200;

/** Nothing is heavier: iridium, in g/mL. */
const mostGPerMl = 22.6;

/** Nominal voltage of a bank’s cells, by which its mAh are meant. */
const voltsOfBank = 3.7;

/**
 * Gives each figure of a line to what it is a figure of, which the kind decides: `450 g` on a gas canister are grams of gas,
 * on a pot its mass; `20 oz` on a flask what it holds; `200 lb` on a cord what it breaks at.
 *
 * @param likely what it rather is, where that is not sure enough to be it: a figure that would say another thing of that says
 * nothing.
 */
export function withFigures(
  started: Gear,
  amounts: readonly Amount[],
  units: UnitSystem,
  likely: Gear = started,
): Outcome<Figured> {
  const shown = new Set<Amount>();
  let gear = withCells(started, amounts);
  const hasVolume = amounts.some(({ what }) => what === 'volume');
  for (const amount of inOrder(amounts)) {
    const next = withFigure(gear, amount, { units, hasVolume, amounts, likely });
    if (!next.ok) return next;
    if (next.value.isShown) shown.add(amount);
    gear = next.value.gear;
  }
  const doubt = unbelievable(gear, amounts);
  return doubt === null ? done({ gear, shown }) : refused(doubt);
}

/** What makes a piece larger comes before what states its mass and its energy. */
const order: readonly Amount['what'][] = [
  'volume',
  'length',
  'size',
  'hours',
  'charge',
  'energy',
  'mass',
  'food energy',
  'breaking load',
  'temperature',
  'R',
  'lumens',
];

function inOrder(amounts: readonly Amount[]): readonly Amount[] {
  return [...amounts].sort((one, other) => order.indexOf(one.what) - order.indexOf(other.what));
}

interface Around {
  readonly likely: Gear;
  readonly units: UnitSystem;
  readonly hasVolume: boolean;
  readonly amounts: readonly Amount[];
}

interface Step {
  readonly gear: Gear;
  readonly isShown: boolean;
}

function named(gear: Gear): Outcome<Step> {
  return done({ gear, isShown: false });
}

function shownIn(gear: Gear): Outcome<Step> {
  return done({ gear, isShown: true });
}

function withFigure(gear: Gear, amount: Amount, around: Around): Outcome<Step> {
  switch (amount.what) {
    case 'volume':
      return amount.volumeMl > 0
        ? named(withVolume(gear, amount.volumeMl))
        : refused(lineSays.volumeOfNothing());
    case 'length':
      return withLengthOf(gear, amount, around);
    case 'size':
      return withSize(gear, amount.text, around.units);
    case 'mass':
      return withMass(gear, amount, around);
    case 'hours':
      return named(
        gear.contents?.unit === 'h' && amount.hours > 0 ? withContents(gear, amount.hours) : gear,
      );
    case 'charge':
      return named(withEnergy(gear, (amount.mAh / 1000) * voltsOf(gear)));
    case 'energy':
      return named(withEnergy(gear, amount.energyWh));
    case 'food energy':
      return named(withFoodEnergy(gear, amount.kcal, around.amounts));
    case 'breaking load':
      return named(withFact(gear, 'cord', { of: 'cord', breakingN: tenths(amount.breakingN) }));
    case 'temperature':
      return withTemperature(gear, amount, around.units);
    case 'R':
      return named(withJobAmount(gear, 'ground', amount.r));
    case 'lumens':
      return named(withLight(gear, amount.lumens, around.amounts));
    case 'cells':
    case 'count':
    case 'price':
    case 'property':
      return named(gear);
  }
}

/** What it holds to be used up, or has room for. */
function withVolume(gear: Gear, volumeMl: number): Gear {
  return gear.contents?.unit === 'mL' ? withContents(gear, volumeMl) : withCapacity(gear, volumeMl);
}

function withLengthOf(
  gear: Gear,
  { lengthMm, isSmall, isThin }: Amount & { readonly what: 'length' },
  { amounts }: Around,
): Outcome<Step> {
  if (lengthOf(gear) === null || isThin) return named(gear);
  const isThickness = isSmall && amounts.some((other) => other.what === 'length' && !other.isSmall);
  if (isThickness) return named(gear);
  return lengthMm > 0
    ? named(withLength(gear, lengthMm / 1000))
    : refused(lineSays.lengthOfNothing());
}

function withMass(
  gear: Gear,
  amount: Amount & { readonly what: 'mass' },
  { hasVolume, likely }: Around,
): Outcome<Step> {
  const { massG } = amount;
  // `ibuprofen 200 mg`: how strong one is.
  if (amount.isMilligrams && gear.supplies.some(({ job }) => job === 'medicine'))
    return named(gear);
  const fluidMl = amount.isOunces && !hasVolume ? (massG / gramsPerOunce) * mlPerFluidOunce : null;
  if (fluidMl !== null && isRatherFluid(likely, massG, fluidMl)) {
    return named(gear.kind === null ? gear : withVolume(gear, fluidMl));
  }
  if (amount.isPounds && gear.bearsN !== null && isFarTooHeavy(gear, massG)) {
    return named({ ...gear, bearsN: tenths(newtonsOf(massG)) });
  }
  if (amount.isPounds && isBreakingLoad(gear, massG)) {
    return named(withFact(gear, 'cord', { of: 'cord', breakingN: tenths(newtonsOf(massG)) }));
  }
  if (gear.contents?.unit === 'g' && massG > 0 && !isGross(gear, massG))
    return named(withContents(gear, massG));
  if (isFarTooHeavy(gear, massG) && massG > 30 * gear.massG!) {
    return refused(lineSays.farTooHeavy(tenths(massG / 1000), tenths(gear.massG! / 1000)));
  }
  // No food gives more than fat does: what weighs so little is less of it.
  const isRich = foodIn(gear) > mostKcalPerG * massG;
  const fed = gear.contents === null || isRich ? withFoodFor(gear, massG) : gear;
  return shownIn(withMassOf(fed, massG, 'stated'));
}

/** Of a liquid, ounces are fluid ones; of a vessel, where that is the likelier of the two. */
function isRatherFluid(gear: Gear, massG: number, fluidMl: number): boolean {
  if (gear.contents?.unit === 'mL') return true;
  const capacityMl = capacityOf(gear);
  if (capacityMl === 0 || gear.massG === null || gear.massG === 0) return false;
  return Math.abs(Math.log(fluidMl / capacityMl)) < Math.abs(Math.log(massG / gear.massG));
}

/** Pounds and kilograms on a cord are what it breaks at, where as its mass they would be several times too much. */
function isBreakingLoad(gear: Gear, massG: number): boolean {
  return lengthOf(gear) !== null && gear.massG !== null && massG > 5 * gear.massG;
}

/** Many times what its kind weighs, and not by its contents. */
function isFarTooHeavy(gear: Gear, massG: number): boolean {
  return gear.massG !== null && gear.massG > 0 && massG > 5 * gear.massG;
}

/** A mass that is that of a full one, where what holds the contents weighs a good part of it: 380 g of a canister of 230. */
function isGross({ contents, massG }: Gear, stated: number): boolean {
  if (contents === null || massG === null || contents.massG > 0.9 * massG) return false;
  return Math.abs(Math.log(stated / massG)) < 0.06;
}

/** Food that is as much more as it is heavier. */
function foodIn({ supplies }: Gear): number {
  return supplies.find(({ job }) => job === 'food')?.amount ?? 0;
}

function withFoodFor(gear: Gear, massG: number): Gear {
  if (gear.massG === null || gear.massG === 0 || !gear.supplies.some(({ job }) => job === 'food'))
    return gear;
  return withAmountOf(gear, ['food'], massG / gear.massG);
}

function withFoodEnergy(gear: Gear, kcal: number, amounts: readonly Amount[]): Gear {
  const own = gear.supplies.find(({ job }) => job === 'food')?.amount;
  if (typeof own !== 'number' || own === 0 || kcal <= 0) return gear;
  const isMassKnown = amounts.some(({ what }) => what === 'mass');
  if (!isMassKnown && gear.contents !== null)
    return withContents(gear, (gear.contents.full * kcal) / own);
  const fed = withJobAmount(gear, 'food', kcal);
  if (isMassKnown || gear.massG === null) return fed;
  // As dense as the kind is: a block of half as much again weighs half as much again.
  return { ...fed, massG: tenths((gear.massG * kcal) / own) };
}

function withEnergy(gear: Gear, energyWh: number): Gear {
  if (energyWh <= 0) return gear;
  if (gear.contents?.unit === 'Wh') return withContents(gear, tenths(energyWh));
  return gear.supplies.some(({ job }) => job === 'cells')
    ? withJobAmount(gear, 'cells', energyWh)
    : gear;
}

/** Nominal volts by which a cell’s mAh are meant. */
function voltsOf({ supplies }: Gear): number {
  const sort = supplies.find(({ job }) => job === 'cells')?.sort;
  if (sort === undefined || sort === null) return voltsOfBank;
  if (/NiMH/.test(sort)) return 1.2;
  if (/alkaline|AA lithium/.test(sort)) return sort.startsWith('9') ? 9 : 1.5;
  return /^CR/.test(sort) ? 3 : 3.6;
}

function withTemperature(
  gear: Gear,
  { degrees, unit }: Amount & { readonly what: 'temperature' },
  units: UnitSystem,
): Outcome<Step> {
  if (!gear.supplies.some(({ job }) => job === 'sleep')) return named(gear);
  if (unit === null && (degrees === 0 || units === 'us')) {
    return refused(lineSays.whichDegrees(degrees));
  }
  return named(withJobAmount(gear, 'sleep', tenths(celsiusOf({ degrees, unit }))));
}

/** A lamp’s light at one step: so many lumens for so many hours. Lumens alone say how bright, and not how long. */
function withLight(gear: Gear, lumens: number, amounts: readonly Amount[]): Gear {
  const lasts = amounts.find(({ what }) => what === 'hours');
  return lasts?.what === 'hours' ? withJobAmount(gear, 'light', lumens * lasts.hours) : gear;
}

function withJobAmount(gear: Gear, job: JobId, amount: number): Gear {
  return {
    ...gear,
    supplies: gear.supplies.map((supply) => (supply.job === job ? { ...supply, amount } : supply)),
  };
}

function withFact(gear: Gear, job: JobId, facts: Facts): Gear {
  return {
    ...gear,
    supplies: gear.supplies.map((supply) => (supply.job === job ? { ...supply, facts } : supply)),
  };
}

/** What no physics allows, in words; null where all of it can be. */
function unbelievable(gear: Gear, amounts: readonly Amount[]): string | null {
  const { massG, form } = gear;
  const kcal = gear.supplies.find(({ job }) => job === 'food')?.amount ?? null;
  if (kcal !== null && massG !== null && kcal > mostKcalPerG * massG + 1) {
    return lineSays.moreThanFat(Math.round(kcal), tenths(massG), mostKcalPerG);
  }
  const isMassStated = amounts.some(({ what }) => what === 'mass') && gear.massTrust === 'stated';
  if (isMassStated && massG !== null && form !== null && gear.formTrust === 'stated') {
    const gPerMl = massG / bulkOf(form).tightMl;
    if (gPerMl > mostGPerMl) return lineSays.heavierThanMetal(Math.round(gPerMl));
  }
  const lamp = gear.supplies.find(({ job }) => job === 'light');
  const light = lamp?.amount ?? null;
  const lightWh = lamp ? energyBehind(lamp) : null;
  const isLightTyped =
    amounts.some(({ what }) => what === 'lumens') && amounts.some(({ what }) => what === 'hours');
  return isLightTyped && light !== null && lightWh !== null && light > mostLumensPerWatt * lightWh
    ? lineSays.moreLightThanPower(Math.round(light), tenths(lightWh), mostLumensPerWatt)
    : null;
}
