import { plainSupply, type Gear, type JobId } from '@/core/gear';
import { demoBench } from '@/core/demo';
import { newPlacement, type Loadout, type Placement } from '@/core/loadout';
import { areApart, backsUp, packKit } from '@/core/pack';
import { benchOf, gear, holder, kit } from '../../support/benches';
import { packed, wrongWithRooms } from '../../support/packed';

function box(lengthMm: number, widthMm: number, heightMm: number): Gear['form'] {
  return { shape: 'box', lengthMm, widthMm, heightMm, upright: false };
}

function does(job: JobId): Partial<Gear> {
  return { supplies: [plainSupply(job, 'made-for', null)] };
}

function boxOf(id: string, sides: readonly [number, number, number]) {
  const [lengthMm, widthMm, heightMm] = sides;
  return holder(id, {
    form: box(lengthMm + 4, widthMm + 4, heightMm + 4),
    cavities: holder('x').cavities.map((cavity) => ({
      ...cavity,
      inside: { shape: 'box', lengthMm, widthMm, heightMm },
    })),
  });
}

function onMat(...ids: readonly string[]): readonly Placement[] {
  return ids.map((id) => newPlacement(id, id, { on: 'mat' }));
}

function placeOf({ placements }: Loadout, id: string) {
  return placements.find((each) => each.id === id)!.place;
}

