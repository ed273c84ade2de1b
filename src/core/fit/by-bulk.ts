import { bulkOf, longestInsideMm, longestRigidMm, roomMl, type Cavity } from '../gear';
import { containersOf } from './containers';
import { volumeMm3, type PackedForm } from './load/cargo';
import { tooLargeFor } from './load/too-large';
import type { Why } from './load/why';
import type { FitAnswer, FitQuestion, FitReason, Verdict } from './question';

/** Below this a volume or a length is not told from none: mL and mm. */
const hair = 1e-6;

/**
 * Answers by bulk, and by each piece by itself. It proves that something cannot go in; it cannot prove that all goes in,
 * since it does not lay out the shapes. What could lie in a hollow piece is not counted against the room.
 */
export function fitByBulk({ cavity, items }: FitQuestion): FitAnswer {
  const room = roomMl(cavity.inside);
  const reasons: FitReason[] = [];
  let tightMl = 0;
  let looseMl = 0;
  let hollowMl = 0;
  let massG = 0;
  for (const { id, placement, name, least, hollow, massG: itemG } of items) {
    massG += itemG;
    if (least === null) continue;
    const bulk = bulkOf(least);
    tightMl += bulk.tightMl;
    looseMl += bulk.looseMl;
    if (hollow) hollowMl += volumeMm3(hollow) / 1000;
    const why = whyNotInside(cavity, least);
    if (why) reasons.push({ item: id, placement, name, ...why });
  }
  const byMl = tightMl - hollowMl - room;
  if (byMl > hair) reasons.push({ why: 'over-full', byMl });
  if (cavity.mostMassG !== null && massG - cavity.mostMassG > hair) {
    reasons.push({ why: 'too heavy', byG: massG - cavity.mostMassG });
  }
  const unmeasured = items.filter(({ least }) => least === null).map(({ id }) => id);
  return {
    verdict: verdictOn(reasons, unmeasured, looseMl - hollowMl, room),
    reasons,
    roomMl: room,
    tightMl,
    looseMl,
    massG,
    unmeasured,
    laidOut: null,
  };
}

/** Why a piece never goes in by itself, where that shows at once; soft walls are only asked how long they are. */
function whyNotInside(cavity: Cavity, form: PackedForm): Why | null {
  const { inside } = cavity;
  if (inside.shape === 'soft') {
    const byMm = longestRigidMm(form) - longestInsideMm(inside);
    return byMm > hair ? { why: 'too long', byMm } : null;
  }
  return tooLargeFor(containersOf(cavity)[0]!, form);
}

function verdictOn(
  reasons: readonly FitReason[],
  unmeasured: readonly string[],
  looseMl: number,
  room: number,
): Verdict {
  if (reasons.length > 0) return 'does not fit';
  if (unmeasured.length > 0) return 'not known';
  return looseMl - room > hair ? 'only squeezed' : 'room by bulk';
}
