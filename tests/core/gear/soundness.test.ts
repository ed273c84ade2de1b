import fc from 'fast-check';
import { demoBench } from '@/core/demo';
import { readFile, writeFile } from '@/core/exchange';
import { unsoundGear, type Gear } from '@/core/gear';
import { benchOf } from '../../support/benches';
import { runs } from '../../support/share';

const pieces = [...demoBench.shelf.values()];

/** Every path to a number, and to a null where a number may be, in a piece of gear. */
function figurePaths(value: unknown, path: readonly string[] = []): readonly (readonly string[])[] {
  if (typeof value === 'number') return [path];
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, inner]) => figurePaths(inner, [...path, key]));
}

function withFigure(gear: Gear, [first, ...rest]: readonly string[], figure: number): Gear {
  const copy = structuredClone(gear) as unknown as Record<string, unknown>;
  const at = rest
    .slice(0, -1)
    .reduce(
      (inner, step) => inner[step] as Record<string, unknown>,
      (rest.length === 0 ? copy : copy[first!]) as Record<string, unknown>,
    );
  at[rest.at(-1) ?? first!] = figure;
  return copy as unknown as Gear;
}

describe('sound gear', () => {
  it('is all of the demo’s', () => {
    for (const gear of pieces) expect([gear.id, unsoundGear(gear)]).toEqual([gear.id, null]);
  });

  it('is what can be written and read again, and nothing else', () => {
    const figure = fc.oneof(
      fc.double({ noNaN: false }),
      fc.integer({ min: -2, max: 20_000 }),
      fc.constantFrom(0, -0, NaN, Infinity, 1e-12, 1e6, 1e7, 1e7 + 1, 1e9, 1e9 + 1),
    );
    fc.assert(
      fc.property(fc.constantFrom(...pieces), fc.nat(), figure, (gear, which, value) => {
        const paths = figurePaths(gear);
        const spoilt = withFigure(gear, paths[which % paths.length]!, value);
        const isRead = readFile(writeFile(benchOf([spoilt], []))).ok;
        // What is no finite number is written as null, which a file may hold where nobody knows.
        if (Number.isFinite(value)) expect(unsoundGear(spoilt) === null).toBe(isRead);
        else expect(unsoundGear(spoilt)).not.toBeNull();
      }),
      runs(3000),
    );
  });

  it.each<[string, Partial<Gear>, string, RegExp]>([
    ['a name of spaces', { name: '  ' }, 'name', /is empty/],
    ['markup in a note', { note: '<b>' }, 'note', /markup/],
    ['a negative mass', { massG: -1 }, 'massG', /The mass is below 0/],
    ['half a piece', { count: 1.5 }, 'count', /not a whole number/],
    [
      'a cloth tighter when loose',
      { form: { shape: 'soft', looseMl: 1, tightMl: 2, thinnestMm: 0, longestRigidMm: 0 } },
      'form.tightMl',
      /more room than loose/,
    ],
    [
      'a can without height',
      { form: { shape: 'cylinder', diameterMm: 5, heightMm: 0, upright: false } },
      'form.heightMm',
      /not above 0/,
    ],
  ])('is not %s', (_, differs, field, says) => {
    const problem = unsoundGear({ ...pieces[0]!, ...differs });
    expect(problem?.field).toBe(field);
    expect(problem?.message).toMatch(says);
  });
});
