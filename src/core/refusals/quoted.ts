/** The longest piece of somebody’s text that a message repeats, in characters. */
export const longestQuoted = 60;

/** The longest path of a field that a message names, in characters. */
const longestPath = 160;

/**
 * Somebody’s text as a message may repeat it: cut to {@link longestQuoted}, with every character that is none to be
 * seen (controls, overrides of direction, halves of surrogates, separators of lines) written as its number.
 *
 * @example plainly('a\u001bb') // 'a\\u{1b}b'
 */
export function plainly(text: string, longest = longestQuoted): string {
  const start = text.slice(0, longest + 1);
  const seen = start.replace(unseen, (one) => `\\u{${one.codePointAt(0)!.toString(16)}}`);
  return seen.length > longest ? `${seen.slice(0, longest - 1)}…` : seen;
}

/** As {@link plainly}, in quotation marks. */
export function quoted(text: string): string {
  return `“${plainly(text)}”`;
}

/** A field’s path as a message names it: its end, which tells most, where it is too long. */
export function pathPlainly(path: string): string {
  const end = path.length > longestPath ? `…${path.slice(1 - longestPath)}` : path;
  return plainly(end, longestPath);
}

/** Spaces are seen as the gaps they leave; what else separates, controls or is no character is not. */
const unseen = /[\p{C}\p{Zl}\p{Zp}]/gu;

/** A value in a message: lists and objects by their kind, since they may be deeper than can be printed. */
export function shown(value: unknown): string {
  if (value === undefined) return 'missing';
  if (Array.isArray(value)) return 'a list';
  if (typeof value === 'object' && value !== null) return 'an object';
  return typeof value === 'string' ? `"${plainly(value)}"` : plainly(String(value));
}
