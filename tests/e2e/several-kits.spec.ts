import { expect, test } from '@playwright/test';
import { figure, open, saved } from './bench';

test('a kit goes along in another: its mass and cover count through, and it stays its own', async ({
  page,
}) => {
  await open(page, '/stow');
  const along = page.getByRole('region', { name: 'Kits that go along' });
  await along.getByLabel('Another kit').selectOption('Float pouch');
  await along.getByRole('button', { name: 'Take it along' }).click();
  // 19.85 kg and the pouch's 729 g
  await expect.poll(() => figure(page, 'Mass')).toContain('20.58 kg');
  await expect.poll(() => figure(page, 'Mass')).toContain('over the limit');
  await along.getByLabel('Where Float pouch is').selectOption('Portage pack 45 L, Lid pocket');
  await expect(page.getByRole('group', { name: /^Lid pocket/ })).toContainText('Signal mirror');

  await page.locator('[data-piece$="~mirror"]').click();
  const panel = page.getByRole('complementary', { name: 'Selected piece' });
  await expect(panel).toContainText('It goes along in Float pouch');
  await expect(panel.getByRole('button', { name: 'Move…' })).toHaveCount(0);
  await panel.getByRole('button', { name: 'Open Float pouch' }).click();
  await expect.poll(() => figure(page, 'Mass')).toContain('729 g');

  await page.getByLabel('Kit on the table').selectOption('Portage pack');
  await page.getByRole('button', { name: 'Leave Float pouch behind' }).click();
  await expect.poll(() => figure(page, 'Mass')).toContain('19.85 kg');
  await saved(page);
});

test('a piece in two kits is caught, and moved, doubled or let go from kit to kit', async ({
  page,
}) => {
  await open(page, '/layout');
  const panel = page.getByRole('complementary', { name: 'Selected piece' });
  const booked = /Multi-tool is placed 2 times \(Float pouch, Portage pack\), and there is 1/;
  await page.locator('[data-piece=multi-tool]').first().click();
  await expect(panel).toContainText(booked);

  await panel.getByRole('button', { name: 'Let it go from kit to kit' }).click();
  await expect(panel).not.toContainText(booked);
  await page.getByRole('button', { name: 'Undo: change Multi-tool' }).first().click();
  await expect(panel).toContainText(booked);

  await panel.getByRole('button', { name: 'Wish for a second' }).click();
  await expect(panel).toContainText('wished');
  await expect(panel).not.toContainText(booked);
  await page
    .getByRole('button', { name: /^Undo: wish for a second/ })
    .first()
    .click();

  await panel.getByRole('button', { name: 'Have it here only' }).click();
  await expect(panel).not.toContainText(booked);
  await page.getByLabel('Kit on the table').selectOption('Float pouch');
  await expect(page.locator('main')).not.toContainText('Multi-tool');
});

