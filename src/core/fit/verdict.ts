import type { CavityQuestion } from './cavity-load';
import { isCertain } from './load/why';
import type { Stowage } from './load/stowage';
import type { FitAnswer, FitReason, Verdict } from './question';

/**
 * The one answer once a cavity was laid out: its pieces by how they lay, all together by what bulk had proven. Figures,
 * findings, audit and pictures go by it.
 */
export function withLaidOut(
  bulk: FitAnswer,
  { items, loads }: CavityQuestion,
  { placed, left }: Stowage,
): FitAnswer {
  const together = bulk.reasons.filter((reason) => !('item' in reason));
  const byId = new Map(items.map((item) => [item.id, item]));
  const pieces = left.map(({ id, why }): FitReason => {
    const { placement, name } = byId.get(id)!;
    return { item: id, placement, name, ...why };
  });
  const reasons = [...pieces, ...together];
  // Soft walls could take other shapes than were tried: only what bulk has proven of them is certain.
  const isProven = loads.length === 1 ? reasons.some(isStopping) : bulk.reasons.length > 0;
  return {
    ...bulk,
    reasons,
    verdict: verdictOf(isProven, reasons.length, bulk.unmeasured.length),
    laidOut: { placed: placed.length, left },
  };
}

function isStopping(reason: FitReason): boolean {
  return !('item' in reason) || isCertain(reason);
}

function verdictOf(isProven: boolean, reasons: number, unmeasured: number): Verdict {
  if (isProven) return 'does not fit';
  if (reasons > 0) return 'no place found';
  return unmeasured > 0 ? 'not known' : 'all in';
}
