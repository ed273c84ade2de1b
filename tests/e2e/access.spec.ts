import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';
import { welcomeAddress } from '../../playwright.config';
import { paths } from '../../src/ui/shell/places';
import { open } from './bench';

/**
 * Resolves once no colour that is seen is on its way to another: half-way there, what is read against it is no pair of
 * the theme. What lies in a closed fold is not drawn, so what began to change there never comes to its end.
 */
async function atRest(page: Page): Promise<void> {
  await page.waitForFunction(
    () =>
      document.getAnimations().every(({ effect, playState }) => {
        const { target } = effect as KeyframeEffect;
        const isEndless = effect!.getComputedTiming().endTime === Infinity;
        return playState === 'finished' || isEndless || !target!.checkVisibility();
      }),
    undefined,
    { polling: 50 },
  );
}

async function nothingFound(page: Page): Promise<void> {
  await atRest(page);
  const { violations } = await new AxeBuilder({ page })
    // There are no frames here, and what passes is not looked at: both save most of the time.
    .setLegacyMode()
    .options({ resultTypes: ['violations'] })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'])
    .analyze();
  const found = violations.map(
    ({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 160)).join(' | ')}`,
  );
  expect(found).toEqual([]);
}

/** Looks at the page as it is in both themes. */
async function nothingFoundInBothThemes(page: Page): Promise<void> {
  for (const colorScheme of ['light', 'dark'] as const) {
    await page.emulateMedia({ colorScheme });
    await expect(page.locator('html')).toHaveClass(new RegExp(colorScheme));
    await nothingFound(page);
  }
}

for (const path of paths) {
  test(`axe finds nothing on ${path}, in light and in dark`, async ({ page }) => {
    await open(page, path);
    await nothingFoundInBothThemes(page);
  });
}

const openings: Readonly<Record<string, (page: Page) => Promise<void>>> = {
  'the move dialog': (page) => page.getByRole('button', { name: 'Move…' }).click(),
  'the editor': (page) => page.getByRole('button', { name: /^Change the figures/ }).click(),
  'the commands': (page) => page.keyboard.press('Control+k'),
  'a figure, worked out': (page) => page.locator('[data-figure=Stowed]').click(),
};
for (const [name, opened] of Object.entries(openings)) {
  test(`axe finds nothing with a piece selected, and in ${name}`, async ({ page }) => {
    await open(page, '/stow');
    await page.getByRole('combobox', { name: 'Kit on the table' }).selectOption('Float pouch');
    await page.locator('[data-piece=float-knife]').click();
    await expect(page.getByRole('button', { name: 'Move…' })).toBeVisible();
    if (name === 'the move dialog') await nothingFoundInBothThemes(page);
    await opened(page);
    await expect(page.getByRole('dialog')).toBeVisible();
    await nothingFoundInBothThemes(page);
  });
}

test('axe finds nothing in the editor of a scheme', async ({ page }) => {
  await open(page, '/layout');
  await page.getByRole('combobox', { name: 'Kit on the table' }).selectOption('Float pouch');
  await page.getByRole('button', { name: 'My own…' }).click();
  await expect(page.getByRole('dialog')).toBeVisible();
  await nothingFoundInBothThemes(page);
});

test('axe finds nothing on a packing that is looked at, and on what an empty kit begins with', async ({
  page,
}) => {
  await open(page, '/stow');
  await page.getByRole('button', { name: 'Pack it for me' }).click();
  await expect(page.getByRole('group', { name: 'As it would lie' })).toBeVisible();
  await page.getByText('Where everything goes, and why').click();
  await nothingFoundInBothThemes(page);
  await page.goto(welcomeAddress);
  await page.getByLabel('Name of the new kit').fill('Empty');
  await page.getByRole('button', { name: 'Start', exact: true }).click();
  await expect(page.getByRole('region', { name: 'Begin here' })).toBeVisible();
  await nothingFoundInBothThemes(page);
});

test('axe finds nothing on the shelf as a list, with a line chosen', async ({ page }) => {
  await open(page, '/shelf');
  await page.getByRole('button', { name: 'As a list' }).click();
  await page.getByRole('list', { name: 'Gear' }).getByRole('button').first().click();
  await expect(page.getByRole('complementary', { name: 'Chosen gear' })).toBeVisible();
  await nothingFoundInBothThemes(page);
});

test('axe finds nothing on the welcome', async ({ page }) => {
  await open(page, welcomeAddress);
  await nothingFoundInBothThemes(page);
});

test('axe finds nothing on an empty lane and a refused file', async ({ page }) => {
  await open(page, '/layout');
  await page.getByRole('combobox', { name: 'Kit on the table' }).selectOption('Float pouch');
  await page.getByRole('button', { name: 'Ten Cs' }).click();
  await page.getByLabel('Type gear to add').fill('pot 1,234 g');
  await nothingFoundInBothThemes(page);
});

for (const path of paths) {
  test(`nothing is cut off on ${path}, from a phone to a tablet`, async ({ page }) => {
    await page.setViewportSize({ width: 360, height: 844 });
    await open(page, path);
    for (const width of [360, 390, 768]) {
      await page.setViewportSize({ width, height: 844 });
      await page.waitForTimeout(150);
      const overflow = await page.evaluate(
        () => document.documentElement.scrollWidth - window.innerWidth,
      );
      expect([width, overflow]).toEqual([width, 0]);
    }
  });
}

test('targets on a phone are 44 px tall, but for those inside a sentence', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  for (const path of paths) {
    await open(page, path);
    const small = await page.evaluate(() =>
      [
        ...document.querySelectorAll(
          'button, select, input:not([type=file]), a[href]:not(.skip-link)',
        ),
      ]
        .map((at) => [at.getBoundingClientRect().height, at.textContent?.slice(0, 40)] as const)
        .filter(([height]) => height > 0 && height < 43.5),
    );
    expect([path, small]).toEqual([path, []]);
  }
});
