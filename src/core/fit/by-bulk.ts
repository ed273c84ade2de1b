import { bulkOf, longestInsideMm, longestRigidMm, roomMl, type Cavity, type Form } from '../gear';
import { containersOf } from './containers';
import { standsOut } from './load/why';
import { tooWideFor } from './mouth';
import type { FitAnswer, FitQuestion, FitReason, Verdict } from './question';

/** Below this a volume or a length is not told from none: mL and mm. */
const hair = 1e-6;

/**
 * Answers by bulk, longest side and mouth only. It proves that something cannot go in; it cannot prove
 * that all goes in, since it does not lay out the shapes.
 */
export function fitByBulk({ cavity, items }: FitQuestion): FitAnswer {
  const room = roomMl(cavity.inside);
  const longest = longestInsideMm(cavity.inside);
  const reasons: FitReason[] = [];
  let tightMl = 0;
  let looseMl = 0;
  let massG = 0;
  for (const item of items) {
    massG += item.massG;
    if (item.form === null) continue;
    const bulk = bulkOf(item.form);
    tightMl += bulk.tightMl;
    looseMl += bulk.looseMl;
    const byMm = longestRigidMm(item.form) - longest;
    const of = { item: item.id, name: item.name };
    if (byMm > hair) reasons.push({ why: 'too long', ...of, byMm });
    const tooWide = tooWideFor(item.form, cavity);
    if (tooWide) reasons.push({ why: 'too wide', ...of, ...tooWide });
    const out = byMm > hair || tooWide ? null : standsOutOf(cavity, item.form);
    if (out) reasons.push({ why: 'stands out', ...of, ...out });
  }
  if (tightMl - room > hair) reasons.push({ why: 'too much', byMl: tightMl - room });
  if (cavity.mostMassG !== null && massG - cavity.mostMassG > hair) {
    reasons.push({ why: 'too heavy', byG: massG - cavity.mostMassG });
  }
  const unmeasured = items.filter(({ form }) => form === null).map(({ id }) => id);
  return {
    verdict: verdictOn(reasons, unmeasured, looseMl, room),
    reasons,
    roomMl: room,
    tightMl,
    looseMl,
    massG,
    unmeasured,
  };
}

function standsOutOf(cavity: Cavity, form: Form) {
  return cavity.inside.shape === 'soft' ? null : standsOut(containersOf(cavity)[0]!, form);
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
