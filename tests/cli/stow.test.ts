import { mkdtempSync, writeFileSync } from 'node:fs';
import { spawnSync } from 'node:child_process';
import os from 'node:os';
import path from 'node:path';
import { demoBench } from '@/core/demo';
import { readFile, writeFile } from '@/core/exchange';
import { apply, newPlacement, type Place } from '@/core/loadout';
import { benchOf, gear, holder, kit } from '../support/benches';
import { triesAll } from '../support/share';
import { run } from '../../bin/command-line';

const folder = mkdtempSync(path.join(os.tmpdir(), 'acorn-stow-'));

function saved(name: string, text: string): string {
  const file = path.join(folder, name);
  writeFileSync(file, text);
  return file;
}

const demo = saved('demo.json', writeFile(demoBench));
const today = ['--today', '2026-10-01'];

interface Stowed {
  readonly moves: readonly { placement: string; place: Place; because: string }[];
  readonly left: readonly { placement: string; why: string }[];
  readonly cavities: readonly { placement: string; cavity: string; fits: boolean; fill: number }[];
}

function stow(file: string, ...options: readonly string[]): Stowed {
  const { status, output, error } = run(['stow', file, ...options, ...today]);
  expect([status, error]).toEqual([0, null]);
  return output as Stowed;
}

interface Finding {
  readonly severity: string;
  readonly rule: string;
  readonly message: string;
  readonly placements: readonly string[];
}

interface Audit {
  readonly findings: readonly Finding[];
  readonly cover: {
    readonly categories: readonly {
      readonly musts: readonly {
        readonly anyOf: readonly string[];
        readonly independent: number;
        readonly wanted: number;
      }[];
    }[];
  };
}

/** In full as a program of its own: the large kits take several times as long within the tests. */
function printed<T>(...args: readonly string[]): T {
  if (!triesAll) {
    const { status, output, error } = run([...args, ...today]);
    expect([status, error]).toEqual([0, null]);
    return output as T;
  }
  const { stdout, stderr, status } = spawnSync('node', ['bin/acorn.mjs', ...args, ...today], {
    encoding: 'utf8',
  });
  expect([status, stderr]).toEqual([0, '']);
  return JSON.parse(stdout) as T;
}

function auditOf(file: string, kitName: string): Audit {
  return printed<Audit>('audit', file, '--kit', kitName);
}

/** What is moved is told of other pieces, and concerns no more of them. */
const concerning = ['stow/wet', 'stow/outside', 'harm/burst'];

/** Cells stay where it is dry, whatever lies there: that is not weighed against loose metal yet. */
const notWeighed = ['harm/short'];

function concernedIn({ findings }: Audit, rule: string): number {
  return findings
    .filter((finding) => finding.rule === rule)
    .reduce((sum, { placements }) => sum + placements.length, 0);
}

/** Of each thing that the kit must do, how many losses it takes, of those that are wanted. */
function depthsIn({ cover }: Audit): ReadonlyMap<string, number> {
  const musts = cover.categories.flatMap((category) => category.musts);
  return new Map(
    musts.map(({ anyOf, independent, wanted }) => [anyOf.join(), Math.min(independent, wanted)]),
  );
}

describe('stow --from nothing', () => {
  it.each(triesAll ? ['Boathouse box', 'Float pouch', 'Portage pack'] : ['Float pouch'])(
    'packs the demo’s %s: nothing is worse than before, and nothing is left',
    (name) => {
      const { moves, left, cavities } = printed<Stowed>(
        'stow',
        demo,
        '--kit',
        name,
        '--from',
        'nothing',
        '--budget',
        '30000',
      );
      expect(left).toEqual([]);
      expect(cavities.every(({ fits, fill }) => fits && fill > 0 && fill <= 1)).toBe(true);
      expect(moves.every(({ because }) => because.length > 5)).toBe(true);
      const kit = [...demoBench.loadouts.values()].find((each) => each.name === name)!;
      const places = moves.map(({ placement, place: to }) => ({ placement, to }));
      const packed = apply(demoBench, { do: 'arrange', loadout: kit.id, places });
      if (!packed.ok) throw new Error(packed.problem.message);
      const after = auditOf(saved('packed.json', writeFile(packed.value)), name);
      const before = auditOf(demo, name);
      const told = new Set(before.findings.map(({ message }) => message));
      const otherwise = [...concerning, ...notWeighed, 'cover/depth'];
      const worse = after.findings.filter(
        ({ message, rule }) => !told.has(message) && !otherwise.includes(rule),
      );
      expect(worse).toEqual([]);
      for (const rule of concerning) {
        expect([rule, concernedIn(after, rule)]).toEqual([
          rule,
          Math.min(concernedIn(after, rule), concernedIn(before, rule)),
        ]);
      }
      for (const [must, depth] of depthsIn(before)) {
        expect([must, depthsIn(after).get(must)! >= depth]).toEqual([must, true]);
      }
      const proven = ['stow/fit', 'stow/holder-load', 'stow/not-stowed', 'stow/deep'];
      expect(after.findings.filter(({ rule }) => proven.includes(rule))).toEqual([]);
    },
  );
});

describe('stow', () => {
  it('moves nothing that is pinned in the file', () => {
    const kitName = 'Boathouse box';
    expect(stow(demo, '--kit', kitName).moves).toMatchObject([{ placement: 'old-pot' }]);
    const pinning = apply(demoBench, {
      do: 'pin',
      loadout: 'boathouse-box-kit',
      placement: 'old-pot',
      isPinned: true,
    });
    const pinned = pinning.ok ? pinning.value : demoBench;
    const file = saved('pinned.json', writeFile(pinned));
    expect(stow(file, '--kit', kitName).moves).toEqual([]);
    const read = readFile(writeFile(pinned));
    expect(read.ok && read.value).toEqual(pinned);
  });

  it('says of what is left why, and what would help', () => {
    const brick = {
      shape: 'box',
      lengthMm: 98,
      widthMm: 98,
      heightMm: 60,
      upright: false,
    } as const;
    const bench = benchOf(
      [
        holder('box'),
        gear('one', { form: brick }),
        gear('other', { form: brick }),
        holder('spare'),
      ],
      [
        kit(
          'k',
          ['box', 'one', 'other'].map((id) => newPlacement(id, id, { on: 'mat' })),
        ),
      ],
    );
    const { left, moves } = stow(saved('bricks.json', writeFile(bench)), '--from', 'now');
    expect(moves.map(({ placement }) => placement)).toEqual(['box', 'one']);
    expect(left).toEqual([
      {
        placement: 'other',
        why: 'No place was found in box beside what is needed sooner or takes more room. With spare from the shelf, all goes in.',
      },
    ]);
  });

  it.each([
    [['--from', 'all'], '--from'],
    [['--budget', 'soon'], '--budget'],
    [['--budget', '0'], '--budget'],
    [['--today', 'soon'], '--today'],
    [['--kit', 'No such kit'], 'No such kit'],
  ])('refuses %j in one line that names what is wrong', (options, named) => {
    const { status, error } = run(['stow', demo, '--kit', 'Float pouch', ...options]);
    expect(status).toBe(2);
    expect(error).toContain(named);
    expect(error).not.toContain('\n');
  });
});
