import { gearOfKind, kindOf, kindsToGet } from '../../catalogue';
import { toInWords } from '../../fit/laid-out';
import { isClothes, type Gear, type JobId } from '../../gear';
import { isTooSmall, openPlaces } from '../../kit/open-places';
import { standsWell } from '../../kit/wished-reach';
import {
  isOfModule,
  isOnGround,
  newPlacement,
  samePlace,
  type Command,
  type Place,
  type Placement,
} from '../../loadout';
import type { WorkedOutKit } from '../../kit';
import { offersFor } from '../../scheme';
import type { Fix } from '../finding';
import { isVital } from '../needed';

/** How many pieces of the shelf and of the catalogue are tried. */
const mostOfShelf = 3;
const mostOfCatalogue = 3;

interface LayingOut {
  readonly kit: WorkedOutKit;
  readonly newId: () => string;
  readonly count?: number;
  readonly place?: Place;
}

/** Lays out what does any of these jobs: of the shelf first, then typical pieces, the lightest first. */
export function layingOut(
  { kit, newId, count = 1, place = { on: 'mat' } }: LayingOut,
  ...anyOf: readonly JobId[]
): readonly Fix[] {
  const offered = offersFor(kit.bench, anyOf)
    .filter(({ supply, free }) => supply.fitness !== 'improvised' && free >= count)
    .slice(0, mostOfShelf);
  const known = new Set(offered.map(({ gear }) => gear.kind));
  const typical = kindsToGet
    .filter(
      ({ id, supplies }) =>
        !known.has(id) &&
        supplies.some(({ job, fitness }) => anyOf.includes(job) && fitness === 'made-for'),
    )
    .sort((one, other) => one.massG - other.massG)
    .slice(0, mostOfCatalogue);
  return [
    ...offered.map(({ gear }) => layingOutOf(kit, gear, place, newId, count)),
    ...typical.map(({ id }) => layingOutKind({ kit, newId, count, place }, id)),
  ];
}

/** Lays out a typical piece of a kind, or the free one of it that the shelf has. */
export function layingOutKind(
  { kit, newId, count = 1, place = { on: 'mat' } }: LayingOut,
  kind: string,
): Fix {
  const own = offersFor(
    kit.bench,
    kindOf(kind)!.supplies.map(({ job }) => job),
  ).find(({ gear, free }) => gear.kind === kind && free >= count);
  if (own) return layingOutOf(kit, own.gear, place, newId, count);
  const made = typicalOf(kit, kind, newId, count);
  return {
    says: `Get ${named(made.name, count)} and lay ${count === 1 ? 'it' : 'them'} out`,
    command: {
      do: 'together',
      label: `add ${made.name}`,
      commands: [{ do: 'add gear', gear: [made] }, placing(kit, made, place, newId, count)],
    },
  };
}

/** A typical piece that comes onto the shelf; what it costs is told only in the catalogue’s own money. */
export function typicalOf(
  { bench }: WorkedOutKit,
  kind: string,
  newId: () => string,
  count = 1,
): Gear {
  const gear = gearOfKind(kindOf(kind)!, newId());
  return { ...gear, count, priceMinor: bench.currency === 'EUR' ? gear.priceMinor : null };
}

function layingOutOf(
  kit: WorkedOutKit,
  gear: Gear,
  place: Place,
  newId: () => string,
  count: number,
): Fix {
  return {
    says: `Lay out ${named(gear.name, count)}, of your shelf`,
    command: placing(kit, gear, place, newId, count),
  };
}

function placing(
  { own }: WorkedOutKit,
  gear: Gear,
  place: Place,
  newId: () => string,
  count: number,
): Command {
  const placement = newPlacement(newId(), gear.id, place, count);
  return { do: 'place', loadout: own.id, placement };
}

function named(name: string, count: number): string {
  return count === 1 ? name : `${count} × ${name}`;
}

/** How many places a piece is tried in. */
const mostPlaces = 6;

/**
 * Moves a piece to each place that takes it by bulk: into other cavities and onto the body.
 *
 * @param suits which places are meant; all where left out.
 */
