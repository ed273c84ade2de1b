import { plainly } from './quoted';
import type { Sentences } from './outcome';

/** What keeps a set of rules from being taken in. */
export const challengeSays = {
  noChallenge: (format: string) =>
    `This is no set of rules: its “format” is ${plainly(format, 80)}, not "vivid-acorn-challenge".`,
  newerChallenge: (version: string) =>
    `This set of rules is of version ${plainly(version, 20)}, newer than this program, which reads up to 1: open it with a newer Vivid Acorn.`,
} as const satisfies Sentences;
