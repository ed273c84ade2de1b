import type * as v from 'valibot';
import { refused, type Outcome } from '../quantity';

/** The first thing that a schema has against a value, in words that name the field. */
export function problemOf(issue: v.BaseIssue<unknown>): Outcome<never> {
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

export function refusedAt(field: string, says: string): Outcome<never> {
  const starts = /^(is|holds|has)\b/.test(says) ? ' ' : ': ';
  return refused(`“${field}”${starts}${says}`, field);
}

/** A value in a message: lists and objects by their kind, since they may be deeper than can be printed. */
export function shown(value: unknown): string {
  if (Array.isArray(value)) return 'a list';
  if (typeof value === 'object' && value !== null) return 'an object';
  const text = JSON.stringify(value) ?? 'missing';
  return text.length > 60 ? `${text.slice(0, 57)}…` : text;
}
