import type * as v from 'valibot';
import { byName, refused, shown, type Outcome } from '../quantity';
import { atField, fieldSays } from '../refusals/files';

/** The first thing that a schema has against a value, in words that name the field below `within`. */
export function problemOf(issue: v.BaseIssue<unknown>, within = ''): Outcome<never> {
  const inner = innermost(issue);
  const path = `${within}${pathOf(issue)}${inner === issue ? '' : pathOf(inner)}`;
  const field = path.replace(/^\./, '');
  if (isUnknown(inner)) return refusedAt(field, fieldSays.unknown);
  if (inner.received === 'undefined') return refusedAt(field, fieldSays.missing);
  const isOwnWords = !/^Invalid /.test(inner.message);
  if (isOwnWords) return refusedAt(field, inner.message);
  return refusedAt(field, `is ${shown(inner.input)}; it must be ${mustBe(inner)}.`);
}

/** Of a value that may be one of several, what is wrong with the one that it is most like, where it is like one. */
function innermost(issue: v.BaseIssue<unknown>): v.BaseIssue<unknown> {
  if (issue.type !== 'union' || !issue.issues) return issue;
  const within = issue.issues.filter(({ path }) => path !== undefined && path.length > 0);
  return within.find(isWrong) ?? within.find(isUnknown) ?? issue;
}

function isWrong(issue: v.BaseIssue<unknown>): boolean {
  return issue.received !== 'undefined' && !isUnknown(issue);
}

function isUnknown({ type, expected }: v.BaseIssue<unknown>): boolean {
  return type === 'strict_object' && expected === 'never';
}

const typeNames = byName<string>({
  number: 'a number',
  string: 'a text',
  boolean: 'true or false',
  Array: 'a list',
  Object: 'an object',
});

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
    return choices.map((part) => typeNames.get(part) ?? part).join(' or ');
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
    .join('');
}

export function refusedAt(field: string, words: string): Outcome<never> {
  return refused(atField(field, words), field);
}
