import { plainly, quoted } from './quoted';
import type { Sentences } from './outcome';

/**
 * What keeps a command from being done: one sentence that says what is wrong and what would be right. What somebody
 * typed stands in quotation marks or is cut, with what cannot be seen written out. Those of what is typed, of files and
 * of tables stand beside this file, as they are needed later than the first load.
 */
export const says = {
  // What is wrong with an entry: the whole sentence, as the screens show it.
  name: (why: string) => `The name ${why}.`,
  nameOf: (of: string, why: string) => `${of} ${why}.`,
  note: (why: string) => `The note ${why}.`,
  purpose: (why: string) => `The purpose ${why}.`,
  figure: (label: string, why: string) => `${label} ${why}.`,
  noId: (id: string) =>
    `${quoted(id)} is not an id: an id is 1 to 64 letters, digits, - and _, and starts with none of the last two.`,
  noWord: (label: string, word: string) => `${label} ${quoted(word)} is no word of this bench.`,
  noDay: (day: string, why: string) => `${quoted(day)} ${why}.`,
  noColour: (colour: string) => `${quoted(colour)} is not a colour like #8a5a33.`,
  tooManyCavities: (most: number) => `A piece has at most ${most} cavities.`,
  cavityTwice: () => 'Two cavities have the same id.',
  tooManySupplies: (most: number) => `A piece does at most ${most} jobs.`,
  jobTwice: (job: string) => `The job ${plainly(job)} is there twice.`,
  demandOfNothing: () => 'What a job asks for is one job at least.',
  sortOfOtherJob: (sort: string, job: string) => `${plainly(sort)} is no sort of ${plainly(job)}.`,
  factsOfOtherJob: (of: string, job: string) => `${plainly(job)} has no facts of ${plainly(of)}.`,
  tooMuchCare: () => 'It has more care, harm or cautions than a piece has.',
  twiceInCare: () => 'A harm or an act of care is there twice.',
  tooManyLots: (most: number) => `A piece has at most ${most} lots.`,
  lotsOfOtherCount: (sum: number, count: number) =>
    `Its lots are ${sum} together, and there are ${count} of it.`,
  dayBefore: (what: string, day: string, other: string, earliest: string) =>
    `${what} on ${day}, and ${other} on ${earliest}: the later of the two cannot come first.`,
  goodUntilBeforeCame: (goodUntil: string, cameOn: string) =>
    `It is good until ${goodUntil}, and was made or bought on ${cameOn}, after that.`,
  backBefore: () => 'It is to be back before it went.',
  moreLeftThanFull: () => 'More is left of it than a full one holds.',
  contentsHeavierThanPiece: () => 'Its contents weigh more than the whole piece.',
  tighterLoose: () => 'Pressed tight it takes more room than loose.',
  schemeSize: (most: number) => `A scheme has 1 to ${most} categories.`,
  schemeShipped: (id: string) => `The id ${plainly(id)} is that of a scheme that ships.`,
  categoryWithoutJob: (name: string) => `${plainly(name)} gathers no job.`,
  categoryIdTaken: (id: string) => `The category id ${plainly(id)} is taken.`,
  jobInTwoCategories: (job: string) => `The job ${plainly(job)} stands in two categories.`,
  tooManyLines: (most: number) => `A list has at most ${most} lines.`,
  listLine: (line: number, why: string) => `Line ${line} ${why}.`,
  versionOfOtherKit: () => 'It is of another kit.',
  tripEndsBefore: (to: string, from: string) =>
    `The trip ends on ${to}, before it began on ${from}.`,
  roundEndsBefore: () => 'The round ends before it began.',
  moreFoundThanThere: (name: string, found: number, count: number) =>
    `${found} of ${plainly(name, 120)} are used, missing, broken or to be renewed, and only ${count} belong there.`,
  idTwice: (id: string) => `The id ${plainly(id)} is there twice.`,
  tooManySeals: (most: number) => `A kit has at most ${most} sealed holders.`,
  tooManyWishes: (most: number) => `A kit has at most ${most} wishes of its own.`,
  tooManyBriefs: (most: number) => `A kit has at most ${most} other briefs.`,
  returnsBefore: () => 'The return is before the start.',
  lowAboveHigh: () => 'The low is above the high.',
  threatTwice: () => 'A threat in the water is there twice.',
  massLimit: () => 'The most it may weigh is a mass above 0, up to 10 t.',
  priceLimit: () => 'The most it may cost is a price, up to ten million.',

  // How a kit hangs together.
  noGear: (id: string) => `There is no gear ${plainly(id)} on the shelf.`,
  noKit: (id: string) => `There is no kit ${plainly(id)}.`,
  noPlacement: (id: string) => `There is no placement ${plainly(id)} in this kit.`,
  placementThere: (id: string) => `There is a placement ${plainly(id)} already.`,
  noHolder: (id: string) => `There is no holder ${plainly(id)} in this kit.`,
  noCavity: (holder: string, cavity: string) =>
    `${plainly(holder, 120)} has no cavity ${quoted(cavity)}.`,
  count: (most: number) => `A count is a whole number from 1 to ${most}.`,
  noLane: (name: string, job: string) => `${plainly(name, 120)} does nothing for ${quoted(job)}.`,
  filledIsOne: () => 'A holder with something in it is exactly one: place another beside it.',
  placedOften: (name: string, count: number) =>
    `${plainly(name, 120)} is placed ${count} times: set it to one to fill it.`,
  inItself: (name: string) => `${plainly(name, 120)} cannot go into itself.`,
  loop: (id: string) => `${plainly(id)} is inside itself: the holders go round in a loop.`,
  kitInItself: (name: string) => `“${plainly(name, 120)}” would be inside itself.`,
  tooDeep: (most: number) => `Holders go in one another at most ${most} deep.`,
  kitsTooDeep: (most: number) => `Kits go along in one another at most ${most} deep.`,
  wholeTooLarge: (most: number) =>
    `With the kits that go along in it, a kit holds up to ${most} placements.`,
  tooManyPieces: (most: number) =>
    `With the kits that go along in it, a kit holds up to ${most} pieces.`,
  noPlaceForContents: (name: string) => `${plainly(name, 120)} has no place for what is in it now.`,

  // Limits of a bench.
  kitFull: (most: number) => `A kit holds up to ${most} placements.`,
  alongFull: (most: number) => `At most ${most} kits go along in one.`,
  tooManyAlong: (most: number) => `In all kits of a bench together, up to ${most} kits go along.`,
  benchTooLarge: (most: number) =>
    `The kits of a bench hold up to ${most} placements together, and those of its versions as many.`,
} as const satisfies Sentences;
