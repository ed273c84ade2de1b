import { spawn } from 'node:child_process';
import { chromium, type Page } from '@playwright/test';
import { chromiumArguments } from '../playwright.config';
import { chromiumPath } from './chromium.mjs';

/** A browser of its own process and profile, which can be killed as a crash would. */
export async function killableBrowser(
  profile: string,
): Promise<{ readonly page: Page; readonly kill: () => Promise<void> }> {
  const child = spawn(chromiumPath()!, [
    ...chromiumArguments,
    '--headless',
    '--disable-gpu',
    '--remote-debugging-port=0',
    `--user-data-dir=${profile}`,
    'about:blank',
  ]);
  const address = await new Promise<string>((resolve, reject) => {
    // The line may come in pieces.
    let said = '';
    child.stderr!.on('data', (chunk: Buffer) => {
      said += chunk.toString();
      const found = /DevTools listening on (ws:\S+)\s/.exec(said);
      if (found) resolve(found[1]!);
    });
    child.on('exit', () => reject(new Error('the browser did not start')));
  });
  const browser = await chromium.connectOverCDP(address);
  const [context] = browser.contexts();
  const kill = async () => {
    const died = new Promise((resolve) => child.on('exit', resolve));
    const noticed = new Promise((resolve) => browser.on('disconnected', resolve));
    child.kill('SIGKILL');
    await Promise.all([died, noticed]);
  };
  return { page: await context!.newPage(), kill };
}
