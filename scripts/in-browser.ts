import { spawn } from 'node:child_process';
import { chromium, type Browser } from '@playwright/test';
import { chromiumArguments, drawingArguments, freePort } from '../playwright.config';

/**
 * Serves the application with the demo or an empty bench while `work` runs in a browser.
 *
 * @param drawsInTheRound with a graphics card that the processor plays. Plain pages are painted several times slower with it.
 */
export async function inBrowser(
  opensOn: 'demo' | 'nothing',
  work: (browser: Browser, address: string) => Promise<void>,
  { drawsInTheRound = true } = {},
): Promise<void> {
  const port = String(await freePort());
  const server = spawn(process.execPath, ['scripts/serve.mjs', opensOn], {
    env: { ...process.env, PORT: port },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  await new Promise<void>((resolve) =>
    server.stdout.on('data', (chunk: Buffer) => chunk.includes('Vivid Acorn is at') && resolve()),
  );
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
    args: drawsInTheRound ? [...chromiumArguments, ...drawingArguments] : chromiumArguments,
  });
  try {
    await work(browser, `http://127.0.0.1:${port}`);
  } finally {
    await browser.close();
    server.kill('SIGTERM');
  }
}
