import { isRelied, type Given, type NeedsKit } from './needs-kit';

/** One piece to deal out: how much it gives, and what it is of: nobody wears a second jersey while another has none. */
export interface Dealt {
  readonly gives: number;
  readonly group: string;
  /** Nobody can use a second of the group at all. */
  readonly onceEach?: boolean;
}

/** Each of a placement’s pieces, to be dealt out. */
export function eachDealt(
  { placement, count }: Given,
  gives: number,
  group = placement.gear,
  onceEach = false,
): readonly Dealt[] {
  return Array.from({ length: Math.min(count, mostDealt) }, () => ({ gives, group, onceEach }));
}

/** More of one piece than this are not worn or lain on. */
const mostDealt = 60;

/**
 * Pieces dealt out one by one, the largest first, each to whoever has least among those with fewest of its group, so that the
 * worst-off gets most.
 *
 * @returns what each has in the end.
 */
export function dealtOut(pieces: readonly Dealt[], start: readonly number[]): readonly number[] {
  const has = [...start];
  const ofGroup = new Map<string, number[]>();
  for (const { gives, group, onceEach } of [...pieces].sort(
    (one, other) => other.gives - one.gives,
  )) {
    const taken = ofGroup.get(group) ?? start.map(() => 0);
    ofGroup.set(group, taken);
    const fewest = Math.min(...taken);
    if (onceEach && fewest > 0) continue;
    const who = has.reduce(
      (least, value, at) =>
        taken[at] === fewest && (least < 0 || value < has[least]!) ? at : least,
      -1,
    );
    has[who]! += gives;
    taken[who]! += 1;
  }
  return has;
}

/** Lows from which a hammock needs no insulation below, in °C (own). */
export const hangsFreeFromC = 20;

/** How many sleep in hammocks that need no insulation below; in the cool they need it as on the ground. */
export function hangingFree(kit: NeedsKit, lowC: number): number {
  if (lowC < hangsFreeFromC) return 0;
  const hammocks = kit.ofKind('hammock').reduce((sum, { count }) => sum + count, 0);
  return Math.min(hammocks, kit.people.length);
}

/** The R-value beneath each sleeper, mats laid on one another so that the worst-off lies warmest. */
export function groundEach(kit: NeedsKit): readonly number[] {
  const mats = kit
    .given('ground')
    .filter(isRelied)
    .flatMap((given) => eachDealt(given, given.amount ?? 0));
  return dealtOut(
    mats,
    kit.people.map(() => 0),
  );
}
