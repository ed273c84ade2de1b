import { answer, modelOf, unlessSaid, upToMost } from './model';

/** Light that is wanted by night beside that of the waking hours, in h. */
const atNightH = 0.5;

/** Hours of light that one night asks. */
export function lightNeededH(darkHours: number, sleepHours = 8): number {
  return Math.max(0, darkHours - sleepHours) + atNightH;
}

export const lightNeeded = modelOf({
  name: 'light-needed',
  unit: 'h a night',
  formula: 'max(0, dark − sleep) + 0.5',
  source: 'planning value of this project',
  inputs: { darkHours: upToMost(24, 'h'), sleepHours: unlessSaid(upToMost(24, 'h'), 8) },
  work: ({ darkHours, sleepHours }) => answer(lightNeededH(darkHours, sleepHours)),
});
