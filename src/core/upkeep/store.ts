import { climateHeard, type Brief, type Store } from '../brief';

/** How warm it is where something lies, over the year. */
export interface Warmth {
  readonly in: Store;
  /** What its things live through, January to December, in °C. */
  readonly monthsC: readonly number[];
  /** It gets so hot that what lies in it is looked after twice as often. */
  readonly isHot: boolean;
  /** Nobody said where in the world it stands: a temperate country is taken. */
  readonly isAssumed: boolean;
}

/** What a house is kept at, in °C: lives are rated for it. */
export const houseC = 21;

/** A store is hot where its warmest month is above this, in °C (own planning value). */
const hotC = 30;

/** How much warmer a vehicle is than the mean daily high, in °C, from April to September and else (own). */
export const vehicleSummerC = 15;
const vehicleWinterC = 5;

/** Mean daily highs of a temperate country, where no place is told: January to December, in °C. */
const temperateC = [4, 6, 11, 16, 20, 24, 26, 26, 21, 15, 9, 5];

const house: Warmth = {
  in: 'house',
  monthsC: Array.from({ length: 12 }, () => houseC),
  isHot: false,
  isAssumed: false,
};

/** As warm as each store under a brief is, so that it is worked out once. */
const known = new WeakMap<Brief, Map<Store, Warmth>>();
const placeless = new Map<Store, Warmth>();

/** How warm a store is where a brief says that the kit belongs; a house is a house everywhere. */
export function warmthOf(store: Store, brief: Brief | null): Warmth {
  if (store === 'house') return house;
  const heard = brief === null ? null : climateHeard(brief);
  const found = brief && heard ? (known.get(brief) ?? new Map<Store, Warmth>()) : placeless;
  if (brief && heard) known.set(brief, found);
  const before = found.get(store);
  if (before) return before;
  const highs = heard?.months.map(({ highC }) => highC) ?? temperateC;
  const isSouth = heard !== null && heard.latitude < 0;
  const monthsC = highs.map((highC, at) => {
    if (store === 'shed') return highC;
    const isSummer = (at >= 3 && at <= 8) !== isSouth;
    return highC + (isSummer ? vehicleSummerC : vehicleWinterC);
  });
  const warmth = { in: store, monthsC, isHot: Math.max(...monthsC) > hotC, isAssumed: !heard };
  found.set(store, warmth);
  return warmth;
}

/** The words that tell a store, where its owner wrote one down for a lot. */
const wordsOf: readonly (readonly [Store, RegExp])[] = [
  ['vehicle', /\b(?:vehicle|car|van|boot|trunk|truck|lorry|camper|glove ?box)\b/i],
  ['shed', /\b(?:shed|garage|barn|boathouse|attic|loft|hut|greenhouse|container|boat)\b/i],
];

/** What kind of store its owner’s words tell of; a house where they tell of none. */
export function storeNamed(words: string): Store {
  return wordsOf.find(([, pattern]) => pattern.test(words))?.[0] ?? 'house';
}
