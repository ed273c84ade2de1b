import { pathPlainly, plainly, quoted } from './quoted';

/**
 * Every refusal of the core: one sentence that says what is wrong, where, and what would be right. Those of a field
 * of a file are the words after its path; {@link atField} puts the path before them.
 *
 * What somebody typed stands in quotation marks, cut and with what cannot be seen written out.
 */
export const says = {
  // What is typed: numbers, measures, prices, sizes, lines.
  noNumberFirst: (text: string) => `${quoted(text)} does not start with a number.`,
  dividesByNothing: (text: string) => `${quoted(text)} divides by nothing.`,
  twoNumbers: (text: string, one: string, other: string) =>
    `${quoted(text)} can mean ${one} or ${other}: write ${one} or ${other}.`,
  noNumber: (text: string) =>
    `${quoted(text)} is not a number this understands: write it like 1234.5.`,
  measureMissing: (what: string, examples: string) => `Write a ${what}, like ${examples}.`,
  measureBelowZero: (what: string) => `A ${what} cannot be below zero.`,
  measureTooLarge: (what: string, most: string) =>
    `A ${what} of more than ${most} is not believed.`,
  noMeasure: (text: string, what: string, examples: string) =>
    `${quoted(text)} is not a ${what} this understands: write it like ${examples}.`,
  unitMissing: (text: string, examples: string) =>
    `${quoted(text)} of what: say the unit, like ${examples}.`,
  otherCurrency: (text: string, currency: string) =>
    `Prices here are in ${currency}, and ${quoted(text)} is not: work it out in ${currency}.`,
  priceTooLarge: () => 'A price of more than ten million is not believed.',
  noPrice: (text: string, example: string) =>
    `${quoted(text)} is not a price this understands: write it like ${example} or 12.50.`,
  sideOfNothing: () => 'Every side of a size is above zero.',
  noSize: (text: string, examples: string) =>
    `${quoted(text)} is not a size this understands: write it like ${examples}.`,
  sheetTooLarge: (areaM2: number) =>
    `A sheet of ${areaM2} m² is not believed: say the unit, like 3x3 m or 10x10 ft.`,
  namelessLine: () => 'Write what it is as well, like: steel bottle 1 L 210 g 90x200 mm.',
  lineTooLong: (most: number) =>
    `The line is longer than ${most} characters: write one piece a line.`,
  volumeOfNothing: () => 'A volume is above 0.',
  sideNamedOfNothing: (side: string) => `A ${side} is above 0.`,

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
  idTwice: (id: string) => `The id ${plainly(id)} is there twice.`,
  massLimit: () => 'The most it may weigh is a mass above 0, up to 10 t.',
  priceLimit: () => 'The most it may cost is a price, up to ten million.',

  // How a kit hangs together.
  noGear: (id: string) => `There is no gear ${plainly(id)} on the shelf.`,
  gearThere: (id: string) => `There is gear ${plainly(id)} already.`,
  noKit: (id: string) => `There is no kit ${plainly(id)}.`,
  kitThere: (id: string) => `There is a kit ${plainly(id)} already.`,
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
  cavityFilled: (cavity: string, held: number, kit: string) =>
    `${plainly(cavity, 120)} still holds ${held} in ${plainly(kit, 120)}: move them out first.`,
  noKitAlong: (id: string, kit: string) =>
    `There is no kit ${plainly(id)} along in ${plainly(kit, 120)}.`,
  noEntry: (id: string, which: string) => `There is no ${plainly(id)} among the ${which}.`,
  noVersion: (id: string) => `There is no version ${plainly(id)}.`,

  // Limits of a bench.
  shelfFull: (most: number) => `The shelf holds up to ${most} lines.`,
  kitFull: (most: number) => `A kit holds up to ${most} placements.`,
  benchFull: (most: number, which: string) => `A bench holds up to ${most} ${which}.`,
  alongFull: (most: number) => `At most ${most} kits go along in one.`,
  benchTooLarge: (most: number) =>
    `The kits of a bench hold up to ${most} placements together, and those of its versions as many.`,

  // Using, cutting, undoing.
  notUsedUp: (name: string) => `${plainly(name, 120)} is not counted in anything used up.`,
  useOfNothing: () => 'What is used is more than nothing.',
  notSoMuch: (there: string, unit: string, name: string) =>
    `There is ${there} ${unit} of ${plainly(name, 120)} left, no more.`,
  notInMetres: (name: string) => `${plainly(name, 120)} is not counted in metres.`,
  noneLeft: (name: string) => `There is no ${plainly(name, 120)} left to cut.`,
  cutOfNothing: (least: string) =>
    `Every length that is cut is more than nothing: at least ${least}.`,
  notSoLong: (name: string, there: string, wanted: string) =>
    `One ${plainly(name, 120)} has ${there} m, and ${wanted} m are wanted.`,
  hankWithoutId: () => 'Every new hank needs an id of its own.',
  notHere: (name: string, placement: string) =>
    `There is no ${plainly(name, 120)} at ${plainly(placement)}.`,
  notSoManyHere: (there: number, name: string, wanted: number) =>
    `${there} of ${plainly(name, 120)} are here, and ${wanted} are wanted.`,
  pieceWithoutPlace: () => 'Every new piece needs a place of its own.',
  nothingToUndo: () => 'There is nothing to undo.',
  nothingToRedo: () => 'There is nothing to redo.',
  notLastAnyMore: (label: string) =>
    `${quoted(label)} is not the last act any more: another window did something after it, and nothing was changed.`,

  // Files.
  fileTooLarge: (size: string, most: string) =>
    `The file is ${size} MB, and files up to ${most} MB are opened: nothing was brought in.`,
  deepFile: (most: number) => `The lists and objects of this file go more than ${most} deep.`,
  manyNodes: (most: number) =>
    `This file has more than ${most} lists and objects, more than any bench has.`,
  noJson: (reason: string) => `This is not a JSON file (${plainly(reason, 120)}).`,
  noFormat: () => 'This JSON is not a Vivid Acorn file: it has no field “format”.',
  otherFormat: (format: string, wanted: string) =>
    `This JSON is not a Vivid Acorn file: its “format” is ${format}, not "${wanted}".`,
  noFileVersion: (version: string) => `The file’s “version” is ${version}, which is no version.`,
  newerFile: (version: number, newest: number) =>
    `The file is of version ${plainly(String(version))}, newer than this program, which reads up to ${newest}: open it with a newer Vivid Acorn.`,
  newerField: (field: string, version: number) =>
    `${quoted(field)} is no field of a file of version ${version}, as this one says it is.`,
  noKits: () => '“loadouts” is empty: the file holds no kit.',
  noKitNamed: (name: string, names: string) =>
    `“loadouts” holds no kit ${quoted(name)}, but ${plainly(names, 120)}.`,
  notReadBack: (why: string) =>
    `What was written could not be read back, so it was not given out: ${plainly(why, 200)}`,
  tooLargeToWrite: (size: string, most: string) =>
    `The file would be ${size} MB, and files up to ${most} MB are read: leave the pictures out, or write kits by themselves.`,

  // Tables and lines.
  noTable: () => 'This is no text of rows and cells, but another kind of file.',
  emptyTable: () => 'There is nothing in this file.',
  tooManyRows: (most: number) => `More than ${most} rows are not read at once.`,
  tooManyColumns: (most: number) => `More than ${most} columns are not read.`,
  cellTooLong: (row: number, most: number) =>
    `Row ${row} has a cell of more than ${most} characters.`,
  quoteNotClosed: (row: number) =>
    `Row ${row} has a quotation mark that is not closed: close it, or take it away.`,
  quoteNotDoubled: (row: number) =>
    `Row ${row} has text after a closing quotation mark: write a mark inside a cell twice.`,
  textTooLong: (most: string) => `More than ${most} characters are not read at once.`,
  namelessRow: () => 'The row has no name.',
  sumRow: () => 'This is a sum, not a piece.',
  noCount: (text: string) => `${quoted(text)} is not how many there are: write a whole number.`,
  noOwnership: (text: string) =>
    `${quoted(text)} is none of owned, wished, home-made, scavenged or retired.`,
  twoDays: (text: string) => `${quoted(text)} can be two days: write it like 2027-04-30.`,
  noDayTyped: (text: string) =>
    `${quoted(text)} is not a day this understands: write it like 2027-04-30.`,
  noJob: (word: string, some: string) => `${quoted(word)} is not a job this knows, like ${some}.`,
} as const satisfies Readonly<Record<string, (...of: never[]) => string>>;

/** The words that stand after the path of a file’s field. */
export const fieldSays = {
  missing: 'is missing.',
  unknown: 'is not a field of this format.',
  twice: 'is there twice.',
  tighterThanLoose: 'is more than its looseMl.',
} as const;

/** A sentence about a field of a file: its path, and what it is or has, or a sentence of its own. */
export function atField(field: string, words: string): string {
  const follows = /^(is|holds|has|goes)\b/.test(words) ? ' ' : ': ';
  return `“${pathPlainly(field)}”${follows}${words}`;
}
