import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';

/** The browser for the end-to-end tests: CHROMIUM_PATH, or Debian's, which is installed where it can be. */
export function ensureChromium() {
  const places = [process.env.CHROMIUM_PATH, '/usr/bin/chromium', '/usr/bin/chromium-browser'];
  const found = () => places.find((place) => place !== undefined && existsSync(place));
  if (found() === undefined) {
    process.stdout.write('Installing Chromium…\n');
    apt('update');
    apt('install', '-y', '--no-install-recommends', 'chromium');
  }
  const chromium = found();
  if (chromium === undefined) {
    process.stderr.write(
      'There is no Chromium, and it could not be installed: install it and set CHROMIUM_PATH.\n',
    );
    process.exit(1);
  }
  return chromium;
}

function apt(...words) {
  const isRoot = process.getuid?.() === 0;
  const [command, ...args] = [...(isRoot ? [] : ['sudo', '-n']), 'apt-get', '-qq', ...words];
  spawnSync(command, args, {
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
  });
}
