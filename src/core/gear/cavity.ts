import { printSize, printVolume, type UnitSystem } from '../quantity';

/** Where a cavity is, in the order in which a hand comes to it. */
export const reaches = ['on body', 'at hand', 'outside pocket', 'top', 'main', 'bottom'] as const;
export type Reach = (typeof reaches)[number];

/** The space inside: rigid walls of a true shape, or soft walls of a volume and a longest side. */
export type Inside =
  | {
      readonly shape: 'box';
      readonly lengthMm: number;
      readonly widthMm: number;
      readonly heightMm: number;
    }
  | { readonly shape: 'cylinder'; readonly diameterMm: number; readonly heightMm: number }
  | {
      readonly shape: 'soft';
      readonly volumeMl: number;
      readonly longestMm: number;
      /** How far the walls give beyond the volume, as a share of it: 0.1 is a tenth more. */
      readonly bulgeShare: number;
    };

/** The opening: as wide as the section, or narrower. */
export type Mouth =
  | { readonly shape: 'section' }
  | { readonly shape: 'round'; readonly diameterMm: number }
  | { readonly shape: 'slot'; readonly lengthMm: number; readonly widthMm: number };

/** What is opened to get into a space, as it slows the hand: a screw cap more than a zip, tape more than either. */
export const closures = ['none', 'flap', 'zip', 'buckle', 'roll', 'screw', 'tape', 'once'] as const;
export type Closure = (typeof closures)[number];

/** A space of a piece of gear that holds other gear. */
export interface Cavity {
  readonly id: string;
  readonly name: string;
  readonly inside: Inside;
  readonly mouth: Mouth;
  /** The most it may carry, in grams; null where nothing is stated. */
  readonly mostMassG: number | null;
  readonly waterproof: boolean;
  /** Null where nobody says. */
  readonly closure: Closure | null;
  readonly reach: Reach;
}

/** Whether water stays out of it. What is always open keeps nothing dry; a closed one of which nobody says how is closed. */
export function keepsWaterOut({ waterproof, closure }: Cavity): boolean {
  return waterproof && closure !== 'none';
}

/** The room inside in millilitres, bulge included. */
export function roomMl(inside: Inside): number {
  switch (inside.shape) {
    case 'box':
      return (inside.lengthMm * inside.widthMm * inside.heightMm) / 1000;
    case 'cylinder':
      return ((Math.PI / 4) * inside.diameterMm ** 2 * inside.heightMm) / 1000;
    case 'soft':
      return inside.volumeMl * (1 + inside.bulgeShare);
  }
}

/** The longest straight line inside, in millimetres: the diagonal of a rigid space. */
export function longestInsideMm(inside: Inside): number {
  switch (inside.shape) {
    case 'box':
      return Math.hypot(inside.lengthMm, inside.widthMm, inside.heightMm);
    case 'cylinder':
      return Math.hypot(inside.diameterMm, inside.heightMm);
    case 'soft':
      return inside.longestMm;
  }
}

/** A space in words: `⌀70 × 220 mm, 850 mL`, `22 L`. */
export function printInside(inside: Inside, units: UnitSystem): string {
  switch (inside.shape) {
    case 'box':
      return `${printSize([inside.lengthMm, inside.widthMm, inside.heightMm], units)}, ${printVolume(roomMl(inside), units)}`;
    case 'cylinder':
      return `⌀${printSize([inside.diameterMm, inside.heightMm], units)}, ${printVolume(roomMl(inside), units)}`;
    case 'soft':
      return printVolume(inside.volumeMl, units);
  }
}
