import { gearOfKind, kindOf } from '@/core/catalogue';
import { workedOut } from '@/core/kit';
import { needFixes, type NeedFix } from '@/core/kit/need-fixes';
import { newPlacement } from '@/core/loadout';
import type { NeedId } from '@/core/needs';
import { benchOf, kit } from '../../support/benches';
import { autumn, today } from '../../support/under-brief';

function of(kind: string, count = 1) {
  return { ...gearOfKind(kindOf(kind)!, kind, kindOf(kind)!.name), count };
}

/** A kit of these kinds, and more of others on the shelf. */
function fixes(
  need: NeedId,
  placed: Readonly<Record<string, number>>,
  spare: Readonly<Record<string, number>> = {},
): readonly NeedFix[] {
  const counts = { ...placed };
  for (const [kind, count] of Object.entries(spare)) counts[kind] = (counts[kind] ?? 0) + count;
  const shelf = Object.entries(counts).map(([kind, count]) => of(kind, count));
  const placements = Object.entries(placed).map(([kind, count]) =>
    newPlacement(kind, kind, { on: 'body' }, count),
  );
  const own = { ...kit('kit', placements), brief: autumn };
  return needFixes(workedOut(benchOf(shelf, [own]), own, today), autumn, need);
}

describe('what changes a short need most', () => {
  it('is the fewest of what lies free on the shelf, where that meets it', () => {
    const [first] = fixes('ground', { 'ground-mat': 2 }, { 'ground-mat': 3 });
    expect(first).toMatchObject({ isOnShelf: true, count: 2, after: { standing: 'met' } });
    expect(first!.massG).toBe(2 * kindOf('ground-mat')!.massG);
  });

  it('is a typical piece where the shelf has none', () => {
    const [first] = fixes('light', {});
    expect(first).toMatchObject({ isOnShelf: false });
    expect(first!.after.supply!).toBeGreaterThan(0);
  });

  it('finds that cells of the right type light a lamp, three at a time', () => {
    const lit = fixes('light', { headlamp: 1 }, { 'cell-aaa': 8, 'cell-aa': 8 });
    const cells = lit.find(({ gear }) => gear.id === 'cell-aaa')!;
    expect(cells.count).toBeGreaterThanOrEqual(3);
    expect(cells.daysWon!).toBeGreaterThan(0);
    expect(lit.some(({ gear }) => gear.id === 'cell-aa')).toBe(false);
  });

  it('is nothing where the need is met, and never more than is free', () => {
    expect(fixes('ground', { 'ground-mat': 4 })).toEqual([]);
    for (const fix of fixes('food', {}, { 'oat-bar': 3 }).filter(({ isOnShelf }) => isOnShelf)) {
      expect(fix.count).toBeLessThanOrEqual(3);
    }
  });
});

it('nobody is to get what is built in', () => {
  const [first] = fixes('roof', { lighter: 1 });
  expect(first).toBeDefined();
  expect(fixes('roof', { lighter: 1 }).map(({ gear }) => gear.kind)).not.toContain('car-cabin');
});
