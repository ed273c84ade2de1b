import { gearOfKind, kindOf, kinds } from '@/core/catalogue';
import { hasFailed, latestChecks, unsoundGear, type Check } from '@/core/gear';
import { absenceOf } from '@/core/upkeep';

function check(what: string, on: string, passed: boolean, kind: Check['kind'] = 'trial'): Check {
  return { what, kind, on, passed };
}

const compass = gearOfKind(kindOf('compass')!, 'compass');
const needle = kindOf('compass')!.trial[0]!;

describe('what was tried', () => {
  it('is what was found last, whatever the order it is kept in', () => {
    const checks = [check(needle, '2026-05-01', true), check(needle, '2025-05-01', false)];
    expect(latestChecks(checks).get(needle)!.passed).toBe(true);
    expect(hasFailed(checks)).toBe(false);
  });

  it('does nothing once it failed, until it passed again', () => {
    const failed = { ...compass, checks: [check(needle, '2026-05-01', false)] };
    expect(absenceOf(failed, '2026-06-01')).toBe('failed');
    const mended = { ...failed, checks: [...failed.checks, check(needle, '2026-05-02', true)] };
    expect(absenceOf(mended, '2026-06-01')).toBeNull();
  });

  it('is not lost by what is only not made ready', () => {
    const unready = { ...compass, checks: [check('contacts clean', '2026-05-01', false, 'ready')] };
    expect(absenceOf(unready, '2026-06-01')).toBeNull();
  });

  it('is refused on a day that is none', () => {
    const odd = { ...compass, checks: [check(needle, '2026-02-30', true)] };
    expect(unsoundGear(odd)).toMatchObject({ field: 'checks[0].on' });
  });
});

describe('how kinds are handled', () => {
  it('has a way in for most of what holds gear, and a load for every pack', () => {
    const holders = kinds.filter(({ cavities, supplies }) => cavities.length > supplies.length);
    const unsaid = holders.filter(({ cavities }) =>
      cavities.some(({ closure }) => closure === null),
    );
    expect(unsaid.length / holders.length).toBeLessThan(0.1);
    const packs = kinds.filter(
      ({ look, cavities }) => look.silhouette === 'pack' && cavities.length > 0,
    );
    expect(packs.filter(({ mostLoadG }) => mostLoadG === null).map(({ id }) => id)).toEqual([
      'seat-back',
    ]);
  });

  it('is a load that the piece itself outweighs several times over', () => {
    for (const { id, massG, mostLoadG, bearsN } of kinds) {
      if (mostLoadG !== null) expect([id, mostLoadG >= massG * 4]).toEqual([id, true]);
      if (bearsN !== null) expect([id, (bearsN / 9.80665) * 1000 >= massG]).toEqual([id, true]);
    }
  });
});
