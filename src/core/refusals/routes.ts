import { plainly, quoted } from './quoted';
import type { Sentences } from './outcome';

/** What keeps a file of a way from being taken in. */
export const routeSays = {
  trackTooLarge: (size: string, most: string) =>
    `The file is ${size} MB, and tracks of up to ${most} MB are opened: thin it out, or cut it into days.`,
  trackDeclares: () =>
    'This file declares entities or a document type, which no track needs: it is not opened.',
  trackNoXml: (why: string, line: string) =>
    `This is no GPX file: ${plainly(why, 120)} in line ${plainly(line, 12)}.`,
  trackUnreadable: () =>
    'This GPX file cannot be read: something in it is nested too deep, or has a name that no GPX file needs.',
  trackWaters: (found: number, most: number) =>
    `This file marks ${found} waters; up to ${most} are read: cut it into days.`,
  trackNoGpx: (root: string) => `This XML is no GPX file: it holds ${quoted(root)}, not “gpx”.`,
  trackNone: () => 'This GPX file has no track and no route: there is no way to measure.',
  trackShort: () => 'The track of this file has fewer than two points: there is no way to measure.',
  trackPoint: (at: number, what: string, is: string) =>
    `Point ${at} has ${plainly(what, 20)} ${quoted(is)}, which is no place on earth.`,
} as const satisfies Sentences;
