import fc from 'fast-check';
import { kitsByName, type Loadout } from '@/core/loadout';
import { kit } from '../../support/benches';

describe('kits in the order of lists', () => {
  const named = (name: string, id: string): Loadout => ({ ...kit(id, []), name });
  const inOrder = (kits: readonly Loadout[]) =>
    kitsByName({ loadouts: new Map(kits.map((each) => [each.id, each])) }).map(({ id }) => id);

  it('are by name as people count, upper-case beside lower-case', () => {
    const kits = [
      named('Box 10', 'a'),
      named('box 9', 'b'),
      named('Åland', 'c'),
      named('Bag', 'd'),
    ];
    expect(inOrder(kits)).toEqual(['c', 'd', 'b', 'a']);
  });

  it('are in one order however they are kept', () => {
    const some = fc.uniqueArray(
      fc.record({ name: fc.constantFrom('Tin', 'tin', 'Tin 2', 'Pack', ''), id: fc.uuid() }),
      { selector: ({ id }) => id, maxLength: 8 },
    );
    fc.assert(
      fc.property(some, fc.infiniteStream(fc.nat()), (all, ranks) => {
        const kits = all.map(({ name, id }) => named(name, id));
        const shuffled = kits
          .map((each) => ({ each, rank: ranks.next().value as number }))
          .sort((one, other) => one.rank - other.rank)
          .map(({ each }) => each);
        expect(inOrder(shuffled)).toEqual(inOrder(kits));
      }),
    );
  });
});
