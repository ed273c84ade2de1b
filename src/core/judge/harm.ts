import type { Gear } from '../gear';
import { burstsOver, isShortedBy, spoilsAsFood } from '../kit/together';
import {
  filledAtStart,
  groundUnder,
  isOnGround,
  isTornByFrost,
  type FilledAtStart,
} from '../loadout';
import { agree, listed, monthNames, withVerb } from '../quantity';
import type { WorkedOutKit } from '../kit';
import { closedSpaceOf, type ClosedSpace } from '../needs/closed-space';
import { vehicleSummerC, warmthOf } from '../upkeep';
import { idsOf, type Background, type Piece } from './background';
import type { Rule } from './finding';
import { celsius } from './sleep';

/** A filter that was used, where it freezes. */
export const frostFilter: Rule<{ readonly lowC: number }> = {
  id: 'harm/frost-filter',
  severities: ['warn'],
  speaksWhen: 'a filter that gets wet lies where it freezes',
  mendedBy: 'carry the filter on the body',
  asks: 'the low',
  because: 'Ice tears its fibres, and nobody sees it.',
  find: ({ tree, bench }, { told, doing }) => {
    if (!told?.lowC || told.lowC.value >= 0) return [];
    const lowC = told.lowC.value;
    return doing('treat-water')
      .filter((way) => isTornByFrost({ tree, shelf: bench.shelf, lowC }, way))
      .map(({ placement }) => ({
        severity: 'warn',
        about: [placement.id],
        figures: { lowC },
      }));
  },
  says: ({ lowC }, edge, [placement]) =>
    `${withVerb(edge.name(placement!), 'freezes', 'freeze')} at ${celsius(lowC, edge)} once wet: to be carried on the body.`,
};

/** Water over nine tenths of a rigid vessel bursts it as ice. */
const fullShare = 0.9;

/** Deep frost is below this, in °C (own). */
const deepFrostC = -5;

/** Rigid vessels that are too full for the frost. */
export function tooFull(
  { gear, own }: WorkedOutKit,
  { told }: Background,
): readonly FilledAtStart[] {
  if (!told?.lowC || told.lowC.value >= deepFrostC) return [];
  return filledAtStart(own).filter(({ placement, ml, on }) => {
    if (on === 'house') return false;
    const { form, supplies } = gear(placement);
    const room = supplies.find(({ job }) => job === 'carry-water')?.amount ?? null;
    // What is filled hot into a flask with two walls stays water.
    const keepsWarm = supplies.some(({ facts }) => facts?.of === 'vessel' && facts.isDoubleWalled);
    return !keepsWarm && room !== null && form?.shape !== 'soft' && ml > room * fullShare + 1e-6;
  });
}

/** Sealed bottles that lie in the frost of a vehicle. */
function sealedInFrost(
  { tree }: WorkedOutKit,
  { told, brief, pieces }: Background,
): readonly Piece[] {
  if (!told?.lowC || told.lowC.value >= deepFrostC) return [];
  return pieces.filter(({ gear, placement }) => {
    const ground = groundUnder(tree, placement);
    const isCold = ground === 'vehicle' || (ground === 'mat' && brief?.storedIn === 'vehicle');
    return isCold && gear.kind === 'bottled-water';
  });
}

/** A full rigid bottle in deep frost. */
export const frostFull: Rule<{ readonly lowC: number; readonly isSealed: boolean }> = {
  id: 'harm/frost-full',
  severities: ['warn'],
  speaksWhen: 'a rigid bottle is full in deep frost, or a sealed one lies in a vehicle in it',
  mendedBy: 'empty a tenth of it, or carry it where it stays warm',
  asks: 'the low, and what is filled',
  because: 'Ice takes a tenth more room than the water it was.',
  find: (kit, background) => {
    const lowC = background.told?.lowC?.value ?? 0;
    const sealed = sealedInFrost(kit, background);
    return [
      ...tooFull(kit, background).map(({ placement }) => ({
        severity: 'warn' as const,
        about: [placement],
        figures: { lowC, isSealed: false },
      })),
      ...(sealed.length === 0
        ? []
        : [
            {
              severity: 'warn' as const,
              about: idsOf(sealed),
              of: 'sealed',
              figures: { lowC, isSealed: true },
            },
          ]),
    ];
  },
  says: ({ lowC, isSealed }, edge, about) =>
    isSealed
      ? `${some(about, edge.name)} ${agree(about.map(edge.name), 'freezes', 'freeze')} in the vehicle at ${celsius(lowC, edge)}, and may burst: keep some of it where it stays warm.`
      : `${withVerb(edge.name(about[0]!), 'is', 'are')} full at ${celsius(lowC, edge)}: leave a tenth empty.`,
};

/** Heat harms from here on, in °C (own). */
const harmfulC = 40;

