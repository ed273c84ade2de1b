import type { Placement } from '@/core/loadout';
import { workedOut, type WorkedOutKit } from '@/core/kit';
import { foundIn, kindDay, kindKit } from '../../support/kinds-judged';

/** The same kit with the lighters of one placement laid down as two and one. */
function splitUp({ bench, own }: WorkedOutKit): WorkedOutKit {
  const placements = own.placements.flatMap((each): readonly Placement[] =>
    each.count === 3
      ? [
          { ...each, count: 2 },
          { ...each, id: `${each.id}-more`, count: 1 },
        ]
      : [each],
  );
  const split = { ...own, placements };
  return workedOut({ ...bench, loadouts: new Map([['k', split]]) }, split, kindDay);
}

describe('three lighters of one line', () => {
  it('in one bag are three ways that go with it, however they are counted', () => {
    const kit = kindKit({ holds: 'pack, 3 lighter @ pack.main' });
    const found = foundIn(kit, 'cover/', 'fire/ignite').filter((each) => each.includes('gnite'));
    expect(found).toEqual([
      'warn: Ignite: all 3 ways go with Portage pack; 2 that are independent are wanted.',
      'warn: Ignite: all 3 ways fail when soaked.',
    ]);
    const split = foundIn(splitUp(kit), 'cover/', 'fire/ignite');
    expect(split.filter((each) => each.includes('gnite'))).toEqual(found);
  });

  it('in the pockets are three independent ways', () => {
    const found = foundIn(kindKit({ holds: '3 lighter' }), 'cover/depth', 'fire/ignite');
    expect(found.filter((each) => each.includes('gnite'))).toEqual([]);
  });
});
