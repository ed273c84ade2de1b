import { expect, test } from '@playwright/test';
import { figure, open, saved } from './bench';

test.beforeEach(async ({ page }) => {
  await open(page, '/layout');
});

test('a trial is written down with where and how, and what failed is no way any more', async ({
  page,
}) => {
  await expect(page.getByText('ignite: 3 ways, 2 untried')).toBeVisible();
  await page.locator('[data-mat] [data-piece]').filter({ hasText: 'Gas lighter' }).first().click();
  await page.getByText('Write down a trial').click();
  await page.getByLabel('Where').fill('on the balcony');
  await page.getByLabel('How it went').fill('the flint is worn');
  await page.getByRole('button', { name: 'It failed' }).click();
  await expect(page.getByText('on the balcony – ▲ failed. the flint is worn')).toBeVisible();
  await expect(page.getByText('ignite: 2 ways, 1 untried')).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(page.getByText('ignite: 2 ways, 1 untried')).toBeVisible();
});

test('what is there anyhow counts in cover and not in mass, and that is undone', async ({
  page,
}) => {
  await expect.poll(() => figure(page, 'Mass')).toMatch(/19\.85 kg/);
  await page.locator('[data-mat] [data-piece]').filter({ hasText: 'Belt knife' }).first().click();
  await page.getByRole('button', { name: 'There anyhow' }).click();
  await expect.poll(() => figure(page, 'Mass')).toMatch(/19\.68 kg/);
  await expect(page.getByText('cut: 3 ways')).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect.poll(() => figure(page, 'Mass')).toMatch(/19\.85 kg/);
});
