import { chromium } from '@playwright/test';
import fs from 'node:fs';
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox','--disable-quic','--no-first-run','--disable-background-networking'] });
for (let i=0;i<2;i++){
const ctx = await browser.newContext({ baseURL: process.argv[2], viewport: { width: 390, height: 844 }, isMobile: true, hasTouch: true });
const page = await ctx.newPage();
const cdp = await ctx.newCDPSession(page);
await cdp.send('Emulation.setCPUThrottlingRate', { rate: 4 });
if(i===1) await browser.startTracing(page, { categories: ['devtools.timeline','blink.user_timing','v8.compile','disabled-by-default-v8.compile','toplevel','v8','loading'] });
await page.goto('/layout');
await page.locator('[data-piece]').first().waitFor();
await page.waitForTimeout(i===1?6000:1500);
if(i===1){ fs.writeFileSync('/tmp/trace.json', await browser.stopTracing()); }
await ctx.close();
}
await browser.close();
