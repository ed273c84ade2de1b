import { expect, test } from '@playwright/test';
import { bringIn, drag, figure, open, saved, watch, written } from './bench';

test('the whole job, by mouse: from the mat to the pocket to paper and back', async ({ page }) => {
  const { complaints } = watch(page);
  await page.goto('/');
  await expect(page).toHaveURL(/\/layout$/);
  await expect(page.getByRole('combobox', { name: 'Kit on the table' })).toHaveValue(
    'portage-pack-kit',
  );
  await expect.poll(() => figure(page, 'Mass')).toContain('19.85 kg / 20 kg');

  await test.step('switch the scheme', async () => {
    await expect.poll(() => figure(page, 'Cover')).toContain('5 of 5 Cs');
    await page.getByRole('button', { name: 'Ten Cs' }).click();
    await expect.poll(() => figure(page, 'Cover')).toContain('10 of 10 Cs');
    await expect(page.getByRole('region', { name: 'Candling' })).toContainText('Pocket torch');
  });

  await test.step('type gear', async () => {
    await page.getByLabel('Type gear to add').fill('steel bottle 0.5 L 120 g 66x180mm');
    await expect(page.locator('#quick-add-understood')).toContainText('120 g stated');
    await expect(page.locator('#quick-add-understood')).toContainText('⌀66 × 180 mm stated');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('region', { name: 'Container' })).toContainText(
      'Steel bottle 0.5 L',
    );
    await expect.poll(() => figure(page, 'Mass')).toContain('19.97 kg');
    const note = page.getByText('Steel bottle 0.5 L laid on the mat.');
    const noteBox = (await note.boundingBox())!;
    const lineBox = (await page.getByLabel('Type gear to add').boundingBox())!;
    expect(noteBox.y + noteBox.height).toBeLessThanOrEqual(lineBox.y);
    await page.getByLabel('Type gear to add').fill('k');
    await expect(note).toBeHidden();
    await page.getByLabel('Type gear to add').fill('');
  });

  const chip = page
    .locator('main')
    .getByRole('button', { name: /^(has a finding )?Steel bottle 0\.5 L/ });
  const pocket = page.getByRole('group', { name: /^Side pocket, left/ });
  await test.step('drag it into a pocket', async () => {
    await page.getByRole('link', { name: /^Stow/ }).click();
    await expect(page.getByRole('region', { name: 'on the mat, not stowed' })).toContainText(
      'Steel bottle 0.5 L',
    );
    await drag(page, chip, pocket);
    await expect(pocket).toContainText('Steel bottle 0.5 L');
    await saved(page);
  });

  await test.step('undo and redo', async () => {
    await page.getByRole('button', { name: 'Undo: move' }).click();
    await expect(pocket).not.toContainText('Steel bottle 0.5 L');
    await page.getByRole('button', { name: 'Redo: move' }).click();
    await expect(pocket).toContainText('Steel bottle 0.5 L');
    await saved(page);
  });

  await test.step('reload: it is still there, and so is undo', async () => {
    await page.reload();
    await expect(pocket).toContainText('Steel bottle 0.5 L');
    await expect(page.getByRole('button', { name: 'Undo: move' })).toBeEnabled();
  });

  await test.step('write, clear, bring in: identical', async () => {
    await page.getByRole('link', { name: 'Papers' }).click();
    const before = await written(page, 'The whole bench');
    await page.getByRole('link', { name: 'Kits' }).click();
    await page.getByRole('button', { name: 'Clear the bench' }).click();
    await page.getByRole('link', { name: 'Lay out' }).click();
    await expect(
      page.getByRole('heading', { name: 'A bench for the kit you carry' }),
    ).toBeVisible();
    await bringIn(page, 'bench.json', before);
    await expect(page.getByRole('combobox', { name: 'Kit on the table' })).toBeVisible();
    await page.getByRole('link', { name: 'Papers' }).click();
    expect(await written(page, 'The whole bench')).toBe(before);
  });

  expect(complaints).toEqual([]);
});

test('a piece that does not fit says so, and moving it mends it', async ({ page }) => {
  await open(page, '/stow');
  await expect.poll(() => figure(page, 'Stowed')).toContain('1 does not fit');
  const mat = page.locator('[data-piece=ground-mat]');
  await mat.click();
  await page.getByRole('button', { name: 'Move…' }).click();
  const choices = page.getByRole('listbox', { name: /New place/ });
  await expect(
    choices.getByRole('option', { name: /In Mending pouch.*does not fit/ }),
  ).toBeVisible();
  const options = await choices.getByRole('option').allInnerTexts();
  expect(options.findIndex((text) => text.includes('does not fit'))).toBeGreaterThan(
    options.findLastIndex((text) => !text.includes('does not fit')),
  );
  await choices.getByRole('option', { name: /Portage pack 45 L, Main/ }).click();
  await expect(page.getByRole('group', { name: /^Main/ }).first()).toContainText(
    'Closed-cell ground mat',
  );
});

test('a missing job offers the shelf’s own, one press away', async ({ page }) => {
  await open(page, '/layout');
  await page.getByRole('combobox', { name: 'Kit on the table' }).selectOption('Float pouch');
  const lane = page.getByRole('region', { name: 'Combustion' });
  await expect(lane).toContainText('Nothing to ignite');
  await lane.getByRole('button', { name: /^Lay out Gas lighter/ }).click();
  await expect(lane).not.toContainText('Nothing to ignite');
  await page.getByRole('status').getByRole('button', { name: 'Undo' }).click();
  await expect(lane).toContainText('Nothing to ignite');
});

test('the sheet prints alone, in the dark look too dark on white', async ({ page }) => {
  await page.emulateMedia({ colorScheme: 'dark' });
  await open(page, '/papers');
  await page.emulateMedia({ colorScheme: 'dark', media: 'print' });
  await expect(page.getByRole('article', { name: 'Packing list' })).toBeVisible();
  await expect(page.getByRole('navigation', { name: 'Places' })).toBeHidden();
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
  expect((await page.pdf()).length).toBeGreaterThan(5000);
  const colours = await page
    .getByRole('article', { name: 'Packing list' })
    .locator('*')
    .evaluateAll((parts) => [...new Set(parts.map((part) => getComputedStyle(part).color))]);
  for (const colour of colours) {
    const [red = 255, green = 255, blue = 255] = (colour.match(/\d+/g) ?? []).map(Number);
    expect([colour, Math.max(red, green, blue) < 160]).toEqual([colour, true]);
  }
});
