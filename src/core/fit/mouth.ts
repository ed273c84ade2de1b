import { printLength, printSize, type UnitSystem } from '../quantity';
import type { Cavity, Form } from '../gear';

/** A cavity's walls and the mouth in them. */
export type Opening = Pick<Cavity, 'inside' | 'mouth'>;

/** What a piece needs of an opening, and what the opening gives: one diameter, or two sides. In mm. */
export interface TooWide {
  readonly needsMm: readonly number[];
  readonly mouthMm: readonly number[];
}

/** Below this a length is not told from none, in mm. */
const hair = 1e-6;

/**
 * What keeps a form from passing the mouth of a cavity; null where it passes, however it is turned.
 *
 * A box passes with its smallest section, a cylinder end on or, through a slot, on edge too; something soft is
 * fed in along its thinnest side. Soft walls open as wide as they are, so they stop nothing here.
 */
export function tooWideFor(form: Form, cavity: Opening): TooWide | null {
  const opening = openingOf(cavity);
  if (opening === null) return null;
  const [widest = 0, narrowest = widest] = [...opening].sort((a, b) => b - a);
  const isRound = opening.length === 1;
  const needsMm = isRound ? [diameterNeeded(form)] : sidesNeeded(form, widest, narrowest);
  const passes = isRound
    ? needsMm[0]! <= widest + hair
    : rectanglePasses(needsMm[0]!, needsMm[1]!, widest, narrowest);
  return passes ? null : { needsMm, mouthMm: opening };
}

/** An opening for reading: `⌀44 mm`, `100 × 30 mm`. */
export function openingInWords(sidesMm: readonly number[], units: UnitSystem): string {
  return sidesMm.length === 1 ? `⌀${printLength(sidesMm[0]!, units)}` : printSize(sidesMm, units);
}

function openingOf({ mouth, inside }: Opening): readonly number[] | null {
  switch (mouth.shape) {
    case 'round':
      return [mouth.diameterMm];
    case 'slot':
      return [mouth.lengthMm, mouth.widthMm];
    case 'section':
      if (inside.shape === 'cylinder') return [inside.diameterMm];
      return inside.shape === 'box' ? [inside.lengthMm, inside.widthMm] : null;
  }
}

/** The least circle that a form passes: round the smallest section of a box. */
function diameterNeeded(form: Form): number {
  switch (form.shape) {
    case 'box': {
      const [smallest, middle] = sidesOf(form);
      return Math.hypot(smallest!, middle!);
    }
    case 'cylinder':
      return form.diameterMm;
    case 'soft':
      return form.thinnestMm;
  }
}

/** The longer and the shorter side of the section that goes first. */
function sidesNeeded(form: Form, widest: number, narrowest: number): readonly [number, number] {
  switch (form.shape) {
    case 'box': {
      const [smallest, middle] = sidesOf(form);
      return [middle!, smallest!];
    }
    case 'cylinder': {
      const { diameterMm, heightMm } = form;
      const onEdge = heightMm <= narrowest + hair && diameterMm <= widest + hair;
      return [diameterMm, onEdge ? heightMm : diameterMm];
    }
    case 'soft':
      return [form.thinnestMm, form.thinnestMm];
  }
}

/**
 * Whether a rectangle of `long` by `short` goes into one of `widest` by `narrowest`, turned if need be
 * (J. E. Carver, 1957, Amer. Math. Monthly 64, 114–116).
 */
function rectanglePasses(long: number, short: number, widest: number, narrowest: number): boolean {
  if (short > narrowest + hair) return false;
  if (long <= widest + hair) return true;
  const diagonalSquared = long ** 2 + short ** 2;
  const turned =
    (2 * long * short * widest +
      (long ** 2 - short ** 2) * Math.sqrt(Math.max(0, diagonalSquared - widest ** 2))) /
    diagonalSquared;
  return turned <= narrowest + hair;
}

function sidesOf(form: Form & { readonly shape: 'box' }): readonly number[] {
  return [form.lengthMm, form.widthMm, form.heightMm].sort((a, b) => a - b);
}
