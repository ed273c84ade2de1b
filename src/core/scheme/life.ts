import {
  benchOfVersion,
  setsOutG,
  totalsOf,
  withModules,
  type Bench,
  type Loadout,
  type Shelf,
  type Version,
} from '../loadout';
import { waysOf } from '../ways';
import { coverOf } from './cover';
import type { Scheme } from './schemes';

/** How a kit was on one day of its life. */
export interface LifePoint {
  /** YYYY-MM-DD. */
  readonly day: string;
  readonly note: string;
  /** The version that was kept that day; null for the kit as it is now. */
  readonly version: string | null;
  /** As it set out, in g. */
  readonly massG: number;
  readonly priceMinor: number;
  readonly pieces: number;
  readonly covered: number;
  readonly outOf: number;
}

/** A version never changes, so that what was worked out for one holds for good. */
const known = new WeakMap<Version, Map<Scheme, LifePoint>>();

/** As many versions are worked out, the latest ones. */
export const mostPoints = 60;

/** The life of a kit by its versions, the oldest first, and as it is today; each as it was relied on on its own day. */
export function lifeOf(
  bench: Bench,
  kit: Loadout,
  scheme: Scheme,
  today: string,
): readonly LifePoint[] {
  const versions = [...bench.versions.values()]
    .filter((version) => version.kit === kit.id)
    .sort((one, other) => (one.day < other.day ? -1 : 1))
    .slice(-mostPoints);
  const now = pointOf(withModules(bench, kit), bench.shelf, scheme, today);
  return [
    ...versions.map((version) => ofVersion(version, scheme)),
    { ...now, day: today, note: '', version: null },
  ];
}

function ofVersion(version: Version, scheme: Scheme): LifePoint {
  let bySchemes = known.get(version);
  if (!bySchemes) known.set(version, (bySchemes = new Map<Scheme, LifePoint>()));
  const before = bySchemes.get(scheme);
  if (before) return before;
  const then = benchOfVersion(version);
  const { id, day, note, loadout } = version;
  const point = {
    ...pointOf(withModules(then, loadout), then.shelf, scheme, day),
    day,
    note,
    version: id,
  };
  bySchemes.set(scheme, point);
  return point;
}

function pointOf(whole: Loadout, shelf: Shelf, scheme: Scheme, day: string) {
  const totals = totalsOf(whole, shelf);
  const { covered, outOf } = coverOf(waysOf(whole, shelf, day), scheme, whole.wishes);
  const { priceMinor, pieces } = totals.whole;
  return { massG: setsOutG(whole, totals), priceMinor, pieces, covered, outOf };
}
