import { spawn, type ChildProcess } from 'node:child_process';
import { createServer as createFront, request as ask } from 'node:http';
import { createServer, type AddressInfo, type Socket } from 'node:net';
import path from 'node:path';
import { expect, test, type Page } from '@playwright/test';
import { paths } from '../../src/ui/shell/places';
import { demoAddress, freePort } from '../../playwright.config';
import { saved } from './bench';

// What is kept in the browser is what is looked at here.
test.use({ serviceWorkers: 'allow' });

/** The other build of `scripts/ensure-second-build.mjs`. */
const secondBuild = { folder: '.next-second', name: 'second' };

/**
 * A release is another build on the same address. The server of the one is stopped, and that of the other takes its
 * place: what a browser that has the first one goes through.
 */
class House {
  private server: ChildProcess | null = null;

  private constructor(readonly port: number) {}

  static async atFreePort(): Promise<House> {
    return new House(await freePort());
  }

  get address(): string {
    return `http://127.0.0.1:${this.port}`;
  }

  async serve(builtIn: string): Promise<void> {
    await this.stop();
    const next = path.join('node_modules', 'next', 'dist', 'bin', 'next');
    this.server = spawn(
      process.execPath,
      [next, 'start', '--port', String(this.port), '--hostname', '127.0.0.1'],
      {
        stdio: 'ignore',
        env: { ...process.env, ACORN_BUILT_IN: builtIn, ACORN_FIRST_START: 'demo' },
      },
    );
    await expect
      .poll(
        () =>
          fetch(`${this.address}/icon.svg`).then(
            ({ ok }) => ok,
            () => false,
          ),
        {
          timeout: 60_000,
        },
      )
      .toBe(true);
  }

  async stop(): Promise<void> {
    const { server } = this;
    this.server = null;
    if (!server || server.exitCode !== null) return;
    const gone = new Promise((resolve) => server.once('exit', resolve));
    server.kill('SIGTERM');
    setTimeout(() => server.kill('SIGKILL'), 2000);
    await gone;
  }
}

async function openAt(page: Page, address: string): Promise<void> {
  await page.goto(address);
  await expect(page.getByRole('heading', { level: 1 })).toBeAttached();
}

/** The caches of builds that the browser keeps. */
function cachesOf(page: Page): Promise<string[]> {
  return page.evaluate(async () =>
    (await caches.keys()).filter((name) => name.startsWith('acorn')),
  );
}

/** Waits until a build is kept whole: its worker is there. */
async function keptAtHand(page: Page, state: 'active' | 'waiting'): Promise<void> {
  await expect
    .poll(
      () =>
        page.evaluate(async (wanted) => {
          const registration = await navigator.serviceWorker.getRegistration();
          return registration?.[wanted]?.state ?? null;
        }, state),
      { timeout: 60_000 },
    )
    .not.toBeNull();
}

/** Leaves the application, for longer each time, and comes back until the worker that waited has taken over. */
async function allClosedUntilTakenOver(page: Page, address: string): Promise<void> {
  let awayMs = 500;
  await expect(async () => {
    await page.goto('about:blank');
    await page.waitForTimeout((awayMs *= 2));
    await openAt(page, address);
    expect(
      await page.evaluate(async () => (await navigator.serviceWorker.getRegistration())?.waiting),
    ).toBeNull();
  }).toPass({ timeout: 120_000 });
}

async function typed(page: Page, line: string, name: string): Promise<void> {
  await page.getByLabel('Type gear to add').fill(line);
  await page.keyboard.press('Enter');
  await expect(page.locator('[data-mat] [data-piece]', { hasText: name })).toBeVisible();
  await saved(page);
}

