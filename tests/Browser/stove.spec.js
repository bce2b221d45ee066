import { expect, test } from '@playwright/test';
import { VELOUTE, cook, expectAccessible, tapUntil } from './support/kitchen.js';
import { Server } from './support/server.js';

const ends = (page) => page.locator('.digits').getAttribute('data-ends');

let own = null;

/** A kitchen of its own whose clock the test moves: a page that goes ahead alone would be set right by its server. */
async function moved(page) {
  own = new Server(8437, 'moved');
  await own.start();
  await page.clock.install();
  return own;
}

test.afterEach(() => own?.stop());

/** This pot on the rail, where the pots of other tests hang as well. */
const mine = (page) => page.locator(`.rail a[data-pot="${new URL(page.url()).pathname.split('/').pop()}"]`);

/** Seconds on the big timer, as a cook reads them. */
async function shown(page) {
  const text = await page.locator('.digits').textContent();
  const [minutes, seconds] = text.replace('+', '').split(':').map(Number);
  return 60 * minutes + seconds;
}

test('a reload and another tablet show the same step and the right remaining time', async ({ page, browser }) => {
  await cook(page, VELOUTE, 'Simmer, stir every 5 min');
  const end = await ends(page);
  await expect(page.locator('.digits')).toHaveText(/^(30:00|29:\d\d)$/);

  await page.reload();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Simmer, stir every 5 min');
  expect(await ends(page)).toBe(end);

  const tablet = await (await browser.newContext()).newPage();
  await tablet.goto(page.url());
  await expect(tablet.getByRole('heading', { level: 1 })).toHaveText('Simmer, stir every 5 min');
  expect(await ends(tablet)).toBe(end);
  expect(Math.abs((await shown(tablet)) - (Number(end) - Date.now()) / 1000)).toBeLessThan(5);

  // The other tablet goes on; a late tap here neither skips a step nor fails.
  await tapUntil(tablet, 'Check the back of the spoon');
  await page.locator('.keys .go').click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Check the back of the spoon');
  await tablet.context().close();
});

test('the timer counts by the page’s clock, runs over and takes a minute more', async ({ page }) => {
  const server = await moved(page);
  await cook(page, `${server.address}${VELOUTE}`, 'Simmer, stir every 5 min');
  const before = await shown(page);
  await server.pass(600_000, page);
  await expect.poll(() => shown(page)).toBeLessThanOrEqual(before - 600);
  await server.pass(1260_000, page);
  await expect(page.locator('.digits')).toHaveText(/^\+\d/);
  await expect(mine(page).locator('time.over')).toBeAttached();
  const end = Number(await ends(page));
  await page.getByRole('button', { name: '+1 min' }).click();
  await expect.poll(() => ends(page).then(Number)).toBe(end + 60_000);
});

test('pours are ticked off one by one, and can be taken back', async ({ page }) => {
  await cook(page, VELOUTE, 'Pour, and whisk smooth');
  await expect(page.locator('.tick[aria-pressed=true]')).toHaveCount(0);
  await page.getByRole('button', { name: 'Pour 0.33 l' }).click();
  await expect(page.locator('.tick[aria-pressed=true]')).toHaveCount(1);
  await page.locator('.tick').nth(1).click();
  await expect(page.locator('.tick[aria-pressed=true]')).toHaveCount(2);
  await page.locator('.tick').nth(0).click();
  await expect(page.locator('.tick[aria-pressed=true]')).toHaveCount(1);
  await expect(page.getByRole('button', { name: 'Pour 0.33 l' })).toBeVisible();
  await expectAccessible(page);
});

test('the colour is set where a finger lands on the strip, and the marker follows', async ({ page }) => {
  await cook(page, VELOUTE, 'Stir until it is blond');
  await expect(page.getByText('Take it off in about')).toBeVisible();
  const strip = await page.locator('.strip-tap').boundingBox();
  // Shade 1.7 of the 3.4 that the strip is long.
  await page.locator('.strip-tap').click({ position: { x: strip.width / 2, y: strip.height / 2 } });
  await expect(page.locator('.events')).toContainText('colour brown (1.7)');
  await expect(page.getByText('Take it off now')).toBeVisible();
  await page.keyboard.press('u');
  await expect(page.locator('.events')).not.toContainText('colour brown');
  // By keys the strip is a row of names.
  await page.getByRole('button', { name: 'blond (1.1)' }).press('Enter');
  await expect(page.locator('.events')).toContainText('colour blond (1.1)');
  await expectAccessible(page);
});

