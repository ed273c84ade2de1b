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

type Rules = 'all' | 'colours';

async function nothingFound(page: Page, rules: Rules = 'all'): Promise<void> {
  await atRest(page);
  const builder = new AxeBuilder({ page })
    // There are no frames here, and what passes is not looked at: both save most of the time.
    .setLegacyMode()
    .options({ resultTypes: ['violations'] });
  if (rules === 'colours') builder.withRules(['color-contrast', 'link-in-text-block']);
  else {
    builder.withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice']);
  }
  const { violations } = await builder.analyze();
  const found = violations.map(
    ({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 160)).join(' | ')}`,
  );
  expect(found).toEqual([]);
}

/** Looks at the page as it is in both themes: in the dark one at its colours, as nothing else is another there. */
async function nothingFoundInBothThemes(page: Page): Promise<void> {
  // What is out of sight is looked at too: the browser would put off giving it its colours.
  await page.addStyleTag({ content: '* { content-visibility: visible !important }' });
  for (const [colorScheme, rules] of [
    ['light', 'all'],
    ['dark', 'colours'],
  ] as const) {
    await page.emulateMedia({ colorScheme });
    await expect(page.locator('html')).toHaveClass(new RegExp(colorScheme));
    await nothingFound(page, rules);
  }
}

/** What a thumb would miss: all that is pressed and less than 44 px tall, but for what stands inside a sentence. */
function smallTargets(page: Page) {
  return page.evaluate(() =>
    [
      ...document.querySelectorAll(
        'button, select, input:not([type=file]), a[href]:not(.skip-link)',
      ),
    ]
      .map((at) => [at.getBoundingClientRect().height, at.textContent?.slice(0, 40)] as const)
      .filter(([height]) => height > 0 && height < 43.5),
  );
}

/** How far the page is wider than the room it has, which leaves out the strip of a scroll bar, once it is laid out for it. */
function overflow(page: Page): Promise<number> {
  return page.evaluate(
    () =>
      new Promise<number>((resolve) =>
        requestAnimationFrame(() =>
          requestAnimationFrame(() => {
            const root = document.documentElement;
            resolve(root.scrollWidth - Math.round(root.getBoundingClientRect().width));
          }),
        ),
      ),
  );
}

for (const path of paths) {
  test(`${path} is in reach of a thumb, cut off nowhere, and axe finds nothing in light and in dark`, async ({
    page,
  }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await open(page, path);
    expect(await smallTargets(page)).toEqual([]);
    for (const width of [360, 390, 768]) {
      await page.setViewportSize({ width, height: 844 });
      await expect.poll(() => overflow(page), { message: `${width} px` }).toBe(0);
    }
    await page.setViewportSize({ width: 1280, height: 800 });
    await nothingFoundInBothThemes(page);
  });
}

test('axe finds nothing with a piece selected, and in the dialogs and figures that open over it', async ({
  page,
}) => {
  await open(page, '/stow');
  await page.getByRole('combobox', { name: 'Kit on the table' }).selectOption('Float pouch');
  await page.locator('[data-piece=float-knife]').click();
  await expect(page.getByRole('button', { name: 'Move…' })).toBeVisible();
  await nothingFoundInBothThemes(page);
  const openings: readonly (() => Promise<void>)[] = [
    () => page.getByRole('button', { name: 'Move…' }).click(),
    () => page.getByRole('button', { name: /^Change the figures/ }).click(),
    () => page.keyboard.press('Control+k'),
    () => page.locator('[data-figure=Stowed]').click(),
  ];
  for (const opened of openings) {
    await opened();
    await expect(page.getByRole('dialog')).toBeVisible();
    await nothingFoundInBothThemes(page);
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toHaveCount(0);
  }
});

test('axe finds nothing on an empty lane, a refused line, and in the editor of a scheme', async ({
  page,
}) => {
  await open(page, '/layout');
  await page.getByRole('combobox', { name: 'Kit on the table' }).selectOption('Float pouch');
  await page.getByRole('button', { name: 'Ten Cs' }).click();
  await page.getByLabel('Type gear to add').fill('pot 1,234 g');
  await expect(page.locator('#quick-add-understood')).toContainText('can mean');
  await nothingFoundInBothThemes(page);
  await page.getByLabel('Type gear to add').fill('');
  await page.getByRole('button', { name: 'My own…' }).click();
  await expect(page.getByRole('dialog')).toBeVisible();
  await nothingFoundInBothThemes(page);
});

test('axe finds nothing on a packing that is looked at', async ({ page }) => {
  await open(page, '/stow');
  await page.getByRole('combobox', { name: 'Kit on the table' }).selectOption('Float pouch');
  await page.getByRole('button', { name: 'Pack it anew for me' }).click();
  await expect(page.getByRole('group', { name: 'As it would lie' })).toBeVisible();
  await page.getByText('Where everything goes, and why').click();
  await nothingFoundInBothThemes(page);
});

test('axe finds nothing on the welcome, and on what an empty kit begins with', async ({ page }) => {
  await open(page, welcomeAddress);
  await nothingFoundInBothThemes(page);
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
