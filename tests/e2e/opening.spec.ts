import { readFileSync } from 'node:fs';
import { expect, test, type BrowserContext, type Page } from '@playwright/test';
import { demoAddress } from '../../playwright.config';
import { databaseVersion } from '../../src/store/database';
import { open, saved, written } from './bench';

/** What a newer program would have made of the database. */
const newerVersion = databaseVersion + 1;

/** A page of the origin that has no program in it: what is done to the database there, nobody else does. */
async function bare(context: BrowserContext): Promise<Page> {
  const page = await context.newPage();
  await page.goto('/icon.svg');
  return page;
}

type Entries = readonly (readonly [store: string, value: object, key?: string])[];

/** Makes a database of that version with these entries, and leaves it closed. */
async function databaseWith(page: Page, version: number, entries: Entries): Promise<void> {
  await page.evaluate(
    async ([number, all]) => {
      const database = await new Promise<IDBDatabase>((resolve, reject) => {
        const opening = indexedDB.open('vivid-acorn', number);
        opening.onupgradeneeded = () => {
          const made = opening.result;
          const withIds = [
            'gear',
            'loadouts',
            ...(number > 1 ? ['schemes', 'lists', 'versions'] : []),
          ];
          for (const store of withIds) made.createObjectStore(store, { keyPath: 'id' });
          made.createObjectStore('entries', { keyPath: 'at' });
          for (const store of ['about', 'preferences', ...(number > 1 ? ['photos'] : [])]) {
            made.createObjectStore(store);
          }
        };
        opening.onsuccess = () => resolve(opening.result);
        opening.onerror = () => reject(opening.error!);
      });
      const writing = database.transaction([...database.objectStoreNames], 'readwrite');
      for (const [store, value, key] of all) writing.objectStore(store).put(value, key);
      await new Promise((resolve) => (writing.oncomplete = resolve));
      database.close();
    },
    [version, entries] as const,
  );
}

/** The fixture of a version as its database. */
function fixture(version: 1 | 2): Entries {
  const file = JSON.parse(readFileSync(`tests/support/version-${version}.json`, 'utf8')) as Record<
    string,
    object[]
  >;
  const parts = ['gear', 'loadouts', 'schemes', 'lists', 'versions'].filter((part) => file[part]);
  return [
    ...parts.flatMap((part) => file[part]!.map((entry) => [part, entry] as const)),
    ['about', { revision: 1, currency: 'EUR', cursor: 0 }, 'bench'],
  ];
}

/** Changes one record under the program’s hands. */
async function put(page: Page, store: string, value: object): Promise<void> {
  await page.evaluate(
    async ([name, record]) => {
      const database = await new Promise<IDBDatabase>((resolve) => {
        const opening = indexedDB.open('vivid-acorn');
        opening.onsuccess = () => resolve(opening.result);
      });
      const writing = database.transaction(name, 'readwrite');
      writing.objectStore(name).put(record);
      await new Promise((resolve) => (writing.oncomplete = resolve));
      database.close();
    },
    [store, value] as const,
  );
}

const alert = (page: Page) => page.getByRole('alert').filter({ has: page.getByRole('heading') });

for (const version of [1, 2] as const) {
  test(`a bench of version ${version} opens as it was`, async ({ context, page }) => {
    await databaseWith(await bare(context), version, fixture(version));
    await open(page, '/kits');
    await expect(page.locator('main')).toContainText('Pocket tin');
    await open(page, '/shelf');
    await expect(page.locator('main')).toContainText('Candle');
    await open(page, '/papers');
    expect(JSON.parse(await written(page, 'The whole bench'))).toMatchObject({ version: 3 });
  });
}

test('an older window in the way is named, and the bench opens once it is closed', async ({
  context,
  page,
}) => {
  const old = await bare(context);
  await databaseWith(old, 2, fixture(2));
  await old.evaluate(
    () =>
      new Promise<void>((resolve) => {
        const opening = indexedDB.open('vivid-acorn', 2);
        opening.onsuccess = () => {
          Object.assign(window, { held: opening.result });
          resolve();
        };
      }),
  );
  await page.goto('/kits');
  await expect(alert(page)).toContainText('Another window is in the way');
  await expect(alert(page)).toContainText('Close that window');
  await expect(page.locator('main')).not.toContainText('Start from nothing');
  await old.close();
  await expect(page.locator('main')).toContainText('Everyday bag');
});

