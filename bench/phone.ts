import type { ChildProcess } from 'node:child_process';
import path from 'node:path';
import { parseArgs } from 'node:util';
import type { Browser } from '@playwright/test';
import { chromiumArguments } from '../playwright.config';
import { launched, served } from '../scripts/in-browser';
import { timingOf } from './timing';

/**
 * How soon a phone shows the demo’s mat at a first visit: a window of 390 × 844 that is touched, a processor four times
 * slowed by the browser’s own protocol, nothing kept from before. `npm run bench:phone -- --times 5`; with
 * `--beside FOLDER`, in turns with the build of another clone that stands there.
 */
const { values } = parseArgs({
  options: { times: { type: 'string', default: '5' }, beside: { type: 'string' } },
});
const slowed = 4;

interface Visit {
  /** When the largest thing was painted, in ms. */
  readonly largestMs: number;
  /** All that tasks of more than 50 ms took beyond those, in ms. */
  readonly blockedMs: number;
  readonly longestMs: number;
  /** How far what was painted moved (layout shift). */
  readonly shift: number;
}

const builds = [
  ['this build', process.cwd()],
  ...(values.beside === undefined ? [] : [['beside', path.resolve(values.beside)] as const]),
] as const;
const browser = await launched(chromiumArguments);
const servers: ChildProcess[] = [];
try {
  const addresses: string[] = [];
  for (const [, folder] of builds) {
    const { address, server } = await served('demo', folder);
    addresses.push(address);
    servers.push(server);
  }
  const visits = builds.map((): Visit[] => []);
  for (let time = -1; time < Number(values.times); time += 1) {
    for (const [at, address] of addresses.entries()) {
      const visit = await visited(browser, address);
      // The first one warms the server.
      if (time >= 0) visits[at]!.push(visit);
    }
  }
  for (const [at, [name]] of builds.entries()) {
    const middle = (of: (visit: Visit) => number) =>
      timingOf(visits[at]!.map(of)).medianMs.toFixed(0);
    const shift = Math.max(...visits[at]!.map((visit) => visit.shift)).toFixed(3);
    process.stdout.write(
      `${name}: largest paint ${middle((v) => v.largestMs)} ms, blocked ${middle((v) => v.blockedMs)} ms, longest task ${middle((v) => v.longestMs)} ms, shift at most ${shift}\n`,
    );
    for (const { largestMs, blockedMs, longestMs } of visits[at]!) {
      process.stdout.write(
        `  ${[largestMs, blockedMs, longestMs].map((ms) => ms.toFixed(0)).join(', ')}\n`,
      );
    }
  }
} finally {
  await browser.close();
  for (const server of servers) server.kill('SIGTERM');
}

async function visited(of: Browser, address: string): Promise<Visit> {
  const context = await of.newContext({
    baseURL: address,
    viewport: { width: 390, height: 844 },
    isMobile: true,
    hasTouch: true,
  });
  const page = await context.newPage();
  const protocol = await context.newCDPSession(page);
  await protocol.send('Emulation.setCPUThrottlingRate', { rate: slowed });
  // The runner that this is read by names inner functions through a helper of its own.
  await page.addInitScript('globalThis.__name = (named) => named');
  await page.addInitScript(() => {
    const seen = { largestMs: 0, blockedMs: 0, longestMs: 0, shift: 0 };
    Object.assign(globalThis, { seen });
    const watch = (type: string, look: (entry: PerformanceEntry) => void) =>
      new PerformanceObserver((list) => list.getEntries().forEach(look)).observe({
        type,
        buffered: true,
      });
    watch('largest-contentful-paint', ({ startTime }) => {
      seen.largestMs = startTime;
    });
    watch('longtask', ({ duration }) => {
      seen.blockedMs += duration - 50;
      seen.longestMs = Math.max(seen.longestMs, duration);
    });
    watch('layout-shift', (entry) => {
      const { value, hadRecentInput } = entry as PerformanceEntry & {
        readonly value: number;
        readonly hadRecentInput: boolean;
      };
      if (!hadRecentInput) seen.shift += value;
    });
  });
  await page.goto('/layout');
  await page.locator('[data-piece]').first().waitFor({ timeout: 60_000 });
  // The findings are the last thing that comes of itself.
  await page.waitForTimeout(8000);
  const visit = await page.evaluate(() => (globalThis as unknown as { seen: Visit }).seen);
  await context.close();
  return visit;
}
