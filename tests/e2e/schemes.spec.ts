import { expect, test } from '@playwright/test';
import { drag, figure, open, saved } from './bench';

test('every scheme is a press away, and every count follows', async ({ page }) => {
  await open(page, '/layout');
  const switches = page.getByRole('group', { name: 'Scheme' });
  for (const [name, cover, lane] of [
    ['Ten Cs', '10 of 10 Cs', 'Canvas needle'],
    ['Rule of threes', '6 of 6 spans', 'Three hours'],
    ['What hurts first', '8 of 8 needs', 'Find the way'],
    ['Five Cs', '5 of 5 Cs', 'Cordage'],
  ] as const) {
    await switches.getByRole('button', { name }).click();
    await expect.poll(() => figure(page, 'Cover')).toContain(cover);
    await expect(page.getByRole('region', { name: lane, exact: true })).toBeVisible();
  }
  await switches.getByRole('button', { name: 'Rule of threes' }).click();
  await page.getByRole('link', { name: 'Papers' }).click();
  await page.getByRole('button', { name: 'By category' }).click();
  await expect(page.getByRole('article', { name: 'Packing list' })).toContainText('Getting home');
  await page.getByRole('link', { name: /^Kits/ }).click();
  await expect(page.getByRole('article').filter({ hasText: 'Boathouse box' })).toContainText(
    /\d of 6 spans/,
  );
});

test('a scheme of one’s own is made, seen, changed and taken back', async ({ page }) => {
  await open(page, '/layout');
  await page.getByRole('button', { name: 'My own…' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Name of the scheme').fill('Wet and dry');
  for (const gone of ['Cordage', 'Container', 'Cover']) {
    await dialog.getByRole('button', { name: `Remove ${gone}` }).click();
  }
  await dialog.getByLabel('Name of category 1').fill('Sharp');
  await dialog.getByRole('button', { name: 'Move Combustion up' }).click();
  await dialog.getByRole('button', { name: 'Add a category' }).click();
  await dialog.getByLabel('Name of category 3').fill('Talking');
  await dialog.getByRole('combobox', { name: 'call', exact: true }).selectOption('Talking');
  await dialog.getByRole('combobox', { name: 'cord', exact: true }).selectOption('Sharp');
  await dialog.getByRole('button', { name: 'Keep it' }).click();
  await expect(dialog).toBeHidden();

  const lanes = page.locator('main section');
  await expect(lanes.nth(0)).toContainText('Combustion');
  await expect(page.getByRole('region', { name: 'Sharp' })).toContainText('Cord 15 m');
  await expect(page.getByRole('region', { name: 'Talking' })).toContainText(
    '■ Nothing to call with.',
  );
  await expect.poll(() => figure(page, 'Cover')).toContain('2 of 3 categories');
  await saved(page);
  await page.reload();
  await expect.poll(() => figure(page, 'Cover')).toContain('2 of 3 categories');

  await page.getByRole('button', { name: 'Change Wet and dry…' }).click();
  await dialog.getByRole('button', { name: 'Remove Talking' }).click();
  await dialog.getByRole('button', { name: 'Keep it' }).click();
  await expect.poll(() => figure(page, 'Cover')).toContain('2 of 2 categories');
  await page
    .getByRole('button', { name: /^Undo: keep the scheme/ })
    .first()
    .click();
  await expect.poll(() => figure(page, 'Cover')).toContain('2 of 3 categories');
});

test('pieces are carried over the mat: into another lane, and into a holder', async ({ page }) => {
  await open(page, '/layout');
  await page.getByRole('button', { name: 'See the mat smaller' }).click();
  await page.getByRole('button', { name: 'See the mat smaller' }).click();
  const cord = page.locator('[data-piece=cord-15]').first();
  await page.getByRole('button', { name: 'Ten Cs' }).click();
  await drag(page, cord, page.getByRole('region', { name: 'Canvas needle' }));
  await expect(
    page.getByRole('region', { name: 'Canvas needle' }).locator('[data-piece=cord-15]'),
  ).toBeVisible();
  await page.getByLabel('In this kit for').selectOption('what it is best at');
  await expect(
    page.getByRole('region', { name: 'Cordage' }).locator('[data-piece=cord-15]'),
  ).toBeVisible();

  await page.getByRole('button', { name: 'Five Cs' }).click();
  await drag(
    page,
    page.locator('[data-piece=whetstone]').first(),
    page.locator('[data-piece=mend-pouch]').first(),
  );
  await expect(page.getByRole('complementary', { name: 'Selected piece' })).toContainText(
    'in Mending pouch',
  );
});

test('several are gathered, and moved and taken out together', async ({ page }) => {
  await open(page, '/layout');
  for (const piece of ['belt-knife', 'compass']) {
    await page
      .locator(`[data-piece=${piece}]`)
      .first()
      .click({ modifiers: ['Control'] });
  }
  await page.locator('[data-piece=whetstone]').first().focus();
  await page.keyboard.press('x');
  const gathered = page.getByRole('group', { name: 'Gathered pieces' });
  // 172 + 37 + 64 g
  await expect(gathered).toContainText('3 pieces gathered, 273 g');
  await page.keyboard.press('m');
  await expect(page.getByRole('dialog').getByRole('combobox')).toBeFocused();
  await page.keyboard.type('lid pocket');
  await page.keyboard.press('Enter');
  await expect(page.getByText('3 pieces moved')).toBeVisible();
  await expect(gathered).toBeHidden();
  await page.getByRole('button', { name: 'Undo: move 3 pieces' }).first().click();
  await page.locator('[data-piece=belt-knife]').first().click();
  await expect(page.getByRole('complementary', { name: 'Selected piece' })).toContainText(
    'on the body',
  );
});

test('a piece under the pointer or the focus tells about itself', async ({ page }) => {
  await open(page, '/layout');
  await page.locator('[data-piece=lighter]').first().hover();
  const tip = page.getByRole('tooltip');
  await expect(tip).toContainText('19.5 g weighed');
  await expect(tip).toContainText('● flame, 1000 lights (made for it)');
  await expect(tip).toContainText('in Barrel 30 L');
  await page.keyboard.press('Escape');
  await expect(tip).toBeHidden();
});
