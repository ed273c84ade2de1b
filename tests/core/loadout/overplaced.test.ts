import { newPlacement, overplaced, placedByGear, type Bench } from '@/core/loadout';
import { findingInWords, findingsOf } from '@/core/judge';
import { workedOut } from '@/core/kit';
import { benchOf, gear, kit } from '../../support/benches';

const on = { on: 'body' } as const;
const mod = (id: string, of: string) => ({ id, kit: of, place: on });

/** A pocket kit with one knife, and what goes along where. */
function bench(...hosts: readonly (readonly [id: string, ...along: string[]])[]): Bench {
  return benchOf(
    [gear('knife'), gear('cord', { count: 2 })],
    [
      kit('pocket', [newPlacement('knife', 'knife', on), newPlacement('cord', 'cord', on)]),
      ...hosts.map(([id, ...along]) => ({
        ...kit(id),
        modules: along.map((of, at) => mod(`m${at}`, of)),
      })),
    ],
  );
}

function over(of: Bench) {
  return overplaced(of).map(({ gear: id, placed }) => [id, placed]);
}

describe('what is placed more often than it is there', () => {
  it('is not what goes along in one kit', () => {
    expect(over(bench(['day', 'pocket']))).toEqual([]);
    expect(over(bench(['day', 'pocket'], ['week', 'day']))).toEqual([]);
  });

  it('is what goes along in two kits, or in one of them twice', () => {
    expect(over(bench(['day', 'pocket'], ['car', 'pocket']))).toEqual([['knife', 2]]);
    expect(over(bench(['day', 'pocket', 'pocket']))).toEqual([['knife', 2]]);
    expect(over(bench(['day', 'pocket', 'pocket'], ['car', 'pocket']))).toEqual([
      ['knife', 3],
      ['cord', 3],
    ]);
  });

  it('is what goes along in a kit that goes along twice', () => {
    expect(over(bench(['day', 'pocket'], ['week', 'day'], ['car', 'day']))).toEqual([['knife', 2]]);
  });

  it('is told in every kit that it is in, with the kit that holds it', () => {
    const of = bench(['day', 'pocket'], ['car', 'pocket']);
    for (const id of ['day', 'car', 'pocket']) {
      const worked = workedOut(of, of.loadouts.get(id)!, '2026-10-01');
      const told = findingsOf(worked)
        .filter(({ rule }) => rule === 'keep/double')
        .map((finding) => findingInWords(finding, worked, 'metric'));
      expect(told).toEqual(['knife is placed 2 times (pocket × 2), and there is 1.']);
    }
  });

  it('counts for each kit what it holds itself', () => {
    expect(placedByGear(bench(['day', 'pocket'])).get('cord')).toEqual(new Map([['pocket', 1]]));
  });
});
