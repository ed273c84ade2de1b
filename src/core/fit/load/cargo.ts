import type { Form, Mouth } from '../../gear';

export type BoxForm = Form & { readonly shape: 'box' };
export type CylinderForm = Form & { readonly shape: 'cylinder' };

/** Something soft; filled, with a block in it that does not bend: the sides of that, the shortest first, in mm. */
export type SoftForm = Form & { readonly shape: 'soft' } & { readonly coreMm?: Sides };

/** A form as it is packed. */
export type PackedForm = BoxForm | CylinderForm | SoftForm;

/** Lengths along x, y and z, in mm. Up is z; the low corner of a container's hull is [0, 0, 0]. */
export type Sides = readonly [number, number, number];

export type Axis = 'x' | 'y' | 'z';

export const axes: readonly Axis[] = ['x', 'y', 'z'];

/** A rigid room of a true shape, closed but for its opening: on top, in the middle. Lengths in mm. */
export type Container =
  | { readonly shape: 'box'; readonly sizeMm: Sides; readonly mouth: Mouth }
  | {
      readonly shape: 'cylinder';
      readonly diameterMm: number;
      readonly heightMm: number;
      readonly mouth: Mouth;
    };

/** One piece to load. */
export interface LoadItem {
  readonly id: string;
  readonly form: PackedForm;
  /** In grams; 0 where it does not matter. Heavy pieces go low, or near the back of a pack. */
  readonly massG?: number;
  /** Whether it is wanted first, and so goes near the mouth. */
  readonly isUrgent?: boolean;
  /** The empty room inside, open at its top as wide as it is, so that other pieces may go into it. */
  readonly hollow?: Container;
  /** What it cannot be less than, where that is less than its form: a filled holder could be filled another way. */
  readonly least?: PackedForm;
  /** Cord, tape or wire, which may be wound round something. */
  readonly isCord?: boolean;
}

export interface Load {
  readonly container: Container;
  readonly items: readonly LoadItem[];
  /** A pack: heavy pieces near its back, the side where y is 0, rather than low. */
  readonly isWorn?: boolean;
  /** Soft pieces may fill several gaps that touch, where no one gap is large enough. */
  readonly isSoftInParts?: boolean;
}

/** A piece in its place: where its hull's low corner is and how large its hull is, in mm. Soft ones as a block. */
export interface Solid {
  readonly atMm: Sides;
  readonly sizeMm: Sides;
  /** What a cylinder lies or stands along; null for a box. */
  readonly axis: Axis | null;
}

export interface Stowed extends Solid {
  readonly id: string;
  /** The piece that it goes in with: in its hollow, or wound round it. */
  readonly within?: { readonly host: string; readonly how: 'inside' | 'around' };
  /** Further blocks of a soft piece that fills several gaps; each touches another of its blocks. */
  readonly more?: readonly Solid[];
}

/** All blocks that a piece is in: most pieces are one. */
export function blocksOf(stowed: Stowed): readonly Solid[] {
  return stowed.more ? [stowed, ...stowed.more] : [stowed];
}

export function volumeMm3(container: Container): number {
  return container.shape === 'box'
    ? container.sizeMm[0] * container.sizeMm[1] * container.sizeMm[2]
    : (Math.PI / 4) * container.diameterMm ** 2 * container.heightMm;
}

/** The sides of the box round a container. */
export function hullOf(container: Container): Sides {
  return container.shape === 'box'
    ? container.sizeMm
    : [container.diameterMm, container.diameterMm, container.heightMm];
}
