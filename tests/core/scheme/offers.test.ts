import { gearOfKind, kindOf } from '@/core/catalogue';
import { demoBench } from '@/core/demo';
import { offersFor } from '@/core/scheme';
import { benchOf, kit } from '../../support/benches';

function piece(kindId: string, differs: Partial<ReturnType<typeof gearOfKind>> = {}) {
  return { ...gearOfKind(kindOf(kindId)!, kindId), ...differs };
}

describe('offers of the shelf', () => {
  const shelf = [
    piece('belt-knife'),
    piece('folding-knife'),
    piece('multi-tool'),
    piece('camp-axe', { ownership: 'retired' }),
    piece('shears', { massG: null }),
    piece('whetstone'),
  ];
  const ids = (bench: ReturnType<typeof benchOf>) =>
    offersFor(bench, ['cut']).map(({ gear }) => gear.id);

  it('come best made for it first, then lightest, unknown mass last, and none that is retired', () => {
    expect(ids(benchOf(shelf, []))).toEqual([
      'folding-knife',
      'belt-knife',
      'multi-tool',
      'shears',
    ]);
  });

  it('leave out what is placed already, in any kit, and count what is free', () => {
    const placed = kit('k', [
      { id: 'p', gear: 'folding-knife', count: 1, place: { on: 'mat' }, laidFor: null },
    ]);
    expect(ids(benchOf(shelf, [placed]))).toEqual(['belt-knife', 'multi-tool', 'shears']);
    const three = piece('lighter', { count: 3 });
    const one = kit('k', [
      { id: 'p', gear: 'lighter', count: 1, place: { on: 'mat' }, laidFor: null },
    ]);
    expect(offersFor(benchOf([three], [one]), ['flame'])).toMatchObject([{ free: 2 }]);
  });

  it('of the demo for the float pouch’s missing fire is a lighter that is free', () => {
    const [best] = offersFor(demoBench, ['flame', 'spark', 'sun-fire']);
    expect(best).toMatchObject({ gear: { id: 'lighter' }, free: 1 });
    expect(offersFor(demoBench, ['sun-fire'])).toEqual([]);
  });
});
