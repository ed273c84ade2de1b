import { jobIds, jobs, type JobId } from '../gear';

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
  /** So much of a job whose amounts add up, in its unit; what is improvised does not count. */
  | { readonly rule: 'amount'; readonly job: JobId; readonly least: number }
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
  'amount',
  'must have',
  'must not have',
  'second vessel',
  'without a holder',
] as const satisfies readonly BriefRule['rule'][];

/** Jobs whose amounts add up: of them a kit can have so much. */
export const addingUp: readonly JobId[] = jobIds.filter((job) => jobs[job].tally === 'sum');

/** A named set of rules that is handed on, and that several kits are held against. */
export interface Challenge {
  readonly id: string;
  readonly name: string;
  readonly note: string;
  readonly rules: readonly BriefRule[];
}
