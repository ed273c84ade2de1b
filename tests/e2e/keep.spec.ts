import { expect, test, type Page } from '@playwright/test';
import { open, saved, watch, written } from './bench';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

/** Presses the button of one piece of the round that is shown. */
async function press(page: Page, piece: string, button: string | RegExp): Promise<void> {
  const article = page.getByRole('article', { name: piece, exact: true });
  await article.getByRole('button', { name: button }).first().click();
}

async function putOnTable(page: Page, kit: string): Promise<void> {
  await page.getByRole('button', { name: new RegExp(`(Begin a|the) round of ${kit}`) }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'A round' })).toBeAttached();
}

test.describe('without a network', () => {
  // The application goes on by what the browser has kept of it.
  test.use({ serviceWorkers: 'allow' });

  test('a whole round of the boathouse box without a network, left half-way and gone on with', async ({
    page,
    context,
  }) => {
    test.setTimeout(120_000);
    const { complaints } = watch(page);
    await open(page, '/keep');
    await putOnTable(page, 'Boathouse box');
    // The whole of the application is at hand once its worker is in charge.
    await page.waitForFunction(() => navigator.serviceWorker.controller !== null, undefined, {
      timeout: 90_000,
    });
    await context.setOffline(true);
    await page.getByRole('button', { name: 'Begin a round' }).click();
    await expect(page.getByText('0 of 21 looked at')).toBeVisible();

    await press(page, 'Boathouse box 45 L', 'Good');
    await press(page, 'Folding saw, handed down', 'Good');
    // An axe whose handle has split.
    await press(page, 'Camp axe', 'Failed');
    await press(page, 'Gas lighter, half full', 'Good');
    // Of two candles one is used.
    await press(page, 'Candle', 'Used');
    await expect(page.getByRole('button', { name: 'Write down: 1 of 2 good' })).toBeVisible();
    await page.getByRole('button', { name: 'Write down: 1 of 2 good' }).click();
    await expect(page.getByText('5 of 21 looked at')).toBeVisible();
    await saved(page);

    await page.reload();
    await expect(page.getByText('5 of 21 looked at')).toBeVisible();
    await press(page, 'Wool blanket, mended', 'Good');
    await press(page, 'Tarp 3 × 4 m, patched', 'Good');
    await press(page, 'Lidded can 0.8 L', 'Missing');
    await press(page, 'Drinking water, sealed pouch', 'To renew');
    await page.getByRole('button', { name: 'All the rest: to renew' }).click();
    await page.getByRole('button', { name: 'Write down: 0 of 12 good' }).click();
    // The rest in the list, and one piece with a note.
    await page.getByRole('button', { name: 'The list' }).click();
    await page.getByRole('button', { name: 'More about Hand radio' }).click();
    await page.getByText('Note, picture, made ready and tried').click();
    await page.getByLabel('Note', { exact: true }).fill('Contacts cleaned');
    await press(page, 'Hand radio', 'Good');
    await page.getByRole('button', { name: 'The list' }).click();
    const waiting = page.getByRole('button', { name: / is good$/ });
    for (let left = await waiting.count(); left > 0; left -= 1) await waiting.first().click();
    await expect(page.getByText('21 of 21 looked at')).toBeVisible();
    await page.getByRole('button', { name: 'End the round' }).click();
    await expect(page.getByRole('heading', { name: 'The round is written down' })).toBeVisible();
    await expect(
      page.getByText('17 of 21 lines good, 1 used, 12 to be renewed, 1 missing, 1 failed.'),
    ).toBeVisible();
    await saved(page);

    // What it found is on the restock list, and what was bought goes where it belongs.
    await page.getByRole('link', { name: /lines to restock/ }).click();
    const water = page
      .getByRole('listitem')
      .filter({ hasText: '12 × Drinking water, sealed pouch' });
    await expect(water).toContainText('a round found it worn');
    await water.getByRole('button', { name: 'Drinking water, sealed pouch is bought' }).click();
    await page.getByLabel('Printed date, if any').fill('2020-01-01');
    await page.getByRole('button', { name: 'Put it in' }).click();
    await expect(page.getByRole('alert').first()).toContainText('was made or bought on');
    await page.getByLabel('Printed date, if any').fill('2199-01-31');
    await page.getByRole('button', { name: 'Put it in' }).click();
    await expect(page.getByText('12 × Drinking water, sealed pouch on the shelf')).toBeVisible();
    await expect(water).toHaveCount(0);
    await saved(page);
    await context.setOffline(false);

    // It is kept, and can be read again; the next is half a year away.
    await open(page, '/keep/history');
    await page.getByLabel('Piece').fill('radio');
    await expect(page.getByText('Contacts cleaned')).toBeVisible();
    await open(page, '/keep');
    await expect(
      page.getByRole('listitem').filter({ hasText: 'Boathouse box' }).first(),
    ).toContainText('due in 6 months');
    // Without a network the browser says so of what it then takes from at hand.
    const own = complaints.filter(
      (each) => !/ERR_INTERNET_DISCONNECTED|Failed to fetch/.test(each),
    );
    expect(own).toEqual([]);
  });
});

