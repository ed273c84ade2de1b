/** The largest file that is opened, in bytes: some twenty times the largest shelf anyone has shown. */
export const mostBytes = 32 * 1024 * 1024;

/** What keeps a file of `bytes` from being opened at all, before it is read; null where nothing does. */
export function whyTooLarge(bytes: number): string | null {
  if (bytes <= mostBytes) return null;
  const size = (bytes / 1024 / 1024).toFixed(0);
  return `The file is ${size} MB, and files up to ${mostBytes / 1024 / 1024} MB are opened. Nothing was brought in.`;
}