test('nonsense readings are refused at the field with the range, and nothing else is lost', async ({ page }) => {
  await cook(page, VELOUTE, 'Simmer, stir every 5 min');
  const before = await page.locator('.stove').getAttribute('data-events');
  await page.locator('summary[data-key=n]').click();
  await page.getByLabel('What to remember').fill('half a note');
  for (const [instrument, typed, message] of [
    ['Probe', '-40', 'Probe: write a number from 0 to 300 °C.'],
    ['Dip-stick', '9,999', 'Dip-stick: write a number from 1 to 1000 mm.'],
    ['Dip-stick', 'deep', 'Dip-stick: write a number from 1 to 1000 mm.'],
    ['Scale', '0', 'Scale: write a number from 0.1 to 400 kg.'],
  ]) {
    await page.locator('.instruments label', { hasText: instrument }).click();
    await page.getByLabel('What it shows').fill(typed);
    await page.getByLabel('What it shows').press('Enter');
    await expect(page.locator('#reading-error')).toHaveText(message);
    await expect(page.getByLabel('What it shows')).toHaveValue(typed);
    await expect(page.getByLabel('What it shows')).toHaveAttribute('aria-invalid', 'true');
  }
  expect(await page.locator('.stove').getAttribute('data-events')).toBe(before);
  await expect(page.getByLabel('What to remember')).toHaveValue('half a note');
  await expectAccessible(page);
  await page.locator('.instruments label', { hasText: 'Dip-stick' }).click();
  await page.getByLabel('What it shows').fill('44');
  await page.getByLabel('What it shows').press('Enter');
  await expect(page.locator('.events')).toContainText('depth 44 mm');
  await expect(page.locator('#reading-error')).toBeHidden();
});

test('a pot that calls says so, turns its ticket, and is quiet once it was seen to', async ({ page }) => {
  const server = await moved(page);
  await cook(page, `${server.address}${VELOUTE}`, 'Simmer, stir every 5 min');
  await expect(page.locator('#calls')).not.toContainText('stir it');
  await page.evaluate(() => {
    const look = () => (window.turned ||= document.querySelector('.ticket.turns') !== null);
    new window.MutationObserver(look).observe(document.body, { subtree: true, attributeFilter: ['class'] });
  });
  await server.pass(301_000, page);
  await expect(page.locator('#calls')).toContainText('Chicken velouté: stir it');
  await expect(page.locator('.tend.over').first()).toContainText('Stirred');
  await expect(mine(page).locator('time.over')).toBeAttached();
  expect(await page.evaluate(() => window.turned)).toBe(true);
  // It has been said: a page that is opened later shows it turned, and turns it no more.
  await server.pass(10_000, page);
  await page.reload();
  await expect(mine(page).locator('time.over')).toBeAttached();
  await expect(page.locator('.ticket.turns')).toHaveCount(0);
});

test('a call is for the tablet of the cook it is for, and for all if nobody comes', async ({ page }) => {
  const server = await moved(page);
  await cook(page, `${server.address}${VELOUTE}`, 'Simmer, stir every 5 min');
  // Whose a call is stays said, however often the rail is drawn anew.
  await page.evaluate(() => {
    const say = () => {
      if (document.body.dataset.me !== 'Petra Lund') document.body.dataset.me = 'Petra Lund';
      for (const call of document.querySelectorAll('[data-calls]:not([data-for="Ines Vark"])')) call.dataset.for = 'Ines Vark';
    };
    new window.MutationObserver(say).observe(document.body, { childList: true, subtree: true, attributes: true });
    say();
  });
  // Due by a second: what this machine takes until it is looked at is not to make a minute of it.
  await server.pass(301_000, page);
  await expect(mine(page).locator('time.over')).toBeAttached();
  await expect(page.locator('#calls')).not.toContainText('stir it');
  await server.pass(65_000, page);
  await expect(page.locator('#calls')).toContainText('Chicken velouté: stir it');
});

test('four pots that are late by more than ten minutes all stay on the rail', async ({ page }) => {
  const server = await moved(page);
  for (const sauce of ['espagnole', 'tomato', 'onion-gravy', 'veloute&liquid=vegetable-stock']) {
    await cook(page, `${server.address}/compose?sauce=${sauce}&amount=2&diameter=240&height=140`);
    const token = await page.locator('meta[name=csrf-token]').getAttribute('content');
    const ahead = JSON.parse(await page.locator('.stove').getAttribute('data-ahead'));
    const steps = ahead.map(({ step }) => step);
    const simmer = steps.findIndex((step) => ['simmer', 'reduce'].includes(step));
    const events = steps.slice(0, simmer).map((step, i) => ({ token: `${sauce}-${i}`, kind: 'done', step }));
    const answer = await page.request.post(`${page.url()}/events/batch`, { headers: { 'X-CSRF-TOKEN': token }, data: { events } });
    expect((await answer.json()).refused).toEqual([]);
  }
  await server.pass(1_800_000, page);
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.reload();
  await expect(page.locator('.rail .ticket.over')).toHaveCount(4);
  await expect(page.locator('.rail .ticket time').last()).toHaveText(/^\+\d\d min$/);
  for (const ticket of await page.locator('.rail .ticket').all()) await expect(ticket).toBeInViewport({ ratio: 1 });
  await expect(page.getByRole('link', { name: 'Start a pot' })).toBeInViewport({ ratio: 1 });
  expect(await page.locator('.rail').evaluate((rail) => rail.scrollWidth - rail.clientWidth)).toBeLessThanOrEqual(0);
});

