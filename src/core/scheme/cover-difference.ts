import type { Side } from '../loadout';
import { waysOf } from '../ways';
import { coverOf, type Cover, type Standing } from './cover';
import type { Scheme } from './schemes';

/** How a category stands in two kits; null for one that must do nothing. */
export interface CategoryShift {
  readonly name: string;
  readonly before: Standing | null;
  readonly after: Standing | null;
}

export interface CoverDifference {
  readonly before: Cover;
  readonly after: Cover;
  readonly shifts: readonly CategoryShift[];
}

/**
 * How the cover of a scheme differs between two kits; `shifts` names only the categories that stand otherwise.
 *
 * @param day YYYY-MM-DD, on which both are looked at.
 */
export function coverDifference(
  before: Side,
  after: Side,
  scheme: Scheme,
  day: string,
): CoverDifference {
  const was = coverOf(waysOf(before.loadout, before.shelf, day), scheme, before.loadout.wishes);
  const is = coverOf(waysOf(after.loadout, after.shelf, day), scheme, after.loadout.wishes);
  const shifts = scheme.categories.flatMap(({ name }, at): readonly CategoryShift[] => {
    const shift = {
      name,
      before: was.categories[at]!.standing,
      after: is.categories[at]!.standing,
    };
    return shift.before === shift.after ? [] : [shift];
  });
  return { before: was, after: is, shifts };
}
