import { fitFixInWords, fixesForCavity } from '../../fit/laid-out';
import { drained } from '../../steps';
import { massNowG } from '../../gear';
import { isTooSmall, openPlaces } from '../../kit/open-places';
import { isKeptDry } from '../../ways';
import {
  isOfModule,
  isOnGround,
  newPlacement,
  type Command,
  type Place,
  type Placement,
} from '../../loadout';
import type { WorkedOutKit } from '../../kit';
import * as lying from '../lying';
import * as stow from '../stow';
import { noDrySet } from '../warm';
import { deadWeightIn, leavableIn } from '../thrift';
import * as thrift from '../thrift-rules';
import type { Fix } from '../finding';
import {
  checked,
  layingOut,
  layingOutKind,
  leaving,
  moved,
  movingOf,
  typicalOf,
  whereInWords,
} from './fixing';
import { mends, type Mender, type MendAsked } from './mender';

function placementsOf(kit: WorkedOutKit, ids: readonly string[]): readonly Placement[] {
  return ids.flatMap((id) => {
    const placement = kit.tree.byId.get(id);
    return placement && !isOfModule(id) ? [placement] : [];
  });
}

/** Moves each of them by itself. */
function movingEach({ kit, finding: { about } }: MendAsked<unknown>): readonly Fix[] {
  return placementsOf(kit, about).flatMap((placement) => movingOf(kit, placement));
}

/**
 * What helps in a cavity that does not hold what is in it, each really packed. A piece is strapped outside only where something
 * stands that takes it along: nothing is told to be carried on the body so as to be out of the way.
 */
function* packedOtherwise({ kit, finding: { figures } }: MendAsked<stow.Misfit>) {
  const { holder, cavity } = figures;
  const { bench, own, tree, gear } = kit;
  const inside = gear(holder).cavities.find(({ name }) => cavity === null || name === cavity);
  if (!inside || isOfModule(holder)) return;
  for (const fix of fixesForCavity(bench, own.id, { in: holder, cavity: inside.id })) {
    const isOnBody = fix?.to && 'on' in fix.to && fix.to.on === 'body';
    yield fix === null || isOnBody
      ? null
      : { says: fitFixInWords(bench.shelf, tree, fix), command: fix.command };
  }
}

/** Moves all of them together to a place. */
function movingAll(kit: WorkedOutKit, ids: readonly string[], to: Place): Command {
  return {
    do: 'together',
    label: `move ${ids.length} pieces`,
    commands: placementsOf(kit, ids).map((placement) => moved(kit, placement, to)),
  };
}

/** Into a closed waterproof holder that is there, or into a dry bag that comes into the same place. */
function intoDry({ kit, newId, finding: { about } }: MendAsked<unknown>): readonly Fix[] {
  const pieces = placementsOf(kit, about);
  const [first] = pieces;
  if (!first || pieces.length < about.length) return [];
  const rooms = openPlaces(kit, pieces)
    .filter((open) => !isTooSmall(open))
    .map(({ place }) => place)
    .filter(
      (place) => !isOnGround(place) && isKeptDry(kit.tree, kit.bench.shelf, { ...first, place }),
    );
  const bag = typicalOf(kit, 'dry-bag', newId);
  const id = newId();
  const bags: readonly Command[] = [
    { do: 'add gear', gear: [bag] },
    { do: 'place', loadout: kit.own.id, placement: newPlacement(id, bag.id, first.place) },
    ...pieces.map((placement) => moved(kit, placement, { in: id, cavity: bag.cavities[0]!.id })),
  ];
  return [
    ...rooms.slice(0, 3).map((place) => ({
      says: `Move ${pieces.length === 1 ? kit.gear(first.id).name : 'all of it'} ${whereInWords(kit, place)}`,
      command: movingAll(kit, about, place),
    })),
    {
      says: `Get ${bag.name}, and put ${pieces.length === 1 ? 'it' : 'them'} in`,
      command: { do: 'together', label: `add ${bag.name}`, commands: bags },
    },
  ];
}

/** Leaves what nothing is lost with, the heaviest first, and then the heaviest of what can be done without. */
function thinning({ kit }: MendAsked<unknown>): readonly Fix[] {
  const dead = drained(deadWeightIn(kit));
  const byMass = [...kit.own.placements]
    .filter(({ id }) => kit.tree.within(id).length === 0)
    .sort((one, other) => massOf(kit, other) - massOf(kit, one));
  const first = byMass.filter((placement) => dead.includes(placement));
  return [...new Set([...first, ...leavableIn(kit, byMass)])]
    .slice(0, 12)
    .flatMap(({ id }) => leaving(kit, id));
}

