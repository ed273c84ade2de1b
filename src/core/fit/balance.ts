import { hullOf, middleOf, type Container, type Stowed } from './load';

/** Where the mass of a load sits, each as a share of the container's side. */
export interface Balance {
  readonly massG: number;
  /** From the left, 0.5 in the middle. */
  readonly aside: number;
  /** From the back that is worn. */
  readonly out: number;
  /** From the floor. */
  readonly up: number;
}

/** What a worn load would gain by, the gravest first. */
export type BalanceAdvice = 'to one side' | 'far from the back' | 'top-heavy' | 'low';

/** Bounds of a load that is carried well on a path (own): near the back, in the middle, not over the shoulders. */
const bounds = { aside: 0.07, out: 0.55, high: 0.68, low: 0.35 };

/** The centre of mass of all that is placed, each piece's in its own middle; null where nothing has a mass. */
export function balanceOf(
  container: Container,
  placed: readonly Stowed[],
  massOf: (id: string) => number,
): Balance | null {
  const hull = hullOf(container);
  const moments = [0, 0, 0];
  let massG = 0;
  for (const stowed of placed) {
    const mass = massOf(stowed.id);
    massG += mass;
    for (let k = 0; k < 3; k += 1) moments[k]! += mass * middleOf(stowed, k);
  }
  if (massG === 0) return null;
  const share = (k: number) => moments[k]! / massG / hull[k]!;
  return { massG, aside: share(0), out: share(1), up: share(2) };
}

export function adviceOn({ aside, out, up }: Balance): readonly BalanceAdvice[] {
  const advice: BalanceAdvice[] = [];
  if (Math.abs(aside - 0.5) > bounds.aside) advice.push('to one side');
  if (out > bounds.out) advice.push('far from the back');
  if (up > bounds.high) advice.push('top-heavy');
  if (up < bounds.low) advice.push('low');
  return advice;
}
