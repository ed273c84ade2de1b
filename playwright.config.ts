import { defineConfig } from '@playwright/test';

export const demoAddress = 'http://127.0.0.1:4310';
export const welcomeAddress = 'http://127.0.0.1:4311';

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
  timeout: 120_000,
  expect: { timeout: 15_000 },
  workers: 2,
  retries: 0,
  fullyParallel: true,
  forbidOnly: true,
  reporter: [['list'], ['json', { outputFile: '.verify/playwright.json' }]],
  outputDir: 'test-results',
  use: {
    baseURL: demoAddress,
    viewport: { width: 1280, height: 800 },
    // Recording every step takes longer than the steps: asked for where something is to be found out.
    trace: process.env.TRACE ? 'retain-on-failure' : 'off',
    launchOptions: {
      executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
      args: chromiumArguments,
    },
  },
  webServer: [
    {
      command: 'node scripts/serve.mjs demo',
      url: `${demoAddress}/icon.svg`,
      env: { PORT: '4310' },
      timeout: 180_000,
      gracefulShutdown: { signal: 'SIGTERM', timeout: 3000 },
    },
    {
      command: 'node scripts/serve.mjs nothing',
      url: `${welcomeAddress}/icon.svg`,
      env: { PORT: '4311' },
      timeout: 180_000,
      gracefulShutdown: { signal: 'SIGTERM', timeout: 3000 },
    },
  ],
});