describe('packKit', () => {
  it('packs the demo’s boathouse box from nothing: all of it in, every room verified', () => {
    const found = packed(demoBench, 'boathouse-box-kit');
    expect(found.packing.left).toEqual([]);
    expect(wrongWithRooms(found)).toEqual([]);
  });

  it('gives each way to make fire a room of its own, and one of them another bag', () => {
    const fires = ['flame', 'spark', 'sun-fire'] as const;
    const bench = benchOf(
      [
        boxOf('pack', [300, 200, 200]),
        boxOf('bag', [200, 150, 100]),
        boxOf('tin', [110, 60, 30]),
        ...fires.map((job) => gear(job, does(job))),
      ],
      [
        kit('k', [
          newPlacement('pack', 'pack', { on: 'body' }),
          newPlacement('bag', 'bag', { on: 'vehicle' }),
          newPlacement('tin', 'tin', { in: 'pack', cavity: 'inside' }),
          ...onMat(...fires),
        ]),
      ],
    );
    const { kit: after } = packed(bench, 'k');
    const holders = fires.map((id) => (placeOf(after, id) as { readonly in: string }).in);
    expect([...holders].sort()).toEqual(['bag', 'pack', 'tin']);
  });

  it('from now on moves only what lies on the mat and what found no room', () => {
    const { packing, kit: after } = packed(demoBench, 'boathouse-box-kit', 'now');
    // The pot stays upright, and is too wide for the cook box.
    expect(packing.moves).toMatchObject([{ placement: 'old-pot', to: { in: 'boathouse-box' } }]);
    const moved = demoBench.loadouts
      .get('boathouse-box-kit')!
      .placements.filter(({ id, place }) => placeOf(after, id) !== place);
    expect(moved.map(({ id }) => id)).toEqual(['old-pot']);
  });

  it('packs a tin box and twenty pieces that were just typed in', () => {
    const bits = Array.from({ length: 20 }, (_, at) => gear(`bit${at}`, { form: box(24, 24, 20) }));
    const bench = benchOf(
      [holder('tin'), ...bits],
      [kit('k', onMat('tin', ...bits.map(({ id }) => id)))],
    );
    const found = packed(bench, 'k');
    expect(found.packing.left).toEqual([]);
    expect(placeOf(found.kit, 'tin')).not.toEqual({ on: 'mat' });
    expect(found.kit.placements.filter(({ place }) => 'in' in place)).toHaveLength(20);
    expect(wrongWithRooms(found)).toEqual([]);
  });

  it('puts a small box into a large one, and one that is nearly as large beside it', () => {
    const bench = benchOf(
      [
        boxOf('large', [500, 300, 250]),
        boxOf('small', [150, 100, 80]),
        boxOf('other', [400, 290, 240]),
      ],
      [kit('k', onMat('large', 'small', 'other'))],
    );
    const { kit: after } = packed(bench, 'k');
    expect(placeOf(after, 'small')).toHaveProperty('in');
    expect(placeOf(after, 'other')).toHaveProperty('on');
    expect(placeOf(after, 'other')).not.toEqual({ on: 'mat' });
  });

  it('moves nothing that is pinned, though its holder may move with it', () => {
    const bench = benchOf(
      [boxOf('large', [500, 300, 250]), boxOf('small', [150, 100, 80]), gear('bit'), gear('loose')],
      [
        kit('k', [
          newPlacement('large', 'large', { on: 'house' }),
          newPlacement('small', 'small', { on: 'mat' }),
          { ...newPlacement('bit', 'bit', { in: 'small', cavity: 'inside' }), isPinned: true },
          { ...newPlacement('loose', 'loose', { on: 'mat' }), isPinned: true },
        ]),
      ],
    );
    const { kit: after, packing } = packed(bench, 'k');
    expect(placeOf(after, 'small')).toMatchObject({ in: 'large' });
    expect(placeOf(after, 'bit')).toEqual({ in: 'small', cavity: 'inside' });
    expect(placeOf(after, 'loose')).toEqual({ on: 'mat' });
    expect(packing.moves.map(({ placement }) => placement).sort()).toEqual(['large', 'small']);
  });

  it('leaves closed what is sealed', () => {
    const sealed = { placement: 'small', massG: 300, expectedG: 300, on: '2026-01-01' };
    const bench = benchOf(
      [boxOf('large', [500, 300, 250]), boxOf('small', [150, 100, 80]), gear('bit'), gear('more')],
      [
        {
          ...kit('k', [
            newPlacement('large', 'large', { on: 'house' }),
            newPlacement('small', 'small', { on: 'mat' }),
            newPlacement('bit', 'bit', { in: 'small', cavity: 'inside' }),
          ]),
          seals: [sealed],
        },
      ],
    );
    expect(placeOf(packed(bench, 'k').kit, 'bit')).toEqual({ in: 'small', cavity: 'inside' });
  });

  it('leaves on the body what is worn there, and takes up what only lay about', () => {
    const coat = gear('coat', { ...does('shell') });
    const pot = gear('cup', {});
    const bench = benchOf(
      [boxOf('large', [500, 300, 250]), coat, pot],
      [
        kit('k', [
          newPlacement('large', 'large', { on: 'vehicle' }),
          newPlacement('coat', 'coat', { on: 'body' }),
          newPlacement('cup', 'cup', { on: 'vehicle' }),
        ]),
      ],
    );
    const { kit: after } = packed(bench, 'k');
    expect(placeOf(after, 'coat')).toEqual({ on: 'body' });
    expect(placeOf(after, 'cup')).toMatchObject({ in: 'large' });
  });

  it('leaves out what is needed least where not all goes in, and says what would help', () => {
    const brick = (id: string, job: JobId) => gear(id, { form: box(98, 98, 60), ...does(job) });
    const bench = benchOf(
      [holder('box'), brick('dressing', 'bleed-control'), brick('cards', 'morale')],
      [kit('k', onMat('box', 'cards', 'dressing'))],
    );
    const { packing, kit: after } = packed(bench, 'k');
    expect(placeOf(after, 'dressing')).toMatchObject({ in: 'box' });
    expect(packing.left).toMatchObject([{ placement: 'cards', why: { left: 'full' } }]);
  });

  it('says of each piece why it is out', () => {
    const heavy = gear('anvil', { massG: 5000, form: box(20, 20, 20) });
    const bench = benchOf(
      [
        holder('box', { mostLoadG: 1000 }),
        heavy,
        gear('rod', { form: box(400, 10, 10) }),
        gear('cloud', { form: null }),
      ],
      [kit('k', onMat('box', 'anvil', 'rod', 'cloud'))],
    );
    const { packing } = packed(bench, 'k');
    expect(
      Object.fromEntries(packing.left.map(({ placement, why }) => [placement, why.left])),
    ).toEqual({ anvil: 'too heavy', rod: 'into none', cloud: 'no size' });
    const alone = benchOf([gear('bit')], [kit('k', onMat('bit'))]);
    expect(packed(alone, 'k').packing.left).toMatchObject([{ why: { left: 'no holder' } }]);
  });

  it('keeps fuel from food, and leaves one out rather than lay them together', () => {
    const bench = (job: JobId) =>
      benchOf(
        [holder('box'), gear('meal', { ...does('food') }), gear('other', { ...does(job) })],
        [kit('k', onMat('box', 'meal', 'other'))],
      );
    expect(packed(bench('fuel'), 'k').packing.left).toMatchObject([{ why: { left: 'spoils' } }]);
    expect(packed(bench('write'), 'k').packing.left).toEqual([]);
  });

  it('puts nothing into a pouch that then grows too large for where it lies', () => {
    const pouch = holder('pouch', {
      form: { shape: 'soft', looseMl: 60, tightMl: 30, thinnestMm: 3, longestRigidMm: 0 },
      cavities: holder('x').cavities.map((cavity) => ({
        ...cavity,
        inside: { shape: 'soft', volumeMl: 1500, longestMm: 200, bulgeShare: 0 },
      })),
    });
    const bench = benchOf(
      [boxOf('flat', [150, 150, 30]), pouch, gear('cube', { form: box(60, 60, 60) })],
      [
        kit('k', [
          newPlacement('flat', 'flat', { on: 'body' }),
          { ...newPlacement('pouch', 'pouch', { in: 'flat', cavity: 'inside' }), isPinned: true },
          newPlacement('cube', 'cube', { on: 'mat' }),
        ]),
      ],
    );
    expect(packed(bench, 'k').packing.left).toMatchObject([{ placement: 'cube' }]);
  });

  it('fills no bottle and no pot while there is a holder that is made to be one', () => {
    const mug = boxOf('mug', [90, 90, 90]);
    const boiling = { ...mug, supplies: [plainSupply('boil', 'made-for', 500)] };
    const bits = ['a', 'b', 'c'].map((id) => gear(id, { form: box(30, 30, 30) }));
    const ids = bits.map(({ id }) => id);
    const both = benchOf(
      [holder('box'), boiling, ...bits],
      [kit('k', onMat('box', 'mug', ...ids))],
    );
    for (const id of ids) expect(placeOf(packed(both, 'k').kit, id)).toMatchObject({ in: 'box' });
    const only = benchOf([boiling, ...bits], [kit('k', onMat('mug', ...ids))]);
    for (const id of ids) expect(placeOf(packed(only, 'k').kit, id)).toMatchObject({ in: 'mug' });
  });

  it('sees what a kit that goes along has put there already, and leaves it alone', () => {
    const brick = (id: string) => gear(id, { form: box(98, 98, 70) });
    const inner = kit('inner', [newPlacement('theirs', 'theirs', { on: 'body' })]);
    const outer = kit('outer', [newPlacement('box', 'box', { on: 'body' }), ...onMat('mine')]);
    const along = { id: 'm', kit: 'inner', place: { in: 'box', cavity: 'inside' } } as const;
    const things = [holder('box'), brick('mine'), brick('theirs')];
    const full = benchOf(things, [inner, { ...outer, modules: [along] }]);
    expect(packed(full, 'outer').packing.left).toMatchObject([{ placement: 'mine' }]);
    expect(packed(benchOf(things, [inner, outer]), 'outer').packing.left).toEqual([]);
  });

  it('can be stopped at any time with what it has, which holds', () => {
    const request = { from: 'nothing', seed: 1, today: '2026-10-01' } as const;
    let told = 0;
    for (const { packing } of packKit(demoBench, 'boathouse-box-kit', request)) {
      if (packing === null) continue;
      told += 1;
      expect(packing.rooms.every(({ stowage }) => stowage.fits)).toBe(true);
    }
    expect(told).toBeGreaterThan(1);
  });
});

