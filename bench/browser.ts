import { type Browser, type Page } from '@playwright/test';
import { emptyBench } from '../src/core/loadout';
import { inBrowser } from '../scripts/in-browser';
import { benchWith, shelfOf } from './kits';
import { bringIn, paintedEdits } from './painting';
import { heading, row, timingOf, type Timing } from './timing';

/** From an act of the person to the painted screen, in the browser, on kits and shelves that are brought in. */
export async function benchBrowser(): Promise<void> {
  const measure = async (browser: Browser, address: string): Promise<void> => {
    heading('Browser: from the press of “One more” to the painted mat');
    for (const pieces of [50, 150, 500]) {
      await onPage(browser, address, async (page) => {
        await bringIn(page, benchWith(pieces));
        row(`  kit of ${pieces} pieces`, await paintedEdits(page));
      });
    }
    heading('Browser: from a key to the painted list of the shelf');
    for (const lines of [100, 1000, 10_000]) {
      await onPage(browser, address, async (page) =>
        row(`  shelf of ${lines} lines`, await searches(page, lines)),
      );
    }
  };
  await inBrowser('nothing', measure, { drawsInTheRound: false });
}

async function onPage(
  browser: Browser,
  baseURL: string,
  measure: (page: Page) => Promise<void>,
): Promise<void> {
  const page = await browser.newPage({ baseURL, viewport: { width: 1280, height: 800 } });
  await measure(page);
  await page.close();
}

async function searches(page: Page, lines: number): Promise<Timing> {
  const shelf = new Map(shelfOf(lines).map((gear) => [gear.id, gear]));
  await bringIn(page, { ...emptyBench, shelf });
  await page.goto('/shelf');
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
