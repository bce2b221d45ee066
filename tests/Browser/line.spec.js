import { expect, test } from '@playwright/test';
import { VELOUTE, cook, done, expectAccessible } from './support/kitchen.js';
import { Server } from './support/server.js';

// What the stove must withstand: tablets that compete, a server that dies, a line that goes.

const ends = (page) => page.locator('.digits').getAttribute('data-ends');
const held = (page) => page.evaluate(() => JSON.parse(localStorage.getItem('lento.held') ?? '[]'));
const heading = (page) => page.getByRole('heading', { level: 1 });

/** The rows of the log of a pot that was taken off, oldest first. */
async function logged(page, address) {
  await page.goto(address);
  return page
    .locator('table.rows tbody tr')
    .evaluateAll((rows) => rows.map((row) => [...row.cells].map((cell) => cell.textContent.trim())));
}

async function takeOff(page) {
  await page.locator('.where-who > summary').click();
  await page.getByText('Take it off').click();
  await page.getByRole('button', { name: 'Yes, off unfinished' }).click();
  await expect(page).toHaveURL(/\/log\/\d+$/);
}

test('two tablets on one pot: two hundred taps between each other, none lost, none doubled', async ({ page, browser }) => {
  // Two hundred answers and as many pages drawn: on a busy machine that takes its time.
  test.setTimeout(10 * 60_000);
  await cook(page, VELOUTE, 'Simmer, stir every 5 min');
  const before = Number(await page.locator('.stove').getAttribute('data-events'));
  const other = await (await browser.newContext()).newPage();
  await other.goto(page.url());
  await other.locator('html[data-ready]').waitFor();
  for (let i = 0; i < 100; i++) {
    // Not awaited between the two: their answers cross.
    await Promise.all([page.keyboard.press(i % 2 ? 'v' : 'e'), other.keyboard.press(i % 2 ? 'e' : 'v')]);
  }
  for (const tablet of [page, other]) await expect.poll(() => held(tablet).then((events) => events.length), { timeout: 120_000 }).toBe(0);
  await page.reload();
  await expect(page.locator('.stove')).toHaveAttribute('data-events', String(before + 200));
  // The other tablet hears of it by itself.
  await expect(other.locator('.stove')).toHaveAttribute('data-events', String(before + 200));
  await takeOff(page);
  const rows = await logged(page, page.url());
  expect(
    rows
      .map((row) => row[1])
      .filter((name) => /stirred/.test(name))
      .map((name) => name.split(', ').sort()),
  ).toEqual([['skimmed 100 times', 'stirred 100 times']]);
  await other.context().close();
});

test('a server killed in the midst of writing has every tap that it acknowledged', async ({ page }) => {
  const server = new Server(8434, 'killed');
  await server.start();
  try {
    await cook(page, `${server.address}${VELOUTE}`, 'Simmer, stir every 5 min');
    const end = await ends(page);
    const pot = new URL(page.url()).pathname;
    const token = await page.locator('meta[name=csrf-token]').getAttribute('content');
    // Writers that never pause, until the server is gone under their hands.
    const acknowledged = [];
    let alive = true;
    const writer = async (name) => {
      for (let i = 0; alive; i++) {
        const id = `${name}-${i}`;
        // An answer that is cut while it is read acknowledges nothing.
        const kept = await page.request
          .post(`${server.address}${pot}/events/batch`, {
            headers: { 'X-CSRF-TOKEN': token },
            data: { events: [{ token: id, kind: 'note', step: 'simmer', text: id }] },
          })
          .then((answer) => (answer.ok() ? answer.json() : null))
          .then((said) => said?.kept ?? null)
          .catch(() => null);
        if (kept === null) return;
        acknowledged.push(...kept);
      }
    };
    const writers = ['a', 'b', 'c', 'd'].map(writer);
    await expect.poll(() => acknowledged.length, { timeout: 120_000 }).toBeGreaterThan(60);
    await server.kill();
    alive = false;
    await Promise.all(writers);
    await server.start(false);
    await page.reload();
    await expect(heading(page)).toHaveText('Simmer, stir every 5 min');
    expect(await ends(page)).toBe(end);
    await takeOff(page);
    const notes = (await logged(page, page.url())).map((row) => row[1]);
    expect(acknowledged.filter((id) => !notes.includes(id))).toEqual([]);
    expect(new Set(notes.filter((note) => /^[abcd]-\d+$/.test(note))).size).toBe(notes.filter((note) => /^[abcd]-\d+$/.test(note)).length);
  } finally {
    server.stop();
  }
});