function massOf({ gear }: WorkedOutKit, { id, count }: Placement): number {
  return (massNowG(gear(id)) ?? 0) * count;
}

export const lyingMenders: readonly Mender[] = [
  mends(stow.doesNotFit, packedOtherwise),
  mends(stow.overLimits, thinning),
  mends(stow.holderLoad, ({ kit, finding: { about } }) =>
    about.flatMap((holder) =>
      [...kit.tree.within(holder)]
        .sort((one, other) => massOf(kit, other) - massOf(kit, one))
        .filter(({ id }) => !isOfModule(id))
        .slice(0, 4)
        .flatMap((placement) => [
          ...movingOf(kit, placement, (place) => !('in' in place) || place.in !== holder),
          ...leaving(kit, placement.id),
        ]),
    ),
  ),
  mends(stow.notStowed, (asked: MendAsked<unknown>) => {
    const { kit, finding } = asked;
    const pieces = placementsOf(kit, finding.about);
    if (pieces.length < finding.about.length) return [];
    return openPlaces(kit, pieces)
      .filter((open) => !isTooSmall(open) && !isOnGround(open.place))
      .slice(0, 3)
      .map(({ place }) => ({
        says: `Put ${pieces.length === 1 ? 'it' : 'all of them'} ${whereInWords(kit, place)}`,
        command: movingAll(kit, finding.about, place),
      }));
  }),
  mends(lying.tooDeep, ({ kit, finding: { about } }) =>
    placementsOf(kit, about).flatMap((placement) => [
      {
        says: `Carry ${kit.gear(placement.id).name} on the body`,
        command: moved(kit, placement, { on: 'body' }),
      },
      ...movingOf(kit, placement),
    ]),
  ),
  mends(lying.offBalance, ({ kit, finding: { about } }) =>
    about.flatMap((holder) => {
      const { cavities } = kit.gear(holder);
      const main = cavities.find(({ reach }) => reach === 'main');
      const out = cavities
        .filter(({ reach }) => reach === 'top' || reach === 'outside pocket')
        .flatMap(({ id }) => kit.tree.inCavity(holder, id))
        .sort((one, other) => massOf(kit, other) - massOf(kit, one));
      return out.slice(0, 4).flatMap((placement) =>
        main && !isOfModule(placement.id)
          ? [
              {
                says: `Move ${kit.gear(placement.id).name} ${whereInWords(kit, { in: holder, cavity: main.id })}`,
                command: moved(kit, placement, { in: holder, cavity: main.id }),
              },
            ]
          : [],
      );
    }),
  ),
  mends(lying.getsWet, intoDry),
  mends(noDrySet, (asked) => [
    ...asked.finding.about.flatMap((id) =>
      intoDry({ ...asked, finding: { ...asked.finding, about: [id] } }),
    ),
    ...(asked.finding.about.length === 0
      ? layingOut({ kit: asked.kit, newId: asked.newId }, 'insulate')
      : []),
  ]),
  mends(lying.backupTogether, movingEach),
  mends(lying.outsideSpoils, movingEach),
  mends(lying.cannotBeEmptied, ({ kit, newId }) =>
    ['stuff-sack', 'day-bag', 'duffel'].map((kind) => layingOutKind({ kit, newId }, kind)),
  ),
  mends(lying.feelsAlike, ({ kit, finding: { about } }) => [
    checked(
      kit,
      about.slice(0, 1),
      () => [{ what: lying.marked, kind: 'ready' }],
      'One of them is marked',
    ),
  ]),
  mends(lying.wasMoved, ({ kit, finding: { about, figures } }) =>
    placementsOf(kit, about).map((placement) => ({
      says: `Put ${kit.gear(placement.id).name} back where it was`,
      command: moved(kit, placement, figures.was),
    })),
  ),
  mends(thrift.deadWeight, ({ kit, finding: { about } }) =>
    about.flatMap((id) => leaving(kit, id)),
  ),
  mends(thrift.lighterOne, ({ kit, finding: { about, figures } }) =>
    placementsOf(kit, about).map(({ id }) => ({
      says: `Take ${figures.name} instead of ${kit.gear(id).name}`,
      command: { do: 'stand in', loadout: kit.own.id, placement: id, gear: figures.gear },
    })),
  ),
  mends(thrift.manySpares, ({ kit, finding: { about } }) =>
    placementsOf(kit, about).flatMap(({ id, count }) => [
      ...(count > 2
        ? [
            {
              says: `Take two of ${kit.gear(id).name}`,
              command: {
                do: 'set count',
                loadout: kit.own.id,
                placement: id,
                count: 2,
              } as const,
            },
          ]
        : []),
      ...leaving(kit, id),
    ]),
  ),
];