test('a pot without a sheet takes whatever is done, by keys', async ({ page }) => {
  await page.request.get('/');
  await page.goto('/stove');
  const name = page.getByLabel('What is in the pot');
  // Other tests leave pots on; the form is on the empty stove only.
  if (!(await name.isVisible().catch(() => false))) await page.goto('/log');
  const token = await page.locator('meta[name=csrf-token]').getAttribute('content');
  const answer = await page.request.post('/pots/free', { form: { _token: token, name: 'Crab shells' } });
  await page.goto(answer.url());
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Crab shells');
  await page.locator('html[data-ready]').waitFor();
  await page.keyboard.press('v');
  await expect(page.locator('.events')).toContainText('stirred');
  await page.keyboard.press('i');
  await page.keyboard.type('91');
  await page.keyboard.press('Enter');
  await expect(page.locator('.events')).toContainText('probe 91 °C');
  await page.keyboard.press('Escape');
  await page.keyboard.press('+');
  await expect(page.locator('.digits')).toHaveText(/^(1:00|0:\d\d)$/);
  await expectAccessible(page);
  await page.keyboard.press(' ');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('How did it turn out?');
  await expectAccessible(page);
});

test('a pot started by mistake is taken off, and says so in the log', async ({ page }) => {
  await cook(page);
  await page.locator('.where-who > summary').click();
  await page.getByText('Take it off').click();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Yes, off unfinished' }).click();
  await expect(page).toHaveURL(/\/log\/\d+$/);
  await expect(page.locator('.against')).toContainText('taken off unfinished');
  await expectAccessible(page);
});

test('what came out is refused at its field, and nothing typed is lost', async ({ page }) => {
  await cook(page, VELOUTE, 'How did it turn out?');
  await page.getByLabel(/How much came out/).fill('9999');
  await page.getByLabel('How it tastes').fill('fine');
  await page.getByRole('button', { name: 'Close the pot' }).click();
  await expect(page.getByText('Volume: write a number from 0.01 to 300 l.')).toBeVisible();
  await expect(page.getByText('Spoon test: missing.')).toBeVisible();
  await expect(page.getByLabel(/How much came out/)).toHaveValue('9999');
  await expect(page.getByLabel('How it tastes')).toHaveValue('fine');
  await expectAccessible(page);
});


test('what is half written stays while other taps go on', async ({ page }) => {
  await cook(page, VELOUTE, 'Simmer, stir every 5 min');
  await page.locator('#reading').fill('4');
  await page.locator('summary[data-key=n]').click();
  await page.getByLabel('What to remember').fill('half a no');
  const events = await page.locator('.stove').getAttribute('data-events');
  await page.locator('.tend').first().click();
  await expect(page.locator('.stove')).not.toHaveAttribute('data-events', events);
  await expect(page.getByLabel('What to remember')).toHaveValue('half a no');
  await expect(page.locator('#reading')).toHaveValue('4');
  await page.getByLabel('What to remember').fill('half a note');
  await page.getByLabel('What to remember').press('Enter');
  await expect(page.locator('.events')).toContainText('half a note');
  await expect(page.locator('#note-text')).toHaveValue('');
  await expect(page.locator('#reading')).toHaveValue('4');
});

test('a timer never shows anything but time left, whatever is drawn around it', async ({ page }) => {
  await cook(page, VELOUTE, 'Simmer, stir every 5 min');
  await page.evaluate(() => {
    window.seen = new Set();
    const look = () => {
      const digits = document.querySelector('.digits');
      if (digits) window.seen.add(digits.textContent);
      window.looking = requestAnimationFrame(look);
    };
    look();
  });
  for (let i = 0; i < 3; i++) {
    const events = await page.locator('.stove').getAttribute('data-events');
    await page.keyboard.press('v');
    await expect(page.locator('.stove')).not.toHaveAttribute('data-events', events);
  }
  const seen = (await page.evaluate(() => [...window.seen]))
    .map((text) => text.split(':').map(Number))
    .map(([minutes, seconds]) => 60 * minutes + seconds);
  // Half an hour, and down from there without a leap.
  expect(Math.max(...seen)).toBeLessThanOrEqual(1800);
  seen.slice(1).forEach((now, i) => {
    expect(seen[i] - now).toBeGreaterThanOrEqual(0);
    expect(seen[i] - now).toBeLessThanOrEqual(10);
  });
});

test('nothing is exchanged under a finger: what it was put down on is what it taps', async ({ page, browser }) => {
  await cook(page);
  const other = await (await browser.newContext()).newPage();
  await other.goto(page.url());
  await other.locator('html[data-ready]').waitFor();
  const pot = page.url();
  await page.locator('.where-who > summary').hover();
  await page.mouse.down();
  const drawn = page.waitForResponse((answer) => answer.url() === pot && answer.request().headers()['hx-request'] === 'true');
  await other.keyboard.press('n');
  await other.keyboard.type('stock was cold');
  await other.keyboard.press('Enter');
  await (await drawn).finished();
  // Whatever would be drawn is drawn by now, and is not.
  await page.evaluate(() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(() => setTimeout(done)))));
  await expect(page.locator('.events')).not.toContainText('stock was cold');
  await page.mouse.up();
  await expect(page.locator('.events')).toContainText('stock was cold');
  await expect(page.locator('.where-who[open]')).toBeVisible();
  await other.context().close();
});
