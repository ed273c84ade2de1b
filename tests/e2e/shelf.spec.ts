import { expect, test } from '@playwright/test';
import { bringIn, figure, open, watch, written } from './bench';

test('the shelf is searched, added to, changed, thinned and undone', async ({ page }) => {
  await open(page, '/shelf');
  const board = (name: string) => page.getByRole('region', { name, exact: true });
  const chosen = page.getByRole('complementary', { name: 'Chosen gear' });
  await expect(board('In no kit')).toContainText('Wool blanket');
  await page.getByRole('button', { name: 'What it waits for' }).click();
  await expect(board('To buy').getByRole('button')).toHaveCount(3);

  await page.getByRole('button', { name: 'As a list' }).click();
  const gear = page.getByRole('list', { name: 'Gear' });
  await page.getByLabel('Find on the shelf').fill('multi');
  await expect(gear).toContainText('▲ 2 placed, 1 there: Float pouch, Portage pack');

  await page.getByLabel('Type gear to add').fill('2 head nets');
  await page.keyboard.press('Enter');
  await page.getByLabel('Find on the shelf').fill('head nets');
  await expect(gear).toContainText('Head nets × 2');
  await expect(gear).toContainText('in no kit');
  await gear.getByRole('button', { name: /Head nets/ }).click();
  await chosen.getByRole('button', { name: /^Lay Head nets out/ }).click();
  await expect(gear).toContainText('Portage pack');

  await chosen.getByRole('button', { name: 'Remove Head nets' }).click();
  await expect(chosen).toBeHidden();
  await expect(page.getByText('Nothing on the shelf has “head nets”')).toBeVisible();
  await expect(page.getByRole('status').filter({ hasText: 'removed' })).toContainText(
    'also from Portage pack',
  );
  await page.getByRole('status').getByRole('button', { name: 'Undo' }).click();
  await expect(gear).toContainText('Head nets × 2');
});

test('a cavity that is added to a piece can be filled', async ({ page }) => {
  await open(page, '/stow');
  await page.locator('[data-piece=throw-line]').click();
  await page.getByRole('button', { name: /^Change the figures/ }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: 'Add a cavity' }).click();
  await dialog.getByLabel('Cavity').fill('Bag');
  await dialog.getByLabel('Inside').fill('3 L, 300 mm');
  await dialog.getByRole('button', { name: 'Save' }).click();
  await expect(dialog).toBeHidden();
  await page.locator('[data-piece=whetstone]').click();
  await page.keyboard.press('m');
  await page.keyboard.type('throw line');
  await expect(page.getByRole('option')).toHaveText(
    /In Floating throw line 15 m.*room by bulk, 1 % full/,
  );
  await page.keyboard.press('Enter');
  await expect(page.getByRole('group', { name: /^Bag: all in, laid out, 1 % full/ })).toContainText(
    'Pocket whetstone',
  );
});

test('a kit’s limits are set, read in other units, and held', async ({ page }) => {
  await open(page, '/kits');
  await page
    .getByRole('article')
    .filter({ hasText: 'Portage pack' })
    .getByText('Change, copy')
    .click();
  await page.getByRole('button', { name: 'Change Portage pack' }).click();
  await page.getByLabel('Most mass').fill('as little as can be');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('is not a mass this understands')).toBeVisible();
  await page.getByLabel('Most mass').fill('40 lb');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect.poll(() => figure(page, 'Mass')).toContain('19.85 kg / 18.14 kg ■ over the limit');
  await page.getByLabel('Units').selectOption('us');
  await expect.poll(() => figure(page, 'Mass')).toContain('43 lb 12 oz / 40 lb');
  await page.reload();
  await expect.poll(() => figure(page, 'Mass')).toContain('43 lb 12 oz / 40 lb');
});

test('every figure opens into how it was worked out, and closes where it was', async ({ page }) => {
  await open(page, '/papers');
  for (const name of ['Mass', 'Stowed', 'Cover', 'Price']) {
    const button = page.locator(`[data-figure="${name}"]`);
    await button.click();
    const worked = page.getByRole('dialog', { name: `${name}, worked out` });
    await expect(worked).toContainText('Worked out as');
    await page.keyboard.press('Escape');
    await expect(worked).toBeHidden();
    await expect(button).toBeFocused();
  }
  await page.getByRole('button', { name: 'By category' }).click();
  await expect(page.getByRole('article', { name: 'Packing list' })).toContainText('Combustion');
});

test('three thousand lines come in, are searched, and go out again', async ({ page }) => {
  const { complaints } = watch(page);
  await open(page, '/papers');
  const file = JSON.parse(await written(page, 'This kit')) as {
    gear: { id: string; name: string }[];
  };
  const [one] = file.gear;
  for (let at = 0; at < 3000; at += 1)
    file.gear.push({ ...one!, id: `copy-${at}`, name: `Copy ${at}` });
  await bringIn(page, 'many.json', JSON.stringify(file));
  await expect(page.getByRole('status').filter({ hasText: 'Brought in' })).toContainText(
    '3000 pieces of gear',
  );
  await page.getByRole('link', { name: 'Shelf' }).click();
  await expect(page.getByText('3099 of 3099 lines')).toBeVisible();
  await page.getByLabel('Find on the shelf').fill('copy 2999');
  await expect(page.locator('[data-gear]')).toHaveCount(1);
  await page.getByRole('button', { name: 'As a list' }).click();
  await expect(page.getByRole('list', { name: 'Gear' }).getByRole('listitem')).toHaveCount(1);
  await page.getByRole('button', { name: 'Undo: bring in a file' }).click();
  await expect(page.getByText('0 of 99 lines')).toBeVisible();
  expect(complaints).toEqual([]);
});
