import { expect, test } from '@playwright/test';
import { VELOUTE, cook, tapUntil } from './support/kitchen.js';
import { Server } from './support/server.js';

test.use({ serviceWorkers: 'allow' });

const heading = (page) => page.getByRole('heading', { level: 1 });
const held = (page) => page.evaluate(() => JSON.parse(localStorage.getItem('lento.held') ?? '[]'));

/** Until a copy of this address is on the tablet that says so. */
async function copied(page, address, says) {
  await expect
    .poll(async () => {
      await page.clock.runFor(2000);
      return page.evaluate(async (one) => (await (await caches.open('lento.pages')).match(one))?.text() ?? '', address);
    }, { timeout: 90_000 })
    .toContain(says);
}

test('ten minutes of a cook with the server really gone: reload, other places, a restart, and all arrives', async ({ page, context }) => {
  const server = new Server(8452, 'gone');
  await server.start();
  try {
    await page.clock.install();
    await page.goto(`${server.address}/stove`);
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => true));
    await page.reload();
    await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);
    await cook(page, `${server.address}${VELOUTE}`, 'Pour, and whisk smooth');
    const pot = new URL(page.url()).pathname;
    await copied(page, pot, '<h1');
    const rescue = `/rescue?pot=${pot.split('/').pop()}`;
    for (const place of ['/family', '/score', '/keep', '/log', rescue]) await copied(page, place, '<h1');
    const remedies = await page.evaluate(async (one) => {
      const html = await (await (await caches.open('lento.pages')).match(one)).text();
      const links = new DOMParser().parseFromString(html, 'text/html').querySelectorAll('#page a[href*="/rescue/"]');
      return [...links].map((link) => new URL(link.getAttribute('href'), location.href)).map((url) => url.pathname + url.search);
    }, rescue);
    expect(remedies.length).toBeGreaterThan(5);
    for (const remedy of remedies) await copied(page, remedy, '<h1');

    // The last step is newer than the copy, and seen all the same.
    await tapUntil(page, 'Skim it');
    await server.kill();
    await page.reload();
    await expect(heading(page)).toHaveText('Skim it');
    await expect(page.locator('#as-of')).toContainText(/No line. This is how it was at \d\d:\d\d/);

    // The steps go on, and are where they were after the next reload too.
    await page.keyboard.press(' ');
    await page.clock.runFor(6000);
    await expect(heading(page)).toHaveText('Simmer, stir every 5 min');
    await server.pass(240_000, page);
    await page.keyboard.press('n');
    await page.keyboard.type('skin on it');
    await page.keyboard.press('Enter');
    await page.reload();
    await page.clock.runFor(6000);
    await expect(heading(page)).toHaveText('Simmer, stir every 5 min');
    await expect(page.locator('.digits')).toHaveText(/^(26:0\d|25:\d\d)$/);
    expect(await held(page)).toHaveLength(2);

    // What is wrong with it, and what to do: from this tablet.
    await page.keyboard.press('r');
    await expect(page.locator('#rescue-sheet')).toBeVisible();
    await page.locator('#rescue-sheet a[href*="/rescue/too-thick"]').click();
    await page.locator('#rescue-sheet form .go').click();
    await expect(page.locator('#later li')).toHaveCount(1);
    await expect(page.locator('#rescue-sheet')).toBeHidden();

    // Other places are there as they were; what never was here says so, with what is.
    for (const key of ['l', 'k', 'f']) {
      await page.keyboard.press(key);
      await expect(page.locator('#as-of')).toBeVisible();
      await page.locator('html[data-ready]').waitFor();
    }
    await page.goto(`${server.address}/tablets`);
    await expect(heading(page)).toHaveText('No line');
    await expect(page.getByRole('link', { name: /Skim|Velouté|stove/i }).first()).toBeVisible();

    // The tablet starts anew.
    const again = await context.newPage();
    await page.close();
    await again.clock.install({ time: await server.time() });
    await again.goto(`${server.address}${pot}`);
    await again.clock.runFor(6000);
    await expect(heading(again)).toHaveText('Simmer, stir every 5 min');
    await server.pass(360_000, again);

    await server.start(false);
    await expect
      .poll(async () => {
        await again.clock.runFor(5000);
        // The page loads itself anew as soon as it hears the server: then there is nothing to be asked for a moment.
        return (await held(again).catch(() => [null])).length;
      }, { timeout: 120_000 })
      .toBe(0);
    await expect(again.locator('#as-of')).toBeHidden();
    await expect(heading(again)).toHaveText('Simmer, stir every 5 min');
    await expect(again.locator('.events')).toContainText('skin on it');
    await expect(again.locator('#later')).toBeHidden();
    await again.reload();
    await expect(again.locator('.events')).toContainText(/thick/i);
  } finally {
    server.stop();
  }
});

test('the shelf, the score and a service with the server gone: as they were, and readings are held', async ({ page }) => {
  const server = new Server(8467, 'gone-shelf');
  await server.start('seeded');
  try {
    await page.clock.install();
    await page.goto(`${server.address}/keep`);
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => true));
    await page.reload();
    await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);
    for (const path of ['/services/1', '/services/1/score', '/keep']) {
      await page.goto(server.address + path);
      await copied(page, path, '<h1');
    }
    await server.kill();

    // A reading is typed, held with its time, and the page says of when it is.
    await page.reload();
    await expect(page.locator('#as-of')).toContainText(/No line. This is how it was at \d\d:\d\d/);
    const read = await page.locator('.tub-row.chosen .read, .tub-row .read').first().innerText();
    await page.locator('.probe-pad input:not([type=hidden])').first().fill('61');
    await page.keyboard.press('Enter');
    await expect(page.locator('#later li')).toHaveCount(1);
    await expect(page.locator('#later li')).toContainText('61');

    // Who does what next is read from the score; a service that is typed at has no answer, and says so.
    await page.goto(`${server.address}/services/1/score`);
    await expect(page.locator('.score-list .by-time li').first()).toBeVisible();
    await expect(page.locator('#as-of')).toBeVisible();
    await page.goto(`${server.address}/services/1`);
    await page.locator('html[data-ready]').waitFor();
    await page.locator('#wishes-0-covers').fill('99');
    await page.clock.runFor(3000);
    await expect(page.locator('#line-down:visible, #old-note:visible, #as-of:visible').first()).toBeVisible();

    await server.start(false);
    await expect
      .poll(async () => {
        await page.clock.runFor(5000);
        return page.evaluate(() => JSON.parse(localStorage.getItem('lento.later') ?? '[]').length).catch(() => -1);
      }, { timeout: 120_000 })
      .toBe(0);
    await page.goto(`${server.address}/keep`);
    await expect(page.locator('.said, .tub-more, .cooling').first()).toBeVisible();
    await expect(page.locator('#later')).toBeHidden();
    expect(await page.locator('.tub-row .read').first().innerText()).not.toBe(read);
  } finally {
    server.stop();
  }
});
