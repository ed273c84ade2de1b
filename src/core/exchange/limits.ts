import { routeSays } from '../refusals/routes';
import { fileSays } from '../refusals/files';

/** The largest file that is opened and written, in bytes: a bench at its limits, or some hundreds of pictures. */
export const mostBytes = 64 * 1024 * 1024;

/** The most lists and objects in a file: some four times what a bench at its limits has. */
export const mostNodes = 1_500_000;

/** What keeps a file of `bytes` from being opened at all, before it is read; null where nothing does. */
export function whyTooLarge(bytes: number): string | null {
  return bytes <= mostBytes ? null : fileSays.fileTooLarge(inMb(bytes), inMb(mostBytes));
}

/** The largest file of a way that is opened, in bytes: some months of points a second. */
export const mostTrackBytes = 20 * 1024 * 1024;

/** What keeps a file of a way from being opened, before it is read; null where nothing does. */
export function whyTrackTooLarge(bytes: number): string | null {
  return bytes <= mostTrackBytes
    ? null
    : routeSays.trackTooLarge(inMb(bytes), inMb(mostTrackBytes));
}

export function inMb(bytes: number): string {
  return (bytes / 1024 / 1024).toFixed(0);
}
