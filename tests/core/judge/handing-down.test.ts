import { plainSupply } from '@/core/gear';
import { handDownTo } from '@/core/judge/handing-down';
import { newPlacement } from '@/core/loadout';
import { benchOf, gear, kit } from '../../support/benches';

const blade = (id: string) => gear(id, { supplies: [plainSupply('cut', 'made-for', null)] });

describe('handing down', () => {
  const here = kit('here', [newPlacement('p', 'knife', { on: 'body' })]);
  const bench = benchOf(
    [blade('knife'), blade('one'), blade('two'), blade('three'), gear('mug')],
    [
      here,
      kit('has enough', [
        newPlacement('a', 'two', { on: 'body' }),
        newPlacement('b', 'three', { on: 'house' }),
      ]),
      kit('has one', [newPlacement('a', 'one', { on: 'body' })]),
      kit('has none', [newPlacement('a', 'mug', { on: 'body' })]),
    ],
  );

  it('names the kit first that lacks the job most, and why', () => {
    const to = handDownTo(bench, here, bench.shelf.get('knife')!, '2027-03-10');
    expect(to.map(({ kit: { name }, job, ways, wanted }) => [name, job, ways, wanted])).toEqual([
      ['has none', 'cut', 0, 2],
      ['has one', 'cut', 1, 2],
      ['has enough', null, 0, 0],
    ]);
  });

  it('gives no reason for what a piece only makes do for', () => {
    const makeshift = gear('shard', { supplies: [plainSupply('cut', 'improvised', null)] });
    for (const { job } of handDownTo(bench, here, makeshift, '2027-03-10')) expect(job).toBeNull();
  });
});
