import { demoBench } from '@/core/demo';
import { mostBytes, readBackUp, readingFile, writeFile, writtenFile } from '@/core/exchange';
import { plansFor } from '@/core/exchange/file-plans';
import type { Picture } from '@/core/exchange/picture';
import {
  emptyBench,
  mostGear,
  mostPlacements,
  newPlacement,
  versionOf,
  type Bench,
} from '@/core/loadout';
import { applied, benchOf, gear, kit } from '../../support/benches';
import { sinceVersion3 } from '../../support/hostile/making';

/** A bench with so many versions of a kit of so many pieces, each of which changed a little from one to the next. */
function withVersions(versions: number, pieces: number): Bench {
  let bench = benchOf(
    Array.from({ length: pieces }, (_, at) => gear(`g${at}`, { note: 'as it came from the shop' })),
    [
      kit(
        'k',
        Array.from({ length: pieces }, (_, at) => newPlacement(`p${at}`, `g${at}`, { on: 'mat' })),
      ),
    ],
  );
  for (let at = 0; at < versions; at += 1) {
    bench = applied(bench, {
      do: 'change gear',
      id: `g${at % pieces}`,
      change: { massG: 1000 + at },
    });
    bench = applied(bench, {
      do: 'keep version',
      version: versionOf(bench, 'k', { id: `v${at}`, day: '2026-10-01', note: '' }),
    });
  }
  return bench;
}

describe('a back-up', () => {
  it('holds gear of versions once, however many versions have it', () => {
    const bench = withVersions(100, 150);
    const text = writeFile(bench);
    const { kept, versions } = JSON.parse(text) as {
      kept: unknown[];
      versions: { gear: number[] }[];
    };
    expect(kept.length).toBe(150 + 99);
    expect(versions[0]!.gear).toHaveLength(150);
    // Some 100 bytes a placement and 2 to 4 for the number of its gear.
    expect(text.length).toBeLessThan(100 * 150 * 120 + 400_000);
    expect(readBackUp(text)).toEqual({ ok: true, value: { bench, pictures: [] } });
  });

  it('is an entry a line, without room between', () => {
    const lines = writeFile(demoBench).trimEnd().split('\n');
    const { shelf, loadouts, schemes, lists, versions } = demoBench;
    const { kept } = JSON.parse(lines.join('')) as { kept: unknown[] };
    const entries = [shelf, loadouts, schemes, lists, versions].reduce(
      (sum, { size }) => sum + size,
      0,
    );
    expect(lines.length).toBeLessThan(entries + kept.length + 12);
    expect(lines.filter((line) => /^\s|": /.test(line.slice(0, 30)))).toEqual([]);
  });

  it('of a bench at its limits reads back', () => {
    const shelf = Array.from({ length: mostGear }, (_, at) =>
      gear(`g${at}`, {
        name: `Piece number ${at}`,
        note: 'Bought in a sale; the seam was sewn anew.',
      }),
    );
    const kits = Array.from({ length: 50 }, (_, at) =>
      kit(
        `k${at}`,
        Array.from({ length: mostPlacements }, (__, piece) =>
          newPlacement(`p${piece}`, `g${(at * 400 + piece) % mostGear}`, { on: 'mat' }),
        ),
      ),
    );
    const bench = benchOf(shelf, kits);
    const written = writtenFile(bench);
    if (!written.ok) throw new Error(written.problem.message);
    expect(written.value.length).toBeLessThan(mostBytes / 2);
    const read = readBackUp(written.value);
    expect(read.ok && read.value.bench.shelf.size).toBe(mostGear);
  });

  it('holds pictures where they are given, and gives them back', () => {
    const pictures: readonly Picture[] = [{ id: 'photo-1', type: 'image/webp', data: 'UklGRg==' }];
    const written = writtenFile(demoBench, pictures);
    expect(written.ok && readBackUp(written.value)).toEqual({
      ok: true,
      value: { bench: demoBench, pictures },
    });
    expect(writeFile(demoBench)).not.toContain('pictures');
  });

  it('that could not be read back is not given out', () => {
    const broken: Bench = {
      ...demoBench,
      shelf: new Map([['a', gear('a', { goodUntil: '12026-10-10' })]]),
      loadouts: new Map(),
    };
    expect(writtenFile(broken)).toMatchObject({
      ok: false,
      problem: { message: expect.stringMatching(/could not be read back.*gear\[0\]\.goodUntil/) },
    });
    const large = { id: 'p', type: 'image/png' as const, data: 'A'.repeat(mostBytes) };
    expect(writtenFile(emptyBench, [large])).toMatchObject({
      ok: false,
      problem: { message: expect.stringMatching(/would be 64 MB.*leave the pictures out/) },
    });
  });
});

describe('reading step by step', () => {
  it('tells how far it is, and can be left', () => {
    const text = writeFile(withVersions(0, 700));
    const reading = readingFile(text);
    const told = [];
    for (let next = reading.next(); ; next = reading.next()) {
      if (next.done) {
        expect(next.value.ok).toBe(true);
        break;
      }
      told.push(next.value);
    }
    expect(told.length).toBeGreaterThan(4);
    for (const [at, { looked, outOf }] of told.entries()) {
      expect(looked).toBeLessThanOrEqual(outOf);
      expect(looked).toBeGreaterThanOrEqual(told[at - 1]?.looked ?? 0);
    }
  });

  it('ends in a plan for either answer', () => {
    const other = applied(demoBench, { do: 'change gear', id: 'mirror', change: { massG: 99 } });
    let next = 0;
    const planning = plansFor(writeFile(other), demoBench, () => `new-${(next += 1)}`);
    let step = planning.next();
    while (!step.done) step = planning.next();
    if (!step.value.ok) throw new Error(step.value.problem.message);
    const { keepBoth, replaceMine, kits } = step.value.value;
    expect(kits).toEqual([...demoBench.loadouts.keys()].sort());
    expect(applied(demoBench, keepBoth.command).shelf.size).toBeGreaterThan(demoBench.shelf.size);
    expect(applied(demoBench, replaceMine.command)).toEqual(other);
  });
});

describe('a file of version 2', () => {
  const asVersion2 = (change: (gear: Record<string, unknown>) => void): string => {
    const file = JSON.parse(writeFile(benchOf([gear('a', { kind: 'gas-canister' })], []))) as {
      version: number;
      gear: Record<string, unknown>[];
      kept?: unknown;
    };
    file.version = 2;
    delete file.kept;
    for (const field of sinceVersion3) delete file.gear[0]![field];
    change(file.gear[0]!);
    return JSON.stringify(file);
  };

  it.each([
    ['the kind’s own', 200, 230, 200],
    ['rounded up', 25.26, 25.3, 25.26],
  ])('has contents no heavier than the piece where they are %s', (_, massG, contentsG, kept) => {
    const read = readBackUp(
      asVersion2((piece) => {
        piece.massG = massG;
        piece.contents = { unit: 'g', full: 230, left: 230, massG: contentsG };
      }),
    );
    expect(read.ok && read.value.bench.shelf.get('a')!.contents!.massG).toBe(kept);
  });

  it('has no fields of version 3', () => {
    const file = JSON.parse(asVersion2(() => undefined)) as Record<string, unknown>;
    expect(readBackUp(JSON.stringify({ ...file, kept: [] }))).toMatchObject({
      ok: false,
      problem: { message: '“kept” is no field of a file of version 2, as this one says it is.' },
    });
  });
});
