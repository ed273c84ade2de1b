import * as v from 'valibot';
import { done, refused, type Outcome, type Problem } from '../quantity';
import {
  unsound,
  unsoundList,
  unsoundModules,
  unsoundScheme,
  unsoundVersion,
  type Bench,
} from '../loadout';
import { benchOfFile } from './bench-of-file';
import { problemOf, refusedAt, shown } from './issue-in-words';
import { parseJson } from './json-text';
import { whyTooLarge } from './limits';
import { fileFromVersion1 } from './migrate';
import { fileSchema, formatName, formatVersion, type AcornFile } from './schema';

/** Files of this format go eight deep. */
const mostDepth = 32;

/**
 * Reads a file's text into a bench of its own: its gear and its kits.
 *
 * Refuses, naming the field, what is not JSON, not of this format, of a newer version, with a missing,
 * wrong or unknown field, with text that is not plain, or with placements that do not hang together.
 */
export function readFile(text: string): Outcome<Bench> {
  const tooLarge = whyTooLarge(text.length);
  if (tooLarge) return refused(tooLarge);
  const parsed = parseJson(text, mostDepth);
  if (!parsed.ok) return parsed;
  const kept = ofThisVersion(parsed.value);
  if (!kept.ok) return kept;
  const checked = v.safeParse(fileSchema, kept.value, { abortEarly: true });
  if (!checked.success) return problemOf(checked.issues[0]);
  return hangingTogether(checked.output);
}

/** The file brought up to the version that is read now. */
function ofThisVersion(value: unknown): Outcome<unknown> {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) {
    return refused(`This JSON is not a Vivid Acorn file: it has no field “format”.`, 'format');
  }
  const { format, version } = value as Record<string, unknown>;
  if (format !== formatName) {
    return refused(
      `This JSON is not a Vivid Acorn file: its “format” is ${shown(format)}, not "${formatName}".`,
      'format',
    );
  }
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1) {
    return refused(`The file's “version” is ${shown(version)}, which is no version.`, 'version');
  }
  if (version > formatVersion) {
    return refused(
      `The file is of version ${version}, newer than this program, which reads up to ${formatVersion}. Open it with a newer Vivid Acorn.`,
      'version',
    );
  }
  return done(version === 1 ? fileFromVersion1(value) : value);
}

function hangingTogether(file: AcornFile): Outcome<Bench> {
  for (const part of ['gear', 'loadouts', 'schemes', 'lists', 'versions'] as const) {
    const twice = firstTwice(file[part]);
    if (twice >= 0) return refusedAt(`${part}[${twice}].id`, 'is there twice.');
  }
  const bench = benchOfFile(file);
  return (
    refusedFor('loadouts', file.loadouts, (kit) => unsound(kit, bench.shelf)) ??
    refusedFor('loadouts', file.loadouts, (kit) => unsoundModules(bench, kit)) ??
    refusedFor('schemes', file.schemes, unsoundScheme) ??
    refusedFor('lists', file.lists, unsoundList) ??
    refusedFor('versions', file.versions, unsoundVersion) ??
    done(bench)
  );
}

function refusedFor<T>(
  part: string,
  entries: readonly T[],
  unsoundness: (entry: T) => Problem | null,
): Outcome<never> | null {
  for (const [at, entry] of entries.entries()) {
    const problem = unsoundness(entry);
    if (problem) return refusedAt(`${part}[${at}].${problem.field}`, problem.message);
  }
  return null;
}

function firstTwice(entries: readonly { readonly id: string }[]): number {
  const seen = new Set<string>();
  return entries.findIndex(({ id }) => seen.size === seen.add(id).size);
}
