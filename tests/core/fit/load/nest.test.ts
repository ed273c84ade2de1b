import { stowWithin, wrongWith, type Load, type LoadItem, type Stowage } from '@/core/fit/laid-out';
import { nestingsOf } from '@/core/fit/load/nest';
import { box, can, cylinder, soft, tin } from '../../../support/loads';

function stow(load: Load, steps = 80): Stowage {
  const stowage = stowWithin(load, { seed: 1, steps });
  expect(wrongWith(load, stowage)).toEqual([]);
  return stowage;
}

function placedOf(stowage: Stowage, id: string) {
  return stowage.placed.find((stowed) => stowed.id === id)!;
}

const mug: LoadItem = { ...cylinder('mug', 95, 110), hollow: can(92, 107) };
const canteen = box('canteen', [190, 80, 45]);
const cup: LoadItem = { ...box('cup', [86, 51, 90]), hollow: tin(84, 49, 88) };

describe('hollow pieces', () => {
  it('slips a nesting cup over the canteen, which stands out of it', () => {
    // Both together are 86 × 51 × 192: side by side they would be 131 wide.
    const stowage = stow({ container: tin(90, 55, 200), items: [canteen, cup] });
    expect(stowage.fits).toBe(true);
    expect(placedOf(stowage, 'canteen').within).toEqual({ host: 'cup', how: 'inside' });
    expect(placedOf(stowage, 'canteen').sizeMm[2]).toBe(190);
    const short = stow({ container: tin(90, 55, 185), items: [canteen, cup] });
    expect(short.fits).toBe(false);
  });

  it('lays both down together where that is how they fit', () => {
    const stowage = stow({ container: tin(200, 90, 55), items: [canteen, cup] });
    expect(stowage.fits).toBe(true);
    expect(placedOf(stowage, 'canteen').sizeMm).toEqual([190, 80, 45]);
  });

  it('puts a mug on a bottle', () => {
    const bottle = cylinder('bottle', 78, 230);
    const stowage = stow({ container: can(96, 240), items: [bottle, mug] });
    expect(stowage.fits).toBe(true);
    expect(placedOf(stowage, 'bottle').atMm[2]).toBeCloseTo(3, 6);
  });

  it('packs a mug full of small things, cloth too', () => {
    const stowage = stow({
      container: can(96, 112),
      items: [mug, cylinder('tin', 70, 30), box('soap', [50, 40, 20]), soft('rag', 90, 60)],
    });
    expect(stowage.fits).toBe(true);
    const inside = stowage.placed.filter(({ within }) => within?.host === 'mug');
    expect(inside.map(({ id }) => id).sort()).toEqual(['rag', 'soap', 'tin']);
    // What goes into the mug goes first.
    expect(stowage.placed.at(-1)!.id).toBe('mug');
  });

  it('leaves pieces side by side where all fits so', () => {
    const stowage = stow({ container: tin(400, 200, 120), items: [canteen, cup, mug] });
    expect(stowage.placed.every(({ within }) => within === undefined)).toBe(true);
  });
});

describe('cord', () => {
  const bottle = cylinder('bottle', 80, 200);
  const cord: LoadItem = { ...soft('cord', 100, 68, 25), isCord: true };

  it('is wound round a bottle where there is no room for the hank', () => {
    // 68 mL over 200 mm: the radius grows from 40 to √(1600 + 68 000 / 200π) = 41.33 mm.
    const stowage = stow({ container: can(83, 205), items: [bottle, cord] });
    expect(stowage.fits).toBe(true);
    const ring = placedOf(stowage, 'cord');
    expect(ring.within).toEqual({ host: 'bottle', how: 'around' });
    expect(ring.sizeMm[0]).toBeCloseTo(82.661, 3);
    expect(stow({ container: can(82.6, 205), items: [bottle, cord] }).fits).toBe(false);
  });

  it('is not wound where it is no cord', () => {
    const rag = soft('rag', 100, 68, 25);
    expect(stow({ container: can(83, 205), items: [bottle, rag] }).fits).toBe(false);
  });
});

describe('wrongWith', () => {
  const load: Load = { container: can(96, 112), items: [mug, cylinder('tin', 70, 30)] };
  const right = stow(load);

  it('rejects what is moved out of its hollow, or says so falsely', () => {
    const moved = right.placed.map((stowed) =>
      stowed.id === 'tin' ? { ...stowed, atMm: [0, 0, 0] as const } : stowed,
    );
    expect(wrongWith(load, { ...right, placed: moved }).join(' ')).toMatch(/not in the hollow/);
    const solid: Load = { ...load, items: [cylinder('mug', 95, 110), load.items[1]!] };
    expect(wrongWith(solid, right).join(' ')).toMatch(/not in the hollow/);
  });
});

it('tries nothing where there is nothing hollow and no cord', () => {
  expect([...nestingsOf({ container: tin(10, 10, 10), items: [box('a', [1, 1, 1])] })]).toEqual([]);
});
