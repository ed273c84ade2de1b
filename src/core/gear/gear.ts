import type { Cavity } from './cavity';
import type { Form } from './form';
import type { Look } from './look';
import type { Supply } from './supply';

/** How far a figure can be relied on: put on a scale, stated by the person, or typical of the kind. */
export const trusts = ['weighed', 'stated', 'typical'] as const;
export type Trust = (typeof trusts)[number];

/** How the person comes by it. Wished gear is not there yet. */
export const ownerships = ['owned', 'wished', 'home-made', 'scavenged', 'retired'] as const;
export type Ownership = (typeof ownerships)[number];

/** One line on the shelf: a thing, or a supply counted in its own unit. All figures are for one of it. */
export interface Gear {
  readonly id: string;
  readonly name: string;
  /** The catalogue kind it started from; null where it is like none. */
  readonly kind: string | null;
  /** How many of it there are, over all kits. */
  readonly count: number;
  readonly ownership: Ownership;
  /** Null while nobody knows. */
  readonly massG: number | null;
  readonly massTrust: Trust;
  /** Null while nobody knows. */
  readonly form: Form | null;
  readonly formTrust: Trust;
  readonly priceMinor: number | null;
  /** The day after which it is not relied on, as YYYY-MM-DD. */
  readonly goodUntil: string | null;
  readonly cavities: readonly Cavity[];
  readonly supplies: readonly Supply[];
  readonly look: Look;
  readonly note: string;
}

/** Gear that can hold other gear. */
export function isHolder(gear: Gear): boolean {
  return gear.cavities.length > 0;
}

export function cavityOf(gear: Gear, cavityId: string): Cavity | undefined {
  return gear.cavities.find((cavity) => cavity.id === cavityId);
}
