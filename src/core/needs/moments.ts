import { moments, notAtOnce, type AskedAtOnce, type Moment } from '../catalogue/moments';
import { amountNow, fitnesses, type Gear, type JobId, type Supply } from '../gear';
import { dealAtOnce, type Able } from './at-once';
import { isCooked } from './fuel';
import { sunBurns } from './guard';
import { pitchesOf } from './pitch';
import type { NeedsKit } from './needs-kit';

/** One thing that a moment asks: how much, which placements do it, each as often as it is told, and how much nobody does. */
export interface MomentPart {
  readonly job: JobId;
  readonly asked: number;
  readonly by: readonly string[];
  /** Those of them that only make do. */
  readonly makesDo: readonly string[];
  readonly lacks: number;
  /** With every piece free for it alone, so much would still be lacking. */
  readonly lacksAnyway: number;
}

/** A moment, with one piece doing one job at a time. */
export interface MomentDealt {
  readonly id: string;
  readonly name: string;
  readonly parts: readonly MomentPart[];
  /** Every dealing was looked at. */
  readonly isExact: boolean;
}

/** What gives less than this by itself keeps nobody warm who lies still, in clo (own): a hat or a jersey does not. */
export const leastWarmClo = 0.5;

/** Below this high of a day nobody halts for the heat, in °C (own). */
const heatFromC = 25;

/** Every moment that may come under the brief, and who does what in it. */
export function momentsOf(kit: NeedsKit): readonly MomentDealt[] {
  return moments.filter((moment) => comes(moment, kit)).map((moment) => dealt(moment, kit));
}

/** One moment, where it may come; null where it does not. */
export function momentOf(kit: NeedsKit, id: string): MomentDealt | null {
  const moment = moments.find((each) => each.id === id);
  return moment && comes(moment, kit) ? dealt(moment, kit) : null;
}

function comes({ comes: when }: Moment, kit: NeedsKit): boolean {
  const { conditions, nights } = kit;
  const rains = conditions.isWet === true || (conditions.rainDays?.value ?? 0) > 0;
  switch (when) {
    case 'in rain':
      return rains;
    case 'on a night in rain':
      return rains && nights !== null && nights > 0;
    case 'in heat':
      return (conditions.highC?.value ?? -Infinity) >= heatFromC;
    case 'where cooked':
      // A pot whose fire is gone is to be missed, and not to be silent.
      return isCooked(kit) || kit.ways.formula.sources.some(({ supply }) => supply.job === 'boil');
    case 'always':
      return true;
  }
}

function dealt({ id, name, asks: all }: Moment, kit: NeedsKit): MomentDealt {
  const asked = all.filter(({ job }) => job !== 'sun-guard' || sunBurns(kit));
  const people = kit.people.length;
  const asks = asked.map(({ howMuch }) =>
    typeof howMuch === 'number' ? howMuch : howMuch === 'warm for one' ? 1 : people,
  );
  const items = itemsOf(asked, kit);
  const found = dealAtOnce({ asks, items });
  const parts = asked.map(({ job }, at): MomentPart => {
    const doing = found.by[at]!.map((item) => items.find((each) => each.item === item)!);
    const makesDo = doing.filter(({ does }) => does.get(at)!.fitness === improvised);
    const could = items.reduce((sum, { does }) => sum + (does.get(at)?.gives ?? 0), 0);
    return {
      job,
      asked: asks[at]!,
      by: doing.map(placementOf),
      makesDo: [...new Set(makesDo.map(placementOf))],
      lacks: found.lacks[at]!,
      lacksAnyway: Math.max(0, asks[at]! - could),
    };
  });
  return { id, name, parts, isExact: found.isExact };
}

const improvised = fitnesses.indexOf('improvised');

function placementOf({ item }: Able): string {
  return item.split('#')[0]!;
}

/** The jobs by which a piece may do what is asked: who lies still is kept warm by what is slept in too. */
export function jobsThatAnswer(part: Pick<MomentPart, 'job'>): readonly JobId[] {
  return part.job === 'insulate' ? ['insulate', 'sleep'] : [part.job];
}

/** Whether a piece does by this what a moment asks of the job, and not too little of it or another thing of that name. */
export function isAnswer(gear: Gear, supply: Supply): boolean {
  if (gear.kind !== null && notAtOnce[supply.job]?.includes(gear.kind)) return false;
  return supply.job !== 'insulate' || (amountNow(gear, supply) ?? 0) >= leastWarmClo;
}

/** Every item that does any of it: what is a way, and each of a placement by itself. */
function itemsOf(
  asked: readonly { readonly job: JobId; readonly howMuch: AskedAtOnce }[],
  kit: NeedsKit,
): readonly Able[] {
  const sleepers = new Map(
    pitchesOf(kit).map(({ given, sleepers: places }) => [given.placement.id, places]),
  );
  const byPlacement = new Map<string, { count: number; massG: number; does: Able['does'] }>();
  for (const [at, { job, howMuch }] of asked.entries()) {
    const given = jobsThatAnswer({ job }).flatMap((each) => kit.given(each));
    for (const { placement, gear, supply, count } of given) {
      if (!isAnswer(gear, supply)) continue;
      const gives = howMuch === 'places for all' ? (sleepers.get(placement.id) ?? 0) : 1;
      if (gives === 0) continue;
      const before = byPlacement.get(placement.id);
      const fitness = Math.min(
        fitnesses.indexOf(supply.fitness),
        before?.does.get(at)?.fitness ?? Infinity,
      );
      const does = new Map(before?.does).set(at, { fitness, gives });
      byPlacement.set(placement.id, { count, massG: gear.massG ?? 0, does });
    }
  }
  // More of one piece than are asked for are not at work.
  const most = asked.length * Math.max(1, kit.people.length) * 2;
  return [...byPlacement].flatMap(([id, { count, massG, does }]) =>
    Array.from({ length: Math.min(count, most) }, (_, at) => ({
      item: `${id}#${at + 1}`,
      massG,
      does,
    })),
  );
}
