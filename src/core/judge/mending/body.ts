import { aids } from '../../catalogue/aid';
import type { Brief } from '../../brief';
import { moved, layingOut, layingOutKind, leaving, checked, swapping, movingOf } from './fixing';
import * as body from '../body';
import * as harm from '../harm';
import * as wayAndSeen from '../way-and-seen';
import type { Complaint, JobId } from '../../gear';
import { isOfModule, isOnGround, type Place } from '../../loadout';
import type { WorkedOutKit } from '../../kit';
import type { Fix } from '../finding';
import { mends, type Mender, type MendAsked } from './mender';

/** What helps against so many complaints or more is a whole set. */
const setFrom = 4;

/** Kinds against a complaint: single pieces before whole sets, and of each sort those that serve most often first. */
function kindsAgainst(complaint: Complaint): readonly string[] {
  const kinds = [...aids].filter(([, each]) => each.some((aid) => aid.complaint === complaint));
  const [sets, pieces] = [true, false].map((isSet) =>
    kinds.filter(([, each]) => each.length >= setFrom === isSet),
  );
  return [...pieces!, ...sets!].map(([kind]) => kind);
}

function against({
  kit,
  newId,
  finding: { figures },
}: MendAsked<{
  readonly open: readonly { readonly complaint: Complaint }[];
}>): readonly Fix[] {
  return figures.open.flatMap(({ complaint }) =>
    kindsAgainst(complaint)
      .slice(0, 5)
      .flatMap((kind) => [1, 2].map((count) => layingOutKind({ kit, newId, count }, kind))),
  );
}

function leavingEach({ kit, finding: { about } }: MendAsked<unknown>): readonly Fix[] {
  return about.flatMap((id) => leaving(kit, id));
}

function changingBrief(
  { own }: WorkedOutKit,
  says: string,
  change: Partial<Brief>,
): readonly Fix[] {
  if (own.brief === null) return [];
  const brief = { ...own.brief, ...change };
  return [{ says, command: { do: 'change kit', id: own.id, change: { brief } } }];
}

/** What is heated, eaten from or drunk from. */
const vesselJobs: readonly JobId[] = ['boil', 'eat', 'carry-water'];

/** Moves either side of what harms to somewhere else, and nothing of it into what one eats or drinks from. */
function apart({ kit, finding: { about } }: MendAsked<unknown>): readonly Fix[] {
  const [by, ...harmed] = about;
  return [by!, ...(harmed.length === 1 ? harmed : [])].flatMap((id) => {
    const placement = kit.tree.byId.get(id);
    return placement && !isOfModule(id) ? movingOf(kit, placement, isNoVessel) : [];
  });

  function isNoVessel(place: Place): boolean {
    return (
      isOnGround(place) || !kit.gear(place.in).supplies.some(({ job }) => vesselJobs.includes(job))
    );
  }
}

export const bodyMenders: readonly Mender[] = [
  mends(wayAndSeen.noMap, ({ kit, newId }: MendAsked<unknown>) =>
    ['waterproof-map', 'map'].map((kind) => layingOutKind({ kit, newId }, kind)),
  ),
  mends(wayAndSeen.evenNumber, ({ kit, newId, finding: { about } }) => [
    layingOutKind({ kit, newId }, 'button-compass'),
    ...about.flatMap((id) => leaving(kit, id)),
  ]),
  mends(wayAndSeen.dull, ({ kit, newId }) =>
    ['marker-ribbon', 'signal-mirror', 'signal-panel'].map((kind) =>
      layingOutKind({ kit, newId }, kind),
    ),
  ),
  mends(wayAndSeen.mirrorUnderCanopy, ({ kit, newId }) =>
    layingOut({ kit, newId }, 'signal-sound'),
  ),
  mends(wayAndSeen.whistleRange, ({ kit, newId }) =>
    ['signal-mirror', 'marker-ribbon'].map((kind) => layingOutKind({ kit, newId }, kind)),
  ),
  mends(wayAndSeen.conspicuous, ({ kit, finding: { about, figures } }) => [
    ...(figures.by === 'light'
      ? [
          checked(
            kit,
            about,
            () => [{ what: wayAndSeen.redLight, kind: 'ready' }],
            'It gives red light now',
          ),
        ]
      : []),
    ...(figures.by === 'open signal'
      ? about.flatMap((id) => {
          const placement = kit.tree.byId.get(id);
          return placement ? movingOf(kit, placement, (place) => !isOnGround(place)) : [];
        })
      : []),
    ...about.flatMap((id) => {
      const [supply] = kit.gear(id).supplies;
      return supply ? swapping(kit, id, [supply.job]) : [];
    }),
    ...about.flatMap((id) => leaving(kit, id)),
  ]),
  mends(body.complaintOpen, against),
  mends(body.graveOpen, against),
  mends(body.asksTraining, ({ kit, finding: { about } }) => [
    checked(
      kit,
      about,
      () => [{ what: body.trained, kind: 'ready' }],
      'Whoever uses them was trained',
    ),
  ]),
  mends(body.ownShort, ({ kit, newId }) => [
    ...kit.whole.placements
      .filter(
        ({ id, place }) =>
          !isOfModule(id) &&
          !('on' in place && place.on === 'body') &&
          kit.gear(id).supplies.some(({ sort }) => sort === 'adrenaline'),
      )
      .map((placement): Fix => ({
        says: `Carry ${kit.gear(placement.id).name} on the body`,
        command: moved(kit, placement, { on: 'body' }),
      })),
    ...['own-medicine', 'allergy-pen', 'spare-spectacles'].map((kind) =>
      layingOutKind({ kit, newId, place: { on: 'body' } }, kind),
    ),
  ]),
  mends(body.noToilet, ({ kit, newId }) =>
    ['paper-hankies', 'toilet-roll', 'wet-wipes'].map((kind) =>
      layingOutKind({ kit, newId }, kind),
    ),
  ),
  mends(harm.frostFilter, ({ kit, finding: { about } }) =>
    about.flatMap((id) => {
      const placement = kit.tree.byId.get(id);
      if (!placement || isOfModule(id)) return [];
      return [
        {
          says: `Carry ${kit.gear(id).name} on the body`,
          command: moved(kit, placement, { on: 'body' }),
        },
      ];
    }),
  ),
  mends(harm.frostFull, ({ kit, finding: { about } }) =>
    changingBrief(kit, 'Leave a tenth of it empty', {
      filled: (kit.own.brief?.filled ?? []).map((each) =>
        about.includes(each.placement) ? { ...each, ml: Math.floor(each.ml * 0.88) } : each,
      ),
    }),
  ),
  mends(harm.heatSpoils, ({ kit }) =>
    changingBrief(kit, 'Store it in the house', { storedIn: 'house' }),
  ),
  mends(harm.barredInAircraft, leavingEach),
  mends(harm.penFrost, ({ kit, newId }) => [layingOutKind({ kit, newId }, 'pencil')]),
  mends(harm.burstBeside, apart),
  mends(harm.fuelBesideFood, apart),
  mends(harm.bareCells, apart),
];
