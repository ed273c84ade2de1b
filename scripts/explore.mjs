import { spawnSync } from 'node:child_process';
import { randomInt } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { parseArgs } from 'node:util';
import { ensureInstalled, root } from './ensure-installed.mjs';

/**
 * Runs the property tests, and what else is a proof by number, over and over with fresh seeds and in full, for as long as
 * asked, and prints the seed and the shrunk case of what fails: `npm run explore -- --minutes 30 --only using`. Each failure becomes a fixed case in the tests.
 */
const { values } = parseArgs({
  options: { minutes: { type: 'string', default: '10' }, only: { type: 'string', default: '' } },
});
const minutes = Number(values.minutes);
if (!(minutes > 0)) {
  process.stderr.write(`--minutes is “${values.minutes}”; it must be a number above 0.\n`);
  process.exit(2);
}
ensureInstalled();
const files = readdirSync(path.join(root, 'tests'), { recursive: true })
  .map((file) => path.join('tests', file))
  .filter((file) => file.endsWith('.test.ts') && file.includes(values.only))
  .filter((file) => /fc\.assert|support\/share/.test(readFileSync(path.join(root, file), 'utf8')));
if (files.length === 0) {
  process.stderr.write(`No file of property tests has “${values.only}” in its name.\n`);
  process.exit(2);
}

const until = Date.now() + minutes * 60_000;
const found = new Map();
let rounds = 0;
while (Date.now() < until) {
  const seed = randomInt(1, 2 ** 31);
  rounds += 1;
  const failures = roundWith(seed);
  process.stdout.write(
    `round ${rounds}, seed ${seed}: ${failures.length === 0 ? 'nothing' : `${failures.length} failed`}\n`,
  );
  for (const { name, says } of failures) {
    if (!found.has(name)) process.stdout.write(`\n● ${name}\n${says}\n\n`);
    found.set(name, seed);
  }
}
process.stdout.write(
  `\n${rounds} rounds over ${files.length} files; ${found.size} tests failed.\n`,
);
for (const [name, seed] of found) process.stdout.write(`  ${name}: ACORN_SEED=${seed}\n`);
process.exit(found.size === 0 ? 0 : 1);

/** The tests that fail with a seed, and what they say. */
function roundWith(seed) {
  const words = ['--no-install', 'jest', '--silent', '--maxWorkers=100%', '--json', ...files];
  const { stdout } = spawnSync('npx', words, {
    cwd: root,
    encoding: 'utf8',
    maxBuffer: 256 * 1024 * 1024,
    stdio: ['ignore', 'pipe', 'ignore'],
    env: { ...process.env, ACORN_SEED: String(seed), ACORN_ALL: '1' },
  });
  const report = JSON.parse(stdout.slice(stdout.indexOf('{"')));
  return report.testResults.flatMap(({ assertionResults }) =>
    assertionResults
      .filter(({ status }) => status === 'failed')
      .map(({ fullName, failureMessages }) => ({
        name: fullName,
        says: failureMessages.join('\n').slice(0, 4000),
      })),
  );
}
