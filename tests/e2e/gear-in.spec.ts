import { expect, test, type Request } from '@playwright/test';
import { figure, open, saved, watch } from './bench';

const table = `Item,Weight (oz),Qty,Size,Price,Status
Belt knife,6.2,1,9x1.5x1.2 in,€45,owned
Mug,heavy,1,,,
Candle,2,six,,,
Head torch,3,1,,€30,wish
,1,,,,
Whistle,0.3,2,,,owned
`;

test('a table comes in with three bad rows: they are named, and everything else is there', async ({
  page,
}) => {
  await open(page, '/shelf/bring-in');
  await page.getByRole('button', { name: 'A table (CSV)' }).click();
  await page.setInputFiles('input[aria-label="Table to bring in"]', {
    name: 'gear.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(table),
  });
  await expect(page.getByLabel('What Weight (oz) means')).toHaveValue('mass');
  await expect(page.getByLabel('Unit of Weight (oz)')).toHaveValue('oz');
  const bad = page.getByRole('region', { name: '3 rows not understood' });
  await expect(bad.getByRole('listitem')).toHaveText([
    /^row 3 Mug · heavy · 1 ▲ “heavy.*” is not a mass/,
    /^row 4 Candle · 2 · six ▲ “six” is not how many there are/,
    /^row 6 1 ▲ The row has no name/,
  ]);
  await page.getByRole('checkbox', { name: 'Lay them out in Portage pack too' }).click();
  await page.getByRole('button', { name: 'Bring in 3 pieces' }).click();
  await expect(page.getByText('3 pieces laid on the mat of Portage pack')).toBeVisible();
  await expect(page.getByRole('region', { name: '3 rows not understood' })).toBeVisible();

  // Putting a column right mends the rows that are left.
  await page.getByLabel('What Weight (oz) means').selectOption('leave out');
  await page.getByLabel('What Qty means').selectOption('leave out');
  await page.getByRole('button', { name: 'Bring in 2 pieces', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Undo: bring in 2 pieces' })).toBeEnabled();
  await saved(page);
  await open(page, '/shelf');
  await page.getByRole('button', { name: 'As a list' }).click();
  await page.getByLabel('Find on the shelf').fill('head torch');
  await expect(page.getByRole('list', { name: 'Gear' })).toContainText('85 g stated · €30');
  await expect(page.getByRole('list', { name: 'Gear' })).toContainText('wished');
});

test('what is no table is refused in one line, and nothing is lost', async ({ page }) => {
  const { complaints } = watch(page);
  await open(page, '/shelf/bring-in');
  await page.getByRole('button', { name: 'A table (CSV)' }).click();
  await page.setInputFiles('input[aria-label="Table to bring in"]', {
    name: 'empty.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('\n ,, \n'),
  });
  await expect(page.getByRole('alert').filter({ hasText: 'empty.csv' })).toContainText(
    /There is nothing in this file\.\s*Your shelf is as it was\./,
  );
  await page.setInputFiles('input[aria-label="Table to bring in"]', {
    name: 'odd.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from([0x50, 0x4b, 0x03, 0x04, 0xff, 0x00, 0x2c, 0x01]),
  });
  await expect(page.getByRole('alert').filter({ hasText: 'odd.csv' })).toContainText(
    'This is no text of rows and cells, but another kind of file.',
  );
  expect(complaints).toEqual([]);
});

test('lines are pasted as they are, and what is not understood stays', async ({ page }) => {
  await open(page, '/shelf/bring-in');
  await page
    .getByLabel('One piece a line')
    .fill('- camp kettle 190 g\n* 3 tea lights\npot 1,234 g\n☐ brass gizmo 12 g');
  await page.getByRole('button', { name: 'Bring in 3 pieces' }).click();
  await expect(page.getByLabel('One piece a line')).toHaveValue('pot 1,234 g');
  await page
    .getByRole('button', { name: /^Undo: bring in 3 pieces/ })
    .first()
    .click();
  await open(page, '/shelf');
  await expect(page.getByText('99 of 99 lines')).toBeVisible();
});

test('the scale is lost midway: what was weighed is kept, and it says so', async ({ page }) => {
  await open(page, '/shelf/weigh');
  const scale = page.locator('[data-scale]');
  await expect(page.getByRole('status').filter({ hasText: 'to weigh' })).toContainText(
    '3 to weigh',
  );
  await page.getByRole('button', { name: 'Put it on' }).click();
  await expect(scale).toHaveAttribute('data-scale', 'moving');
  await expect(scale).toHaveAttribute('data-scale', 'steady');
  await page.getByRole('button', { name: /^Take this mass/ }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByText(/^Hooks and line weighs [\d.]+ g/)).toBeVisible();
  await expect(page.getByRole('region', { name: 'Weigh Plastic bottle 1 L' })).toBeVisible();

  await page.getByRole('button', { name: 'Put it on' }).click();
  await page.getByRole('button', { name: 'Pull its plug' }).click();
  const alert = page.getByRole('alert').filter({ hasText: 'The line to the scale is gone' });
  await expect(alert).toContainText('1 piece weighed before it broke is kept.');
  await expect(alert).toContainText('Plastic bottle 1 L is as it was.');
  await expect(page.getByRole('button', { name: /^Take this mass/ })).toBeDisabled();

  await page.getByRole('button', { name: 'Connect again' }).click();
  await expect(alert).toBeHidden();
  await page.getByLabel('What lies on the simulated scale').fill('6 kg');
  await page.getByRole('button', { name: 'Put it on' }).click();
  await expect(scale).toHaveAttribute('data-scale', 'overload');
  await page.getByLabel('What lies on the simulated scale').fill('104 g');
  await page.getByRole('button', { name: 'Put it on' }).click();
  await expect(scale).toHaveAttribute('data-scale', 'steady');
  await page.getByRole('button', { name: /^Take this mass/ }).click();
  await saved(page);
  await open(page, '/shelf');
  await page.getByRole('button', { name: 'As a list' }).click();
  await page.getByLabel('Find on the shelf').fill('plastic bottle');
  await expect(page.getByRole('list', { name: 'Gear' })).toContainText(/10[34](\.\d)? g weighed/);
  await page.getByLabel('Find on the shelf').fill('hooks');
  await expect(page.getByRole('list', { name: 'Gear' })).toContainText('g weighed');
});

test('some is used, a hank is cut, and what is left is counted', async ({ page }) => {
  await open(page, '/layout');
  const panel = page.getByRole('complementary', { name: 'Selected piece' });
  await page.locator('[data-piece=cord-15]').first().click();
  await panel.getByLabel('Use or cut, m').fill('4; 2.5');
  await panel.getByRole('button', { name: 'Cut' }).click();
  await expect(panel).toContainText('8.5 of 8.5 m');
  const cordage = page.getByRole('region', { name: 'Cordage' });
  await expect(cordage).toContainText('Cord 4 m');
  await expect(cordage).toContainText('Cord 2.5 m');
  await panel.getByLabel('Use or cut, m').fill('9 m');
  await panel.getByRole('button', { name: 'Use', exact: true }).click();
  await expect(page.getByText(/There is 8.5 m of Cord 15 m left, no more/)).toBeVisible();

  await page.locator('[data-piece=match-case]').first().click();
  await panel.getByLabel('Use, lights').fill('20');
  await page.keyboard.press('Enter');
  await expect(panel).toContainText('5 of 25 lights');
  await expect(panel).toContainText('flame, 5 lights, made for it');
  await page
    .getByRole('button', { name: /^Undo: use some/ })
    .first()
    .click();
  await expect(panel).toContainText('25 of 25 lights');
});

test('a piece is lent, pictured, doubled, and found by who has it', async ({ page }) => {
  await open(page, '/shelf');
  const gear = page.getByRole('list', { name: 'Gear' });
  const chosen = page.getByRole('complementary', { name: 'Chosen gear' });
  await page.getByRole('button', { name: 'As a list' }).click();
  await page.getByLabel('Find on the shelf').fill('camp axe');
  await gear.getByRole('button', { name: /Camp axe/ }).click();
  await chosen.getByRole('button', { name: 'Another Camp axe' }).click();
  await expect(gear.getByRole('listitem')).toHaveCount(2);
  await chosen.getByRole('button', { name: 'Change Camp axe' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Lent to').fill('Mika');
  await page.setInputFiles('input[aria-label="Picture of it"]', 'docs/screenshots/kits.png');
  await expect(dialog.locator('img')).toBeVisible();
  await dialog.getByRole('button', { name: 'Save' }).click();
  await expect(dialog).toBeHidden();
  await page.getByLabel('Find on the shelf').fill('mika');
  await expect(gear.getByRole('listitem')).toHaveCount(1);
  await expect(gear).toContainText('lent to Mika');
  await expect(gear.locator('img')).toBeVisible();
  await saved(page);
  await page.reload();
  await page.getByRole('button', { name: 'As a list' }).click();
  await page.getByLabel('Which part of the shelf').selectOption('lent');
  await expect(gear).toContainText('lent to Mika');
  await expect(gear.locator('img')).toBeVisible();
  await expect.poll(() => figure(page, 'Mass')).toContain('19.85 kg');
});

test('the scale’s line is let go while nobody sees the window, and taken up again', async ({
  page,
}) => {
  const isLine = (request: Request) =>
    request.method() === 'GET' && new URL(request.url()).pathname.startsWith('/api/scale/');
  await open(page, '/shelf/weigh');
  await expect(page.getByText('to weigh').first()).toBeVisible();
  const isSeen = (state: 'hidden' | 'visible') =>
    page.evaluate((now) => {
      Object.defineProperty(document, 'visibilityState', { value: now, configurable: true });
      document.dispatchEvent(new Event('visibilitychange'));
    }, state);
  const letGo = page.waitForEvent('requestfailed', isLine);
  await isSeen('hidden');
  await letGo;
  const takenUp = page.waitForEvent('request', isLine);
  await isSeen('visible');
  await takenUp;
  await expect(page.getByText('Take this mass (Enter)')).toBeVisible();
});

test('on a phone a line stays in sight while what it may be opens above it', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await open(page, '/layout');
  const line = page.getByLabel('Type gear to add');
  await line.click();
  await page.keyboard.type('notebook and pencil', { delay: 30 });
  await expect(page.getByRole('option', { name: /^Pencil/ }).first()).toBeInViewport();
  await page.keyboard.type(' 60 g', { delay: 30 });
  const foot = await page.getByRole('navigation', { name: 'Places' }).boundingBox();
  const typed = await line.boundingBox();
  expect(typed!.y + typed!.height).toBeLessThan(foot!.y);
});
