import { expect, test } from '@playwright/test';
import { expectAccessible, expectFits, service, tapUntil } from './support/kitchen.js';

const heading = (page) => page.getByRole('heading', { level: 1 });
const end = (page, name) => page.getByRole('region', { name, exact: true });

const FISH = [
  { sauce: 'aurore', liquid: 'fish-stock', covers: 40, each: 60 },
  { sauce: 'white-wine', liquid: 'fish-stock', covers: 24, each: 50 },
];

/** A service whose wishes are typed into its form. */
async function typed(page, wishes) {
  await page.goto('/family');
  await page.getByRole('button', { name: /^(New|Begin a) service$/ }).click();
  await expect(page).toHaveURL(/\/services\/\d+$/);
  await expect(page.locator('html')).toHaveAttribute('data-ready', 'yes');
  for (const [i, { sauce, liquid, covers, each }] of wishes.entries()) {
    if (i > 0) await page.getByText('Add a sauce').click();
    await page.locator(`#wishes-${i}-sauce`).selectOption(sauce);
    await expect(page.locator(`#wishes-${i + 1}-sauce`)).toBeAttached();
    await page.locator(`#wishes-${i}-covers`).fill(String(covers));
    await page.locator(`#wishes-${i}-each`).fill(String(each));
    await expect(page.locator(`.end #wishes-${i}-each[value="${each}"]`)).toBeVisible();
    if (liquid) {
      const row = page.locator(`.wish:has(#wishes-${i}-covers)`);
      await row.getByText('change').click();
      await page.locator(`#wishes-${i}-liquid`).selectOption(liquid);
      await expect(page.locator(`#wishes-${i}-liquid [selected]`)).toHaveAttribute('value', liquid);
      // What was opened stays open when the answer comes.
      await expect(page.locator(`#wishes-${i}-liquid`)).toBeVisible();
      await row.getByText('change').click();
    }
  }
}

test('from covers to litres as one types, without a button, and kept', async ({ page }) => {
  await typed(page, FISH);
  await expect(end(page, 'Aurore, tomato and butter')).toBeVisible();
  await expect(page.locator('.totals')).toContainText('3.60 l of sauce');
  await page.locator('#wishes-0-covers').fill('80');
  await expect(page.locator('.totals')).toContainText('6.00 l of sauce');
  await expect(page.locator('#wishes-0-covers')).toBeFocused();
  await expect(page.locator('.flow title').first()).toContainText('makes 4.80 l of aurore, tomato and butter');

  await page.locator('#wishes-0-covers').fill('many');
  await expect(page.getByText('Covers: write a number from 1 to 5000.')).toBeVisible();
  await expect(page.locator('#wishes-0-covers')).toHaveValue('many');
  await expect(end(page, 'White wine sauce')).toBeVisible();
  await expectAccessible(page);
  await page.locator('#wishes-0-covers').fill('20');
  await expect(page.locator('.totals')).toContainText('2.40 l of sauce');

  await page.reload();
  await expect(page.locator('#wishes-0-covers')).toHaveValue('20');
  await expectAccessible(page);
});

test('a grip moves litres from one sauce to its neighbour, by the hand and by arrow keys', async ({ page }) => {
  await service(page, FISH);
  const grip = page.getByRole('slider', { name: /Aurore, tomato and butter and White wine sauce/ });
  await expect(grip).toHaveAttribute('aria-valuenow', '2.4');
  await grip.focus();
  await page.keyboard.press('ArrowLeft');
  await expect(page.locator('#wishes-0-each')).toHaveValue('59');
  await expect(page.locator('#wishes-1-each')).toHaveValue('53');
  await expect(grip).toBeFocused();
  const box = await grip.boundingBox();
  expect(box.width).toBeGreaterThanOrEqual(48);
  await page.mouse.move(box.x + box.width / 2, box.y + 24);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 30, box.y + 24, { steps: 4 });
  await page.mouse.up();
  await expect.poll(async () => Number(await page.locator('#wishes-0-each').inputValue())).toBeGreaterThan(65);
  await expect.poll(async () => Number(await page.locator('#wishes-1-each').inputValue())).toBeLessThan(45);
  // What the two take of the base stays as it was.
  await expect(page.locator('.bases .litres').first()).toHaveText(/^2\.9[5-8] l$/);
});

