import MiniSearch from 'minisearch';
import { kindOf, kinds, type Kind } from '../catalogue';
import { jobs } from '../gear';
import { stem, wordsOf } from './words';

let index: MiniSearch<{ readonly id: string }> | null = null;

/**
 * The kinds that any of these words speaks of, the likeliest first: by name, by what people call them, by what tells them
 * apart and by what they do. The last word may be begun only, and longer words may have a letter wrong.
 *
 * @param words as {@link stem} has them.
 */
export function kindsAbout(words: readonly string[], most: number): readonly Kind[] {
  const asked = words.filter((word) => /\p{L}/u.test(word));
  if (asked.join('').length < 2) return [];
  index ??= madeIndex();
  return index
    .search(asked.join(' '), {
      prefix: (_, at, terms) => at === terms.length - 1,
      fuzzy: (term) => (term.length > 4 ? 0.2 : false),
      boost: { name: 3, nouns: 3, traits: 1.5 },
    })
    .slice(0, most)
    .flatMap(({ id }) => kindOf(String(id)) ?? []);
}

function madeIndex(): MiniSearch<{ readonly id: string }> {
  const made = new MiniSearch<{ readonly id: string }>({
    fields: ['name', 'nouns', 'traits', 'does'],
    tokenize: (text) => wordsOf(text).map(stem),
    processTerm: (term) => term,
  });
  made.addAll(
    kinds.map(({ id, name, nouns, traits, supplies }) => ({
      id,
      name,
      nouns: nouns.join(' '),
      traits: traits.join(' '),
      does: supplies.map(({ job }) => jobs[job].name).join(' '),
    })),
  );
  return made;
}
