import { backUpSays } from '../refusals/back-ups';
import { done, refused, type Outcome } from '../quantity';
import {
  apply,
  emptyBench,
  entriesOf,
  parts,
  photosNamed,
  type Bench,
  type Command,
  type Part,
} from '../loadout';
import { bringIn } from './bring-in';
import { inMb, mostBytes } from './limits';
import { mostPictureBytes, pictureTypes, type Picture, type PictureType } from './picture';
import { readBackUp } from './read';
import { isSame } from './same';
import { writtenFile } from './write';
import { filesOfZip, whyTooLong, zipOf, type ZippedFile } from './zip';

/** The largest zip that is opened, the most that is unpacked of it, and the most files in it. */
export const mostZipBytes = 1024 * 1024 * 1024;
const mostUnpacked = 1536 * 1024 * 1024;
const mostEntries = 60_000;

const benchFile = 'bench.json';

const endings: Readonly<Record<PictureType, string>> = {
  'image/webp': 'webp',
  'image/png': 'png',
  'image/jpeg': 'jpg',
};

/**
 * All of a bench as one zip: the bench in the open format, and each picture as a file of its own that any program shows.
 * What is written was read back before.
 */
export async function backUpOf(
  bench: Bench,
  pictures: readonly Picture[],
): Promise<Outcome<Uint8Array<ArrayBuffer>>> {
  const text = writtenFile(bench);
  if (!text.ok) return text;
  const zip = await zipOf(
    new Map([[benchFile, text.value]]),
    new Map(pictures.map(({ id, type, bytes }) => [pictureFile(id, type), bytes])),
  );
  return done(zip);
}

function pictureFile(id: string, type: PictureType): string {
  return `pictures/${id}.${endings[type]}`;
}

/** A back-up as it is read: the bench, and those pictures of it that were in it. */
export interface ReadBackUp {
  readonly bench: Bench;
  readonly pictures: readonly Picture[];
  /** How many pictures the bench names that are not in it. */
  readonly missingPictures: number;
}

/**
 * Reads a back-up: first its bench, then the pictures that this bench names, and nothing else that is in it. Refuses, and
 * says why, what is no zip or one from elsewhere, what is damaged, and what says that it unpacks to more than a bench can be.
 */
export async function readBackUpZip(zip: Uint8Array): Promise<Outcome<ReadBackUp>> {
  if (zip.length > mostZipBytes) {
    return refused(backUpSays.zipTooLarge(inMb(zip.length), inMb(mostZipBytes)));
  }
  const found = await filesOfZip(zip, mostEntries);
  if (!found.ok) return found;
  const files = found.value;
  const text = await benchTextIn(files.get(benchFile));
  if (!text.ok) return text;
  const read = readBackUp(text.value);
  if (!read.ok) return read;
  const { bench } = read.value;
  const named = [...photosNamed(bench)];
  const inIt = named
    .flatMap((id) => pictureTypes.map((type) => ({ id, type })))
    .flatMap(({ id, type }) => {
      const file = files.get(pictureFile(id, type));
      return file ? [{ id, type, file }] : [];
    });
  const sum = inIt.reduce((bytes, { file }) => bytes + file.size, 0);
  if (sum > mostUnpacked) {
    return refused(backUpSays.picturesTooLarge(inMb(sum), inMb(mostUnpacked)));
  }
  const pictures = [...read.value.pictures];
  for (const { id, type, file } of inIt) {
    const bytes = await unpackedUpTo(file, mostPictureBytes);
    if (!bytes.ok) return bytes;
    pictures.push({ id, type, bytes: bytes.value });
  }
  const have = new Set(pictures.map(({ id }) => id));
  const missingPictures = named.filter((id) => !have.has(id)).length;
  return done({ bench, pictures, missingPictures });
}

async function benchTextIn(file: ZippedFile | undefined): Promise<Outcome<string>> {
  if (!file) return refused(backUpSays.noBackUp());
  const bytes = await unpackedUpTo(file, mostBytes);
  if (!bytes.ok) return bytes;
  try {
    return done(new TextDecoder('utf-8', { fatal: true }).decode(bytes.value));
  } catch {
    return refused(backUpSays.damagedInIt(file.name));
  }
}

async function unpackedUpTo(
  file: ZippedFile,
  most: number,
): Promise<Outcome<Uint8Array<ArrayBuffer>>> {
  const why = whyTooLong(file, most);
  return why === null ? file.unpacked() : refused(why);
}

/** What restoring a back-up would do to one part of the bench. */
export interface PartRestored {
  readonly part: Part;
  /** Not here now, and back then; here now, and gone then; and those that are otherwise. */
  readonly back: readonly string[];
  readonly gone: readonly string[];
  readonly otherwise: readonly string[];
}

/** The one act that makes the bench what a back-up was, and what that changes. */
export interface Restoring {
  readonly command: Command;
  readonly parts: readonly PartRestored[];
}

/** How a bench becomes what a back-up holds: all of it, in one act that can be undone. */
export function restoring(bench: Bench, backUp: Bench, newId: () => string): Outcome<Restoring> {
  const { command: whole } = bringIn(emptyBench, backUp, 'replace mine', newId);
  const command: Command = {
    do: 'together',
    label: 'restore a back-up',
    commands: [{ do: 'clear' }, { do: 'count in', currency: backUp.currency }, whole],
  };
  const after = apply(bench, command);
  if (!after.ok) return after;
  return done({ command, parts: parts.map((part) => partRestored(part, bench, after.value)) });
}

function partRestored(part: Part, before: Bench, after: Bench): PartRestored {
  const [had, has] = [entriesOf(before, part), entriesOf(after, part)];
  const names = (entries: readonly unknown[]) => entries.map(nameOf);
  return {
    part,
    back: names([...has].filter(([id]) => !had.has(id)).map(([, entry]) => entry)),
    gone: names([...had].filter(([id]) => !has.has(id)).map(([, entry]) => entry)),
    otherwise: names(
      [...has]
        .filter(([id, entry]) => had.has(id) && !isSame(had.get(id), entry))
        .map(([, entry]) => entry),
    ),
  };
}

/** What an entry is called, whatever it is. */
function nameOf(entry: unknown): string {
  const { name, kitName, note, day, begunOn } = entry as Readonly<Record<string, unknown>>;
  return [name, kitName, note, day, begunOn].find(
    (text): text is string => typeof text === 'string' && text !== '',
  )!;
}