export function movingOf(
  kit: WorkedOutKit,
  placement: Placement,
  suits: (place: Place) => boolean = () => true,
): readonly Fix[] {
  if (isOfModule(placement.id)) return [];
  const isForBody = standsWell(kit.gear(placement.id), 'body');
  const isBody = (place: Place) => 'on' in place && place.on === 'body';
  const open = openPlaces(kit, [placement])
    .filter((each) => !isTooSmall(each) && suits(each.place))
    .map(({ place }) => place)
    .filter((place) => !('on' in place) || isBody(place));
  // What is wanted on the body goes there before it goes anywhere else.
  const inOrder = isForBody
    ? [...open.filter(isBody), ...open.filter((each) => !isBody(each))]
    : open;
  return inOrder.slice(0, mostPlaces).map((place) => ({
    says: `Move ${kit.gear(placement.id).name} ${whereInWords(kit, place)}`,
    command: moved(kit, placement, place),
  }));
}

export function moved({ own }: WorkedOutKit, { id }: Placement, to: Place): Command {
  return { do: 'move', loadout: own.id, placement: id, to };
}

/** Where to, in words. */
export function whereInWords({ bench, tree }: WorkedOutKit, place: Place): string {
  return toInWords(bench.shelf, tree, place);
}

/**
 * Leaves a piece at home; what is in it is laid on the mat. Nobody is told to leave what a life can hang on, nor what they have on:
 * that is swapped.
 */
export function leaving(kit: WorkedOutKit, id: string): readonly Fix[] {
  const placement = kit.tree.byId.get(id)!;
  if (isOfModule(id) || isVital(kit, placement) || isWornNow(kit, placement)) return [];
  return [
    {
      says: `Leave ${kit.gear(id).name} at home`,
      command: { do: 'take out', loadout: kit.own.id, placement: id, contents: 'to the mat' },
    },
  ];
}

function isWornNow({ gear }: WorkedOutKit, { id, place }: Placement): boolean {
  return isOnGround(place) && place.on === 'body' && isClothes(gear(id));
}

/** Puts other pieces of the shelf in the place of one: those that do the job, the best first. */
export function swapping(
  kit: WorkedOutKit,
  placement: string,
  anyOf: readonly JobId[],
  suits: (gear: Gear) => boolean = () => true,
): readonly Fix[] {
  if (isOfModule(placement)) return [];
  const { own, bench, gear } = kit;
  return offersFor(bench, anyOf)
    .filter(({ supply, gear: each }) => supply.fitness !== 'improvised' && suits(each))
    .slice(0, mostOfShelf)
    .map(({ gear: { id, name } }) => ({
      says: `Take ${name} instead of ${gear(placement).name}`,
      command: { do: 'stand in', loadout: own.id, placement, gear: id },
    }));
}

/** Gets a typical piece of a kind, and puts it in the place of another. */
export function gettingInstead(
  kit: WorkedOutKit,
  placement: string,
  kind: string,
  newId: () => string,
): readonly Fix[] {
  if (isOfModule(placement)) return [];
  // As many as lie there.
  const { count } = kit.whole.placements.find(({ id }) => id === placement)!;
  const made = typicalOf(kit, kind, newId, count);
  return [
    {
      says: `Get ${named(made.name, count)} instead of ${kit.gear(placement).name}`,
      command: {
        do: 'together',
        label: `add ${made.name}`,
        commands: [
          { do: 'add gear', gear: [made] },
          { do: 'stand in', loadout: kit.own.id, placement, gear: made.id },
        ],
      },
    },
  ];
}

/** Writes down that something was made ready or tried today, and held. */
export function checked(
  { bench, gear, day }: WorkedOutKit,
  placements: readonly string[],
  whatOf: (gear: Gear) => readonly { readonly what: string; readonly kind: 'ready' | 'trial' }[],
  says: string,
): Fix {
  const pieces = [...new Set(placements.map((id) => gear(id)))];
  return {
    says,
    command: {
      do: 'together',
      label: says.toLowerCase(),
      commands: pieces.map((each): Command => ({
        do: 'change gear',
        id: each.id,
        change: {
          checks: [
            ...bench.shelf.get(each.id)!.checks,
            ...whatOf(each).map((check) => ({ ...check, on: day, passed: true })),
          ],
        },
      })),
    },
  };
}

/** Whether two places are one cavity. */
export function isSameCavity(one: Place, other: Place): boolean {
  return 'in' in one && samePlace(one, other);
}
