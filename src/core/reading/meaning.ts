import { capacityOf, type Kind } from '../catalogue';
import type { JobId } from '../gear';
import { bareWords } from './bare-words';
import { isStrange, lexicon, mended, type Lexicon, type Phrase } from './lexicon';
import { kindsAbout } from './suggest';
import {
  belongings,
  byItsName,
  estranging,
  manyThings,
  materials,
  type Material,
  plainWords,
  wordsIn,
  type Words,
} from './words';

/** What words were taken for. */
export interface Meaning {
  /** Null where nothing is sure enough: then it does no job. */
  readonly kind: Kind | null;
  /** How sure the likeliest kind is, from 0 to 1. */
  readonly sure: number;
  /** The likeliest kind, sure or not. */
  readonly likeliest: Kind | null;
  /** What else it may be, the likeliest first, without the kind itself. */
  readonly others: readonly Kind[];
}

/** From here on a reading is acted on; where a wrong one could hurt, only from the second on (own). */
export const sureEnough = 0.6;
export const sureEnoughToTrust = 0.7;

/** Jobs that hurt where they are promised and not done. */
// prettier-ignore
export const graveJobs: readonly JobId[] = [
  'boil', 'treat-water', 'food', 'medicine', 'bleed-control', 'first-aid', 'call', 'cells', 'fuel', 'water',
];

/** As many others are offered. */
const mostOthers = 5;

interface Candidate {
  readonly kind: Kind;
  readonly sure: number;
  /** How much of what was said it accounts for, and how well. */
  readonly rank: number;
  /** No more was said than what several kinds are called. */
  readonly bare: string | null;
}

/**
 * What a text of words means: every kind that some of its words call is weighed, by where they stand (the last word that
 * names a thing is the thing), by what tells the kind from others, by what it can never be, and by the words that it leaves
 * unexplained.
 *
 * @param far how far the figures of the line are from a kind’s own, 0 for the same: it settles which of several kinds of one
 * name is meant. Null where they say nothing.
 */
export function meaningOf(text: string, far: (kind: Kind) => number | null = () => null): Meaning {
  const known = lexicon();
  const said = wordsIn(byItsName(text));
  const { words, typos } = spelled(said, known);
  const best = new Map<Kind, Candidate>();
  for (const { phrase, from, to } of calls(words.main, known)) {
    const candidate = weighed(phrase, from, to, words, typos, known);
    const before = best.get(phrase.kind);
    if (!before || candidate.rank > before.rank) best.set(phrase.kind, candidate);
  }
  const ranked = [...best.values()].sort((one, other) => other.rank - one.rank);
  const [first] = ranked;
  const settled = first ? settledAmong(ranked, far) : null;
  const isEnough = settled !== null && settled.sure >= needed(settled.kind);
  const kind = isEnough ? settled.kind : null;
  const likely = ranked.filter(({ sure }) => sure > 0.15).map((each) => each.kind);
  const offered = [
    ...(settled ? [settled.kind] : []),
    ...likely,
    ...kindsAbout([...words.main, ...words.beside], mostOthers + 1),
  ];
  return {
    kind,
    sure: settled ? Math.round(settled.sure * 100) / 100 : 0,
    likeliest: settled?.kind ?? null,
    others: [...new Set(offered)].filter((each) => each !== kind).slice(0, mostOthers),
  };
}

/** How sure a reading must be to be acted on. */
function needed(kind: Kind): number {
  return isGrave(kind) ? sureEnoughToTrust : sureEnough;
}

function isGrave({ supplies }: Kind): boolean {
  return supplies.some(({ job }) => graveJobs.includes(job));
}

/** The words with a letter mended where nothing knows them as they are. */
function spelled(
  said: Words,
  known: Lexicon,
): { readonly words: Words; readonly typos: ReadonlySet<string> } {
  const typos = new Set<string>();
  const put = (word: string): string => {
    // Words written as one are looked up as one, so they are no typos.
    if (!isStrange(word, known) || known.phrases.has(word)) return word;
    const right = mended(word, known);
    if (right === null) return word;
    typos.add(right);
    return right;
  };
  return { words: { main: said.main.map(put), beside: said.beside.map(put) }, typos };
}

