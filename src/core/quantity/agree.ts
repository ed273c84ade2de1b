/** What follows the thing itself in its name. */
const afterwards = /,|\(| (?:with|without|of|for|from|in|on|against|by|and) /;

/** These end like a plural, and are one; so does what is spelled by its letters. */
const singular = /(?:ss|us|is|as|lens|gas|[A-Z]S)$|^[^aeiouyAEIOUY]+$/;

/** Whether a name is of several: `Matches`, `AA batteries`, `Copies of papers`; not `Compass` or `Wool blanket`. */
function isPlural(name: string): boolean {
  const thing = name.split(afterwards)[0]!.trim();
  const words = thing.split(' ').filter((word) => !/\d/.test(word));
  // What is left of a measure behind the thing: `Cord 15 m`.
  while (words.length > 1 && words.at(-1)!.length < 3) words.pop();
  const last = words.at(-1) ?? thing;
  return last.endsWith('s') && !singular.test(last);
}

/**
 * The word that goes with what is named.
 *
 * @example agree('Matches', 'is', 'are') // are
 */
export function agree(named: string | readonly string[], one: string, many: string): string {
  if (typeof named === 'string') return isPlural(named) ? many : one;
  return named.length > 1 || named.some(isPlural) ? many : one;
}

/**
 * A name with the verb that goes with it.
 *
 * @example withVerb('Matches', 'is', 'are') // Matches are
 */
export function withVerb(name: string, one: string, many: string): string {
  return `${name} ${agree(name, one, many)}`;
}
