import { lineSays } from '../refusals/lines';
import { gearOfKind, gearOfNoKind, kindOf, kinds, lengthOf, type Kind } from '../catalogue';
import {
  done,
  parseMoney,
  refused,
  says,
  type Currency,
  type Outcome,
  type UnitSystem,
} from '../quantity';
import { amountsIn, type Amount, type AmountAt } from '../quantity/amounts-in';
import { capital, inFields, lotOf, unsoundGear, whyNotName, withMassOf, type Gear } from '../gear';
import { ownWords } from './taught';
import { cellSortIn, runsOnCells } from './cells';
import { oneComfort } from './comfort';
import { countOf, holdsPieces, manyLengths, manyOfMany, type Counted } from './counting';
import { datesIn, type DatesRead } from './dates';
import { howFar } from './far';
import { withFigures } from './figures';
import { meaningOf, type Meaning } from './meaning';
import { asSmallAsSaid } from './small-and-light';
import { withStuff } from './stuff';
import { stem } from './words';
import { withWhatIsLeft } from './what-is-left';

/** What a line is read with: the units of a bare size, the currency of a price, and the new gear’s id. */
export interface LineSetting {
  readonly id: string;
  readonly units: UnitSystem;
  readonly currency: Currency;
  /** What the person said that it is: a kind, or none. Undefined where the words decide. */
  readonly picked?: Kind | null | undefined;
  /** What the person’s own words mean: kinds’ ids by the words, as {@link taughtBy} a shelf. */
  readonly taught?: ReadonlyMap<string, string> | undefined;
}

/** A line, read: the gear that it becomes, and how sure that is. */
export interface Reading {
  readonly gear: Gear;
  /** Null where nothing is sure enough: then the gear does no job, and has no figure but those that were typed. */
  readonly kind: Kind | null;
  /** From 0 to 1; 1 where the person said so. */
  readonly sure: number;
  /** What else it may be, the likeliest first. */
  readonly others: readonly Kind[];
}

/** The most characters of one line. */
export const mostLine = 1000;

/**
 * Reads a line as people say it, such as `steel bottle 1 L 210 g 90x200mm €12`, into gear.
 *
 * What is typed is *stated*; what is not comes from the kind that the words mean, and is marked *typical*. Where they mean no
 * kind for sure, the gear is a plain piece that does no job, and the kinds that it may be are told. Refuses a line without
 * a name, and a figure that is below zero, not believed, or can be read in two ways.
 */
export function readLine(line: string, setting: LineSetting): Outcome<Reading> {
  if (line.length > mostLine) return refused(lineSays.lineTooLong(mostLine));
  const dated = datesIn(line.replace(/\s+/g, ' ').trim());
  if (!dated.ok) return dated;
  const typed = dated.value.rest;
  const named = kindNamedFirst(typed, setting.picked);
  const rest = named ? typed.slice(named.name.length) : typed;
  const read = amountsIn(rest);
  if (!read.ok) return read;
  const { words } = read.value;
  const meaning = named
    ? certain(named, offersBeside(named))
    : meantInPacks(rest, words, read.value.amounts, setting);
  const { kind } = meaning;
  const started = kind
    ? asSmallAsSaid(gearOfKind(kind, setting.id), kind, words)
    : gearOfNoKind(setting.id, '');
  const whole = oneComfort(read.value.amounts, rest);
  const packed = holdsPieces(started) ? manyOfMany(whole) : whole;
  const amounts = lengthOf(started) === null ? packed : manyLengths(packed, words);
  const counted = countOf(amounts, started, words, rest);
  const figured = withFigures(
    started,
    amounts.map(({ amount }) => amount),
    setting.units,
    kind === null && meaning.likeliest ? gearOfKind(meaning.likeliest, setting.id) : started,
  );
  if (!figured.ok) return figured;
  const own = nameOf(rest, amounts, figured.value.shown, counted);
  // `18650 x2` names a cell and has no word: it is called what the kind is.
  const isWordless = kind !== null && named === null && !/\p{L}/u.test(own);
  const name = isWordless ? kind.name : [named?.name, own].filter(Boolean).join(', ');
  const problem = /\p{L}/u.test(name) ? whyNotName(name) : 'is empty';
  if (problem) {
    return refused(problem === 'is empty' ? lineSays.namelessLine() : says.name(problem));
  }
  const stuffed = withStuff({ ...figured.value.gear, name }, words);
  const priced = withPrice(stuffed, amounts, setting);
  if (!priced.ok) return priced;
  const gear = withWhatIsLeft(counted.in(priced.value), rest);
  const weighed = withDates(withMassOf(gear, gear.massG, gear.massTrust), dated.value);
  const unsound = unsoundGear(weighed);
  return unsound
    ? { ok: false, problem: unsound }
    : done({ gear: weighed, kind, sure: meaning.sure, others: meaning.others });
}

