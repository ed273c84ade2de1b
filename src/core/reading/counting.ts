import { withContents, type Kind } from '../catalogue';
import { kindOf } from '../catalogue';
import { isWornSize, wornAs } from '../catalogue/worn-size';
import { parseLength } from '../quantity';
import type { Amount, AmountAt } from '../quantity/amounts-in';
import type { ContentUnit, Gear } from '../gear';
import { stem, wordsOf } from './words';

/** How many there are, or are in one of them. */
export interface Counted {
  /** The gear with the count that the line says. */
  readonly in: (gear: Gear) => Gear;
  /** The number is part of what it is called: it counts nothing. */
  readonly isNamed: boolean;
  /** The number before the size of a cell counts the pieces: `4 AA cells` are four, called *AA cells*. */
  readonly isBeforeCells: boolean;
}

const inPieces: readonly ContentUnit[] = ['lights', 'tablets', 'pieces', 'doses'];

/** A bare number after a name counts up to here; above it is a model’s, or of another unit. */
const mostAfter = 200;
/** What comes in packs is counted in them where one of these is said; else what is inside is, and the fewer is the safe side. */
const packWords = new Set(
  'pack packet box blister card strip tin tube bottle bag pouch set roll kit pen vial inhaler jar case carton dispenser'.split(
    ' ',
  ),
);

/** A bare number before a name counts pieces up to here: `550 cord` is no five hundred cords. */
const mostBefore = 99;

/**
 * What a number counts: pieces, or what is in one. `25 matches` is one case of them, `3 candles` are three; `4 ibuprofen` and
 * `tablets x4` are four tablets, `2 packs of ibuprofen` two packs. Where the kind holds pieces and is called by their plural, a
 * number that is not said to count packs counts what is inside; where energy is typed, it counts what has so much.
 *
 * @param line as it was typed, its amounts still in it.
 */
export function countOf(
  amounts: readonly AmountAt[],
  started: Gear,
  words: string,
  line: string,
): Counted {
  const cells = amounts.flatMap(({ amount }) => (amount.what === 'cells' ? [amount] : []))[0];
  const isCell = started.supplies.some(({ job }) => job === 'cells');
  const counts = amounts.flatMap(({ amount }) => (amount.what === 'count' ? [amount] : []));
  const kind = started.kind === null ? null : (kindOf(started.kind) ?? null);
  const isInPacks = kind !== null && saysPacks(line, kind);
  const isEach = amounts.some(({ amount }) => amount.what === 'food energy');
  const isInSheets = kind?.contents?.unit === 'pieces' && /\bsheets?\s+of\b/i.test(line);
  const isOfInside = (each: Count) =>
    isInSheets || (!isInPacks && !isEach && kind !== null && countsInside(kind, each, words));
  // `2 x 25 matches`: two of twenty-five.
  const isBoth = counts.some(({ as }) => as === 'stated');
  const times = counts.find((each) => each.as === 'times' && (isBoth || !isOfInside(each)));
  const other = counts.find((each) => each !== times);
  const worn = wornAs(started.kind);
  const isTrait =
    other !== undefined &&
    (kind?.traits.includes(String(other.count)) ||
      (other.as === 'after' && worn !== null && isWornSize(worn, other.count)));
  const isInside =
    other !== undefined &&
    (other.as === 'stated'
      ? !isEach && kind !== null && countsInside(kind, other, words)
      : isOfInside(other));
  const isBelieved =
    other !== undefined &&
    !isTrait &&
    !(other.as === 'after' && isRated(started)) &&
    (isInside ||
      other.as === 'stated' ||
      other.count <= (other.as === 'before' ? mostBefore : mostAfter));
  // `zip bag`: one, though its kind is a pack of them.
  const isOne = counts.length === 0 && !isInPacks && kind !== null && saysOne(kind, words);
  const ofCells = isCell && cells && cells.count !== null ? cells.count : null;
  const counted = times?.count ?? (isBelieved && !isInside ? other.count : null);
  const pieces = counted ?? ofCells;
  return {
    isBeforeCells: counted === null && ofCells !== null,
    isNamed: other !== undefined && !isBelieved,
    in(gear) {
      const filled =
        isBelieved && isInside
          ? withContents(gear, other.count)
          : isOne
            ? withContents(gear, 1)
            : gear;
      return pieces === null ? filled : { ...filled, count: pieces };
    },
  };
}

