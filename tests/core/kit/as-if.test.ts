import { asIfLost } from '@/core/kit/as-if';
import { workedOut } from '@/core/kit';
import { underBrief } from '@/core/kit/under-brief';
import type { Loss } from '@/core/loadout';
import { allLost, depthOf } from '@/core/ways';
import { demoBench } from '@/core/demo';
import { benchOfKinds } from '../../support/kits-of-kinds';

const today = '2027-09-20';

describe('a kit as if some of it were lost', () => {
  it('does what the formula says is left, for every single loss of the demo’s kits', () => {
    for (const own of demoBench.loadouts.values()) {
      const whole = workedOut(demoBench, own, today);
      const jobs = [...whole.ways.byJob.keys()];
      const losses: Loss[] = own.placements.flatMap(({ id }): Loss[] => [
        { kind: 'piece', placement: id },
        ...(whole.tree.within(id).length > 0 ? [{ kind: 'holder' as const, placement: id }] : []),
      ]);
      for (const loss of [...losses, { kind: 'condition', condition: 'soaked' } as const]) {
        const lost = allLost([loss]);
        const left = workedOut(
          demoBench,
          asIfLost(demoBench, own, lost),
          today,
          undefined,
          lost.conditions,
        );
        const byKit = jobs.filter((job) => left.ways.byJob.has(job));
        const byFormula = jobs.filter((job) => depthOf(whole.ways.formula, [job], lost, 1) > 0);
        expect([loss, byKit]).toEqual([loss, byFormula]);
      }
    }
  });

  it('lays what was in a broken holder on the mat, and takes one of several', () => {
    const bench = benchOfKinds({ holds: 'pack, 3 lighter @ pack' });
    const own = bench.loadouts.get('k')!;
    const lost = allLost([
      { kind: 'piece', placement: 'pack' },
      { kind: 'piece', placement: 'lighter' },
    ]);
    expect(asIfLost(bench, own, lost).placements).toEqual([
      expect.objectContaining({ id: 'lighter', count: 2, place: { on: 'mat' } }),
    ]);
    expect(own.placements).toHaveLength(2);
  });

  it('is judged under what holds: soaked, a down bag keeps nobody warm', () => {
    const bench = benchOfKinds({
      holds: '2 winter-bag, 4 ground-mat',
      brief: {},
      gear: { 'winter-bag': { failsIn: ['wet'] } },
    });
    const own = bench.loadouts.get('k')!;
    const sleep = (kit: ReturnType<typeof workedOut>) =>
      underBrief(kit, own.brief!, 'metric').needs.find(({ need }) => need === 'sleep')!.standing;
    expect(sleep(workedOut(bench, own, today))).toBe('met');
    const soaked = allLost([{ kind: 'condition', condition: 'soaked' }]);
    expect(
      sleep(workedOut(bench, asIfLost(bench, own, soaked), today, undefined, soaked.conditions)),
    ).not.toBe('met');
  });
});