test('a record that is none is named, kept, and set aside', async ({ context, page }) => {
  await open(page, '/layout');
  await saved(page);
  const other = await bare(context);
  await put(other, 'gear', { id: 'float-knife', name: 'Rescue folding knife', massG: 'heavy' });
  await page.goto('/layout');
  await expect(alert(page)).toContainText('One record of your bench cannot be read');
  await expect(alert(page)).toContainText('“Rescue folding knife”');
  const raw = JSON.parse(await written(page, 'Write the raw data to a file')) as {
    stores: { gear: unknown[] };
  };
  expect(JSON.stringify(raw.stores.gear)).toContain('heavy');
  await page.getByRole('button', { name: 'Set it aside and open' }).click();
  await expect(page.locator('[data-mat]')).toBeVisible();
  await page.getByRole('combobox', { name: 'Kit on the table' }).selectOption('Float pouch');
  await expect(page.locator('[data-piece=float-knife]')).toHaveCount(0);
  await expect(page.locator('[data-piece=float-cord]')).toBeVisible();
  await page.reload();
  await expect(page.locator('[data-mat]')).toBeVisible();
});

test('a page that is older than the bench shows none, and says what to do', async ({
  context,
  page,
}) => {
  await databaseWith(await bare(context), newerVersion, []);
  for (const path of ['/layout', '/kits', '/papers']) {
    await page.goto(path);
    await expect(alert(page)).toContainText('This page is older than your bench');
    await expect(page.getByRole('button', { name: 'Load the page again' })).toBeVisible();
    await expect(page.locator('main')).not.toContainText(/Start from nothing|Portage pack/);
  }
  expect(JSON.parse(await written(page, 'Write the raw data to a file'))).toMatchObject({
    version: newerVersion,
  });
});

test('a window that a newer program leaves behind has saved, and says so', async ({
  context,
  page,
}) => {
  await open(page, '/layout');
  await page.getByLabel('Type gear to add').fill('tin whistle 33 g 12x300 mm');
  await page.keyboard.press('Enter');
  await expect(page.locator('[data-mat]')).toContainText('Tin whistle');
  const newer = await bare(context);
  await newer.evaluate(
    (version) =>
      new Promise<void>((resolve) => {
        const opening = indexedDB.open('vivid-acorn', version);
        opening.onsuccess = () => {
          opening.result.close();
          resolve();
        };
      }),
    newerVersion,
  );
  await expect(alert(page)).toContainText('A newer version has your bench now');
  await expect(alert(page)).toContainText('All that you did here is saved');
  const raw = await newer.evaluate(
    (version) =>
      new Promise<string>((resolve) => {
        const opening = indexedDB.open('vivid-acorn', version);
        opening.onsuccess = () => {
          const reading = opening.result.transaction('gear').objectStore('gear').getAll();
          reading.onsuccess = () => resolve(JSON.stringify(reading.result));
        };
      }),
    newerVersion,
  );
  expect(raw).toContain('Tin whistle');
});

test('a full disk is said at the first start, and is no loss once there is room', async ({
  context,
  page,
}) => {
  const inspector = await context.newCDPSession(page);
  const origin = demoAddress;
  await inspector.send('Storage.overrideQuotaForOrigin', { origin, quotaSize: 2000 });
  await page.goto('/layout');
  await expect(page.locator('[data-mat]')).toBeVisible();
  const again = page.getByRole('button', { name: 'Not saved: try again' }).first();
  await expect(again).toBeVisible();
  await page.getByLabel('Type gear to add').fill('tin whistle 33 g 12x300 mm');
  await page.keyboard.press('Enter');
  // From the act on it is being saved, until that has failed too: only then is it for the person to try again.
  await expect(page.locator('[data-mat]')).toContainText('Tin whistle');
  await expect(again).toBeVisible();
  const isAskedBeforeLeaving = () =>
    page.evaluate(() => !dispatchEvent(new Event('beforeunload', { cancelable: true })));
  expect(await isAskedBeforeLeaving()).toBe(true);
  await inspector.send('Storage.overrideQuotaForOrigin', { origin });
  await again.click();
  await saved(page);
  expect(await isAskedBeforeLeaving()).toBe(false);
  await page.reload();
  await page.getByRole('combobox', { name: 'Kit on the table' }).selectOption('Portage pack');
  await expect(page.locator('[data-mat]')).toContainText('Tin whistle');
});

