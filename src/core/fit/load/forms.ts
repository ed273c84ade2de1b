import { axes, type Axis, type PackedForm, type Sides, type SoftForm } from './cargo';
import { turns, uprightTurns } from './turns';

/** One way that a rigid form can stand: the hull's sides along x, y and z, and a cylinder's axis. */
export interface Stance {
  readonly sizeMm: Sides;
  readonly axis: Axis | null;
}

/** Every way that a rigid form may stand by right angles, each once; none for a soft one. */
export function stancesOf(form: PackedForm): readonly Stance[] {
  switch (form.shape) {
    case 'box': {
      const own = [form.lengthMm, form.widthMm, form.heightMm] as const;
      const allowed = form.upright ? turns.slice(0, uprightTurns) : turns;
      const seen = new Set<string>();
      return allowed.flatMap(([a, b, c]) => {
        const sizeMm: Sides = [own[a], own[b], own[c]];
        const key = sizeMm.join(' ');
        if (seen.has(key)) return [];
        seen.add(key);
        return [{ sizeMm, axis: null }];
      });
    }
    case 'cylinder': {
      const { diameterMm: d, heightMm: h } = form;
      const along = (form.upright ? (['z'] as const) : axes).map((axis) => ({
        sizeMm: axes.map((each) => (each === axis ? h : d)) as unknown as Sides,
        axis,
      }));
      return along;
    }
    case 'soft':
      return [];
  }
}

/** The sides of what does not bend in a form, the shortest first: a rigid form's hull, a soft one's core. */
export function sidesInOrder(form: PackedForm): Sides {
  switch (form.shape) {
    case 'box':
      return ascending([form.lengthMm, form.widthMm, form.heightMm]);
    case 'cylinder':
      return ascending([form.diameterMm, form.diameterMm, form.heightMm]);
    case 'soft':
      return form.coreMm ?? ascending([form.thinnestMm, form.thinnestMm, form.longestRigidMm]);
  }
}

/** Sides, the shortest first. */
export function ascending(sides: readonly number[]): Sides {
  return [...sides].sort((a, b) => a - b) as unknown as Sides;
}

/** Whether a soft piece can make a block of these sides: nowhere too thin, and as long as its stiff parts and core ask. */
export function canBeBlock(
  size: readonly number[],
  { thinnestMm, longestRigidMm, coreMm }: SoftForm,
  slack: number,
): boolean {
  if (Math.min(...size) < thinnestMm - slack) return false;
  if (Math.hypot(...size) < longestRigidMm - slack) return false;
  return !coreMm || ascending(size).every((side, at) => side >= coreMm[at]! - slack);
}

/** The least room that a form takes, in mm³. */
export function leastVolumeMm3(form: PackedForm): number {
  switch (form.shape) {
    case 'box':
      return form.lengthMm * form.widthMm * form.heightMm;
    case 'cylinder':
      return (Math.PI / 4) * form.diameterMm ** 2 * form.heightMm;
    case 'soft':
      return form.tightMl * 1000;
  }
}
