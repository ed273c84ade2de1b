import { hasNoJob, isInPart } from '../catalogue/find-gear';
import { isSpent, type Gear } from '../gear';
import { kitsByName, placedByGear, type Bench } from '../loadout';
import { isUntried } from './tried';

/** One board of the shelf: gear that is in one place, or waits for one thing. */
export interface Board {
  readonly id: string;
  readonly name: string;
  /** How many of each are on it, in the order that they were given in. */
  readonly pieces: readonly { readonly gear: Gear; readonly count: number }[];
  /** What is there is wanted of its owner, and not only put away. */
  readonly isWaiting: boolean;
}

/** Boards by where a piece is: kit by kit, then what is in none, lent, to be bought, used up or retired. Empty ones are left out. */
export function boardsByPlace(bench: Bench, gear: readonly Gear[]): readonly Board[] {
  const placed = placedByGear(bench);
  const inKits = kitsByName(bench).map(({ id, name }) =>
    board(
      id,
      name,
      false,
      gear.flatMap((each) => {
        const count = placed.get(each.id)?.get(id) ?? 0;
        return count > 0 ? [{ gear: each, count }] : [];
      }),
    ),
  );
  const inNone = gear.filter((each) => (placed.get(each.id)?.size ?? 0) === 0);
  const of = (id: keyof typeof apart, isWaiting: boolean) =>
    board(id, apart[id], isWaiting, inNone.filter((each) => whereApart(each) === id).map(whole));
  return [
    of('free', true),
    ...inKits,
    of('wished', true),
    of('lent', true),
    of('spent', true),
    of('retired', false),
  ].filter(({ pieces }) => pieces.length > 0);
}

const apart = {
  free: 'In no kit',
  wished: 'To buy, in no kit',
  lent: 'Lent, in no kit',
  spent: 'Used up',
  retired: 'Retired',
} as const;

function whereApart(gear: Gear): keyof typeof apart {
  if (gear.ownership === 'retired') return 'retired';
  if (gear.ownership === 'wished') return 'wished';
  if (gear.lentTo !== null) return 'lent';
  return isSpent(gear) ? 'spent' : 'free';
}

/** What a piece can wait for, with the name of its board. */
const waits: readonly {
  readonly id: string;
  readonly name: string;
  readonly is: (gear: Gear) => boolean;
}[] = [
  { id: 'to buy', name: 'To buy', is: ({ ownership }) => ownership === 'wished' },
  { id: 'lent', name: 'Lent, to come back', is: ({ lentTo }) => lentTo !== null },
  {
    id: 'goes back',
    name: 'To go back where it came from',
    is: ({ borrowedFrom, takenFrom }) => borrowedFrom !== null || takenFrom !== null,
  },
  { id: 'to measure', name: 'To measure', is: ({ form }) => form === null },
  { id: 'to weigh', name: 'To weigh', is: (gear) => isInPart(gear, 'not weighed', 0) },
  { id: 'no job', name: 'To say what it does', is: hasNoJob },
  { id: 'to try', name: 'To try', is: isUntried },
];

/** Boards by what a piece waits for, the same piece on each that it waits on; then what waits for nothing. */
export function boardsByWait(gear: readonly Gear[]): readonly Board[] {
  const here = gear.filter(({ ownership }) => ownership !== 'retired');
  const boards = waits.map(({ id, name, is }) =>
    board(id, name, true, here.filter((each) => isWaitedFor(id, each, is)).map(whole)),
  );
  const waiting = new Set(boards.flatMap(({ pieces }) => pieces.map((piece) => piece.gear.id)));
  const ready = here.filter(({ id }) => !waiting.has(id)).map(whole);
  return [...boards, board('ready', 'Waits for nothing', false, ready)].filter(
    ({ pieces }) => pieces.length > 0,
  );
}

/** What is not there yet waits to be bought before it can be weighed, measured or tried. */
function isWaitedFor(id: string, gear: Gear, is: (gear: Gear) => boolean): boolean {
  if (!is(gear)) return false;
  const isThere = gear.ownership !== 'wished' && gear.lentTo === null;
  return isThere || !['to weigh', 'to measure', 'to try'].includes(id);
}

function whole(gear: Gear): Board['pieces'][number] {
  return { gear, count: gear.count };
}

function board(id: string, name: string, isWaiting: boolean, pieces: Board['pieces']): Board {
  return { id, name, isWaiting, pieces };
}
