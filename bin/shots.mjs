// Walks the demo galley and takes one picture of each main view.
import { chromium } from '@playwright/test';

const [base, folder] = process.argv.slice(2);
const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };
const VELOUTE = '/compose?sauce=veloute&liquid=chicken-stock&amount=2&pan=3';
const asked = (more) => `q[]=${encodeURIComponent(`sauce=veloute&amount=2&pan=3${more}`)}`;

for (let tries = 0; tries < 600; tries++) {
  if ((await fetch(`${base}/up`).catch(() => null))?.ok) break;
  await new Promise((resolve) => setTimeout(resolve, 200));
}

const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: [
    '--headless',
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
});

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
await shot(await open(DESK, '/compose?sauce=bechamel&amount=2&diameter=240&height=140&own_ratio=1%20:%2010'), 'formula');
await shot(await open(DESK, `/compare?${asked('')}&${asked('&ratio=1.8')}&${asked('&colour=brown&fat=clarified-butter')}`), 'compare');
const recipe = ['Crew gravy', '⅔ cup fat', '⅔ cup flour', '5 cups stock', '300 g (8 oz) cheese', 'Simmer for 20 minutes.', 'Serves 8'];
await shot(await open(DESK, `/assay?${new URLSearchParams({ recipe: [...recipe, 'time: 45 min'].join('\n') })}`), 'assay');
await shot(await open(DESK, '/family'), 'family');
await shot(await open(DESK, '/family/hunters?litres=3'), 'family-sauce');
// The house's Mornay as the galley's own, its acts in their order.
const own = await open(DESK, '/family/mornay?litres=2');
await own.evaluate(() => document.querySelectorAll('details').forEach((one) => (one.open = true)));
await own.fill('#own-name', 'Mornay, the galley’s way');
await Promise.all([own.waitForURL(/own-sauce-\d+/), own.press('#own-name', 'Enter')]);
await shot(await open(DESK, `${new URL(own.url()).pathname}/acts`), 'acts');
await shot(await open(DESK, '/kitchen'), 'kitchen');
await shot(await open(DESK, '/sheet?sauce=espagnole&amount=3&pan=5'), 'sheet');
await shot(await open(DESK, '/log'), 'log');
await shot(await open(DESK, '/log/2'), 'course');
await shot(await open(DESK, '/learning'), 'learning');

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

await browser.close();
