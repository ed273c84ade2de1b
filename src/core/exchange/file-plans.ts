import { done, type Outcome } from '../quantity';
import { photosNamed, type Bench } from '../loadout';
import { bringIn, differs, type BringIn } from './bring-in';
import type { Picture } from './picture';
import { readingFile, type ReadingProgress } from './read';

/** What a file would do to a bench, whichever way its owner decides about what differs. */
export interface FilePlans {
  readonly keepBoth: BringIn;
  readonly replaceMine: BringIn;
  /** The kits of the file, by their ids there. */
  readonly kits: readonly string[];
  /** Those that gear, versions or rounds of it name. */
  readonly pictures: readonly Picture[];
}

/** Reads a file and plans how it comes into a bench, step by step, so that it can be told how far it is, and left. */
export function* plansFor(
  text: string,
  bench: Bench,
  newId: () => string,
): Generator<ReadingProgress, Outcome<FilePlans>> {
  const read = yield* readingFile(text);
  if (!read.ok) return read;
  const { bench: file } = read.value;
  const named = photosNamed(file);
  const pictures = read.value.pictures.filter(({ id }) => named.has(id));
  const keepBoth = bringIn(bench, file, 'keep both', newId);
  const replaceMine = differs(keepBoth) ? bringIn(bench, file, 'replace mine', newId) : keepBoth;
  return done({ keepBoth, replaceMine, kits: [...file.loadouts.keys()], pictures });
}
