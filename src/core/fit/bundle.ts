import type { Sides } from './load/cargo';

/** Something hard in a soft holder: its sides in mm, and whether the third of them must stay up. */
export interface HardPiece {
  readonly sidesMm: Sides;
  readonly stands: boolean;
}

/** How far hard pieces are laid out one by one; of more than these the smaller ones flow like gravel. */
export const mostBundled = 40;

/**
 * Hard pieces put together as one box: pair by pair, face to face, first those that leave the least room between them.
 * Not the smallest box that there is, but one that they do go into.
 *
 * @param longestMm as long as the cloth round them is; it is kept to where the pieces allow that.
 *
 * @example
 * bundle([bar(10, 20, 100), bar(10, 20, 100)], 300) // 20 × 20 × 100
 */
export function bundle(pieces: readonly HardPiece[], longestMm: number): HardPiece {
  const nodes = [...pieces];
  const known = new Map<HardPiece, Map<HardPiece, Joined>>();
  while (nodes.length > 1) {
    let best: Joined | null = null;
    let pair: readonly [number, number] = [0, 1];
    for (let one = 0; one < nodes.length; one += 1) {
      const joins = joinsOf(known, nodes[one]!);
      for (let other = one + 1; other < nodes.length; other += 1) {
        let joined = joins.get(nodes[other]!);
        if (!joined) {
          joined = join(nodes[one]!, nodes[other]!, longestMm);
          joins.set(nodes[other]!, joined);
        }
        if (best !== null && !isBetter(joined, best)) continue;
        best = joined;
        pair = [one, other];
      }
    }
    nodes.splice(pair[1], 1);
    nodes.splice(pair[0], 1);
    nodes.push(best!.piece);
  }
  return nodes[0]!;
}

interface Joined {
  readonly piece: HardPiece;
  /** Room between the two, in mm³. */
  readonly waste: number;
  readonly overlongMm: number;
  readonly girth: number;
}

function joinsOf(known: Map<HardPiece, Map<HardPiece, Joined>>, piece: HardPiece) {
  const joins = known.get(piece) ?? new Map<HardPiece, Joined>();
  known.set(piece, joins);
  return joins;
}

function isBetter(one: Joined, other: Joined): boolean {
  if (one.overlongMm !== other.overlongMm) return one.overlongMm < other.overlongMm;
  return one.waste !== other.waste ? one.waste < other.waste : one.girth < other.girth;
}

/** The best of the ways in which two boxes touch with whole faces. */
function join(one: HardPiece, other: HardPiece, longestMm: number): Joined {
  const stands = one.stands || other.stands;
  const least = volumeOf(one.sidesMm) + volumeOf(other.sidesMm);
  const ways = stands ? standingJoins(one, other) : freeJoins(one.sidesMm, other.sidesMm);
  let best: Joined | null = null;
  for (const sidesMm of ways) {
    const joined: Joined = {
      piece: { sidesMm, stands },
      waste: volumeOf(sidesMm) - least,
      overlongMm: Math.max(0, Math.max(...sidesMm) - longestMm),
      girth: sidesMm[0] + sidesMm[1] + sidesMm[2],
    };
    if (best === null || isBetter(joined, best)) best = joined;
  }
  return best!;
}

/** Any side of the one against any side of the other, their longer and shorter other sides side by side. */
function freeJoins(one: Sides, other: Sides): readonly Sides[] {
  const a = [...one].sort((x, y) => x - y);
  const b = [...other].sort((x, y) => x - y);
  const rests = [
    [1, 2],
    [0, 2],
    [0, 1],
  ] as const;
  return rests.flatMap((p, i) =>
    rests.map((q, j): Sides => [
      Math.max(a[p[0]]!, b[q[0]]!),
      Math.max(a[p[1]]!, b[q[1]]!),
      a[i]! + b[j]!,
    ]),
  );
}

/** Side by side or one on the other, each as it may stand. */
function standingJoins(one: HardPiece, other: HardPiece): readonly Sides[] {
  return posesOf(one).flatMap((a) =>
    posesOf(other).flatMap((b) =>
      [0, 1, 2].map(
        (along) =>
          a.map((side, k) =>
            k === along ? side + b[k]! : Math.max(side, b[k]!),
          ) as unknown as Sides,
      ),
    ),
  );
}

/** A box with each side up that may be, its longer level side along x. */
function posesOf({ sidesMm: [a, b, c], stands }: HardPiece): readonly Sides[] {
  return stands ? [level(a, b, c)] : [level(a, b, c), level(a, c, b), level(b, c, a)];
}

function level(one: number, other: number, up: number): Sides {
  return one > other ? [one, other, up] : [other, one, up];
}

function volumeOf([a, b, c]: Sides): number {
  return a * b * c;
}
