import { printSize, printVolume, type UnitSystem } from '../quantity';

/** The shape a piece takes when packed. Rigid forms may turn unless they stay upright. */
export type Form =
  | {
      readonly shape: 'box';
      readonly lengthMm: number;
      readonly widthMm: number;
      readonly heightMm: number;
      readonly upright: boolean;
    }
  | {
      readonly shape: 'cylinder';
      readonly diameterMm: number;
      readonly heightMm: number;
      readonly upright: boolean;
    }
  | {
      readonly shape: 'soft';
      /** Volume as it lies, and as small as it can be pressed by hand. */
      readonly looseMl: number;
      readonly tightMl: number;
      readonly thinnestMm: number;
      /** The longest part that does not bend; 0 where all of it does. */
      readonly longestRigidMm: number;
    };

/** A rigid box that may lie on any side; sides in mm. */
export function box(
  lengthMm: number,
  widthMm: number,
  heightMm: number,
): Form & { readonly shape: 'box' } {
  return { shape: 'box', lengthMm, widthMm, heightMm, upright: false };
}

/** A rigid cylinder that may lie on its side; in mm. */
export function cylinder(
  diameterMm: number,
  heightMm: number,
): Form & { readonly shape: 'cylinder' } {
  return { shape: 'cylinder', diameterMm, heightMm, upright: false };
}

/** The least and the most room that something takes, in millilitres. */
export interface Bulk {
  readonly tightMl: number;
  readonly looseMl: number;
}

/** The room a form takes by itself: the same tight and loose for rigid ones. */
export function bulkOf(form: Form): Bulk {
  switch (form.shape) {
    case 'box':
      return rigid((form.lengthMm * form.widthMm * form.heightMm) / 1000);
    case 'cylinder':
      return rigid(((Math.PI / 4) * form.diameterMm ** 2 * form.heightMm) / 1000);
    case 'soft':
      return { tightMl: form.tightMl, looseMl: form.looseMl };
  }
}

function rigid(volumeMl: number): Bulk {
  return { tightMl: volumeMl, looseMl: volumeMl };
}

/** The longest side that cannot bend, in millimetres. */
export function longestRigidMm(form: Form): number {
  switch (form.shape) {
    case 'box':
      return Math.max(form.lengthMm, form.widthMm, form.heightMm);
    case 'cylinder':
      return Math.max(form.diameterMm, form.heightMm);
    case 'soft':
      return form.longestRigidMm;
  }
}

/** A form in words: `⌀78 × 230 mm`, `90 × 60 × 38 mm`, `soft, 2–3.4 L`. */
export function printForm(form: Form, units: UnitSystem): string {
  switch (form.shape) {
    case 'box':
      return printSize([form.lengthMm, form.widthMm, form.heightMm], units);
    case 'cylinder':
      return `⌀${printSize([form.diameterMm, form.heightMm], units)}`;
    case 'soft':
      return form.tightMl === form.looseMl
        ? `soft, ${printVolume(form.looseMl, units)}`
        : `soft, ${printVolume(form.tightMl, units)} to ${printVolume(form.looseMl, units)}`;
  }
}
