import { spawn } from 'node:child_process';
import { expect, test } from '@playwright/test';
import { VELOUTE, cook, expectAccessible, tapUntil } from './support/kitchen.js';

const ends = (page) => page.locator('.digits').getAttribute('data-ends');

/** Seconds on the big timer, as a cook reads them. */
async function shown(page) {
  const text = await page.locator('.digits').textContent();
  const [minutes, seconds] = text.replace('+', '').split(':').map(Number);
  return 60 * minutes + seconds;
}

test('a reload and another tablet show the same step and the right remaining time', async ({ page, browser }) => {
  await cook(page);
  await tapUntil(page, 'Simmer, stir now and then');
  const end = await ends(page);
  await expect(page.locator('.digits')).toHaveText(/^(30:00|29:\d\d)$/);

  await page.reload();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Simmer, stir now and then');
  expect(await ends(page)).toBe(end);

  const tablet = await (await browser.newContext()).newPage();
  await tablet.goto(page.url());
  await expect(tablet.getByRole('heading', { level: 1 })).toHaveText('Simmer, stir now and then');
  expect(await ends(tablet)).toBe(end);
  expect(Math.abs((await shown(tablet)) - (Number(end) - Date.now()) / 1000)).toBeLessThan(5);

  // The other tablet goes on; a late tap here neither skips a step nor fails.
  await tapUntil(tablet, 'Dip a spoon, draw a line');
  await page.locator('.keys .go').click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Dip a spoon, draw a line');
  await tablet.context().close();
});

test('the timer counts by the page’s clock, runs over and takes a minute more', async ({ page }) => {
  await page.clock.install();
  await cook(page);
  await tapUntil(page, 'Simmer, stir now and then');
  const before = await shown(page);
  await page.clock.fastForward('10:00');
  await expect.poll(() => shown(page)).toBeLessThanOrEqual(before - 600);
  await page.clock.fastForward('21:00');
  await expect(page.locator('.digits')).toHaveText(/^\+\d/);
  await expect(page.locator('.ticket.over').first()).toBeVisible();
  const end = Number(await ends(page));
  await page.getByRole('button', { name: '+1 min' }).click();
  await expect.poll(() => ends(page).then(Number)).toBe(end + 60_000);
});

test('pours are ticked off one by one, and can be taken back', async ({ page }) => {
  await cook(page);
  await tapUntil(page, 'Pour, and whisk smooth');
  await expect(page.locator('.tick[aria-pressed=true]')).toHaveCount(0);
  await page.getByRole('button', { name: 'Poured 0.34 l' }).click();
  await expect(page.locator('.tick[aria-pressed=true]')).toHaveCount(1);
  await page.locator('.tick').nth(1).click();
  await expect(page.locator('.tick[aria-pressed=true]')).toHaveCount(2);
  await page.locator('.tick').nth(0).click();
  await expect(page.locator('.tick[aria-pressed=true]')).toHaveCount(1);
  await expect(page.getByRole('button', { name: 'Poured 0.34 l' })).toBeVisible();
  await expectAccessible(page);
});

test('a pot started by mistake is taken off, and says so in the log', async ({ page }) => {
  await cook(page);
  await page.getByText('Take it off').click();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Yes, off unfinished' }).click();
  await expect(page).toHaveURL(/\/log\/\d+$/);
  await expect(page.getByText('taken off unfinished')).toBeVisible();
  await expectAccessible(page);
});

test('what came out is refused at its field, and nothing typed is lost', async ({ page }) => {
  await cook(page);
  await tapUntil(page, 'What came out?');
  await page.getByLabel(/Litres that came out/).fill('9999');
  await page.getByLabel('How it tastes').fill('fine');
  await page.getByRole('button', { name: 'Close the pot' }).click();
  await expect(page.getByText('Volume: write a number from 0.01 to 300 l.')).toBeVisible();
  await expect(page.getByText('Spoon test: missing.')).toBeVisible();
  await expect(page.getByLabel(/Litres that came out/)).toHaveValue('9999');
  await expect(page.getByLabel('How it tastes')).toHaveValue('fine');
  await expectAccessible(page);
});

test('a server that is killed and started again shows the same pot', async ({ page }) => {
  const port = 8434;
  const start = (fresh) => spawn('bash', ['tests/Browser/serve.sh', String(port), 'build/killed.sqlite', fresh], { detached: true, stdio: 'ignore' });
  const up = async () => expect.poll(async () => (await fetch(`http://127.0.0.1:${port}/up`).catch(() => ({ ok: false }))).ok, { timeout: 120_000 }).toBe(true);
  const kill = async (server) => {
    process.kill(-server.pid, 'SIGKILL');
    await expect.poll(async () => (await fetch(`http://127.0.0.1:${port}/up`).catch(() => ({ ok: false }))).ok, { timeout: 120_000 }).toBe(false);
  };

  let server = start('fresh');
  try {
    await up();
    await cook(page, `http://127.0.0.1:${port}${VELOUTE}`);
    await tapUntil(page, 'Simmer, stir now and then');
    const end = await ends(page);
    await kill(server);
    server = start('');
    await up();
    await page.reload();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Simmer, stir now and then');
    expect(await ends(page)).toBe(end);
  } finally {
    process.kill(-server.pid, 'SIGKILL');
  }
});
