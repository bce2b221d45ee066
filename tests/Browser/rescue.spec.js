import { expect, test } from '@playwright/test';
import { VELOUTE, cook, expectAccessible, expectFits } from './support/kitchen.js';

const heading = (page) => page.getByRole('heading', { level: 1 });
const title = (sheet) => sheet.locator('h1');

test('from anywhere to an amount in two keys, done, and followed up', async ({ page }) => {
  await cook(page, VELOUTE, 'Simmer, stir every 5 min');
  const pot = page.url();
  // It lies over the page: the rail stays in sight, and Esc is enough to be back.
  const sheet = page.getByRole('dialog', { name: 'Rescue' });
  await page.keyboard.press('r');
  await expect(title(sheet)).toHaveText('What do you see?');
  await expect(page.locator('.rail [data-pot]').first()).toBeInViewport();
  expect((await sheet.boundingBox()).y).toBeGreaterThanOrEqual(
    (await page.locator('.rail').boundingBox()).y + (await page.locator('.rail').boundingBox()).height - 1,
  );
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await expect(sheet).toBeHidden();
  await page.keyboard.press('r');
  await expect(title(sheet)).toHaveText('What do you see?');
  await page.keyboard.press('1');
  await expect(title(sheet)).toHaveText(/^Pour in \d.* hot chicken stock, whisk$/);
  await expectAccessible(page);
  // With the title in focus, a free space is the sheet's own big key.
  await page.keyboard.press(' ');
  await expect(sheet).toBeHidden();
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
  expect(links).toHaveLength(27);
  for (const [i, link] of links.entries()) {
    await page.setViewportSize(i % 2 ? { width: 390, height: 844 } : { width: 1280, height: 800 });
    await page.goto(link);
    await expect(heading(page)).not.toHaveText('');
    await expect(page.locator('.why')).toBeVisible();
    await expectFits(page);
    if (i < 2) await expectAccessible(page);
  }
  await page.goto(`/rescue/specks-burnt?pot=${pot}`);
  await expect(heading(page)).toHaveText('Throw it away and start again');
  await expect(page.getByRole('link', { name: 'A new sheet for the time that is left' })).toBeVisible();
});

test('somebody’s sauce is answered from a few taps', async ({ page }) => {
  await page.goto('/rescue');
  await page.getByLabel('It is a').selectOption('espagnole');
  await page.getByLabel('About, litres').fill('3');
  await page.getByRole('button', { name: 'What do you see?' }).click();
  await page.getByRole('link', { name: /Too thin/ }).click();
  await expect(page.locator('.leads:not(.half)')).toContainText('g/l');
  await page.getByRole('link', { name: 'Another way' }).click();
  await expect(page).toHaveURL(/n=1/);
  await page.goto('/rescue?sauce=veloute&amount=9999');
  await expect(page.getByText('How much: write a number from 0.1 to 200 l.')).toBeVisible();
});

test('the sheet opens at a stove key, asks which pot from elsewhere, and fits a phone', async ({ page }) => {
  await cook(page, VELOUTE, 'Simmer, stir every 5 min');
  const sheet = page.getByRole('dialog', { name: 'Rescue' });
  await page.getByRole('link', { name: 'Lumps' }).click();
  await expect(title(sheet)).not.toHaveText('What do you see?');
  await page.getByRole('button', { name: 'Close' }).click();
  await expect(sheet).toBeHidden();

  await page.goto('/compose');
  await page.setViewportSize({ width: 390, height: 844 });
  await page.locator('html[data-ready]').waitFor();
  await page.getByRole('link', { name: 'Rescue' }).click();
  await expect(title(sheet)).toHaveText('Which pot?');
  await expectFits(page);
  await expectAccessible(page);
  await sheet.getByLabel('It is a').selectOption('espagnole');
  await sheet.getByLabel('About, litres').fill('9999');
  await sheet.getByRole('button', { name: 'What do you see?' }).click();
  await expect(sheet.getByText('How much: write a number from 0.1 to 200 l.')).toBeVisible();
  await sheet.getByLabel('About, litres').fill('3');
  await sheet.getByRole('button', { name: 'What do you see?' }).click();
  await sheet.getByRole('link', { name: /Too salty/ }).click();
  await expect(title(sheet)).not.toHaveText('');
  await expect(page).toHaveURL(/\/compose/);
});

test('a short page begins right under the rail, at the desk and on the phone', async ({ page }) => {
  for (const viewport of [{ width: 1280, height: 800 }, { width: 390, height: 844 }]) {
    await page.setViewportSize(viewport);
    for (const address of ['/assay', '/rescue']) {
      await page.goto(address);
      const [rail, main] = [await page.locator('.rail').boundingBox(), await page.locator('main').boundingBox()];
      expect(main.y - (rail.y + rail.height)).toBeLessThan(12);
    }
  }
});
