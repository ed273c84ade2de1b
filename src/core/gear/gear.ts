import type { Cavity } from './cavity';
import type { Check } from './check';
import type { Contents } from './contents';
import type { Form } from './form';
import type { Keeping } from './keeping';
import type { Look } from './look';
import type { Lot } from './lot';
import type { Supply } from './supply';

/** How far a figure can be relied on: put on a scale, stated by the person, or typical of the kind. */
export const trusts = ['weighed', 'stated', 'typical'] as const;
export type Trust = (typeof trusts)[number];

/** A price was paid or asked, or it is typical of the kind. */
export const priceTrusts = ['stated', 'typical'] as const;
export type PriceTrust = (typeof priceTrusts)[number];

/** How the person comes by it. Wished gear is not there yet. */
export const ownerships = ['owned', 'wished', 'home-made', 'scavenged', 'retired'] as const;
export type Ownership = (typeof ownerships)[number];

/** Which kits it is for: those used most, or the ones that they hand down to. */
export const tiers = ['main', 'backup'] as const;
export type Tier = (typeof tiers)[number];

/** So many of a gear that were taken out of a kit, and the cavity or ground they were in. */
export interface Taken {
  readonly kit: string;
  readonly count: number;
  /** The placement that it was in, null for a ground; and the cavity there, or the ground. */
  readonly in: string | null;
  readonly at: string;
}

/** One line on the shelf: a thing, or a supply counted in its own unit. All figures are for one of it. */
export interface Gear extends Keeping {
  readonly id: string;
  readonly name: string;
  /** The catalogue kind it started from; null where it is like none. */
  readonly kind: string | null;
  /** How many of it there are, over all kits. */
  readonly count: number;
  readonly ownership: Ownership;
  readonly tier: Tier;
  /** Who has borrowed it; null while it is at home. */
  readonly lentTo: string | null;
  /** Whose it is, where it is borrowed; null where it is one’s own. */
  readonly borrowedFrom: string | null;
  /** The kit that it was taken from for another one, and is to go back to; null where it was not. */
  readonly takenFrom: Taken | null;
  /** Since when it is lent, borrowed or taken, and by when it goes back, as YYYY-MM-DD; null where nobody said. */
  readonly awaySince: string | null;
  readonly backBy: string | null;
  /** It is meant to go from kit to kit, so that it may be placed more often than it is there. */
  readonly isShared: boolean;
  /** Of a full one where it has contents. Null while nobody knows. */
  readonly massG: number | null;
  readonly massTrust: Trust;
  /** Null while nobody knows. */
  readonly form: Form | null;
  readonly formTrust: Trust;
  readonly priceMinor: number | null;
  readonly priceTrust: PriceTrust;
  /** What of it is used up bit by bit; null where nothing is. */
  readonly contents: Contents | null;
  /** The day after which it is not relied on, as YYYY-MM-DD: of all of it, where no lots say more. */
  readonly goodUntil: string | null;
  /** What is known of so many of it; together they are its count. Empty while its owner does not care. */
  readonly lots: readonly Lot[];
  /** The most that it bears when something hangs on it, in newtons; null where that is no use of it, or nobody knows. */
  readonly bearsN: number | null;
  /** The most that it is made to carry over all its cavities, in g; null where nobody says. */
  readonly mostLoadG: number | null;
  /** How it was made ready and tried, the latest last. */
  readonly checks: readonly Check[];
  readonly cavities: readonly Cavity[];
  readonly supplies: readonly Supply[];
  readonly look: Look;
  /** The id of a picture that is kept in this browser; null where there is none. */
  readonly photo: string | null;
  readonly note: string;
}

/** Gear that can hold other gear. */
export function isHolder(gear: Gear): boolean {
  return gear.cavities.length > 0;
}

export function cavityOf(gear: Gear, cavityId: string): Cavity | undefined {
  return gear.cavities.find((cavity) => cavity.id === cavityId);
}

/** Whether it is in the person’s hands now: not a wish, not retired, not lent. */
export function isAtHand({ ownership, lentTo }: Gear): boolean {
  return ownership !== 'wished' && ownership !== 'retired' && lentTo === null;
}
