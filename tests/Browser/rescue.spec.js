import { expect, test } from '@playwright/test';
import { cook, expectAccessible, expectFits, tapUntil } from './support/kitchen.js';

const heading = (page) => page.getByRole('heading', { level: 1 });
const ready = (page) => page.locator('html[data-ready]').waitFor();

test('from anywhere to an amount in two keys, done, and followed up', async ({ page }) => {
  await cook(page);
  await tapUntil(page, 'Simmer, stir now and then');
  const pot = page.url();
  await page.keyboard.press('r');
  await expect(heading(page)).toHaveText('What do you see?');
  await ready(page);
  await expectAccessible(page);
  await page.keyboard.press('1');
  await expect(heading(page)).toHaveText(/^Pour in \d.* hot chicken stock, whisk$/);
  await ready(page);
  await expectAccessible(page);
  await page.keyboard.press(' ');
  await expect(page).toHaveURL(pot);
  await expect(page.locator('.follow-up')).toContainText('too thick: thinned');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Worked' }).click();
  await expect(page.locator('.follow-up')).toHaveCount(0);
  await expect(page.locator('.events')).toContainText('the rescue: worked');
});

test('every trouble has its page, at the desk and on the phone, and what is lost says so', async ({ page }) => {
  await cook(page);
  const pot = new URL(page.url()).pathname.split('/').pop();
  await page.goto(`/rescue?pot=${pot}`);
  const links = await page.locator('.faults a').evaluateAll((all) => all.map((link) => link.getAttribute('href')));
  expect(links).toHaveLength(19);
  for (const [i, link] of links.entries()) {
    await page.setViewportSize(i % 2 ? { width: 390, height: 844 } : { width: 1280, height: 800 });
    await page.goto(link);
    await expect(heading(page)).not.toHaveText('');
    await expect(page.locator('.why')).toBeVisible();
    await expectFits(page);
    if (i < 2) await expectAccessible(page);
  }
  await page.goto(`/rescue/specks-burnt?pot=${pot}`);
  await expect(heading(page)).toHaveText('Throw it away and start over');
  await expect(page.getByRole('link', { name: 'A new sheet for the time that is left' })).toBeVisible();
});

test('somebody’s sauce is answered from a few taps', async ({ page }) => {
  await page.goto('/rescue');
  await page.getByLabel('It is a').selectOption('espagnole');
  await page.getByLabel('About, litres').fill('3');
  await page.getByRole('button', { name: 'What do you see?' }).click();
  await page.getByRole('link', { name: /Too thin/ }).click();
  await expect(page.locator('.leads')).toContainText('g/l');
  await page.getByRole('link', { name: 'Another way' }).click();
  await expect(page).toHaveURL(/n=1/);
  await page.goto('/rescue?sauce=veloute&amount=9999');
  await expect(page.getByText('How much: write a number from 0.1 to 200 l.')).toBeVisible();
});
