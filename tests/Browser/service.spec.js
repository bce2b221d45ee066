import { execFileSync } from 'node:child_process';
import { expect, test } from '@playwright/test';
import { cook } from './support/kitchen.js';
import { Server } from './support/server.js';

const heading = (page) => page.getByRole('heading', { level: 1 });
const SECOND = 1000;

/** What the core says of the same question, by its own command. */
function composed(request) {
  return JSON.parse(execFileSync('php', ['artisan', 'lento:compose', '-', '--json'], { input: JSON.stringify(request), encoding: 'utf8' }));
}

test('two pots side by side, at sixty times their speed, by keys alone, to the log', async ({ page }) => {
  test.setTimeout(8 * 60_000);
  const server = new Server(8436, 'service');
  await server.start();
  try {
    await page.clock.install();
    const veloute = {
      sauce: 'veloute',
      liquid: 'chicken-stock',
      yield: { amount: 2, unit: 'l' },
      pan: { diameter_mm: 240, height_mm: 140 },
      simmer: { minutes: 30, level: 'simmer' },
    };
    const gravy = { sauce: 'milk-gravy', yield: { amount: 1, unit: 'l' }, pan: { diameter_mm: 200, height_mm: 110 } };
    const asked = { veloute: composed(veloute), gravy: composed(gravy) };

    await cook(
      page,
      `${server.address}/compose?sauce=veloute&liquid=chicken-stock&amount=2&diameter=240&height=140&minutes=30&level=simmer`,
    );
    const first = page.url();
    await cook(page, `${server.address}/compose?sauce=milk-gravy&amount=1&diameter=200&height=110`);
    const second = page.url();
    const press = async (key) => {
      const events = await page.locator('.stove').getAttribute('data-events');
      await page.keyboard.press(key);
      await expect(page.locator('.stove')).not.toHaveAttribute('data-events', events);
    };
    const other = async () => {
      const pot = await page.locator('.stove').getAttribute('data-pot');
      await page.keyboard.press(']');
      await expect(page.locator(`.stove[data-pot="${pot}"]`)).toHaveCount(0);
      await page.locator('html[data-ready]').waitFor();
    };
    const done = { [first]: false, [second]: false };
    // When the simmer of each was begun and ended, by the clock that the test moves.
    const simmered = { [first]: [], [second]: [] };

    for (let round = 0; round < 400 && !(done[first] && done[second]); round++) {
      // A minute of the kitchen for each second of a cook who looks from pot to pot.
      await server.pass(60 * SECOND, page);
      const here = page.url();
      const kind = await page.locator('.stove').evaluate((stove) => stove.className.match(/kind-([\w-]+)/)[1]);
      const left = await page
        .locator('.digits')
        .evaluateAll((digits, now) => digits.map((one) => Number(one.dataset.ends) - now), await page.evaluate(() => Date.now()));
      if (kind === 'test') {
        await press(here === first ? '4' : '5');
        await expect(page.locator('.verdict')).toContainText(here === first ? 'Coating' : 'Gratin');
        await press(' ');
      } else if (kind === 'season') {
        await press('1');
        for (let helping = 0; helping < 3 && (await page.locator('.stove.kind-season').count()) > 0; helping++) await press(' ');
      } else if (kind === 'keep') {
        await press(here === first ? '2' : '1');
        await press(' ');
      } else if (kind === 'finish') {
        await page.getByLabel(/How much came out/).focus();
        await page.keyboard.type(here === first ? '1.98' : '1.01');
        for (const key of ['Tab', 'Tab', 'Space', 'ArrowRight', 'ArrowRight', 'ArrowRight', ...(here === first ? [] : ['ArrowRight'])])
          await page.keyboard.press(key);
        await page.keyboard.press('Enter');
        await expect(page).toHaveURL(/\/log\/\d+$/);
        done[here] = true;
        if (done[first] && done[second]) break;
        await page.goto(here === first ? second : first);
        await page.locator('html[data-ready]').waitFor();
      } else if (left.length > 0 && left[0] > 30 * SECOND) {
        // Nothing to do here but the visits that are due; then over to the other pot.
        while ((await page.locator('.tend.over').count()) > 0)
          await press(await page.locator('.tend.over').first().getAttribute('data-key'));
        if (!Object.values(done).includes(true)) await other();
      } else {
        await press(' ');
        const next = page.locator('.stove');
        if (kind === 'simmer' || (await next.getAttribute('class')).includes('kind-simmer'))
          simmered[here].push(await page.evaluate(() => Date.now()));
      }
    }
    expect(done).toEqual({ [first]: true, [second]: true });

    for (const [address, wanted, litres, word] of [[first, asked.veloute, '1.98', 'coats'], [second, asked.gravy, '1.01', 'masks']]) {
      await page.goto(address);
      await expect(page).toHaveURL(/\/log\/\d+$/);
      await expect(page.getByText(`${litres} l, ${word}`).first()).toBeVisible();
      const { low, likely, high } = wanted.outlook.effective_flour_g_per_l;
      const against = await page.locator('.against').textContent();
      const said = against.match(/(\d+) g\/l \((\d+)–(\d+)\).*?(\d+) mm deep/).slice(1).map(Number);
      // Half a gram either way is the rounding of the page.
      [likely, low, high, wanted.pan.end_depth_mm].forEach((number, i) => expect(Math.abs(said[i] - number)).toBeLessThanOrEqual(0.55));
      // Each step took what the clock that the test moved says, to the minute.
      const rows = await page
        .locator('table.rows tbody tr')
        .evaluateAll((all) => all.map((row) => [...row.cells].map((cell) => cell.textContent.trim())));
      const simmer = rows.find((row) => row[1] === 'Simmer' && row[2] !== '');
      const planned = wanted.steps.find((step) => step.kind === 'simmer').minutes;
      const [began, ended] = simmered[address];
      expect(Number(simmer[2])).toBeGreaterThanOrEqual(Math.floor(planned) - 1);
      // Shown are whole minutes. Where the clock leaps while a tablet asks what time it is, it goes half a leap wrong until it asks again:
      // at the beginning, at the end, or at both.
      const [rounded, leap] = [0.5, 0.5];
      expect(Math.abs(Number(simmer[2]) - (ended - began) / (60 * SECOND))).toBeLessThanOrEqual(rounded + 2 * leap + 0.1);
      expect(rows.filter((row) => row[1] === `spoon: ${word}`)).toHaveLength(1);
    }
    await expect(heading(page)).toContainText('gravy');
  } finally {
    server.stop();
  }
});