interface Call {
  readonly phrase: Phrase;
  readonly from: number;
  readonly to: number;
}

/** Every stretch of words that a kind is called by. */
function calls(main: readonly string[], { phrases, longest }: Lexicon): readonly Call[] {
  const found: Call[] = [];
  for (let from = 0; from < main.length; from += 1) {
    for (let to = from + 1; to <= Math.min(main.length, from + longest + 1); to += 1) {
      for (const phrase of phrases.get(main.slice(from, to).join('')) ?? []) {
        found.push({ phrase, from, to });
      }
    }
  }
  return found;
}

function weighed(
  { kind, isName }: Phrase,
  from: number,
  to: number,
  { main, beside }: Words,
  typos: ReadonlySet<string>,
  known: Lexicon,
): Candidate {
  const traits = known.traits.get(kind.id)!;
  const forbidden = known.forbidden.get(kind.id)!;
  const called = main.slice(from, to);
  const isOfMany = called.length === 1 && manyThings.has(called[0]!);
  const own = new Set(traitsAmong([...main, ...beside], traits));
  let sure = 1;
  // A name of more words says more than a name and a trait.
  let covered = (to - from) * 1.1;
  let told = 0;
  let strangers = 0;
  for (const [at, word] of main.entries()) {
    if (at >= from && at < to) continue;
    if (own.has(word)) {
      covered += 1;
      told += 1;
      // `butane lighter` is rather a lighter than the butane for one.
      if (at >= to && known.phrases.has(word)) sure -= 0.15;
    } else sure -= blame(word, at >= to);
  }
  for (const word of beside) {
    if (own.has(word)) {
      covered += 0.5;
      told += 1;
    } else if (forbidden.has(word)) sure -= 1;
    else if (estranging.has(word)) sure -= 0.6;
  }
  if (hasForbidden([...main, ...beside], forbidden)) sure -= 1;
  const mustSay = known.onlyIf.get(kind.id)!;
  if (mustSay.size > 0 && traitsAmong([...main, ...beside], mustSay).length === 0) sure -= 0.8;
  if (typos.size > 0 && [...called, ...own].some((word) => typos.has(word))) {
    sure -= 0.3;
  }
  const joined = called.join('');
  const bare = told === 0 && bareWords.has(joined) ? joined : null;
  // What says too little is still what was said: it is ranked as such, and then not sure.
  const lack = bare === null ? 0 : bareWords.get(bare) === null ? 0.6 : 0.1;
  const isWhole = isName && bare === null && to - from === main.length;
  return {
    kind,
    // Of several kinds of one name the commonest is meant, and a little less surely.
    sure: Math.min(1, Math.max(0, sure - lack)),
    rank: covered + 2 * sure + (isWhole ? 1 : 0),
    bare,
  };

  /** What an unexplained word takes from how sure it is. */
  function blame(word: string, isAfter: boolean): number {
    if (forbidden.has(word)) return 1;
    if (/^[\d.]+$/.test(word) || word.length === 1) return 0;
    if (estranging.has(word)) return 1;
    if (materials.has(word)) return strangeStuff(word, kind);
    // `camera battery` and `battery camera`: what stands last is the thing.
    if (isAfter && belongings.has(word)) return 0.7;
    if (plainWords.has(word)) return 0;
    if (/\d/.test(word)) return 0.05;
    if (known.vocabulary.has(word) || belongings.has(word))
      return isAfter ? 0.6 : isOfMany ? 0.4 : 0.25;
    strangers += 1;
    if (isAfter) return 0.35;
    if (isOfMany) return 0.4;
    return strangers > 1 ? 0.1 : isGrave(kind) ? 0.2 : 0.12;
  }
}

/** The words that are among a kind’s traits, one by one or two that are one trait together. */
function traitsAmong(words: readonly string[], traits: ReadonlySet<string>): readonly string[] {
  return words.filter(
    (word, at) =>
      traits.has(word) ||
      traits.has(word + (words[at + 1] ?? '')) ||
      traits.has((words[at - 1] ?? '') + word),
  );
}

