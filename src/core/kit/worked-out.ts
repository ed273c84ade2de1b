import type { Gear } from '../gear';
import { loadsOf, notLaidOut, type CavityLoad, type LaidOut } from '../fit';
import {
  gearOf,
  kitsWithin,
  totalsOf,
  treeOf,
  withModules,
  type Bench,
  type Loadout,
  type LoadoutTotals,
  type Shelf,
  type Tree,
  type Wish,
} from '../loadout';
import { coverOf, type Cover, type Scheme } from '../scheme';
import { isDealtAlike, lotsElsewhere, type LotsElsewhere } from '../upkeep';
import { nothingHolds, waysOf, type Ways } from '../ways';
import { type ConditionId } from '../loadout';
import { periodOf } from '../brief/days';
import { temperaturesOf } from '../brief/temperatures';
import { shelterOf } from '../needs/shelter';
import { contextOf, countedOf, wishesOf, type ContextId } from '../scheme/context';
import { once } from '../steps';

/**
 * A kit on its bench with all that goes along in it, on a day, and what is worked out from it: each part once, when it is
 * first asked for. Screens, rules, the audit and the command line share one, so that none of them answers by itself.
 */
export interface WorkedOutKit {
  readonly bench: Bench;
  /** The kit as it is kept: what commands change. */
  readonly own: Loadout;
  /** With the kits that go along laid into it: what is looked at. */
  readonly whole: Loadout;
  /** YYYY-MM-DD. */
  readonly day: string;
  /** The conditions under which it is looked at; none but where somebody asks what is left then. */
  readonly holding: ReadonlySet<ConditionId>;
  /** Who else of the bench wants the lots that it has. */
  readonly elsewhere: LotsElsewhere;
  /** What it is for, as its brief tells; null where that is not known. */
  readonly context: ContextId | null;
  /** What it must be able to do otherwise than any kit: what its brief’s context asks, and its own wishes before that. */
  readonly asked: readonly Wish[];
  readonly tree: Tree;
  readonly totals: LoadoutTotals;
  readonly ways: Ways;
  /** How each cavity is filled: as it was laid out, and by bulk where it was not yet. */
  readonly loads: readonly CavityLoad[];
  /** How it covers the categories of a scheme. */
  readonly cover: (scheme: Scheme) => Cover;
  /** The gear of a placement of the whole kit, by the placement’s id; throws where there is none, which is a bug. */
  readonly gear: (placement: string) => Gear;
}

/** What does not change while the kit, its pieces, the kits along and the day are the same. */
type Parts = Omit<WorkedOutKit, 'bench' | 'loads'> & {
  readonly loadsAs: (laidOut: LaidOut) => readonly CavityLoad[];
};

interface Known {
  readonly parts: Parts;
  /** What they were worked out from. */
  readonly shelf: Bench['shelf'];
  readonly along: readonly Loadout[];
}

/** The parts worked out last, by the kit as it is kept. */
const known = new WeakMap<Loadout, Known>();

/**
 * A kit worked out for a day. While neither it, nor a piece in it, nor a kit along has changed, its parts are those of
 * before, whatever else has changed on the bench.
 *
 * @param laidOut what is known of how its cavities were laid out. The same function is taken to know the same.
 * @param holding conditions that hold everywhere. The same set is taken to hold the same.
 */
export function workedOut(
  bench: Bench,
  own: Loadout,
  day: string,
  laidOut: LaidOut = notLaidOut,
  holding: ReadonlySet<ConditionId> = nothingHolds,
): WorkedOutKit {
  return kitOf(bench, partsOf(bench, own, day, holding), laidOut);
}

/**
 * A kit as it would be with other pieces of its own and of its kits along: tried once, so that nobody keeps it.
 *
 * @param pieces all of them, with the brief that they are tried under.
 * @param day on which they are looked at, YYYY-MM-DD.
 */
export function tried(
  { bench, own: { id }, holding, elsewhere }: WorkedOutKit,
  pieces: Loadout,
  day: string,
): WorkedOutKit {
  const own = { ...pieces, id, modules: [] };
  return kitOf(bench, newParts(bench, own, day, holding, elsewhere), notLaidOut);
}