/** The days of a line: a printed date is all of the gear’s; of what else is told, all of it is one lot. */
function withDates(gear: Gear, { goodUntil, cameOn, filledOn, openedOn }: DatesRead): Gear {
  if (cameOn === null && filledOn === null && openedOn === null) {
    return goodUntil === null ? gear : { ...gear, goodUntil };
  }
  if (gear.count === 0) return gear;
  const lot = { ...lotOf(gear.count, { goodUntil, cameOn, filledOn, openedOn }), id: 'all' };
  return { ...gear, goodUntil: null, lots: [inFields(lot)] };
}

/** The kind that a name without figures means; null where none is sure. */
export function kindMeantBy(name: string): Kind | null {
  const read = amountsIn(name.slice(0, mostLine));
  if (!read.ok) return null;
  return meant(read.value.words, read.value.amounts, { picked: undefined }).kind;
}

/** The kind whose whole printed name stands first, figures and all. */
function kindNamedFirst(typed: string, picked: Kind | null | undefined): Kind | null {
  if (picked === null) return null;
  const low = typed.toLowerCase();
  const named = (picked ? [picked] : kinds).filter(
    ({ name }) => low.startsWith(name.toLowerCase()) && !/[\p{L}\d]/u.test(low.charAt(name.length)),
  );
  const longest = named.sort((one, other) => other.name.length - one.name.length)[0];
  if (!longest) return null;
  // `Pot with a cosy` goes on, and is to be read as a whole.
  const after = typed.slice(longest.name.length).trim();
  const isWhole = after === '' || /[\d,]/.test(longest.name);
  const isGoingOn = /^[\p{L}-]/u.test(after);
  return picked || (isWhole && !isGoingOn) ? longest : null;
}

function certain(kind: Kind, others: readonly Kind[] = []): Meaning {
  return { kind, sure: 1, likeliest: kind, others };
}

/** What else a kind’s name calls. */
function offersBeside(named: Kind): readonly Kind[] {
  const { kind, others } = meaningOf(named.name);
  return [...(kind === null ? [] : [kind]), ...others].filter((each) => each !== named);
}

function meant(
  words: string,
  amounts: readonly AmountAt[],
  { picked, taught }: Pick<LineSetting, 'picked' | 'taught'>,
): Meaning {
  const learned = picked === undefined ? taught?.get(ownWords(words)) : undefined;
  const own = learned === undefined ? (picked ?? null) : (kindOf(learned) ?? null);
  const cell = cellMeant(words, amounts);
  const far = howFar(amounts.map(({ amount }) => amount));
  const read =
    cell && isOnlyCells(words)
      ? certain(cell)
      : meaningOfTwo(words, meaningBeside(cell, words, far));
  const others = cell && read.kind !== cell ? [cell, ...read.others] : read.others;
  if (picked === null)
    return { ...read, kind: null, sure: 1, others: [...(read.kind ? [read.kind] : []), ...others] };
  if (own)
    return {
      ...certain(own),
      others: [
        ...(read.kind && read.kind !== own ? [read.kind] : []),
        ...others.filter((each) => each !== own),
      ],
    };
  return { ...read, others: [...new Set(others)].slice(0, 5) };
}

/** In one of these it is another thing than by itself: *tins of soup*, *bottles of water*. */
const changesWhatItIs = new Set(['tin', 'can', 'bottle']);

/** `3 rolls of tape` is three times what `roll of tape` is, where tape by itself says too little. */
function meantInPacks(
  rest: string,
  words: string,
  amounts: readonly AmountAt[],
  setting: Pick<LineSetting, 'picked' | 'taught'>,
): Meaning {
  const whole = meant(words, amounts, setting);
  if (setting.picked !== undefined) return whole;
  for (const { amount, from, to } of amounts) {
    const pack = amount.what === 'count' && /(\p{L}+)\s+of$/u.exec(rest.slice(from, to));
    if (!pack || (whole.kind !== null && !changesWhatItIs.has(stem(pack[1]!)))) continue;
    const ofOne = `${words.slice(0, from)} ${stem(pack[1]!)} of ${words.slice(to)}`;
    const one = meant(ofOne, amounts, setting);
    if (one.kind !== null) return one;
  }
  return whole;
}

