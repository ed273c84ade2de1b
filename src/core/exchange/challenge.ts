import * as v from 'valibot';
import { mostRules } from '../brief/bounds';
import { ruleOutline } from '../brief/outline';
import type { Challenge } from '../brief/rules';
import { listOf, recordOf, type Outline } from '../gear/outline';
import { done, refused, shown, type Outcome } from '../quantity';
import { challengeSays } from '../refusals/challenges';
import { problemOf } from './issue-in-words';
import { parseJson } from './json-text';
import { whyTooLarge } from './limits';
import { schemaOf } from './outline-schema';

const format = 'vivid-acorn-challenge';
const version = 1;

/** Rules lie in a list in the file, and their sizes in lists of their own. */
const mostDepth = 5;

const outline: Outline = recordOf({
  id: { of: 'id' },
  name: { of: 'name' },
  note: { of: 'note' },
  rules: listOf(ruleOutline, mostRules, 1),
});

/** A set of rules as a file, to be handed on. */
export function writeChallenge({ id, name, note, rules }: Challenge): string {
  return `${JSON.stringify({ format, version, id, name, note, rules }, null, 2)}\n`;
}

/** Reads a set of rules out of a file that somebody else may have written. */
export function readChallenge(text: string): Outcome<Challenge> {
  const tooLarge = whyTooLarge(text.length);
  if (tooLarge) return refused(tooLarge);
  const parsed = parseJson(text, mostDepth);
  if (!parsed.ok) return parsed;
  const { value } = parsed;
  const given = typeof value === 'object' && value !== null ? { ...value } : {};
  const { format: of, version: by, ...rest } = given as Readonly<Record<string, unknown>>;
  if (of !== format) return refused(challengeSays.noChallenge(shown(of)));
  if (by !== version) return refused(challengeSays.newerChallenge(shown(by)));
  const read = v.safeParse(schemaOf(outline), rest);
  return read.success ? done(read.output as Challenge) : problemOf(read.issues[0]);
}
