import { spawnSync } from 'node:child_process';
import { expect, test, type Locator, type Page } from '@playwright/test';
import { figure, open, saved, watch, written } from './bench';

test.beforeEach(async ({ page }) => {
  await open(page, '/prove');
});

function findingsOf(page: Page, rule: string): Locator {
  return page.locator(`[data-finding="${rule}"]`);
}

/** Goes to the findings, and unfolds all of them. */
async function toFindings(page: Page): Promise<void> {
  await page.getByRole('link', { name: 'Findings' }).click();
  await expect(page.locator('[data-finding]').first()).toBeVisible();
  await unfold(page);
}

async function unfold(page: Page): Promise<void> {
  const folded = page.getByRole('region', { name: /^The rest/ }).locator('details:not([open])');
  for (let left = await folded.count(); left > 0; left = await folded.count())
    await folded.first().locator('summary').click();
}

/** Presses the green button of one of the first findings: it was tried, and it is gone then. */
async function mendAtOnce(page: Page, words: RegExp): Promise<void> {
  const first = page.getByRole('region', { name: 'Do these first' });
  const finding = first.locator('[data-finding]').filter({ hasText: words });
  await finding.getByRole('button').nth(1).click();
  await expect(finding).toHaveCount(0);
}

/** Opens a finding and presses the first that mends it; it was tried, and is gone then. */
async function mend(page: Page, rule: string, words: RegExp): Promise<void> {
  const finding = findingsOf(page, rule).filter({ hasText: words }).last();
  await finding.getByRole('button').first().click();
  await expect(
    finding.getByText('Each was tried: it helps, and nothing else gets worse.').first(),
  ).toBeVisible();
  await finding.getByRole('button').nth(1).click();
  await expect(findingsOf(page, rule).filter({ hasText: words })).toHaveCount(0);
}

/** What the command line tells of the portage pack. */
function toldBy(verb: string, file: string, ...options: readonly string[]): unknown {
  const { stdout } = spawnSync(
    'node',
    ['bin/acorn.mjs', verb, '-', '--kit', 'Portage pack', ...options],
    { input: file, encoding: 'utf8', maxBuffer: 1e8 },
  );
  return JSON.parse(stdout);
}

test('a loss is pressed on the board, and the whole kit shows without it', async ({ page }) => {
  const { complaints } = watch(page);
  const board = page.getByRole('region', { name: 'The board' });
  const barrel = board.getByRole('row', { name: /^Barrel 30 L with all in it/ });
  await expect(barrel.getByRole('img', { name: '0 left of 1' })).toHaveCount(2);
  await barrel.getByRole('button').click();
  await expect(
    page.getByText(/Without Barrel 30 L with all in it, it can no longer/),
  ).toBeVisible();
  await expect.poll(() => figure(page, 'Cover')).toMatch(/3 of 5/);
  await expect.poll(() => figure(page, 'Lasts')).toMatch(/LASTS 0 \/ 5 days/i);
  await expect(page.getByRole('listitem').filter({ hasText: 'Food' })).toContainText(
    '0 days instead of 1.8 days',
  );
  await page.getByRole('checkbox', { name: 'soaked' }).click();
  await expect(page.getByText(/, when soaked, it can no longer/)).toBeVisible();
  // The mat shows it so too, says that it does, and is whole again with one press.
  await page.getByRole('link', { name: 'Lay out' }).click();
  await expect(page.getByText('Shown as if')).toContainText('without Barrel 30 L');
  await expect(page.getByText('Nothing to ignite with.')).toBeVisible();
  await page.getByRole('link', { name: 'Keep' }).click();
  await expect.poll(() => figure(page, 'Cover')).toMatch(/5 of 5/);
  await page.getByRole('link', { name: 'Stow' }).click();
  await page.getByRole('button', { name: 'Show it whole' }).click();
  await expect(page.getByText('Shown as if')).toHaveCount(0);
  expect(complaints).toEqual([]);
});

test('a what-if is kept with the kit, judged from then on, and survives a reload', async ({
  page,
}) => {
  await page
    .getByRole('row', { name: /^Portage pack 45 L with all in it/ })
    .getByRole('button')
    .click();
  await page.getByLabel('Keep this what-if as').fill('The pack floats away');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await page.getByRole('button', { name: 'Show it whole' }).click();
  await saved(page);
  await page.reload();
  await expect(
    page.getByRole('button', { name: 'The pack floats away', exact: true }),
  ).toBeVisible();
  await toFindings(page);
  await expect(findingsOf(page, 'cover/what-if')).toContainText(
    'The pack floats away: it can no longer roof',
  );
});

test('the sets behind a depth are those that the command line prints', async ({ page }) => {
  await page
    .getByRole('group', { name: 'Across the board' })
    .getByRole('button', { name: 'All it does' })
    .click();
  await page.getByText('Treat water: 2 losses').click();
  const listed = await page.locator('details[open] li').allInnerTexts();
  expect(listed).toContain('Barrel 30 L with all in it + frozen');
  await page.getByRole('link', { name: 'Papers' }).click();
  const { jobs } = toldBy('losses', await written(page, 'The whole bench')) as {
    jobs: { job: string; depth: number; sets: string[][] }[];
  };
  const treat = jobs.find(({ job }) => job === 'treat-water')!;
  expect([treat.depth, treat.sets.length]).toEqual([2, listed.length]);
  expect(treat.sets).toContainEqual(['condition:frozen', 'holder:barrel']);
});

