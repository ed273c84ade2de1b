import { spawn } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { ensureChromium } from './ensure-chromium.mjs';
import { ensureInstalled, root } from './ensure-installed.mjs';

const reports = path.join(root, '.verify');

/** Counts over all runners; a step that is no test counts as one when it fails. */
const total = { passed: 0, failed: 0 };
const began = Date.now();

ensureInstalled();
const chromium = ensureChromium();
rmSync(reports, { recursive: true, force: true });
mkdirSync(reports);
say('installed', began);

// Two at a time, as most machines have two cores: what needs one core runs beside what needs one.
await Promise.all([
  inTurn([
    ['lint', 'eslint', '.'],
    ['import rules', 'depcruise', 'src', 'bin', '--config', '.dependency-cruiser.cjs'],
    ['format', 'prettier', '--check', '.'],
  ]),
  inTurn([
    ['route types', 'next', 'typegen'],
    ['types', 'tsc', '--noEmit'],
  ]),
]);
await build();
await runJest();
await runPlaywright();

process.stdout.write(`\nin ${minutes(began)}\n${total.passed} passed, ${total.failed} failed\n`);
process.exit(total.failed === 0 ? 0 : 1);

async function inTurn(steps) {
  for (const [name, ...words] of steps) {
    const started = Date.now();
    const { status, output } = await run('npx', ['--no-install', ...words]);
    if (status !== 0) {
      total.failed += 1;
      process.stdout.write(`\n${output}\n${name} failed\n`);
    }
    say(name, started);
  }
}

/** The build, and a release after it, that the browser goes over to. */
async function build() {
  const started = Date.now();
  const builds = ['scripts/build.mjs', 'scripts/build-second.mjs'];
  for (const { status, output } of await Promise.all(
    builds.map((script) => run(process.execPath, [script])),
  )) {
    if (status === 0) continue;
    process.stdout.write(`\n${output}\n`);
    total.failed += 1;
  }
  say('builds', started);
}

async function runJest() {
  const started = Date.now();
  const report = path.join(reports, 'jest.json');
  const words = ['jest', '--silent', '--json', `--outputFile=${report}`];
  const { status, output } = await run('npx', ['--no-install', ...words]);
  const found = reportOf(report);
  count(
    found?.numPassedTests ?? 0,
    (found?.numFailedTests ?? 0) + (found?.numRuntimeErrorTestSuites ?? 0),
    status,
  );
  if (status !== 0) process.stdout.write(`\n${output}\n`);
  say(`unit tests: ${found?.numPassedTests ?? 0} passed`, started);
}

async function runPlaywright() {
  const started = Date.now();
  const report = path.join(reports, 'playwright.json');
  const { status } = await run('npx', ['--no-install', 'playwright', 'test'], 'inherit', {
    CHROMIUM_PATH: chromium,
    PLAYWRIGHT_JSON_OUTPUT_NAME: report,
  });
  const stats = reportOf(report)?.stats ?? {};
  const passed = (stats.expected ?? 0) + (stats.flaky ?? 0);
  count(passed, stats.unexpected ?? 0, status);
  say(`end-to-end tests: ${passed} passed`, started);
}

/** A runner that failed without a failed test failed once. */
function count(passed, failed, status) {
  total.passed += passed;
  total.failed += status !== 0 && failed === 0 ? 1 : failed;
}

/** Runs a program to its end; what it says is kept, or goes where this one’s goes. */
function run(command, words, stdio = 'pipe', more = {}) {
  return new Promise((resolve) => {
    let output = '';
    const child = spawn(command, words, {
      cwd: root,
      stdio: ['ignore', stdio, stdio],
      env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', ...more },
    });
    child.stdout?.on('data', (part) => (output += part));
    child.stderr?.on('data', (part) => (output += part));
    child.on('error', (error) => resolve({ status: 1, output: String(error) }));
    child.on('close', (status) => resolve({ status, output }));
  });
}

function reportOf(file) {
  try {
    return JSON.parse(readFileSync(file, 'utf8'));
  } catch {
    return null;
  }
}

function say(name, started) {
  process.stdout.write(`— ${name} (${minutes(started)})\n`);
}

function minutes(since) {
  const seconds = Math.round((Date.now() - since) / 1000);
  return `${Math.floor(seconds / 60)} min ${String(seconds % 60).padStart(2, '0')} s`;
}
