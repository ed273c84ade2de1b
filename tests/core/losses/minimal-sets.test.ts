import fc from 'fast-check';
import { minimalSets } from '@/core/losses/minimal-sets';
import { writtenOut } from '@/core/losses/written-out';
import type { JobId } from '@/core/gear';
import { depthOf, formulaOf } from '@/core/ways';
import { conditionIds, type ConditionId } from '@/core/loadout';
import { exposedJobs, exposedKit } from '../../support/kits-of-needs';
import { doneByHand, everyLoss, setsByHand } from '../../support/losses-by-hand';
import { runs, tried } from '../../support/share';

type Kit = Parameters<Parameters<ReturnType<typeof exposedKit>['map']>[0]>[0];

function bothWays(
  { loadout, shelf }: Kit,
  anyOf: readonly JobId[],
  conditions: readonly ConditionId[],
  upTo: 2 | 3,
) {
  const formula = formulaOf(loadout, shelf, null);
  const { isDone, sets } = minimalSets(formula, anyOf, { upTo, conditions });
  const found = isDone
    ? writtenOut(formula, sets)
        .map((set) => set.join(' '))
        .sort()
    : null;
  const done = doneByHand(loadout, shelf);
  const byHand = setsByHand((lost) => done(anyOf, lost), everyLoss(loadout, conditions), upTo);
  return { found, byHand, formula, sets };
}

const asked = fc.record({
  anyOf: fc.uniqueArray(fc.constantFrom(...exposedJobs), { minLength: 1, maxLength: 2 }),
  conditions: fc.subarray([...conditionIds], { maxLength: 4 }),
});

describe('minimal sets of losses', () => {
  it('are what trying every set of up to three gives, with conditions', () => {
    const sizes = new Map<number, number>();
    const withConditions = new Set<string>();
    fc.assert(
      fc.property(
        exposedKit({ bags: 2, pieces: 8, count: 2 }),
        asked,
        (kit, { anyOf, conditions }) => {
          const { found, byHand } = bothWays(kit, anyOf, conditions, 3);
          expect(found).toEqual(byHand);
          for (const set of found ?? []) {
            const ids = set.split(' ');
            sizes.set(ids.length, (sizes.get(ids.length) ?? 0) + 1);
            for (const id of ids) if (id.startsWith('condition')) withConditions.add(id);
          }
        },
      ),
      runs(2000, 0.25),
    );
    // Each size came up often, and each condition took part in some set.
    expect([1, 2, 3].filter((size) => (sizes.get(size) ?? 0) < tried(200, 0.25))).toEqual([]);
    expect(withConditions.size).toBe(conditionIds.length);
  });

  it('are what trying every pair gives in larger kits', () => {
    fc.assert(
      fc.property(
        exposedKit({ bags: 5, pieces: 40, count: 4 }),
        fc.constantFrom(...exposedJobs),
        (kit, job) => {
          const { found, byHand } = bothWays(kit, [job], conditionIds, 2);
          expect(found).toEqual(byHand);
        },
      ),
      runs(20, 0.3),
    );
  });

  it('the smallest of pieces and holders is the depth', () => {
    fc.assert(
      fc.property(exposedKit({ bags: 3, pieces: 8, count: 4 }), asked, (kit, { anyOf }) => {
        const formula = formulaOf(kit.loadout, kit.shelf, null);
        const { isDone, sets } = minimalSets(formula, anyOf, { upTo: 3, conditions: [] });
        const depth = isDone ? (sets[0]?.length ?? 4) : 0;
        expect(depthOf(formula, anyOf)).toBe(depth);
      }),
      runs(500, 0.2),
    );
  });
});
