// The icons of the installed application, drawn from the one in public/icon.svg: node bin/icons.mjs

import { readFile } from 'node:fs/promises';
import { chromium } from '@playwright/test';

const PAPER = '#F6F1E7';
const drawing = await readFile('public/icon.svg', 'utf8');
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--headless', '--no-sandbox', '--disable-gpu'] });
// What a launcher may cut to its own shape keeps its picture in the middle.
for (const [name, size, share] of [['lento-192', 192, 0.86], ['lento-512', 512, 0.86], ['lento-maskable-512', 512, 0.62]]) {
  const page = await browser.newPage({ viewport: { width: size, height: size } });
  await page.setContent(`<body style="margin:0;display:grid;place-items:center;height:${size}px;background:${PAPER}">
    <div style="width:${Math.round(size * share)}px">${drawing}</div>`);
  await page.screenshot({ path: `public/icons/${name}.png` });
  await page.close();
}
await browser.close();
