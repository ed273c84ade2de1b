/** The names by which a program on this machine is called from it; a server that is told its own name answers to that one too. */
const ownNames: readonly string[] = [
  'localhost',
  '127.0.0.1',
  '[::1]',
  ...(process.env.ACORN_HOST ? [process.env.ACORN_HOST] : []),
];

/**
 * Whether a request that changes something comes from a page that is served here, at an address that is served here. Both
 * are asked: a name from elsewhere that leads to this machine would be its own origin. Browsers name the origin of every
 * POST; what names none is no browser.
 */
export function isOwnOrigin(headers: Headers): boolean {
  const host = headers.get('host');
  const origin = headers.get('origin');
  const site = headers.get('sec-fetch-site');
  if (host === null || !URL.canParse(`http://${host}`)) return false;
  if (!ownNames.includes(new URL(`http://${host}`).hostname)) return false;
  if (site !== null && site !== 'same-origin') return false;
  if (origin === null) return true;
  return URL.canParse(origin) && new URL(origin).host === host;
}
