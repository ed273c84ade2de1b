import type { Reading } from './scale';

/** The most that it bears, in g; beyond it says overload. */
export const mostOnScaleG = 5000;

/** How fast the pan follows what is laid on it, in ms. */
const followMs = 160;
const swingMs = 260;
const swingDiesMs = 300;

/** The widest swing, in g. */
const mostSwingG = 60;

/** How far the zero creeps in a minute, in g, as that of a cheap load cell that warms up. */
const creepG = 0.25;

/**
 * A kitchen scale that is not there: it swings and settles, its zero creeps, it is tared, it is overloaded, and
 * it can be unplugged. Time is given to it, so that a test can run it as fast as it likes.
 */
export class SimulatedScale {
  private atMs = 0;
  private loadG = 0;
  private shownG = 0;
  private zeroG = 0;
  private creptG = 0;
  private changedAtMs = 0;
  private swingG = 0;
  private random: number;
  isPlugged = true;

  constructor(seed: number) {
    this.random = (seed >>> 0) + 1;
  }

  /** Puts so much on the pan in place of what is there, in g. */
  lay(massG: number): void {
    this.swingG = Math.max(-mostSwingG, Math.min(mostSwingG, (massG - this.loadG) * 0.06));
    this.loadG = massG;
    this.changedAtMs = this.atMs;
  }

  tare(): void {
    this.zeroG = this.loadG + this.creptG;
  }

  /** Lets `ms` go by, and reads the display then: to 0.1 g up to 500 g, to 1 g beyond. */
  after(ms: number): Reading {
    this.atMs += ms;
    this.shownG += (this.loadG - this.shownG) * (1 - Math.exp(-ms / followMs));
    this.creptG += ((creepG * ms) / 60_000) * (0.5 + this.nextRandom());
    if (this.loadG > mostOnScaleG) return { atMs: this.atMs, massG: null };
    const since = this.atMs - this.changedAtMs;
    const swing =
      this.swingG * Math.exp(-since / swingDiesMs) * Math.sin((2 * Math.PI * since) / swingMs);
    const noise = (this.nextRandom() - 0.5) * 0.08;
    const massG = this.shownG + swing + noise + this.creptG - this.zeroG;
    const step = Math.abs(massG) < 500 ? 0.1 : 1;
    const displayed = Math.round(massG / step) * step;
    return { atMs: this.atMs, massG: Number(displayed.toFixed(1)) + 0 };
  }

  /** Marsaglia’s xorshift, 2003: the same seed gives the same scale. From 0 to 1. */
  private nextRandom(): number {
    this.random ^= this.random << 13;
    this.random ^= this.random >>> 17;
    this.random ^= this.random << 5;
    return (this.random >>> 0) / 2 ** 32;
  }
}
