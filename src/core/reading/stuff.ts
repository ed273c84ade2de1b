import { byName } from '../quantity';
import { metals, stuffs, warmStuffs, type Gear, type Stuff, type WarmStuff } from '../gear';
import { stem, wordsOf } from './words';

/** Words for a stuff that are not its own name. */
const named = byName<Stuff>({
  stainless: 'steel',
  wooden: 'wood',
  bamboo: 'wood',
  merino: 'wool',
  woollen: 'wool',
  woolly: 'wool',
  jeans: 'cotton',
  denim: 'cotton',
});

/** Stuffs that are told apart within one sort: a metal by another metal, a cloth by another cloth. */
const sorts: readonly (readonly Stuff[])[] = [
  metals,
  ['cloth', 'wool', 'cotton', 'down', 'leather'],
];

/** The gear of the stuff that its line says, where it is one that its kind can be of: a spoon of titanium, a bag of down. */
export function withStuff(gear: Gear, words: string): Gear {
  if (gear.kind === null) return gear;
  const said = wordsOf(words).map(stem);
  const stuff = said.flatMap((word) => stuffCalled(word) ?? [])[0];
  const warm = said
    .map((word) => named.get(word) ?? word)
    .find((word): word is WarmStuff => (warmStuffs as readonly string[]).includes(word));
  const isOfSort =
    stuff && sorts.some((sort) => sort.includes(stuff) && sort.includes(gear.look.stuff));
  return {
    ...gear,
    look: isOfSort ? { ...gear.look, stuff } : gear.look,
    supplies: warm
      ? gear.supplies.map((supply) =>
          supply.facts?.of === 'warmth' || (supply.facts === null && supply.job === 'insulate')
            ? { ...supply, facts: { of: 'warmth', stuff: warm } }
            : supply,
        )
      : gear.supplies,
  };
}

function stuffCalled(word: string): Stuff | undefined {
  return named.get(word) ?? stuffs.find((stuff) => stuff === word);
}
