// @ts-nocheck
import { inBrowser } from '../scripts/in-browser';
await inBrowser('demo', '4352', async (browser, baseURL) => {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, baseURL });
  page.on('console', (m) => m.type() === 'error' && console.log('console', m.text()));
  page.on('pageerror', (e) => console.log('pageerror', e.message));
  await page.goto('/brief'); await page.waitForTimeout(2500);
  await page.screenshot({ path: '/tmp/s-brief.png' });
  await page.goto('/brief/enough'); await page.waitForTimeout(2000);
  await page.screenshot({ path: '/tmp/s-enough.png' });
  await page.locator('[data-need=sleep] > button').click();
  await page.locator('[data-need=sleep] summary').first().click();
  await page.locator('[data-need=sleep]').scrollIntoViewIfNeeded();
  await page.waitForTimeout(300);
  await page.screenshot({ path: '/tmp/s-sleep.png' });
  const phone = await browser.newPage({ viewport: { width: 390, height: 844 }, baseURL });
  await phone.goto('/brief'); await phone.waitForTimeout(2000);
  await phone.screenshot({ path: '/tmp/s-brief-phone.png' });
  await phone.goto('/brief/enough'); await phone.waitForTimeout(2000);
  await phone.screenshot({ path: '/tmp/s-enough-phone.png' });
});
