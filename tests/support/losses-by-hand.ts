import { demandsThere } from '@/core/ways/hearth';
import { hasOwnCells, serves, type Gear, type JobId, type Supply } from '@/core/gear';
import type { Loadout, Placement } from '@/core/loadout';

type Shelf = ReadonlyMap<string, Gear>;

export const everyCondition = [
  'soaked', 'frozen', 'no-sun', 'dark', 'hot-store', 'cells-flat', 'no-flame', 'one-hand',
] as const; // prettier-ignore

/** Everything that can be lost, written out: each item by itself up to four, each holder with something in it. */
export function everyLoss({ placements }: Loadout, conditions: readonly string[] = []): string[] {
  return [
    ...placements.flatMap(({ id, count }) => [
      ...Array.from({ length: Math.min(4, count) }, (_, at) => `piece:${id}#${at + 1}`),
      ...(placements.some(({ place }) => 'in' in place && place.in === id) ? [`holder:${id}`] : []),
    ]),
    ...conditions.map((condition) => `condition:${condition}`),
  ];
}

interface Item {
  readonly item: string;
  readonly around: readonly string[];
  readonly gear: Gear;
  readonly isDry: boolean;
}

/** Whether a job is done when these are lost, worked out the slow way: item by item, in rounds until nothing changes. */
export function doneByHand(loadout: Loadout, shelf: Shelf) {
  const byId = new Map(loadout.placements.map((placement) => [placement.id, placement]));
  const around = ({ place }: Placement): readonly Placement[] => {
    if (!('in' in place)) return [];
    const holder = byId.get(place.in)!;
    return [holder, ...around(holder)];
  };
  const isDry = ({ place }: Placement): boolean => {
    if (!('in' in place)) return false;
    const holder = byId.get(place.in)!;
    const cavity = shelf.get(holder.gear)!.cavities.find(({ id }) => id === place.cavity)!;
    return (cavity.waterproof && cavity.closure !== 'none') || isDry(holder);
  };
  const items = loadout.placements.flatMap((placement): Item[] => {
    const gear = shelf.get(placement.gear)!;
    if (gear.lentTo !== null) return [];
    return Array.from({ length: placement.count }, (_, at) => ({
      item: `piece:${placement.id}#${at + 1}`,
      around: [placement, ...around(placement)].map(({ id }) => `holder:${id}`),
      gear,
      isDry: isDry(placement),
    }));
  });
  return (anyOf: readonly JobId[], lost: ReadonlySet<string>): boolean => {
    const waiting = items
      .filter(({ item, around: holders }) => !lost.has(item) && !holders.some((id) => lost.has(id)))
      .flatMap((item) => item.gear.supplies.map((supply) => ({ item, supply })))
      .filter(({ item, supply }) => !isTaken(item, supply, lost));
    const done: (typeof waiting)[number][] = [];
    const isMet = ({ supply }: (typeof waiting)[number]) =>
      demandsThere(supply, true).every((demand) => {
        if (demand.on === 'sun' || hasOwnCells(demand)) return true;
        return demand.anyOf.some((job) => {
          const there = done.flatMap(({ supply: { job: other, sort } }) =>
            other === job && serves(sort, demand.sorts) ? [sort] : [],
          );
          return there.some((sort) => there.filter((each) => each === sort).length >= demand.items);
        });
      }) &&
      (!lost.has('condition:dark') ||
        !['bearing', 'map', 'position', 'sew', 'guide'].includes(supply.job) ||
        done.some((each) => each.supply.job === 'light'));
    for (;;) {
      const joining = waiting.filter((each) => !done.includes(each) && isMet(each));
      if (joining.length === 0) break;
      done.push(...joining);
    }
    return done.some(({ supply }) => anyOf.includes(supply.job));
  };
}

function isTaken({ gear, isDry }: Item, supply: Supply, lost: ReadonlySet<string>): boolean {
  const { job, facts, demands } = supply;
  const holds = (condition: string) => lost.has(`condition:${condition}`);
  const byWater =
    gear.failsIn.includes('wet') ||
    (['sleep', 'insulate'].includes(job) &&
      facts?.of === 'warmth' &&
      ['down', 'cotton'].includes(facts.stuff));
  const bySun = demands.some(({ on }) => on === 'sun');
  const isRigidWater = gear.form?.shape !== 'soft' && ['water', 'carry-water'].includes(job);
  const ownWh = gear.supplies.some(
    (each) =>
      (each.facts?.of === 'light' || each.facts?.of === 'power') && each.facts.ownWh !== null,
  );
  const isCharged = ownWh || gear.care.some(({ act }) => act === 'recharge');
  const chargesItself = gear.supplies.some(
    (each) =>
      each.demands.some(({ on }) => on === 'sun') ||
      (each.job === 'recharge' &&
        each.demands.length === 0 &&
        !(each.facts?.of === 'power' && each.facts.ownWh !== null)),
  );
  return (
    (holds('soaked') && byWater && !isDry) ||
    (holds('frozen') && gear.failsIn.includes('frost') && !isRigidWater) ||
    (holds('no-sun') && bySun) ||
    (holds('dark') && (bySun || job === 'signal-day')) ||
    (holds('hot-store') && gear.failsIn.includes('heat')) ||
    (holds('cells-flat') &&
      (job === 'cells' || demands.some(hasOwnCells) || (isCharged && !chargesItself))) ||
    (holds('no-flame') &&
      ['flame', 'spark', 'sun-fire', 'tinder', 'fuel', 'stove', 'candle'].includes(job)) ||
    (holds('one-hand') && supply.needsBothHands)
  );
}

/** Every minimal set of up to so many losses, by trying all of them; null where the job is not done at all. */
export function setsByHand(
  isDone: (lost: ReadonlySet<string>) => boolean,
  losses: readonly string[],
  upTo: number,
): readonly string[] | null {
  if (!isDone(new Set())) return null;
  const found: (readonly string[])[] = [];
  const holds = (set: readonly string[]) =>
    found.some((smaller) => smaller.every((loss) => set.includes(loss)));
  for (let many = 1; many <= upTo; many += 1) {
    const ofThisSize: (readonly string[])[] = [];
    const pick = (from: number, set: readonly string[]): void => {
      if (set.length < many) {
        for (let at = from; at < losses.length; at += 1) pick(at + 1, [...set, losses[at]!]);
      } else if (!holds(set) && !isDone(new Set(set))) ofThisSize.push(set);
    };
    pick(0, []);
    found.push(...ofThisSize);
  }
  return found.map((set) => [...set].sort().join(' ')).sort();
}
