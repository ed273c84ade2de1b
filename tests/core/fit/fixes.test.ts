import { assign, cavityQuestion, fixesFor, stowWithin, type Fix } from '@/core/fit/laid-out';
import { demoBench } from '@/core/demo';
import {
  apply,
  newPlacement,
  placementOf,
  withModules,
  type Bench,
  type Command,
  type Placement,
} from '@/core/loadout';
import { benchOf, gear, holder, kit } from '../../support/benches';

function done(bench: Bench, command: Command): Bench {
  const outcome = apply(bench, command);
  if (!outcome.ok) throw new Error(outcome.problem.message);
  return outcome.value;
}

function stowed(bench: Bench, kit: string, placement: string, cavity: string) {
  const whole = withModules(bench, bench.loadouts.get(kit)!);
  const question = cavityQuestion(whole, bench.shelf, placement, cavity)!;
  return stowWithin(question.loads, { seed: 1, steps: 5 });
}

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
    const turned = done(demoBench, fixes[0]!.command);
    expect(stowed(turned, boathouse, 'cook-box', 'inside').fits).toBe(true);
    const moved = done(demoBench, fixes.find(({ fix }) => fix === 'move')!.command);
    expect(stowed(moved, boathouse, 'cook-box', 'inside').fits).toBe(true);
    expect(stowed(moved, boathouse, 'boathouse-box', 'inside').fits).toBe(true);
  });
});

