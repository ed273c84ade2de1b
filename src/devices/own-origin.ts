/**
 * Whether a request that changes something comes from a page of this origin. Browsers name the origin of every POST;
 * what names none is no browser.
 */
export function isOwnOrigin(headers: Headers): boolean {
  const origin = headers.get('origin');
  const site = headers.get('sec-fetch-site');
  if (site !== null && site !== 'same-origin') return false;
  if (origin === null) return true;
  return URL.canParse(origin) && new URL(origin).host === headers.get('host');
}
