import { igniteJobs, type Gear, type JobId } from '../gear';

/** Drawn so, something gives off what spoils food (own): spray, lotion, liquid. A net that keeps insects off does not. */
const givesOff: readonly string[] = ['spray', 'tube', 'canister', 'bottle', 'tablets'];

/** Whether a piece spoils what is eaten, drunk or lies against the skin beside it: fuels and repellents (own). */
function spoilsFood({ supplies, look }: Gear): boolean {
  return supplies.some(
    ({ job, fitness }) =>
      fitness !== 'improvised' &&
      (job === 'fuel' ||
        ((job === 'insect-guard' || job === 'animal-guard') && givesOff.includes(look.silhouette))),
  );
}

function serves({ supplies }: Gear, job: JobId): boolean {
  return supplies.some((supply) => supply.job === job && supply.fitness !== 'improvised');
}

/** Gas behind a valve leaves nothing on a pot, and spoils nothing that is wrapped. */
function isGasAlone({ supplies }: Gear): boolean {
  return supplies.every(({ job, sort }) => job !== 'fuel' || sort === 'gas');
}

/** Whether the one gives off what spoils the other, which is eaten, drunk or drunk from. */
export function spoilsAsFood(one: Gear, other: Gear): boolean {
  if (!spoilsFood(one)) return false;
  if (serves(one, 'fuel') && isGasAlone(one)) return false;
  return serves(other, 'food') || serves(other, 'treat-water');
}

/** A drop of less than this is wiped off, in mL (own). */
const leastThatRuinsMl = 75;

/** Soft and pressed liquids that get out: tubes, sprays, pouches and bottles of them, but for what is eaten or drunk, which is closed well. */
function bursts({ contents, look, supplies }: Gear): boolean {
  return (
    !supplies.some(({ job }) => job === 'food' || job === 'water') &&
    contents !== null &&
    contents.unit === 'mL' &&
    contents.full >= leastThatRuinsMl &&
    ['tube', 'spray', 'food-pouch', 'bottle'].includes(look.silhouette)
  );
}

function isRuinedByLiquid({ supplies, look, contents }: Gear): boolean {
  // Food is wrapped; what spoils it is asked for itself.
  if (contents?.unit === 'mL' || supplies.some(({ job }) => job === 'food')) return false;
  return (
    look.stuff === 'paper' ||
    supplies.some(
      ({ job, fitness, facts }) =>
        fitness !== 'improvised' &&
        (['tinder', 'map', 'papers', 'call', 'position'].includes(job) ||
          (job === 'light' && facts?.of === 'light')),
    )
  );
}

/** Whether the one can burst over the other, which that would ruin. */
export function burstsOver(one: Gear, other: Gear): boolean {
  return bursts(one) && isRuinedByLiquid(other);
}

/** Loose metal that closes the circuit of a bare cell (own). */
const shorting: readonly string[] = [
  'steel-wool',
  'coins',
  'spare-keys',
  'safety-pins',
  'mixed-hardware',
  'wire',
  'snare-wire',
  'foil',
  'needle-case',
  'scalpel-blades',
  'carabiner',
];

/** Whether the other is loose metal beside the bare cells that the one is. */
export function isShortedBy(one: Gear, other: Gear): boolean {
  return (
    one.supplies.some(({ job }) => job === 'cells') &&
    other.kind !== null &&
    shorting.includes(other.kind)
  );
}

/** Whether one of two pieces may harm the other where they lie side by side: bursts over it, or shorts it. */
export function harms(one: Gear, other: Gear): boolean {
  return (
    burstsOver(one, other) ||
    burstsOver(other, one) ||
    isShortedBy(one, other) ||
    isShortedBy(other, one)
  );
}

/** Whether two pieces are never put side by side, as the one spoils the other. */
export function areApart(one: Gear, other: Gear): boolean {
  return spoilsAsFood(one, other) || spoilsAsFood(other, one);
}

/**
 * Jobs for which a second piece is a spare of the first, so that they are not to be lost together. What adds up (water,
 * food, cord) or is one’s own (clothing) is no spare (own).
 */
const sparedJobs: readonly (readonly JobId[])[] = [
  igniteJobs,
  ['cut'],
  ['treat-water'],
  ['light'],
  ['bearing'],
  ['signal-sound'],
  ['signal-day', 'signal-night'],
];

/** Whether each of two pieces is made for what the other is made for too, so that the one backs up the other. */
export function backsUp(one: Gear, other: Gear): boolean {
  return sparedJobs.some((anyOf) => isMadeFor(one, anyOf) && isMadeFor(other, anyOf));
}

function isMadeFor({ supplies }: Gear, anyOf: readonly JobId[]): boolean {
  return supplies.some(({ job, fitness }) => fitness === 'made-for' && anyOf.includes(job));
}

/** Jobs that are not done any more by what is soaked, though nothing says so of the piece itself (own). */
const driedOut: readonly JobId[] = ['insulate', 'sleep', 'cells'];

/** Whether a piece is no use while it is wet. What only rusts in time is not meant: that is for the store to say. */
export function isHurtByWet({ failsIn, supplies }: Gear): boolean {
  if (failsIn.includes('wet')) return true;
  return supplies.some(({ job, fitness }) => fitness === 'made-for' && driedOut.includes(job));
}
