import fc from 'fast-check';
import {
  branchOf,
  groundUnder,
  holdersAround,
  isOnGround,
  looped,
  samePlace,
  treeOf,
  unsound,
  type Loadout,
} from '@/core/loadout';
import { benchAfter, benchOf, gear, holder, kit, someCommands } from '../../support/benches';

const shelf = benchOf(
  [holder('pack', { count: 2 }), holder('tin'), gear('match', { count: 9 })],
  [],
).shelf;

const nested = kit('k', [
  { id: 'match', gear: 'match', count: 3, place: { in: 'tin', cavity: 'inside' }, laidFor: null },
  { id: 'tin', gear: 'tin', count: 1, place: { in: 'pack', cavity: 'inside' }, laidFor: null },
  { id: 'pack', gear: 'pack', count: 1, place: { on: 'vehicle' }, laidFor: null },
  { id: 'spare', gear: 'match', count: 2, place: { on: 'mat' }, laidFor: null },
]);

describe('the tree', () => {
  const tree = treeOf(nested);

  it('knows what is in what, whatever the order of the placements', () => {
    expect(tree.on('vehicle').map(({ id }) => id)).toEqual(['pack']);
    expect(tree.on('body')).toEqual([]);
    expect(tree.inCavity('pack', 'inside').map(({ id }) => id)).toEqual(['tin']);
    expect(tree.inCavity('pack', 'lid')).toEqual([]);
    expect(tree.within('tin').map(({ id }) => id)).toEqual(['match']);
    expect(branchOf(tree, 'pack').map(({ id }) => id)).toEqual(['pack', 'tin', 'match']);
    expect(branchOf(tree, 'nowhere')).toEqual([]);
  });

  it('walks from a piece out to its ground', () => {
    expect(holdersAround(tree, tree.byId.get('match')!).map(({ id }) => id)).toEqual([
      'tin',
      'pack',
    ]);
    expect(groundUnder(tree, tree.byId.get('match')!)).toBe('vehicle');
    expect(groundUnder(tree, tree.byId.get('spare')!)).toBe('mat');
  });

  it('ends on a loop too, and finds it', () => {
    const ring: Loadout = kit('ring', [
      { id: 'one', gear: 'pack', count: 1, place: { in: 'two', cavity: 'inside' }, laidFor: null },
      { id: 'two', gear: 'tin', count: 1, place: { in: 'one', cavity: 'inside' }, laidFor: null },
      { id: 'free', gear: 'match', count: 1, place: { on: 'mat' }, laidFor: null },
    ]);
    expect(looped(ring)).toEqual(['one', 'two']);
    expect(holdersAround(treeOf(ring), ring.placements[0]!).length).toBeLessThanOrEqual(2);
  });

  it('tells places apart', () => {
    expect(samePlace({ on: 'mat' }, { on: 'mat' })).toBe(true);
    expect(samePlace({ on: 'mat' }, { on: 'body' })).toBe(false);
    expect(samePlace({ in: 'a', cavity: 'x' }, { in: 'a', cavity: 'x' })).toBe(true);
    expect(samePlace({ in: 'a', cavity: 'x' }, { in: 'a', cavity: 'y' })).toBe(false);
    expect(samePlace({ in: 'a', cavity: 'x' }, { on: 'body' })).toBe(false);
  });

  it('holds every placement of any kit exactly once, under exactly one ground', () => {
    fc.assert(
      fc.property(someCommands, (commands) => {
        for (const loadout of benchAfter(commands).loadouts.values()) {
          const grown = treeOf(loadout);
          const reached = loadout.placements
            .filter(({ place }) => isOnGround(place))
            .flatMap(({ id }) => branchOf(grown, id).map((inner) => inner.id));
          expect([...reached].sort()).toEqual(loadout.placements.map(({ id }) => id).sort());
        }
      }),
    );
  });
});

describe('soundness of a whole kit', () => {
  function problemAfter(differs: Partial<Loadout['placements'][number]>, at = 0) {
    const placements = nested.placements.map((placement, index) =>
      index === at ? { ...placement, ...differs } : placement,
    );
    return unsound(kit('k', placements), shelf);
  }

  it('finds nothing in a sound one, however deep and in whatever order', () => {
    expect(unsound(nested, shelf)).toBeNull();
    const tins = Array.from({ length: 1000 }, (_, at) => ({
      id: `t${at}`,
      gear: 'tin',
      count: 1,
      place: at === 0 ? ({ on: 'body' } as const) : { in: `t${at - 1}`, cavity: 'inside' },
      laidFor: null,
    }));
    expect(unsound(kit('deep', tins.reverse()), shelf)).toBeNull();
  });

  it.each([
    [{ gear: 'moon' }, 'placements[0].gear', /no gear moon/],
    [{ id: 'tin' }, 'placements[1].id', /twice/],
    [{ count: 0 }, 'placements[0].count', /whole number/],
    [
      { place: { in: 'moon', cavity: 'inside' }, laidFor: null },
      'placements[0].place.in',
      /no placement moon/,
    ],
    [
      { place: { in: 'tin', cavity: 'lid' }, laidFor: null },
      'placements[0].place.cavity',
      /tin has no cavity “lid”/,
    ],
  ])('%j', (differs, field, says) => {
    const problem = problemAfter(differs);
    expect(problem?.field).toBe(field);
    expect(problem?.message).toMatch(says);
  });

  it('refuses two of a holder that is filled', () => {
    expect(problemAfter({ count: 2 }, 2)).toMatchObject({ field: 'placements[2].count' });
  });
});
