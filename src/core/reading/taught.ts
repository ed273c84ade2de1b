import type { Gear } from '../gear';

/**
 * What a shelf has taught: a person’s own way of calling things, by the names of the pieces that have a kind. What was told
 * once about “the blue thing” holds for the next one.
 */
export function taughtBy(shelf: Iterable<Gear>): ReadonlyMap<string, string> {
  const taught = new Map<string, string>();
  for (const gear of shelf) {
    if (gear.kind === null) continue;
    const words = wordsOfPiece(gear);
    if (words !== '') taught.set(words, gear.kind);
  }
  return taught;
}

/** A piece never changes, so its words are made once. */
const known = new WeakMap<Gear, string>();

function wordsOfPiece(gear: Gear): string {
  const before = known.get(gear);
  if (before !== undefined) return before;
  const words = ownWords(gear.name);
  known.set(gear, words);
  return words;
}

/** A name as it is learned: its words in order, without figures and their units. */
export function ownWords(name: string): string {
  return name
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter((word) => word !== '' && !/\d/.test(word) && !units.has(word))
    .join(' ');
}

const units = new Set('g kg mg oz lb lbs ml cl dl l m cm mm ft in x h wh mah kcal c f'.split(' '));
