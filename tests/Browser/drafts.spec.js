import { expect, test } from '@playwright/test';
import { VELOUTE, cook, tapUntil } from './support/kitchen.js';

const heading = (page) => page.getByRole('heading', { level: 1 });
const heldCount = (page) => page.evaluate(() => JSON.parse(localStorage.getItem('lento.held') ?? '[]').length);

test('a half written note is there after a reload, and gone once it was kept', async ({ page }) => {
  await cook(page, VELOUTE, 'Simmer, stir every 5 min');
  await page.locator('summary[data-key=n]').click();
  await page.getByLabel('What to remember').fill('skin came at');
  await page.reload();
  await expect(page.getByLabel('What to remember')).toHaveValue('skin came at');
  await page.getByLabel('What to remember').fill('skin came at ten');
  await page.getByLabel('What to remember').press('Enter');
  await expect(page.locator('.events')).toContainText('skin came at ten');
  await page.reload();
  await expect(page.locator('#note-text')).toHaveValue('');
});

test('what was half written while another tablet goes on, and closes the pot, is in its note in the log', async ({ page, browser }) => {
  await cook(page, VELOUTE, 'Simmer, stir every 5 min');
  const pot = page.url();
  const tablet = await browser.newContext();
  const other = await tablet.newPage();
  await other.goto(pot);
  await other.locator('html[data-ready]').waitFor();
  await page.locator('summary[data-key=n]').click();
  await page.getByLabel('What to remember').fill('too sal');
  await tapUntil(other, 'How did it turn out?');
  // The other's steps come in; what is written here stays where it is written.
  await expect(heading(page)).toHaveText('How did it turn out?');
  await page.getByLabel('How it tastes').fill('a bit sal');
  await other.getByLabel(/How much came out/).fill('1.9');
  await other.getByText('Coats', { exact: true }).click();
  await other.getByRole('button', { name: 'Close the pot' }).click();
  await expect(other).toHaveURL(/\/log\/\d+$/);
  await expect(page).toHaveURL(/\/log\/\d+$/);
  await expect(page.getByText('Half written when the pot was closed')).toBeVisible();
  await expect(page.locator('#text')).toHaveValue(/How it tastes: a bit sal/);
  await tablet.close();
});

test('without a line a trembling finger does one step, and a step is taken back', async ({ page, context }) => {
  await cook(page, VELOUTE, 'Skim it');
  await context.setOffline(true);
  await page.evaluate(() => window.dispatchEvent(new Event('offline')));
  await page.locator('.keys .go').dblclick();
  await expect(heading(page)).toHaveText('Simmer, stir every 5 min');
  expect(await heldCount(page)).toBe(1);
  // First the tap that is held, then the one that the server has.
  await page.keyboard.press('u');
  await expect(heading(page)).toHaveText('Skim it');
  await page.keyboard.press('u');
  await expect(heading(page)).toHaveText('Bring to the boil');
  await page.keyboard.press(' ');
  await expect(heading(page)).toHaveText('Skim it');
  await context.setOffline(false);
  await page.evaluate(() => window.dispatchEvent(new Event('online')));
  await expect.poll(() => heldCount(page)).toBe(0);
  await expect(heading(page)).toHaveText('Skim it');
});

/** The taps that a page has sent and no answer came for: they wait until they are let through, or never arrive. */
async function holdUp(page) {
  let settled;
  const fate = new Promise((settle) => (settled = settle));
  await page.route('**/events/batch', async (route) => ((await fate) === 'arrives' ? route.continue() : route.abort()));
  return settled;
}

test('an answer that was on its way when the line broke does not mend it: what is taken back is the last tap', async ({ page }) => {
  await cook(page, VELOUTE, 'Skim it');
  const answer = await (await page.request.get('/pulse')).text();
  const pulses = [];
  await page.route('**/pulse', (route) => pulses.push(route));
  await page.route('**/events/batch', (route) => route.abort());
  await expect.poll(() => pulses.length, { timeout: 20_000 }).toBe(1);
  await page.evaluate(() => window.dispatchEvent(new Event('offline')));
  await page.locator('.keys .go').click();
  await expect(heading(page)).toHaveText('Simmer, stir every 5 min');
  await page.evaluate(() => document.addEventListener('lento:heard', () => (document.body.dataset.heard = 'yes')));
  await pulses[0].fulfill({ contentType: 'application/json', body: answer });
  await expect(page.locator('body')).toHaveAttribute('data-heard', 'yes');
  await expect(page.locator('#held')).toBeVisible();
  await page.keyboard.press('u');
  await expect(heading(page)).toHaveText('Skim it');
});

test('on a slow line what is taken back before its answer came is that tap, not the one before', async ({ page }) => {
  await cook(page, VELOUTE, 'Skim it');
  const letGo = await holdUp(page);
  await page.locator('.keys .go').click();
  await page.keyboard.press('u');
  await expect.poll(() => heldCount(page)).toBe(2);
  letGo('arrives');
  await expect.poll(() => heldCount(page)).toBe(0);
  await expect(heading(page)).toHaveText('Skim it');
  await expect(page.locator('#stove-wrong')).toBeHidden();
  await page.reload();
  await expect(heading(page)).toHaveText('Skim it');
});

test('what was taken back while its answer was due stays taken back when the line breaks under it', async ({ page }) => {
  await cook(page, VELOUTE, 'Skim it');
  const letGo = await holdUp(page);
  await page.locator('.keys .go').click();
  await page.keyboard.press('u');
  await expect.poll(() => heldCount(page)).toBe(2);
  await page.route('**/pulse', (route) => route.abort());
  letGo('is lost');
  await expect(page.locator('#held')).toBeVisible();
  await expect(heading(page)).toHaveText('Skim it');
  // And again: now the one that the server has.
  await page.keyboard.press('u');
  await expect(heading(page)).toHaveText('Bring to the boil');
  await page.unroute('**/events/batch');
  await page.unroute('**/pulse');
  await page.evaluate(() => window.dispatchEvent(new Event('online')));
  await expect.poll(() => heldCount(page)).toBe(0);
  await expect(heading(page)).toHaveText('Bring to the boil');
  await expect(page.locator('#stove-wrong')).toBeHidden();
  await page.reload();
  await expect(heading(page)).toHaveText('Bring to the boil');
});

test('the very first tap of a pot is taken back without a line as well', async ({ page }) => {
  await cook(page);
  await expect(page.locator('.keys .undo')).toBeDisabled();
  await page.route(/pulse|batch/, (route) => route.abort());
  await page.evaluate(() => window.dispatchEvent(new Event('offline')));
  await page.locator('.keys .go').click();
  await expect(heading(page)).toHaveText('Melt the butter');
  await page.locator('.keys .undo').click();
  await expect(heading(page)).toHaveText('Set everything out');
  expect(await heldCount(page)).toBe(0);
  await expect(page.locator('.keys .undo')).toBeDisabled();
});
