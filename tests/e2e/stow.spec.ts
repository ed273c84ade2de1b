import { execFile } from 'node:child_process';
import { promisify } from 'node:util';
import { expect, test, type Page } from '@playwright/test';
import { chromiumArguments, drawingArguments } from '../../playwright.config';
import { chromiumPath } from '../../scripts/chromium.mjs';
import { writeFile } from '../../src/core/exchange';
import { newPlacement } from '../../src/core/loadout';
import { benchOf, gear, holder, kit } from '../support/benches';
import { bringIn, figure, open, saved, watch } from './bench';

test.use({
  launchOptions: {
    executablePath: chromiumPath(),
    args: [...chromiumArguments, ...drawingArguments],
  },
});

const cookBox = '/stow/inside?in=cook-box&cavity=inside';

async function lookIntoCookBox(page: Page): Promise<void> {
  await open(page, cookBox);
  await page.getByRole('combobox', { name: 'Kit on the table' }).selectOption('Boathouse box');
  await expect(page.getByRole('heading', { name: 'One piece stays outside' })).toBeVisible();
}

/** How many colours a picture has that cover more than a few of its pixels. */
async function coloursOf(page: Page, picture: Buffer): Promise<number> {
  return page.evaluate(async (data) => {
    const bytes = Uint8Array.from(atob(data), (letter) => letter.charCodeAt(0));
    const image = await createImageBitmap(new Blob([bytes], { type: 'image/png' }));
    const canvas = document.createElement('canvas');
    canvas.width = image.width;
    canvas.height = image.height;
    const drawn = canvas.getContext('2d')!;
    drawn.drawImage(image, 0, 0);
    const { data: pixels } = drawn.getImageData(0, 0, image.width, image.height);
    const counts = new Map<number, number>();
    for (let at = 0; at < pixels.length; at += 4) {
      const colour = (pixels[at]! << 16) | (pixels[at + 1]! << 8) | pixels[at + 2]!;
      counts.set(colour, (counts.get(colour) ?? 0) + 1);
    }
    return [...counts.values()].filter((count) => count > 40).length;
  }, picture.toString('base64'));
}

test('the pot of the demo goes in once it is laid down, and the picture shows it', async ({
  page,
}) => {
  const { complaints } = watch(page);
  await lookIntoCookBox(page);
  await expect(page.getByText(/stays upright, and is 44 mm too wide for that/)).toBeVisible();
  const picture = page.locator('[data-round]');
  await expect(picture.locator('canvas')).toBeVisible();
  await expect(page.getByText('Packed: 2 of 2')).toBeVisible();
  await page.getByRole('button', { name: /^Lay Pot 1.4 L, sooted on its side/ }).click();
  await expect(page.getByRole('heading', { name: 'All of it goes in' })).toBeVisible();
  await expect(page.getByText('Packed: 3 of 3')).toBeVisible();
  await expect(async () => {
    const colours = await coloursOf(page, await picture.screenshot());
    expect(colours).toBeGreaterThan(8);
  }).toPass();
  const full = await picture.screenshot();
  await page.getByRole('button', { name: 'One piece back' }).click();
  await page.getByLabel(/^Packed: 2 of 3/).press('Home');
  await expect(page.getByText(/Packed: 0 of 3/)).toBeVisible();
  await expect(async () => {
    const empty = await picture.screenshot();
    expect(await coloursOf(page, empty)).toBeLessThan(await coloursOf(page, full));
  }).toPass();
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('heading', { name: 'One piece stays outside' })).toBeVisible();
  expect(complaints).toEqual([]);
});

test('a load is shown and printed in layers, also where nothing can be drawn in the round', async ({
  page,
}) => {
  await page.addInitScript(() => {
    const known = HTMLCanvasElement.prototype.getContext;
    HTMLCanvasElement.prototype.getContext = function (this: HTMLCanvasElement, kind: string) {
      return kind.startsWith('webgl') ? null : known.call(this, kind as '2d');
    } as typeof known;
  });
  await open(page, '/stow/inside?in=portage-pack&cavity=main');
  await expect(page.getByText(/draws nothing in the round/)).toBeVisible();
  await expect(page.getByRole('heading', { name: 'All of it goes in' })).toBeVisible();
  const layers = page.locator('[data-layers] > li');
  expect(await layers.count()).toBeGreaterThan(2);
  const named = (await layers.allInnerTexts()).join(' ');
  for (const piece of ['Pot 1.4 L', 'Tarp 3 × 3 m', 'Dry bag 8 L']) expect(named).toContain(piece);
  await page.emulateMedia({ media: 'print' });
  await expect(layers.first()).toBeVisible();
  await expect(page.getByText('Portage pack: how to pack Portage pack 45 L, Main')).toBeVisible();
  await expect(page.getByRole('navigation').first()).toBeHidden();
  const paper = await page.pdf();
  expect(paper.byteLength).toBeGreaterThan(10_000);
});