function hasForbidden(words: readonly string[], forbidden: ReadonlySet<string>): boolean {
  return words.some((word, at) => forbidden.has(word + (words[at + 1] ?? ' ')));
}

/** A plastic pot is no pot, a wooden spoon a spoon. */
function strangeStuff(word: string, kind: Kind): number {
  const stuff = materials.get(word)!;
  const own = stuffOf[kind.look.stuff];
  if (own === stuff) return 0;
  return isGrave(kind) || capacityOf(kind) > 0 ? 1 : 0.15;
}

const stuffOf: Readonly<Record<Kind['look']['stuff'], Material>> = {
  steel: 'metal',
  aluminium: 'metal',
  titanium: 'metal',
  brass: 'metal',
  wood: 'wood',
  cloth: 'cloth',
  wool: 'cloth',
  cotton: 'cloth',
  down: 'cloth',
  leather: 'cloth',
  ceramic: 'ceramic',
  rope: 'cloth',
  plastic: 'plastic',
  paper: 'paper',
  wax: 'plastic',
  glass: 'glass',
  rubber: 'rubber',
};

/** Figures tell kinds of one name apart where one is this much nearer than the next, as logarithms: by a tenth. */
const nearer = 0.1;

/** What near figures give back of what a bare word lacks. */
const byFigures = 0.35;

/** Figures alone settle what a word means that says too little where they are as near as this: within two thirds. */
const nearEnough = 0.5;

/**
 * The one among those that account for the words equally well: the one whose figures are nearest to the line’s, else the one
 * that the bare word means; where nothing settles it, none is sure.
 */
function settledAmong(ranked: readonly Candidate[], far: (kind: Kind) => number | null): Candidate {
  const [first] = ranked as [Candidate];
  const even = ranked.filter(({ rank }) => first.rank - rank < 0.01);
  if (even.length === 1) return byWhatIsIn(first, far);
  const bare = even.every((each) => each.bare === first.bare) ? first.bare : null;
  const meant =
    bare === null ? null : (even.find(({ kind }) => kind.id === bareWords.get(bare)) ?? null);
  const alike = meant ? even.filter(({ kind }) => jobsOf(kind) === jobsOf(meant.kind)) : even;
  const near = nearestOf(alike, far);
  if (near && (bare === null || meant)) return near.candidate;
  if (near && bare !== null && bareWords.get(bare) === null && near.distance < nearEnough) {
    return { ...near.candidate, sure: Math.min(0.75, near.candidate.sure + byFigures) };
  }
  if (meant) return meant;
  const isAlike = even.every(({ kind }) => jobsOf(kind) === jobsOf(first.kind));
  return { ...first, sure: Math.min(first.sure, isAlike && bare === null ? 0.75 : 0.5) };
}

/** A word that says too little is the one thing that it may be, where so much of it is said as that is sold in: *petrol 0.5 L*. */
function byWhatIsIn(candidate: Candidate, far: (kind: Kind) => number | null): Candidate {
  const { kind, bare, sure } = candidate;
  if (bare === null || bareWords.get(bare) !== null || kind.contents === null) return candidate;
  const distance = far(kind);
  return distance !== null && distance < severalTimes
    ? { ...candidate, sure: Math.min(0.75, sure + byFigures) }
    : candidate;
}

/** As a logarithm: up to four times as much, or as little. */
const severalTimes = 1.4;

/** The one whose figures are nearest, where it is so by far enough; null where none is. */
function nearestOf(
  among: readonly Candidate[],
  far: (kind: Kind) => number | null,
): { readonly candidate: Candidate; readonly distance: number } | null {
  const near = among
    .flatMap((candidate) => {
      const distance = far(candidate.kind);
      return distance === null ? [] : [{ candidate, distance }];
    })
    .sort((one, other) => one.distance - other.distance);
  const [nearest, next] = near;
  if (!nearest) return null;
  // A figure that only one of them has tells it from the others, where it is its own.
  if (near.length === 1 && among.length > 1) return nearest.distance < nearEnough ? nearest : null;
  return next === undefined || next.distance - nearest.distance > nearer ? nearest : null;
}

function jobsOf({ supplies }: Kind): string {
  return supplies
    .map(({ job }) => job)
    .sort()
    .join(' ');
}
