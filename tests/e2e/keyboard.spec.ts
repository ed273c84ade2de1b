import { expect, test, type Page } from '@playwright/test';
import { figure, open, saved } from './bench';

/** Presses Tab until the element that is wanted has the focus, as a person would. */
async function tabTo(page: Page, name: RegExp, most = 150): Promise<void> {
  for (let press = 0; press < most; press += 1) {
    await page.keyboard.press('Tab');
    const label = await page.evaluate(() => {
      const at = document.activeElement;
      return at?.getAttribute('aria-label') ?? at?.textContent ?? '';
    });
    if (name.test(label.trim())) return;
  }
  throw new Error(`${name} is not reached by Tab`);
}

test('the whole tour by keyboard alone', async ({ page }) => {
  await open(page, '/layout');

  await tabTo(page, /^Ten Cs$/);
  await page.keyboard.press('Enter');
  await expect.poll(() => figure(page, 'Cover')).toContain('10 of 10');

  await page.keyboard.press('/');
  await page.keyboard.type('brass plumb bob 90 g 30x60 mm');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: 'Beyond' })).toContainText('Brass plumb bob');
  await page.keyboard.press('Escape');

  await page.keyboard.press('g');
  await page.keyboard.press('s');
  await expect(page).toHaveURL(/\/stow$/);
  await page.keyboard.press('m');
  await page.keyboard.type('lid pocket');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('group', { name: /^Lid pocket/ })).toContainText('Brass plumb bob');

  await page.keyboard.press('Control+z');
  await expect(page.getByRole('group', { name: /^Lid pocket/ })).not.toContainText(
    'Brass plumb bob',
  );
  await page.keyboard.press('Control+Shift+z');
  await expect(page.getByRole('group', { name: /^Lid pocket/ })).toContainText('Brass plumb bob');
  await saved(page);

  await tabTo(page, /^Let go of this piece/);
  await tabTo(page, /^Change the figures of Brass plumb bob/);
  await page.keyboard.press('Enter');
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Mass of one').focus();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('3 oz');
  await page.keyboard.press('Enter');
  await expect(dialog).toBeHidden();
  await expect(page.getByRole('complementary', { name: 'Selected piece' })).toContainText('85 g');

  await page.keyboard.press('Control+k');
  await page.keyboard.type('go to papers');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/papers$/);
  await expect(page.getByRole('article', { name: 'Packing list' })).toContainText(
    'Brass plumb bob',
  );
  const download = page.waitForEvent('download');
  await tabTo(page, /^This kit$/);
  await page.keyboard.press('Enter');
  expect((await download).suggestedFilename()).toBe('portage-pack.json');

  await page.keyboard.press('g');
  await page.keyboard.press('k');
  await tabTo(page, /^Name of the new kit$/);
  await page.keyboard.type('Winter sledge');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Winter sledge' })).toBeVisible();
});

test('what is typed before the commands are there is theirs, and presses nothing else', async ({
  page,
}) => {
  await open(page, '/stow');
  await page.locator('[data-piece=headlamp]').click();
  await page.getByRole('button', { name: /^Change the figures/ }).focus();
  // All within one turn: nothing is drawn in between.
  await page.evaluate(() => {
    const at = document.activeElement!;
    const press = (key: string, ctrlKey = false) =>
      at.dispatchEvent(
        new KeyboardEvent('keydown', { key, ctrlKey, bubbles: true, cancelable: true }),
      );
    press('k', true);
    for (const key of ['x', 'Backspace', ...'go to papers', 'Enter']) press(key);
  });
  await expect(page).toHaveURL(/\/papers$/);
  await expect(page.getByRole('dialog')).toHaveCount(0);
});

test('so is what is typed before a new place is asked for', async ({ page }) => {
  await open(page, '/stow');
  await page.locator('[data-piece=belt-knife]').click();
  await page.getByRole('button', { name: 'Take out' }).focus();
  await page.evaluate(() => {
    const at = document.activeElement!;
    for (const key of ['m', ...'lid pocket', 'Enter']) {
      at.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));
    }
  });
  await expect(page.getByRole('group', { name: /^Lid pocket/ })).toContainText('Belt knife');
  await expect(page.getByRole('dialog')).toHaveCount(0);
});

test('focus is visible wherever it goes', async ({ page }) => {
  await open(page, '/layout');
  for (let press = 0; press < 25; press += 1) {
    await page.keyboard.press('Tab');
    const isSeen = await page.evaluate(() => {
      for (
        let at: Element | null = document.activeElement;
        at && at !== document.body;
        at = at.parentElement
      ) {
        const { outlineStyle, outlineWidth } = getComputedStyle(at);
        if (outlineStyle !== 'none' && parseFloat(outlineWidth) >= 1) return true;
      }
      return document.activeElement === document.body;
    });
    expect(isSeen).toBe(true);
  }
});

test('single letters can be turned off, and stay so', async ({ page }) => {
  await open(page, '/kits');
  await page.getByLabel('Keys').selectOption('only with Ctrl');
  await page.reload();
  await expect(page.getByLabel('Keys')).toHaveValue('none');
  await page.getByRole('link', { name: /^Stow/ }).click();
  await page.locator('[data-piece=headlamp]').click();
  await page.keyboard.press('m');
  await page.keyboard.press('g');
  await page.keyboard.press('p');
  await expect(page.getByRole('button', { name: 'Move…' })).toBeVisible();
  await expect(page).toHaveURL(/\/stow$/);
  await page.keyboard.press('Control+k');
  await expect(page.getByRole('dialog', { name: 'All commands' })).toBeVisible();
});
