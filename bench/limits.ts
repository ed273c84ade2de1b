import path from 'node:path';
import { parseArgs } from 'node:util';
import type { BrowserContext, Page } from '@playwright/test';
import { readFile } from '../src/core/exchange';
import { mostPlacements, type Bench, type Loadout } from '../src/core/loadout';
import { chromiumArguments } from '../playwright.config';
import { inBrowser, launched, served } from '../scripts/in-browser';
import { hostileFiles } from '../tests/support/hostile';
import { benchWith, shelfOf } from './kits';
import { bringIn, paintedEdits, paintedKeys } from './painting';
import { contextWith, everyScreen } from './screens';
import { timingOf } from './timing';

/**
 * Whether the limits that are stated are limits at which it still works: a large bench opens on every screen, a kit at
 * its limit opens, and no hostile file takes long. `npm run bench:limits`; with `--beside FOLDER`, every screen in turns
 * with the build of another clone that stands there, and with `--only screens` nothing else;
 * paths after that, as `/shelf /kits`, measure only these screens.
 */
const { values, positionals: paths } = parseArgs({
  options: {
    times: { type: 'string', default: '3' },
    beside: { type: 'string' },
    only: { type: 'string' },
  },
  allowPositionals: true,
});
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

await screensAtTheirLimits();
if (values.only !== 'screens') {
  await editsAtTheirLimits();
  hostileFilesAreQuick();
}

/** How soon each screen shows, and the longest task of each. */
async function screensAtTheirLimits(): Promise<void> {
  const builds = [
    ['this build', process.cwd()],
    ...(values.beside === undefined ? [] : [['beside', path.resolve(values.beside)] as const]),
  ] as const;
  const browser = await launched(chromiumArguments);
  const servers = await Promise.all(builds.map(([, folder]) => served('nothing', folder)));
  try {
    for (const [name, bench] of [
      ['10 000 lines and 50 kits of 150', manyKits(10_000, 50, 150)],
      ['one kit of 1000', benchWith(1000)],
    ] as const) {
      const contexts: BrowserContext[] = [];
      for (const { address } of servers) contexts.push(await contextWith(browser, address, bench));
      say(`${name}, in ms: shows after, longest task`);
      for await (const rows of everyScreen(contexts, Number(values.times), paths)) {
        const figures = rows.map(
          ({ shownMs, longestMs }, at) =>
            `${builds[at]![0]} ${shownMs.toFixed(0).padStart(6)} ${longestMs.toFixed(0).padStart(6)}`,
        );
        say(`  ${rows[0]!.path.padEnd(17)} ${figures.join('   ')}`);
      }
      for (const context of contexts) await context.close();
    }
  } finally {
    await browser.close();
    for (const { server } of servers) server.kill('SIGTERM');
  }
}

/** How soon the mat and the stowing open, and how soon an edit and a typed key show. */
async function editsAtTheirLimits(): Promise<void> {
  await inBrowser('nothing', async (browser, baseURL) => {
    for (const [name, bench] of [
      ['10 000 lines and 50 kits of 150', manyKits(10_000, 50, 150)],
      ['one kit of 500', benchWith(500)],
      [`one kit at its limit, ${mostPlacements}`, benchWith(mostPlacements)],
    ] as const) {
      const page = await browser.newPage({ baseURL, viewport: { width: 1280, height: 800 } });
      await bringIn(page, bench);
      const mat = await opens(page, '/layout');
      const stow = await opens(page, '/stow');
      await opens(page, '/layout');
      const { medianMs } = await paintedEdits(page);
      const keys = await paintedKeys(page);
      say(
        `${name}: mat opens in ${mat} ms, stow in ${stow} ms; an edit shows in ${Math.round(medianMs)} ms, a typed key in ${Math.round(keys.medianMs)} ms`,
      );
      await page.close();
    }
  });
}

/** How long the slowest of many hostile files takes to be refused. */
function hostileFilesAreQuick(): void {
  const files = hostileFiles(500, 4711);
  let slowest = 0;
  for (const { text } of files) {
    const started = performance.now();
    readFile(text);
    slowest = Math.max(slowest, performance.now() - started);
  }
  say(`500 hostile files: the slowest is refused in ${slowest.toFixed(0)} ms`);
}

/** From the call of a page to its first piece, the middle one of five. */
async function opens(page: Page, path: string): Promise<number> {
  const took: number[] = [];
  for (let time = 0; time < 5; time += 1) {
    const started = Date.now();
    await page.goto(path);
    await page.locator('[data-piece]').first().waitFor({ timeout: 60_000 });
    took.push(Date.now() - started);
  }
  return timingOf(took).medianMs;
}
