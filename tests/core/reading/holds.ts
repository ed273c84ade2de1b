import { isForCells, roomMl, type Gear } from '@/core/gear';
import { personsTold } from '@/core/needs/persons-told';
import type { Outcome } from '@/core/quantity';
import type { Reading } from '@/core/reading';

/** What of a line’s table does not hold of its reading; empty where all does. See `lines/line.ts` for how it is written. */
export function whatFails(read: Outcome<Reading>, kind: string, holds: string): readonly string[] {
  const wanted = holds.split(' ').filter(Boolean);
  if (wanted.includes('refused')) return read.ok ? [`read as ${read.value.gear.name}`] : [];
  if (!read.ok) return [`refused: ${read.problem.message}`];
  const { gear, others } = read.value;
  const got = read.value.kind?.id ?? '';
  const wrongKind = kind.split('|').includes(got)
    ? []
    : [`is ${got || 'no kind'} (${read.value.sure})`];
  return [
    ...wrongKind,
    ...wanted
      .filter(
        (each) =>
          !doesHold(
            each,
            gear,
            others.map(({ id }) => id),
          ),
      )
      .map((each) => `${each}: ${told(each, gear)}`),
  ];
}

function doesHold(wanted: string, gear: Gear, others: readonly string[]): boolean {
  const jobs = gear.supplies.map(({ job }) => job as string);
  if (wanted.startsWith('!')) return !jobs.includes(wanted.slice(1));
  if (wanted.startsWith('+')) return jobs.includes(wanted.slice(1));
  if (wanted.startsWith('?')) return others.includes(wanted.slice(1));
  if (/^x\d+$/.test(wanted)) return gear.count === Number(wanted.slice(1));
  if (/^[\d.]+g$/.test(wanted)) return isNear(gear.massG, Number(wanted.slice(0, -1)), 0.125);
  const [what, figure] = wanted.split('=') as [string, string];
  const got = figureOf(what, gear);
  const [least, most] = figure.split('..').map(Number) as [number, number | undefined];
  if (most !== undefined) return got !== null && got >= least && got <= most;
  return isNear(got, least, 0.05);
}

function figureOf(what: string, gear: Gear): number | null {
  if (what === 'full') return gear.contents?.full ?? null;
  if (what === 'left') return gear.contents && gear.contents.left / gear.contents.full;
  if (what === 'bears') return gear.bearsN && gear.bearsN / 9.80665;
  if (what === 'persons') return personsTold(gear);
  if (what === 'cells') {
    return gear.supplies.flatMap(({ demands }) => demands.filter(isForCells))[0]?.items ?? null;
  }
  if (what === 'room') {
    return gear.cavities.reduce(
      (sum, { inside }) =>
        sum + (inside.shape === 'soft' ? inside.volumeMl : roomMl(inside)) / 1000,
      0,
    );
  }
  return gear.supplies.find(({ job }) => job === what)?.amount ?? null;
}

function isNear(got: number | null, wanted: number, share: number): boolean {
  return got !== null && Math.abs(got - wanted) <= Math.abs(wanted) * share + 1e-9;
}

function told(wanted: string, gear: Gear): string {
  const [what] = wanted.replace(/^[!+?]/, '').split('=') as [string];
  return `${gear.count} × ${gear.massG} g, ${what} ${figureOf(what, gear) ?? '–'}, full ${gear.contents?.full ?? '–'}`;
}
