// @ts-nocheck
import { inBrowser } from '../scripts/in-browser';
await inBrowser('nothing', '4352', async (browser, baseURL) => {
  for (const [tag, opts] of [['d',{ viewport: { width: 1280, height: 800 } }],['p',{ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true }]]) {
  const page = await (await browser.newContext(opts)).newPage();
  page.on('pageerror', (e) => console.log('PAGEERROR', e.message));
  page.on('console', (m) => m.type()==='error' && console.log('CONSOLE', m.text().slice(0,300)));
  await page.goto(baseURL + '/'); await page.waitForTimeout(2000);
  await page.screenshot({ path: `/tmp/${tag}1.png` });
  await page.getByPlaceholder('Name of the kit').fill('Pocket kit');
  await page.getByRole('button', { name: 'Start', exact: true }).click(); await page.waitForTimeout(2500);
  await page.screenshot({ path: `/tmp/${tag}2.png` });
  for (const l of ['tin box 120x84x30 mm 60 g','knife']) { await page.getByLabel('Type gear to add').fill(l); await page.keyboard.press('Enter'); await page.waitForTimeout(700); }
  await page.screenshot({ path: `/tmp/${tag}3.png` });
  await page.goto(baseURL + '/stow'); await page.waitForTimeout(1500);
  await page.screenshot({ path: `/tmp/${tag}4.png` });
  }
});
