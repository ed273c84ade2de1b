import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { root } from './ensure-installed.mjs';

const sources = [
  'src',
  'public',
  'next.config.mjs',
  'scripts/every-answer.mjs',
  'tsconfig.json',
  'package-lock.json',
];

/** The framework's own program, run without a shell or a launcher between, so that a signal reaches it. */
export const next = path.join(root, 'node_modules', 'next', 'dist', 'bin', 'next');

/** Builds the application where its sources are not those of the last build. */
export function ensureBuilt() {
  const stamp = path.join(root, '.next', 'built-from');
  const wanted = sourcesHash();
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return;
  build(wanted.slice(0, 12));
  writeFileSync(stamp, wanted);
}

/** Builds the application as the build of that name, which its pages, its worker and its caches go by. */
export function build(name) {
  process.stdout.write('Building…\n');
  const { status } = spawnSync(process.execPath, [next, 'build'], {
    cwd: root,
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, ACORN_BUILD: name, NEXT_TELEMETRY_DISABLED: '1' },
  });
  if (status !== 0) {
    process.stderr.write('The application could not be built.\n');
    process.exit(1);
  }
}

/** What the application is made of, as one word. */
export function sourcesHash() {
  return hashOf(sources.map((source) => path.join(root, source)));
}

function hashOf(places) {
  const hash = createHash('sha256');
  const visit = (place) => {
    if (!existsSync(place)) return;
    if (statSync(place).isDirectory()) {
      for (const name of readdirSync(place).sort()) visit(path.join(place, name));
    } else {
      hash.update(path.relative(root, place)).update(readFileSync(place));
    }
  };
  places.forEach(visit);
  return hash.digest('hex');
}
