import { createServer, type AddressInfo } from 'node:net';
import { defineConfig } from '@playwright/test';
import { chromiumPath } from './scripts/chromium.mjs';

/** A port that nobody listens at, as the system gives one out. */
export function freePort(): Promise<number> {
  return new Promise((resolve) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as AddressInfo;
      probe.close(() => resolve(port));
    });
  });
}

// Two clones can be tried at once. The workers are handed on what was found first.
process.env.ACORN_DEMO_PORT ??= String(await freePort());
process.env.ACORN_WELCOME_PORT ??= String(await freePort());

export const demoAddress = `http://127.0.0.1:${process.env.ACORN_DEMO_PORT}`;
export const welcomeAddress = `http://127.0.0.1:${process.env.ACORN_WELCOME_PORT}`;

export const chromiumArguments = [
  '--no-sandbox',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];

/** What draws in the round where there is no graphics card. */
export const drawingArguments = ['--use-angle=swiftshader', '--enable-unsafe-swiftshader'];

export default defineConfig({
  testDir: 'tests/e2e',
  // Nothing is told by the clock: a busy machine takes its time.
  timeout: 240_000,
  expect: { timeout: 60_000 },
  workers: 2,
  retries: 0,
  fullyParallel: true,
  forbidOnly: true,
  reporter: [['list'], ['json', { outputFile: '.verify/playwright.json' }]],
  outputDir: 'test-results',
  use: {
    baseURL: demoAddress,
    viewport: { width: 1280, height: 800 },
    // Keeping all of the application is looked at where that is the matter, and done nowhere else.
    serviceWorkers: 'block',
    actionTimeout: 60_000,
    contextOptions: { reducedMotion: 'reduce' },
    // Recording every step takes longer than the steps: asked for where something is to be found out.
    trace: process.env.TRACE ? 'retain-on-failure' : 'off',
    launchOptions: {
      executablePath: chromiumPath(),
      args: chromiumArguments,
    },
  },
  webServer: [
    {
      command: 'node scripts/serve.mjs demo',
      url: `${demoAddress}/icon.svg`,
      env: { PORT: process.env.ACORN_DEMO_PORT },
      timeout: 180_000,
      gracefulShutdown: { signal: 'SIGTERM', timeout: 3000 },
    },
    {
      command: 'node scripts/serve.mjs nothing',
      url: `${welcomeAddress}/icon.svg`,
      env: { PORT: process.env.ACORN_WELCOME_PORT },
      timeout: 180_000,
      gracefulShutdown: { signal: 'SIGTERM', timeout: 3000 },
    },
  ],
});
