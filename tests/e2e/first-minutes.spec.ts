import { expect, test, type Page } from '@playwright/test';
import { welcomeAddress } from '../../playwright.config';
import { newPlacement } from '../../src/core/loadout';
import { writeFile } from '../../src/core/exchange';
import { benchOf, gear, holder, kit } from '../support/benches';
import { bringIn, figure, open, saved, watch } from './bench';

/** As people say them: some with figures, most without. */
const lines = [
  'lighter',
  '2 birthday candles',
  'whistle 8 g',
  'button compass',
  'cord 3 m 12 g',
  'needle case',
  '3 safety pins',
  'pencil stub',
  'signal mirror',
  'chlorine tablets',
  'wound strips',
  'blister plasters',
  'duct tape 2 m 15 g 40x30x12 mm',
  'fish hooks 10 g 50x30x8 mm',
  'contact card',
  'mini ferro rod',
  'tweezers',
  'salt sachets 10 g 60x40x6 mm',
  'water pouch 18 g 90x60x12 mm',
  'snare wire 20 g 50x40x10 mm',
  'razor blade 2 g 43x22x1 mm',
  'head torch',
];

const offer = (page: Page) => page.getByRole('button', { name: 'Pack it for me' });
const proposal = (page: Page) => page.getByRole('region', { name: 'Packed with what lies about' });

async function begin(page: Page, name: string): Promise<void> {
  await page.goto(welcomeAddress);
  await page.getByLabel('Name of the new kit').fill(name);
  await page.getByRole('button', { name: 'Start', exact: true }).click();
  await expect(page.getByRole('region', { name: 'Begin here' })).toBeVisible();
}

async function typeLines(page: Page, typed: readonly string[]): Promise<void> {
  const line = page.getByLabel('Type gear to add');
  for (const text of typed) {
    await line.fill(text);
    await line.press('Enter');
    await expect(line).toHaveValue('');
  }
}

/** Keeps what would be printed from being printed, and counts it. */
async function watchPrinting(page: Page): Promise<() => Promise<number>> {
  await page.addInitScript(() => {
    Object.assign(window, { printed: 0 });
    window.print = () => {
      (window as unknown as { printed: number }).printed += 1;
    };
  });
  return () => page.evaluate(() => (window as unknown as { printed: number }).printed);
}

async function packed(page: Page): Promise<void> {
  await expect(proposal(page)).toContainText(/all is in|stays? out/);
  await proposal(page).getByRole('button', { name: 'Pack it so' }).click();
  await expect(proposal(page)).toBeHidden();
}

test('from an empty bench to a packed tin and a printed list', async ({ page }) => {
  const { complaints } = watch(page);
  const printed = await watchPrinting(page);
  await begin(page, 'Tin kit');
  await typeLines(page, ['tin box 200x140x90 mm 180 g', ...lines]);
  await expect(page.getByRole('region', { name: 'Begin here' })).toBeHidden();
  await offer(page).click();
  await packed(page);
  await expect(page.getByText('Everything has its place.')).toBeVisible();
  await expect.poll(() => figure(page, 'Stowed')).toMatch(/all in, laid out/);
  await page.getByRole('link', { name: 'Print the packing list' }).click();
  const list = page.getByRole('article', { name: 'Packing list' });
  for (const name of ['Lighter', 'Button compass', 'Head torch']) {
    await expect(list).toContainText(name);
  }
  await page.getByRole('button', { name: /^Print/ }).click();
  expect(await printed()).toBe(1);
  expect(complaints).toEqual([]);
});

test('a pocket tin by its preset, twenty pieces pasted as one list, and what stays out is told why', async ({
  page,
}) => {
  await begin(page, 'Pocket tin');
  const steps = page.getByRole('region', { name: 'Begin here' });
  await steps.getByRole('button', { name: 'Pocket tin' }).first().click();
  await expect(steps.getByText('What is it for?')).toBeHidden();
  await steps.getByRole('button', { name: 'Pocket tin' }).click();
  await expect(steps).toContainText('It goes into: Pocket tin');
  await page.getByLabel('Type gear to add').evaluate((field, text) => {
    const data = new DataTransfer();
    data.setData('text', text);
    field.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true }));
  }, lines.slice(0, 20).join('\n'));
  await expect(page.getByText('20 on the mat')).toBeHidden();
  await expect(offer(page)).toBeVisible();
  await expect.poll(() => figure(page, 'Mass')).toMatch(/2\d pieces|unweighed|over the limit/);
  await offer(page).click();
  const out = proposal(page).getByRole('heading', { name: 'What stays out' });
  await expect(out).toBeVisible();
  await expect(proposal(page).getByRole('listitem').first()).toContainText(/: .+\./);
  // The smallest change stands there as a button, and all is packed again with it.
  const helps = proposal(page).getByRole('button', { name: /pack again$/ });
  await expect(helps).toBeVisible();
  await helps.click();
  await expect(proposal(page)).toContainText(/all is in|stays? out/);
  await packed(page);
  await page.getByRole('button', { name: /^Undo: pack / }).click();
  await expect(offer(page)).toBeVisible();
});

