import fc from 'fast-check';
import { demoBench } from '@/core/demo';
import {
  newPlacement,
  twoMats,
  versionOf,
  withModules,
  type Bench,
  type Loadout,
  type MatPlace,
  type Side,
} from '@/core/loadout';
import { lifeOf, schemes } from '@/core/scheme';
import { benchAfter, gear, holder, kit, someCommands } from '../../support/benches';
import { after } from '../../support/upkeep';

const shelf = new Map(
  [holder('box'), gear('mug'), gear('candle'), gear('map')].map((each) => [each.id, each]),
);

function side(...placements: Loadout['placements']): Side {
  return { loadout: kit('k', placements), shelf };
}

const inBox = { in: 'b', cavity: 'inside' } as const;
const autumn = side(
  newPlacement('b', 'box', { on: 'house' }),
  newPlacement('m', 'mug', inBox),
  newPlacement('c', 'candle', inBox, 3),
);
const winter = side(
  newPlacement('b', 'box', { on: 'house' }),
  newPlacement('c', 'candle', inBox, 1),
  newPlacement('c2', 'candle', { on: 'body' }, 4),
  newPlacement('x', 'map', { on: 'body' }),
);

function inWords(places: readonly MatPlace[]) {
  return places.map(({ ground, within, tiles, stays }) => [
    [ground, ...within].join('/'),
    tiles.map((tile) => `${tile.count} ${tile.gear.id}`).join(),
    stays.map((each) => `${each.count} ${each.gear.id}`).join(),
  ]);
}

describe('two kits as two mats', () => {
  it('say what stays, what slides where, and what the shelf gives and gets', () => {
    const { first, second, slides } = twoMats(autumn, winter);
    expect(inWords(first)).toEqual([
      ['house', '', '1 box'],
      ['house/box', '1 mug,3 candle', ''],
    ]);
    expect(inWords(second)).toEqual([
      ['body', '4 candle,1 map', ''],
      ['house', '', '1 box'],
      ['house/box', '1 candle', ''],
    ]);
    const where = (key: string | null) => (key === null ? 'shelf' : key.split('"')[1]);
    expect(
      slides.map(({ gear: { id }, count, from, to }) => [id, count, where(from), where(to)]),
    ).toEqual([
      ['mug', 1, 'house', 'shelf'],
      ['candle', 1, 'house', 'house'],
      ['candle', 2, 'house', 'body'],
      ['candle', 2, 'shelf', 'body'],
      ['map', 1, 'shelf', 'body'],
    ]);
  });

  it('of a kit with itself have nothing that slides', () => {
    const { first, slides } = twoMats(winter, winter);
    expect(slides).toEqual([]);
    expect(first.flatMap(({ tiles }) => tiles)).toEqual([]);
  });

  it('lose and find no piece, whatever was done to the kit', () => {
    fc.assert(
      fc.property(someCommands, someCommands, (some, more) => {
        const [before, now] = [benchAfter(some), benchAfter([...some, ...more])];
        const was = before.loadouts.get('k1') ?? kit('k1');
        const is = now.loadouts.get('k1') ?? kit('k1');
        const sides = [
          { loadout: withModules(before, was), shelf: before.shelf },
          { loadout: withModules(now, is), shelf: now.shelf },
        ] as const;
        const { first, second, slides } = twoMats(...sides);
        for (const [at, mat] of [first, second].entries()) {
          const end = at === 0 ? ('from' as const) : ('to' as const);
          const shown = mat.flatMap(({ tiles, stays }) => [...tiles, ...stays]);
          expect(shown.reduce((sum, { count }) => sum + count, 0)).toBe(
            sides[at]!.loadout.placements.reduce((sum, { count }) => sum + count, 0),
          );
          for (const { key, count } of mat.flatMap(({ tiles }) => tiles)) {
            const slid = slides.filter((slide) => slide[end] === key);
            expect(slid.reduce((sum, slide) => sum + slide.count, 0)).toBe(count);
          }
        }
      }),
    );
  });
});

describe('the life of a kit', () => {
  it('is each version as it was on its day, the oldest first, and the kit of today', () => {
    const [own] = [...demoBench.loadouts.values()];
    const about = (id: string, day: string) => ({ id, day, note: id });
    const versions = [about('late', '2026-10-01'), about('early', '2026-04-01')];
    const kept = versions.reduce<Bench>(
      (bench, each) =>
        after(bench, { do: 'keep version', version: versionOf(bench, own!.id, each) }),
      { ...demoBench, versions: new Map() },
    );
    const leaf = own!.placements.find(
      ({ id }) => !own!.placements.some(({ place }) => 'in' in place && place.in === id),
    )!;
    const lighter = after(kept, {
      do: 'take out',
      loadout: own!.id,
      placement: leaf.id,
      contents: 'leave too',
    });
    const life = lifeOf(lighter, lighter.loadouts.get(own!.id)!, schemes['five-cs'], '2026-11-01');
    expect(life.map(({ day, version }) => [day, version])).toEqual([
      ['2026-04-01', 'early'],
      ['2026-10-01', 'late'],
      ['2026-11-01', null],
    ]);
    expect(life[1]!.pieces - life[2]!.pieces).toBe(leaf.count);
    expect(life[0]!.outOf).toBeGreaterThan(0);
  });
});
