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
  await expect.poll(() => figure(page, 'Lasts')).toMatch(/0 \/ 5 days .*sleep first/);
  await expect(need(page, 'sleep')).toContainText('4 °C short');
  await expect(need(page, 'light')).toContainText('lumen-hours asked');
  await expect(need(page, 'fuel')).toContainText('wood, which grows there');

  await need(page, 'sleep').getByRole('button').first().click();
  await expect(need(page, 'sleep')).toContainText(/Stern: [\d.]+ clo, R 2 beneath/);
  await need(page, 'sleep').getByText('sleep-clo').click();
  await expect(need(page, 'sleep')).toContainText('(33 − T)/(0.155 · 0.75 · 47)');

  const fix = need(page, 'sleep')
    .getByRole('button', { name: /met then/ })
    .first();
  await fix.click();
  await expect.poll(() => standing(page, 'sleep')).toBe('met');
  await page.getByRole('button', { name: /^Undo/ }).first().click();
  await expect.poll(() => standing(page, 'sleep')).toBe('short');
});

test('another season and another country ask for other things', async ({ page }) => {
  await open(page, '/brief');
  await page.getByRole('combobox', { name: 'Judged by' }).selectOption({ label: 'June' });
  await expect(page.getByText('It does not get dark.')).toBeVisible();
  await page.getByRole('link', { name: 'Is it enough?' }).click();
  await expect(need(page, 'light')).toContainText('a lamp can stay at home');
  const mild = await need(page, 'drink').innerText();

  await page.getByRole('link', { name: 'The brief' }).click();
  await type(page, 'Latitude, longitude', '24 N, 12 E');
  await page.getByLabel('Kind of country').selectOption({ label: 'Dry desert' });
  await page.getByLabel('The sea is').selectOption('far inland');
  // The service is asked anew for the new place, and what nobody typed follows.
  await expect(page.getByText(/4\d ±5 by the climate/)).toBeVisible();
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

test('who knows a country better corrects it, and what it proposes is for as many as come', async ({
  page,
}) => {
  await open(page, '/brief');
  await page.getByLabel('Kind of country').selectOption({ label: 'Dry desert' });
  const proposal = (litres: number) =>
    page.getByRole('checkbox', { name: `At least ${litres} L to carry water` });
  await proposal(12).click();
  await expect(page.getByText('At least 12 L to carry water: broken')).toBeVisible();
  await page.getByRole('button', { name: 'One more comes' }).click();
  await expect(page.getByText('At least 18 L to carry water: broken')).toBeVisible();
  await expect(proposal(18)).toBeChecked();

  await page.getByRole('button', { name: 'I know that country better' }).click();
  await page.getByLabel('The ground bites').selectOption('no');
  await type(page, 'Minutes: roof', '200');
  await expect(page.getByText('Back to the planning values (2 corrected)')).toBeVisible();
  await type(page, 'Minutes: roof', '2000');
  await expect(page.getByRole('alert').filter({ hasText: 'Minutes: roof' })).toBeVisible();

  // Another kit that goes there knows it too.
  await page.getByLabel('Kit on the table').selectOption({ label: 'Float pouch' });
  await page.getByLabel('Kind of country').selectOption({ label: 'Dry desert' });
  await page.getByRole('button', { name: 'I know that country better' }).click();
  await expect(page.getByLabel('The ground bites (corrected)')).toHaveValue('no');

  await page.getByLabel('Kit on the table').selectOption({ label: 'Portage pack' });
  await page.getByLabel('Kind of country').selectOption({ label: 'Savanna' });
  await expect(page.getByText(/At least 18 L to carry water: broken/)).toBeHidden();
  await page.getByRole('button', { name: 'I know that country better' }).click();
  await expect(page.getByLabel('The ground bites')).toHaveValue('yes');
});

test('without the climate service, its last answer and typed figures hold', async ({ page }) => {
  await page.route('**/api/climate*', (route) => route.abort());
  await open(page, '/brief');
  await type(page, 'Metres above the sea', '900');
  await expect(page.getByText(/cannot be reached .* Its answer of/)).toBeVisible();
  await page.getByRole('link', { name: 'Is it enough?' }).click();
  await expect(need(page, 'sleep')).toContainText('a cold night is 3 °C');
});

test('an answer of the climate service that comes late takes back nothing of what was done meanwhile', async ({
  page,
}) => {
  let answer: () => void = () => undefined;
  const held = new Promise<void>((resolve) => (answer = resolve));
  await page.route('**/api/climate*', async (route) => {
    await held;
    await route.continue();
  });
  await open(page, '/brief');
  await page.getByLabel('Kind of country').selectOption({ label: 'Dry desert' });
  const asked = page.getByRole('checkbox', { name: 'At least 12 L to carry water' });
  await asked.click();
  await expect(asked).toBeChecked();
  answer();
  await expect(page.getByText(/by the climate/).first()).toBeVisible();
  await expect(asked).toBeChecked();
  await saved(page);
  await page.reload();
  await expect(asked).toBeChecked();
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

/** A walk straight north over a saddle, with a spring on it and a lake far off. */
const walk = `<?xml version="1.0"?><gpx version="1.1" creator="somebody">
<wpt lat="61.03" lon="27.5"><name>Spring</name></wpt><wpt lat="61.03" lon="28.5"><name>Lake</name></wpt>
<trk><name>Over the saddle</name><trkseg>${[0, 20, 45, 80, 45, 20, 10]
  .map((m, at) => `<trkpt lat="${61 + at / 50}" lon="27.5"><ele>${100 + m}</ele></trkpt>`)
  .join('')}</trkseg></trk></gpx>`;

test('a way comes in from a file, is drawn, and becomes the dry stretch; what is no way is told', async ({
  page,
}) => {
  await open(page, '/brief');
  const file = (name: string, text: string) =>
    page.setInputFiles('input[aria-label="Track of the way"]', {
      name,
      mimeType: 'application/gpx+xml',
      buffer: Buffer.from(text),
    });
  await file('way.gpx', walk);
  await expect(page.getByText('Over the saddle is in. 1 marked water lies on it')).toBeVisible();
  await expect(page.getByText('1 lie more than 500 m off')).toBeVisible();
  await expect(page.getByLabel('Distance, km')).toHaveValue('13.34');
  await expect(page.getByLabel('Climb, m')).toHaveValue('80');
  await expect(page.getByLabel('Longest dry stretch, km')).toHaveValue('10.01');
  await expect(
    page.getByRole('img', { name: 'The way rises between 100 and 180 m' }),
  ).toBeVisible();
  // A typed dry stretch holds; without it, the one of the way does.
  await type(page, 'Hours between waters', '');
  await expect(page.getByText('2.3 by the route')).toBeVisible();

  await file('evil.gpx', `<!DOCTYPE gpx [<!ENTITY a "b">]>${walk}`);
  await expect(page.getByRole('main').getByRole('alert')).toContainText('declares entities');
  await file('empty.gpx', '<gpx/>');
  await expect(page.getByRole('main').getByRole('alert')).toContainText('no track and no route');
  await expect(page.getByLabel('Distance, km')).toHaveValue('13.34');
});

test('a place is pointed to on the map, by mouse and by keyboard', async ({ page }) => {
  await open(page, '/brief');
  await page.getByRole('button', { name: 'Point on a map' }).click();
  const map = page.getByRole('application');
  await map.scrollIntoViewIfNeeded();
  const box = (await map.boundingBox())!;
  await page.mouse.click(box.x + box.width * 0.75, box.y + box.height * 0.25);
  await expect(page.getByLabel('Latitude, longitude')).toHaveValue(/^4\d(\.\d)?, (8\d|9\d)/);
  await map.focus();
  const at = () => page.getByLabel('Latitude, longitude').inputValue();
  const [latitude] = (await at()).split(', ').map(Number);
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('ArrowUp');
  await expect.poll(async () => Number((await at()).split(', ')[0])).toBeCloseTo(latitude! + 2, 5);
});

test('the order that the brief proposes lies on the mat at one press', async ({ page }) => {
  await open(page, '/brief');
  await page.getByRole('button', { name: 'Lay the mat in this order' }).click();
  await expect(page.getByText('The mat lies in this order.')).toBeVisible();
  await page.getByRole('link', { name: 'Lay out' }).click();
  await expect(page.locator('[data-lane]').first()).toHaveAttribute('data-lane', 'cover');
});

test('in another season: what is needless comes out, and undo brings it back', async ({ page }) => {
  await open(page, '/brief/seasons');
  await expect(page.getByRole('list', { name: 'Needless' })).toContainText('Pocket torch', {
    timeout: 15_000,
  });
  const mass = await figure(page, 'Mass');
  await page.getByRole('button', { name: /^Take all/ }).click();
  await expect.poll(() => figure(page, 'Mass')).not.toBe(mass);
  await page.getByRole('button', { name: /^Undo/ }).first().click();
  await expect.poll(() => figure(page, 'Mass')).toBe(mass);
});

test('what is filled is carried, and the mass opens into days', async ({ page }) => {
  await open(page, '/brief');
  await type(page, 'Steel bottle 1 L', '1000');
  await expect.poll(() => figure(page, 'Mass')).toContain('20.85 kg');
  await page.locator('[data-figure="Mass"]').click();
  await expect(page.getByRole('dialog')).toContainText('Sets out with');
  await expect(page.getByRole('dialog')).toContainText(/Comes home with/);
});

test('kits are held against a set of rules that was handed on', async ({ page }) => {
  await open(page, '/kits/challenge');
  await expect(page.getByRole('region', { name: 'Kits against the rules' })).toContainText(
    'Every lid closes',
  );
  await page.setInputFiles('input[aria-label="Set of rules to take in"]', {
    name: 'no.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{"format":"other"}'),
  });
  await expect(page.getByRole('main').getByRole('alert')).toContainText('This is no set of rules');
  const rules = { rules: [{ rule: 'second vessel' }], id: 'x', name: 'Two cups', note: '' };
  await page.setInputFiles('input[aria-label="Set of rules to take in"]', {
    name: 'two.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify({ format: 'vivid-acorn-challenge', version: 1, ...rules })),
  });
  await expect(page.getByRole('heading', { name: 'Two cups' })).toBeVisible();
  await page.getByRole('button', { name: 'Make them its rules: Portage pack' }).click();
  await page.getByRole('link', { name: 'Brief', exact: true }).click();
  await expect(page.getByLabel('This set is called')).toHaveValue('Two cups');
});
