import {
  adviceOn,
  balanceOf,
  containersOf,
  layersOf,
  volumeMm3,
  type Stowed,
} from '@/core/fit/laid-out';
import type { Cavity } from '@/core/gear';
import { tin } from '../../support/loads';

function at(id: string, atMm: Stowed['atMm'], sizeMm: Stowed['sizeMm']): Stowed {
  return { id, atMm, sizeMm, axis: null };
}

describe('balanceOf', () => {
  const pack = tin(300, 200, 500);
  const low = at('low', [0, 0, 0], [300, 100, 100]);
  const high = at('high', [0, 100, 400], [100, 100, 100]);

  it('weighs each piece in its own middle', () => {
    // 3 kg at (150, 50, 50) and 1 kg at (50, 150, 450): (125, 75, 150) of (300, 200, 500).
    const balance = balanceOf(pack, [low, high], (id) => (id === 'low' ? 3000 : 1000))!;
    expect(balance.massG).toBe(4000);
    expect(balance.aside).toBeCloseTo(125 / 300, 9);
    expect(balance.out).toBeCloseTo(75 / 200, 9);
    expect(balance.up).toBeCloseTo(150 / 500, 9);
    expect(adviceOn(balance)).toEqual(['to one side', 'low']);
  });

  it('tells a load that is far out and over the shoulders', () => {
    const balance = balanceOf(pack, [at('x', [100, 100, 400], [100, 100, 100])], () => 1)!;
    expect(adviceOn(balance)).toEqual(['far from the back', 'top-heavy']);
  });

  it('has nothing to say of what weighs nothing', () => {
    expect(balanceOf(pack, [low], () => 0)).toBeNull();
  });
});

describe('layersOf', () => {
  it('shows every piece in the fewest level cuts', () => {
    const placed = [
      at('floor', [0, 0, 0], [100, 100, 10]),
      at('tall', [100, 0, 0], [50, 50, 60]),
      at('middle', [0, 0, 10], [100, 100, 20]),
      at('top', [0, 0, 30], [100, 100, 30]),
    ];
    const layers = layersOf(placed);
    expect(layers.map(({ pieces }) => pieces.map((piece) => piece.at))).toEqual([
      [0, 1],
      [1, 2],
      [1, 3],
    ]);
    expect(layers[1]!.pieces).toEqual([
      { at: 1, isFromBelow: true },
      { at: 2, isFromBelow: false },
    ]);
  });
});

describe('containersOf', () => {
  const cavity: Cavity = {
    id: 'main',
    name: 'Main',
    inside: { shape: 'soft', volumeMl: 20_000, longestMm: 450, bulgeShare: 0.1 },
    mouth: { shape: 'section' },
    mostMassG: null,
    waterproof: false,
    closure: null,
    reach: 'main',
  };

  it('makes boxes of the volume, bulge included, none longer than the soft wall is', () => {
    const boxes = containersOf(cavity);
    expect(boxes.length).toBeGreaterThan(4);
    for (const box of boxes) {
      if (box.shape !== 'box') {
        expect(volumeMm3(box)).toBeCloseTo(22e6, 0);
        expect(box.heightMm).toBeLessThanOrEqual(450);
        continue;
      }
      expect(box.sizeMm[0] * box.sizeMm[1] * box.sizeMm[2]).toBeCloseTo(22e6, 0);
      expect(box.sizeMm[2]).toBeLessThanOrEqual(450);
    }
  });

  it('takes rigid ones as they are', () => {
    const inside = { shape: 'cylinder', diameterMm: 70, heightMm: 200 } as const;
    const mouth = { shape: 'round', diameterMm: 44 } as const;
    expect(containersOf({ ...cavity, inside, mouth })).toEqual([{ ...inside, mouth }]);
  });
});
