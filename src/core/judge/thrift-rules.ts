import { jobIds, jobs, massNowG, type Gear, type JobId, type Silhouette, type Sort } from '../gear';
import { listed, printMass } from '../quantity';
import { freeIn, type Free } from '../scheme';
import { mustsOf } from '../scheme/musts';
import { idsOf, type Piece } from './background';
import type { Found, Rule } from './finding';
import { neededIn } from './needed';
import { deadWeightIn } from './thrift';

/** Pieces without which nothing is lost. */
export const deadWeight: Rule<{ readonly massG: number }> = {
  id: 'thrift/dead',
  severities: ['note'],
  speaksWhen: 'nothing is lost without it',
  mendedBy: 'leave it at home, or keep it on purpose',
  asks: null,
  because: 'Every gram that does nothing is carried all the way.',
  *find(kit) {
    const dead = yield* deadWeightIn(kit);
    return dead.flatMap(({ id, count }) => {
      const massG = (massNowG(kit.gear(id)) ?? 0) * count;
      return massG === 0 ? [] : [{ severity: 'note' as const, about: [id], figures: { massG } }];
    });
  },
  says: ({ massG }, { units, name }, [placement]) =>
    `${name(placement!)} could stay at home: nothing is lost, and ${printMass(massG, units)} saved.`,
};

/** A lighter piece of the shelf that does the same is worth telling from so many g on (own). */
const worthG = 20;

interface LighterFigures {
  readonly gear: string;
  readonly name: string;
  readonly savedG: number;
}

/** The shelf has a lighter one that does the same. */
export const lighterOne: Rule<LighterFigures> = {
  id: 'thrift/lighter',
  severities: ['note'],
  speaksWhen: 'an owned lighter piece does the same',
  mendedBy: 'take the lighter one',
  asks: 'masses',
  because: 'It lies at home and would carry itself.',
  *find({ bench, tree }, { pieces }) {
    const free = lightestFirst(yield* freeIn(bench));
    const found: Found<LighterFigures>[] = [];
    for (const { placement, gear } of pieces) {
      yield;
      const own = massNowG(gear);
      if (own === null || placement.isAssumed || tree.within(placement.id).length > 0) continue;
      if (!gear.supplies.some(({ fitness }) => fitness !== 'improvised')) continue;
      const better = free
        .get(gear.look.silhouette)
        ?.find(
          ({ gear: other, free: many }) =>
            many >= placement.count &&
            other.massG !== null &&
            other.massG <= own - worthG &&
            other.cavities.length >= gear.cavities.length &&
            other.failsIn.every((harm) => gear.failsIn.includes(harm)) &&
            doesAll(other, gear),
        );
      if (!better) continue;
      const figures = {
        gear: better.gear.id,
        name: better.gear.name,
        savedG: (own - better.gear.massG!) * placement.count,
      };
      found.push({ severity: 'note', about: [placement.id], figures });
    }
    return found;
  },
  says: ({ name: other, savedG }, { units, name }, [placement]) =>
    `${other} does what ${name(placement!)} does, and is ${printMass(savedG, units)} lighter.`,
};

const order = ['made-for', 'serves', 'improvised'];

/** Free pieces by their outline: a piece is compared with those of its own outline, not with the whole shelf. */
function lightestFirst(offers: readonly Free[]): ReadonlyMap<Silhouette, readonly Free[]> {
  const sorted = [...offers].sort(
    ({ gear: one }, { gear: other }) => (one.massG ?? Infinity) - (other.massG ?? Infinity),
  );
  const byOutline = new Map<Silhouette, Free[]>();
  for (const offer of sorted) {
    const { silhouette } = offer.gear.look;
    const like = byOutline.get(silhouette);
    if (like) like.push(offer);
    else byOutline.set(silhouette, [offer]);
  }
  return byOutline;
}

/** Whether one piece does everything as well and as much as another, relying on nothing more. */
function doesAll(one: Gear, other: Gear): boolean {
  return other.supplies
    .filter(({ fitness }) => fitness !== 'improvised')
    .every((wanted) =>
      one.supplies.some(
        (supply) =>
          supply.job === wanted.job &&
          supply.sort === wanted.sort &&
          order.indexOf(supply.fitness) <= order.indexOf(wanted.fitness) &&
          (wanted.amount === null ||
            (supply.amount !== null && isAsMuch(supply.job, supply.amount, wanted.amount))) &&
          JSON.stringify(supply.demands) === JSON.stringify(wanted.demands) &&
          JSON.stringify(supply.facts) === JSON.stringify(wanted.facts),
      ),
    );
}

function isAsMuch(job: JobId, amount: number, wanted: number): boolean {
  return jobs[job].tally === 'smallest' ? amount <= wanted : amount >= wanted;
}

/** So many pieces of a small job are more than spares (domain). */
const mostOfSmallJob = 3;

/** Three or more spares of a job that nothing hangs on. */
export const manySpares: Rule<{ readonly job: JobId; readonly many: number }> = {
  id: 'thrift/spares',
  severities: ['note'],
  speaksWhen: 'three or more spares of a small job are there',
  mendedBy: 'leave the spare at home',
  asks: null,
  because: 'One is enough, two are kind.',
  *find(kit, { pieces }) {
    const asked = new Set(mustsOf(kit.asked).flatMap(({ anyOf }) => anyOf));
    const neededFor = neededIn(kit);
    const found: Found<{ readonly job: JobId; readonly many: number }>[] = [];
    for (const job of jobIds) {
      const { tally, isPerPerson, isUsedUp, critical } = jobs[job];
      if (tally !== 'none' || isPerPerson || isUsedUp || critical || asked.has(job)) continue;
      const bySort = new Map<Sort | null, Piece[]>();
      for (const piece of pieces) {
        const sort = onlySortFor(piece.gear, job);
        if (sort !== undefined) bySort.set(sort, [...(bySort.get(sort) ?? []), piece]);
      }
      for (const [sort, all] of bySort) {
        if (howMany(all) <= mostOfSmallJob) continue;
        const made: Piece[] = [];
        for (const piece of all) {
          yield;
          if ((yield* neededFor.steps(piece.placement)) === null) made.push(piece);
        }
        if (howMany(made) <= mostOfSmallJob) continue;
        const of = sort === null ? job : `${job} ${sort}`;
        const figures = { job, many: howMany(made) };
        found.push({ severity: 'note', about: idsOf(made), of, figures });
      }
    }
    return found;
  },
  says: ({ job, many }, { name }, about) =>
    `${many} pieces do nothing but ${jobs[job].name}: ${listed(about.map(name))}.`,
};

function howMany(pieces: readonly Piece[]): number {
  return pieces.reduce((sum, { placement: { count } }) => sum + count, 0);
}

/** Of what sort a piece does a job, where it does nothing else; undefined where it does not, or does more. */
function onlySortFor({ supplies }: Gear, job: JobId): Sort | null | undefined {
  const [first, ...others] = supplies.filter(({ fitness }) => fitness !== 'improvised');
  return first?.job === job && others.length === 0 ? first.sort : undefined;
}
