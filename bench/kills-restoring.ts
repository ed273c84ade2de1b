import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import type { Page } from '@playwright/test';
import { backUpOf } from '../src/core/exchange/back-up';
import { killableBrowser } from '../scripts/killable-browser';
import { benchOfLots } from './kits';

/** So many pieces the back-up has: enough that writing them takes a while. */
const kits = 50;
const lots = 5000;

/**
 * Restores a back-up over and over on one profile and kills the browser at a random moment of it: a first restoring that nothing
 * interrupts tells how long one takes here. Gives how often the bench
 * was neither what it was before nor what the back-up holds.
 */
export async function restoreUntilKilled(
  profile: string,
  address: string,
  times: number,
): Promise<number> {
  const folder = mkdtempSync(path.join(os.tmpdir(), 'acorn-restore-'));
  const bench = benchOfLots(kits, lots);
  const zip = await backUpOf(bench, []);
  if (!zip.ok) throw new Error(zip.problem.message);
  const file = path.join(folder, 'back-up.zip');
  writeFileSync(file, zip.value);
  const [old, fresh] = ['99 gear, 3 kits', `${bench.shelf.size} gear, ${kits} kits`];
  const seen = new Map<string, number>();
  let takesMs = 0;
  // The first start follows no kill, the last one only looks at what the last kill has left.
  for (let time = 0; time <= times + 1; time += 1) {
    const { page, kill } = await killableBrowser(profile);
    await page.goto(`${address}/keep`);
    await page.getByRole('heading', { level: 1 }).waitFor({ state: 'attached', timeout: 60_000 });
    const there = await countedOnDisk(page);
    if (time > 1) seen.set(there, (seen.get(there) ?? 0) + 1);
    if (time > times) {
      await kill();
      break;
    }
    if (there === fresh) {
      // It had come through: taken back, so that the next is killed too.
      await page.getByRole('button', { name: 'Undo: restore a back-up' }).click();
      while ((await countedOnDisk(page)) !== old) await page.waitForTimeout(100);
    }
    await page.locator('input[aria-label="Back-up to restore"]').setInputFiles(file);
    const restore = page.getByRole('button', { name: 'Restore it' });
    await restore.waitFor({ timeout: 60_000 });
    const from = Date.now();
    await restore.evaluate((button: HTMLElement) => setTimeout(() => button.click(), 0));
    if (time === 0) {
      while ((await countedOnDisk(page)) !== fresh) await page.waitForTimeout(2);
      takesMs = Date.now() - from;
    } else await page.waitForTimeout(Math.random() * takesMs);
    await kill();
  }
  rmSync(folder, { recursive: true, force: true });
  const mixed = [...seen].filter(([found]) => found !== old && found !== fresh);
  process.stdout.write(
    `${times} kills within the ${takesMs} ms of restoring: ${[...seen].map(([found, often]) => `${often} × ${found}`).join('; ')}\n`,
  );
  return mixed.reduce((sum, [, often]) => sum + often, 0);
}

/** How many pieces and kits the database holds. */
async function countedOnDisk(page: Page): Promise<string> {
  return page.evaluate(
    () =>
      new Promise<string>((resolve, reject) => {
        const opening = indexedDB.open('vivid-acorn');
        opening.onerror = () => reject(opening.error!);
        opening.onsuccess = () => {
          const reading = opening.result.transaction(['gear', 'loadouts']);
          const gear = reading.objectStore('gear').count();
          const kits = reading.objectStore('loadouts').count();
          reading.oncomplete = () => {
            opening.result.close();
            resolve(`${gear.result} gear, ${kits.result} kits`);
          };
        };
      }),
  );
}
