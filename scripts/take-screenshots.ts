import { type Page } from '@playwright/test';
import { inBrowser } from './in-browser';

/** Takes the pictures of docs/screenshots anew, from the demo. */

interface Shot {
  readonly name: string;
  readonly path: string;
  readonly phone?: boolean;
  readonly dark?: boolean;
  readonly first?: (page: Page) => Promise<void>;
}

const shots: readonly Shot[] = [
  {
    name: 'mat',
    path: '/layout',
    first: (page) => page.locator('[data-piece=multi-tool]').first().click(),
  },
  {
    name: 'pack',
    path: '/stow',
    first: async (page) => {
      await page.getByRole('button', { name: 'Pack all of it anew' }).click();
      await page.getByText(/all is in; findings/).waitFor({ timeout: 60_000 });
      await page
        .getByRole('button', { name: 'Stop', exact: true })
        .waitFor({ state: 'hidden', timeout: 60_000 });
    },
  },
  { name: 'mat-phone', path: '/layout', phone: true },
  {
    name: 'brief',
    path: '/brief',
    dark: true,
    first: async (page) => {
      await page.getByRole('button', { name: 'Point on a map' }).click();
      await page.getByRole('application').waitFor();
    },
  },
  {
    name: 'seasons',
    path: '/brief/seasons',
    first: (page) => page.getByRole('button', { name: /^Take all/ }).waitFor(),
  },
  {
    name: 'enough',
    path: '/brief/enough',
    first: async (page) => {
      await page.locator('[data-need=sleep] > button').click();
      await page
        .getByRole('button', { name: /met then/ })
        .first()
        .waitFor();
    },
  },
  {
    name: 'stow',
    path: '/stow',
    first: async (page) => {
      await page.locator('[data-piece=ground-mat]').click();
      await page.locator('[data-piece=barrel]').scrollIntoViewIfNeeded();
    },
  },
  {
    name: 'inside',
    path: '/stow/inside?in=barrel&cavity=inside',
    first: async (page) => {
      await page.getByText('What would help').waitFor();
      await page.getByRole('button', { name: /Carry .* outside/ }).waitFor();
    },
  },
  { name: 'keep', path: '/keep' },
  {
    name: 'round-phone',
    path: '/keep',
    phone: true,
    dark: true,
    first: async (page) => {
      await page.getByRole('button', { name: 'Begin a round of Boathouse box' }).click();
      await page.getByRole('heading', { level: 1, name: 'A round' }).waitFor({ state: 'attached' });
      await page.getByRole('button', { name: 'Begin a round', exact: true }).click();
      await page.getByRole('button', { name: 'Good', exact: true }).click();
    },
  },
  { name: 'papers', path: '/papers' },
  { name: 'shelf', path: '/shelf' },
  {
    name: 'bring-in',
    path: '/shelf/bring-in',
    first: async (page) => {
      await page.getByRole('button', { name: 'A table (CSV)' }).click();
      await page.setInputFiles('input[aria-label="Table to bring in"]', {
        name: 'from the attic.csv',
        mimeType: 'text/csv',
        buffer: Buffer.from(
          'Item,Weight (oz),Qty,Price\nBelt knife,6.2,1,€45\nMug,heavy,1,\nWhistle,0.3,2,€4\n',
        ),
      });
      await page.getByText('heavy').first().waitFor();
    },
  },
  {
    name: 'weigh',
    path: '/shelf/weigh',
    first: async (page) => {
      await page.getByRole('button', { name: 'Put it on' }).click();
      await page.locator('[data-scale=steady]').waitFor();
    },
  },
  {
    name: 'prove',
    path: '/prove',
    first: async (page) => {
      await page
        .getByRole('row', { name: /^Barrel 30 L with all in it/ })
        .getByRole('button')
        .click();
      await page.getByText(/instead of 1.8 days/).waitFor();
      await page.getByRole('region', { name: 'The board' }).waitFor();
    },
  },
  {
    name: 'findings',
    path: '/prove/findings',
    first: async (page) => {
      const finding = page
        .locator('[data-finding="cover/holder"]')
        .filter({ hasText: 'With the Barrel' });
      await finding.getByRole('button').first().click();
      await finding.getByText('Each was tried').first().waitFor();
    },
  },
  { name: 'thrift', path: '/layout/thrift' },
  { name: 'challenge', path: '/kits/challenge' },
  { name: 'kits', path: '/kits' },
];

await inBrowser('demo', async (browser, address) => {
  for (const { name, path, phone, dark, first } of shots) {
    const page = await browser.newPage({
      viewport: phone ? { width: 390, height: 844 } : { width: 1280, height: 800 },
      // Its bar to scroll by lies over the page and takes no room.
      ...(phone ? { isMobile: true, hasTouch: true } : {}),
      colorScheme: dark ? 'dark' : 'light',
    });
    await page.goto(`${address}${path}`);
    await page.locator('#screen').waitFor();
    await page.waitForTimeout(600);
    await first?.(page);
    await page.waitForTimeout(600);
    await page.screenshot({ path: `docs/screenshots/${name}.png`, animations: 'disabled' });
    await page.close();
  }
});
