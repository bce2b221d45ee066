// Walks the demo galley and takes one picture of each main view.
import { chromium } from '@playwright/test';
import { whole } from '../tests/Browser/support/driven.js';

const [base, folder] = process.argv.slice(2);
const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };
const VELOUTE = '/compose?sauce=veloute&liquid=chicken-stock&amount=2&pan=3';

for (let tries = 0; tries < 600; tries++) {
  if ((await fetch(`${base}/up`).catch(() => null))?.ok) break;
  await new Promise((resolve) => setTimeout(resolve, 200));
}

const browser = await chromium.launch(whole());

async function shot(page, name) {
  await page.evaluate(() => document.fonts.ready.then(() => window.scrollTo(0, 0)));
  await page.screenshot({ path: `${folder}/${name}.png` });
  console.log(`  ${name}.png`);
}

async function open(viewport, address) {
  const page = await browser.newPage({ viewport, reducedMotion: 'reduce' });
  await page.goto(base + address);
  await page.waitForSelector('html[data-ready]');
  return page;
}

/** One tap or key, until the page shows what became of it. */
async function happens(page, act) {
  const events = await page.getAttribute('.stove', 'data-events');
  await act();
  await page.waitForFunction((was) => document.querySelector('.stove').dataset.events !== was, events);
}

/** Taps the next action until the heading is there. */
async function tapUntil(page, title) {
  while ((await page.textContent('h1')).trim() !== title) await happens(page, () => page.click('.keys .go'));
}

await shot(await open(DESK, VELOUTE), 'compose');
await shot(await open(PHONE, VELOUTE), 'compose-390');
await shot(await open(DESK, '/keep'), 'keep');
const ROW = 'rows%5B0%5D%5B';
const away = `${ROW}litres%5D=2.7&${ROW}vessel%5D=4&${ROW}count%5D=1&${ROW}spot%5D=fridge&celsius=85`;
await shot(await open(DESK, `/pots/2/keep?${away}`), 'put-away');
await shot(await open(DESK, '/services/1/score'), 'score');
const recipe = ['Crew gravy', '⅔ cup fat', '⅔ cup flour', '5 cups stock', '300 g (8 oz) cheese', 'Simmer for 20 minutes.', 'Serves 8'];
await shot(await open(DESK, `/assay?${new URLSearchParams({ recipe: [...recipe, 'time: 45 min'].join('\n') })}`), 'assay');
await shot(await open(DESK, '/family'), 'family');
await shot(await open(DESK, '/kitchen'), 'kitchen');
await shot(await open(DESK, '/sheet?sauce=espagnole&amount=3&pan=5'), 'sheet');
await shot(await open(DESK, '/log'), 'log');
await shot(await open(DESK, '/log/2'), 'course');

const stove = await open(DESK, '/pots/6');
const strip = await stove.locator('.strip-tap').boundingBox();
await happens(stove, () => stove.mouse.click(strip.x + strip.width * 0.16, strip.y + strip.height / 2));
await shot(stove, 'stove');
await shot(await open(PHONE, '/pots/6'), 'stove-390');
await tapUntil(stove, 'Pour, and whisk smooth');
await happens(stove, () => stove.click('.keys .go'));
await stove.click('[data-night]');
await shot(stove, 'stove-night');
await stove.click('[data-night]');
await stove.close();

// The pot that simmers since an hour: what was read of it, the notch foreseen, and the test.
const simmer = await open(DESK, '/pots/5');
await simmer.fill('#reading', '60');
await happens(simmer, () => simmer.press('#reading', 'Enter'));
await happens(simmer, () => simmer.click('.tend'));
await shot(simmer, 'stove-simmer');
await simmer.keyboard.press('r');
await simmer.locator('#rescue-sheet').getByRole('link', { name: /Too thin/ }).waitFor();
await simmer.keyboard.press('2');
await simmer.locator('#rescue-sheet .why').waitFor();
await shot(simmer, 'rescue');
await simmer.keyboard.press('Escape');
await tapUntil(simmer, 'Check the back of the spoon');
await happens(simmer, () => simmer.keyboard.press('3'));
await shot(simmer, 'stove-test');

// A velouté in a strange kitchen, practised up to its colour; then lifted far too late, and talked over.
const practice = await open(DESK, '/practice');
const token = await practice.getAttribute('meta[name=csrf-token]', 'content');
const form = { _token: token, sauce: 'veloute', litres: '2', difficulty: 'own', seed: '4117', help: 'yes' };
let at = (await practice.request.post(`${base}/practice`, { form, maxRedirects: 0 })).headers().location;
const headers = { Accept: 'application/json', 'X-CSRF-TOKEN': token };
let told = { version: 0, second: 0 };
async function done(deed, more = {}) {
  const data = { deed, version: told.version, at: told.second, ...more };
  told = await (await practice.request.post(`${at}/deeds`, { headers, data })).json();
}
for (const deed of ['written', 'written', 'heat:medium', 'stir:1', 'wait:300']) await done(deed, { where: 'middle' });
await practice.goto(at);
await practice.waitForSelector('html[data-ready]');
await shot(practice, 'practice');
// Another, stirred everywhere and lifted far too late.
at = (await practice.request.post(`${base}/practice`, { form, maxRedirects: 0 })).headers().location;
told = { version: 0, second: 0 };
for (const deed of ['written', 'written', 'heat:medium', 'stir:1', 'wait:600', 'done']) await done(deed);
while (!told.over) await done('written');
await practice.request.post(`${at}/finish`, { form: { _token: token } });
await practice.goto(`${at}/debrief`);
await practice.waitForSelector('html[data-ready]');
await shot(practice, 'practice-debrief');
await practice.close();

await browser.close();