test('ten minutes without a line: taps are held, steps go on, and all of it arrives at its own time', async ({ page, context }) => {
  const server = new Server(8435, 'offline');
  await server.start();
  try {
    await page.clock.install();
    await cook(page, `${server.address}${VELOUTE}`, 'Skim it');
    await context.setOffline(true);
    await server.pass(30_000, page);
    await expect(page.locator('#line-down')).toBeVisible();
    const began = Date.now();
    const clock = await page.evaluate(() => Date.now());

    // Twenty taps, half a minute apart.
    await page.keyboard.press(' ');
    await expect(heading(page)).toHaveText('Simmer, stir every 5 min');
    await expect(page.locator('.step .does')).toContainText('on the dip-stick');
    await expect(page.locator('.digits')).toHaveText(/^(30:00|29:59)$/);
    for (let i = 1; i <= 17; i++) {
      await server.pass(30_000, page);
      await page.keyboard.press('n');
      await page.keyboard.type(`note ${i}`);
      await page.keyboard.press('Enter');
    }
    await server.pass(30_000, page);
    await page.keyboard.press(' ');
    await expect(heading(page)).toHaveText('Check the back of the spoon');
    await server.pass(30_000, page);
    await page.keyboard.press('n');
    await page.keyboard.type('still here');
    await page.keyboard.press('Enter');
    // Taking back needs no line either: one tap too many is let go before it was ever sent.
    await page.keyboard.press(' ');
    await expect(heading(page)).toHaveText('Correct it, if it needs it');
    await page.keyboard.press('u');
    await expect(heading(page)).toHaveText('Check the back of the spoon');
    await expect(page.locator('#held')).toHaveText('No line: timers run on. 20 taps held here, sent when it is back');
    expect(await held(page)).toHaveLength(20);

    await context.setOffline(false);
    await server.pass(10_000, page);
    await expect.poll(() => held(page).then((events) => events.length)).toBe(0);
    await expect(page.locator('#held')).toBeHidden();
    await expect(heading(page)).toHaveText('Check the back of the spoon');
    await takeOff(page);

    const rows = await logged(page, page.url());
    const notes = rows.filter((row) => /^(note \d+|still here)$/.test(row[1]));
    expect(notes.map((row) => row[1])).toEqual([...Array.from({ length: 17 }, (_, i) => `note ${i + 1}`), 'still here']);
    // Each has the minute at which it was tapped, give or take what the test itself took.
    const minute = ([time]) => 60 * Number(time.slice(0, 2)) + Number(time.slice(3));
    const slack = 1 + Math.ceil((Date.now() - began) / 60_000);
    const first = Math.floor(clock / 60_000) % 1440;
    notes.slice(0, 17).forEach((row, i) => {
      // The tablet goes by the server's clock, which may be a breath behind its own: that may be the minute before; and where the test's
      // clock leapt half a minute while the server was being asked the time, by half a leap more.
      const off = ((minute(row) - first - Math.floor((i + 1) / 2) + 1440 + 720) % 1440) - 720;
      expect(off).toBeGreaterThanOrEqual(-2);
      expect(off).toBeLessThanOrEqual(slack);
    });
    const simmer = rows.find((row) => row[1] === 'Simmer' && row[2] !== '');
    expect(Number(simmer[2])).toBeGreaterThanOrEqual(9);
    expect(Number(simmer[2])).toBeLessThanOrEqual(9 + slack);
  } finally {
    server.stop();
  }
});

test('a tap that is refused by a broken line is sent again, and counts once', async ({ page }) => {
  await cook(page);
  const before = Number(await page.locator('.stove').getAttribute('data-events'));
  // The server takes it, but the answer is lost on its way.
  let lost = 0;
  await page.route('**/events/batch', async (route) => {
    if (lost++ > 1) return route.continue();
    await route.fetch();
    return route.abort();
  });
  await page.keyboard.press(' ');
  await expect.poll(() => held(page).then((events) => events.length), { timeout: 120_000 }).toBe(0);
  expect(lost).toBeGreaterThan(2);
  await page.reload();
  await expect(page.locator('.stove')).toHaveAttribute('data-events', String(before + 1));
  await expect(page.locator('.stove')).toHaveAttribute('data-step', 'melt');
});

