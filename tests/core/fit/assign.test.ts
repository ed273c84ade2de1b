import { plainSupply } from '@/core/gear';
import { assign } from '@/core/fit/laid-out';
import { demoBench } from '@/core/demo';
import { newPlacement, type Bench } from '@/core/loadout';
import { applied, benchOf, gear, holder, kit } from '../../support/benches';
import { stowed } from '../../support/stowed';

const portage = 'portage-pack-kit';

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
    const bench = moves.reduce(applied, demoBench);
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
      supplies: [plainSupply(job, 'made-for', null)],
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
    const bench = applied(demoBench, {
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
    const after = moves.reduce(applied, bench);
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