/**
 * `map and compass` are two things: neither is taken for both, nor is `canteen and cup` a canteen’s cup. `Needle and thread` is
 * what a kind is called, and what is said beside a thing may be no thing at all.
 */
function meaningOfTwo(words: string, whole: Meaning): Meaning {
  const [first = '', second = '', ...more] = words.split(/\band\b|&|\+/iu);
  if (whole.kind === null || second === '' || more.length > 0) return whole;
  if ([whole.kind.name, ...whole.kind.nouns].some((name) => /\band\b/iu.test(name))) return whole;
  const one = meaningOf(first).likeliest;
  const other = meaningOf(second).likeliest;
  if (one === null || other === null || one === other) return whole;
  return {
    kind: null,
    sure: Math.min(whole.sure, 0.5),
    likeliest: whole.likeliest,
    others: [one, other, whole.kind, ...whole.others],
  };
}

/** Beside cells that are named a device is the device: a lantern with three cells is no cell. */
function meaningBeside(
  cell: Kind | null,
  words: string,
  far: (kind: Kind) => number | null,
): Meaning {
  if (cell !== null) {
    const device = meaningOf(
      words.replace(/(?<!\p{L})(?:cells?|batter(?:y|ies))(?!\p{L})/giu, ' '),
      far,
    );
    if (device.kind && runsOnCells(device.kind)) return device;
  }
  return meaningOf(words, far);
}

/** Nothing but cells is named: no lamp that runs on them, no case to keep them in. */
function isOnlyCells(words: string): boolean {
  return words
    .toLowerCase()
    .split(/[^\p{L}]+/u)
    .every((word) => word === '' || cellWords.has(word));
}

const cellWords = new Set(
  'cell cells battery batteries spare extra rechargeable alkaline lithium nimh button coin the a of pack new'.split(
    ' ',
  ),
);

/** The kind of the cells that are named. */
function cellMeant(words: string, amounts: readonly AmountAt[]): Kind | null {
  const sort = cellSortIn(
    amounts.map(({ amount }) => amount),
    words,
  );
  return (
    kinds.find(({ supplies }) =>
      supplies.some((supply) => supply.job === 'cells' && supply.sort === sort),
    ) ?? null
  );
}

/** What is left of the line as a name, when what became a figure elsewhere is taken out. */
function nameOf(
  line: string,
  amounts: readonly AmountAt[],
  shown: ReadonlySet<Amount>,
  { isNamed, isBeforeCells }: Counted,
): string {
  const taken = amounts.flatMap((each) => {
    const { amount, from, to } = each;
    if (amount.what === 'cells' && amount.count !== null && isBeforeCells) {
      const [number] = /^\d+\s*[x×]?\s*/u.exec(line.slice(from, to))!;
      return [{ from, to: from + number.length }];
    }
    const isFigure =
      amount.what === 'price' || shown.has(amount) || (amount.what === 'count' && !isNamed);
    return isFigure ? [each] : [];
  });
  let name = '';
  let at = 0;
  for (const { from, to } of taken) {
    name += `${line.slice(at, from)} `;
    at = to;
  }
  name += line.slice(at);
  const plain = name
    .replace(/\s+/g, ' ')
    .replace(/\s+([,;])/g, '$1')
    .replace(/^[\s,;+–-]+(?![\d])|[\s,;+–(\[-]+$/g, '')
    .replace(/^of\s+/i, '');
  return capital(plain.trim());
}

function withPrice(
  gear: Gear,
  amounts: readonly AmountAt[],
  { currency }: LineSetting,
): Outcome<Gear> {
  // A kind’s typical price is in euros.
  const typical: Gear = currency === 'EUR' ? gear : { ...gear, priceMinor: null };
  const written = amounts.find(({ amount }) => amount.what === 'price')?.amount;
  if (written?.what !== 'price') return done(typical);
  const price = parseMoney(written.text, currency);
  return price.ok ? done({ ...typical, priceMinor: price.value, priceTrust: 'stated' }) : price;
}
