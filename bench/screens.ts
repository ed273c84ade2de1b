import type { Browser, BrowserContext } from '@playwright/test';
import type { Bench } from '../src/core/loadout';
import { bringIn } from './painting';
import { timingOf } from './timing';

/**
 * A heading of a part, a row, or a line that says why there is none. A heading may stand in the page as it comes, before
 * the bench is open: there only the longest task tells something.
 */
const whatIsOn = 'main h2, main h3, main li, main tbody tr, main [role=status], main section';

/** Every screen, and what shows first on it of what was asked for. */
const screens = [
  ['/layout', '[data-piece]'],
  ['/layout/lists', whatIsOn],
  ['/layout/thrift', whatIsOn],
  ['/stow', '[data-piece]'],
  ['/shelf', '[data-gear]'],
  ['/shelf/weigh', whatIsOn],
  ['/kits', whatIsOn],
  ['/kits/compare', whatIsOn],
  ['/kits/challenge', whatIsOn],
  ['/brief', whatIsOn],
  ['/brief/seasons', whatIsOn],
  ['/brief/enough', 'main [data-need]'],
  ['/prove', whatIsOn],
  ['/prove/findings', whatIsOn],
  ['/keep', whatIsOn],
  ['/keep/restock', whatIsOn],
  ['/keep/round', whatIsOn],
  ['/keep/trip', whatIsOn],
  ['/keep/history', whatIsOn],
  ['/papers', whatIsOn],
] as const;

/** How one screen opened. */
export interface Opened {
  readonly path: string;
  /** From the call of the page until the first of what it is for shows, in ms. */
  readonly shownMs: number;
  /** The longest task until the page is quiet, in ms; 0 where none took 50 ms. */
  readonly longestMs: number;
}

/** A context of the browser that keeps a bench. */
export async function contextWith(
  browser: Browser,
  address: string,
  bench: Bench,
): Promise<BrowserContext> {
  const context = await browser.newContext({
    baseURL: address,
    viewport: { width: 1280, height: 800 },
  });
  const page = await context.newPage();
  await bringIn(page, bench);
  await page.close();
  return context;
}

/**
 * Opens every screen, or those of `only`, so many times, each in a page of its own, in turns where there are several contexts.
 *
 * @returns screen by screen, for each context, the middle of the times it took to show and of its longest tasks.
 */
export async function* everyScreen(
  contexts: readonly BrowserContext[],
  times: number,
  only: readonly string[] = [],
): AsyncGenerator<readonly Opened[]> {
  for (const [path, selector] of screens) {
    if (only.length > 0 && !only.includes(path)) continue;
    const opened = contexts.map((): Opened[] => []);
    for (let time = 0; time < times; time += 1) {
      for (const [at, context] of contexts.entries()) {
        opened[at]!.push(await openedOnce(context, path, selector));
      }
    }
    yield opened.map((of) => ({
      path,
      shownMs: timingOf(of.map(({ shownMs }) => shownMs)).medianMs,
      longestMs: timingOf(of.map(({ longestMs }) => longestMs)).medianMs,
    }));
  }
}

async function openedOnce(
  context: BrowserContext,
  path: string,
  selector: string,
): Promise<Opened> {
  const page = await context.newPage();
  // The runner that this is read by names inner functions through a helper of its own.
  await page.addInitScript('globalThis.__name = (named) => named');
  await page.addInitScript((of) => {
    const seen = { shownMs: -1, longestMs: 0, lastAt: 0 };
    Object.assign(globalThis, { seen });
    new PerformanceObserver((list) => {
      for (const { duration, startTime } of list.getEntries()) {
        seen.longestMs = Math.max(seen.longestMs, duration);
        seen.lastAt = startTime + duration;
      }
    }).observe({ type: 'longtask', buffered: true });
    const look = () => {
      if (document.querySelector(of)) seen.shownMs = performance.now();
      else requestAnimationFrame(look);
    };
    requestAnimationFrame(look);
  }, selector);
  await page.goto(path);
  // Quiet: shown, and no long task for two seconds.
  await page.waitForFunction(
    () => {
      const { seen } = globalThis as unknown as {
        readonly seen: { readonly shownMs: number; readonly lastAt: number };
      };
      return seen.shownMs >= 0 && performance.now() - Math.max(seen.lastAt, seen.shownMs) > 2000;
    },
    undefined,
    { timeout: 60_000, polling: 250 },
  );
  const { shownMs, longestMs } = await page.evaluate(
    () => (globalThis as unknown as { readonly seen: Opened }).seen,
  );
  await page.close();
  return { path, shownMs, longestMs };
}
