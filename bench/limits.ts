import type { Page } from '@playwright/test';
import { readFile, writeFile } from '../src/core/exchange';
import { mostPlacements, type Bench, type Loadout } from '../src/core/loadout';
import { inBrowser } from '../scripts/in-browser';
import { hostileFiles } from '../tests/support/hostile-files';
import { benchWith, shelfOf } from './kits';

/**
 * Whether the limits that are stated are limits at which it still works: a large bench opens, a kit at its limit opens,
 * and no hostile file takes long. `npm run bench:limits`.
 */
const say = (words: string) => process.stdout.write(`${words}\n`);

function manyKits(lines: number, kits: number, pieces: number): Bench {
  const shelf = shelfOf(lines);
  const loadouts = Array.from({ length: kits }, (_, at): Loadout => {
    const [kit] = benchWith(pieces).loadouts.values();
    const id = `kit-${at}`;
    return { ...kit!, id, name: `Kit ${at}` };
  });
  return {
    ...benchWith(pieces),
    shelf: new Map(shelf.map((gear) => [gear.id, gear])),
    loadouts: new Map(loadouts.map((kit) => [kit.id, kit])),
  };
}

await inBrowser('nothing', '4332', async (browser, baseURL) => {
  for (const [name, bench] of [
    ['10 000 lines and 50 kits of 150', manyKits(10_000, 50, 150)],
    ['one kit of 500', benchWith(500)],
    [`one kit at its limit, ${mostPlacements}`, benchWith(mostPlacements)],
  ] as const) {
    const page = await browser.newPage({ baseURL, viewport: { width: 1280, height: 800 } });
    await page.addInitScript('globalThis.__name = (named) => named');
    await page.goto('/layout');
    await page.setInputFiles('input[type=file]', {
      name: 'bench.json',
      mimeType: 'application/json',
      buffer: Buffer.from(writeFile(bench)),
    });
    await page.locator('[data-piece]').first().waitFor({ timeout: 120_000 });
    await page.locator('[data-saving=saved]').first().waitFor({ state: 'attached' });
    const mat = await opens(page, '/layout');
    const stow = await opens(page, '/stow');
    await opens(page, '/layout');
    const edit = await editMs(page);
    say(`${name}: mat opens in ${mat} ms, stow in ${stow} ms; an edit shows in ${edit} ms`);
    await page.close();
  }
});

const files = hostileFiles(500, 4711);
let slowest = 0;
for (const { text } of files) {
  const started = performance.now();
  readFile(text);
  slowest = Math.max(slowest, performance.now() - started);
}
say(`500 hostile files: the slowest is refused in ${slowest.toFixed(0)} ms`);

/** From the call of a page to its first piece, the middle one of five. */
async function opens(page: Page, path: string): Promise<number> {
  const took: number[] = [];
  for (let time = 0; time < 5; time += 1) {
    const started = Date.now();
    await page.goto(path);
    await page.locator('[data-piece]').first().waitFor({ timeout: 60_000 });
    took.push(Date.now() - started);
  }
  return took.sort((one, other) => one - other)[2]!;
}

/** From the press of “One more” to the painted mat, the middle one of twenty. */
async function editMs(page: Page): Promise<number> {
  await page.locator('[data-mat] [data-piece]').nth(8).click();
  await page.getByRole('button', { name: 'One more' }).waitFor();
  await page.waitForTimeout(2500);
  const took = await page.evaluate(async () => {
    const durations: number[] = [];
    for (let turn = 0; turn < 20; turn += 1) {
      const name = turn % 2 === 0 ? 'One more' : 'One less';
      const button = document.querySelector<HTMLButtonElement>(`button[aria-label="${name}"]`)!;
      const start = performance.now();
      button.click();
      await new Promise<void>((resolve) =>
        requestAnimationFrame(() => {
          const channel = new MessageChannel();
          channel.port1.onmessage = () => resolve();
          channel.port2.postMessage(null);
        }),
      );
      durations.push(performance.now() - start);
      await new Promise((resolve) => setTimeout(resolve, 120));
    }
    return durations;
  });
  return Math.round(took.sort((one, other) => one - other)[10]!);
}
