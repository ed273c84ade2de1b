import { expect, test, type Page } from '@playwright/test';
import { welcomeAddress } from '../../playwright.config';
import { open, saved } from './bench';

/**
 * Types a line, picks the first kind that is offered where none is sure, says what differs, and lays it out; then moves it
 * to where the words say. No pointer is used.
 */
async function build(page: Page, typed: string, differs: string, to: string): Promise<void> {
  await page.keyboard.press('/');
  await page.keyboard.type(typed);
  const kind = page.getByRole('button', { name: /^kind: / });
  await expect(kind).toBeVisible();
  if ((await kind.textContent())!.startsWith('kind: which')) {
    const kinds = page.getByRole('listbox', { name: 'What it may be' });
    await expect(kinds.getByRole('option').first()).toBeVisible();
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('Enter');
    await expect(kinds).toBeHidden();
  }
  await page.keyboard.type(` ${differs}`);
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Type gear to add')).toHaveValue('');
  await page.keyboard.press('Escape');
  await page.keyboard.press('m');
  await expect(page.getByRole('dialog')).toBeVisible();
  await page.keyboard.type(to);
  await expect(page.getByRole('dialog').getByRole('option').first()).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog')).toBeHidden();
}

/** Begins a kit on an empty bench by its name alone. */
async function begin(page: Page, name: string): Promise<void> {
  await page.goto(`${welcomeAddress}/layout`);
  const field = page.getByLabel('Name of the new kit');
  await expect(field).toBeVisible();
  for (let press = 0; press < 30; press += 1) {
    if (await field.evaluate((element) => element === document.activeElement)) break;
    await page.keyboard.press('Tab');
  }
  await page.keyboard.type(name);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toContainText(name);
}

test('a pocket-tin kit from the catalogue, by keyboard alone', async ({ page }) => {
  await begin(page, 'Pocket tin');
  await build(page, 'pocket tin', '41 g', 'on the body');
  await build(page, 'small ferro', '', 'pocket tin');
  await build(page, 'charred', '', 'pocket tin');
  await build(page, 'blister pl', '', 'pocket tin');
  await build(page, 'waxed thread', '5 m 4 g', 'pocket tin');
  await build(page, 'button comp', '', 'pocket tin');
  await build(page, 'whistle', '9 g 45x18x12 mm', 'pocket tin');
  // 41 + 14 + 44 + 14 + 4 + 6 + 9 g
  await expect(page.locator('[data-figure=Mass]')).toContainText('132 g');
  await page.keyboard.press('g');
  await page.keyboard.press('s');
  await expect(page).toHaveURL(/\/stow$/);
  await expect(page.getByRole('group', { name: /^Inside/ }).first()).toBeVisible();
  // 7.9 + 58.1 + 28.5 + 6.8 + 2.5 + 9.7 mL in 95 × 61 × 21 mm: the bulk goes, but one tin is 22 mm high.
  await expect(page.locator('[data-figure=Stowed]')).toContainText(
    /114 mL.*122 mL.*1 does not fit/s,
  );
  await expect(page.getByRole('group', { name: /^Inside/ }).first()).toContainText(
    /of 6 stay outside: Charred cloth in a tin stands 1 mm out of the top/,
  );
  await saved(page);
  await page.reload();
  await expect(page.locator('[data-figure=Mass]')).toContainText('132 g');
});

test('an everyday bag from the catalogue, by keyboard alone', async ({ page }) => {
  await begin(page, 'Everyday bag');
  await build(page, 'everyday pack', '', 'on the body');
  await build(page, 'single-wall steel', '215 g', 'side pocket, left');
  await build(page, 'folding knife', '', 'front pocket');
  await page.keyboard.press('g');
  await page.keyboard.press('l');
  await expect(page.getByRole('region', { name: 'Cutting' })).toContainText('Folding knife');
  await expect(page.locator('[data-figure=Cover]')).toContainText('1 of 5');
  await expect(page.locator('[data-figure=Stowed]')).toContainText('goes by bulk');
  // 820 + 215 + 85 g
  await expect(page.locator('[data-figure=Mass]')).toContainText('1.12 kg');
  await saved(page);
});

test('a vehicle box from the catalogue, by keyboard alone', async ({ page }) => {
  await begin(page, 'Vehicle box');
  await build(page, 'vehicle crate', '', 'in the vehicle');
  await build(page, 'jump leads', '', 'vehicle crate');
  await build(page, 'ration bisc', '', 'vehicle crate');
  await build(page, 'D alkaline', 'x3', 'vehicle crate');
  // 3100 + 1650 + 500 + 420 g
  await expect(page.locator('[data-figure=Mass]')).toContainText('5.67 kg');
  await expect(page.locator('[data-figure=Stowed]')).toContainText('goes by bulk');
  await page.keyboard.press('Control+k');
  await page.keyboard.type('rule of threes');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: 'Three weeks' })).toContainText('Ration biscuits');
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await expect(page.locator('[data-figure=Mass]')).toContainText('5.25 kg');
  await open(page, `${welcomeAddress}/papers`);
  await expect(page.getByRole('article', { name: 'Packing list' })).toContainText('Jump leads');
});