test('a vehicle box with a smaller box in it', async ({ page }) => {
  await begin(page, 'In the boot');
  await page.getByRole('button', { name: 'Vehicle box' }).click();
  await typeLines(page, [
    'box 560x360x300 mm 2.1 kg',
    'small box 200x150x120 mm 300 g',
    'tow rope',
    'warning triangle',
    'wool blanket',
    '2 chem lights',
    'head torch',
    'first aid kit',
  ]);
  await offer(page).click();
  await packed(page);
  const vehicle = page.getByRole('region', { name: 'in the vehicle' });
  await expect(vehicle).toContainText('Small box');
  await expect(vehicle).toContainText('Wool blanket');
  await expect(page.getByRole('region', { name: 'on the mat, not stowed' })).toContainText(
    'nothing',
  );
});

test('the same with keys alone', async ({ page }) => {
  await page.goto(welcomeAddress);
  await expect(page.getByLabel('Name of the new kit')).toBeVisible();
  await tabTo(page, 'Name of the new kit');
  await page.keyboard.type('By keys');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: 'Begin here' })).toBeVisible();
  await page.keyboard.press('/');
  for (const text of ['tin box 180x120x66 mm 140 g', ...lines.slice(0, 8)]) {
    await page.keyboard.type(text);
    await page.keyboard.press('Enter');
    await expect(page.getByLabel('Type gear to add')).toHaveValue('');
  }
  await expect(offer(page)).toBeVisible();
  await page.keyboard.press('Escape');
  await tabTo(page, 'Pack it for me');
  await page.keyboard.press('Enter');
  await expect(proposal(page)).toContainText('all is in');
  await tabTo(page, 'Pack it so');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Everything has its place.')).toBeVisible();
  await tabTo(page, 'Print the packing list');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('article', { name: 'Packing list' })).toContainText('Whistle');
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('the same with a thumb, the figures in one line', async ({ page }) => {
    await page.goto(welcomeAddress);
    await page.getByLabel('Name of the new kit').fill('By thumb');
    await page.getByRole('button', { name: 'Start', exact: true }).tap();
    await page.getByRole('button', { name: 'Belt pouch' }).tap();
    await typeLines(page, lines.slice(0, 8));
    const figures = page.getByRole('group', { name: 'Figures of this kit' });
    // The first finding in words: what is worst says what to do.
    await expect(figures.locator('[data-figure="To look at"]')).toContainText(
      '■ Nothing to cut with',
    );
    expect((await figures.boundingBox())!.height).toBeLessThan(64);
    await figures.getByRole('button', { name: /more$/ }).tap();
    await expect(figures.locator('[data-figure=Mass]')).toBeVisible();
    await figures.getByRole('button', { name: 'Fewer' }).tap();
    await offer(page).tap();
    await expect(proposal(page)).toContainText('all is in');
    await proposal(page).getByRole('button', { name: 'Pack it so' }).tap();
    await expect(page.getByRole('region', { name: 'on the body' })).toContainText('Lighter');
    await page.getByRole('link', { name: 'Print the packing list' }).tap();
    await expect(page.getByRole('article', { name: 'Packing list' })).toContainText('Lighter');
  });
});

test('what cannot be packed says why, with the next step as a button', async ({ page }) => {
  await begin(page, 'Odd');
  await typeLines(page, ['lighter', 'brass gizmo 12 g', 'candle']);
  // No holder yet: the line to type one on is a press away.
  await page.getByRole('button', { name: 'Type a holder' }).click();
  await expect(page.getByLabel('Type gear to add')).toBeFocused();
  await typeLines(page, ['tin box 120x84x30 mm']);
  await offer(page).click();
  const row = proposal(page).getByRole('listitem').filter({ hasText: 'Brass gizmo' });
  await expect(row).toContainText('nobody knows its size');
  await row.getByRole('button', { name: 'Give it a size' }).click();
  await expect(page.getByRole('dialog')).toContainText('Change Brass gizmo');
});

