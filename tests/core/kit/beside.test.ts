import { standsInFor, underBriefBeside } from '@/core/kit/beside';
import { workedOut } from '@/core/kit';
import { newPlacement } from '@/core/loadout';
import { gearOfKind, kindOf } from '@/core/catalogue';
import { autumn, today } from '../../support/under-brief';
import { benchOf, kit } from '../../support/benches';

function two(mine: readonly string[], theirs: readonly string[]) {
  const shelf = [...mine, ...theirs].map((id, at) => ({
    ...gearOfKind(kindOf(id)!, `g${at}`, kindOf(id)!.name),
    count: 10,
  }));
  const placed = (from: number, many: number) =>
    Array.from({ length: many }, (_, at) =>
      newPlacement(`p${at}`, `g${from + at}`, { on: 'body' }),
    );
  const own = { ...kit('mine', placed(0, mine.length)), brief: autumn };
  const other = kit('theirs', placed(mine.length, theirs.length));
  const bench = benchOf(shelf, [own, other]);
  return [workedOut(bench, own, today), workedOut(bench, other, today)] as const;
}

describe('a kit that stands in for another', () => {
  const [mine, theirs] = two(
    ['lighter', 'steel-bottle'],
    ['belt-knife', 'lighter', 'pot', 'tarp', 'cord'],
  );

  test('gives back what it does itself of what the other does', () => {
    const { jobs, givesBack, outOf } = standsInFor(mine, theirs);
    const given = jobs.filter(({ isGivenBack }) => isGivenBack).map(({ anyOf }) => anyOf[0]);
    expect(given).toContain('flame');
    expect(given).not.toContain('cut');
    expect(givesBack).toBe(given.length);
    expect(outOf).toBe(jobs.filter(({ beside }) => beside > 0).length);
    expect(givesBack).toBeLessThan(outOf);
  });

  test('gives nothing back of what nobody does', () => {
    const [alone, empty] = two(['lighter'], []);
    expect(standsInFor(alone, empty)).toMatchObject({ givesBack: 0, outOf: 0 });
  });

  test('lasts no shorter with the other beside it, though both name their pieces alike', () => {
    const [few, many] = two(
      [...Array<string>(2).fill('oat-bar'), 'steel-bottle', 'filter'],
      ['oat-bar', 'trail-meal'],
    );
    // White nights, and no fire: what runs out first is what is eaten.
    const june = { on: 'days', from: '2027-06-14', to: '2027-06-18' } as const;
    const noFire = { ...autumn, when: june, isFireAllowed: false };
    const { alone, together } = underBriefBeside(few, [many], noFire, 'metric');
    const food = ({ needs }: typeof alone) => needs.find(({ need }) => need === 'food')!.days!;
    expect(food(together)).toBeGreaterThan(food(alone));
    expect(together.lasts.days!).toBeGreaterThanOrEqual(alone.lasts.days!);
  });
});
