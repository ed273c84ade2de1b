import { expect, test } from '@playwright/test';
import { figure, open, saved, watch } from './bench';

test('copies of a kit take what is free, wish for the rest, and know when it changes', async ({
  page,
}) => {
  const { complaints } = watch(page);
  await open(page, '/kits');
  await page
    .getByRole('article')
    .filter({ hasText: 'Float pouch' })
    .getByText('Change, copy')
    .click();
  await page.getByRole('button', { name: 'Another like Float pouch' }).click();
  const form = page.getByRole('form', { name: 'Another like Float pouch' });
  await form.getByLabel('For whom').fill('Ada, Bo');
  await expect(form.getByRole('status')).toContainText('Free on the shelf: 2 × Light stick');
  await expect(form.getByRole('status')).toContainText(
    'To be bought, as one list: 2 × Float pouch',
  );
  await form.getByRole('button', { name: 'Make 2 like it' }).click();
  const pattern = page.getByRole('article').filter({ hasText: '2 copies were made after it' });
  await expect(pattern).toContainText('all are as it is now');
  const ada = page.getByRole('article').filter({ hasText: 'Made after Float pouch, for Ada' });
  await expect(ada.getByRole('heading')).toHaveText('Float pouch, Ada');
  await open(page, '/keep/restock');
  await expect(page.getByRole('listitem').filter({ hasText: 'Pealess whistle' })).toContainText(
    '2',
  );

  await expect(
    page.getByText('for Float pouch, Ada and Float pouch, Bo; wished for').first(),
  ).toBeVisible();

  await open(page, '/layout');
  await page.getByLabel('Kit on the table').selectOption('Float pouch');
  await page.getByLabel('Type gear to add').fill('sighting mirror 40 g');
  await page.keyboard.press('Enter');
  await expect(page.locator('[data-piece]', { hasText: 'Sighting mirror' })).toBeVisible();
  await saved(page);
  await open(page, '/kits');
  await expect(page.getByText(/2 copies lack what changed: 2 × Sighting mirror/)).toBeVisible();
  await page.getByRole('button', { name: 'Give it to them' }).click();
  await expect(pattern).toContainText('all are as it is now');
  expect(complaints).toEqual([]);
});

test('a trip that is told of keeps a version, and feeds the next brief and thrift', async ({
  page,
}) => {
  await open(page, '/keep/trip');
  await page.getByLabel('Kit on the table').selectOption('Float pouch');
  const form = page.getByRole('form', { name: 'The trip' });
  await form.getByLabel('First day').fill('2026-05-01');
  await form.getByLabel('Last day').fill('2026-04-01');
  await form.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByText('tick what was used')).toBeVisible();
  await form.getByRole('checkbox', { name: 'Rescue folding knife' }).click();
  await form.getByLabel('What was missed').fill('a bright buoy\nspare matches');
  await form.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByText('before it began on 2026-05-01')).toBeVisible();
  await form.getByLabel('First day').fill('2026-04-01');
  await form.getByLabel('Last day').fill('2026-04-03');
  await form.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByText(/2 of 13 used; missed: a bright buoy, spare matches/)).toBeVisible();

  await open(page, '/brief');
  await page.getByRole('button', { name: 'Ask for a bright buoy from now on' }).click();
  await expect(page.getByText('● asked for')).toBeVisible();
  await open(page, '/layout/thrift');
  await expect(page.getByText('used on 1 of 1 trip').first()).toBeVisible();
  await open(page, '/kits/compare');
  const versions = page.getByRole('region', { name: 'Versions of Float pouch' });
  await expect(versions).toContainText('missed: a bright buoy');
  const life = page.getByRole('region', { name: 'The life of Float pouch' });
  await expect(life.getByRole('img', { name: /^Mass from 729 g on/ })).toBeVisible();
  await life.getByText('As a table').click();
  await expect(life.getByRole('row')).toHaveCount(3);
});

test('what is left is measured, in the panel and on the scale', async ({ page }) => {
  await open(page, '/layout');
  const panel = page.getByRole('complementary', { name: 'Selected piece' });
  await page.locator('[data-piece=tape]').first().click();
  await panel.getByText('Measure what is left').click();
  await panel.getByRole('combobox', { name: 'How', exact: true }).selectOption('across the roll');
  await panel.getByLabel('Across the whole roll').fill('30');
  await panel.getByLabel('Across its core').fill('26');
  // π (30² − 26²) / (4 × 0.28) = 628 mm.
  await expect(panel.getByRole('status')).toContainText(/0\.6\d* m ± 0\.\d+ of \d+ are left/);
  await panel.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByText(/0\.6\d* m of Cloth tape, flat roll are left/)).toBeVisible();
  await panel.getByLabel('Across the whole roll').fill('20');
  await expect(panel.getByRole('status')).toContainText('The core is wider');
});

test('a holder on the scale agrees, is sealed, and names what is lacking', async ({ page }) => {
  await open(page, '/shelf/weigh');
  await page.getByLabel('Kit on the table').selectOption('Float pouch');
  await page.getByRole('button', { name: 'A holder with all in it' }).click();
  const sheet = page.getByRole('region', { name: 'Float pouch on the scale' });
  await sheet.getByRole('button', { name: 'From the scale…' }).click();
  await sheet.getByRole('button', { name: 'Put it on' }).click();
  await sheet.getByRole('button', { name: 'Take it over' }).click({ timeout: 15_000 });
  await expect(sheet.getByText('It agrees.')).toBeVisible();
  await sheet.getByRole('button', { name: /^Seal it at/ }).click();
  await expect(sheet.getByText(/^Sealed at/)).toBeVisible();
  await sheet.getByLabel('Float pouch with all in it').fill('624.5 g');
  await expect(sheet.getByText(/more than .* off: open it/)).toBeVisible();
  await expect(sheet.getByText(/^So much weighs: Rescue folding knife/)).toBeVisible();
});

test('two of four candles are lent, and come back to the others', async ({ page }) => {
  await open(page, '/layout');
  const panel = page.getByRole('complementary', { name: 'Selected piece' });
  await page.locator('[data-piece=candle]').first().click();
  const mass = await figure(page, 'Mass');
  await panel.getByRole('button', { name: 'Lend, borrow or take…' }).click();
  await panel.getByLabel('Who has it').fill('Ida');
  await panel.getByLabel('How many of 4').fill('5');
  await panel.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByText('4 of Candle are here, and 5 are wanted')).toBeVisible();
  await panel.getByLabel('How many of 4').fill('2');
  await panel.getByRole('button', { name: 'Write it down' }).click();
  const candles = page.locator('[data-piece]', { hasText: 'Candle' });
  await expect(candles).toHaveCount(2);
  await candles.last().click();
  await expect(panel).toContainText('lent to Ida');
  await panel
    .getByRole('button', { name: 'It is back' })
    .or(panel.getByRole('button', { name: 'Candle is back where it belongs' }))
    .first()
    .click();
  await expect(candles).toHaveCount(1);
  await expect.poll(() => figure(page, 'Mass')).toBe(mass);
});
