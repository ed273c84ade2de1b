import { mkdtempSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { expect, test } from '@playwright/test';
import { demoAddress, welcomeAddress } from '../../playwright.config';
import { killableBrowser } from '../../scripts/killable-browser';
import { figure, open, saved, watch } from './bench';

test('an edit that shows as saved is there after the browser is killed', async () => {
  const profile = mkdtempSync(path.join(os.tmpdir(), 'acorn-profile-'));
  const first = await killableBrowser(profile);
  await open(first.page, `${demoAddress}/layout`);
  await first.page.getByLabel('Type gear to add').fill('tin whistle 33 g 12x300 mm');
  await first.page.keyboard.press('Enter');
  const whistle = first.page.locator('[data-mat] [data-piece]', { hasText: 'Tin whistle' });
  await expect(whistle).toBeVisible();
  await saved(first.page);
  await first.kill();

  const second = await killableBrowser(profile);
  await open(second.page, `${demoAddress}/layout`);
  await expect(second.page.locator('main')).toContainText('Tin whistle');
  await expect(second.page.getByRole('button', { name: 'Undo: add Tin whistle' })).toBeEnabled();
  await second.kill();
});

test('a second window sees the change, and undoes it for both', async ({ context }) => {
  const one = await context.newPage();
  const two = await context.newPage();
  await open(one, '/stow');
  await open(two, '/stow');
  const before = await figure(two, 'Mass');
  await one.locator('[data-piece=filter]').click();
  await one.getByRole('button', { name: 'Take out' }).click();
  await expect(two.locator('[data-piece=filter]')).toBeHidden();
  expect(await figure(two, 'Mass')).not.toBe(before);
  await two.getByRole('button', { name: 'Undo: take out' }).click();
  await expect(one.locator('[data-piece=filter]')).toBeVisible();
  expect(await figure(one, 'Mass')).toBe(before);
});

test('without the demo, a first start welcomes and starts from nothing', async ({ page }) => {
  const { complaints } = watch(page);
  await open(page, welcomeAddress);
  await page.getByLabel('Name of the new kit').fill('Pocket tin');
  await page.getByRole('button', { name: 'Start' }).click();
  await expect(page).toHaveURL(/\/layout$/);
  await page.getByLabel('Type gear to add').fill('pocket tin 41 g');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: 'Container' })).toContainText('Pocket tin');
  await expect.poll(() => figure(page, 'Mass')).toContain('41 g');
  await saved(page);
  await page.reload();
  await expect(page.getByRole('region', { name: 'Container' })).toContainText('Pocket tin');
  expect(complaints).toEqual([]);
});

test('an empty kit on an empty shelf is offered a usual piece for what is missing', async ({
  page,
}) => {
  await open(page, welcomeAddress);
  await page.getByLabel('Name of the new kit').fill('Day walk');
  await page.getByRole('button', { name: 'Start' }).click();
  const lane = page.getByRole('region', { name: 'Cutting' });
  await expect(lane).toContainText('Nothing to cut with');
  await lane.getByRole('button', { name: 'Add Belt knife +170 g, €45' }).click();
  await expect(lane).toContainText('1 of 2 independent');
  await expect.poll(() => figure(page, 'Mass')).toContain('170 g');
  await page.getByRole('button', { name: 'Undo: add Belt knife' }).click();
  await expect(lane).toContainText('Nothing to cut with');
});

test('the demo can be opened from the welcome, and undone', async ({ page }) => {
  await open(page, welcomeAddress);
  await page.getByRole('button', { name: 'Open the demo' }).click();
  await expect.poll(() => figure(page, 'Mass')).toContain('19.85 kg');
  await page.getByRole('button', { name: 'Undo: open the demo' }).click();
  await expect(page.getByRole('button', { name: 'Open the demo' })).toBeVisible();
});

test('pages talk to their own origin only, by policy', async ({ page }) => {
  const response = await page.goto('/layout');
  const policy = response!.headers()['content-security-policy'];
  expect(policy).toContain("default-src 'self'");
  expect(policy).toMatch(/script-src 'self' 'nonce-[A-Za-z0-9+/=]+'/);
  expect(policy).not.toMatch(/script-src[^;]*unsafe-inline/);
  await expect(page.getByRole('heading', { level: 1 })).toBeAttached();
  const reached = await page.evaluate(() =>
    fetch(`http://localhost:${location.port}/icon.svg`).then(
      () => 'reached',
      () => 'refused',
    ),
  );
  expect(reached).toBe('refused');
});

test('what no page is asked by is refused, with the headers that every answer has', async ({
  request,
}) => {
  for (const [method, path, status] of [
    ['PUT', '/layout', 405],
    ['DELETE', '/_next/static/chunks/none.js', 405],
    ['POST', '/api/scale/%ff', 400],
    ['GET', '/%c0%ae%c0%ae/x', 400],
    ['POST', '/api/scale/mine', 400],
    ['GET', '/api/climate?latitude=0x10', 400],
    ['GET', '/nowhere', 404],
  ] as const) {
    const answer = await request.fetch(path, { method, data: method === 'POST' ? 'x' : undefined });
    expect([method, path, answer.status()]).toEqual([method, path, status]);
    expect(answer.headers()).toMatchObject({
      'x-content-type-options': 'nosniff',
      'cross-origin-resource-policy': 'same-origin',
    });
  }
  const long = await request.post('/api/scale/mine', { data: 'x'.repeat(5_000_000) });
  expect(long.status()).toBe(413);
  const rebound = await request.post('/api/scale/mine', {
    headers: { host: 'rebound.example', origin: 'http://rebound.example' },
    data: { do: 'tare' },
  });
  expect(rebound.status()).toBe(403);
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, isMobile: true, hasTouch: true });

  test('the first load of the demo is under 250 kB of compressed script, and nothing moves that was painted', async ({
    page,
  }) => {
    await page.addInitScript(() => {
      Object.assign(window, { moved: 0 });
      new PerformanceObserver((list) => {
        for (const entry of list.getEntries()) {
          (window as unknown as { moved: number }).moved += (
            entry as unknown as { value: number }
          ).value;
        }
      }).observe({ type: 'layout-shift', buffered: true });
    });
    await open(page, '/layout');
    const bytes = await page.evaluate(() => {
      const [{ startTime }] = performance.getEntriesByName('first screen') as [PerformanceEntry];
      return performance
        .getEntriesByType('resource')
        .filter((entry) => entry.name.endsWith('.js') && entry.startTime <= startTime)
        .reduce((sum, entry) => sum + (entry as PerformanceResourceTiming).encodedBodySize, 0);
    });
    expect(bytes).toBeGreaterThan(100_000);
    expect(bytes).toBeLessThan(250_000);
    expect(await page.evaluate(() => (window as unknown as { moved: number }).moved)).toBeLessThan(
      0.02,
    );
  });
});
