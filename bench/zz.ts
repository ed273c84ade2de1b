// @ts-nocheck
import { inBrowser } from '../scripts/in-browser';
await inBrowser('demo', '4352', async (browser, baseURL) => {
  const page = await browser.newPage({ baseURL, viewport: { width: 1280, height: 900 } });
  page.on('pageerror', (e) => console.log('ERR', e.message.slice(0,300)));
  page.on('console', (m) => m.type()==='error' && console.log('CON', m.text().slice(0,300)));
  await page.goto('/kits/compare');
  await page.waitForTimeout(2500);
  await page.screenshot({ path: '/tmp/compare.png', fullPage: true });
  await page.goto('/keep'); await page.waitForTimeout(1500);
  await page.screenshot({ path: '/tmp/keep.png', fullPage: true });
  await page.goto('/keep/trip'); await page.waitForTimeout(1500);
  await page.screenshot({ path: '/tmp/trip.png', fullPage: true });
  await page.goto('/kits'); await page.waitForTimeout(1500);
  await page.getByRole('button', { name: 'Another like Float pouch' }).click();
  await page.getByLabel('How many').fill('3');
  await page.getByLabel('For whom').fill('Ada, Bo');
  await page.waitForTimeout(500);
  await page.screenshot({ path: '/tmp/kits.png', fullPage: true });
  const phone = await browser.newPage({ baseURL, viewport: { width: 390, height: 844 } });
  await phone.goto('/kits/compare'); await phone.waitForTimeout(2500);
  await phone.screenshot({ path: '/tmp/compare-phone.png', fullPage: true });
});
