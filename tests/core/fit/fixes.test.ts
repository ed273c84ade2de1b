import { fixesFor, type Fix } from '@/core/fit/laid-out';
import { demoBench } from '@/core/demo';
import { newPlacement, placementOf, type Bench, type Placement } from '@/core/loadout';
import { applied, benchOf, gear, holder, kit } from '../../support/benches';
import { triesAll } from '../../support/share';
import { stowed } from '../../support/stowed';

function fixesOf(bench: Bench, kit: string, placement: string, cavity: string): readonly Fix[] {
  const stowage = stowed(bench, kit, placement, cavity);
  return [...fixesFor(bench, kit, placement, cavity, stowage)].filter((fix) => fix !== null);
}

const boathouse = 'boathouse-box-kit';
const portage = 'portage-pack-kit';

describe('the demo’s pot', () => {
  it('stays out of the cook box as long as it has to stand', () => {
    const { left } = stowed(demoBench, boathouse, 'cook-box', 'inside');
    // 152 mm across, and the box is 108 wide; lying, its 92 go across.
    expect(left).toEqual([{ id: 'old-pot', why: { why: 'upright', byMm: 44, isLid: false } }]);
  });

  it('goes in once it may be laid down, and every fix offered is seen to help', () => {
    const fixes = fixesOf(demoBench, boathouse, 'cook-box', 'inside');
    expect(fixes[0]).toMatchObject({ fix: 'turn', gear: 'old-pot', left: 0 });
    expect(fixes).toContainEqual(
      expect.objectContaining({
        fix: 'move',
        to: { in: 'boathouse-box', cavity: 'inside' },
        left: 0,
      }),
    );
    const turned = applied(demoBench, fixes[0]!.command);
    expect(stowed(turned, boathouse, 'cook-box', 'inside').fits).toBe(true);
    const moved = applied(demoBench, fixes.find(({ fix }) => fix === 'move')!.command);
    expect(stowed(moved, boathouse, 'cook-box', 'inside').fits).toBe(true);
    expect(stowed(moved, boathouse, 'boathouse-box', 'inside').fits).toBe(true);
  });
});

describe('fixes', () => {
  /** The barrel with the mat that is too long for it, and nothing beside them: the whole pack takes a while to try. */
  const barrelAlone: Bench = {
    ...demoBench,
    loadouts: new Map(
      [...demoBench.loadouts].map(([id, each]) => [
        id,
        id === portage
          ? {
              ...each,
              placements: each.placements.filter(({ gear: of }) =>
                ['barrel', 'ground-mat'].includes(of),
              ),
            }
          : each,
      ]),
    ),
  };

  it.each<readonly [string, Bench]>([
    ['of two pieces', barrelAlone],
    ...(triesAll ? [['of the whole pack', demoBench] as const] : []),
  ])('end in carrying it outside where nothing else helps: %s', (_, bench) => {
    const fixes = fixesOf(bench, portage, 'barrel', 'inside');
    expect(fixes.at(-1)).toMatchObject({
      fix: 'outside',
      gear: 'ground-mat',
      to: { on: 'vehicle' },
    });
    const after = applied(bench, fixes.at(-1)!.command);
    expect(stowed(after, portage, 'barrel', 'inside').left).toEqual([]);
  });

  it('swap a piece for a free one of the shelf that does the same', () => {
    // The full roll of tape is too thick for the cook box; the flat one is free and does the same.
    const roll = demoBench.shelf.get('boathouse-tape')!;
    const flat = { ...demoBench.shelf.get('tape')!, id: 'spare-tape', name: 'Cloth tape, spare' };
    let bench = applied(demoBench, { do: 'add gear', gear: [flat] });
    const form = { shape: 'cylinder', diameterMm: 170, heightMm: 120, upright: false } as const;
    bench = applied(bench, { do: 'change gear', id: roll.id, change: { form } });
    const to = { in: 'cook-box', cavity: 'inside' };
    bench = applied(bench, { do: 'move', loadout: boathouse, placement: 'boathouse-tape', to });
    bench = applied(bench, {
      do: 'take out',
      loadout: boathouse,
      placement: 'old-pot',
      contents: 'leave too',
    });
    const fixes = fixesOf(bench, boathouse, 'cook-box', 'inside');
    const swap = fixes.find(({ fix }) => fix === 'swap')!;
    expect(swap).toMatchObject({ gear: 'boathouse-tape', instead: 'spare-tape', left: 0 });
    expect(stowed(applied(bench, swap.command), boathouse, 'cook-box', 'inside').fits).toBe(true);
  });

  it('do not move a piece to where it drives another out', () => {
    // The brick is too long for the pouch. Each box takes it by itself; the full one has no room left beside its own.
    const form = (lengthMm: number, widthMm: number, heightMm: number) =>
      ({ shape: 'box', lengthMm, widthMm, heightMm, upright: false }) as const;
    const pouch = holder('pouch', {
      cavities: holder('x').cavities.map((cavity) => ({ ...cavity, inside: form(40, 40, 40) })),
    });
    const bench = benchOf(
      [
        pouch,
        holder('full'),
        holder('free'),
        gear('brick', { form: form(90, 90, 60) }),
        gear('stone', { form: form(90, 90, 60) }),
      ],
      [
        kit('k', [
          newPlacement('pouch', 'pouch', { on: 'body' }),
          newPlacement('full', 'full', { on: 'body' }),
          newPlacement('free', 'free', { on: 'body' }),
          newPlacement('stone', 'stone', { in: 'full', cavity: 'inside' }),
          newPlacement('brick', 'brick', { in: 'pouch', cavity: 'inside' }),
        ]),
      ],
    );
    const places = (from: Bench) =>
      fixesOf(from, 'k', 'pouch', 'inside').flatMap(({ fix, to }) => (fix === 'move' ? [to] : []));
    expect(places(bench)).toEqual([{ in: 'free', cavity: 'inside' }]);
    const emptied = applied(bench, {
      do: 'move',
      loadout: 'k',
      placement: 'stone',
      to: { on: 'body' },
    });
    expect(places(emptied)).toContainEqual({ in: 'full', cavity: 'inside' });
  });

  it('take the next larger holder, contents and all', () => {
    const larger = {
      ...demoBench.shelf.get('boathouse-box')!,
      id: 'second-box',
      name: 'Second box',
    };
    const bench = applied(demoBench, { do: 'add gear', gear: [larger] });
    // A box as large as the one that it would stand in does not go into that, and is not offered there.
    const inTheBox = fixesOf(bench, boathouse, 'cook-box', 'inside').filter(
      (each) => each.fix === 'larger holder' && each.instead === 'second-box',
    );
    expect(inTheBox).toEqual([]);
    const loose = applied(bench, {
      do: 'move',
      loadout: boathouse,
      placement: 'cook-box',
      to: { on: 'house' },
    });
    const offered = fixesOf(loose, boathouse, 'cook-box', 'inside').filter(
      (each) => each.fix === 'larger holder',
    );
    expect(offered.map(({ instead }) => instead)).toContain('second-box');
    const after = applied(loose, offered.find(({ instead }) => instead === 'second-box')!.command);
    const pot = placementOf(after.loadouts.get(boathouse)!, 'old-pot')!;
    expect(pot.place).toEqual({ in: 'cook-box', cavity: 'inside' });
    expect(stowed(after, boathouse, 'cook-box', 'inside').fits).toBe(true);
  });
});

