import fc from 'fast-check';
import type { Cavity, Form } from '@/core/gear';
import { bundle, type HardPiece } from '@/core/fit/bundle';
import { fitByBulk, loadsOf } from '@/core/fit';
import { cavityQuestion, outsidesOf, stowWithin, wrongWith } from '@/core/fit/laid-out';
import { newPlacement } from '@/core/loadout';
import { benchOf, gear, holder, kit } from '../../support/benches';
import { runs } from '../../support/share';

const cavity = (inside: Cavity['inside']): readonly Cavity[] =>
  holder('x').cavities.map((each) => ({ ...each, inside }));

const box = (lengthMm: number, widthMm: number, heightMm: number, upright = false): Form => ({
  shape: 'box',
  lengthMm,
  widthMm,
  heightMm,
  upright,
});

const rod = (diameterMm: number, heightMm: number): Form => ({
  shape: 'cylinder',
  diameterMm,
  heightMm,
  upright: false,
});

const pouch = holder('pouch', {
  form: { shape: 'soft', looseMl: 60, tightMl: 30, thinnestMm: 3, longestRigidMm: 0 },
  cavities: cavity({ shape: 'soft', volumeMl: 1500, longestMm: 260, bulgeShare: 0 }),
});

/** A case with a pouch in it, and so much in the pouch. */
function pouchInCase(inside: Cavity['inside'], pieces: readonly (readonly [Form, number])[]) {
  const shelf = [
    holder('case', { cavities: cavity(inside) }),
    pouch,
    ...pieces.map(([form], at) => gear(`piece${at}`, { form })),
  ];
  const loadout = kit('k', [
    newPlacement('case', 'case', { on: 'body' }),
    newPlacement('pouch', 'pouch', { in: 'case', cavity: 'inside' }),
    ...pieces.map(([, count], at) => ({
      ...newPlacement(`piece${at}`, `piece${at}`, { in: 'pouch', cavity: 'inside' }),
      count,
    })),
  ]);
  const bench = benchOf(shelf, [loadout]);
  const question = cavityQuestion(loadout, bench.shelf, 'case', 'inside')!;
  const [inCase] = loadsOf(loadout, bench.shelf);
  return {
    question,
    bulk: inCase!.answer,
    outside: outsidesOf(loadout, bench.shelf).get('pouch')!,
  };
}

