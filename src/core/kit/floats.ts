import { builtInto } from '../catalogue/built-in';
import { massNowG, type Cavity, type Gear, type Stuff } from '../gear';
import { branchOf, filledAtStart, type Placement } from '../loadout';
import { floatingOf, type Floating } from '../models';
import type { WorkedOutKit } from './worked-out';

/** How a holder or a piece does in the water. */
export interface Afloat extends Floating {
  readonly placement: Placement;
  /** It is closed so that no water gets in. */
  readonly isTight: boolean;
  /** The pieces in it that stay dry. */
  readonly dry: readonly Placement[];
  /** The pieces in it that get wet. */
  readonly wet: readonly Placement[];
}

/** Densities of what pieces are mostly made of, soaked through, in g/mL (own). */
const densities: Readonly<Record<Stuff, number>> = {
  steel: 7.8,
  aluminium: 2.7,
  titanium: 4.5,
  brass: 8.5,
  wood: 0.65,
  cloth: 1.15,
  wool: 1.3,
  cotton: 1.5,
  down: 1.2,
  leather: 1.05,
  rope: 1.15,
  plastic: 1.05,
  paper: 1.2,
  wax: 0.92,
  glass: 2.5,
  ceramic: 2.4,
  rubber: 1.2,
};

const tightClosures: readonly Cavity['closure'][] = [
  'roll',
  'screw',
  'tape',
  'once',
  'buckle',
  'zip',
];

/** Every room of it keeps water out, and is closed: a rigid one by its lid where nobody says how. */
export function isTight({ cavities }: Gear): boolean {
  return (
    cavities.length > 0 &&
    cavities.every(
      ({ waterproof, closure, inside }) =>
        waterproof &&
        (tightClosures.includes(closure) || (closure === null && inside.shape !== 'soft')),
    )
  );
}

/**
 * What floats of a kit that goes overboard: each piece that stands on a ground, with what is in it. What is closed tight bears
 * its outside, its air pressed out; what is not is borne by what in it is. Of a room that is built in, what lies in it comes
 * adrift. What is there anyhow weighs there too. An estimate for fresh water, on the safe side.
 */
export function afloat(kit: WorkedOutKit): readonly Afloat[] {
  return kit.whole.placements
    .filter(({ place }) => 'on' in place && place.on !== 'house')
    .flatMap((placement) => adrift(kit, placement))
    .map((placement) => inWater(kit, placement));
}

function adrift(kit: WorkedOutKit, placement: Placement): readonly Placement[] {
  return isBuiltIn(kit.gear(placement.id))
    ? kit.tree.within(placement.id).flatMap((each) => adrift(kit, each))
    : [placement];
}

function isBuiltIn({ kind }: Gear): boolean {
  return kind !== null && builtInto.has(kind);
}

function ownG(kit: WorkedOutKit, { id, count }: Placement): number {
  return (massNowG(kit.gear(id)) ?? 0) * count;
}

function inWater(kit: WorkedOutKit, placement: Placement): Afloat {
  const { tree, totals } = kit;
  const gear = kit.gear(placement.id);
  const within = tree.within(placement.id).map((each) => inWater(kit, each));
  const dryWithin = within.flatMap(({ dry }) => dry);
  const wetWithin = within.flatMap(({ wet }) => wet);
  const waterG = waterIn(kit, placement.id);
  if (isTight(gear)) {
    const { bulk } = totals.branches.get(placement.id)!;
    const massG = sum(branchOf(tree, placement.id), (each) => ownG(kit, each));
    const all = within.flatMap((each) => [each.placement, ...each.dry, ...each.wet]);
    return {
      placement,
      isTight: true,
      ...floatingOf(massG + waterG, bulk.tightMl),
      dry: [...new Set(all)],
      wet: [],
    };
  }
  const g = ownG(kit, placement);
  // What bears by its own stuff is not counted on: it is of more stuffs than one, and soaks.
  const own = Math.min(0, floatingOf(g, g / densities[gear.look.stuff]).spareG);
  const spareG = own + sum(within, (each) => each.spareG);
  return {
    placement,
    isTight: false,
    spareG,
    floats: spareG > 0,
    dry: dryWithin,
    wet: [...within.filter((each) => !each.isTight).map((each) => each.placement), ...wetWithin],
  };
}

/** Drinking water neither bears nor sinks what holds it: it fills room that would bear. */
function waterIn({ whole }: WorkedOutKit, id: string): number {
  return sum(
    filledAtStart(whole).filter(({ placement }) => placement === id),
    ({ ml }) => ml,
  );
}

function sum<T>(values: readonly T[], figure: (value: T) => number): number {
  return values.reduce((total, value) => total + figure(value), 0);
}