describe('fixes where kits go along', () => {
  const brick = (id: string, heightMm: number) =>
    gear(id, { form: { shape: 'box', lengthMm: 98, widthMm: 98, heightMm, upright: false } });
  const full = { id: 'm', kit: 'inner', place: { in: 'other', cavity: 'inside' } } as const;
  const inner = kit('inner', [newPlacement('theirs', 'theirs', { on: 'body' })]);
  const outer = (place: Placement['place'] | null) => ({
    ...kit('outer', [
      newPlacement('box', 'box', { on: 'body' }),
      newPlacement('other', 'other', { on: 'body' }),
      newPlacement('low', 'low', { in: 'box', cavity: 'inside' }),
      newPlacement('high', 'high', { in: 'box', cavity: 'inside' }),
    ]),
    modules: place ? [{ ...full, place }] : [],
  });
  const shelf = [
    holder('box'),
    holder('other'),
    brick('low', 50),
    brick('high', 70),
    brick('theirs', 40),
  ];
  const moves = (place: Placement['place'] | null) =>
    fixesOf(benchOf(shelf, [inner, outer(place)]), 'outer', 'box', 'inside').filter(
      ({ fix }) => fix === 'move',
    );

  it('do not move a piece into what a kit along fills', () => {
    expect(moves(null)).toMatchObject([{ gear: 'low', left: 0 }, { gear: 'high' }]);
    // 50 and 40 go in together, 70 and 40 do not.
    expect(moves({ in: 'other', cavity: 'inside' })).toMatchObject([{ gear: 'low' }]);
    const fuller = [...shelf.slice(0, -1), brick('theirs', 60)];
    const bench = benchOf(fuller, [inner, outer({ in: 'other', cavity: 'inside' })]);
    const found = fixesOf(bench, 'outer', 'box', 'inside').filter(({ fix }) => fix === 'move');
    expect(found).toEqual([]);
  });

  it('take a larger holder that then goes in where the smaller one was, kits along and all', () => {
    const longest = `box-${'x'.repeat(60)}`;
    const wide = (id: string, heightMm: number) =>
      holder(id, {
        form: { shape: 'box', lengthMm: 110, widthMm: 110, heightMm: heightMm + 5, upright: false },
        cavities: holder('x').cavities.map((cavity) => ({
          ...cavity,
          id: 'room',
          inside: { shape: 'box', lengthMm: 100, widthMm: 100, heightMm },
        })),
      });
    const chest = (heightMm: number) =>
      holder('chest', {
        cavities: holder('x').cavities.map((cavity) => ({
          ...cavity,
          inside: { shape: 'box', lengthMm: 150, widthMm: 120, heightMm },
        })),
      });
    const bench = (heightMm: number) =>
      benchOf(
        [
          chest(heightMm),
          holder('box'),
          wide(longest, 170),
          brick('low', 50),
          brick('high', 70),
          brick('theirs', 40),
        ],
        [
          inner,
          {
            ...kit('outer', [
              newPlacement('chest', 'chest', { on: 'body' }),
              newPlacement('box', 'box', { in: 'chest', cavity: 'inside' }),
              newPlacement('low', 'low', { in: 'box', cavity: 'inside' }),
              newPlacement('high', 'high', { in: 'box', cavity: 'inside' }),
            ]),
            modules: [{ ...full, place: { in: 'box', cavity: 'inside' } }],
          },
        ],
      );
    const larger = (from: Bench) =>
      fixesOf(from, 'outer', 'box', 'inside').filter(({ fix }) => fix === 'larger holder');
    expect(larger(bench(160))).toEqual([]);
    const [fix] = larger(bench(180));
    expect(fix).toMatchObject({ instead: longest, left: 0 });
    const after = applied(bench(180), fix!.command).loadouts.get('outer')!;
    const holderThere = after.placements.find(({ gear: id }) => id === longest)!;
    expect(holderThere.id.length).toBeLessThanOrEqual(64);
    expect(after.modules[0]!.place).toEqual({ in: holderThere.id, cavity: 'room' });
  });
});
