/** What every answer says, pages, files and errors alike; the policy of content comes with each page (src/proxy.ts). */
export const everyAnswer = {
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'no-referrer',
  'cross-origin-opener-policy': 'same-origin',
  'cross-origin-resource-policy': 'same-origin',
  'permissions-policy': [
    'accelerometer',
    'camera',
    'display-capture',
    'geolocation',
    'gyroscope',
    'hid',
    'magnetometer',
    'microphone',
    'midi',
    'payment',
    'serial',
    'usb',
    'xr-spatial-tracking',
  ]
    .map((feature) => `${feature}=()`)
    .join(', '),
};

/**
 * What is answered before the application is asked: null where it is to be asked. Pages and files are read; the simulated
 * scale is told things too. An address that cannot be read, or that names another server, is no address here.
 *
 * @param {{ method?: string, url?: string }} request
 * @returns {{ status: number, says: string, headers: Record<string, string> } | null}
 */
export function answeredAtOnce({ method = '', url = '' }) {
  const path = readable(url);
  if (path === null || !path.startsWith('/') || /^\/[/\\]/.test(path)) {
    return { status: 400, says: 'This is no address here.', headers: {} };
  }
  const told = path.startsWith('/api/scale/') ? ['GET', 'HEAD', 'POST'] : ['GET', 'HEAD'];
  if (!told.includes(method)) {
    return {
      status: 405,
      says: 'Pages are read here, and nothing else is done to them.',
      headers: { allow: told.join(', ') },
    };
  }
  return null;
}

function readable(url) {
  try {
    return decodeURIComponent(url.split('?')[0]);
  } catch {
    return null;
  }
}
