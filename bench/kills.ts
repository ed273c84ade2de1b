import { mkdtempSync, rmSync } from 'node:fs';
import { spawn } from 'node:child_process';
import os from 'node:os';
import path from 'node:path';
import type { Page } from '@playwright/test';
import { killableBrowser } from '../scripts/killable-browser';
import { freePort } from '../playwright.config';
import { restoreUntilKilled } from './kills-restoring';

/**
 * Kills a real browser at random moments around saving, over and over on one profile: what showed as saved must be there
 * at the next start, and the bench must open each time. `npm run bench:kills -- 60`. With `restore` behind the number, it is
 * killed while a back-up is restored: the bench must be the old one or the new one, never a mixture.
 */
const times = Number(process.argv[2] ?? 60);
const isRestoring = process.argv[3] === 'restore';
const port = await freePort();
const address = `http://127.0.0.1:${port}`;

const server = spawn(process.execPath, ['scripts/serve.mjs', 'demo'], {
  env: { ...process.env, PORT: String(port) },
  stdio: ['ignore', 'pipe', 'inherit'],
});
await new Promise<void>((resolve) =>
  server.stdout.on('data', (chunk: Buffer) => chunk.includes('Vivid Acorn is at') && resolve()),
);

const profile = mkdtempSync(path.join(os.tmpdir(), 'acorn-kills-'));
/** Pieces that showed as saved, and those that were typed last and may be there or not. */
const savedNames = new Set<string>();
let lost = 0;
let unopened = 0;
let typed = 0;
let slowestMs = 0;

if (isRestoring) {
  const mixed = await restoreUntilKilled(profile, address, times);
  server.kill('SIGTERM');
  rmSync(profile, { recursive: true, force: true });
  process.exit(mixed === 0 ? 0 : 1);
}

for (let time = 1; time <= times; time += 1) {
  const { page, kill } = await killableBrowser(profile);
  try {
    const started = Date.now();
    await page.goto(`${address}/shelf`);
    await page.getByRole('heading', { level: 1 }).waitFor({ state: 'attached', timeout: 30_000 });
    slowestMs = Math.max(slowestMs, Date.now() - started);
    const there = await namesOnDisk(page);
    for (const name of savedNames) if (!there.has(name)) lost += 1;
    await typeUntilKilled(page, time);
  } catch (error) {
    unopened += 1;
    process.stdout.write(`  ${time}: ${String(error).slice(0, 200)}\n`);
  }
  await kill();
  if (time % 10 === 0) {
    process.stdout.write(`${time} kills, ${typed} edits: ${lost} lost, ${unopened} not opened\n`);
  }
}

server.kill('SIGTERM');
rmSync(profile, { recursive: true, force: true });
process.stdout.write(
  `\n${times} kills, ${typed} edits, ${savedNames.size} shown as saved: ${lost} lost, ${unopened} not opened; slowest start ${slowestMs} ms\n`,
);
process.exit(lost === 0 && unopened === 0 ? 0 : 1);

/** Types pieces, notes each that shows as saved, and stops at a random moment: in the middle of it, or just after. */
async function typeUntilKilled(page: Page, time: number): Promise<void> {
  const many = 1 + Math.floor(Math.random() * 4);
  for (let at = 0; at < many; at += 1) {
    const name = `Marked ${inLetters(time)} ${inLetters(at)}`;
    await page.getByLabel('Type gear to add').fill(`${name} 12 g`);
    await page.keyboard.press('Enter');
    typed += 1;
    if (at === many - 1 && Math.random() < 0.5) {
      await page.waitForTimeout(Math.random() * 60);
      return;
    }
    await page.waitForFunction(
      // It may be out of sight in a long list; what undo would take back is always named.
      (wanted) =>
        document.body.innerHTML.includes(wanted) &&
        document.querySelector('[data-saving=saved]') !== null,
      name,
    );
    savedNames.add(name);
  }
}

/** A number as a word, so that no part of a name reads as a count or a measure. */
function inLetters(number: number): string {
  return [...String(number)].map((digit) => 'bdfghklmnp'[Number(digit)]! + 'o').join('');
}

/** The names of all gear that the database holds. */
async function namesOnDisk(page: Page): Promise<ReadonlySet<string>> {
  const names = await page.evaluate(
    () =>
      new Promise<string[]>((resolve, reject) => {
        const opening = indexedDB.open('vivid-acorn');
        opening.onerror = () => reject(opening.error!);
        opening.onsuccess = () => {
          const reading = opening.result.transaction('gear').objectStore('gear').getAll();
          reading.onsuccess = () => {
            opening.result.close();
            resolve((reading.result as { name: string }[]).map(({ name }) => name));
          };
        };
      }),
  );
  return new Set(names);
}
