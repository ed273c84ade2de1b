import fc from 'fast-check';
import { gearOfKind, kinds } from '@/core/catalogue';
import { demoBench } from '@/core/demo';
import { silhouettes } from '@/core/gear';
import { gear } from '../support/benches';
import { drawnSize } from '@/ui/gear-drawing/drawn-size';
import { poseOf } from '@/ui/gear-drawing/drawings';
import { rareDrawings } from '@/ui/gear-drawing/rare-silhouettes';
import { commonDrawings } from '@/ui/gear-drawing/silhouettes';

const drawings = { ...commonDrawings, ...rareDrawings };

describe('the drawings', () => {
  it('lie as they are said to lie before they have come', () => {
    for (const silhouette of silhouettes) {
      expect([silhouette, poseOf(silhouette)]).toEqual([silhouette, drawings[silhouette].pose]);
    }
  });

  it.each(silhouettes)(
    '%s has one of its own, with a body in the piece’s colour or its stuff',
    (silhouette) => {
      const { layers } = drawings[silhouette];
      expect(layers.length).toBeGreaterThan(0);
      expect(layers.some(([tone]) => tone === 'own' || tone === 'steel' || tone === 'black')).toBe(
        true,
      );
      const others = silhouettes.filter((other) => other !== silhouette);
      const shape = JSON.stringify(layers);
      expect(others.filter((other) => JSON.stringify(drawings[other].layers) === shape)).toEqual(
        [],
      );
    },
  );

  it('start every path with a move, and use path letters and numbers only', () => {
    for (const { layers } of Object.values(drawings)) {
      for (const [, path] of layers) expect(path).toMatch(/^M[MLHVCSQTAZmlhvcsqtaz0-9., -]+$/);
    }
  });

  it('are named by every kind and every piece of the demo', () => {
    for (const { look } of [...kinds, ...demoBench.shelf.values()]) {
      expect(silhouettes).toContain(look.silhouette);
      expect(look.colour).toMatch(/^#[0-9a-f]{6}$/);
    }
  });
});

describe('the drawn size', () => {
  it('is true to the form: lying, standing and round from above', () => {
    expect(drawnSize(demoBench.shelf.get('steel-bottle')!)).toEqual({
      widthMm: 230,
      heightMm: 78,
      isTrue: true,
    });
    expect(drawnSize(demoBench.shelf.get('pot')!)).toEqual({
      widthMm: 152,
      heightMm: 92,
      isTrue: true,
    });
    expect(drawnSize(demoBench.shelf.get('tinder-tin')!)).toEqual({
      widthMm: 62,
      heightMm: 62,
      isTrue: true,
    });
    expect(drawnSize(demoBench.shelf.get('belt-knife')!)).toEqual({
      widthMm: 235,
      heightMm: 42,
      isTrue: true,
    });
    expect(drawnSize(demoBench.shelf.get('boathouse-box')!)).toEqual({
      widthMm: 600,
      heightMm: 240,
      isTrue: true,
    });
  });

  it('says where it is only a stand-in', () => {
    expect(drawnSize(gear('x', { form: null })).isTrue).toBe(false);
  });

  it('of something soft keeps its volume: face times thickness', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 20, max: 60_000 }),
        fc.integer({ min: 1, max: 200 }),
        fc.constantFrom(...silhouettes),
        (looseMl, thinnestMm, silhouette) => {
          const soft = gear('x', {
            form: { shape: 'soft', looseMl, tightMl: looseMl / 2, thinnestMm, longestRigidMm: 0 },
            look: { silhouette, stuff: 'cloth', colour: '#445566' },
          });
          const { widthMm, heightMm } = drawnSize(soft);
          const thickMm = (looseMl * 1000) / (widthMm * heightMm);
          expect(thickMm).toBeGreaterThanOrEqual(thinnestMm - 1e-6);
          expect(widthMm).toBeGreaterThan(0);
          expect(heightMm).toBeGreaterThan(0);
        },
      ),
    );
  });

  it('draws soft holders filled, larger than they lie empty', () => {
    const pack = demoBench.shelf.get('portage-pack')!;
    const empty = drawnSize({ ...pack, cavities: [] });
    const filled = drawnSize(pack);
    expect(filled.widthMm).toBeGreaterThan(empty.widthMm * 1.8);
    expect(filled.heightMm).toBeGreaterThan(400);
    expect(filled.heightMm).toBeLessThan(900);
  });

  it('is of a believable size for every kind', () => {
    for (const kind of kinds) {
      const { widthMm, heightMm } = drawnSize(gearOfKind(kind, kind.id));
      expect([kind.id, widthMm > 4 && widthMm < 900, heightMm > 4 && heightMm < 900]).toEqual([
        kind.id,
        true,
        true,
      ]);
    }
  });
});
