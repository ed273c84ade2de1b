import { answer, modelOf, yesOrNo } from './model';

/** Seconds of one person: for a closure, for a piece moved aside, and for the taking itself. */
export interface HandTimes {
  readonly closureS: number;
  readonly movedS: number;
  readonly takeS: number;
}

export const usualHandTimes: HandTimes = { closureS: 3, movedS: 2, takeS: 1 };

const slowedInDark = 1.5;
const slowedByGloves = 1.5;

/** How long it takes until a piece is in the hand, in s. What is told by feel is found in the dark as by day. */
export function secondsToHand(
  {
    closures,
    moved,
    dark,
    gloves,
    byFeel,
  }: {
    readonly closures: number;
    readonly moved: number;
    readonly dark: boolean;
    readonly gloves: boolean;
    readonly byFeel: boolean;
  },
  { closureS, movedS, takeS }: HandTimes = usualHandTimes,
): number {
  const byDay = closureS * closures + movedS * moved + takeS;
  return byDay * (dark && !byFeel ? slowedInDark : 1) * (gloves ? slowedByGloves : 1);
}

function count(unit: string) {
  return { of: 'number', unit, range: { least: 0, most: 10_000, isWhole: true } } as const;
}

export const timeToHand = modelOf({
  name: 'time-to-hand',
  unit: 's',
  formula: '(3 × closures + 2 × moved + 1) × 1.5 in the dark unless told by feel × 1.5 in gloves',
  source: 'planning values of this project; a person’s own drills correct them',
  inputs: {
    closures: count('closures'),
    moved: count('pieces'),
    dark: yesOrNo,
    gloves: yesOrNo,
    byFeel: yesOrNo,
  },
  work: ({ closures, moved, dark, gloves, byFeel }) =>
    answer(
      secondsToHand({
        closures,
        moved,
        dark: dark === 'yes',
        gloves: gloves === 'yes',
        byFeel: byFeel === 'yes',
      }),
    ),
});
