import { byName } from './by-name';

/** Numbers that are written as words: a few of a thing, or a thing for a few. */
export const numberWords = byName<number>({
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  twelve: 12,
});
