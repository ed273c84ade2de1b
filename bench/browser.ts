import { spawn } from 'node:child_process';
import { chromium, type Page } from '@playwright/test';
import { writeFile } from '../src/core/exchange';
import { emptyBench, type Bench } from '../src/core/loadout';
import { chromiumArguments } from '../playwright.config';
import { benchWith, shelfOf } from './kits';
import { heading, row, timingOf, type Timing } from './timing';

const port = '4330';
const address = `http://127.0.0.1:${port}`;

/** From an act of the person to the painted screen, in the browser, on kits and shelves that are brought in. */
export async function benchBrowser(): Promise<void> {
  const server = spawn(process.execPath, ['scripts/serve.mjs', 'nothing'], {
    env: { ...process.env, PORT: port },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  await new Promise<void>((resolve) =>
    server.stdout.on('data', (chunk: Buffer) => chunk.includes('Vivid Acorn is at') && resolve()),
  );
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
    args: chromiumArguments,
  });
  try {
    heading('Browser: from the press of “One more” to the painted mat');
    for (const pieces of [50, 150, 500]) {
      const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
      row(`  kit of ${pieces} pieces`, await edits(page, benchWith(pieces)));
      await page.close();
    }
    heading('Browser: from a key to the painted list of the shelf');
    for (const lines of [100, 1000, 10_000]) {
      const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
      row(`  shelf of ${lines} lines`, await searches(page, lines));
      await page.close();
    }
  } finally {
    await browser.close();
    server.kill('SIGTERM');
  }
}

async function bringIn(page: Page, bench: Bench): Promise<void> {
  // The runner that these functions are read by names their inner functions through a helper of its own.
  await page.addInitScript('globalThis.__name = (named) => named');
  await page.goto(`${address}/layout`);
  await page.locator('input[type=file]').waitFor({ state: 'attached' });
  await page.setInputFiles('input[type=file]', {
    name: 'bench.json',
    mimeType: 'application/json',
    buffer: Buffer.from(writeFile(bench)),
  });
  await page.locator('[data-saving=saved]').first().waitFor({ state: 'attached' });
}

async function edits(page: Page, bench: Bench): Promise<Timing> {
  await bringIn(page, bench);
  await page.locator('[data-mat] [data-piece]').nth(8).click();
  await page.getByRole('button', { name: 'One more' }).waitFor();
  await page.waitForTimeout(3500);
  return timingOf(
    await page.evaluate(async () => {
      const button = (name: string) =>
        document.querySelector<HTMLButtonElement>(`button[aria-label="${name}"]`)!;
      const durations: number[] = [];
      for (let turn = 0; turn < 40; turn += 1) {
        const start = performance.now();
        button(turn % 2 === 0 ? 'One more' : 'One less').click();
        await new Promise<void>((resolve) =>
          requestAnimationFrame(() => {
            const channel = new MessageChannel();
            channel.port1.onmessage = () => resolve();
            channel.port2.postMessage(null);
          }),
        );
        durations.push(performance.now() - start);
        await new Promise((resolve) => setTimeout(resolve, 60));
      }
      return durations.slice(4);
    }),
  );
}

async function searches(page: Page, lines: number): Promise<Timing> {
  const shelf = new Map(shelfOf(lines).map((gear) => [gear.id, gear]));
  await bringIn(page, { ...emptyBench, shelf });
  await page.goto(`${address}/shelf`);
  const field = page.getByLabel('Find on the shelf');
  await field.waitFor();
  await page.waitForTimeout(3500);
  const durations: number[] = [];
  for (const word of ['steel bottle', 'folding knife', 'candle']) {
    await field.fill('');
    for (const letter of word) {
      await page.evaluate(() => {
        const timing = window as unknown as { start: number; took: Promise<number> };
        timing.took = new Promise((resolve) => {
          document.addEventListener(
            'keydown',
            () => {
              const start = performance.now();
              // The list follows in a later frame than the field; both have to be there.
              requestAnimationFrame(() =>
                requestAnimationFrame(() => resolve(performance.now() - start)),
              );
            },
            { once: true },
          );
        });
      });
      await field.press(letter === ' ' ? 'Space' : letter);
      durations.push(
        await page.evaluate(() => (window as unknown as { took: Promise<number> }).took),
      );
    }
  }
  return timingOf(durations);
}
