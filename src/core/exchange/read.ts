import { drained } from '../steps';
import { fileSays } from '../refusals/files';
import * as v from 'valibot';
import { done, refused, says, shown, type Outcome, type Problem } from '../quantity';
import {
  parts,
  unboundedKit,
  unsound,
  unsoundList,
  unsoundModules,
  unsoundRound,
  unsoundScheme,
  unsoundVersion,
  unsoundTrip,
  unsoundWant,
  type Bench,
  type Want,
} from '../loadout';
import { unsoundGear } from '../gear';
import { benchOfFile } from './bench-of-file';
import { problemOf, refusedAt } from './issue-in-words';
import { parseJson } from './json-text';
import { whyTooLarge } from './limits';
import { fileFromEarlyVersion3 } from './early-version-3';
import { fileFromVersion1, fileFromVersion2, newerFieldIn } from './migrate';
import { pictureOf, type Picture } from './picture';
import {
  envelopeSchema,
  fileParts,
  formatName,
  formatVersion,
  type AcornFile,
  type FilePart,
} from './schema';

/** Files of this format go ten deep. */
const mostDepth = 32;

/** A file as it is read: a bench of its own, and the pictures that are in it. */
export interface ReadFile {
  readonly bench: Bench;
  readonly pictures: readonly Picture[];
}

/** How far reading has come: how many entries were looked at, out of how many. */
export interface ReadingProgress {
  readonly looked: number;
  readonly outOf: number;
}

/** As many entries are looked at between two words of progress. */
const entriesAStep = 200;

/**
 * Reads a file's text into a bench of its own: its gear and its kits.
 *
 * Refuses, naming the field, what is not JSON, not of this format, of a newer version, with a missing,
 * wrong or unknown field, with text that is not plain, with placements that do not hang together, or with kits that
 * are larger or deeper than a kit may be with all that goes along in it.
 */
export function readFile(text: string): Outcome<Bench> {
  const read = readBackUp(text);
  return read.ok ? done(read.value.bench) : read;
}

/** As {@link readFile}, with the pictures that are in the file. */
export function readBackUp(text: string): Outcome<ReadFile> {
  return drained(readingFile(text));
}

/** Reads a file step by step, so that it can be told how far it is, and left. */
export function* readingFile(text: string): Generator<ReadingProgress, Outcome<ReadFile>> {
  const tooLarge = whyTooLarge(text.length);
  if (tooLarge) return refused(tooLarge);
  const parsed = parseJson(text, mostDepth);
  if (!parsed.ok) return parsed;
  const kept = ofThisVersion(parsed.value);
  if (!kept.ok) return kept;
  const envelope = v.safeParse(envelopeSchema, kept.value, { abortEarly: true });
  if (!envelope.success) return problemOf(envelope.issues[0]);
  const lists = {} as Record<FilePart, unknown[]>;
  const parts = Object.keys(fileParts) as readonly FilePart[];
  const outOf = 2 * parts.reduce((sum, part) => sum + envelope.output[part].length, 0);
  let looked = 0;
  for (const part of parts) {
    lists[part] = [];
    for (const [at, entry] of envelope.output[part].entries()) {
      const checked = v.safeParse(fileParts[part].entry, entry, { abortEarly: true });
      if (!checked.success) return problemOf(checked.issues[0], `${part}[${at}]`);
      lists[part].push(checked.output);
      looked += 1;
      if (looked % entriesAStep === 0) yield { looked, outOf };
    }
  }
  const file = { ...envelope.output, ...lists } as AcornFile;
  return yield* hangingTogether(file, looked, outOf);
}

/** The file brought up to the version that is read now. */
function ofThisVersion(value: unknown): Outcome<unknown> {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) {
    return refused(fileSays.noFormat(), 'format');
  }
  const { format, version } = value as Record<string, unknown>;
  if (format !== formatName)
    return refused(fileSays.otherFormat(shown(format), formatName), 'format');
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1) {
    return refused(fileSays.noFileVersion(shown(version)), 'version');
  }
  if (version > formatVersion)
    return refused(fileSays.newerFile(version, formatVersion), 'version');
  const newer = newerFieldIn(value, version);
  if (newer !== null) return refused(fileSays.newerField(newer, version), newer);
  const from2 = version === 1 ? fileFromVersion1(value) : value;
  return done(fileFromEarlyVersion3(version < 3 ? fileFromVersion2(from2) : value));
}

/** Looks at what no entry can say by itself: that ids are there once, that places are, that kits are of a size. */
function* hangingTogether(
  file: AcornFile,
  before: number,
  outOf: number,
): Generator<ReadingProgress, Outcome<ReadFile>> {
  for (const part of [...parts, 'pictures'] as const) {
    const twice = firstTwice(file[part]);
    if (twice >= 0) return refusedAt(`${part}[${twice}].id`, 'is there twice.');
  }
  for (const [at, { gear }] of file.versions.entries()) {
    const nowhere = gear.findIndex((each) => typeof each === 'number' && each >= file.kept.length);
    if (nowhere >= 0) {
      return refusedAt(`versions[${at}].gear[${nowhere}]`, 'is not the number of a piece kept.');
    }
  }
  const bench = benchOfFile(file);
  const checks: readonly (readonly [FilePart, readonly (() => Problem | null)[]])[] = [
    ['gear', file.gear.map((gear) => () => unsoundGear(gear))],
    ['kept', file.kept.map((gear) => () => unsoundGear(gear))],
    ['loadouts', file.loadouts.map((kit) => () => unsound(kit, bench.shelf))],
    ['loadouts', file.loadouts.map((kit) => () => unsoundModules(bench, kit))],
    ['schemes', file.schemes.map((scheme) => () => unsoundScheme(scheme))],
    ['lists', file.lists.map((list) => () => unsoundList(list))],
    ['rounds', file.rounds.map((round) => () => unsoundRound(round))],
    ['wants', file.wants.map((want) => () => unsoundWant(want) ?? wantOfNothing(want, bench))],
    ['trips', file.trips.map((trip) => () => unsoundTrip(trip))],
    ['versions', [...bench.versions.values()].map((version) => () => unsoundVersion(version))],
  ];
  let looked = before;
  for (const [part, ofEach] of checks) {
    for (const [at, check] of ofEach.entries()) {
      const problem = check();
      if (problem) return refusedAt(`${part}[${at}].${problem.field}`, problem.message);
      looked = Math.min(outOf, looked + 1);
      if (looked % entriesAStep === 0) yield { looked, outOf };
    }
  }
  const problem = unboundedKit(bench);
  if (problem) {
    const at = file.loadouts.findIndex(({ id }) => id === problem.kit);
    return refusedAt(`loadouts[${at}].${problem.field}`, problem.message);
  }
  return done({ bench, pictures: file.pictures.map(pictureOf) });
}

/** A want of gear that is not on the shelf. */
function wantOfNothing({ gear }: Want, { shelf }: Bench): Problem | null {
  return shelf.has(gear) ? null : { field: 'gear', message: says.noGear(gear) };
}

function firstTwice(entries: readonly { readonly id: string }[]): number {
  const seen = new Set<string>();
  return entries.findIndex(({ id }) => seen.size === seen.add(id).size);
}
