import { quoted } from './quoted';
import type { Sentences } from './outcome';

/** What keeps a back-up from being read or written. */
export const backUpSays = {
  noZip: () => 'This is no zip that can be opened: it may be cut off, or something else.',
  noBackUp: () =>
    'This zip holds no bench.json: it is no back-up of this program. Nothing was taken from it.',
  zipTooLarge: (mb: string, most: string) =>
    `The back-up has ${mb} MB; up to ${most} MB are opened.`,
  unpacksTooLarge: (name: string, mb: string, most: string) =>
    `${quoted(name)} in it unpacks to ${mb} MB; up to ${most} MB are unpacked, as no bench has more.`,
  tooManyEntries: (most: number) =>
    `The zip holds more than ${most} files: no back-up has so many.`,
  picturesTooLarge: (mb: string, most: string) =>
    `The pictures in it unpack to ${mb} MB; up to ${most} MB are unpacked.`,
  twiceInIt: (name: string) =>
    `${quoted(name)} is in this zip twice, and one of them may be false: nothing was taken from it.`,
  damagedInIt: (name: string) =>
    `${quoted(name)} in this back-up is damaged: nothing was taken from it. Try an older back-up.`,
} as const satisfies Sentences;