test('a better piece comes, and the old one goes down to a backup kit', async ({ page }) => {
  await open(page, '/layout');
  await page.getByLabel('Type gear to add').fill('neck knife 58 g');
  await page.keyboard.press('Enter');
  const selected = page.getByRole('complementary', { name: 'Selected piece' });
  await expect(selected).toContainText('Neck knife');
  await selected.getByRole('button', { name: 'Take out', exact: true }).click();
  await expect(selected).toBeHidden();
  await page.locator('[data-piece=belt-knife]').first().click();
  await page.getByRole('button', { name: 'Hand down…' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('To which kit').selectOption('Boathouse box');
  await dialog.getByLabel('What takes its place here').selectOption('Neck knife, 58 g');
  await dialog.getByRole('button', { name: 'Hand it down' }).click();
  await expect(page.getByRole('region', { name: 'Cutting' })).toContainText('Neck knife');
  await expect(page.getByRole('complementary', { name: 'Selected piece' })).toContainText(
    'on the body',
  );
  await page.getByLabel('Kit on the table').selectOption('Boathouse box');
  await page.locator('[data-piece]', { hasText: 'Belt knife' }).first().click();
  await expect(page.getByRole('complementary', { name: 'Selected piece' })).toContainText(
    'backup kits',
  );
});

test('a version is kept, held against the kit as it is now, and put back', async ({ page }) => {
  await open(page, '/kits/compare');
  await page.getByLabel('What is special about it').fill('Before the cold');
  await page.getByRole('button', { name: 'Keep this version' }).click();
  await open(page, '/layout');
  await page.locator('[data-piece=folding-saw]').first().click();
  await page.getByRole('button', { name: 'Take out', exact: true }).click();
  await page.locator('[data-piece=candle]').first().click();
  await page.getByRole('button', { name: 'One less' }).click();
  await page.getByLabel('Type gear to add').fill('camp kettle 190 g');
  await page.keyboard.press('Enter');
  await expect(page.locator('[data-mat]')).toContainText('Camp kettle');
  await saved(page);

  await open(page, '/kits/compare');
  const difference = page.getByRole('article', { name: 'Difference' });
  await expect(difference.locator('[data-shift=Mass]')).toContainText('19.85 kg → 19.74 kg');
  await expect(difference.locator('[data-shift=Mass]')).toContainText('105 g less');
  const [first, second] = [/^First: .*Before the cold/, /^Second: Portage pack, now/].map((name) =>
    difference.getByRole('region', { name }),
  );
  const tile = (mat: typeof first, name: string) =>
    mat!.getByRole('listitem').filter({ hasText: name });
  await expect(tile(first, 'Folding saw')).toContainText('back to the shelf');
  await expect(tile(first, '4 × Candle')).toContainText('1 back to the shelf');
  await expect(tile(second, '3 × Candle')).toBeVisible();
  await expect(tile(second, 'Camp kettle')).toContainText('from the shelf');
  const swap = difference.getByRole('region', { name: 'Swap list' }).getByRole('listitem');
  await expect(swap).toHaveText([
    /Take out 1 × Folding saw, in Portage pack 45 L, Front pocket/,
    /Take out 1 × Candle, in Barrel 30 L/,
    /Put in 1 × Camp kettle, on the mat/,
  ]);

  await page
    .getByRole('button', { name: /^Put back the version of \d{4}/ })
    .first()
    .click();
  await expect.poll(() => figure(page, 'Mass')).toContain('19.85 kg');
  await expect(difference).toContainText('Nothing has to be moved.');
});

test('a kit is held against several lists, its own and one that is brought in', async ({
  page,
}) => {
  await open(page, '/layout/lists');
  const club = page.getByRole('article', { name: 'Lake club’s list' });
  await expect(club).toContainText('8 of 10');
  await expect(club).toContainText('■ A song for the rain');
  await page.getByRole('button', { name: 'A new list…' }).click();
  await page.setInputFiles('input[aria-label="Table with a list"]', {
    name: 'winter course.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(
      'Item;Note\nBelt knife;\nWarm mittens;two pairs\nSomething to call with;\n',
    ),
  });
  await expect(page.getByLabel('Name of the list')).toHaveValue('winter course');
  await page.getByLabel('What “Something to call with” means').selectOption('call');
  await page.getByRole('button', { name: 'Keep the list' }).click();
  const course = page.getByRole('article', { name: 'winter course' });
  await expect(course).toContainText('2 of 3');
  await expect(course).toContainText('■ Something to call with');
  const board = page.getByRole('region', { name: 'Pieces by lists' });
  await expect(board.getByRole('row', { name: /^Belt knife/ })).toContainText('●');
  await expect(board.getByRole('row', { name: /^Barrel 30 L/ })).toContainText('on nobody’s list');
  await page.getByRole('button', { name: 'The whole shelf' }).click();
  await expect(course).toContainText('3 of 3');
});

test('dead weight is named by mass saved, with what the rest would cost', async ({ page }) => {
  await open(page, '/layout/thrift');
  const dead = page.getByRole('region', { name: 'Dead weight' });
  await expect(dead.getByRole('listitem').first()).toContainText('Waterproof notebook');
  await expect(dead).not.toContainText('Headlamp');
  const rest = page.getByRole('region', { name: 'What the rest would cost you' });
  await expect(rest).toContainText('nothing else does “sleep”');
  await expect(rest).toContainText('2 fewer to shell, 3 left');
  await expect(page.getByRole('region', { name: 'What it costs' })).toContainText(
    'Left of the budget',
  );
  await dead.getByRole('button', { name: 'Leave Pencil at home' }).click();
  await expect(dead).not.toContainText('Pencil');
  await expect(rest).toContainText('nothing else does “write”');
});
