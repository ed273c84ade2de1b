import {
  hasOwnCells,
  onAny,
  serves,
  type Demand,
  type Gear,
  type JobId,
  type JobsDemand,
  type Sort,
  type Supply,
} from '../gear';
import {
  gearOf,
  groundUnder,
  holdersAround,
  treeOf,
  type ConditionId,
  type Ground,
  type Loadout,
  type Placement,
  type Shelf,
} from '../loadout';
import { once } from '../steps';
import { doneBySight, isKeptDry, takenIn } from './conditions';
import { demandsThere, mayHaveOpenFire } from './hearth';
import {
  absenceOf,
  goodAmong,
  keptIn,
  nobodyElse,
  sharesIn,
  type Absence,
  type LotsElsewhere,
} from '../upkeep';

/** One supply of one placement: it counts while an item of the placement is alive and all it needs is met. */
export interface Source {
  readonly placement: Placement;
  readonly gear: Gear;
  readonly supply: Supply;
  /**
   * How many of the placement count. Where some of the gear are past their date, not more than the others are: nobody knows
   * yet which of them lie here.
   */
  readonly items: number;
  /** Why it does nothing whatever else is there; null where nothing keeps it. */
  readonly absence: Absence | null;
  readonly needs: readonly Need[];
  /** The conditions that take it by itself. */
  readonly takenBy: readonly ConditionId[];
}

/** A demand, and the gates any of which meets it. */
export interface Need {
  readonly demand: Demand;
  /** Null where it is met from outside the kit, as by the sun. */
  readonly gates: readonly number[] | null;
}

/** Open while so many items of these sources count. Two sorts of cells for one lamp are two gates. */
export interface Gate {
  readonly sources: readonly number[];
  readonly items: number;
}

/**
 * What a kit can do, as a monotone formula over its items: the more is lost, the less is done. All that is asked about
 * ways, depth, losses and what could stay at home is asked of it.
 */
export interface Formula {
  readonly sources: readonly Source[];
  readonly gates: readonly Gate[];
  readonly byJob: ReadonlyMap<JobId, readonly number[]>;
  /** The gates that a source helps to open, by its number. */
  readonly opens: readonly (readonly number[])[];
  /**
   * The holders that go with all that is in them, by placement: those round it, and itself where it holds something.
   */
  readonly goesWith: ReadonlyMap<string, readonly string[]>;
  /** What is counted when something is lost, by what is lost. */
  readonly index: Index;
}

/** Looked up over and over while losses are tried: sources by their numbers. */
export interface Index {
  /** How many items of each source are there while nothing is lost; 0 for what does nothing anyway. */
  readonly items: Int32Array;
  readonly byPlacement: ReadonlyMap<string, readonly number[]>;
  /** By holder, all that goes with it. */
  readonly byHolder: ReadonlyMap<string, readonly number[]>;
  readonly byCondition: ReadonlyMap<ConditionId, readonly number[]>;
  /** The gate that opens while anything gives light, and which sources need it in the dark. */
  readonly light: number;
  readonly needsLight: readonly boolean[];
}

/**
 * The formula of a kit on a day.
 *
 * @param loadout with the kits that go along laid into it.
 * @param day YYYY-MM-DD; null where dates are not asked about.
 * @param elsewhere who else wants the lots that it has.
 */
