import { fileSays } from '../refusals/files';
import { done, refused, type Outcome } from '../quantity';
import type { Gear } from '../gear';
import { entriesOf, parts, type Bench } from '../loadout';
import { inMb, mostBytes } from './limits';
import { writtenPicture, type Picture } from './picture';
import { readBackUp } from './read';
import { isSame } from './same';
import { formatName, formatVersion } from './schema';

/**
 * A bench as a file's text: all that it holds, each kind in the order of its ids and an entry a line, so that the same
 * bench is always the same text. Gear of versions stands there once, however many versions have it. Reading it gives
 * the same bench.
 */
export function writeFile(bench: Bench, pictures: readonly Picture[] = []): string {
  const pool = new Pool();
  const versions = inOrder(bench.versions).map((version) => ({
    ...version,
    gear: version.gear.map((gear) => pool.numberOf(gear)),
  }));
  const parts = {
    gear: inOrder(bench.shelf),
    loadouts: inOrder(bench.loadouts),
    schemes: inOrder(bench.schemes),
    lists: inOrder(bench.lists),
    kept: pool.pieces,
    versions,
    rounds: inOrder(bench.rounds),
    wants: inOrder(bench.wants),
    trips: inOrder(bench.trips),
    ...(pictures.length > 0 && { pictures: pictures.map(writtenPicture) }),
  };
  const about = { format: formatName, version: formatVersion, currency: bench.currency };
  const fields = [
    ...Object.entries(about).map(([field, value]) => `"${field}":${JSON.stringify(value)}`),
    ...Object.entries(parts).map(([field, entries]) => `"${field}":${linesOf(entries)}`),
  ];
  return `{${fields.join(',\n')}}\n`;
}

/** As {@link writeFile}, read back before it is given out: what could not be opened again is refused, and why. */
export function writtenFile(bench: Bench, pictures: readonly Picture[] = []): Outcome<string> {
  const text = writeFile(bench, pictures);
  const bytes = new TextEncoder().encode(text).length;
  if (bytes > mostBytes) return refused(fileSays.tooLargeToWrite(inMb(bytes), inMb(mostBytes)));
  const read = readBackUp(text);
  if (!read.ok) return refused(fileSays.notReadBack(read.problem.message), read.problem.field);
  const [came, went] = [read.value.pictures, pictures].map((each) => each.map(writtenPicture));
  const isAllThere = isSameBench(read.value.bench, bench) && isSame(came, went);
  return isAllThere ? done(text) : refused(fileSays.notReadBack('it came back as something else.'));
}

function isSameBench(one: Bench, other: Bench): boolean {
  return (
    one.currency === other.currency &&
    parts.every((part) => {
      const [ones, others] = [entriesOf(one, part), entriesOf(other, part)];
      return (
        ones.size === others.size && [...ones].every(([id, entry]) => isSame(entry, others.get(id)))
      );
    })
  );
}

/** Pieces by their number, each that is the same to the letter once. */
class Pool {
  readonly pieces: Gear[] = [];
  private readonly numbers = new Map<Gear, number>();
  private readonly numbersByText = new Map<string, number>();

  numberOf(gear: Gear): number {
    const known = this.numbers.get(gear);
    if (known !== undefined) return known;
    const text = JSON.stringify(gear);
    const number = this.numbersByText.get(text) ?? this.pieces.push(gear) - 1;
    this.numbersByText.set(text, number);
    this.numbers.set(gear, number);
    return number;
  }
}

function linesOf(entries: readonly unknown[]): string {
  return entries.length === 0
    ? '[]'
    : `[\n${entries.map((entry) => JSON.stringify(entry)).join(',\n')}]`;
}

function inOrder<T extends { readonly id: string }>(entries: ReadonlyMap<string, T>): readonly T[] {
  return [...entries.values()].sort((one, other) => (one.id < other.id ? -1 : 1));
}
