import type { Reading } from './scale';

/** For so long the readings must agree, in ms. */
const steadyMs = 700;

/** And there must be so many of them. */
const leastReadings = 5;

/** How far readings may lie apart and still agree, in g: just over a step of the display, or a thousandth. */
function toleranceG(massG: number): number {
  const stepG = massG < 400 ? 0.1 : 1;
  return Math.max(stepG * 1.1 + 0.15, massG / 1000);
}

/** What is known of the mass on a scale from its last readings. */
export type Settling =
  | { readonly state: 'nothing' }
  | { readonly state: 'moving'; readonly massG: number }
  | { readonly state: 'steady'; readonly massG: number }
  | { readonly state: 'overload' };

/**
 * Watches readings until they agree. The steady value is their middle one, so that a single knock does not
 * shift it. What was steady stays so while readings stay near it, also where some are late: a gap in the line is no
 * hand on the scale. Below `nothingG` the scale counts as empty.
 */
export class Settler {
  private recent: readonly (Reading & { readonly massG: number })[] = [];
  /** The steady value that readings stay near, in g; null while there is none. */
  private heldG: number | null = null;

  constructor(private readonly nothingG = 0.3) {}

  add(reading: Reading): Settling {
    const { massG, atMs } = reading;
    if (massG === null) {
      this.restart();
      return { state: 'overload' };
    }
    const kept = this.recent.filter((other) => atMs - other.atMs <= steadyMs * 1.5);
    this.recent = [...kept, { atMs, massG }];
    const masses = this.recent.map((other) => other.massG).sort((one, other) => one - other);
    const spread = masses.at(-1)! - masses[0]!;
    const middle = masses[Math.floor(masses.length / 2)]!;
    const isLongEnough = atMs - this.recent[0]!.atMs >= steadyMs && masses.length >= leastReadings;
    if (isLongEnough && spread <= toleranceG(Math.abs(middle))) this.heldG = middle;
    else if (!this.isNearHeld(massG)) this.heldG = null;
    if (this.heldG === null) return { state: 'moving', massG };
    return Math.abs(this.heldG) < this.nothingG
      ? { state: 'nothing' }
      : { state: 'steady', massG: this.heldG };
  }

  private isNearHeld(massG: number): boolean {
    return this.heldG !== null && Math.abs(massG - this.heldG) <= toleranceG(Math.abs(this.heldG));
  }

  /** Forgets what was on it, so that the next steady value is a new one. */
  restart(): void {
    this.recent = [];
    this.heldG = null;
  }
}
