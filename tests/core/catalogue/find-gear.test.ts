import { gearOfKind, gearOfNoKind, kindOf } from '@/core/catalogue';
import {
  findGear,
  inOrderOfName,
  isInPart,
  shelfParts,
  type ShelfPart,
} from '@/core/catalogue/find-gear';

const pot = gearOfKind(kindOf('pot')!, 'pot', 'Pot 10');
const knife = { ...gearOfKind(kindOf('belt-knife')!, 'knife', 'Pot 9 of old'), lentTo: 'Mika' };
const puzzle = gearOfNoKind('puzzle', 'Brass gizmo');
const bag = gearOfKind(kindOf('stuff-sack')!, 'bag');

describe('the shelf', () => {
  it('is in the order that a person looks for a name in', () => {
    expect(inOrderOfName([pot, puzzle, knife]).map(({ id }) => id)).toEqual([
      'puzzle',
      'knife',
      'pot',
    ]);
  });

  it('is searched by every word, in name, kind, borrower', () => {
    expect(findGear([pot, knife, puzzle], 'MIKA belt')).toEqual([knife]);
    expect(findGear([pot, knife, puzzle], ' ')).toHaveLength(3);
  });

  it('tells its parts: what nothing is known of does no job, a bag that only holds does', () => {
    const parts = (gear: typeof pot) =>
      (Object.keys(shelfParts) as ShelfPart[]).filter((part) => isInPart(gear, part, 0));
    expect(parts(puzzle)).toContain('no job');
    expect(parts(pot)).not.toContain('no job');
    expect(parts(bag)).not.toContain('no job');
    expect(parts(knife)).toEqual(['all', 'lent', 'not weighed', 'in no kit']);
  });
});