/** Three hundred small pieces for a box in a vehicle. */
const sides = Array.from({ length: 300 }, (_, at) => [
  20 + ((at * 17) % 50),
  15 + ((at * 11) % 40),
  10 + ((at * 7) % 35),
]);
const boot = benchOf(
  [
    holder('crate', {
      form: { shape: 'box', lengthMm: 604, widthMm: 404, heightMm: 304, upright: false },
      cavities: holder('x').cavities.map((cavity) => ({
        ...cavity,
        inside: { shape: 'box', lengthMm: 600, widthMm: 400, heightMm: 300 },
      })),
    }),
    ...sides.map(([lengthMm, widthMm, heightMm], at) =>
      gear(`bit-${at}`, {
        form: {
          shape: 'box',
          lengthMm: lengthMm!,
          widthMm: widthMm!,
          heightMm: heightMm!,
          upright: false,
        },
      }),
    ),
  ],
  [
    kit('boot', [
      newPlacement('crate', 'crate', { on: 'vehicle' }),
      ...sides.map((_, at) => newPlacement(`bit-${at}`, `bit-${at}`, { on: 'mat' })),
    ]),
  ],
);

test('three hundred pieces are packed without the page standing still, and a stop keeps what was there', async ({
  page,
}) => {
  await page.goto(welcomeAddress);
  await bringIn(page, 'boot.json', writeFile(boot));
  await saved(page);
  await page.goto(`${welcomeAddress}/stow`);
  const mat = page.getByRole('region', { name: 'on the mat, not stowed' });
  await expect(mat.locator('[data-piece]').first()).toBeVisible();
  await offer(page).click();
  await proposal(page).getByRole('button', { name: 'Stop' }).click();
  await expect(proposal(page)).toContainText(/Stopped before there was an answer|would move/);
  await proposal(page)
    .getByRole('button', { name: /Not now|Leave it/ })
    .click();
  await expect(mat.locator('[data-piece]')).toHaveCount(300);
  await offer(page).click();
  // The page answers meanwhile: a figure is opened and shut while the search goes on.
  await page.locator('[data-figure=Mass]').click();
  await expect(page.getByText('Worked out as')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(proposal(page)).toContainText('300 pieces would move', { timeout: 60_000 });
});

/** Presses Tab until what is named has the focus, as somebody without a pointer does. */
async function tabTo(page: Page, name: string): Promise<void> {
  for (let at = 0; at < 160; at += 1) {
    await page.keyboard.press('Tab');
    const now = await page.evaluate(() => {
      const focused = document.activeElement;
      if (focused === document.body) return '';
      return `${focused?.getAttribute('aria-label') ?? ''} ${focused?.textContent ?? ''}`;
    });
    if (now.includes(name)) return;
  }
  throw new Error(`Tab never comes to ${name}.`);
}

test('the demo’s rest is packed in one act, but for what is pinned', async ({ page }) => {
  await open(page, '/stow');
  const mat = page.getByRole('region', { name: 'on the mat, not stowed' });
  await page.locator('[data-piece=repellent]').click();
  await page.getByRole('button', { name: 'Pin here' }).click();
  await expect(mat.getByRole('img', { name: 'pinned' })).toBeVisible();
  await offer(page).click();
  await packed(page);
  await expect(mat).toContainText('Insect repellent');
  await expect(mat).not.toContainText('whetstone');
  await saved(page);
  await page.reload();
  await expect(mat.getByRole('img', { name: 'pinned' })).toBeVisible();
  await page.getByRole('button', { name: /^Undo: pack / }).click();
  await expect(mat).toContainText('whetstone');
});

test('packed anew, what is to stay is left where it is, and all is packed once more round it', async ({
  page,
}) => {
  await open(page, '/stow');
  await page.getByRole('combobox', { name: 'Kit on the table' }).selectOption('Float pouch');
  await page.getByRole('button', { name: 'Pack it anew for me' }).click();
  const anew = page.getByRole('region', { name: 'Packed anew' });
  await expect(anew).toContainText('all is in', { timeout: 60_000 });
  await expect(page.getByRole('group', { name: 'As it would lie' })).toContainText('Float pouch');
  await page.getByText('Where everything goes, and why').click();
  await page
    .getByRole('button', { name: /^Leave .+ where it is$/ })
    .first()
    .click();
  await expect(page.getByText('Pinned: stays where it is')).toBeVisible();
  await expect(anew).toContainText('all is in', { timeout: 60_000 });
  await anew.getByRole('button', { name: 'Not now' }).click();
  await expect(page.getByRole('img', { name: 'pinned' })).toHaveCount(1);
});
