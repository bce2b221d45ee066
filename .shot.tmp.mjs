import { chromium } from 'playwright-core';
const [,, path, out, w='1280', h='800', theme='light'] = process.argv;
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
const p = await b.newPage({ viewport: { width: +w, height: +h } });
await p.goto('http://127.0.0.1:8420' + path); await p.waitForLoadState('networkidle');
await p.screenshot({ path: out, fullPage: process.argv[8]==='full' }); await b.close();
