import {
  configure,
  TextReader,
  Uint8ArrayReader,
  Uint8ArrayWriter,
  ZipReader,
  ZipWriter,
  type FileEntry,
} from '@zip.js/zip.js/index-native.js';
import { backUpSays } from '../refusals/back-ups';
import { done, refused, type Outcome } from '../quantity';
import { inMb } from './limits';

// What calls this works beside the page already.
configure({ useWebWorkers: false });

/** A file of a zip, not unpacked yet. */
export interface ZippedFile {
  readonly name: string;
  /** How long it says it is, in bytes. */
  readonly size: number;
  /** Its bytes; refuses what is damaged, locked, or longer than it says. */
  readonly unpacked: () => Promise<Outcome<Uint8Array<ArrayBuffer>>>;
}

/**
 * The files of a zip by their names, none of them unpacked. Refuses what is no zip, has more than `most` files, or has two
 * files of one name, since nobody can say which of them is meant.
 */
export async function filesOfZip(
  zip: Uint8Array,
  most: number,
): Promise<Outcome<ReadonlyMap<string, ZippedFile>>> {
  const files = new Map<string, ZippedFile>();
  try {
    const reader = new ZipReader(new Uint8ArrayReader(zip), { checkSignature: true });
    // Nothing is ever written under the names that are found, whatever they are.
    const entries = reader.getEntriesGenerator({ filenameValidation: 'tolerant' });
    for await (const entry of entries) {
      if (entry.directory) continue;
      const { filename: name, uncompressedSize: size } = entry;
      if (files.has(name)) return refused(backUpSays.twiceInIt(name));
      if (files.size === most) return refused(backUpSays.tooManyEntries(most));
      files.set(name, { name, size, unpacked: () => unpacked(entry) });
    }
  } catch {
    return refused(backUpSays.noZip());
  }
  return done(files);
}

async function unpacked(entry: FileEntry): Promise<Outcome<Uint8Array<ArrayBuffer>>> {
  const { filename, uncompressedSize } = entry;
  const writer = new BoundedWriter(uncompressedSize);
  try {
    // The checksum is compared as the file is unpacked.
    return done(await entry.getData(writer));
  } catch {
    return refused(backUpSays.damagedInIt(filename));
  }
}

/** Takes no more bytes than a file says that it has: what unpacks to more is broken off there. */
class BoundedWriter extends Uint8ArrayWriter {
  private written = 0;

  constructor(private readonly most: number) {
    super();
  }

  override async writeUint8Array(part: Uint8Array): Promise<void> {
    this.written += part.length;
    if (this.written > this.most) throw new Error(`longer than ${this.most} bytes`);
    await super.writeUint8Array(part);
  }
}

/** A zip of texts, which are packed, and of bytes that are packed as tight as they get already. */
export async function zipOf(
  texts: ReadonlyMap<string, string>,
  packed: ReadonlyMap<string, Uint8Array>,
): Promise<Uint8Array<ArrayBuffer>> {
  const writer = new ZipWriter(new Uint8ArrayWriter(), { extendedTimestamp: false });
  for (const [name, text] of texts) await writer.add(name, new TextReader(text), { level: 6 });
  for (const [name, bytes] of packed) {
    await writer.add(name, new Uint8ArrayReader(bytes), { level: 0 });
  }
  return writer.close();
}

/** What a file says of its size that is more than `most`; null where it is not. */
export function whyTooLong({ name, size }: ZippedFile, most: number): string | null {
  return size <= most ? null : backUpSays.unpacksTooLarge(name, inMb(size), inMb(most));
}
