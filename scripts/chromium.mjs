import { existsSync } from 'node:fs';

/**
 * Debian's Chromium for scripts, which works two fifths less for a page than the one that can also show windows. It is named itself,
 * as what starts it outlives it when it is killed.
 */
export const forScripts = '/usr/lib/chromium/chromium-headless-shell';

/** The browser that tests and benches drive: CHROMIUM_PATH, or Debian's; undefined where there is none. */
export function chromiumPath() {
  return [
    process.env.CHROMIUM_PATH,
    forScripts,
    '/usr/bin/chromium',
    '/usr/bin/chromium-browser',
  ].find((place) => place !== undefined && existsSync(place));
}
