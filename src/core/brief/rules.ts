import type { JobId } from '../gear';

/** A rule that a kit keeps or breaks at all times. Masses in g, lengths in mm, prices in minor units. */
export type BriefRule =
  | { readonly rule: 'most mass'; readonly massG: number }
  | { readonly rule: 'most share'; readonly share: number }
  | { readonly rule: 'most price'; readonly priceMinor: number }
  /** No holder on a ground is larger, whichever way it is turned. */
  | { readonly rule: 'outside'; readonly sidesMm: readonly [number, number, number] }
  | { readonly rule: 'girth'; readonly girthMm: number }
  | { readonly rule: 'lids close' }
  /** Every category of the scheme has something. */
  | { readonly rule: 'categories'; readonly scheme: string }
  | { readonly rule: 'ways'; readonly anyOf: readonly JobId[]; readonly ways: number }
  /** By its kind of the catalogue, or the words of its name. */
  | { readonly rule: 'must have'; readonly what: string }
  | { readonly rule: 'must not have'; readonly what: string }
  | { readonly rule: 'second vessel' }
  /** The job is still done when any one holder is gone with all in it. */
  | { readonly rule: 'without a holder'; readonly anyOf: readonly JobId[] };

export const ruleNames = [
  'most mass',
  'most share',
  'most price',
  'outside',
  'girth',
  'lids close',
  'categories',
  'ways',
  'must have',
  'must not have',
  'second vessel',
  'without a holder',
] as const satisfies readonly BriefRule['rule'][];

/** A named set of rules that is handed on, and that several kits are held against. */
export interface Challenge {
  readonly id: string;
  readonly name: string;
  readonly note: string;
  readonly rules: readonly BriefRule[];
}
