import { readFileSync } from 'node:fs';
import { expect, type Locator, type Page } from '@playwright/test';

/** Opens a place and waits until the bench is there and was looked at. */
export async function open(page: Page, path: string): Promise<void> {
  await page.goto(path);
  await expect(page.getByRole('heading', { level: 1 })).toBeAttached();
  // What the rules say comes a moment after the first screen, and marks pieces on it.
  await expect(page.locator('[data-figure="To look at"]', { hasText: '…' })).toHaveCount(0);
}

/** One of the figures that are always in sight, as it reads. */
export async function figure(page: Page, name: string): Promise<string> {
  return (await page.locator(`[data-figure="${name}"]`).innerText()).replace(/\s+/g, ' ');
}

/** Resolves once the screen says that all is saved. */
export async function saved(page: Page): Promise<void> {
  await expect(page.locator('[data-saving=saved]').first()).toBeAttached();
}

/** Presses the button of a file and gives what was written. */
export async function written(page: Page, button: string): Promise<string> {
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: button }).click(),
  ]);
  return readFileSync(await download.path(), 'utf8');
}

export async function bringIn(page: Page, name: string, text: string | Buffer): Promise<void> {
  await page.setInputFiles('input[type=file]', {
    name,
    mimeType: 'application/json',
    buffer: Buffer.isBuffer(text) ? text : Buffer.from(text),
  });
}

/** Drags slowly enough for a person, so that every place on the way is noticed. */
export async function drag(page: Page, piece: Locator, place: Locator): Promise<void> {
  // What carries pieces over the mat comes a moment after it, and the pointer shows a hand then.
  await expect(page.locator('[data-mat]:not([data-carries])')).toHaveCount(0);
  await piece.scrollIntoViewIfNeeded();
  await piece.hover();
  await page.mouse.down();
  const from = (await piece.boundingBox())!;
  await page.mouse.move(from.x + 30, from.y + 20, { steps: 4 });
  await place.scrollIntoViewIfNeeded();
  const to = (await place.boundingBox())!;
  await page.mouse.move(to.x + to.width - 30, to.y + 14, { steps: 12 });
  await page.mouse.up();
}

/** Fails on anything the page complains about, and on any request that leaves its own origin. */
export function watch(page: Page): { readonly complaints: string[] } {
  const complaints: string[] = [];
  page.on('pageerror', (error) => complaints.push(`error: ${error.message}`));
  page.on('console', (message) => {
    if (message.type() === 'error') complaints.push(`console: ${message.text()}`);
  });
  page.on('request', (request) => {
    const { protocol, hostname } = new URL(request.url());
    if (/^https?:$/.test(protocol) && hostname !== '127.0.0.1')
      complaints.push(`left: ${request.url()}`);
  });
  return { complaints };
}
