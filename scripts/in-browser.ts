import { spawn, type ChildProcess } from 'node:child_process';
import { chromium, type Browser } from '@playwright/test';
import { chromiumArguments, drawingArguments, freePort } from '../playwright.config';
import { chromiumPath } from './chromium.mjs';

/** A build that is served, until it is stopped. */
export interface Served {
  readonly address: string;
  readonly server: ChildProcess;
}

/**
 * Serves the application, with the demo or an empty bench, at a free port.
 *
 * @param folder of the clone whose build is served.
 */
export async function served(
  opensOn: 'demo' | 'nothing',
  folder: string = process.cwd(),
): Promise<Served> {
  const port = await freePort();
  const server = spawn(process.execPath, ['scripts/serve.mjs', opensOn], {
    cwd: folder,
    env: { ...process.env, PORT: String(port) },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  await new Promise<void>((resolve) =>
    server.stdout.on('data', (chunk: Buffer) => chunk.includes('Vivid Acorn is at') && resolve()),
  );
  return { address: `http://127.0.0.1:${port}`, server };
}

/** Starts the browser. */
export const launched = (args: readonly string[]): Promise<Browser> =>
  chromium.launch({
    executablePath: chromiumPath(),
    args: [...args],
  });

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
  const { address, server } = await served(opensOn);
  const browser = await launched(
    drawsInTheRound ? [...chromiumArguments, ...drawingArguments] : chromiumArguments,
  );
  try {
    await work(browser, address);
  } finally {
    await browser.close();
    server.kill('SIGTERM');
  }
}
