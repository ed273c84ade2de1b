/** What is lost: so many items of a placement, and holders with all that is in them, each by its placement's id. */
export interface Lost {
  readonly pieces: ReadonlyMap<string, number>;
  readonly holders: ReadonlySet<string>;
}

export const nothingLost: Lost = { pieces: new Map(), holders: new Set() };

/** One loss: an item of a placement that breaks or is dropped, or a holder with all that is in it. */
export interface Loss {
  readonly kind: 'piece' | 'holder';
  readonly placement: string;
}

export function withLoss(lost: Lost, { kind, placement }: Loss): Lost {
  if (kind === 'holder') return { ...lost, holders: new Set([...lost.holders, placement]) };
  const before = lost.pieces.get(placement) ?? 0;
  return { ...lost, pieces: new Map([...lost.pieces, [placement, before + 1]]) };
}

/** All items of a placement, and what is in them, as when it stays at home. */
export function withoutPlacement(lost: Lost, placement: string): Lost {
  return {
    pieces: new Map([...lost.pieces, [placement, Infinity]]),
    holders: new Set([...lost.holders, placement]),
  };
}
