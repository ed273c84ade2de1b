import type { Sentences } from './outcome';
import { plainly } from './quoted';

/** What keeps an act of upkeep from being done: rounds, restocking, lending, measuring, copies. */
export const upkeepSays = {
  boughtNothing: () => 'What was bought is one at least, a whole number.',
  nothingDone: () => 'Nothing is named that was done.',
  takenAlready: (name: string) => `${plainly(name, 120)} is taken for another kit already.`,
  notAway: (name: string) => `${plainly(name, 120)} is at home.`,
  roundOfNothing: () => 'Nothing was looked at on this round yet.',
  measureOfNothing: () =>
    'Every figure that is measured is a number, and a thickness is more than nothing.',
  coreAboveRoll: () => 'The core is wider than the roll that is on it.',
  noMassOfContents: (name: string) =>
    `Nobody said what a full ${plainly(name, 120)} weighs, or what is in it does: a scale tells nothing of what is left.`,
  leftBelowNothing: (name: string) =>
    `That is less than an empty ${plainly(name, 120)}: what a full one weighs, or what is in it does, is not right.`,
  leftAboveFull: (name: string, full: string, unit: string) =>
    `That is more than a full ${plainly(name, 120)} has, ${full} ${unit}: look over what a full one is.`,
  moreLeftOfSeveral: (name: string) =>
    `There are several ${plainly(name, 120)}, of which less is written down: take the fuller one on a line of its own first.`,
  noSuchManyCopies: (most: number) => `From 1 to ${most} copies are made at once.`,
  copiesAreAlike: (name: string) => `Every copy of ${plainly(name, 120)} is as it is now.`,
} as const satisfies Sentences;