/**
 * `guy lines 4 x 3 m` are four of three metres, where the word is of more than one; `cord 4 x 30 m` may be of four millimetres,
 * and is thirty metres.
 *
 * @param amounts of a line whose kind is counted in metres.
 */
export function manyLengths(amounts: readonly AmountAt[], words: string): readonly AmountAt[] {
  const isPlural = wordsOf(words).some((word) => stem(word) !== word && word.endsWith('s'));
  return amounts.flatMap((each): readonly AmountAt[] => {
    if (each.amount.what !== 'size') return [each];
    const parts = /^((\d{1,2})\s*[x×]\s*)(\S.*)$/u.exec(each.amount.text);
    const [, before = '', count = '', rest = ''] = parts ?? [];
    const length = /[x×]/u.test(rest) ? null : parseLength(rest);
    if (!length?.ok || !/[\p{L}'’′]$/u.test(rest)) return [each];
    const at = isPlural ? each.from + before.length : each.from;
    const counted: readonly AmountAt[] = isPlural
      ? [{ amount: { what: 'count', count: Number(count), as: 'times' }, from: each.from, to: at }]
      : [];
    return [
      ...counted,
      {
        amount: { what: 'length', lengthMm: length.value, isSmall: false, isThin: false },
        from: at,
        to: each.to,
      },
    ];
  });
}

const inAPack = /\bin\s+(?:a|an|its|the|one)\s+\p{L}+/giu;

/** Whether a word for a pack is said that is not part of what the thing is called: *bags* of tea bags, *blister* of plasters. */
function saysPacks(line: string, { nouns }: Kind): boolean {
  // `60 matches in a box` are sixty.
  const said = new Set(wordsOf(line.replace(inAPack, ' ')).map(stem));
  const called = nouns
    .map((noun) => wordsOf(noun).map(stem))
    .filter((noun) => noun.every((word) => said.has(word)))
    .flat();
  return [...said].some((word) => packWords.has(word) && !called.includes(word));
}

/**
 * `2 x 25 matches` are two boxes of twenty-five, where it would be a size of what is no size.
 *
 * @param amounts of a line whose kind holds pieces.
 */
export function manyOfMany(amounts: readonly AmountAt[]): readonly AmountAt[] {
  return amounts.flatMap((each): readonly AmountAt[] => {
    const { amount, from, to } = each;
    const [, many, inside] =
      amount.what === 'size' && from === 0
        ? (/^(\d{1,2})\s*[x×]\s*(\d{1,4})$/u.exec(amount.text) ?? [])
        : [];
    if (many === undefined) return [each];
    return [
      { amount: { what: 'count', count: Number(many), as: 'times' }, from, to: from },
      { amount: { what: 'count', count: Number(inside), as: 'stated' }, from, to },
    ];
  });
}

/** Whether a kind is counted in pieces of what one holds. */
export function holdsPieces({ contents }: Gear): boolean {
  return contents !== null && inPieces.includes(contents.unit);
}

/** Whether a line names one of what comes in packs: a word in the singular, which the kind’s own name has in the plural. */
function saysOne({ contents, nouns, name }: Kind, words: string): boolean {
  if (contents?.unit !== 'pieces') return false;
  const isPlural = (word: string) => word.endsWith('s') && stem(word) !== word;
  const last = wordsOf(name).at(-1)!;
  if (!isPlural(last)) return false;
  const written = wordsOf(words);
  const isNoun = nouns.some((noun) => wordsOf(noun).at(-1) === stem(last));
  return isNoun && written.includes(stem(last)) && !written.some(isPlural);
}

/** Whether a bare number after its name may be degrees: nobody has twenty sleeping bags. */
function isRated({ supplies }: Gear): boolean {
  return supplies.some(({ job, fitness }) => job === 'sleep' && fitness === 'made-for');
}

type Count = Amount & { readonly what: 'count' };

function countsInside({ contents, nouns }: Kind, { count, as }: Count, words: string): boolean {
  if (contents === null || !inPieces.includes(contents.unit)) return false;
  // `4 ibuprofen` are four of them, and so is `paracetamol 8`.
  if (contents.unit === 'tablets' || (contents.unit === 'doses' && as !== 'before')) return true;
  if (count < 2) return false;
  const written = new Set(wordsOf(words));
  return nouns.some((noun) => {
    const last = noun.split(' ').at(-1)!;
    const isPlural = last.endsWith('s') && stem(last) !== last;
    return (
      isPlural && (written.has(last) || (contents.unit !== 'lights' && written.has(stem(last))))
    );
  });
}
