import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = path.dirname(path.dirname(fileURLToPath(import.meta.url)));

/** Installs the packages of the lock file where any of them is missing or of another version. */
export function ensureInstalled() {
  if (isInstalled()) return;
  process.stderr.write('Installing the packages…\n');
  const { status } = spawnSync('npm', ['ci', '--no-audit', '--no-fund', '--loglevel', 'error'], {
    cwd: root,
    stdio: ['ignore', 2, 2],
  });
  if (status !== 0) {
    process.stderr.write('The packages could not be installed; npm says why above.\n');
    process.exit(1);
  }
}

function isInstalled() {
  const wanted = packagesOf('package-lock.json');
  const there = packagesOf('node_modules/.package-lock.json');
  return Object.entries(wanted).every(
    ([place, { version, optional }]) =>
      place === '' || optional === true || there[place]?.version === version,
  );
}

function packagesOf(lockFile) {
  try {
    return JSON.parse(readFileSync(path.join(root, lockFile), 'utf8')).packages;
  } catch {
    return {};
  }
}
