import { byLot } from '@/core/upkeep/by-lot';
import { warmthOf } from '@/core/upkeep/store';
import { inFields, lotOf } from '@/core/gear';
import { gear } from '../../support/benches';

describe('what is worked out by lot', () => {
  const [one, other] = ['one', 'other'].map((id) => inFields({ ...lotOf(2, {}), id }));
  const piece = gear('piece', { count: 4, lots: [one!, other!] });

  it('is worked out once for each lot in each store, whichever was asked about last', () => {
    const asked: string[] = [];
    const told = byLot((_gear, { id }, { in: store }) => {
      asked.push(`${id} in a ${store}`);
      return `${id} in a ${store}`;
    });
    for (let round = 0; round < 2; round += 1) {
      for (const store of ['house', 'shed', 'vehicle'] as const) {
        for (const lot of [one!, other!]) {
          expect(told(piece, lot, warmthOf(store, null))).toBe(`${lot.id} in a ${store}`);
        }
      }
    }
    expect(asked).toHaveLength(6);
  });

  it('is worked out anew once the gear is another', () => {
    const told = byLot(({ name }) => name);
    const house = warmthOf('house', null);
    expect(told(piece, one!, house)).toBe(piece.name);
    expect(told({ ...piece, name: 'Renamed' }, one!, house)).toBe('Renamed');
  });
});