describe('a filled pouch', () => {
  it('with a cube in it does not go into a case that the cube is too high for', () => {
    const low = { shape: 'box', lengthMm: 320, widthMm: 300, heightMm: 30 } as const;
    const { question, bulk } = pouchInCase(low, [[box(100, 100, 100), 1]]);
    expect(bulk.verdict).toBe('does not fit');
    // The cube is 70 mm too high, and so is the pouch round it, whichever way it is filled.
    expect(bulk.reasons).toMatchObject([{ why: 'lid', item: 'pouch', byMm: 70 }]);
    const { fits, left } = stowWithin(question.loads, { seed: 1, steps: 20 });
    expect(fits).toBe(false);
    expect(left).toMatchObject([{ id: 'pouch', why: { why: 'lid', byMm: 70 } }]);
  });

  it('with a long rod in it is as long as the rod', () => {
    const short = { shape: 'box', lengthMm: 200, widthMm: 60, heightMm: 60 } as const;
    const { question, bulk } = pouchInCase(short, [[rod(8, 390), 1]]);
    expect(bulk.verdict).toBe('does not fit');
    expect(stowWithin(question.loads, { seed: 1, steps: 20 }).fits).toBe(false);
  });

  it('goes in where the hard pieces in it do, side by side', () => {
    const roomy = { shape: 'box', lengthMm: 130, widthMm: 70, heightMm: 50 } as const;
    const { question, outside } = pouchInCase(roomy, [[box(120, 30, 20), 4]]);
    // Two by two: 60 × 40, or a little more with the cloth.
    expect(outside).toMatchObject({ shape: 'box', upright: false });
    const stowage = stowWithin(question.loads, { seed: 1, steps: 20 });
    expect(stowage.fits).toBe(true);
    expect(wrongWith(question.loads, stowage)).toEqual([]);
  });

  it('says so where it might go in filled another way', () => {
    // Laid out, the four bars are two by two; flat, one beside the other, they would go in.
    const flat = { shape: 'box', lengthMm: 260, widthMm: 150, heightMm: 24 } as const;
    const { question, bulk } = pouchInCase(flat, [[box(120, 30, 20), 4]]);
    expect(bulk.verdict).toBe('room by bulk');
    const { left } = stowWithin(question.loads, { seed: 1, steps: 20 });
    expect(left).toMatchObject([{ id: 'pouch', why: { why: 'filled', so: { why: 'lid' } } }]);
  });

  it('is soft round a small hard piece, and nowhere smaller than that', () => {
    const shelf = [
      pouch,
      gear('towel', {
        form: { shape: 'soft', looseMl: 900, tightMl: 500, thinnestMm: 8, longestRigidMm: 0 },
      }),
      gear('cards', { form: box(90, 60, 15) }),
    ];
    const here = { in: 'pouch', cavity: 'inside' };
    const loadout = kit('k', [
      newPlacement('pouch', 'pouch', { on: 'body' }),
      newPlacement('towel', 'towel', here),
      newPlacement('cards', 'cards', here),
    ]);
    const form = outsidesOf(loadout, benchOf(shelf, [loadout]).shelf).get('pouch')!;
    expect(form).toMatchObject({ shape: 'soft', thinnestMm: 8, coreMm: [15, 60, 90] });
    const within = (inside: Cavity['inside']) =>
      stowWithin(
        [
          {
            container: {
              shape: 'box',
              sizeMm:
                inside.shape === 'box'
                  ? [inside.lengthMm, inside.widthMm, inside.heightMm]
                  : [0, 0, 0],
              mouth: { shape: 'section' },
            },
            items: [{ id: 'pouch', form }],
          },
        ],
        { seed: 1, steps: 5 },
      );
    // 700 mL in a room of 50 mm by 50 mm would be long enough, and is too narrow for the cards.
    expect(within({ shape: 'box', lengthMm: 50, widthMm: 50, heightMm: 400 }).fits).toBe(false);
    expect(within({ shape: 'box', lengthMm: 160, widthMm: 65, heightMm: 80 }).fits).toBe(true);
  });

  it('keeps standing what must stand in it', () => {
    const { outside } = pouchInCase({ shape: 'box', lengthMm: 300, widthMm: 300, heightMm: 300 }, [
      [box(40, 40, 120, true), 1],
      [box(40, 40, 60), 2],
    ]);
    expect(outside).toMatchObject({ shape: 'box', upright: true, heightMm: 120 });
  });

  it('grows with each pouch inside it, the innermost first', () => {
    const names = ['outer', 'middle', 'inner'];
    const shelf = [
      ...names.map((id) => ({ ...pouch, id })),
      gear('cube', { form: box(60, 60, 60) }),
    ];
    const loadout = kit('k', [
      newPlacement('outer', 'outer', { on: 'body' }),
      newPlacement('middle', 'middle', { in: 'outer', cavity: 'inside' }),
      newPlacement('inner', 'inner', { in: 'middle', cavity: 'inside' }),
      newPlacement('cube', 'cube', { in: 'inner', cavity: 'inside' }),
    ]);
    const outsides = outsidesOf(loadout, benchOf(shelf, [loadout]).shelf);
    const volumes = [...names].reverse().map((id) => {
      const form = outsides.get(id)!;
      return form?.shape === 'box' ? (form.lengthMm * form.widthMm * form.heightMm) / 1000 : 0;
    });
    // 216 mL of cube and 30 mL of cloth each.
    expect(volumes.map(Math.round)).toEqual([246, 276, 306]);
  });
});