test('an old window hears of a release, loses nothing, and goes over when it is asked to', async ({
  context,
  page,
}) => {
  test.setTimeout(240_000);
  context.setDefaultNavigationTimeout(30_000);
  const house = await House.atFreePort();
  try {
    await house.serve('.next');
    await openAt(page, `${house.address}/layout`);
    await keptAtHand(page, 'active');
    const [first] = await cachesOf(page);
    await typed(page, 'tin whistle 33 g 12x300 mm', 'Tin whistle');

    await house.serve(secondBuild.folder);
    // The old window goes on, and is not troubled by what it does not know of yet.
    await typed(page, 'spare lid 20 g', 'Spare lid');
    const news = page.getByRole('button', { name: 'A new version is ready: reload' }).first();
    await expect(async () => {
      // It asks whenever somebody comes back to the window, and every half hour.
      await page.evaluate(() => document.dispatchEvent(new Event('visibilitychange')));
      await expect(news).toBeVisible({ timeout: 12_000 });
    }).toPass({ timeout: 100_000 });
    expect((await cachesOf(page)).sort()).toEqual([first!, `acorn ${secondBuild.name}`].sort());
    // It goes on being the old one as long as its owner likes, also into parts that it has not loaded yet.
    await typed(page, 'odd thing 5 g', 'Odd thing');
    await page.getByRole('link', { name: 'Shelf' }).click();
    await expect(page.getByRole('heading', { level: 1, name: 'Shelf' })).toBeAttached();
    await page.getByRole('link', { name: 'Lay out' }).click();
    await expect(page.locator('[data-mat]')).toContainText('Odd thing');

    const other = await context.newPage();
    await openAt(other, `${house.address}/layout`);
    await expect(other.locator('[data-mat]')).toContainText('Odd thing');
    await typed(other, 'grey box 7 g', 'Grey box');
    await expect(page.locator('[data-mat]')).toContainText('Grey box');

    // With all windows gone the worker of the new build takes over; one that is asked to does so at once.
    await other.close();
    if (await news.isVisible()) await news.click();
    else await allClosedUntilTakenOver(page, `${house.address}/layout`);
    await expect(page.locator('[data-mat]')).toContainText('Odd thing');
    await expect(page.locator('[data-mat]')).toContainText('Grey box');
    await expect(news).toBeHidden();
    // Nobody is on the first build any more, so that what it kept is let go.
    await page.reload();
    await expect
      .poll(() => cachesOf(page), { timeout: 90_000 })
      .toEqual([`acorn ${secondBuild.name}`]);

    await house.stop();
    await openAt(page, `${house.address}/shelf`);
    await expect(page.getByRole('button', { name: 'A new version' })).toHaveCount(0);
    await openAt(page, `${house.address}/layout`);
    await expect(page.locator('[data-mat]')).toContainText('Spare lid');
    await typed(page, 'blue rope bag 30 g', 'Blue rope bag');
  } finally {
    await house.stop();
  }
});

test('every page opens without a network from the first visit on', async ({ page }) => {
  test.setTimeout(180_000);
  const house = await House.atFreePort();
  try {
    await house.serve('.next');
    await openAt(page, `${house.address}/layout`);
    await keptAtHand(page, 'active');
    await saved(page);
    await house.stop();
    const kept = await page.evaluate(
      (all) => Promise.all(all.map(async (path) => (await caches.match(path))?.ok ?? false)),
      [...paths],
    );
    expect(paths.filter((_, at) => !kept[at])).toEqual([]);
    for (const each of ['/shelf', '/keep/round']) await openAt(page, `${house.address}${each}`);
    await openAt(page, `${house.address}/stow/inside`);
    await expect(page.locator('main')).toContainText('Portage pack');
  } finally {
    await house.stop();
  }
});

test('a network that hangs opens the kept page', async ({ page, context }) => {
  test.setTimeout(180_000);
  const house = await House.atFreePort();
  try {
    await house.serve('.next');
    await openAt(page, `${house.address}/layout`);
    await keptAtHand(page, 'active');
    await house.stop();
    const open = new Set<Socket>();
    const silent = createServer((socket) => open.add(socket));
    await new Promise<void>((resolve) => silent.listen(house.port, '127.0.0.1', resolve));
    const later = await context.newPage();
    await openAt(later, `${house.address}/stow`);
    for (const socket of open) socket.destroy();
    await new Promise((resolve) => silent.close(resolve));
  } finally {
    await house.stop();
  }
});

test('a build that could not be kept whole is asked for again', async ({ page }) => {
  test.setTimeout(120_000);
  // A door before the demo that lets the list of what to keep fall until it is mended.
  const { hostname, port } = new URL(demoAddress);
  let isMended = false;
  let fallen = 0;
  const front = createFront((incoming, outgoing) => {
    if (incoming.url === '/api/to-keep' && !isMended) {
      fallen += 1;
      outgoing.writeHead(503).end();
      return;
    }
    const { url: path, method, headers } = incoming;
    const onwards = ask({ hostname, port, path, method, headers }, (answer) => {
      outgoing.writeHead(answer.statusCode!, answer.headers);
      answer.pipe(outgoing);
    });
    onwards.on('error', () => outgoing.destroy());
    incoming.pipe(onwards);
  });
  await new Promise<void>((resolve) => front.listen(0, '127.0.0.1', resolve));
  try {
    await page.clock.install();
    await openAt(page, `http://127.0.0.1:${(front.address() as AddressInfo).port}/layout`);
    const worker = () =>
      page.evaluate(async () => {
        const found = await navigator.serviceWorker.getRegistration();
        return found?.active?.state ?? found?.installing?.state ?? 'none';
      });
    await expect
      .poll(async () => (fallen > 0 ? worker() : 'not yet'), { timeout: 60_000 })
      .toBe('none');
    isMended = true;
    await page.clock.fastForward(61_000);
    await expect.poll(worker, { timeout: 60_000 }).toBe('activated');
  } finally {
    front.closeAllConnections();
    await new Promise((resolve) => front.close(resolve));
  }
});