/** What heat spoils, stored in a hot vehicle. */
export const heatSpoils: Rule<{
  readonly hotC: number;
  /** The hottest month of the store, 0 to 11; null where the trip that somebody typed the weather of is hotter. */
  readonly month: number | null;
  /** Nobody said where in the world it stands. */
  readonly isAssumed: boolean;
}> = {
  id: 'harm/heat',
  severities: ['warn'],
  speaksWhen: 'heat-spoiled gear is in a hot store',
  mendedBy: 'store it in the house, or carry it in the shade',
  asks: 'where it is stored',
  because: 'Gas bursts, wax runs, cells and medicine die in a car in the sun.',
  // It lies there all year, whenever the trip is.
  find: (_kit, { brief, told, pieces }) => {
    if (brief?.storedIn !== 'vehicle') return [];
    const { monthsC, isAssumed: isPlaceless } = warmthOf('vehicle', brief);
    const ofYearC = Math.max(...monthsC);
    const onTripC = told?.highC?.by === 'typed' ? told.highC.value + vehicleSummerC : -Infinity;
    const hotC = Math.max(ofYearC, onTripC);
    const month = ofYearC >= onTripC ? monthsC.indexOf(ofYearC) : null;
    const isAssumed = isPlaceless && month !== null;
    if (hotC < harmfulC) return [];
    const spoiled = pieces.filter(({ gear }) => gear.spoiledBy.includes('heat'));
    return spoiled.length === 0
      ? []
      : [
          {
            severity: 'warn',
            about: idsOf(spoiled),
            of: 'heat',
            figures: { hotC, month, isAssumed },
          },
        ];
  },
  says: ({ hotC, month, isAssumed }, edge, about) =>
    `In the vehicle it gets ${celsius(hotC, edge)}${month === null ? '' : ` in ${monthNames[month]}`}${isAssumed ? ', if it stands in a temperate country' : ''}: ${some(about, edge.name)} ${agree(about.map(edge.name), 'is', 'are')} spoiled by heat.`,
};

function some(about: readonly string[], name: (placement: string) => string): string {
  const shown = about.slice(0, 4).map(name);
  return listed(about.length > 4 ? [...shown, `${about.length - 4} more`] : shown);
}

/** Sorts and kinds that no airline takes in its hold, or only in the cabin (own; its own rules come first). */
const barredKinds: readonly string[] = [
  'bear-spray',
  'flare',
  'mini-flares',
  'road-flare',
  'smoke-signal',
  'insect-spray',
  'air-horn',
  'lighter-gas',
  'tyre-foam',
  'matchbox',
  'match-case',
  'fluid-lighter',
];
const barredSorts: readonly string[] = ['gas', 'spirit', 'petrol'];

/** What an aircraft does not take. */
export const barredInAircraft: Rule<null> = {
  id: 'harm/aircraft',
  severities: ['note'],
  speaksWhen: 'part of the way is flown, and gear is barred in aircraft',
  mendedBy: 'leave it at home, or buy it on arrival',
  asks: 'that part of the way is flown',
  because: 'It is taken away at the gate, or catches fire in the hold.',
  find: (_kit, { brief, pieces }) => {
    if (brief?.isFlown !== true) return [];
    const barred = pieces.filter(
      ({ gear: { kind, supplies } }) =>
        (kind !== null && barredKinds.includes(kind)) ||
        supplies.some(
          ({ job, sort }) => job === 'fuel' && sort !== null && barredSorts.includes(sort),
        ),
    );
    return barred.map(({ placement }) => ({
      severity: 'note',
      about: [placement.id],
      figures: null,
    }));
  },
  says: (_, { name }, [placement]) =>
    `${withVerb(name(placement!), 'is', 'are')} barred in aircraft: ask the airline, or get ${agree(name(placement!), 'it', 'them')} there.`,
};

/** All that writes is a pen, and it freezes. */
export const penFrost: Rule<{ readonly lowC: number }> = {
  id: 'harm/pen-frost',
  severities: ['note'],
  speaksWhen: 'pens are all that writes, and it freezes',
  mendedBy: 'add a pencil',
  asks: 'the low',
  because: 'Ink freezes; graphite does not.',
  find: (_kit, { told, doing }) => {
    if (!told?.lowC || told.lowC.value >= 0) return [];
    const pens = doing('write').filter(({ gear }) => isPen(gear));
    const others = doing('write').filter(
      ({ gear }) => !isPen(gear) && gear.look.silhouette === 'pencil',
    );
    return pens.length === 0 || others.length > 0
      ? []
      : [
          {
            severity: 'note',
            about: idsOf(pens),
            of: 'pens',
            figures: { lowC: told.lowC.value },
          },
        ];
  },
  says: ({ lowC }, edge, about) =>
    `${listed(about.map(edge.name))} ${agree(about.map(edge.name), 'freezes', 'freeze')} at ${celsius(lowC, edge)}: a pencil writes.`,
};

function isPen({ failsIn, look }: Gear): boolean {
  return look.silhouette === 'pencil' && failsIn.includes('frost');
}

