import { pathPlainly, plainly, quoted } from './quoted';
import type { Sentences } from './outcome';

/** What keeps a file from being opened or written. */
export const fileSays = {
  fileTooLarge: (size: string, most: string) =>
    `The file is ${size} MB, and files up to ${most} MB are opened: nothing was brought in.`,
  deepFile: (most: number) => `The lists and objects of this file go more than ${most} deep.`,
  manyNodes: (most: number) =>
    `This file has more than ${most} lists and objects, more than any bench has.`,
  noJson: (reason: string) => `This is not a JSON file (${plainly(reason, 120)}).`,
  noFormat: () => 'This JSON is not a Vivid Acorn file: it has no field “format”.',
  otherFormat: (format: string, wanted: string) =>
    `This JSON is not a Vivid Acorn file: its “format” is ${format}, not "${wanted}".`,
  noFileVersion: (version: string) => `The file’s “version” is ${version}, which is no version.`,
  newerFile: (version: number, newest: number) =>
    `The file is of version ${plainly(String(version))}, newer than this program, which reads up to ${newest}: open it with a newer Vivid Acorn.`,
  newerField: (field: string, version: number) =>
    `${quoted(field)} is no field of a file of version ${version}, as this one says it is.`,
  noKits: () => '“loadouts” is empty: the file holds no kit.',
  noKitNamed: (name: string, names: string) =>
    `“loadouts” holds no kit ${quoted(name)}, but ${plainly(names, 120)}.`,
  notReadBack: (why: string) =>
    `What was written could not be read back, so it was not given out: ${plainly(why, 200)}`,
  tooLargeToWrite: (size: string, most: string) =>
    `The file would be ${size} MB, and files up to ${most} MB are read: leave the pictures out, or write kits by themselves.`,
} as const satisfies Sentences;

/** The words that stand after the path of a file’s field. */
export const fieldSays = {
  missing: 'is missing.',
  unknown: 'is not a field of this format.',
  twice: 'is there twice.',
  tighterThanLoose: 'is more than its looseMl.',
} as const;

/** A sentence about a field of a file: its path, and what it is or has, or a sentence of its own. */
export function atField(field: string, words: string): string {
  const follows = /^(is|holds|has|goes)\b/.test(words) ? ' ' : ': ';
  return `“${pathPlainly(field)}”${follows}${words}`;
}
