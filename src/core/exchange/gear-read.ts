import type { LineSetting, Reading } from '../reading';
import type { Outcome } from '../quantity';
import type { Gear } from '../gear';

/** A row or a line that was not brought in, and why. Counted from 1, as the person sees them. */
export interface NotUnderstood {
  readonly row: number;
  readonly text: string;
  readonly says: string;
}

/** A row or a line that was brought in as a plain piece that does no job, as no kind is sure. */
export interface Unsure {
  readonly row: number;
  readonly text: string;
  /** The id of the gear it became. */
  readonly gear: string;
  /** The ids of the kinds that it may be, the likeliest first. */
  readonly others: readonly string[];
}

export interface GearRead {
  readonly gear: readonly Gear[];
  readonly unsure: readonly Unsure[];
  readonly notUnderstood: readonly NotUnderstood[];
}

/** What rows and lines are read with: the units of bare sizes, the currency of prices. */
export type GearSetting = Omit<LineSetting, 'id' | 'picked'>;

/** How many rows were read, out of how many. */
export interface RowsProgress {
  readonly read: number;
  readonly outOf: number;
}

interface Line {
  readonly row: number;
  readonly text: string;
}

/** Reads one after the other, a hundred a step; what is wrong in one keeps only that one out. */
export function* collecting<L extends Line>(
  lines: readonly L[],
  read: (text: string, line: L) => Outcome<Pick<Reading, 'gear' | 'others'>>,
): Generator<RowsProgress, GearRead> {
  const gear: Gear[] = [];
  const unsure: Unsure[] = [];
  const notUnderstood: NotUnderstood[] = [];
  for (const [at, line] of lines.entries()) {
    const { row, text } = line;
    const outcome = read(text, line);
    if (outcome.ok) {
      const { gear: piece, others } = outcome.value;
      gear.push(piece);
      if (piece.kind === null) {
        unsure.push({ row, text, gear: piece.id, others: others.map(({ id }) => id) });
      }
    } else notUnderstood.push({ row, text, says: outcome.problem.message });
    if ((at + 1) % 100 === 0) yield { read: at + 1, outOf: lines.length };
  }
  return { gear, unsure, notUnderstood };
}