/** Pieces by the cavity that they lie in. */
export function byCavity(pieces: readonly Piece[]): ReadonlyMap<string, readonly Piece[]> {
  const found = new Map<string, Piece[]>();
  for (const piece of pieces) {
    const { place } = piece.placement;
    if (isOnGround(place)) continue;
    const key = `${place.in} ${place.cavity}`;
    const same = found.get(key);
    if (same) same.push(piece);
    else found.set(key, [piece]);
  }
  return found;
}

/** Pairs in one cavity of which the one harms the other, each pair told by its first, with all that it harms. */
function harming(
  { pieces }: Background,
  isHarming: (one: Gear, other: Gear) => boolean,
): readonly { readonly by: Piece; readonly harmed: readonly Piece[] }[] {
  return [...byCavity(pieces).values()].flatMap((together) =>
    together.flatMap((by) => {
      const harmed = together.filter((other) => other !== by && isHarming(by.gear, other.gear));
      return harmed.length === 0 ? [] : [{ by, harmed }];
    }),
  );
}

/** What bursts lies beside what it would ruin. */
export const burstBeside: Rule<{ readonly beside: readonly string[] }> = {
  id: 'harm/burst',
  severities: ['warn'],
  speaksWhen: 'a liquid that can burst lies beside paper, food, fire or electronics',
  mendedBy: 'put it in a bag of its own',
  asks: null,
  because: 'One squeezed tube ruins a whole pocket.',
  find: (_kit, background) =>
    harming(background, burstsOver).map(({ by, harmed }) => ({
      severity: 'warn',
      about: [by.placement.id, ...idsOf(harmed)],
      of: by.placement.id,
      figures: { beside: idsOf(harmed) },
    })),
  says: ({ beside }, { name }, [by]) =>
    `${name(by!)} can burst over ${some(beside, name)} in the same pocket.`,
};

/** Fuel, spray or repellent beside what is eaten. */
export const fuelBesideFood: Rule<{ readonly beside: readonly string[] }> = {
  id: 'harm/fuel-food',
  severities: ['warn'],
  speaksWhen: 'fuel, spray or repellent lies beside food',
  mendedBy: 'move the fuel to another holder or an outer pocket',
  asks: null,
  because: 'A little of it spoils all the food, and some of it poisons.',
  find: (_kit, background) =>
    harming(background, spoilsAsFood).map(({ by, harmed }) => ({
      severity: 'warn',
      about: [by.placement.id, ...idsOf(harmed)],
      of: by.placement.id,
      figures: { beside: idsOf(harmed) },
    })),
  says: ({ beside }, { name }, [by]) =>
    `${withVerb(name(by!), 'lies', 'lie')} beside ${some(beside, name)}: what ${agree(name(by!), 'it gives', 'they give')} off spoils what is eaten.`,
};

/** Bare cells beside loose metal. */
export const bareCells: Rule<{ readonly beside: readonly string[] }> = {
  id: 'harm/short',
  severities: ['warn'],
  speaksWhen: 'bare cells lie beside metal',
  mendedBy: 'put the batteries in a case',
  asks: 'what kind of piece lies beside them',
  because: 'A cell that is shorted burns, and so does what lies round it.',
  find: (_kit, background) =>
    harming(background, isShortedBy).map(({ by, harmed }) => ({
      severity: 'warn',
      about: [by.placement.id, ...idsOf(harmed)],
      of: by.placement.id,
      figures: { beside: idsOf(harmed) },
    })),
  says: ({ beside }, { name }, [by]) =>
    `${withVerb(name(by!), 'lies', 'lie')} bare beside ${some(beside, name)}.`,
};

const burnsIn: Readonly<Record<ClosedSpace, string>> = {
  vehicle: 'never light it in the closed vehicle, and never sleep beside it.',
  shelter: 'never light it in a closed shelter, and never sleep beside it.',
  house:
    'light it only by an open window and watched, never while you sleep; have a carbon-monoxide alarm.',
};

/** Flames, and a closed space to burn them in. */
export const closedFlame: Rule<{ readonly where: ClosedSpace }> = {
  id: 'harm/closed-flame',
  severities: ['stop', 'note'],
  speaksWhen: 'a candle or a burner goes with a closed vehicle, a film shelter or a house',
  mendedBy: 'keep the flame outside; carry a carbon-monoxide alarm',
  asks: null,
  because: 'Carbon monoxide cannot be smelled: every year whole families die of it asleep.',
  find: ({ whole, bench }, { brief, doing }) => {
    const flames = doing('candle', 'stove').filter(
      ({ gear: { kind } }) => kind !== 'twig-stove' && kind !== 'grill-grate',
    );
    if (flames.length === 0) return [];
    const where = closedSpaceOf(whole, bench.shelf, brief);
    if (where === null) return [];
    // In a tent one knows it; in a room and a car people die of it every winter.
    const severity = where === 'shelter' ? ('note' as const) : ('stop' as const);
    return [{ severity, about: idsOf(flames), of: 'flame', figures: { where } }];
  },
  says: ({ where }, { name }, about) => `${some(about, name)}: ${burnsIn[where]}`,
};
