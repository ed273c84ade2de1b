import { expect, test, type Page } from '@playwright/test';
import { figure, open, saved } from './bench';

function need(page: Page, id: string) {
  return page.locator(`[data-need="${id}"]`);
}

async function standing(page: Page, id: string): Promise<string | null> {
  return need(page, id).getByRole('img').first().getAttribute('aria-label');
}

/** Types a figure of the brief and leaves the field. */
async function type(page: Page, label: string, text: string): Promise<void> {
  await page.getByLabel(label, { exact: true }).fill(text);
  await page.getByLabel(label, { exact: true }).press('Enter');
}

test('the demo is told what it lacks, why, and what would answer it', async ({ page }) => {
  await open(page, '/brief/enough');
  await expect.poll(() => figure(page, 'Lasts')).toMatch(/1\.8 \/ 5 days .*food first/);
  await expect(need(page, 'sleep')).toContainText('4 °C short');
  await expect(need(page, 'light')).toContainText('Headlamp asks 3 AAA alkaline');
  await expect(need(page, 'fuel')).toContainText('wood, which grows there');

  await need(page, 'sleep').getByRole('button').first().click();
  await expect(need(page, 'sleep')).toContainText(/Stern: [\d.]+ clo, R 2 beneath/);
  await need(page, 'sleep').getByText('sleep-clo').click();
  await expect(need(page, 'sleep')).toContainText('(33 − T)/(0.155 · 0.75 · 47)');

  await need(page, 'light').getByRole('button').first().click();
  const fix = need(page, 'light')
    .getByRole('button', { name: /met then/ })
    .first();
  await fix.click();
  await expect.poll(() => standing(page, 'light')).toBe('met');
  await page.getByRole('button', { name: /^Undo/ }).first().click();
  await expect.poll(() => standing(page, 'light')).toBe('short');
});

test('another season and another country ask for other things', async ({ page }) => {
  await open(page, '/brief');
  await page.getByLabel('Judged by').selectOption({ label: 'June' });
  await expect(page.getByText('It does not get dark.')).toBeVisible();
  await page.getByRole('link', { name: 'Is it enough?' }).click();
  await expect(need(page, 'light')).toContainText('a lamp can stay at home');
  const mild = await need(page, 'drink').innerText();

  await page.getByRole('link', { name: 'The brief' }).click();
  await type(page, 'Latitude, longitude', '24 N, 12 E');
  await page.getByLabel('Kind of country').selectOption({ label: 'Dry desert' });
  await page.getByLabel('The sea is').selectOption('far inland');
  // The service is asked anew for the new place, and what nobody typed follows.
  await expect(page.getByText(/4\d by the climate/)).toBeVisible();
  await page.getByRole('link', { name: 'Is it enough?' }).click();
  const litres = (text: string) => Number(/([\d.]+) L a day/.exec(text)![1]);
  await expect
    .poll(async () => litres(await need(page, 'drink').innerText()))
    .toBeGreaterThan(1.15 * litres(mild));
});

test('a typed figure holds; nonsense is told at its field and stays; a broken rule shows at once', async ({
  page,
}) => {
  await open(page, '/brief');
  const low = 'Low of a cold night, °C';
  await type(page, low, '-8');
  await page.getByRole('link', { name: 'Is it enough?' }).click();
  await expect(need(page, 'sleep')).toContainText('a cold night is -8 °C');
  await page.getByRole('link', { name: 'The brief' }).click();

  await type(page, low, 'minus a lot');
  await expect(page.getByRole('alert').filter({ hasText: 'is not a number' })).toBeVisible();
  await expect(page.getByLabel(low)).toHaveValue('minus a lot');
  await type(page, low, '20');
  await expect(page.getByText('The low is above the high.')).toBeVisible();
  await type(page, 'Latitude, longitude', '95, 10');
  await expect(page.getByText(/a latitude is from -90 to 90/)).toBeVisible();

  await page.getByLabel('One more rule').selectOption({ label: 'Must have' });
  await page.getByLabel('what, as compass').fill('axe');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByText('Must have: axe: broken')).toBeVisible();
  await page.locator('[data-figure="To look at"]').click();
  await expect(page.getByRole('dialog')).toContainText('Must have: axe');
});

test('without the climate service, its last answer and typed figures hold', async ({ page }) => {
  await page.route('**/api/climate*', (route) => route.abort());
  await open(page, '/brief');
  await type(page, 'Metres above the sea', '900');
  await expect(page.getByText(/cannot be reached .* Its answer of/)).toBeVisible();
  await page.getByRole('link', { name: 'Is it enough?' }).click();
  await expect(need(page, 'sleep')).toContainText('a cold night is 3 °C');
});

test('from an empty bench, a brief is written and judged', async ({ page }) => {
  await open(page, '/brief');
  await page.getByLabel('Kit on the table').selectOption({ label: 'Float pouch' });
  await page.getByLabel('Start from').selectOption({ label: 'Day walk' });
  await expect(page.getByText('At most 10 % of the bodies’ mass on the back')).toBeVisible();
  await type(page, 'Latitude, longitude', '51.5 -0.1');
  await type(page, 'Metres above the sea', '20');
  await page.getByLabel('The sea is').selectOption('inland');
  await page.getByLabel('Kind of country').selectOption({ label: 'Temperate woodland' });
  await expect(page.getByText(/by the climate/).first()).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(page.getByLabel('Latitude, longitude')).toHaveValue('51.5, -0.1');
  await page.getByRole('link', { name: 'Is it enough?' }).click();
  await expect(page.getByText(/needs are met/)).toBeVisible();
});
