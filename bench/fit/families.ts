import type { BoxForm, Container, LoadItem, PackedForm } from '../../src/core/fit/load/cargo';
import { randomFrom } from '../../src/core/fit/load/random';

export interface Instance {
  readonly family: string;
  readonly container: Container;
  readonly items: readonly LoadItem[];
}

type Sides = readonly [number, number, number];

const hold: Sides = [587, 233, 220];

/** A container cut into `count` boxes by guillotine cuts at whole millimetres: all of it can be packed. */
export function cut(count: number, seed: number): Instance {
  const random = randomFrom(seed * 7919 + count);
  const parts = cutUp(hold, count, 40, random);
  return instance(`cut ${count}`, hold, shuffled(parts.map(turned(random)), random));
}

/** Cuts straight across, at whole millimetres, of sides that are at least so long. */
function cutUp(whole: Sides, count: number, leastMm: number, random: () => number): Sides[] {
  const parts: Sides[] = [whole];
  while (parts.length < count) {
    // The larger a part, the likelier it is cut; across its longer sides the likelier.
    const at = pick(
      parts.map(([a, b, c]) => a * b * c),
      random,
    );
    const part = parts[at]!;
    const axis = pick(
      part.map((side) => (side >= leastMm ? side : 0)),
      random,
    );
    const side = part[axis]!;
    if (side < leastMm) continue;
    const share = 0.25 + 0.5 * random();
    const first = Math.round(side * share);
    parts.splice(at, 1, withSide(part, axis, first), withSide(part, axis, side - first));
  }
  return parts;
}

const smallHold: Sides = [160, 110, 55];

/**
 * A box of 160 × 110 × 55 mm cut into `count` parts, a third of them then made round and a third soft: all of it can be
 * packed. Soft parts have their own volume when pressed tight, and may be no thinner than they were cut.
 */
export function possible(count: number, seed: number): Instance {
  const random = randomFrom(seed * 7919 + count);
  const parts = cutUp(smallHold, count, 16, random);
  const items = shuffled(parts, random).map((sides, at): LoadItem => {
    const [a, b, c] = turned(random)(sides);
    const form: PackedForm =
      at % 3 === 0
        ? { shape: 'box', lengthMm: a, widthMm: b, heightMm: c, upright: false }
        : at % 3 === 1
          ? { shape: 'cylinder', diameterMm: Math.min(a, b), heightMm: c, upright: false }
          : {
              shape: 'soft',
              looseMl: (a * b * c * 1.05) / 1000,
              tightMl: (a * b * c) / 1000,
              thinnestMm: Math.min(a, b, c),
              longestRigidMm: 0,
            };
    return { id: `p${at + 1}`, form };
  });
  const container: Container = { shape: 'box', sizeMm: smallHold, mouth: { shape: 'section' } };
  return { family: `possible ${count}`, container, items };
}

/** `kinds` kinds of boxes, 30–120 × 25–100 × 20–80 mm, until the cargo nearly fills 587 × 233 × 220 mm. */
export function mixed(kinds: number, seed: number): Instance {
  const random = randomFrom(seed * 104729 + kinds);
  const whole = (from: number, to: number) => from + Math.floor(random() * (to - from + 1));
  const types = Array.from({ length: kinds }, (): Sides => [
    whole(30, 120),
    whole(25, 100),
    whole(20, 80),
  ]);
  const room = hold[0] * hold[1] * hold[2];
  const boxes: Sides[] = [];
  let filled = 0;
  for (;;) {
    const type = types[whole(0, kinds - 1)]!;
    const volume = type[0] * type[1] * type[2];
    if (filled + volume > room) break;
    filled += volume;
    boxes.push(type);
  }
  return instance(`mixed ${kinds}`, hold, boxes);
}

function instance(family: string, sizeMm: Sides, boxes: readonly Sides[]): Instance {
  return {
    family,
    container: { shape: 'box', sizeMm, mouth: { shape: 'section' } },
    items: boxes.map(([lengthMm, widthMm, heightMm], at) => {
      const form: BoxForm = { shape: 'box', lengthMm, widthMm, heightMm, upright: false };
      return { id: `b${at + 1}`, form };
    }),
  };
}

function withSide(sides: Sides, axis: number, side: number): Sides {
  return sides.map((each, at) => (at === axis ? side : each)) as unknown as Sides;
}

function turned(random: () => number): (sides: Sides) => Sides {
  return (sides) => shuffled(sides, random) as unknown as Sides;
}

function shuffled<T>(items: readonly T[], random: () => number): T[] {
  const order = [...items];
  for (let at = order.length - 1; at > 0; at -= 1) {
    const other = Math.floor(random() * (at + 1));
    [order[at], order[other]] = [order[other]!, order[at]!];
  }
  return order;
}

/** An index, with a likelihood in proportion to its weight. */
function pick(weights: readonly number[], random: () => number): number {
  let rest = random() * weights.reduce((sum, weight) => sum + weight, 0);
  for (let at = 0; at < weights.length; at += 1) {
    rest -= weights[at]!;
    if (rest < 0) return at;
  }
  return weights.length - 1;
}
