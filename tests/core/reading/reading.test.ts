import { kinds, type Kind } from '@/core/catalogue';
import { graveJobs, readLine, type Reading } from '@/core/reading';
import { figures } from './lines/figures';
import { grave } from './lines/grave';
import type { Line } from './lines/line';
import { said } from './lines/said';
import { things } from './lines/things';
import { whatFails } from './holds';

const metric = { id: 'new', units: 'metric', currency: 'EUR' } as const;
const all: readonly Line[] = [...grave, ...things, ...figures, ...said];

describe('typed lines', () => {
  it('are a table of at least five hundred', () => {
    expect(new Set(all.map(([line]) => line)).size).toBe(all.length);
    expect(all.length).toBeGreaterThanOrEqual(500);
  });

  it.each(all.map(([line, kind, holds]) => [line, kind, holds ?? ''] as const))(
    '%s',
    (line, kind, holds) => {
      expect(whatFails(readLine(line, metric), kind, holds)).toEqual([]);
    },
  );

  it('are never sure of a job that can hurt and wrong; sure and wrong are under one in a hundred', () => {
    const readings = all.flatMap(([line, kind]) => {
      const read = readLine(line, metric);
      return read.ok ? [{ kind, reading: read.value }] : [];
    });
    const isRight = (kind: string, { kind: got }: Reading) =>
      kind.split('|').includes(got?.id ?? '');
    const wrong = readings.filter(({ kind, reading }) => reading.kind && !isRight(kind, reading));
    expect(wrong.length / readings.length).toBeLessThan(0.01);
    const hurting = wrong.filter(({ reading }) =>
      reading.gear.supplies.some(({ job }) => graveJobs.includes(job)),
    );
    expect(hurting).toEqual([]);
  });
});

describe('every kind', () => {
  it('is meant by its printed name, figures and all, and keeps its own', () => {
    const lost = kinds.filter((kind) => {
      const read = readLine(kind.name, metric);
      return !read.ok || read.value.kind !== kind || read.value.gear.massG !== kind.massG;
    });
    expect(lost.map(({ id }) => id)).toEqual([]);
  });

  it('is meant by what it is first called, or is among what is offered', () => {
    const lost = kinds.filter((kind) => {
      const read = readLine(kind.nouns[0]!, metric);
      return !read.ok || ![read.value.kind, ...read.value.others].includes(kind);
    });
    expect(lost.map(({ id }) => id)).toEqual([]);
  });
});

describe('what a kind is of itself', () => {
  it('forbids none of its own names: each that few kinds share, typed alone, means one of them or offers it', () => {
    const called = new Map<string, readonly Kind[]>();
    for (const kind of kinds) {
      for (const noun of kind.nouns) called.set(noun, [...(called.get(noun) ?? []), kind]);
    }
    const lost = [...called].flatMap(([noun, of]) => {
      const read = readLine(noun, metric);
      // More than five are not offered.
      if (!read.ok || of.length > 5) return read.ok ? [] : [noun];
      const { kind: meant, others } = read.value;
      return meant !== null || of.some((kind) => others.includes(kind)) ? [] : [noun];
    });
    expect(lost).toEqual([]);
  });

  it('makes no typed figure unbelievable: half as much, as much and twice as much are read', () => {
    const refused = kinds.flatMap(({ nouns, massG, supplies }) => {
      const kcal = supplies.find(({ job }) => job === 'food')?.amount ?? null;
      const figures = [0.5, 1, 2].flatMap((share) => [
        `${Math.max(1, Math.round(massG * share))} g`,
        ...(kcal === null ? [] : [`${Math.round(kcal * share)} kcal`]),
      ]);
      return figures
        .map((figure) => `${nouns[0]} ${figure}`)
        .filter((line) => !readLine(line, metric).ok);
    });
    expect(refused).toEqual([]);
  });
});
