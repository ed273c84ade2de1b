import type { ConditionId, Loss } from '../loadout';

/** What is lost: so many items of a placement, holders with all in them, each by its placement's id, and what holds. */
export interface Lost {
  readonly pieces: ReadonlyMap<string, number>;
  readonly holders: ReadonlySet<string>;
  readonly conditions: ReadonlySet<ConditionId>;
}

export const nothingLost: Lost = { pieces: new Map(), holders: new Set(), conditions: new Set() };

/** No condition holds. */
export const nothingHolds: ReadonlySet<ConditionId> = nothingLost.conditions;

export function withLoss(lost: Lost, loss: Loss): Lost {
  switch (loss.kind) {
    case 'holder':
      return { ...lost, holders: new Set([...lost.holders, loss.placement]) };
    case 'condition':
      return { ...lost, conditions: new Set([...lost.conditions, loss.condition]) };
    case 'piece': {
      const before = lost.pieces.get(loss.placement) ?? 0;
      return { ...lost, pieces: new Map([...lost.pieces, [loss.placement, before + 1]]) };
    }
  }
}

/** All of these lost at once. */
export function allLost(losses: Iterable<Loss>): Lost {
  let lost = nothingLost;
  for (const loss of losses) lost = withLoss(lost, loss);
  return lost;
}

/** All items of a placement, and what is in them, as when it stays at home. */
export function withoutPlacement(lost: Lost, placement: string): Lost {
  return {
    ...lost,
    pieces: new Map([...lost.pieces, [placement, Infinity]]),
    holders: new Set([...lost.holders, placement]),
  };
}