export function formulaOf(
  loadout: Loadout,
  shelf: Shelf,
  day: string | null,
  elsewhere: LotsElsewhere = nobodyElse,
): Formula {
  const shares = sharesIn(loadout, shelf, day, elsewhere);
  const supplies = loadout.placements.flatMap((placement) => {
    const gear = gearOf(shelf, placement);
    const own = shares.get(placement.id);
    const kept = keptIn(placement, loadout, elsewhere);
    const absence = absenceOf(gear, day, kept, own);
    const items = own ? goodAmong(gear, own, day, kept, placement.count) : placement.count;
    return gear.supplies.map((supply, at) => ({ placement, gear, supply, items, absence, at }));
  });
  const byJob = byJobOf(supplies);
  const gates: Gate[] = [];
  const known = new Map<string, number>();
  const gate = (name: string, sources: () => readonly number[], items: number): number => {
    const found = known.get(name);
    if (found !== undefined) return found;
    known.set(name, gates.length);
    return gates.push({ sources: sources(), items }) - 1;
  };
  const tree = treeOf(loadout);
  const hasOpenFire = mayHaveOpenFire(loadout.brief);
  const gatesOfJob = (job: JobId, { sorts, items }: JobsDemand): readonly number[] => {
    const sortAt = (at: number) => supplies[at]!.supply.sort;
    const serving = () => (byJob.get(job) ?? []).filter((at) => serves(sortAt(at), sorts));
    const name = `${job} ${sorts?.join() ?? 'any'}`;
    if (items === 1) return [gate(name, serving, 1)];
    // Several work together only where they are of one sort.
    return [...new Set(serving().map(sortAt))].map((sort) =>
      gate(
        `${items} × ${name}: ${sort}`,
        () => serving().filter((at) => sortAt(at) === sort),
        items,
      ),
    );
  };
  const gatesFor = (demand: Demand, placement: Placement): readonly number[] | null => {
    if (demand.on === 'sun') return null;
    if (hasOwnCells(demand) || isMetOn(groundUnder(tree, placement), demand)) return null;
    return demand.anyOf.flatMap((job) => gatesOfJob(job, demand));
  };
  const keptDry = new Map<string, boolean>();
  const isDry = (placement: Placement): boolean => {
    const found = keptDry.get(placement.id) ?? isKeptDry(tree, shelf, placement);
    keptDry.set(placement.id, found);
    return found;
  };
  const sources = supplies.map(({ placement, gear, supply, items, absence, at }): Source => ({
    placement,
    gear,
    supply,
    items,
    absence,
    needs: demandsThere(supply, hasOpenFire).map((demand) => ({
      demand,
      gates: gatesFor(demand, placement),
    })),
    takenBy: takenIn(gear, isDry(placement))[at]!,
  }));
  const [light] = gatesOfJob('light', onAny('light'));
  return numbered(sources, gates, goesWithOf(loadout), light!);
}

/** A formula of these sources and gates, which name each other by their numbers here. */
export function numbered(
  sources: readonly Source[],
  gates: readonly Gate[],
  goesWith: Formula['goesWith'],
  light: number,
): Formula {
  const opens: number[][] = sources.map(() => []);
  for (const [at, { sources: members }] of gates.entries()) {
    for (const member of members) opens[member]!.push(at);
  }
  const index = indexOf(sources, goesWith, light);
  return { sources, gates, byJob: byJobOf(sources), opens, goesWith, index };
}

function byJobOf(
  supplies: readonly Pick<Source, 'supply'>[],
): ReadonlyMap<JobId, readonly number[]> {
  const byJob = new Map<JobId, number[]>();
  for (const [at, { supply }] of supplies.entries()) push(byJob, supply.job, at);
  return byJob;
}

function indexOf(sources: readonly Source[], goesWith: Formula['goesWith'], light: number): Index {
  // Most kits are only tried once, and nothing is lost of them.
  const by = once(() => {
    const placement = new Map<string, number[]>();
    const holder = new Map<string, number[]>();
    const condition = new Map<ConditionId, number[]>();
    for (const [at, source] of sources.entries()) {
      const { id } = source.placement;
      push(placement, id, at);
      for (const each of goesWith.get(id)!) push(holder, each, at);
      for (const each of source.takenBy) push(condition, each, at);
    }
    return { placement, holder, condition };
  });
  return {
    items: Int32Array.from(sources, ({ absence, items }) => (absence === null ? items : 0)),
    get byPlacement() {
      return by().placement;
    },
    get byHolder() {
      return by().holder;
    },
    get byCondition() {
      return by().condition;
    },
    light,
    needsLight: sources.map(({ supply }) => doneBySight.includes(supply.job)),
  };
}

/** The current that there is where a kit stands: the house has mains, the vehicle its own; what is carried has none. */
const currents: Partial<Readonly<Record<Ground, Sort>>> = {
  house: 'mains',
  vehicle: 'vehicle current',
};

/** Whether a demand is met by where the piece stands. Who asks for no sort of current waits for what is in the kit. */
function isMetOn(ground: Ground, { anyOf, sorts }: JobsDemand): boolean {
  const current = currents[ground];
  return current !== undefined && anyOf.includes('recharge') && (sorts ?? []).includes(current);
}

function goesWithOf(loadout: Loadout): ReadonlyMap<string, readonly string[]> {
  const tree = treeOf(loadout);
  return new Map(
    loadout.placements.map((placement) => {
      const around = holdersAround(tree, placement).map(({ id }) => id);
      const { id } = placement;
      return [id, tree.within(id).length > 0 ? [id, ...around] : around];
    }),
  );
}

function push<K>(lists: Map<K, number[]>, key: K, value: number): void {
  const list = lists.get(key);
  if (list) list.push(value);
  else lists.set(key, [value]);
}
