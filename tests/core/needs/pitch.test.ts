import fc from 'fast-check';
import { gearOfKind, kindOf } from '@/core/catalogue';
import { readLine } from '@/core/reading';
import { pitchesOf } from '@/core/needs/pitch';
import { judged, needOf } from '../../support/under-brief';

/** A tarp of two sides, in m, with the cord that it hangs on. */
function under(lengthM: number, widthM: number, people = 2) {
  const { supplies } = gearOfKind(kindOf('tarp')!, 'x', 'x');
  const sheet = supplies.map((supply) =>
    supply.job === 'roof'
      ? { ...supply, amount: lengthM * widthM, facts: { of: 'sheet', lengthM, widthM } as const }
      : supply,
  );
  return judged([{ kind: 'tarp', differs: { supplies: sheet } }, 'cord'], {
    people: Array.from({ length: people }, () => ({
      name: '',
      bodyKg: 75,
      heightCm: 180,
      ageYears: 40,
      sex: 'unknown' as const,
      medicines: [],
      graveAllergy: '',
      wearsSpectacles: false,
      shoeSize: null,
      gloveSize: null,
    })),
  });
}

describe('a sheet as it is pitched', () => {
  test('2.4 × 3 m over its shorter side: 2 √(1.5² − 1²) = 2.24 m across, three sleep', () => {
    const [pitch] = pitchesOf(under(3, 2.4).kit);
    expect(pitch).toMatchObject({ as: 'over a ridge', sleepers: 3, isGuessed: false });
    expect(pitch!.floorM[0]).toBeCloseTo(2.4, 9);
    expect(pitch!.floorM[1]).toBeCloseTo(Math.sqrt(5), 9);
  });

  test('3 × 1.5 m is too narrow for a ridge: it leans, 1.5 cos 45° = 1.06 m deep, one sleeps', () => {
    const [pitch] = pitchesOf(under(3, 1.5).kit);
    expect(pitch).toMatchObject({ as: 'leaning', sleepers: 1 });
    expect(pitch!.floorM[1]).toBeCloseTo(1.0607, 4);
    expect(pitch!.heightM).toBeCloseTo(1.0607, 4);
  });

  test('a sheet shorter than who lies under it and 0.3 m keeps nobody dry', () => {
    expect(needOf(under(2, 2), 'roof')).toMatchObject({ supply: 0, standing: 'none' });
  });

  test.each([
    ['Tent', 2],
    ['One-person tent', 1],
    ['3 man tent', 3],
    ['Tent for four people', 4],
  ])('%s stands by itself: %i sleep, as it or its kind is told to be for', (name, sleepers) => {
    const roof = needOf(judged([{ kind: 'tent', differs: { name } }]), 'roof');
    expect(roof).toMatchObject({ supply: sleepers, standing: sleepers >= 2 ? 'met' : 'short' });
    expect(roof.steps[0]).toContain(`for ${sleepers} as it is told`);
  });

  test('a tent told larger than its floor sleeps no more than lie on that', () => {
    const read = readLine('4 person tent 210x130 cm', {
      id: 't',
      units: 'metric',
      currency: 'EUR',
    });
    const { name, supplies } = read.ok ? read.value.gear : { name: '', supplies: [] };
    const { steps, supply } = needOf(
      judged([{ kind: 'tent', differs: { name, supplies } }]),
      'roof',
    );
    expect([supply, steps[0]]).toEqual([2, expect.stringContaining('2 × 600 mm side by side')]);
  });

  test('of which only the area is known is a square, and says so', () => {
    const { supplies } = gearOfKind(kindOf('tarp')!, 'x', 'x');
    const bare = supplies.map((supply) => ({ ...supply, facts: null }));
    const roof = needOf(judged([{ kind: 'tarp', differs: { supplies: bare } }, 'cord']), 'roof');
    expect(roof.steps[0]).toContain('Only its area is known: it is taken as a square.');
  });

  test('sides that are no longer those of its area are not believed', () => {
    const { supplies } = gearOfKind(kindOf('tarp')!, 'x', 'x');
    const stale = supplies.map((supply) =>
      supply.job === 'roof'
        ? { ...supply, amount: 9, facts: { of: 'sheet', lengthM: 3, widthM: 1.5 } as const }
        : supply,
    );
    const { kit } = judged([{ kind: 'tarp', differs: { supplies: stale } }, 'cord']);
    expect(pitchesOf(kit)[0]).toMatchObject({ isGuessed: true, sleepers: 3 });
  });

  test('a typed line tells the sides, the longer first', () => {
    const read = readLine('tarp 2.4x3 m 620 g', {
      id: 'new',
      units: 'metric',
      currency: 'EUR',
    });
    if (!read.ok) throw new Error(read.problem.message);
    const roof = read.value.gear.supplies.find(({ job }) => job === 'roof')!;
    expect(roof.facts).toEqual({ of: 'sheet', lengthM: 3, widthM: 2.4 });
  });

  test('a larger sheet never keeps fewer dry', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 10, max: 60 }),
        fc.integer({ min: 10, max: 60 }),
        fc.integer({ min: 0, max: 20 }),
        (long, wide, more) => {
          const slept = (one: number, other: number) =>
            pitchesOf(under(one / 10, other / 10).kit)[0]!.sleepers;
          expect(slept(long + more, wide)).toBeGreaterThanOrEqual(slept(long, wide));
        },
      ),
      { numRuns: 60 },
    );
  });
});
