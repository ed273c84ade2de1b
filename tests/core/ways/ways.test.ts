import { cells as cellsOf, relying } from '@/core/catalogue/kind';
import { jobs, type Gear, type Supply } from '@/core/gear';
import { newPlacement, type Place } from '@/core/loadout';
import { absenceOf } from '@/core/upkeep';
import { amountOf, roundsOf, waysOf, withoutPlacement, nothingLost } from '@/core/ways';
import { benchOf, gear, holder, kit } from '../../support/benches';
import { cell, looseCells, supplyOf } from '../../support/kits-of-needs';

const on = { on: 'body' } as const;
const day = '2026-10-01';

function waysIn(shelf: readonly Gear[], ...placed: readonly (readonly [string, Place, number?])[]) {
  const loadout = kit(
    'k',
    placed.map(([id, place, count]) => newPlacement(id, id, place, count ?? 1)),
  );
  return waysOf(loadout, benchOf(shelf, []).shelf, day);
}

describe('what is not there', () => {
  const contents = { unit: 'm', full: 10, left: 0, massG: 10 } as const;
  it.each<[string | null, Partial<Gear>]>([
    [null, {}],
    [null, { ownership: 'scavenged' }],
    ['lent', { lentTo: 'a neighbour' }],
    ['lent', { lentTo: 'a neighbour', ownership: 'wished' }],
    ['wished', { ownership: 'wished' }],
    ['retired', { ownership: 'retired' }],
    ['none left', { count: 0 }],
    ['used up', { contents }],
    ['past its date', { goodUntil: '2026-09-30' }],
    [null, { goodUntil: day }],
  ])('is %s: %o', (absence, differs) => {
    expect(absenceOf(gear('a', differs), day)).toBe(absence);
    const ways = waysIn([gear('a', { supplies: [supplyOf('cut')], ...differs })], ['a', on]);
    expect(ways.all.map(({ job }) => job)).toEqual(absence === null ? ['cut'] : []);
    expect(ways.idle.map((idle) => idle.absence)).toEqual(absence === null ? [] : [absence]);
    expect(ways.depth(['cut'])).toBe(absence === null ? 1 : 0);
  });

  it('is not asked about without a day', () => {
    expect(absenceOf(gear('a', { goodUntil: '1999-01-01' }), null)).toBeNull();
  });
});

describe('amounts', () => {
  const amount = (job: 'light' | 'call', each: number, count: number): Supply => ({
    ...supplyOf(job, [looseCells(count)]),
    amount: each,
  });
  const lamp = gear('lamp', { supplies: [amount('light', 3200, 3)] });
  const torch = gear('torch', { supplies: [amount('light', 900, 1)] });
  const cells = gear('cells', { supplies: [cell('AA alkaline')] });

  it('of what runs on cells are given out once', () => {
    const light = (...placed: Parameters<typeof waysIn>[1][]) =>
      amountOf(waysIn([lamp, torch, cells], ...placed), 'light');
    expect(light(['lamp', on], ['cells', on, 3])).toBe(3200);
    expect(light(['lamp', on, 2], ['cells', on, 3])).toBe(3200);
    expect(light(['lamp', on, 5], ['cells', on, 7])).toBe(2 * 3200);
    // 3200 of three cells are more a cell than 900 of one: the lamp first, and the fourth for the torch.
    expect(light(['torch', on, 2], ['lamp', on], ['cells', on, 4])).toBe(3200 + 900);
    expect(light(['torch', on, 2], ['lamp', on], ['cells', on, 2])).toBe(2 * 900);
  });

  it('of a lamp with cells of its own are one set more than lie beside it', () => {
    const own = gear('own', {
      supplies: [{ ...supplyOf('light', [cellsOf('AA alkaline', 3)]), amount: 3200 }],
    });
    const light = (...placed: Parameters<typeof waysIn>[1][]) =>
      amountOf(waysIn([own, cells], ...placed), 'light');
    expect(light(['own', on])).toBe(3200);
    expect(light(['own', on], ['cells', on, 3])).toBe(2 * 3200);
    expect(light(['own', on], ['cells', on, 5])).toBe(2 * 3200);
    expect(light(['own', on, 2], ['cells', on, 7])).toBe(4 * 3200);
  });

  it('are less by what is lost', () => {
    const ways = waysIn([lamp, torch, cells], ['torch', on, 2], ['lamp', on], ['cells', on, 4]);
    const without = (placement: string) => {
      const lost = withoutPlacement(nothingLost, placement);
      return amountOf(ways, 'light', { lost, rounds: roundsOf(ways.formula, lost) });
    };
    expect(without('torch')).toBe(3200);
    expect(without('cells')).toBeNull();
  });

  it('are the largest, the smallest or none, as the job has it', () => {
    const [boil, sleep, warm] = [
      [500, 900].map((each) => ({ ...supplyOf('boil'), amount: each })),
      [-5, 3].map((each) => ({ ...supplyOf('sleep'), amount: each })),
      [1, 2].map((each) => ({ ...supplyOf('insulate'), amount: each })),
    ] as const;
    expect([jobs.boil.tally, jobs.sleep.tally, jobs.insulate.tally]).toEqual([
      'largest',
      'smallest',
      'none',
    ]);
    const shelf = [0, 1].map((at) =>
      gear(`g${at}`, { supplies: [boil[at]!, sleep[at]!, warm[at]!] }),
    );
    const ways = waysIn(shelf, ['g0', on], ['g1', on]);
    expect(amountOf(ways, 'boil')).toBe(900);
    expect(amountOf(ways, 'sleep')).toBe(-5);
    expect(amountOf(ways, 'insulate')).toBeNull();
    expect(amountOf(ways, 'cut')).toBeNull();
  });
});

describe('a vessel with things in it', () => {
  it('carries water once it is emptied, and cuts as it is', () => {
    const bottle = holder('bottle', { supplies: [supplyOf('carry-water'), supplyOf('cut')] });
    const ways = waysIn(
      [bottle, gear('lighter')],
      ['bottle', on],
      ['lighter', { in: 'bottle', cavity: 'inside' }],
    );
    expect(ways.all.map(({ job, isToBeEmptied }) => [job, isToBeEmptied])).toEqual([
      ['carry-water', true],
      ['cut', false],
    ]);
    expect(waysIn([bottle], ['bottle', on]).all.map((way) => way.isToBeEmptied)).toEqual([
      false,
      false,
    ]);
  });
});

describe('what would do a job', () => {
  it('says what it lacks, and only that', () => {
    const kettle = gear('kettle', {
      supplies: [supplyOf('boil', [relying('flame', 'spark'), relying('fuel'), { on: 'sun' }])],
    });
    const { idle } = waysIn(
      [kettle, gear('lighter', { supplies: [supplyOf('flame')] })],
      ['kettle', on],
      ['lighter', on],
    );
    expect(idle).toMatchObject([
      { placement: { id: 'kettle' }, absence: null, unmet: [{ on: 'jobs', anyOf: ['fuel'] }] },
    ]);
  });
});
