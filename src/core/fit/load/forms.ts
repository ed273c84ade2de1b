import type { Form } from '../../gear';
import { axes, type Axis, type Sides } from './cargo';
import { turns, uprightTurns } from './turns';

/** One way that a rigid form can stand: the hull's sides along x, y and z, and a cylinder's axis. */
export interface Stance {
  readonly sizeMm: Sides;
  readonly axis: Axis | null;
}

/** Every way that a rigid form may stand by right angles, each once; none for a soft one. */
export function stancesOf(form: Form): readonly Stance[] {
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

/** The sides of a rigid form's hull, the shortest first. */
export function sidesInOrder(form: Form): Sides {
  const sides =
    form.shape === 'box'
      ? [form.lengthMm, form.widthMm, form.heightMm]
      : form.shape === 'cylinder'
        ? [form.diameterMm, form.diameterMm, form.heightMm]
        : [form.thinnestMm, form.thinnestMm, form.longestRigidMm];
  return sides.sort((a, b) => a - b) as unknown as Sides;
}

/** The least room that a form takes, in mm³. */
export function leastVolumeMm3(form: Form): number {
  switch (form.shape) {
    case 'box':
      return form.lengthMm * form.widthMm * form.heightMm;
    case 'cylinder':
      return (Math.PI / 4) * form.diameterMm ** 2 * form.heightMm;
    case 'soft':
      return form.tightMl * 1000;
  }
}
