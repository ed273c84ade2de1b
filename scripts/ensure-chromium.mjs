import { spawnSync } from 'node:child_process';
import { chromiumPath, forScripts } from './chromium.mjs';

/** The browser for the end-to-end tests: CHROMIUM_PATH, or Debian's, which is installed where it can be. */
export function ensureChromium() {
  if (process.env.CHROMIUM_PATH === undefined && chromiumPath() !== forScripts) {
    process.stdout.write('Installing Chromium…\n');
    if (!installed('chromium-headless-shell') && apt('update')) {
      installed('chromium-headless-shell');
    }
    if (chromiumPath() === undefined) installed('chromium');
  }
  const chromium = chromiumPath();
  if (chromium === undefined) {
    process.stderr.write(
      'There is no Chromium, and it could not be installed: install it and set CHROMIUM_PATH.\n',
    );
    process.exit(1);
  }
  return chromium;
}

const installed = (what) => apt('install', '-y', '--no-install-recommends', what);

/** Whether it went well. A server of packages that does not answer is not waited for. */
function apt(...words) {
  const isRoot = process.getuid?.() === 0;
  const patience = ['-o', 'Acquire::Retries=1', '-o', 'Acquire::http::Timeout=20'];
  const [command, ...args] = [...(isRoot ? [] : ['sudo', '-n']), 'apt-get', '-qq', ...patience];
  const { status } = spawnSync(command, [...args, ...words], {
    stdio: 'ignore',
    timeout: 300_000,
    env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
  });
  return status === 0;
}
