import type { Page } from '@playwright/test';
import { writeFile } from '../src/core/exchange';
import type { Bench } from '../src/core/loadout';
import { timingOf, type Timing } from './timing';

declare global {
  /** In the page: does something, and tells how long it took until it was painted, in ms. */
  var msUntilPainted: (act: () => void) => Promise<number>;
}

/** Brings a bench in from a file, on the mat, and waits until it is kept. */
export async function bringIn(page: Page, bench: Bench): Promise<void> {
  // The runner that these functions are read by names their inner functions through a helper of its own.
  await page.addInitScript('globalThis.__name = (named) => named');
  await page.addInitScript(() => {
    globalThis.msUntilPainted = (act) => {
      const start = performance.now();
      act();
      return new Promise((resolve) =>
        requestAnimationFrame(() => {
          const channel = new MessageChannel();
          channel.port1.onmessage = () => resolve(performance.now() - start);
          channel.port2.postMessage(null);
        }),
      );
    };
  });
  await page.goto('/layout');
  await page.locator('input[type=file]').waitFor({ state: 'attached' });
  await page.setInputFiles('input[type=file]', {
    name: 'bench.json',
    mimeType: 'application/json',
    buffer: Buffer.from(writeFile(bench)),
  });
  await page.locator('[data-saving=saved]').first().waitFor({ state: 'attached' });
}

/** From the press of “One more” to the painted mat, on a piece of the kit that lies there. */
export async function paintedEdits(page: Page): Promise<Timing> {
  await page.locator('[data-mat] [data-piece]').nth(8).click();
  await page.getByRole('button', { name: 'One more' }).waitFor();
  await page.waitForTimeout(3500);
  return timingOf(
    await page.evaluate(async () => {
      const button = (name: string) =>
        document.querySelector<HTMLButtonElement>(`button[aria-label="${name}"]`)!;
      const durations: number[] = [];
      for (let turn = 0; turn < 40; turn += 1) {
        const pressed = button(turn % 2 === 0 ? 'One more' : 'One less');
        durations.push(await msUntilPainted(() => pressed.click()));
        await new Promise((resolve) => setTimeout(resolve, 60));
      }
      return durations.slice(4);
    }),
  );
}

/** From a key typed into the line to the painted reading with what else it may be. */
export async function paintedKeys(page: Page): Promise<Timing> {
  await page.getByLabel('Type gear to add').fill('steel');
  await page.getByRole('button', { name: /^kind: / }).waitFor();
  await page.waitForTimeout(1500);
  return timingOf(
    await page.evaluate(async () => {
      const field = document.querySelector<HTMLInputElement>('#quick-add')!;
      const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')!.set!;
      const lines = ['zebra bottle 1 L 210 g 90x200 mm', '550 lb paracord 100 ft', 'vacuum mug'];
      const durations: number[] = [];
      for (const line of lines) {
        for (let typed = 4; typed <= line.length; typed += 1) {
          durations.push(
            await msUntilPainted(() => {
              set.call(field, line.slice(0, typed));
              field.dispatchEvent(new Event('input', { bubbles: true }));
            }),
          );
          await new Promise((resolve) => setTimeout(resolve, 100));
        }
      }
      return durations;
    }),
  );
}
