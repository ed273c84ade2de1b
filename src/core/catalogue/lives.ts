import { byName } from '../quantity';
import type { Gear, JobId } from '../gear';

/** How long something keeps once it was filled or opened, in days (own planning values, to the safe side; its label comes first). */
export interface Lives {
  readonly filledDays: number | null;
  readonly openedDays: number | null;
}

const untold: Lives = { filledDays: null, openedDays: null };

const halfAYear = 183;

function filled(filledDays: number): Lives {
  return { ...untold, filledDays };
}

function opened(openedDays: number): Lives {
  return { ...untold, openedDays };
}

const livesByKind = byName<Lives>({
  'water-can': filled(halfAYear),
  'folding-water-can': filled(halfAYear),
  'water-drum': filled(halfAYear),
  'drinking-water': opened(2),
  'small-water-pouch': opened(1),
  'bottled-water': opened(3),
  'fluid-lighter': filled(30),
  'petrol-bottle': filled(365),
  'trail-meal': opened(7),
  'wet-meal': opened(1),
  'tinned-food': opened(2),
  'tinned-fish': opened(1),
  'tinned-soup': opened(2),
  'ration-biscuit': opened(60),
  biscuits: opened(60),
  'dried-fruit': opened(60),
  'dry-sausage': opened(14),
  pasta: opened(halfAYear),
  butter: opened(14),
  'oat-bar': opened(14),
  chocolate: opened(60),
  nuts: opened(60),
  'dried-meat': opened(14),
  'hard-cheese': opened(14),
  'peanut-butter': opened(90),
  oats: opened(halfAYear),
  noodles: opened(halfAYear),
  oil: opened(halfAYear),
  'infant-milk': opened(28),
  'eye-wash': opened(1),
  'chlorine-tablets': opened(365),
  'dioxide-tablets': opened(90),
  'treatment-drops': opened(365),
  bleach: opened(halfAYear),
  antiseptic: opened(halfAYear),
  glue: opened(halfAYear),
  'instant-glue': opened(90),
  sunscreen: opened(365),
  'hand-gel': opened(halfAYear),
  'wet-wipes': opened(90),
  'char-cloth': opened(365),
});

/** How long a piece keeps once it was filled or opened, by its kind. */
export function livesOf({ kind }: Pick<Gear, 'kind'>): Lives {
  return (kind !== null && livesByKind.get(kind)) || untold;
}

/** What keeps shorter the warmer it lies. */
const wornByWarmth: readonly JobId[] = ['food', 'water', 'cells', 'tinder'];

/** What keeps to the date that is printed on it, whatever was done with it since. */
const printedAlone: readonly JobId[] = ['medicine', 'bleed-control', 'breathe'];

const printedKinds: readonly string[] = [
  'flare',
  'mini-flares',
  'smoke-signal',
  'road-flare',
  'breathing-mask',
  'chest-seal',
  'bear-spray',
];

/** By what a piece decays: by its printed date alone, faster in the warmth, or as its dates say. */
export function decayOf({
  kind,
  supplies,
}: Pick<Gear, 'kind' | 'supplies'>): 'printed' | 'warmth' | 'dates' {
  const does = (jobs: readonly JobId[]) => supplies.some(({ job }) => jobs.includes(job));
  if (does(printedAlone) || (kind !== null && printedKinds.includes(kind))) return 'printed';
  return does(wornByWarmth) ? 'warmth' : 'dates';
}