for (const [what, status] of [
  ['that the server falls over', 500],
  ['whose pot is no longer there', 404],
  ['in a body that cannot be read', 422],
]) {
  test(`a tap ${what} is set aside and shown, and holds up nobody`, async ({ page }) => {
    await cook(page, VELOUTE, 'Simmer, stir every 5 min');
    const before = Number(await page.locator('.stove').getAttribute('data-events'));
    const poisoned = (route) =>
      route.request().postData().includes('poison') ? route.fulfill({ status, body: '<h1>no</h1>' }) : route.continue();
    await page.route('**/events/batch', poisoned);
    for (const text of ['poison', 'good']) {
      await page.keyboard.press('n');
      await page.locator('#note-text').fill(text);
      await page.keyboard.press('Enter');
    }
    await page.keyboard.press('v');
    // What came after it arrives; it is kept, told on every page, and neither sent again and again nor thrown away.
    await expect.poll(() => held(page).then((events) => events.length), { timeout: 60_000 }).toBe(0);
    await expect(page.locator('#aside > summary')).toContainText('1');
    await page.reload();
    await expect(page.locator('.stove')).toHaveAttribute('data-events', String(before + 2));
    await page.goto('/log');
    await page.locator('#aside > summary').click();
    await expect(page.locator('#aside li')).toContainText('poison');
    await expectAccessible(page);
    // Repaired, it is sent again, and is where it belongs.
    await page.unroute('**/events/batch', poisoned);
    await page.locator('#aside [data-again]').click();
    await expect(page.locator('#aside')).toBeHidden();
    await page.goBack();
    await page.reload();
    await expect(page.locator('.stove')).toHaveAttribute('data-events', String(before + 3));
  });
}

// Which kinds of step are reloaded in which pot: each kind there is, once.
const WALKS = {
  espagnole: ['&amount=2&diameter=280&height=160&parts=red-wine:60', 'brown-vegetables reduce-apart warm'],
  bechamel: [
    '&amount=2&diameter=240&height=140&browned=yes&finish=liaison&milk=infused&aromatics=infused',
    'infuse brown-butter flour let-down pour simmer correct strain enrich',
  ],
  'demi-glace': ['&amount=1&diameter=280&height=160', 'set-out combine boil skim reduce test keep finish'],
  veloute: ['&amount=1&diameter=240&height=140&place=oven&colour=brown&aromatics=apart&strain=blended', 'sweat bake stir-in season blend'],
  tomato: ['&amount=1&diameter=240&height=140', 'melt colour take-out'],
  'giblet-gravy': ['&amount=1&diameter=240&height=140', 'cook-apart'],
};

for (const [sauce, [asked, kinds]] of Object.entries(WALKS)) {
  test(`a reload in the middle of each kind of step changes nothing: ${sauce}`, async ({ page }) => {
    const stove = page.locator('.stove');
    const picture = () =>
      stove.evaluate((pot) => [
        pot.dataset.step,
        pot.dataset.events,
        pot.querySelector('h1').textContent,
        pot.querySelector('[data-digits]')?.dataset.ends,
        [...pot.querySelectorAll('.tick')].map((tick) => tick.getAttribute('aria-pressed')),
      ]);
    const left = new Set(kinds.split(' '));
    await cook(page, `/compose?sauce=${sauce}${asked}`);
    const pot = new URL(page.url());
    for (let tap = 0; tap < 60; tap++) {
      // Steps between those that are looked at go by without a page being drawn of them.
      const html = await (await page.request.get(pot.href)).text();
      const [, kind] = /class="stove[^"]* kind-([\w-]+)/.exec(html);
      if (left.delete(kind)) {
        await page.reload();
        await page.locator('html[data-ready]').waitFor();
        const before = await picture();
        await page.reload();
        await page.locator('html[data-ready]').waitFor();
        expect(await picture()).toEqual(before);
      }
      if (left.size === 0 || kind === 'finish') break;
      await done(page, pot, [/data-step="([^"]+)"/.exec(html)[1]]);
    }
    expect([...left]).toEqual([]);
  });
}
