import fc from 'fast-check';
import {
  questionsOf,
  stowWithin,
  wrongWith,
  type Load,
  type Stowage,
  type Stowed,
} from '@/core/fit/laid-out';
import type { Form } from '@/core/gear';
import { isOfModule, newPlacement, withModules, type Bench } from '@/core/loadout';
import { benchOf, gear, holder, kit } from '../../../support/benches';
import { richLoad } from '../../../support/loads';
import { runs, tried } from '../../../support/share';

/** An answer with one piece of it changed a little, in a way that no answer may be. */
function perturbed({ container }: Load, right: Stowage, pick: number): readonly Stowage[] {
  const at = pick % right.placed.length;
  const stowed = right.placed[at]!;
  const high = container.shape === 'box' ? container.sizeMm[2] : container.heightMm;
  const changed = (change: Partial<Stowed>): Stowage => ({
    ...right,
    placed: right.placed.map((each, index) => (index === at ? { ...each, ...change } : each)),
  });
  const { atMm, sizeMm } = stowed;
  return [
    changed({ atMm: [atMm[0], atMm[1], high - sizeMm[2] + 1] }),
    changed({ atMm: [-1, atMm[1], atMm[2]] }),
    changed({ sizeMm: [sizeMm[0] + 700, sizeMm[1], sizeMm[2]] }),
    changed({ id: 'nobody' }),
    changed({ within: { host: stowed.id, how: 'inside' } }),
    changed({ within: { host: 'nobody', how: 'inside' } }),
    { ...right, fits: !right.fits },
    { ...right, placed: [...right.placed, stowed] },
    {
      ...right,
      container:
        container.shape === 'box'
          ? { ...container, sizeMm: [900, 900, 900] }
          : { ...container, diameterMm: 900 },
    },
  ];
}

describe('loads of all that a load can hold', () => {
  it('are laid out so that the verifier accepts each, and none that is changed', () => {
    let nested = 0;
    let wound = 0;
    let lying = 0;
    fc.assert(
      fc.property(richLoad, fc.nat(), (load, pick) => {
        const stowage = stowWithin(load, { seed: 1, steps: 8 });
        expect(wrongWith(load, stowage)).toEqual([]);
        for (const { within } of stowage.placed) {
          if (within?.how === 'inside') nested += 1;
          if (within?.how === 'around') wound += 1;
        }
        const hosts = new Set(stowage.placed.map(({ within }) => within?.host));
        lying += stowage.placed.filter(
          ({ id, axis }) => hosts.has(id) && axis !== null && axis !== 'z',
        ).length;
        if (stowage.placed.length === 0) return;
        for (const wrong of perturbed(load, stowage, pick)) {
          expect(wrongWith(load, wrong)).not.toEqual([]);
        }
      }),
      runs(2000, 0.06),
    );
    // They did come up.
    expect([nested > tried(150, 0.06), wound > tried(150, 0.06), lying > tried(50, 0.06)]).toEqual([
      true,
      true,
      true,
    ]);
  }, 600_000);
});

const side = fc.integer({ min: 8, max: 90 });

const anyPieceForm: fc.Arbitrary<Form> = fc.oneof(
  fc.record({
    shape: fc.constant('box' as const),
    lengthMm: side,
    widthMm: side,
    heightMm: side,
    upright: fc.boolean(),
  }),
  fc.record({
    shape: fc.constant('cylinder' as const),
    diameterMm: side,
    heightMm: side,
    upright: fc.boolean(),
  }),
  fc.integer({ min: 20, max: 400 }).map((looseMl) => ({
    shape: 'soft' as const,
    looseMl,
    tightMl: looseMl / 2,
    thinnestMm: 4,
    longestRigidMm: 0,
  })),
);

/** Two kits of pieces in boxes and pouches in each other, the second of which goes along in the first. */
const packedBench = fc
  .record({
    holders: fc.array(fc.tuple(fc.boolean(), fc.integer({ min: 60, max: 300 }), fc.nat()), {
      minLength: 2,
      maxLength: 5,
    }),
    pieces: fc.array(fc.tuple(anyPieceForm, fc.integer({ min: 1, max: 3 }), fc.nat()), {
      minLength: 3,
      maxLength: 9,
    }),
    along: fc.nat(),
  })
  .map(({ holders, pieces, along }): Bench => {
    const inside = (lengthMm: number, isSoft: boolean) =>
      holder('x').cavities.map((cavity) => ({
        ...cavity,
        inside: isSoft
          ? { shape: 'soft' as const, volumeMl: lengthMm * 12, longestMm: lengthMm, bulgeShare: 0 }
          : { shape: 'box' as const, lengthMm, widthMm: lengthMm / 1.5, heightMm: lengthMm / 2 },
      }));
    const gearThere = [
      ...holders.map(([isSoft, lengthMm], at) =>
        holder(`h${at}`, {
          form: isSoft
            ? { shape: 'soft', looseMl: 60, tightMl: 30, thinnestMm: 3, longestRigidMm: 0 }
            : { shape: 'box', lengthMm, widthMm: lengthMm, heightMm: lengthMm, upright: false },
          cavities: inside(lengthMm, isSoft),
        }),
      ),
      ...pieces.map(([form, count], at) => gear(`p${at}`, { form, count })),
    ];
    const holdersOf = (which: number) =>
      holders.flatMap(([, , where], at) => (at % 2 === which ? [{ id: `h${at}`, where }] : []));
    const kitOf = (which: number) => {
      const own = holdersOf(which);
      const placeIn = (within: readonly { readonly id: string }[], where: number) =>
        within.length === 0
          ? ({ on: 'body' } as const)
          : { in: within[where % within.length]!.id, cavity: 'inside' };
      return kit(which === 0 ? 'outer' : 'inner', [
        ...own.map(({ id, where }, at) => newPlacement(id, id, placeIn(own.slice(0, at), where))),
        ...pieces.flatMap(([, count, where], at) =>
          at % 2 === which ? [newPlacement(`p${at}`, `p${at}`, placeIn(own, where), count)] : [],
        ),
      ]);
    };
    const outer = kitOf(0);
    const own = holdersOf(0);
    const place = { in: own[along % own.length]!.id, cavity: 'inside' };
    return benchOf(gearThere, [
      kitOf(1),
      { ...outer, modules: [{ id: 'm', kit: 'inner', place }] },
    ]);
  });

describe('kits with pouches in each other, and a kit that goes along', () => {
  it('have every room laid out so that the verifier accepts it', () => {
    let rooms = 0;
    let along = 0;
    let filled = 0;
    fc.assert(
      fc.property(packedBench, (bench) => {
        const whole = withModules(bench, bench.loadouts.get('outer')!);
        for (const { loads, items } of questionsOf(whole, bench.shelf)) {
          const stowage = stowWithin(loads, { seed: 1, steps: 4 });
          expect(wrongWith(loads, stowage)).toEqual([]);
          expect(stowage.left.filter(({ why }) => why.why === 'fault')).toEqual([]);
          rooms += 1;
          if (items.some(({ placement }) => isOfModule(placement))) along += 1;
          if (items.some(({ form, least }) => form !== least)) filled += 1;
        }
      }),
      runs(300),
    );
    expect([rooms > tried(600), along > tried(250), filled > tried(100)]).toEqual([
      true,
      true,
      true,
    ]);
  }, 600_000);
});
