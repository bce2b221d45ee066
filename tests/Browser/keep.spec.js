import { execFileSync } from 'node:child_process';
import { expect, test } from '@playwright/test';
import { VELOUTE, cook, expectAccessible, expectFits } from './support/kitchen.js';
import { Server } from './support/server.js';

const MINUTE = 60_000;

/** A vessel written down in Kitchen. */
async function vessel(page, name, sides) {
  await page.goto('/kitchen#vessels');
  const entry = page.locator('#vessels details').last();
  await entry.locator('summary').click();
  await entry.getByLabel('Name').fill(name);
  for (const [label, side] of Object.entries(sides)) await entry.getByLabel(label).fill(String(side));
  await entry.getByRole('button', { name: 'Add' }).click();
  await expect(page.locator('#vessels')).toContainText(name);
}

test('from the pot over two trays and a probe to a label and, the day after, to a derivative', async ({ browser }) => {
  test.setTimeout(6 * MINUTE);
  // A session lives by the real clock: this one for as long as the clock is moved here.
  const server = new Server(8449, 'keep', { LENTO_SESSION_MINUTES: '100000' });
  await server.start();
  const context = await browser.newContext({ baseURL: server.address, viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  try {
    await vessel(page, 'round tub', { 'Long or across, mm': 200, 'High, mm': 200 });
    await vessel(page, 'full tray', { 'Long or across, mm': 530, 'Wide, mm': 325, 'High, mm': 65, 'How many': 4 });
    await page.goto('/kitchen#devices');
    await page.locator('#devices summary').last().click();
    await page.locator('#devices details').last().getByLabel('Name').fill('Blue');
    await page.locator('#devices').getByRole('button', { name: 'Add' }).click();
    const token = await page.locator('#devices .token code').textContent();

    await cook(page, VELOUTE, 'Serve, hold or cool it');
    await page.getByRole('link', { name: 'Put it away' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Put Chicken velouté away');
    // Deep in a tub it would be late: that is said before anything is poured, and what would do.
    await page.getByLabel('Into').first().selectOption({ label: 'round tub' });
    await expect(page.locator('.verdict').first()).toContainText('Will not be cold in time');
    await expectAccessible(page);
    await page.locator('.instead a').first().click();
    await expect(page.locator('.verdict').first()).toContainText('Should be cold in time');
    await page.getByLabel('How many').first().fill('2');
    await expect(page.locator('.drawn').first()).toContainText('each, ');
    await expect(page.locator('.drawn svg')).toHaveCount(2);
    await page.getByRole('button', { name: 'Put it in' }).click();

    await expect(page).toHaveURL(/\/keep\/tubs\/\d+$/);
    await expect(page.locator('.tub-row')).toHaveCount(2);
    await expect(page.locator('.cooling')).toBeVisible();
    await expectAccessible(page);
    const tub = page.url().match(/\d+$/)[0];

    // What ansecond tablet says of it comes in by itself, and what is being typed here stays.
    await page.locator('.probe-pad input:not([type=hidden])').first().fill('5');
    const second = await context.newPage();
    await second.goto(page.url());
    await second.locator('html[data-ready]').waitFor();
    await second.locator('.tub-more > summary').click();
    await second.locator('.tub-more summary', { hasText: 'Note' }).click();
    await second.getByLabel('What to remember').fill('stands on the upper shelf');
    await second.locator('.tub-more').getByRole('button', { name: 'Note' }).click();
    await expect(second.locator('.said')).toContainText('upper shelf');
    await second.close();
    await expect(page.locator('.said')).toContainText('upper shelf');
    await expect(page.locator('.probe-pad input:not([type=hidden])').first()).toHaveValue('5');
    await page.locator('.probe-pad input:not([type=hidden])').first().fill('');

    // Forty minutes of a probe that stands in it; the other tray is read by hand, on the pad.
    await server.pass(40 * MINUTE);
    const stand = (past) =>
      execFileSync('php', [
        ...['-d', 'pcov.enabled=0', 'artisan', 'lento:device', 'probe', '--token', token, '--container', tub],
        ...['--past', '--every', String(past), '--url', server.address],
      ], {
        env: {
          ...process.env,
          APP_ENV: 'testing',
          DB_DATABASE: `${process.cwd()}/${server.database}`,
          LENTO_TEST_CLOCK: `${process.cwd()}/${server.database}-clock`,
        },
      });
    stand(300);
    await page.goto(`/keep/tubs/${tub}`);
    await expect(page.locator('.cooling circle').first()).toBeVisible();
    await page.locator('.said-fold summary').click();
    await expect(page.locator('.said')).toContainText('by probe');

    await page.locator('.tub-row a').nth(1).click();
    const other = page.url().match(/\d+$/)[0] === tub ? page.locator('.tub-row a').first() : page.locator('.tub-row.chosen a');
    await other.click();
    await page.getByRole('button', { name: '7', exact: true }).click();
    await page.getByRole('button', { name: '.', exact: true }).click();
    await page.getByRole('button', { name: '2', exact: true }).click();
    await expect(page.getByLabel('Probe now, °C')).toHaveValue('7.2');
    await page.getByRole('button', { name: 'Log it' }).click();
    await expect(page.locator('.tub-row.chosen')).toContainText('7°');

    await server.pass(45 * MINUTE);
    stand(600);
    await page.goto(`/keep/tubs/${tub}`);
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Chicken velouté is kept');
    await page.locator('.label-beside .label').click();
    await expect(page.locator('.labels .label')).toHaveCount(1);
    await expect(page.locator('.labels .label')).toContainText('1 of 2');
    await expectAccessible(page);

    // The day after.
    await server.pass(20 * 60 * MINUTE);
    await page.goto(`/keep/tubs/${tub}`);
    await page.getByRole('link', { name: 'Make something of it' }).click();
    await page.locator('#sauce').selectOption('supreme');
    await page.locator('#litres').fill('0.4');
    await expect(page.locator('.facts')).toContainText('0.40 l');
    await page.getByRole('button', { name: /^Start the/ }).click();
    await expect(page).toHaveURL(/\/pots\/\d+$/);
    await page.goto(`/keep/tubs/${tub}`);
    await page.locator('.said-fold summary').click();
    await expect(page.locator('.said')).toContainText('taken for');
    await page.goto('/keep/record');
    await expect(page.locator('.record')).toContainText('taken for');
  } finally {
    await context.close();
    server.stop();
  }
});

const [DESK, PHONE] = [{ width: 1280, height: 800 }, { width: 390, height: 844 }];

test('a shelf, what cools late, the record, labels and waste: accessible, and within the page, at the desk and on the phone', async ({
  browser,
}) => {
  const server = new Server(8450, 'shelf');
  await server.start('seeded');
  const context = await browser.newContext({ baseURL: server.address, viewport: DESK });
  const page = await context.newPage();
  const fits = async () => {
    for (const size of [DESK, PHONE]) {
      await page.setViewportSize(size);
      await expectFits(page);
    }
    await expectAccessible(page);
  };
  try {
    await page.goto('/keep');
    await expect(page.locator('.tub-row').first()).toContainText('late');
    await expectAccessible(page);
    const addresses = await page.locator('.tub-row a').evaluateAll((all) => all.map((one) => new URL(one.href).pathname));
    const yesterday = new Date(Date.now() - 24 * 60 * MINUTE).toISOString().slice(0, 10);
    for (const address of [
      '/keep',
      ...addresses.slice(1),
      `/keep/record?day=${yesterday}`,
      '/keep/waste',
      '/keep/labels?tubs=1,2,3',
      '/pots/2/keep',
    ]) {
      await page.goto(address);
      await page.locator('html[data-ready]').waitFor();
      await fits();
    }
    // All that can be done with it, open.
    await page.goto('/keep');
    await page.locator('.tub-more > summary').click();
    for (const act of await page.locator('.tub-act > summary').all()) {
      await act.click();
      await fits();
    }
    // What was wrong stands at its field, and what was typed is still there.
    await page.goto('/keep');
    await page.getByLabel('Probe now, °C').fill('warm');
    await page.getByRole('button', { name: 'Log it' }).click();
    await expect(page.locator('#celsius-error')).toContainText('Probe: write a number from -30 to 105 °C.');
    await expect(page.getByLabel('Probe now, °C')).toHaveValue('warm');
  } finally {
    await context.close();
    server.stop();
  }
});

test('bare shelves say what they are for, and are reached by one key', async ({ page }) => {
  await page.goto('/keep');
  await expect(page.getByText('Nothing kept, nothing cooling.')).toBeVisible();
  await expectAccessible(page);
  await page.keyboard.press('c');
  await expect(page).toHaveURL(/\/compose/);
  await page.locator('html[data-ready]').waitFor();
  await page.keyboard.press('k');
  await expect(page).toHaveURL(/\/keep$/);
});
