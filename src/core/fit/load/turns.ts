/**
 * The six ways to turn a box by right angles: which of its own sides lies along x, y and z. The first two keep
 * what is up on top.
 */
export const turns = [
  [0, 1, 2],
  [1, 0, 2],
  [0, 2, 1],
  [2, 0, 1],
  [1, 2, 0],
  [2, 1, 0],
] as const;

export const uprightTurns = 2;

/** The turn that is `first` and then `second`: its own axes read through both. */
export const turnAfter: readonly (readonly number[])[] = turns.map((first) =>
  turns.map((second) => {
    const both = second.map((axis) => first[axis]);
    return turns.findIndex((turn) => turn.every((axis, at) => axis === both[at]));
  }),
);
