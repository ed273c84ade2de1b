import { strFromU8, strToU8, unzipSync, zipSync, type Zippable } from 'fflate';
import { backUpSays } from '../refusals/back-ups';
import { done, refused, type Outcome } from '../quantity';
import { isId } from '../gear';
import {
  apply,
  emptyBench,
  entriesOf,
  parts,
  type Bench,
  type Command,
  type Part,
} from '../loadout';
import { bytesOfBase64, inBase64 } from './base64';
import { bringIn } from './bring-in';
import { inMb, mostBytes } from './limits';
import { mostPictureLetters, pictureTypes, type Picture } from './picture';
import { readBackUp } from './read';
import { isSame } from './same';
import { writtenFile } from './write';

/** The largest zip that is opened, the most that it may unpack to, and the most files in it. */
export const mostZipBytes = 1024 * 1024 * 1024;
const mostUnpacked = 1536 * 1024 * 1024;
const mostEntries = 60_000;
const mostPictureBytes = (mostPictureLetters / 4) * 3;

const benchFile = 'bench.json';
const picturesFolder = 'pictures/';

const endings: Readonly<Record<Picture['type'], string>> = {
  'image/webp': 'webp',
  'image/png': 'png',
  'image/jpeg': 'jpg',
};

/**
 * All of a bench as one zip: the bench in the open format, and each picture as a file of its own that any program shows.
 * What is written was read back before.
 */
export function backUpOf(bench: Bench, pictures: readonly Picture[]): Outcome<Uint8Array> {
  const text = writtenFile(bench);
  if (!text.ok) return text;
  const files: Zippable = { [benchFile]: [strToU8(text.value), { level: 6 }] };
  for (const { id, type, data } of pictures) {
    // A picture is packed as tight as it gets already.
    files[`${picturesFolder}${id}.${endings[type]}`] = [bytesOfBase64(data), { level: 0 }];
  }
  return done(zipSync(files));
}

/** A back-up as it is read: the bench and the pictures that were in it. */
export interface ReadBackUp {
  readonly bench: Bench;
  readonly pictures: readonly Picture[];
}

/**
 * Reads a back-up. Refuses, and says why, what is no zip or one from elsewhere, and what says of itself that it unpacks to
 * more than a bench can be: nothing is unpacked before that is looked at.
 */
export function readBackUpZip(zip: Uint8Array): Outcome<ReadBackUp> {
  if (zip.length > mostZipBytes) {
    return refused(backUpSays.zipTooLarge(inMb(zip.length), inMb(mostZipBytes)));
  }
  const sizes = new Map<string, number>();
  let why: string | null = null;
  let entries = 0;
  let sum = 0;
  let files: Record<string, Uint8Array>;
  try {
    files = unzipSync(zip, {
      filter: ({ name, originalSize }) => {
        entries += 1;
        if (why !== null) return false;
        if (entries > mostEntries) {
          why = backUpSays.tooManyEntries(mostEntries);
          return false;
        }
        const most = name === benchFile ? mostBytes : mostPictureBytes;
        if (name !== benchFile && pictureIn(name) === null) return false;
        sum += originalSize;
        if (originalSize > most || sum > mostUnpacked) {
          const limit = originalSize > most ? most : mostUnpacked;
          why = backUpSays.unpacksTooLarge(name, inMb(Math.max(originalSize, sum)), inMb(limit));
          return false;
        }
        sizes.set(name, originalSize);
        return true;
      },
    });
  } catch {
    return refused(backUpSays.noZip());
  }
  if (why !== null) return refused(why);
  const bench = files[benchFile];
  if (!bench) return refused(backUpSays.noBackUp());
  for (const [name, bytes] of Object.entries(files)) {
    if (bytes.length !== sizes.get(name)) return refused(backUpSays.notAsLong(name));
  }
  const read = readBackUp(strFromU8(bench));
  if (!read.ok) return read;
  const pictures = Object.entries(files).flatMap(([name, bytes]) => {
    const picture = pictureIn(name);
    return picture === null ? [] : [{ ...picture, data: inBase64(bytes) }];
  });
  return done({ bench: read.value.bench, pictures: [...read.value.pictures, ...pictures] });
}

/** The picture that a file of a zip is, by its name; null where it is none. */
function pictureIn(name: string): Pick<Picture, 'id' | 'type'> | null {
  const [, id, ending] = /^pictures\/([^/.]+)\.([a-z]+)$/.exec(name) ?? [];
  const type = pictureTypes.find((each) => endings[each] === ending);
  return id !== undefined && type && isId(id) ? { id, type } : null;
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
