// @ts-nocheck
import { inBrowser } from '../scripts/in-browser';
await inBrowser('demo', '4352', async (browser, baseURL) => {
  for (const [name, width, height] of [
    ['d', 1280, 800],
    ['p', 390, 844],
  ]) {
    const context = await browser.newContext({ baseURL, viewport: { width, height } });
    const page = await context.newPage();
    await page.goto('/keep');
    await page.waitForTimeout(2500);
    await page.screenshot({ path: `/tmp/keep-${name}.png`, fullPage: name === 'd' });
    if (name === 'p') {
      await page.mouse.wheel(0, 900);
      await page.waitForTimeout(500);
      await page.screenshot({ path: `/tmp/keep2-${name}.png` });
    }
    await page.getByRole('button', { name: /round of Boathouse box/ }).click();
    await page.waitForTimeout(1200);
    await page.getByRole('button', { name: 'Begin a round' }).click();
    await page.waitForTimeout(600);
    await page.getByRole('button', { name: 'The list' }).click();
    await page.getByRole('button', { name: 'More about Drinking water, sealed pouch' }).click();
    await page.getByRole('button', { name: 'To renew' }).click();
    await page.waitForTimeout(400);
    await page.screenshot({ path: `/tmp/round1-${name}.png` });
    await page.goto('/stow');
    await page.waitForTimeout(1500);
    await page
      .getByRole('button', { name: /^Camp axe/ })
      .first()
      .click();
    await page.waitForTimeout(600);
    await page.getByRole('button', { name: /^Change: Dates/ }).scrollIntoViewIfNeeded();
    await page.screenshot({ path: `/tmp/panel-${name}.png` });
    await context.close();
  }
});