test('cooked from the service by keys: base first, ladled out, to the log, and the base knows', async ({ page }) => {
  await service(page, FISH.slice(0, 1));
  const address = page.url();
  await page.locator('h1').click();
  await page.keyboard.press('1');
  await expect(heading(page)).toHaveText('Set everything out');
  await tapUntil(page, 'Serve, hold or cool it');
  await expect(page.locator('.ladles-off')).toContainText('l for aurore, tomato and butter');
  await page.goto(address);
  await expect(page.locator('html')).toHaveAttribute('data-ready', 'yes');
  await page.keyboard.press('1');
  await expect(heading(page)).toHaveText('Set out for 2.40 l');
  await expectAccessible(page);
  await page.keyboard.press(' ');
  await expect(heading(page)).toHaveText(/^Ladle in 2\.0\d l of fish velouté$/);
  await tapUntil(page, 'How did it turn out?');
  await page.getByLabel(/How much came out/).fill('2.3');
  await page.getByText('Coats', { exact: true }).click();
  await page.locator('.keys .go').click();
  await expect(page).toHaveURL(/\/log\/\d+$/);
  await expect(heading(page)).toContainText('Aurore, tomato and butter');
  await page.goto(address);
  await expect(end(page, 'Aurore, tomato and butter')).toContainText('Done at');
});

test('the family, a sauce, what a base can become, and the papers: accessible, within the page, at the desk and on the phone', async ({
  page,
}) => {
  await service(page, [...FISH, { sauce: 'allemande', covers: 20, each: 50 }, { sauce: 'hunters', covers: 30, each: 50 }]);
  const number = page.url().split('/').pop();
  const pages = [
    '/family/tree',
    '/family/hunters',
    '/family/have?base=veloute&liquid=fish-stock&litres=3&wish[aurore]=2&short[butter]=100',
    `/services/${number}`,
    `/services/${number}/pass`,
    `/services/${number}/shopping`,
    `/services/${number}/scaling`,
  ];
  for (const address of pages) {
    await page.goto(address);
    for (const [width, height] of [[1280, 800], [390, 844]]) {
      await page.setViewportSize({ width, height });
      await expectFits(page);
    }
    await expectAccessible(page);
  }
});

test('a pass sheet goes on one A5 page', async ({ page }) => {
  await service(page, [...FISH, { sauce: 'mornay', covers: 30, each: 50 }, { sauce: 'hunters', covers: 30, each: 50 }]);
  await page.getByRole('link', { name: 'Pass sheet' }).click();
  await expect(heading(page)).toContainText('Pass sheet');
  const pdf = (await page.pdf({ preferCSSPageSize: true })).toString('latin1');
  expect(pdf.match(/\/Type\s*\/Page\b/g)).toHaveLength(1);
  const [, , width, height] = pdf.match(/\/MediaBox\s*\[([^\]]+)\]/)[1].trim().split(/\s+/).map(Number);
  expect(Math.round(width)).toBeGreaterThan(410);
  expect(Math.round(width)).toBeLessThan(430);
  expect(Math.round(height)).toBeGreaterThan(590);
});

test('without JavaScript the whole form works all the same', async ({ browser }, { project }) => {
  const context = await browser.newContext({
    javaScriptEnabled: false,
    baseURL: project.use.baseURL,
    viewport: { width: 1280, height: 800 },
  });
  const page = await context.newPage();
  await page.goto('/family');
  await page.getByRole('button', { name: /^(New|Begin a) service$/ }).click();
  await page.locator('#wishes-0-covers').fill('50');
  await page.locator('#wishes-0-sauce').selectOption('mornay');
  await page.locator('#wishes-0-covers').press('Enter');
  await expect(end(page, 'Mornay, two cheeses')).toBeVisible();
  await end(page, 'Mornay, two cheeses').getByRole('button', { name: 'Start the béchamel' }).click();
  await expect(heading(page)).toHaveText('Set everything out');
  await context.close();
});
