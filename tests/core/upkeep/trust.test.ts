import { gearOfKind, kindOf } from '@/core/catalogue';
import { readFile, writeFile } from '@/core/exchange';
import type { Check, Gear } from '@/core/gear';
import { workedOut } from '@/core/kit';
import { newPlacement } from '@/core/loadout';
import { coverOf, offersFor, schemes } from '@/core/scheme';
import { logOf, trustOf, untriedAt } from '@/core/upkeep';
import { benchOf, kit } from '../../support/benches';

const strikes = 'ten strikes light own tinder';

function trial(on: string, passed: boolean, differs: Partial<Check> = {}): Check {
  return { what: strikes, kind: 'trial', on, passed, ...differs };
}

function piece(kind: string, checks: readonly Check[] = [], differs: Partial<Gear> = {}): Gear {
  return { ...gearOfKind(kindOf(kind)!, kind), checks, ...differs };
}

describe('how far a piece is trusted', () => {
  test.each([
    ['nothing was tried', [], 'untried'],
    ['it held', [trial('2026-05-01', true)], 'tried'],
    ['it failed', [trial('2026-05-01', false)], 'failed'],
    ['it held after it failed', [trial('2026-05-01', false), trial('2026-06-01', true)], 'tried'],
    ['it failed after it held', [trial('2026-05-01', true), trial('2026-06-01', false)], 'failed'],
    ['another thing held', [trial('2026-05-01', true, { what: 'dropped' })], 'untried'],
  ] as const)('when %s', (_what, checks, trust) => {
    expect(trustOf(piece('ferro-rod', checks))).toBe(trust);
  });

  test('nobody knows where its kind has no trial, until its owner writes one down', () => {
    expect(trustOf(piece('bandana'))).toBeNull();
    expect(trustOf(piece('bandana', [trial('2026-05-01', true, { what: 'wrung out' })]))).toBe(
      'tried',
    );
    expect(untriedAt(piece('bandana'))).toEqual([]);
  });

  test('the log has the latest first, and of a day what was written last', () => {
    const checks = [
      trial('2026-05-01', false),
      trial('2026-04-01', true, { where: 'in the garden' }),
      trial('2026-05-01', true, { what: 'dropped', note: 'the handle came loose' }),
    ];
    expect(logOf({ checks }).map(({ on, what }) => `${on} ${what}`)).toEqual([
      '2026-05-01 dropped',
      `2026-05-01 ${strikes}`,
      `2026-04-01 ${strikes}`,
    ]);
  });
});

describe('trust weighs', () => {
  const rod = (id: string, checks: readonly Check[], massG: number) =>
    piece('ferro-rod', checks, { id, massG });
  const shelf = [
    rod('light and untried', [], 20),
    rod('held', [trial('2026-05-01', true)], 60),
    rod('failed', [trial('2026-05-01', false)], 10),
  ];

  test('in what the shelf offers: what held comes before what is lighter, and what failed is left out', () => {
    const offers = offersFor(benchOf(shelf, []), ['spark']);
    expect(offers.map(({ gear }) => gear.id)).toEqual(['held', 'light and untried']);
  });

  test('in ways: what failed is none, and what was never tried is told', () => {
    const placed = kit(
      'k',
      [...shelf, piece('tinder-tabs')].map(({ id }) => newPlacement(id, id, { on: 'body' })),
    );
    const bench = benchOf([...shelf, piece('tinder-tabs')], [placed]);
    const { ways } = workedOut(bench, placed, '2026-10-01');
    const musts = coverOf(ways, schemes['five-cs'], []).categories.flatMap((each) => each.musts);
    expect(musts.find(({ anyOf }) => anyOf.includes('spark'))).toMatchObject({
      ways: 2,
      untried: 1,
    });
  });

  test('and where and how it went go into the file and come back', () => {
    const note = trial('2026-05-01', true, { where: 'by the lake', note: 'in drizzle' });
    const bench = benchOf([rod('noted', [note], 40)], []);
    const back = readFile(writeFile(bench));
    expect(back.ok && back.value.shelf.get('noted')!.checks).toEqual([note]);
  });
});
