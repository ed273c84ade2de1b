import {
  cavityOf,
  hasOwnCells,
  keepsWaterOut,
  type Gear,
  type Harm,
  type JobId,
  type Supply,
} from '../gear';
import {
  conditionIds,
  gearOf,
  holdersAround,
  isOnGround,
  type ConditionId,
  type Placement,
  type Shelf,
  type Tree,
} from '../loadout';

/** How a condition is named as a loss, how it is said of what does not work in it, and what it means. */
export const conditionWords: Readonly<
  Record<ConditionId, { readonly name: string; readonly then: string; readonly means: string }>
> = {
  soaked: {
    name: 'soaked',
    then: 'when soaked',
    means: 'Everything that no closed waterproof holder keeps dry is wet through.',
  },
  frozen: {
    name: 'frozen',
    then: 'when frozen',
    means: 'Below −5 °C, for long enough that all of it is.',
  },
  'no-sun': { name: 'no sun', then: 'without sun', means: 'Days without sun.' },
  dark: {
    name: 'dark',
    then: 'in the dark',
    means: 'Night: what has to be seen needs a light, and nobody sees a mirror.',
  },
  'hot-store': {
    name: 'hot store',
    then: 'after a hot store',
    means: 'It lay above 45 °C, as in a car in summer.',
  },
  'cells-flat': {
    name: 'cells flat',
    then: 'with its cells flat',
    means: 'All cells are empty, and all batteries that neither sun nor a crank fills.',
  },
  'no-flame': {
    name: 'no flame',
    then: 'without a flame',
    means: 'No open flame is allowed, or none will burn.',
  },
  'one-hand': {
    name: 'one hand',
    then: 'with one hand',
    means: 'One hand is hurt, or holds on.',
  },
};

/** Jobs that need eyes: in the dark they are done only where something gives light. */
export const doneBySight: readonly JobId[] = ['bearing', 'map', 'position', 'sew', 'guide'];

/** Jobs of what burns, or makes burn. */
const burning: readonly JobId[] = [
  'flame',
  'spark',
  'sun-fire',
  'tinder',
  'fuel',
  'stove',
  'candle',
];

/** A supply as a condition looks at it. */
export interface Exposed {
  readonly gear: Gear;
  readonly supply: Supply;
  /** A closed waterproof holder is round it. */
  readonly isKeptDry: boolean;
}

const takes: Readonly<Record<ConditionId, (exposed: Exposed) => boolean>> = {
  soaked: ({ gear, supply, isKeptDry }) =>
    !isKeptDry && (gear.failsIn.includes('wet') || isColdWhenWet(supply)),
  frozen: ({ gear, supply }) => fails(gear, 'frost') && !isWaterInRigid(gear, supply),
  'no-sun': ({ supply }) => demandsSun(supply),
  dark: ({ supply }) => demandsSun(supply) || supply.job === 'signal-day',
  'hot-store': ({ gear }) => fails(gear, 'heat'),
  'cells-flat': ({ gear, supply }) =>
    supply.job === 'cells' || supply.demands.some(hasOwnCells) || isChargedElsewhere(gear),
  'no-flame': ({ supply }) => burning.includes(supply.job),
  'one-hand': ({ supply }) => supply.needsBothHands,
};

/** Of each piece, which conditions take its supplies: in the order of those, where it is kept dry and where it is not. */
const known = new WeakMap<Gear, Readonly<Record<'dry' | 'open', Taken>>>();
type Taken = readonly (readonly ConditionId[])[];

/** The conditions that take each supply of a piece by themselves; what relies on it goes with it. */
export function takenIn(gear: Gear, isKeptDry: boolean): Taken {
  const found = known.get(gear) ?? { dry: taken(gear, true), open: taken(gear, false) };
  known.set(gear, found);
  return isKeptDry ? found.dry : found.open;
}

function taken(gear: Gear, isKeptDry: boolean): Taken {
  return gear.supplies.map((supply) =>
    conditionIds.filter((condition) => takes[condition]({ gear, supply, isKeptDry })),
  );
}

/** Whether any of the holders round a placement is waterproof where it lies, and closed. */
export function isKeptDry(tree: Tree, shelf: Shelf, placement: Placement): boolean {
  const around = holdersAround(tree, placement);
  return [placement, ...around].some(({ place }, at) => {
    if (isOnGround(place)) return false;
    const cavity = cavityOf(gearOf(shelf, around[at]!), place.cavity);
    return cavity !== undefined && keepsWaterOut(cavity);
  });
}

function fails({ failsIn }: Gear, harm: Harm): boolean {
  return failsIn.includes(harm);
}

function demandsSun({ demands }: Supply): boolean {
  return demands.some(({ on }) => on === 'sun');
}

/** Down and cotton warm nobody while they are wet. */
function isColdWhenWet({ job, facts }: Supply): boolean {
  return (
    (job === 'sleep' || job === 'insulate') &&
    facts?.of === 'warmth' &&
    (facts.stuff === 'down' || facts.stuff === 'cotton')
  );
}

/** A rigid bottle keeps its water through frost, as ice; what else it does in frost is another matter. */
function isWaterInRigid({ form }: Gear, { job }: Supply): boolean {
  return form !== null && form.shape !== 'soft' && (job === 'water' || job === 'carry-water');
}

/** A device with a battery of its own that neither sun nor a crank fills. */
function isChargedElsewhere({ supplies, care }: Gear): boolean {
  const ownWh = (supply: Supply) =>
    supply.facts?.of === 'light' || supply.facts?.of === 'power' ? supply.facts.ownWh : null;
  const hasBattery =
    supplies.some((supply) => ownWh(supply) !== null) || care.some(({ act }) => act === 'recharge');
  if (!hasBattery || supplies.some(demandsSun)) return false;
  const isCranked = supplies.some(
    (supply) => supply.job === 'recharge' && supply.demands.length === 0 && ownWh(supply) === null,
  );
  return !isCranked;
}
