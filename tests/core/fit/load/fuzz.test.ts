import fc from 'fast-check';
import { stowWithin, wrongWith, type Load, type Stowage, type Stowed } from '@/core/fit/laid-out';
import { richLoad } from '../../../support/loads';

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
      { numRuns: 2000 },
    );
    // They did come up.
    expect([nested > 150, wound > 150, lying > 50]).toEqual([true, true, true]);
  }, 240_000);
});