describe('hard pieces put together', () => {
  const side = fc.integer({ min: 3, max: 200 });
  const piece = fc.record({
    sidesMm: fc.tuple(side, side, side),
    stands: fc.boolean(),
  });
  const volume = ([a, b, c]: HardPiece['sidesMm']) => a * b * c;

  it('take at least their own room, are as long as the longest, and stand where one must', () => {
    fc.assert(
      fc.property(fc.array(piece, { minLength: 1, maxLength: 12 }), (pieces) => {
        const whole = bundle(pieces, 400);
        const sum = pieces.reduce((taken, { sidesMm }) => taken + volume(sidesMm), 0);
        expect(volume(whole.sidesMm)).toBeGreaterThanOrEqual(sum - 1e-6);
        expect(whole.stands).toBe(pieces.some(({ stands }) => stands));
        const sorted = (sides: readonly number[]) => [...sides].sort((a, b) => a - b);
        for (const { sidesMm, stands } of pieces) {
          if (stands) expect(whole.sidesMm[2]).toBeGreaterThanOrEqual(sidesMm[2]);
          const own = sorted(sidesMm);
          sorted(whole.sidesMm).forEach((mm, k) => expect(mm).toBeGreaterThanOrEqual(own[k]!));
        }
      }),
    );
  });

  it('go into the box that they are said to make', () => {
    fc.assert(
      fc.property(fc.array(piece, { minLength: 2, maxLength: 5 }), (pieces) => {
        const whole = bundle(pieces, Infinity);
        const [l, w, h] = whole.sidesMm;
        // An independent search finds them a place in it; a little room lets it miss no arrangement by a hair.
        const stowage = stowWithin(
          {
            container: {
              shape: 'box',
              sizeMm: [l + 0.01, w + 0.01, h + 0.01],
              mouth: { shape: 'section' },
            },
            items: pieces.map(({ sidesMm: [a, b, c], stands }, at) => ({
              id: `p${at}`,
              form: box(a, b, c, stands),
            })),
          },
          { seed: 1, steps: 400 },
        );
        expect(stowage.left).toEqual([]);
      }),
      runs(60, 0.4),
    );
  });

  it.each<[string, readonly HardPiece[], readonly number[]]>([
    [
      'two bars side by side',
      [
        { sidesMm: [10, 20, 100], stands: false },
        { sidesMm: [10, 20, 100], stands: false },
      ],
      [20, 20, 100],
    ],
    [
      'a lid on its tin',
      [
        { sidesMm: [90, 60, 5], stands: false },
        { sidesMm: [90, 60, 20], stands: false },
      ],
      [25, 60, 90],
    ],
    [
      'a standing bottle and a block beside it',
      [
        { sidesMm: [40, 40, 120], stands: true },
        { sidesMm: [120, 40, 40], stands: false },
      ],
      [40, 80, 120],
    ],
  ])('%s', (_, pieces, sides) => {
    expect([...bundle(pieces, 300).sidesMm].sort((a, b) => a - b)).toEqual(sides);
  });
});

describe('bulk', () => {
  it('does not prove against what could lie in a hollow piece', () => {
    // A pot fills its box; the can goes into the pot.
    const pot = holder('pot', {
      form: { shape: 'cylinder', diameterMm: 150, heightMm: 120, upright: true },
      cavities: cavity({ shape: 'cylinder', diameterMm: 146, heightMm: 118 }),
    });
    const can = gear('can', {
      form: { shape: 'cylinder', diameterMm: 100, heightMm: 110, upright: true },
    });
    const box150 = holder('box', {
      cavities: cavity({ shape: 'box', lengthMm: 150, widthMm: 150, heightMm: 121 }),
    });
    const here = { in: 'box', cavity: 'inside' };
    const loadout = kit('k', [
      newPlacement('box', 'box', { on: 'body' }),
      newPlacement('pot', 'pot', here),
      newPlacement('can', 'can', here),
    ]);
    const { shelf } = benchOf([box150, pot, can], [loadout]);
    expect(loadsOf(loadout, shelf)[0]!.answer).toMatchObject({
      verdict: 'room by bulk',
      reasons: [],
    });
    const question = cavityQuestion(loadout, shelf, 'box', 'inside')!;
    const stowage = stowWithin(question.loads, { seed: 1, steps: 40 });
    expect(stowage).toMatchObject({ fits: true });
    expect(wrongWith(question.loads, stowage)).toEqual([]);
  });

  it('proves it all the same where even full hollows leave too much', () => {
    const items = [1, 2, 3, 4].map((at) => ({
      id: `brick${at}`,
      placement: 'brick',
      name: 'Brick',
      least: box(100, 100, 50),
      massG: 1,
      hollow:
        at === 1
          ? ({ shape: 'box', sizeMm: [90, 90, 40], mouth: { shape: 'section' } } as const)
          : null,
    }));
    // 2000 mL in 1000, and no more than 324 of that in the hollow.
    const answer = fitByBulk({
      cavity: cavity({ shape: 'box', lengthMm: 100, widthMm: 100, heightMm: 100 })[0]!,
      items,
    });
    expect(answer.reasons).toEqual([{ why: 'over-full', byMl: expect.closeTo(676, 6) }]);
  });
});

describe('a long soft sleeve', () => {
  it('takes a rod that is nearly as long as it is said to be', () => {
    const sleeve = holder('sleeve', {
      cavities: cavity({ shape: 'soft', volumeMl: 1500, longestMm: 700, bulgeShare: 0 }),
    });
    const pole = gear('pole', { form: rod(12, 650) });
    const loadout = kit('k', [
      newPlacement('sleeve', 'sleeve', { on: 'body' }),
      newPlacement('pole', 'pole', { in: 'sleeve', cavity: 'inside' }),
    ]);
    const { shelf } = benchOf([sleeve, pole], [loadout]);
    expect(loadsOf(loadout, shelf)[0]!.answer.verdict).toBe('room by bulk');
    const { loads } = cavityQuestion(loadout, shelf, 'sleeve', 'inside')!;
    expect(stowWithin(loads, { seed: 1, steps: 20 }).fits).toBe(true);
  });
});