describe('what goes with what', () => {
  const of = (id: string, job: JobId, fitness: 'made-for' | 'serves' | 'improvised' = 'made-for') =>
    gear(id, { supplies: [plainSupply(job, fitness, null)] });

  it.each([
    ['a lighter', 'a rod', of('a', 'flame'), of('b', 'spark'), true],
    ['two knives', '', of('a', 'cut'), of('b', 'cut'), true],
    ['a knife', 'a shard', of('a', 'cut'), of('b', 'cut', 'improvised'), false],
    ['two bottles', 'as water adds up', of('a', 'carry-water'), of('b', 'carry-water'), false],
    ['two coats', 'as each has their own', of('a', 'shell'), of('b', 'shell'), false],
    ['a lamp', 'a knife', of('a', 'light'), of('b', 'cut'), false],
  ])('%s and %s', (_one, _other, one, other, expected) => {
    expect(backsUp(one, other)).toBe(expected);
    expect(backsUp(other, one)).toBe(expected);
  });

  it('a net that keeps insects off spoils nothing; a spray does', () => {
    const net = of('net', 'insect-guard');
    const spray: Gear = { ...net, look: { ...net.look, silhouette: 'spray' } };
    expect(areApart(net, of('meal', 'food'))).toBe(false);
    expect(areApart(spray, of('meal', 'food'))).toBe(true);
    expect(areApart(of('meal', 'food'), spray)).toBe(true);
  });
});
