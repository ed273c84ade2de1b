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
  if (isDeeperThan(mostDepth, text)) {
    return refused(`The lists and objects of this file go more than ${mostDepth} deep.`);
  }
  const parsed = parseJson(text);
  if (!parsed.ok) return parsed;
  const kept = ofThisVersion(parsed.value);
  if (!kept.ok) return kept;
  const checked = v.safeParse(fileSchema, kept.value, { abortEarly: true });
  if (!checked.success) return problemOf(checked.issues[0]);
  return hangingTogether(checked.output);
}

/**
 * Whether JSON text nests deeper than `most`, in one pass over it. Parsers take very long, or run out of room,
 * over text that was made to be deep.
 */
function isDeeperThan(most: number, text: string): boolean {
  let depth = 0;
  let isInText = false;
  for (let at = 0; at < text.length; at += 1) {
    const character = text.charCodeAt(at);
    if (isInText) {
      if (character === backslash) at += 1;
      else if (character === quote) isInText = false;
    } else if (character === quote) isInText = true;
    else if (character === openBracket || character === openBrace) depth += 1;
    else if (character === closeBracket || character === closeBrace) depth -= 1;
    if (depth > most) return true;
  }
  return false;
}

const [quote, backslash, openBracket, closeBracket, openBrace, closeBrace] = [...'"\\[]{}'].map(
  (character) => character.charCodeAt(0),
);

function parseJson(text: string): Outcome<unknown> {
  try {
    return done(JSON.parse(text.replace(/^\uFEFF/, '')));
  } catch (error) {
    const reason = error instanceof Error ? error.message.replace(/\s+/g, ' ').slice(0, 120) : '';
    return refused(`This is not a JSON file (${reason}).`);
  }
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

function problemOf(issue: v.BaseIssue<unknown>): Outcome<never> {
  const path = pathOf(issue);
  const missing = issue.received === 'undefined';
  if (issue.type === 'strict_object' && issue.expected === 'never') {
    return refusedAt(path, 'is not a field of this format.');
  }
  if (missing) return refusedAt(path, 'is missing.');
  const isOwnWords = !/^Invalid /.test(issue.message);
  if (isOwnWords) return refusedAt(path, issue.message);
  return refusedAt(path, `is ${shown(issue.input)}; it must be ${mustBe(issue)}.`);
}

const typeNames: Readonly<Record<string, string>> = {
  number: 'a number',
  string: 'a text',
  boolean: 'true or false',
  Array: 'a list',
  Object: 'an object',
};

/** Longer lists of what is allowed are cut to those that start most like what was given. */
const mostChoices = 9;

function sharedStart(one: string, other: string): number {
  let at = 0;
  while (at < one.length && one[at] === other[at]) at += 1;
  return at;
}

function mustBe(issue: v.BaseIssue<unknown>): string {
  const expected = issue.expected ?? 'something else';
  const choices = expected.replace(/^\((.*)\)$/, '$1').split(' | ');
  if (choices.length <= mostChoices) {
    return choices.map((part) => typeNames[part] ?? part).join(' or ');
  }
  const given = JSON.stringify(issue.input) ?? '';
  const like = [...choices].sort(
    (one, other) => sharedStart(other, given) - sharedStart(one, given),
  );
  return `one of ${choices.length} words, like ${like.slice(0, 3).join(' or ')}`;
}

function pathOf(issue: v.BaseIssue<unknown>): string {
  return (issue.path ?? [])
    .map((step) => (typeof step.key === 'number' ? `[${step.key}]` : `.${String(step.key)}`))
    .join('')
    .replace(/^\./, '');
}

function refusedAt(field: string, says: string): Outcome<never> {
  const starts = /^(is|holds|has)\b/.test(says) ? ' ' : ': ';
  return refused(`“${field}”${starts}${says}`, field);
}

/** A value in a message: lists and objects by their kind, since they may be deeper than can be printed. */
function shown(value: unknown): string {
  if (Array.isArray(value)) return 'a list';
  if (typeof value === 'object' && value !== null) return 'an object';
  const text = JSON.stringify(value) ?? 'missing';
  return text.length > 60 ? `${text.slice(0, 57)}…` : text;
}
