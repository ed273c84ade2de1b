import { mkdtempSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { relying } from '@/core/catalogue/kind';
import { demoBench } from '@/core/demo';
import { writeFile } from '@/core/exchange';
import { workedOut } from '@/core/kit';
import { newPlacement } from '@/core/loadout';
import { benchOf, gear, holder, kit } from '../support/benches';
import { supplyOf } from '../support/kits-of-needs';
import { run } from '../../bin/command-line';

const folder = mkdtempSync(path.join(os.tmpdir(), 'acorn-losses-'));

function saved(name: string, text: string): string {
  const file = path.join(folder, name);
  writeFileSync(file, text);
  return file;
}

interface Told {
  readonly losses: readonly { id: string; kind: string; name: string }[];
  readonly jobs: readonly { job: string; depth: number; sets: readonly (readonly string[])[] }[];
  readonly elapsedMs: number;
}

function losses(file: string, ...options: readonly string[]): Told {
  const { status, output, error } = run(['losses', file, ...options]);
  expect([status, error]).toEqual([0, null]);
  return output as Told;
}

const plain = { failsIn: [], care: [] };
const on = { on: 'body' } as const;
const small = saved(
  'small.json',
  writeFile(
    benchOf(
      [
        holder('bag', plain),
        gear('lighter', { ...plain, count: 2, supplies: [supplyOf('flame')] }),
        gear('rod', { ...plain, supplies: [supplyOf('spark', [relying('tinder')])] }),
        gear('bark', { ...plain, supplies: [supplyOf('tinder')] }),
      ],
      [
        kit('k', [
          newPlacement('bag', 'bag', on),
          newPlacement('lighter', 'lighter', { in: 'bag', cavity: 'inside' }, 2),
          newPlacement('rod', 'rod', on),
          newPlacement('bark', 'bark', on),
        ]),
      ],
    ),
  ),
);

describe('acorn losses', () => {
  it('prints a small kit as worked out by hand', () => {
    const { losses: all, jobs, elapsedMs } = losses(small);
    expect(all.map(({ id }) => id)).toEqual([
      'piece:bag#1', 'piece:lighter#1', 'piece:lighter#2', 'piece:rod#1', 'piece:bark#1', 'holder:bag',
      'condition:soaked', 'condition:frozen', 'condition:no-sun', 'condition:dark', 'condition:hot-store',
      'condition:cells-flat', 'condition:no-flame', 'condition:one-hand',
    ]); // prettier-ignore
    expect(all[1]).toEqual({ id: 'piece:lighter#1', kind: 'piece', name: 'lighter' });
    const of = (job: string) => jobs.find((each) => each.job === job);
    expect(of('ignite')).toEqual({
      job: 'ignite',
      depth: 1,
      sets: [
        ['condition:no-flame'],
        ['holder:bag', 'piece:bark#1'],
        ['holder:bag', 'piece:rod#1'],
        ['piece:bark#1', 'piece:lighter#1', 'piece:lighter#2'],
        ['piece:lighter#1', 'piece:lighter#2', 'piece:rod#1'],
      ],
    });
    expect(of('cut')).toEqual({ job: 'cut', depth: 0, sets: [] });
    expect(Number.isInteger(elapsedMs)).toBe(true);
  });

  it('leaves conditions out where it is told to, and looks no further than it is told', () => {
    const { losses: all, jobs } = losses(small, '--conditions', 'no', '--upto', '2');
    expect(all.some(({ kind }) => kind === 'condition')).toBe(false);
    expect(jobs.find(({ job }) => job === 'ignite')).toEqual({
      job: 'ignite',
      depth: 2,
      sets: [
        ['holder:bag', 'piece:bark#1'],
        ['holder:bag', 'piece:rod#1'],
      ],
    });
  });

  it('says of the demo’s kits, without conditions, the depths that cover says', () => {
    const demo = saved('demo.json', writeFile(demoBench));
    for (const own of demoBench.loadouts.values()) {
      const today = '2026-10-01';
      const { jobs } = losses(demo, '--kit', own.name, '--conditions', 'no', '--today', today);
      const { ways } = workedOut(demoBench, own, today);
      for (const { job, depth } of jobs) {
        const anyOf = job === 'ignite' ? ['flame', 'spark', 'sun-fire'] : job.split('|');
        expect([job, depth]).toEqual([job, ways.depth(anyOf as Parameters<typeof ways.depth>[0])]);
      }
    }
  });

  it.each([
    [['--upto', '4'], '--upto is “4”; it must be 1, 2 or 3.'],
    [['--conditions', 'some'], '--conditions is “some”; it must be yes or no.'],
    [['--today', 'soon'], '--today is “soon”; it must be a day like 2026-10-01.'],
  ])('refuses %j in one line', (options, says) => {
    expect(run(['losses', small, ...options])).toMatchObject({ status: 2, error: says });
  });
});