test('a page that fails is told from the bench, which can be written and left for another kit', async ({
  page,
}) => {
  await open(page, '/layout');
  await saved(page);
  await page.evaluate(() => {
    // Formats are made once and kept: what they write with is what fails.
    const { prototype } = Intl.NumberFormat;
    const format = Object.getOwnPropertyDescriptor(prototype, 'format')!;
    const mend = () => Object.defineProperty(prototype, 'format', format);
    Object.assign(window, { mend });
    Object.defineProperty(prototype, 'format', {
      ...format,
      get: () => {
        throw new Error('nothing is written here');
      },
    });
  });
  await page.getByRole('combobox', { name: 'Kit on the table' }).selectOption('Float pouch');
  await expect(alert(page)).toContainText('This page could not be shown');
  await expect(alert(page)).toContainText('Your bench is safe: all that you did is saved.');
  expect(JSON.parse(await written(page, 'Write the whole bench to a file'))).toMatchObject({
    format: 'vivid-acorn',
  });
  await page.evaluate(() => (window as unknown as { mend: () => void }).mend());
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.locator('[data-mat]')).toBeVisible();
});

test('storage that the browser clears under an open window drops nothing: it is told, and saved again', async ({
  context,
  page,
}) => {
  await open(page, '/layout');
  await page.getByLabel('Type gear to add').fill('tin whistle 33 g 12x300 mm');
  await page.keyboard.press('Enter');
  await expect(page.locator('[data-mat]')).toContainText('Tin whistle');
  await saved(page);
  const inspector = await context.newCDPSession(page);
  const clear = () =>
    inspector.send('Storage.clearDataForOrigin', {
      origin: demoAddress,
      storageTypes: 'indexeddb',
    });
  const told = page.getByRole('alert').filter({ hasText: 'has deleted what this site had saved' });

  await clear();
  // It is told before anything more is done.
  await expect(told).toBeVisible();
  await page.getByLabel('Type gear to add').fill('spare lid 20 g');
  await page.keyboard.press('Enter');
  const mat = page.locator('[data-mat]');
  await expect(mat).toContainText('Spare lid');
  await expect(mat).toContainText('Tin whistle');
  expect(await written(page, 'Write the whole bench to a file')).toContain('Spare lid');

  await page.getByRole('button', { name: 'Save it in the browser again' }).click();
  await expect(told).toBeHidden();
  await saved(page);
  await page.reload();
  await expect(mat).toContainText('Tin whistle');
  await expect(mat).toContainText('Spare lid');
  await page.getByRole('button', { name: 'Undo: add Spare lid' }).click();
  await expect(mat).not.toContainText('Spare lid');

  // Another window that is opened on the cleared storage begins anew; the first one keeps its own.
  await saved(page);
  await clear();
  await expect(told).toBeVisible();
  const other = await context.newPage();
  await open(other, '/layout');
  await saved(other);
  await page.bringToFront();
  await page.evaluate(() => document.dispatchEvent(new Event('visibilitychange')));
  await expect(told).toContainText('Another window has saved a new bench since');
  await expect(mat).toContainText('Tin whistle');
  await expect(other.locator('[data-mat]')).not.toContainText('Tin whistle');
});

test('a part of the program that the server has no more is told, asked for again, and a reload offered', async ({
  page,
}) => {
  // What the page itself names is there; what comes later is not.
  const names = await (await page.request.get('/layout')).text();
  const gone = /\/_next\/static\/.*\.js/;
  await page.route(gone, (route) =>
    names.includes(new URL(route.request().url()).pathname)
      ? route.fallback()
      : route.fulfill({ status: 404, body: '' }),
  );
  await page.goto('/layout');
  await expect(page.locator('[data-piece]').first()).toBeVisible();
  const told = page.getByRole('alert').filter({ hasText: 'Part of this page could not be loaded' });
  await expect(told).toBeVisible();
  await expect(told.getByRole('button', { name: 'Reload the page' })).toBeVisible();
  // What is here goes on.
  await page.getByRole('button', { name: 'Ten Cs' }).click();
  await expect(page.getByRole('region', { name: 'Candling' })).toBeVisible();
  await page.unroute(gone);
  await told.getByRole('button', { name: 'Reload the page' }).click();
  await expect(page.getByRole('button', { name: 'Ten Cs' })).toBeVisible();
  await expect(told).toBeHidden();
  await page.keyboard.press('Control+k');
  await expect(page.getByRole('dialog', { name: 'All commands' })).toBeVisible();
});
