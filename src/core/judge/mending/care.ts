import { untriedAt } from '../../upkeep';
import { isAtHand } from '../../gear';
import { elsewhereOf, havingHereOnly, wishingForASecond } from '../../kit/double-booked';
import { isOfModule, type Placement } from '../../loadout';
import { careTaken, duesOf, heldInKit, type Due } from '../../upkeep';
import type { WorkedOutKit } from '../../kit';
import * as keeping from '../keeping';
import * as upkeep from '../upkeep';
import type { Fix } from '../finding';
import { checked, leaving, swapping } from './fixing';
import { mends, type Mender, type MendAsked } from './mender';

/** Writes down that all of this care was taken today. */
function taken(
  { own, bench, day }: WorkedOutKit,
  says: string,
  isMeant: (due: Due) => boolean,
): readonly Fix[] {
  const dues = heldInKit(own, bench.shelf, day)
    .flatMap((held) => (isAtHand(held.gear) ? duesOf(held).dues : []))
    .filter(isMeant);
  const done = dues.length === 0 ? null : careTaken(bench, dues, day);
  return done?.ok ? [{ says, command: done.value }] : [];
}

function leavingEach({ kit, finding: { about } }: MendAsked<unknown>): readonly Fix[] {
  return about.flatMap((id) => leaving(kit, id));
}

function ownOf(kit: WorkedOutKit, ids: readonly string[]): readonly Placement[] {
  return ids.flatMap((id) => (isOfModule(id) ? [] : (kit.tree.byId.get(id) ?? [])));
}

/** Another of it is wished for, and lies in its place. */
function aSecond({ own, gear }: WorkedOutKit, placement: Placement, newId: () => string): Fix {
  const piece = gear(placement.id);
  return {
    says: `Wish for a second ${piece.name}`,
    command: wishingForASecond(own.id, placement, piece, newId),
  };
}

/** It leaves every other kit. */
function hereOnly({ bench, own, gear }: WorkedOutKit, { id }: Placement): readonly Fix[] {
  const piece = gear(id);
  return elsewhereOf(bench, own.id, piece.id).length === 0
    ? []
    : [
        {
          says: `Have ${piece.name} here only`,
          command: havingHereOnly(bench, own.id, piece),
        },
      ];
}

export const careMenders: readonly Mender[] = [
  mends(upkeep.pastTheirDate, ({ kit, finding: { about } }) => [
    ...taken(
      kit,
      'It was renewed today',
      ({ act, placement }) => act === 'replace' && about.includes(placement?.id ?? ''),
    ),
    ...about.flatMap((id) => {
      const [supply] = kit.gear(id).supplies;
      return supply ? swapping(kit, id, [supply.job]) : [];
    }),
    ...about.flatMap((id) => leaving(kit, id)),
  ]),
  mends(upkeep.careDue, ({ kit }) =>
    taken(kit, 'All of it was looked after today', ({ on }) => on < kit.day),
  ),
  mends(keeping.chargeDue, ({ kit, finding: { about } }) =>
    taken(
      kit,
      'It was charged today',
      ({ act, placement }) => act === 'recharge' && about.includes(placement?.id ?? ''),
    ),
  ),
  mends(upkeep.placedTwice, ({ kit, newId, finding: { about } }) =>
    ownOf(kit, about).flatMap((placement) => [
      ...hereOnly(kit, placement),
      aSecond(kit, placement, newId),
      {
        says: `Let ${kit.gear(placement.id).name} go from kit to kit`,
        command: {
          do: 'change gear',
          id: placement.gear,
          change: { isShared: true },
        } as const,
      },
      ...leaving(kit, placement.id),
    ]),
  ),
  mends(keeping.countedOnTwice, ({ kit, newId, finding: { about } }) =>
    ownOf(kit, about).flatMap((placement) => [
      aSecond(kit, placement, newId),
      ...hereOnly(kit, placement),
    ]),
  ),
  mends(upkeep.notThere, leavingEach),
  mends(keeping.neverTried, ({ kit, finding: { about } }) => [
    checked(
      kit,
      about,
      (gear) => untriedAt(gear).map((what) => ({ what, kind: 'trial' })),
      'All of them were tried today, and held',
    ),
  ]),
  mends(keeping.failedTrial, ({ kit, finding: { about } }) => [
    ...about.flatMap((id) => {
      const [supply] = kit.gear(id).supplies;
      return supply ? swapping(kit, id, [supply.job]) : [];
    }),
    ...about.flatMap((id) => leaving(kit, id)),
  ]),
];
