import { mkdirSync, readFileSync } from 'node:fs';
import { chromium } from '@playwright/test';
import { chromiumArguments } from '../playwright.config';
import { chromiumPath } from './chromium.mjs';

/** Draws the icons that an installed application needs from the one that the pages have. */
const drawing = readFileSync('src/app/icon.svg', 'utf8');
const icons = [
  { file: 'icon-192.png', px: 192, share: 0.92, ground: 'transparent' },
  { file: 'icon-512.png', px: 512, share: 0.92, ground: 'transparent' },
  // Cut to whatever shape the system likes: all that matters is in the middle.
  { file: 'maskable-512.png', px: 512, share: 0.6, ground: '#f5e9d3' },
] as const;

mkdirSync('public/icons', { recursive: true });
const browser = await chromium.launch({
  executablePath: chromiumPath(),
  args: chromiumArguments,
});
for (const { file, px, share, ground } of icons) {
  const page = await browser.newPage({ viewport: { width: px, height: px } });
  const address = `data:image/svg+xml,${encodeURIComponent(drawing)}`;
  await page.setContent(
    `<body style="margin:0;display:grid;place-items:center;height:100vh;background:${ground}"><img src="${address}" style="width:${share * 100}%">`,
  );
  await page.screenshot({ path: `public/icons/${file}`, omitBackground: ground === 'transparent' });
  await page.close();
}
await browser.close();
