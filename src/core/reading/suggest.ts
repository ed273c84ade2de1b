import MiniSearch from 'minisearch';
import { kindOf, kinds, type Kind } from '../catalogue';
import { jobs } from '../gear';
import { stem, wordsOf } from './words';

let index: MiniSearch<{ readonly id: string }> | null = null;

/** The words of kinds that have a figure in them: `cr2032`, `9v`. */
const withFigures = new Set<string>();

/** The kinds found of late: a list says the same words again and again, with other figures beside them. */
const found = new Map<string, readonly Kind[]>();
const mostFound = 500;

/**
 * The kinds that any of these words speaks of, the likeliest first: by name, by what people call them, by what tells them
 * apart and by what they do. The last word may be begun only, and longer words may have a letter wrong.
 *
 * @param words as {@link stem} has them.
 */
export function kindsAbout(words: readonly string[], most: number): readonly Kind[] {
  const named = words.filter((word) => /\p{L}/u.test(word));
  if (named.join('').length < 2) return [];
  index ??= madeIndex();
  // `12a` says nothing of a kind, and would make every line of a list one of its own.
  const asked = named.filter((word) => !/\d/.test(word) || isOfAKind(word));
  const isBegun = asked.at(-1) === named.at(-1);
  const key = `${asked.join(' ')}${isBegun ? '' : ' .'}`;
  let about = found.get(key);
  if (!about) {
    about = lookedUp(index, asked, isBegun);
    if (found.size >= mostFound) found.clear();
    found.set(key, about);
  }
  return about.slice(0, most);
}

function isOfAKind(word: string): boolean {
  return [...withFigures].some((known) => known.startsWith(word));
}

function lookedUp(
  kindsByWord: MiniSearch<{ readonly id: string }>,
  asked: readonly string[],
  isBegun: boolean,
): readonly Kind[] {
  return kindsByWord
    .search(asked.join(' '), {
      prefix: (_, at, terms) => isBegun && at === terms.length - 1,
      fuzzy: (term) => (term.length > 4 ? 0.2 : false),
      boost: { name: 3, nouns: 3, traits: 1.5 },
    })
    .flatMap(({ id }) => kindOf(String(id)) ?? []);
}

function madeIndex(): MiniSearch<{ readonly id: string }> {
  const made = new MiniSearch<{ readonly id: string }>({
    fields: ['name', 'nouns', 'traits', 'does'],
    tokenize: stemsOf,
    processTerm: (term) => term,
  });
  const texts = kinds.map(({ id, name, nouns, traits, supplies }) => ({
    id,
    name,
    nouns: nouns.join(' '),
    traits: traits.join(' '),
    does: supplies.map(({ job }) => jobs[job].name).join(' '),
  }));
  made.addAll(texts);
  for (const { name, nouns, traits } of texts) {
    for (const word of stemsOf(`${name} ${nouns} ${traits}`)) {
      if (/\d/.test(word)) withFigures.add(word);
    }
  }
  return made;
}

function stemsOf(text: string): string[] {
  return wordsOf(text).map(stem);
}
