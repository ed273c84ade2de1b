import type { Sentences } from './outcome';
import { plainly, quoted } from './quoted';

/** What keeps an act on the bench from being done: said by what does acts, which no first screen waits for. */
export const actsSays = {
  kitThere: (id: string) => `There is a kit ${plainly(id)} already.`,
  cavityFilled: (cavity: string, held: number, kit: string) =>
    `${plainly(cavity, 120)} still holds ${held} in ${plainly(kit, 120)}: move them out first.`,
  noKitAlong: (id: string, kit: string) =>
    `There is no kit ${plainly(id)} along in ${plainly(kit, 120)}.`,
  noVersion: (id: string) => `There is no version ${plainly(id)}.`,
  noEntry: (id: string, which: string) => `There is no ${plainly(id)} among the ${which}.`,
  benchFull: (most: number, which: string) => `A bench holds up to ${most} ${which}.`,
  gearThere: (id: string) => `There is gear ${plainly(id)} already.`,
  shelfFull: (most: number) => `The shelf holds up to ${most} lines.`,
  notHere: (name: string, placement: string) =>
    `There is no ${plainly(name, 120)} at ${plainly(placement)}.`,
  pieceWithoutPlace: () => 'Every new piece needs a place of its own.',
  notSoManyHere: (there: number, name: string, wanted: number) =>
    `${there} of ${plainly(name, 120)} are here, and ${wanted} are wanted.`,
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
  nothingToUndo: () => 'There is nothing to undo.',
  nothingToRedo: () => 'There is nothing to redo.',
  notLastAnyMore: (label: string) =>
    `${quoted(label)} is not the last act any more: another window did something after it, and nothing was changed.`,
} as const satisfies Sentences;