test('a holder is weighed instead of opened, sealed, and what is lacking is named', async ({
  page,
}) => {
  await open(page, '/keep');
  await putOnTable(page, 'Boathouse box');
  await page.getByRole('button', { name: 'Begin a round' }).click();
  await page.getByRole('button', { name: 'The list' }).click();
  await page.getByRole('button', { name: 'More about Cook box' }).click();
  await page.getByText('Weigh it instead of opening it').click();
  const scale = page.getByLabel('Cook box with all in it');
  const expected = await sum(page, scale);
  await scale.fill(`${expected} g`);
  await expect(page.getByText('It agrees.')).toBeVisible();
  await page.getByRole('button', { name: /^Seal it at/ }).click();
  await expect(page.getByText(/^Sealed at/)).toBeVisible();
  // The pot is gone.
  await scale.fill(`${expected - 341} g`);
  await expect(page.getByText('open it.')).toBeVisible();
  await expect(page.getByText('So much weighs: Pot 1.4 L, sooted')).toBeVisible();
  await scale.fill(`${expected + 1} g`);
  await page.getByRole('button', { name: /as there$/ }).click();
  await page.getByRole('button', { name: 'The list' }).click();
  await expect(page.getByText('there, by weight').first()).toBeVisible();
  await saved(page);
});

/** What the holder should weigh, as the screen says it, in g. */
async function sum(page: Page, scale: ReturnType<Page['getByLabel']>): Promise<number> {
  await scale.fill('1 g');
  const said = await page.getByText(/^By its pieces/).innerText();
  const [, figure, unit] = /By its pieces ([\d.,]+) (kg|g)/.exec(said)!;
  return Math.round(Number(figure!.replace(',', '')) * (unit === 'kg' ? 1000 : 1));
}

test('what is lent leaves a hole, and is back at one press', async ({ page }) => {
  await open(page, '/stow');
  await page
    .getByRole('button', { name: /^Belt knife/ })
    .first()
    .click();
  const panel = page.getByRole('complementary', { name: 'Selected piece' });
  await panel.getByRole('button', { name: 'Lend, borrow or take…' }).click();
  await panel.getByLabel('Who has it').fill('Ida');
  await panel.getByLabel('Back by, if agreed').fill('2020-01-01');
  await panel.getByRole('button', { name: 'Write it down' }).click();
  // No day lies before the day it went.
  await expect(page.getByText('It is to be back before it went.')).toBeVisible();
  await panel.getByLabel('Back by, if agreed').fill('');
  await panel.getByRole('button', { name: 'Write it down' }).click();
  await expect(panel.getByText(/^Lent to Ida since/)).toBeVisible();
  await expect(panel.getByText('Belt knife is lent to Ida.')).toBeVisible();
  await saved(page);
  await panel.getByRole('button', { name: 'Belt knife is back where it belongs' }).click();
  await expect(panel.getByText('Belt knife is lent to Ida.')).toHaveCount(0);
});

test('what runs out before a later trip does not count on it', async ({ page }) => {
  await open(page, '/brief/enough');
  const food = page.locator('[data-need=food]');
  await expect(food).toBeVisible();
  const before = await food.innerText();
  await open(page, '/stow');
  await page
    .getByRole('button', { name: /^Trail meal, bean stew/ })
    .first()
    .click();
  const panel = page.getByRole('complementary', { name: 'Selected piece' });
  await panel.getByRole('button', { name: /^Change: Dates of/ }).click();
  const tomorrow = new Date(Date.now() + 86_400_000).toISOString().slice(0, 10);
  await panel.getByLabel('Printed date').fill(tomorrow);
  await panel.getByRole('button', { name: 'Keep' }).click();
  await expect(panel.getByText(/and the trip ends on/)).toBeVisible();
  await saved(page);
  await open(page, '/brief/enough');
  await expect.poll(() => food.innerText()).not.toBe(before);
});