function kitOf(bench: Bench, parts: Parts, laidOut: LaidOut): WorkedOutKit {
  return {
    bench,
    own: parts.own,
    whole: parts.whole,
    day: parts.day,
    holding: parts.holding,
    elsewhere: parts.elsewhere,
    get context() {
      return parts.context;
    },
    get asked() {
      return parts.asked;
    },
    get tree() {
      return parts.tree;
    },
    get totals() {
      return parts.totals;
    },
    get ways() {
      return parts.ways;
    },
    get loads() {
      return parts.loadsAs(laidOut);
    },
    cover: parts.cover,
    gear: parts.gear,
  };
}

function partsOf(
  bench: Bench,
  own: Loadout,
  day: string,
  holding: ReadonlySet<ConditionId>,
): Parts {
  const along = alongIn(bench, own);
  const elsewhere = lotsElsewhere(bench, own);
  const before = known.get(own);
  if (
    before &&
    before.parts.day === day &&
    before.parts.holding === holding &&
    isAsBefore(before, bench, along) &&
    isDealtAlike(before.parts.elsewhere, elsewhere)
  )
    return before.parts;
  const parts = newParts(bench, own, day, holding, elsewhere);
  known.set(own, { parts, shelf: bench.shelf, along });
  return parts;
}

function alongIn(bench: Bench, own: Loadout): readonly Loadout[] {
  if (own.modules.length === 0) return [];
  return [...kitsWithin(bench, own.id)].flatMap((id) => bench.loadouts.get(id) ?? []);
}

function isAsBefore(
  { parts, shelf, along: before }: Known,
  bench: Bench,
  along: readonly Loadout[],
): boolean {
  return (
    along.length === before.length &&
    along.every((kit, at) => kit === before[at]) &&
    (shelf === bench.shelf ||
      parts.whole.placements.every(({ gear }) => shelf.get(gear) === bench.shelf.get(gear)))
  );
}

function newParts(
  bench: Bench,
  own: Loadout,
  day: string,
  holding: ReadonlySet<ConditionId>,
  elsewhere: LotsElsewhere,
): Parts {
  const { shelf } = bench;
  const whole = withModules(bench, own);
  const ways = once(() => waysOf(whole, shelf, day, holding, elsewhere));
  const asked = once(() => askedOf(own, whole, shelf, day));
  const byBulk = once(() => loadsOf(whole, shelf));
  const loads = new WeakMap<LaidOut, readonly CavityLoad[]>();
  const covers = new WeakMap<Scheme, Cover>();
  return {
    own,
    whole,
    day,
    holding,
    elsewhere,
    get context() {
      return asked().context;
    },
    get asked() {
      return asked().wishes;
    },
    get tree() {
      return treeOf(whole);
    },
    get totals() {
      return totalsOf(whole, shelf);
    },
    get ways() {
      return ways();
    },
    loadsAs: (laidOut) => {
      const found = loads.get(laidOut) ?? laidOut(whole, shelf, byBulk());
      loads.set(laidOut, found);
      return found;
    },
    cover: (scheme) => {
      const found = covers.get(scheme) ?? coverOf(ways(), scheme, own.wishes, asked().ofCover);
      covers.set(scheme, found);
      return found;
    },
    gear: (id) => gearOf(shelf, treeOf(whole).byId.get(id)!),
  };
}

interface Asked {
  readonly context: ContextId | null;
  readonly wishes: readonly Wish[];
  /** Those that a scheme’s categories count. */
  readonly ofCover: readonly Wish[];
}

function askedOf(own: Loadout, whole: Loadout, shelf: Shelf, day: string): Asked {
  const { brief, wishes } = own;
  if (brief === null) return { context: null, wishes, ofCover: wishes };
  const period = brief.when === null ? null : periodOf(brief.when, day);
  const told = { period, ...temperaturesOf(brief, period) };
  const context = contextOf(brief, told, {
    shelter: shelterOf(whole, shelf, brief),
    isSupplement: brief.beside.length > 0,
  });
  if (context === null) return { context, wishes, ofCover: wishes };
  const asked = wishesOf(context, brief, told, wishes);
  return { context, wishes: asked, ofCover: countedOf(context, asked, wishes) };
}
