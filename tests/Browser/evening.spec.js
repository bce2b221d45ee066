import { expect, test } from '@playwright/test';
import { expectAccessible, service } from './support/kitchen.js';
import { Server } from './support/server.js';

const MINUTE = 60_000;
// What goes on by itself: whoever is at the pot leaves it.
const LEFT_ALONE = ['simmer', 'infuse', 'let-down', 'bake'];

const minutes = (clock) => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3, 5));

/** One thing after another at a pot, until it is left alone, stands ready, or is in the log. */
async function seenTo(page, server, overrun) {
  for (let tap = 0; tap < 30; tap++) {
    const stove = page.locator('.stove');
    const kind = await stove.evaluate((one) => one.className.match(/kind-([\w-]+)/)[1]);
    const ends = await page.locator('.digits[data-ends]').evaluateAll((all) => all.map((one) => Number(one.dataset.ends)));
    const left = ends.length === 0 ? 0 : ends[0] - (await page.evaluate(() => Date.now()));
    if (LEFT_ALONE.includes(kind) && left > 2 * MINUTE) return;
    // Hands take their time.
    await server.pass(Math.max(left, MINUTE) + (kind === 'pour' ? overrun() : 0), page);
    if (kind === 'keep') {
      if ((await page.locator('.ladles-off').count()) > 0) return;
      await tapped(page, '1');
      await tapped(page, ' ');
    } else if (kind === 'test') {
      await tapped(page, '4');
      await tapped(page, ' ');
    } else if (kind === 'finish') {
      await page.getByLabel(/How much came out/).fill('1.2');
      await page.getByText('Coats', { exact: true }).click();
      await page.locator('.keys .go').click();
      await expect(page).toHaveURL(/\/log\/\d+$/);
      return;
    } else {
      await tapped(page, ' ');
    }
  }
  throw new Error('a pot that never ends');
}

async function tapped(page, key) {
  const events = await page.locator('.stove').getAttribute('data-events');
  await page.keyboard.press(key);
  await expect(page.locator('.stove')).not.toHaveAttribute('data-events', events);
}

test('an evening from score to served, an overrun and a ring that fails on the way, by a moved clock', async ({ browser }) => {
  test.setTimeout(8 * MINUTE);
  const server = new Server(8448, 'evening');
  await server.start();
  const context = await browser.newContext({ baseURL: server.address, viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  try {
    await page.clock.install();
    await service(page, [{ sauce: 'mornay', covers: 24, each: 50 }, { sauce: 'onion-gravy', covers: 24, each: 40 }]);
    const score = `${page.url()}/score`;
    const open = async () => {
      await page.goto(score);
      await page.locator('html[data-ready]').waitFor();
    };
    const clock = async () => minutes(await page.locator('.band .clock').textContent());
    // Two hours and a half before a serving at a round time that comes soon: a session lives for half a day by a clock nobody moves.
    const started = await clock();
    const start = [5, 10, 15, 20, 29].map((hour) => hour * 60).find((at) => at > started);
    const served = `${String((Math.floor(start / 60) % 24) + 2).padStart(2, '0')}:30`;
    await page.locator('details.about > summary').click();
    await page.locator('#service-at').fill(served);
    await page.locator('#service-at').blur();
    await expect(page.locator('details.about > summary')).toContainText(served);
    await server.pass((start - started) * MINUTE, page);
    await open();
    await expect(page.getByText('rounds to go')).toHaveCount(0, { timeout: 60_000 });
    await expect(page.locator('.totals')).toContainText(`served by ${served}`);

    let [late, said, failed] = [20 * MINUTE, false, false];
    const overrun = () => {
      const now = late;
      late = 0;
      return now;
    };
    for (let round = 0; round < 80; round++) {
      await open();
      if ((await page.locator('.score-after').count()) > 0) break;
      if ((await page.locator('.score-moves form').count()) > 0) {
        said ||= (await page.locator('.score-moves li').count()) > 0;
        await page.locator('.score-moves .btn-primary').click();
        await expect(page.locator('.score-moves')).toHaveCount(0);
      }
      if (late === 0 && !failed) {
        failed = true;
        await page.getByText('Somebody goes, a ring fails').click();
        await page.getByLabel('Who, or which').selectOption({ label: 'Hob 2' });
        await page.getByRole('button', { name: 'Say so' }).click();
        await expect(page.locator('.score-said')).toContainText('Hob 2 out from');
        await expectAccessible(page);
        continue;
      }
      const rows = await page.locator('.score-next > div').evaluateAll((all) =>
        all.map((one, place) => ({ place, at: one.querySelector('.at').textContent, sauce: one.dataset.sauce })),
      );
      expect(rows.length).toBeGreaterThan(0);
      const [next] = rows.sort((a, b) => a.at.localeCompare(b.at));
      await server.pass(Math.max(0, minutes(next.at) - (await clock())) * MINUTE, page);
      const row = page.locator('.score-next > div').nth(next.place);
      if ((await row.locator('button').count()) > 0) {
        await row.locator('button').click();
      } else {
        await page.locator('.rail .ticket').filter({ hasText: next.sauce }).first().click();
      }
      await expect(page).toHaveURL(/\/pots\/\d+$/);
      await page.locator('html[data-ready]').waitFor();
      await seenTo(page, server, overrun);
    }
    expect([said, failed]).toEqual([true, true]);
    await expect(page.getByRole('heading', { name: 'How it went' })).toBeVisible();
    await expect(page.locator('.score-after')).toContainText('Mornay, two cheeses');
    await expect(page.locator('.score-after')).toContainText('Took longer');
    await expectAccessible(page);
  } finally {
    await context.close();
    server.stop();
  }
});
