import { isRelied, type NeedsKit } from './needs-kit';

/**
 * Pieces dealt out one by one, the largest first, each to whoever has least, so that the worst-off gets most.
 *
 * @param onceEach marks pieces of which nobody takes a second while anybody has none.
 * @returns what each has in the end.
 */
export function dealtOut(
  pieces: readonly number[],
  start: readonly number[],
  { onceEach = [] }: { readonly onceEach?: readonly boolean[] } = {},
): readonly number[] {
  const has = [...start];
  const taken = start.map(() => false);
  for (const [at, piece] of pieces.entries()) {
    if (onceEach[at] && taken.every(Boolean)) continue;
    const worst = has.reduce((least, value, who) => {
      if (onceEach[at] && taken[who]) return least;
      return least < 0 || value < has[least]! ? who : least;
    }, -1);
    if (worst < 0) continue;
    has[worst]! += piece;
    if (onceEach[at]) taken[worst] = true;
  }
  return has;
}

/** The R-value beneath each sleeper, mats laid on one another so that the worst-off lies warmest. */
export function groundEach(kit: NeedsKit): readonly number[] {
  const mats = kit
    .given('ground')
    .filter(isRelied)
    .flatMap(({ amount, count }) => Array.from({ length: Math.min(count, 40) }, () => amount ?? 0))
    .sort((one, other) => other - one);
  return dealtOut(
    mats,
    kit.people.map(() => 0),
  );
}
