import { kinds, type Kind } from '../catalogue';
import { belongings, estranging, materials, plainWords, wordsIn } from './words';

/** One way to call a kind, by its words as {@link stem} has them. */
export interface Phrase {
  readonly kind: Kind;
  readonly words: number;
  /** It is the whole printed name. */
  readonly isName: boolean;
}

/** All the words that kinds are known by. */
export interface Lexicon {
  /** By its words written as one: `multi tool` and `multitool` are the same. */
  readonly phrases: ReadonlyMap<string, readonly Phrase[]>;
  /** What tells a kind from others of its name, and what it can never be, written as one. */
  readonly traits: ReadonlyMap<string, ReadonlySet<string>>;
  readonly forbidden: ReadonlyMap<string, ReadonlySet<string>>;
  /** One of these must be said; empty where nothing must. */
  readonly onlyIf: ReadonlyMap<string, ReadonlySet<string>>;
  /** Every single word of a name or a trait. */
  readonly vocabulary: ReadonlySet<string>;
  /** Words that kinds are called by, for mending a letter, by their first. */
  readonly byFirstLetter: ReadonlyMap<string, readonly string[]>;
  /** How many words the longest phrase has. */
  readonly longest: number;
}

let made: Lexicon | null = null;

/** The lexicon of the catalogue, made once. */
export function lexicon(): Lexicon {
  made ??= lexiconOf(kinds);
  return made;
}

function lexiconOf(all: readonly Kind[]): Lexicon {
  const phrases = new Map<string, Phrase[]>();
  const traits = new Map<string, ReadonlySet<string>>();
  const forbidden = new Map<string, ReadonlySet<string>>();
  const onlyIf = new Map<string, ReadonlySet<string>>();
  const vocabulary = new Set<string>();
  let longest = 1;
  for (const kind of all) {
    const { main, beside } = wordsIn(kind.name);
    call(kind, stemsOf(kind.name), true);
    call(kind, main, false);
    for (const noun of kind.nouns) call(kind, stemsOf(noun), false);
    const told = beside.filter((word) => !belongings.has(word));
    traits.set(kind.id, new Set([...kind.traits.map(asOne), ...main, ...told]));
    forbidden.set(kind.id, new Set(kind.isNever.map(asOne)));
    onlyIf.set(kind.id, new Set(kind.onlyIf.map(asOne)));
    for (const trait of kind.traits) for (const word of stemsOf(trait)) vocabulary.add(word);
  }
  const byFirstLetter = new Map<string, string[]>();
  for (const word of vocabulary) {
    const first = word.charAt(0);
    byFirstLetter.set(first, [...(byFirstLetter.get(first) ?? []), word]);
  }
  return { phrases, traits, forbidden, onlyIf, vocabulary, byFirstLetter, longest };

  function call(kind: Kind, words: readonly string[], isName: boolean): void {
    if (words.length === 0) return;
    const joined = words.join('');
    const known = phrases.get(joined) ?? [];
    if (!known.some((each) => each.kind === kind && each.isName === isName)) {
      phrases.set(joined, [...known, { kind, words: words.length, isName }]);
    }
    longest = Math.max(longest, words.length);
    for (const word of words) vocabulary.add(word);
  }
}

function asOne(words: string): string {
  return stemsOf(words).join('');
}

/** The words of a name that count, figures left out, as they are compared. */
export function stemsOf(text: string): readonly string[] {
  const { main, beside } = wordsIn(text);
  return [...main, ...beside].filter((word) => !/^[\d.]+$/.test(word));
}

/** A word that nothing here knows. */
export function isStrange(word: string, { vocabulary }: Lexicon): boolean {
  return (
    !vocabulary.has(word) &&
    !plainWords.has(word) &&
    !estranging.has(word) &&
    !belongings.has(word) &&
    !materials.has(word)
  );
}

/**
 * The word that was meant where a letter is wrong, missing, too many or two are swapped; null where none or more than one is
 * as near. The first letter is always right, and short words are never mended.
 *
 * @example mended('comapss', lexicon()) // 'compass'
 */
export function mended(word: string, { byFirstLetter }: Lexicon): string | null {
  if (word.length < 5 || /\d/.test(word)) return null;
  const near = (byFirstLetter.get(word.charAt(0)) ?? []).filter(
    (known) => known.length >= 5 && isOneLetterOff(word, known),
  );
  return near.length === 1 ? near[0]! : null;
}

function isOneLetterOff(one: string, other: string): boolean {
  if (Math.abs(one.length - other.length) > 1) return false;
  let at = 0;
  while (at < one.length && one[at] === other[at]) at += 1;
  const isSwapped =
    one.length === other.length &&
    one[at] === other[at + 1] &&
    one[at + 1] === other[at] &&
    one.slice(at + 2) === other.slice(at + 2);
  if (isSwapped) return true;
  const [from, to] =
    one.length === other.length ? [1, 1] : one.length > other.length ? [1, 0] : [0, 1];
  return one.slice(at + from) === other.slice(at + to);
}
