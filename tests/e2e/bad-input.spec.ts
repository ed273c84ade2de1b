import { expect, test } from '@playwright/test';
import { bringIn, open, written } from './bench';

type File = Record<string, never> & {
  loadouts: { name: string; placements: { place: unknown }[] }[];
};

test('files that are refused say why, name the field, and change nothing', async ({ page }) => {
  await open(page, '/papers');
  const before = await written(page, 'The whole bench');
  const spoilt = (spoil: (file: File) => void) => {
    const file = JSON.parse(before) as File;
    spoil(file);
    return JSON.stringify(file);
  };
  const cases: readonly (readonly [name: string, text: string | Buffer, says: RegExp])[] = [
    ['photo.json', Buffer.from([0xff, 0xd8, 0xff, 0xe0]), /not a JSON file/],
    [
      'script.json',
      spoilt((file) => {
        file.loadouts[0]!.name = '<script>alert(1)</script>';
      }),
      /“loadouts\[0\]\.name” holds markup/,
    ],
    ['huge.json', Buffer.alloc(200 * 1024 * 1024 - 1, 32), /200 MB.*up to 64 MB/],
  ];
  for (const [name, text, says] of cases) {
    await bringIn(page, name, text.length > 50 * 1024 * 1024 ? Buffer.alloc(0) : text);
    if (text.length > 50 * 1024 * 1024) {
      // A file this large is handed over inside the page: the test’s own wire does not take it.
      await page.evaluate((bytes) => {
        const input = document.querySelector<HTMLInputElement>('input[type=file]')!;
        const chosen = new DataTransfer();
        chosen.items.add(
          new File([new Uint8Array(bytes)], 'huge.json', { type: 'application/json' }),
        );
        input.files = chosen.files;
        input.dispatchEvent(new Event('change', { bubbles: true }));
      }, text.length);
    }
    const alert = page.getByRole('alert').filter({ hasText: `${name} was not brought in` });
    await expect(alert).toContainText(says);
    await expect(alert).toContainText('as they were');
  }
  expect(await written(page, 'The whole bench')).toBe(before);
  await expect(page.getByRole('button', { name: 'Nothing to undo' })).toBeDisabled();
});

test('a file that differs asks, and keeps both', async ({ page }) => {
  await open(page, '/papers');
  const file = JSON.parse(await written(page, 'This kit')) as File;
  file.loadouts[0]!.name = 'Portage pack, spring';
  await bringIn(page, 'spring.json', JSON.stringify(file));
  await expect(page.getByRole('alert').filter({ hasText: 'spring.json' })).toContainText(
    'is here already and differs',
  );
  await page.getByRole('button', { name: 'Keep both' }).click();
  const picker = page.getByRole('combobox', { name: 'Kit on the table' });
  await expect(picker.getByRole('option')).toHaveText([
    'Boathouse box',
    'Float pouch',
    'Portage pack',
    'Portage pack, spring (brought in)',
  ]);
});

test('a wrong quantity says what would be understood, and what was typed stays', async ({
  page,
}) => {
  await open(page, '/shelf');
  await page.getByLabel('Find on the shelf').fill('belt knife');
  await page.locator('[data-gear=belt-knife]').click();
  await page.getByRole('button', { name: 'Change Belt knife' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Mass of one').fill('about 200');
  await dialog.getByLabel('Length × width × height').fill('23 by 4');
  await dialog.getByRole('button', { name: 'Save' }).click();
  await expect(dialog).toContainText(
    '“about 200” is not a mass this understands: write it like 210 g',
  );
  await expect(dialog).toContainText('A box has three sides, like 90x60x38 mm.');
  await expect(dialog.getByLabel('Mass of one')).toHaveValue('about 200');
  await dialog.getByLabel('Mass of one').fill('6 oz');
  await dialog.getByLabel('Length × width × height').fill('9.5 x 1.6 x 1.2 in');
  await dialog.getByRole('button', { name: 'Save' }).click();
  await expect(dialog).toBeHidden();
  const chosen = page.getByRole('complementary', { name: 'Chosen gear' });
  await expect(chosen).toContainText('170 g stated');
  await expect(chosen).toContainText('241 × 40.6 × 30.5 mm');
});

test('a line that cannot be understood stays typed and says why', async ({ page }) => {
  await open(page, '/layout');
  const line = page.getByLabel('Type gear to add');
  await line.fill('pot 1,234 g');
  await expect(page.locator('#quick-add-understood')).toContainText('can mean 1.234 or 1234');
  await page.keyboard.press('Enter');
  await expect(line).toHaveValue('pot 1,234 g');
});