test('a long search leaves the page free, and what it found stays when it is stopped', async ({
  page,
}) => {
  await open(page, '/papers');
  await bringIn(page, 'crate.json', writeFile(crate));
  await expect(page.getByText(/^Brought in: 1 kit/)).toBeVisible();
  await saved(page);
  await page.goto('/stow/inside?in=crate&cavity=inside');
  await page.getByRole('combobox', { name: 'Kit on the table' }).selectOption('crate-kit');
  await expect(page.getByRole('heading', { name: /stay outside$/ })).toBeVisible();
  await page.getByRole('button', { name: 'In layers' }).click();
  const again = page.getByRole('button', { name: 'Search for 30 s' });
  await again.click();
  await expect(page.getByText(/^Searching: [0-9.]+ of 30 s/)).toBeVisible();
  // The page answers meanwhile: a figure is opened and shut while the search goes on.
  await page.locator('[data-figure=Mass]').click();
  await expect(page.getByText('Worked out as')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByText(/^Searching: [0-9.]+ of 30 s/)).toBeVisible();
  await page.getByRole('button', { name: 'Stop, and keep what is found' }).click();
  await expect(again).toBeVisible();
  expect(await page.locator('[data-layers] > li').count()).toBeGreaterThan(1);
});

/** A litre, and 30 blocks of 36 mL for it: more than go in. */
const block = {
  form: { shape: 'box', lengthMm: 48, widthMm: 30, heightMm: 25, upright: false },
} as const;
const crate = benchOf(
  [holder('crate'), gear('block', { ...block, count: 30 })],
  [
    kit('crate-kit', [
      newPlacement('crate', 'crate', { on: 'house' }),
      newPlacement('block', 'block', { in: 'crate', cavity: 'inside' }, 30),
    ]),
  ],
);

test('the barrel has one verdict: findings, figure, stow, picture and audit say the same', async ({
  page,
}) => {
  const why = 'stands 90 mm out of the top, so that the lid does not close';
  await open(page, '/stow');
  const room = page.getByRole('group', { name: /of 52 stay outside/ });
  await expect(room).toHaveAttribute(
    'aria-label',
    `Inside: 2 of 52 stay outside: Closed-cell ground mat ${why}`,
  );
  await expect.poll(() => figure(page, 'Stowed')).toContain('1 does not fit');
  await page.locator('[data-figure="To look at"]').click();
  await expect(page.getByRole('dialog')).toContainText(
    `Closed-cell ground mat in Barrel 30 L: ${why}.`,
  );
  await page.keyboard.press('Escape');
  await room.getByRole('link', { name: 'Look inside Barrel 30 L' }).click();
  await expect(page.getByText(`Closed-cell ground mat: ${why}.`).last()).toContainText(
    '(2 of them)',
  );
  await expect(page.getByRole('heading', { name: '2 pieces stay outside' })).toBeVisible();
  await expect.poll(() => figure(page, 'Stowed')).toContain('1 does not fit');

  const { stdout } = await promisify(execFile)(process.execPath, [
    'bin/acorn.mjs',
    'audit',
    'public/demo.json',
    '--kit',
    'Portage pack',
  ]);
  const audit = JSON.parse(stdout) as {
    readonly fit: {
      readonly cavities: readonly {
        readonly placement: string;
        readonly verdict: string;
        readonly laidOut: { readonly placed: number; readonly left: readonly object[] } | null;
      }[];
    };
    readonly findings: readonly { readonly rule: string; readonly message: string }[];
  };
  const barrel = audit.fit.cavities.find(({ placement }) => placement === 'barrel')!;
  expect([barrel.verdict, barrel.laidOut?.placed, barrel.laidOut?.left.length]).toEqual([
    'does not fit',
    50,
    2,
  ]);
  const misfits = audit.findings.filter(({ rule }) => rule === 'stow/fit');
  expect(misfits.map(({ message }) => message)).toEqual([
    `Closed-cell ground mat in Barrel 30 L: ${why}.`,
  ]);
});