describe('fixes', () => {
  it('end in carrying it outside where nothing else helps', () => {
    const fixes = fixesOf(demoBench, portage, 'barrel', 'inside');
    expect(fixes.at(-1)).toMatchObject({
      fix: 'outside',
      gear: 'ground-mat',
      to: { on: 'vehicle' },
    });
    const after = done(demoBench, fixes.at(-1)!.command);
    expect(stowed(after, portage, 'barrel', 'inside').left).toEqual([]);
  });

  it('swap a piece for a free one of the shelf that does the same', () => {
    // The full roll of tape is too thick for the cook box; the flat one is free and does the same.
    const roll = demoBench.shelf.get('boathouse-tape')!;
    const flat = { ...demoBench.shelf.get('tape')!, id: 'spare-tape', name: 'Cloth tape, spare' };
    let bench = done(demoBench, { do: 'add gear', gear: [flat] });
    const form = { shape: 'cylinder', diameterMm: 170, heightMm: 120, upright: false } as const;
    bench = done(bench, { do: 'change gear', id: roll.id, change: { form } });
    const to = { in: 'cook-box', cavity: 'inside' };
    bench = done(bench, { do: 'move', loadout: boathouse, placement: 'boathouse-tape', to });
    bench = done(bench, {
      do: 'take out',
      loadout: boathouse,
      placement: 'old-pot',
      contents: 'leave too',
    });
    const fixes = fixesOf(bench, boathouse, 'cook-box', 'inside');
    const swap = fixes.find(({ fix }) => fix === 'swap')!;
    expect(swap).toMatchObject({ gear: 'boathouse-tape', instead: 'spare-tape', left: 0 });
    expect(stowed(done(bench, swap.command), boathouse, 'cook-box', 'inside').fits).toBe(true);
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
    const emptied = done(bench, {
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
    const bench = done(demoBench, { do: 'add gear', gear: [larger] });
    // A box as large as the one that it would stand in does not go into that, and is not offered there.
    const inTheBox = fixesOf(bench, boathouse, 'cook-box', 'inside').filter(
      (each) => each.fix === 'larger holder' && each.instead === 'second-box',
    );
    expect(inTheBox).toEqual([]);
    const loose = done(bench, {
      do: 'move',
      loadout: boathouse,
      placement: 'cook-box',
      to: { on: 'house' },
    });
    const offered = fixesOf(loose, boathouse, 'cook-box', 'inside').filter(
      (each) => each.fix === 'larger holder',
    );
    expect(offered.map(({ instead }) => instead)).toContain('second-box');
    const after = done(loose, offered.find(({ instead }) => instead === 'second-box')!.command);
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
    const after = done(bench(180), fix!.command).loadouts.get('outer')!;
    const holderThere = after.placements.find(({ gear: id }) => id === longest)!;
    expect(holderThere.id.length).toBeLessThanOrEqual(64);
    expect(after.modules[0]!.place).toEqual({ in: holderThere.id, cavity: 'room' });
  });
});

describe('assign', () => {
  function answer(
    bench: Bench,
    kit: string,
    left: readonly string[],
    pinned: readonly string[] = [],
  ) {
    return [...assign(bench, kit, left, new Set(pinned))].at(-1)!;
  }

  it('finds a cavity for what lies on the mat, and packs it there', () => {
    const { moves, homeless } = answer(demoBench, portage, []);
    expect(homeless).toEqual([]);
    expect(moves.map(({ placement }) => placement).sort()).toEqual(['repellent', 'whetstone']);
    const bench = moves.reduce(done, demoBench);
    for (const { to } of moves) {
      const { in: holder, cavity } = to as { readonly in: string; readonly cavity: string };
      expect(stowed(bench, portage, holder, cavity).fits).toBe(true);
    }
  });

  it('keeps sprays from food, and leaves what is pinned', () => {
    const { moves } = answer(demoBench, portage, [], ['whetstone']);
    expect(moves.map(({ placement }) => placement)).toEqual(['repellent']);
    expect(moves[0]!.to).not.toMatchObject({ in: 'barrel' });
  });

  it('would put them where they are kept from, if nothing kept them', () => {
    // Of two boxes the larger comes first; with food in it, the spray goes into the smaller one.
    const does = (job: 'food' | 'insect-guard' | 'write') => ({
      supplies: [{ job, fitness: 'made-for' as const, amount: null, demands: [], cell: null }],
    });
    const small = holder('small', {
      cavities: holder('x').cavities.map((cavity) => ({
        ...cavity,
        inside: { shape: 'box', lengthMm: 100, widthMm: 60, heightMm: 40 },
      })),
    });
    const bench = (job: 'insect-guard' | 'write') =>
      benchOf(
        [holder('large'), small, gear('meal', does('food')), gear('piece', does(job))],
        [
          kit('k', [
            newPlacement('large', 'large', { on: 'body' }),
            newPlacement('small', 'small', { on: 'body' }),
            newPlacement('meal', 'meal', { in: 'large', cavity: 'inside' }),
            newPlacement('piece', 'piece', { on: 'mat' }),
          ]),
        ],
      );
    expect(answer(bench('write'), 'k', []).moves).toMatchObject([{ to: { in: 'large' } }]);
    expect(answer(bench('insect-guard'), 'k', []).moves).toMatchObject([{ to: { in: 'small' } }]);
  });

  it('says what has no room anywhere', () => {
    const { homeless } = answer(demoBench, portage, ['ground-mat']);
    expect(homeless).toEqual(['ground-mat']);
  });

  it('minds the mass that a cavity may carry', () => {
    const cavities = demoBench.shelf.get('portage-pack')!.cavities;
    const light = cavities.map((cavity) => ({ ...cavity, mostMassG: 1 }));
    const bench = done(demoBench, {
      do: 'change gear',
      id: 'portage-pack',
      change: { cavities: light },
    });
    for (const { to } of answer(bench, portage, []).moves) {
      expect(to).not.toMatchObject({ in: 'portage-pack' });
    }
  });

  it('takes a holder that lies on the mat for room like any other', () => {
    // A tin box and twenty pieces, all typed in and on the mat: the box stays there, and they go into it.
    const pieces = Array.from({ length: 20 }, (_, at) =>
      gear(`bit${at}`, {
        form: { shape: 'box', lengthMm: 24, widthMm: 24, heightMm: 20, upright: false },
      }),
    );
    const bench = benchOf(
      [holder('tin'), ...pieces],
      [
        kit(
          'k',
          ['tin', ...pieces.map(({ id }) => id)].map((id) => newPlacement(id, id, { on: 'mat' })),
        ),
      ],
    );
    const { moves, homeless } = answer(bench, 'k', []);
    expect(homeless).toEqual([]);
    expect(moves).toHaveLength(20);
    const after = moves.reduce(done, bench);
    expect(stowed(after, 'k', 'tin', 'inside').fits).toBe(true);
  });

  it('puts a tin on the mat into the rucksack there, and pieces into both', () => {
    const rucksack = holder('rucksack', {
      form: { shape: 'soft', looseMl: 4000, tightMl: 900, thinnestMm: 20, longestRigidMm: 0 },
      cavities: holder('x').cavities.map((cavity) => ({
        ...cavity,
        inside: { shape: 'soft', volumeMl: 9000, longestMm: 420, bulgeShare: 0.1 },
      })),
    });
    const bench = benchOf(
      [rucksack, holder('tin'), gear('stone')],
      [
        kit(
          'k',
          ['rucksack', 'tin', 'stone'].map((id) => newPlacement(id, id, { on: 'mat' })),
        ),
      ],
    );
    const { moves, homeless } = answer(bench, 'k', []);
    expect(homeless).toEqual([]);
    expect(moves.map(({ placement }) => placement)).toEqual(['tin', 'stone']);
    expect(moves[0]!.to).toMatchObject({ in: 'rucksack' });
  });

  it('sees what a kit that goes along has put there already', () => {
    const brick = (id: string) =>
      gear(id, {
        form: { shape: 'box', lengthMm: 98, widthMm: 98, heightMm: 70, upright: false },
      });
    const inner = kit('inner', [newPlacement('theirs', 'theirs', { on: 'body' })]);
    const outer = kit('outer', [
      newPlacement('box', 'box', { on: 'body' }),
      newPlacement('mine', 'mine', { on: 'mat' }),
    ]);
    const along = { id: 'm', kit: 'inner', place: { in: 'box', cavity: 'inside' } } as const;
    const gearThere = [holder('box'), brick('mine'), brick('theirs')];
    const full = benchOf(gearThere, [inner, { ...outer, modules: [along] }]);
    expect(answer(full, 'outer', [])).toEqual({ moves: [], homeless: ['mine'] });
    const empty = benchOf(gearThere, [inner, outer]);
    expect(answer(empty, 'outer', []).moves).toMatchObject([{ placement: 'mine' }]);
  });

  it('puts nothing into a pouch that then grows too large for where it lies', () => {
    const pouch = holder('pouch', {
      form: { shape: 'soft', looseMl: 60, tightMl: 30, thinnestMm: 3, longestRigidMm: 0 },
      cavities: holder('x').cavities.map((cavity) => ({
        ...cavity,
        inside: { shape: 'soft', volumeMl: 1500, longestMm: 200, bulgeShare: 0 },
      })),
    });
    const flat = holder('flat', {
      cavities: holder('x').cavities.map((cavity) => ({
        ...cavity,
        inside: { shape: 'box', lengthMm: 150, widthMm: 150, heightMm: 30 },
      })),
    });
    const cube = gear('cube', {
      form: { shape: 'box', lengthMm: 60, widthMm: 60, heightMm: 60, upright: false },
    });
    const bench = benchOf(
      [flat, pouch, cube],
      [
        kit('k', [
          newPlacement('flat', 'flat', { on: 'body' }),
          newPlacement('pouch', 'pouch', { in: 'flat', cavity: 'inside' }),
          newPlacement('cube', 'cube', { on: 'mat' }),
        ]),
      ],
    );
    expect(answer(bench, 'k', [])).toEqual({ moves: [], homeless: ['cube'] });
  });
});
