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
/** `tablets x30` are thirty of them: fewer than so many may be cards. */
const leastCard = 10;

/** A bare number before a name counts pieces up to here: `550 cord` is no five hundred cords. */
const mostBefore = 99;

/**
 * What a number counts: pieces, or what is in one. `25 matches` is one case of them, `3 candles` are three; `2 x chlorine
 * tablets` are two cards. Where the kind holds pieces and is called by their plural, a number that is not said to count packs
 * counts what is inside.
 */
export function countOf(amounts: readonly AmountAt[], started: Gear, words: string): Counted {
  const cells = amounts.flatMap(({ amount }) => (amount.what === 'cells' ? [amount] : []))[0];
  const isCell = started.supplies.some(({ job }) => job === 'cells');
  const counts = amounts.flatMap(({ amount }) => (amount.what === 'count' ? [amount] : []));
  const kind = started.kind === null ? null : (kindOf(started.kind) ?? null);
  const isTablets = kind?.contents?.unit === 'tablets';
  const times = counts.find(
    ({ as, count }) => as === 'times' && !(isTablets && count >= leastCard),
  );
  const other = counts.find((each) => each !== times);
  const worn = wornAs(started.kind);
  const isTrait =
    other !== undefined &&
    (kind?.traits.includes(String(other.count)) ||
      (other.as === 'after' && worn !== null && isWornSize(worn, other.count)));
  const isInside = other !== undefined && kind !== null && countsInside(kind, other, words);
  const isBelieved =
    other !== undefined &&
    !isTrait &&
    (isInside ||
      other.as === 'stated' ||
      other.count <= (other.as === 'before' ? mostBefore : mostAfter));
  const ofCells = isCell && cells && cells.count !== null ? cells.count : null;
  const counted = times?.count ?? (isBelieved && !isInside ? other.count : null);
  const pieces = counted ?? ofCells;
  return {
    isBeforeCells: counted === null && ofCells !== null,
    isNamed: other !== undefined && !isBelieved,
    in(gear) {
      const filled = isBelieved && isInside ? withContents(gear, other.count) : gear;
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
        amount: { what: 'length', lengthMm: length.value, isSmall: false },
        from: at,
        to: each.to,
      },
    ];
  });
}

function countsInside(
  { contents, nouns }: Kind,
  { count, as }: Amount & { readonly what: 'count' },
  words: string,
): boolean {
  if (contents === null || !inPieces.includes(contents.unit) || count < 2) return false;
  // `ibuprofen 24` is one pack of them, and so is `16 paracetamol`.
  if (
    (as !== 'before' || count >= leastCard) &&
    (contents.unit === 'tablets' || contents.unit === 'doses')
  )
    return true;
  const written = new Set(wordsOf(words));
  return nouns.some((noun) => {
    const last = noun.split(' ').at(-1)!;
    const isPlural = last.endsWith('s') && stem(last) !== last;
    return (
      isPlural && (written.has(last) || (contents.unit !== 'lights' && written.has(stem(last))))
    );
  });
}
