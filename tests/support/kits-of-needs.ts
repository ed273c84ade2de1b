import fc from 'fast-check';
import { cells, relying, relyingOn } from '@/core/catalogue/kind';
import { plainSupply, type CellType } from '@/core/gear';
import type { Demand, Fitness, Gear, JobId, Supply } from '@/core/gear';
import type { Loadout, Place, Placement } from '@/core/loadout';
import { gear, holder, kit } from './benches';

/** Jobs that rely on one another, a few of them, so that small kits have ways, rings and lacks. */
const few: readonly JobId[] = ['spark', 'tinder', 'fuel', 'stove', 'boil', 'light'];

export function supplyOf(job: JobId, demands: readonly Demand[] = [], fitness: Fitness = 'serves') {
  return { ...plainSupply(job, fitness, null), demands };
}

export function cell(type: CellType): Supply {
  return { ...plainSupply('cells', 'made-for', 3), sort: type };
}

/** So many cells that nobody says are in it: of whatever type, all of one. */
export function looseCells(items: number): Demand {
  return { on: 'jobs', anyOf: ['cells'], sorts: null, items };
}

const anyDemand: fc.Arbitrary<Demand> = fc
  .oneof(
    {
      weight: 4,
      arbitrary: fc.uniqueArray(fc.constantFrom(...few), { minLength: 1, maxLength: 2 }),
    },
    { weight: 1, arbitrary: fc.constant('sun' as const) },
    { weight: 2, arbitrary: fc.integer({ min: 1, max: 3 }) },
    { weight: 1, arbitrary: fc.constantFrom('ember' as const, 'flame' as const) },
  )
  .map((found): Demand => {
    if (found === 'sun') return { on: 'sun' };
    if (typeof found === 'number') return looseCells(found);
    if (found === 'ember') return relyingOn('tinder', 'ember');
    return found === 'flame' ? relyingOn('tinder', 'flame', 'ember') : relying(...found);
  });

const anySupplies: fc.Arbitrary<readonly Supply[]> = fc.oneof(
  {
    weight: 4,
    arbitrary: fc
      .uniqueArray(fc.tuple(fc.constantFrom(...few), fc.array(anyDemand, { maxLength: 2 })), {
        minLength: 1,
        maxLength: 2,
        selector: ([job]) => job,
      })
      .chain((found) =>
        fc.constantFrom('ember' as const, 'flame' as const, null).map((sort) =>
          found.map(([job, demands]) => ({
            ...supplyOf(job, demands),
            sort: job === 'tinder' ? sort : null,
          })),
        ),
      ),
  },
  {
    weight: 1,
    arbitrary: fc
      .constantFrom('AA alkaline' as const, 'AA lithium' as const)
      .map((type) => [cell(type)]),
  },
);

interface NeedyKit {
  readonly shelf: ReadonlyMap<string, Gear>;
  readonly loadout: Loadout;
}

/** A kit that pieces are put into one by one: each into one of the bags that are there already, or onto the body. */
function laidInBags() {
  const placements: Placement[] = [];
  const shelf = new Map<string, Gear>();
  const put = (each: Gear, count: number, where: number) => {
    const holders = placements.filter(({ id }) => id.startsWith('bag'));
    const inside = holders[where % (holders.length + 1)];
    const place: Place = inside ? { in: inside.id, cavity: 'inside' } : { on: 'body' };
    shelf.set(each.id, each);
    placements.push({ id: each.id, gear: each.id, count, place, laidFor: null });
  };
  return { put, placements, shelf };
}

/** A kit of a few pieces that rely on each other, in bags in bags, some of one line and some not there at all. */
export const needyKit: fc.Arbitrary<NeedyKit> = fc
  .record({
    bags: fc.array(fc.nat(), { maxLength: 3 }),
    pieces: fc.array(
      fc.record({
        supplies: anySupplies,
        count: fc.integer({ min: 1, max: 3 }),
        where: fc.nat(),
        lot: fc.nat({ max: 9 }),
      }),
      { minLength: 1, maxLength: 6 },
    ),
  })
  .map(({ bags, pieces }): NeedyKit => {
    const { put, placements, shelf } = laidInBags();
    for (const [at, where] of bags.entries()) put(holder(`bag${at}`), 1, where);
    for (const [at, { supplies, count, where, lot }] of pieces.entries()) {
      put(gear(`p${at}`, { supplies, lentTo: lot === 0 ? 'a friend' : null }), count, where);
    }
    return { shelf, loadout: kit('k', placements) };
  });

