import { spawnSync } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { ensureBuilt } from './ensure-built.mjs';
import { ensureSecondBuild } from './ensure-second-build.mjs';
import { ensureChromium } from './ensure-chromium.mjs';
import { ensureInstalled, root } from './ensure-installed.mjs';

const reports = path.join(root, '.verify');

/** Counts over all runners; a step that is no test counts as one when it fails. */
const total = { passed: 0, failed: 0 };

ensureInstalled();
const chromium = ensureChromium();
rmSync(reports, { recursive: true, force: true });
mkdirSync(reports);

step('format', 'prettier', '--check', '.');
step('lint', 'eslint', '.');
step('import rules', 'depcruise', 'src', 'bin', '--config', '.dependency-cruiser.cjs');
step('route types', 'next', 'typegen');
step('types', 'tsc', '--noEmit');
runJest();
say('builds: one, and a release after it');
ensureSecondBuild();
ensureBuilt();
runPlaywright();

process.stdout.write(`\n${total.passed} passed, ${total.failed} failed\n`);
process.exit(total.failed === 0 ? 0 : 1);

function step(name, ...words) {
  say(name);
  if (run(words) !== 0) total.failed += 1;
}

function runJest() {
  say('unit tests');
  const report = path.join(reports, 'jest.json');
  // On two cores Jest would use one of them.
  const words = ['jest', '--silent', '--maxWorkers=100%', '--json', `--outputFile=${report}`];
  const status = run(words, 'ignore');
  const found = reportOf(report);
  count(
    found?.numPassedTests ?? 0,
    (found?.numFailedTests ?? 0) + (found?.numRuntimeErrorTestSuites ?? 0),
    status,
  );
}

function runPlaywright() {
  say('end-to-end tests');
  const report = path.join(reports, 'playwright.json');
  const status = run(['playwright', 'test'], 'inherit', {
    CHROMIUM_PATH: chromium,
    PLAYWRIGHT_JSON_OUTPUT_NAME: report,
  });
  const stats = reportOf(report)?.stats ?? {};
  count((stats.expected ?? 0) + (stats.flaky ?? 0), stats.unexpected ?? 0, status);
}

/** A runner that failed without a failed test failed once. */
function count(passed, failed, status) {
  total.passed += passed;
  total.failed += status !== 0 && failed === 0 ? 1 : failed;
}

function run(words, stdout = 'inherit', more = {}) {
  return spawnSync('npx', ['--no-install', ...words], {
    cwd: root,
    stdio: ['ignore', stdout, 'inherit'],
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', ...more },
  }).status;
}

function reportOf(file) {
  try {
    return JSON.parse(readFileSync(file, 'utf8'));
  } catch {
    return null;
  }
}

function say(name) {
  process.stdout.write(`\n— ${name}\n`);
}
