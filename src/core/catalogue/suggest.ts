import MiniSearch from 'minisearch';
import { jobs } from '../gear';
import { kindOf, kinds } from './kinds';
import type { Kind } from './kind';

let index: MiniSearch<{ readonly id: string }> | null = null;

/**
 * The kinds that a line in the making may mean, the likeliest first: by name, by what people call them, by what
 * tells them apart and by what they do. The last word may be begun only, and longer words may have a letter wrong.
 */
export function kindsLike(line: string, most: number): readonly Kind[] {
  const words = line.replace(/[\d.,]+\s*(?:x\s*[\d.,]+)?\s*\p{L}{0,4}(?=\s|$)/giu, ' ').trim();
  if (words.length < 2) return [];
  index ??= madeIndex();
  return index
    .search(words, {
      prefix: true,
      fuzzy: (term) => (term.length > 4 ? 0.2 : false),
      boost: { name: 3, nouns: 3, traits: 1.5 },
      combineWith: 'AND',
    })
    .slice(0, most)
    .flatMap(({ id }) => kindOf(String(id)) ?? []);
}

function madeIndex(): MiniSearch<{ readonly id: string }> {
  const made = new MiniSearch<{ readonly id: string }>({
    fields: ['name', 'nouns', 'traits', 'does'],
    tokenize: (text) => text.toLowerCase().split(/[^\p{L}\p{N}-]+/u),
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