test('the faults of the demo are found, and each is mended by what is offered', async ({
  page,
}) => {
  await toFindings(page);
  const first = page.getByRole('region', { name: 'Do these first' }).locator('[data-finding]');
  const five = [
    /Sleep: Stern sleeps through 7 °C/,
    /With the Portage pack 45 L you lose [^;]*light/,
    /With the Barrel 30 L you lose [^;]*fire/,
    /Multi-tool is placed 2 times/,
    /ground mat in Barrel 30 L: stands 90 mm out/,
  ];
  await expect(first).toHaveCount(five.length);
  for (const [at, words] of five.entries()) await expect(first.nth(at)).toContainText(words);
  for (const [at, words] of five.entries()) {
    await mendAtOnce(page, words);
    await page.keyboard.press('Control+z');
    await expect(first.nth(at)).toContainText(words);
  }
  // What goes with the barrel is told of the barrel, and each of it is mended by itself.
  await findingsOf(page, 'cover/holder')
    .filter({ hasText: 'Barrel' })
    .getByRole('button')
    .first()
    .click();
  await mend(page, 'cover/all-in-one', /Ignite: all 4 ways go with Barrel/);
  // A pot that does not fit until it is turned is mended by turning it.
  await page.getByLabel('Kit on the table').selectOption({ label: 'Boathouse box' });
  await unfold(page);
  await mend(page, 'keep/expired', /Drinking water, sealed pouch/);
  await mend(page, 'stow/fit', /laid down it goes in/);
  await page.keyboard.press('Control+z');
  await expect(findingsOf(page, 'stow/fit')).toContainText('laid down it goes in');
  await page.keyboard.press('Control+z');
  await expect(findingsOf(page, 'keep/expired').filter({ hasText: 'Drinking water' })).toHaveCount(
    1,
  );
});

test('a finding is let be with a note, and is back when its facts change', async ({ page }) => {
  await toFindings(page);
  const dead = findingsOf(page, 'thrift/dead').filter({ hasText: 'Waterproof notebook' });
  await findingsOf(page, 'thrift/all').getByRole('button').first().click();
  await expect(dead).toContainText('66 g saved');
  await dead.getByRole('button').first().click();
  await dead.getByLabel('Or let it be, because').fill('It is the log of the lake.');
  await dead.getByRole('button', { name: 'Let it be' }).click();
  await expect(dead).toHaveCount(0);
  await page.getByText('Let be (1)').click();
  await expect(page.getByText('It is the log of the lake.')).toBeVisible();
  await saved(page);
  // Another fact: it was put on a scale.
  await page.getByRole('link', { name: 'Stow' }).click();
  await page.locator('[data-piece=notebook]').click();
  await page.getByRole('button', { name: /^Change the figures/ }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Mass of one').fill('71 g');
  await dialog.getByRole('button', { name: 'Save' }).click();
  await page.getByRole('link', { name: 'Prove' }).click();
  await toFindings(page);
  await findingsOf(page, 'thrift/all').getByRole('button').first().click();
  await expect(dead).toContainText('71 g saved');
  await page.keyboard.press('Control+z');
  await expect(dead).toHaveCount(0);
  await page.getByText('Let be (1)').click();
  await page.getByRole('button', { name: 'Tell it again' }).click();
  await expect(findingsOf(page, 'thrift/all')).toHaveCount(1);
});

test('a finding is opened and mended from the keyboard alone', async ({ page }) => {
  await toFindings(page);
  const finding = findingsOf(page, 'keep/double');
  await finding.getByRole('button').first().focus();
  await page.keyboard.press('m');
  await expect(
    finding.getByText('Each was tried: it helps, and nothing else gets worse.'),
  ).toBeVisible();
  await page.keyboard.press('m');
  await expect(finding).toHaveCount(0);
});

test('the command line tells the findings and the layers that are on screen', async ({ page }) => {
  await page.getByRole('link', { name: 'Papers' }).click();
  const audit = toldBy('audit', await written(page, 'The whole bench'), '--fit', 'bulk') as Audit;
  await page.getByRole('link', { name: 'Prove' }).click();
  const layers = page.getByRole('region', { name: 'If that is all you come away with' });
  for (const { person, layer, needs } of audit.layers.filter(
    (each) => each.layer === 'all of it',
  )) {
    const who = ['All who go, together', 'Bow alone', 'Stern alone'][person ?? 0]!;
    await layers.getByLabel('Who has it').selectOption(who);
    const food = needs.find(({ need }) => need === 'food')!;
    const days = Math.round(food.days! * 10) / 10;
    const row = layers.getByRole('row', { name: /^Food/ });
    await expect(row.getByRole('cell').nth(layersInOrder.indexOf(layer))).toContainText(
      `${days} days`,
    );
  }
  await toFindings(page);
  const told = page.locator('[data-finding]');
  await expect(told).toHaveCount(audit.findings.length);
  const texts = (await told.allInnerTexts()).join('\n');
  for (const { message } of audit.findings) expect(texts).toContain(message);
});

test('what lies beside it is held against it, job by job', async ({ page }) => {
  await page.getByRole('link', { name: 'Brief' }).click();
  await page.getByRole('checkbox', { name: 'Float pouch' }).click();
  await page.getByRole('link', { name: 'Prove' }).click();
  const beside = page.getByRole('region', { name: 'Beside it' });
  await expect(beside).toContainText('Gives back 3 of 3 critical jobs of Float pouch.');
  const cut = beside.getByRole('row', { name: /cut/ });
  await expect(cut.getByRole('cell')).toHaveText([
    '1',
    '3',
    'more than 3',
    'Belt knife, made for it',
  ]);
});

const layersInOrder = ['on the body', 'body and bag', 'all of it'];

interface Audit {
  readonly layers: readonly {
    readonly person: number | null;
    readonly layer: string;
    readonly needs: readonly { readonly need: string; readonly days: number | null }[];
  }[];
  readonly findings: readonly { readonly message: string }[];
}
