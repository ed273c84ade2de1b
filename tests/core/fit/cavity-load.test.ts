import { cavityQuestion, stowWithin } from '@/core/fit/laid-out';
import { newPlacement, type Ground, type Placement } from '@/core/loadout';
import { middleOf } from '@/core/fit/load/solid';
import { benchOf, gear, holder, kit } from '../../support/benches';

const cylinder = (diameterMm: number, heightMm: number) =>
  ({ shape: 'cylinder', diameterMm, heightMm, upright: true }) as const;

/** A mug of 1.5 mm of steel, open at the top. */
const mug = holder('mug', {
  form: cylinder(90, 95),
  cavities: holder('x').cavities.map((cavity) => ({
    ...cavity,
    inside: { shape: 'cylinder', diameterMm: 87, heightMm: 93 },
  })),
});
const tin = gear('tin', { form: cylinder(80, 40) });
const soap = gear('soap', {
  form: { shape: 'box', lengthMm: 40, widthMm: 30, heightMm: 20, upright: false },
});

const soft = {
  shape: 'soft',
  volumeMl: 12_000,
  longestMm: 480,
  bulgeShare: 0,
} as const;
const bag = holder('bag', {
  form: { shape: 'soft', looseMl: 14_000, tightMl: 1500, thinnestMm: 20, longestRigidMm: 0 },
  cavities: holder('x').cavities.map((cavity) => ({ ...cavity, inside: soft })),
});

function inBag(on: Ground, ...inside: readonly Placement[]) {
  const shelf = [bag, mug, tin, soap, gear('lead', { massG: 4000 }), gear('down', { massG: 40 })];
  const loadout = kit('k', [newPlacement('bag', 'bag', { on }), ...inside]);
  return cavityQuestion(loadout, benchOf(shelf, [loadout]).shelf, 'bag', 'inside')!;
}

const here = { in: 'bag', cavity: 'inside' };

describe('what is in a cavity, as a load', () => {
  it('lets others into a piece that is hollow and empty', () => {
    const { loads } = inBag(
      'body',
      newPlacement('mug', 'mug', here),
      newPlacement('tin', 'tin', here),
    );
    expect(loads[0]!.items.map(({ id, hollow }) => [id, hollow?.shape])).toEqual([
      ['mug', 'cylinder'],
      ['tin', undefined],
    ]);
  });

  it('lets nothing into one that holds something already', () => {
    const { loads } = inBag(
      'body',
      newPlacement('mug', 'mug', here),
      newPlacement('soap', 'soap', { in: 'mug', cavity: 'inside' }),
      newPlacement('tin', 'tin', here),
    );
    expect(loads[0]!.items.map(({ id, hollow }) => [id, hollow])).toEqual([
      ['mug', undefined],
      ['tin', undefined],
    ]);
  });

  it('carries what is heavy near the back of a worn bag, and low in one that stands', () => {
    const inside = [newPlacement('down', 'down', here), newPlacement('lead', 'lead', here)];
    const heavy = (on: Ground) => {
      const { loads } = inBag(on, ...inside);
      const [load] = loads;
      const { placed, fits } = stowWithin(load!, { seed: 1, steps: 60 });
      expect(fits).toBe(true);
      const at = (id: string, axis: number) =>
        middleOf(
          placed.find((stowed) => stowed.id === id)!,
          axis,
        );
      return { isWorn: load!.isWorn, out: at('lead', 1), up: at('lead', 2) };
    };
    // At the back it is no further out than its broad side is, 50 mm; on the floor no higher.
    const worn = heavy('body');
    const standing = heavy('vehicle');
    expect(worn.isWorn).toBe(true);
    expect(worn.out).toBeLessThanOrEqual(25);
    expect(standing.isWorn).toBe(false);
    expect(standing.up).toBeLessThanOrEqual(25);
    expect(worn.out).toBeLessThan(standing.out);
  });
});
