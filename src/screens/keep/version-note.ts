import { printMass, type UnitSystem } from '@/core/quantity';
import { countIn, type Bench, type Loadout, type PieceChange } from '@/core/loadout';
import { sinceLastVersion } from '@/core/upkeep';

/** As many pieces are named in a note. */
const mostNamed = 5;

/** The longest note that one reads in a list. */
const longest = 400;

/**
 * The note of a version that writes itself: what led to it, and what is otherwise since the last one, as `in: 2 Wool hat; out:
 * Folding saw; 105 g less`.
 */
export function versionNote(
  because: string,
  bench: Bench,
  kit: Loadout,
  units: UnitSystem,
): string {
  const since = sinceLastVersion(bench, kit);
  if (since === null) return because.slice(0, longest);
  const { in: added, out, changed, before, after } = since.difference;
  const byG = after.massG - before.massG;
  const parts = [
    ...named('in', added, ({ after: spots }) => countIn(spots)),
    ...named('out', out, ({ before: spots }) => countIn(spots)),
    ...(changed.length > 0 ? [`${changed.length} changed`] : []),
    ...(Math.abs(byG) < 0.5
      ? []
      : [`${printMass(Math.abs(byG), units)} ${byG > 0 ? 'more' : 'less'}`]),
  ];
  const what = parts.length === 0 ? 'nothing changed' : parts.join('; ');
  return `${because}. Since ${since.day}: ${what}`.slice(0, longest);
}

function named(
  word: string,
  changes: readonly PieceChange[],
  count: (change: PieceChange) => number,
): readonly string[] {
  if (changes.length === 0) return [];
  const names = changes.slice(0, mostNamed).map((change) => {
    const many = count(change);
    return many > 1 ? `${many} ${change.gear.name}` : change.gear.name;
  });
  const more = changes.length - names.length;
  return [`${word}: ${names.join(', ')}${more > 0 ? ` and ${more} more` : ''}`];
}