export const needyJobs = few;

/** Jobs that conditions take by themselves, or that need a light in the dark. */
const exposedJobs: readonly JobId[] = [
  'flame', 'spark', 'tinder', 'boil', 'light', 'recharge', 'bearing', 'signal-day', 'sleep', 'water',
]; // prettier-ignore

const exposedSupply: fc.Arbitrary<Supply> = fc
  .record({
    job: fc.constantFrom(...exposedJobs, 'cells' as const),
    relies: fc.constantFrom<readonly Demand[]>(
      [], [], [], [{ on: 'sun' }], [relying('tinder')], [relying('flame', 'spark')], [relying('light')],
      [cells('AA alkaline', 1)], [looseCells(2)],
    ), // prettier-ignore
    needsBothHands: fc.nat(3),
    stuff: fc.constantFrom('down' as const, 'wool' as const),
    ownWh: fc.constantFrom(null, 5),
  })
  .map(({ job, relies, needsBothHands, stuff, ownWh }): Supply => {
    if (job === 'cells') return cell('AA alkaline');
    const facts = ((): Supply['facts'] => {
      if (job === 'sleep') return { of: 'warmth', stuff };
      if (job === 'light') return { of: 'light', isHandsFree: false, lumensPerWatt: 90, ownWh };
      return job === 'recharge' ? { of: 'power', whPerSunnyDay: null, ownWh } : null;
    })();
    return { ...supplyOf(job, relies), needsBothHands: needsBothHands === 0, facts };
  });

/** A small kit that conditions take things from: in bags of which some are tight, of stuff that fails wet, cold or hot. */
export function exposedKit(most: {
  readonly bags: number;
  readonly pieces: number;
  readonly count: number;
}): fc.Arbitrary<NeedyKit> {
  return fc
    .record({
      bags: fc.array(
        fc.record({
          where: fc.nat(),
          waterproof: fc.boolean(),
          closure: fc.constantFrom('none' as const, 'roll' as const, null),
        }),
        { maxLength: most.bags },
      ),
      pieces: fc.array(
        fc.record({
          supplies: fc.uniqueArray(exposedSupply, {
            minLength: 1,
            maxLength: 2,
            selector: ({ job }) => job,
          }),
          count: fc.integer({ min: 1, max: most.count }),
          where: fc.nat(),
          lent: fc.nat(9),
          failsIn: fc.subarray(['wet', 'frost', 'heat'] as const),
          isSoft: fc.boolean(),
          care: fc.constantFrom([], [], [{ act: 'recharge' as const, everyMonths: 6 }]),
        }),
        { minLength: 1, maxLength: most.pieces },
      ),
    })
    .map(({ bags, pieces }): NeedyKit => {
      const { put, placements, shelf } = laidInBags();
      const plain = { failsIn: [], care: [] };
      for (const [at, { where, waterproof, closure }] of bags.entries()) {
        const [cavity] = holder('x').cavities;
        put(
          holder(`bag${at}`, { ...plain, cavities: [{ ...cavity!, waterproof, closure }] }),
          1,
          where,
        );
      }
      for (const [
        at,
        { supplies, count, where, lent, failsIn, isSoft, care },
      ] of pieces.entries()) {
        const soft = {
          shape: 'soft',
          looseMl: 100,
          tightMl: 80,
          thinnestMm: 5,
          longestRigidMm: 0,
        } as const;
        const form = isSoft ? { form: soft } : {};
        const lentTo = lent === 0 ? 'a friend' : null;
        put(gear(`p${at}`, { supplies, failsIn, care, lentTo, ...form }), count, where);
      }
      return { shelf, loadout: kit('k', placements) };
    });
}

export { exposedJobs };
