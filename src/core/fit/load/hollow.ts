import type { Form } from '../../gear';
import { hullOf, type Container, type LoadItem, type Sides } from './cargo';
import { stancesOf } from './forms';

/** The sides of a rigid form that stands as it was measured, in mm. */
export function standingSides(form: Form): Sides {
  return stancesOf({ ...form, upright: true } as Form)[0]!.sizeMm;
}

/** Where a hollow begins within its piece as that stands, in mm: in the middle, open at the top. */
export function hollowAt({ form, hollow }: LoadItem): Sides {
  const outside = standingSides(form);
  const inside = hullOf(hollow!);
  return [
    (outside[0] - inside[0]) / 2,
    (outside[1] - inside[1]) / 2,
    Math.max(0, outside[2] - inside[2]),
  ];
}

/** A hollow without an end at its top: what is slipped into it may stand out. */
export function openEnded(hollow: Container): Container {
  const far = 1e6;
  return hollow.shape === 'box'
    ? { ...hollow, sizeMm: [hollow.sizeMm[0], hollow.sizeMm[1], far] }
    : { ...hollow, heightMm: far };
}
