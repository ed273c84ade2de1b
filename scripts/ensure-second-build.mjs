import { spawnSync } from 'node:child_process';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { next, sourcesHash } from './ensure-built.mjs';
import { root } from './ensure-installed.mjs';

/** Where the second build stands, and what it is called. */
export const secondBuild = { folder: '.next-second', name: 'second' };

/**
 * Builds the application once more, as another build of another name: what a browser that has the first one meets when
 * there is a release.
 */
export function ensureSecondBuild() {
  const stamp = path.join(root, secondBuild.folder, 'built-from');
  const wanted = sourcesHash();
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return;
  const { status } = spawnSync(process.execPath, [next, 'build'], {
    cwd: root,
    stdio: ['ignore', 'ignore', 'inherit'],
    env: {
      ...process.env,
      ACORN_BUILT_IN: secondBuild.folder,
      ACORN_BUILD: secondBuild.name,
      NEXT_TELEMETRY_DISABLED: '1',
    },
  });
  if (status !== 0) throw new Error('the second build could not be made');
  writeFileSync(stamp, wanted);
}