test('tasks whose last day is not known are counted from today at one press, and undo takes it back', async ({
  page,
}) => {
  await open(page, '/keep');
  const pouch = page.getByRole('listitem').filter({ hasText: 'Float pouch' }).first();
  await expect(pouch).toContainText('12 tasks have no “last done” date');
  await page.getByRole('button', { name: 'Count the tasks of Float pouch from today' }).click();
  await expect(pouch).not.toContainText('no “last done” date');
  await expect(pouch).toContainText(/No round yet; due in 6 months/);
  await page.keyboard.press('Control+z');
  await expect(pouch).toContainText('12 tasks have no “last done” date');
});

test('the calendar that is written goes on from the one before', async ({ page }) => {
  await open(page, '/keep');
  const uids = (text: string) => [...text.matchAll(/^UID:(.*)$/gm)].map(([, uid]) => uid!.trim());
  const first = await written(page, 'Calendar file');
  await page.getByRole('button', { name: 'Camp axe: inspect done' }).click();
  const second = await written(page, 'Calendar file');
  for (const uid of uids(first)) expect(uids(second)).toContain(uid);
  expect(second).toContain('SEQUENCE:1');
});

test('a back-up is restored as it was, and undo takes that back', async ({ page }) => {
  await open(page, '/keep');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Back up now' }).click(),
  ]);
  const zip = await download.path();
  await expect(page.getByText('The last was made today.')).toBeVisible();
  await page.getByRole('button', { name: 'Power bank is back' }).click();
  await expect(page.getByRole('button', { name: 'Power bank is back' })).toHaveCount(0);
  const choose = page.locator('input[aria-label="Back-up to restore"]');
  await choose.setInputFiles(zip);
  const asked = page.getByRole('group', { name: 'What restoring changes' });
  await expect(asked).toContainText('Gear: 1 become otherwise (Power bank)');
  await asked.getByRole('button', { name: 'Restore it' }).click();
  await expect(page.getByRole('button', { name: 'Power bank is back' })).toBeVisible();
  await saved(page);
  await page.getByRole('button', { name: 'Undo: restore a back-up' }).click();
  await expect(page.getByRole('button', { name: 'Power bank is back' })).toHaveCount(0);
  // What is none leaves all as it is.
  await choose.setInputFiles({
    name: 'holiday.zip',
    mimeType: 'application/zip',
    buffer: Buffer.from('PK\u0003\u0004 and no more'),
  });
  await expect(page.getByText(/holiday.zip: This is no zip that can be opened/)).toBeVisible();
});

test('a back-up is kept up to date in a folder', async ({ page }) => {
  // The browser’s own folder stands in for one that is chosen.
  await page.addInitScript(() => {
    Object.assign(window, { showDirectoryPicker: () => navigator.storage.getDirectory() });
  });
  await open(page, '/keep');
  await page.getByRole('button', { name: 'Keep one in a folder…' }).click();
  await expect(page.getByText('It is up to date.')).toBeVisible({ timeout: 20_000 });
  const size = () =>
    page.evaluate(async () => {
      const folder = await navigator.storage.getDirectory();
      // What is written anew in between cannot be read: the file is taken once more then.
      for (let tries = 1; ; tries += 1) {
        const file = await (await folder.getFileHandle('vivid-acorn-back-up.zip')).getFile();
        try {
          const head = new Uint8Array(await file.slice(0, 2).arrayBuffer());
          return [String.fromCharCode(...head), file.lastModified] as const;
        } catch (error) {
          if (tries === 20) throw error;
          await new Promise((resolve) => setTimeout(resolve, 100));
        }
      }
    });
  const [head, written1] = await size();
  expect(head).toBe('PK');
  // It goes on wherever one is, and after a reload.
  await page.reload();
  await open(page, '/shelf');
  await page.getByLabel('Type gear to add').fill('spare candle 40 g');
  await page.keyboard.press('Enter');
  await expect.poll(async () => (await size())[1], { timeout: 20_000 }).toBeGreaterThan(written1);
  await open(page, '/keep');
  await page.getByRole('button', { name: 'No more' }).click();
  await expect(page.getByRole('button', { name: 'Keep one in a folder…' })).toBeVisible();
});
