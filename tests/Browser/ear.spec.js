import { expect, test } from '@playwright/test';
import { VELOUTE, expectAccessible, expectFits, service } from './support/kitchen.js';

const heading = (page) => page.getByRole('heading', { level: 1 });
const ready = (page) => page.locator('html[data-ready]').waitFor();

test('sliders tell their value in words, and go to either end', async ({ page }) => {
  await page.goto(VELOUTE);
  await ready(page);
  const thick = page.locator('.ladder [role=slider], .marker [role=slider]').first();
  await expect(thick).toHaveAttribute('aria-valuetext', '58 grams of flour per litre');
  await thick.focus();
  await page.keyboard.press('End');
  await expect(thick).toHaveAttribute('aria-valuenow', /^1[2-6]\d$/);
  await page.keyboard.press('Home');
  await expect(thick).toHaveAttribute('aria-valuenow', /^[1-3]\d$/);
  const level = page.locator('.see [role=slider]').first();
  await expect(level).toHaveAttribute('aria-valuetext', /litres in the pan$/);
});

test('an arrow in the list of sauces only looks; Enter adds', async ({ page }) => {
  await service(page, [{ sauce: 'bechamel', covers: 24, each: 60 }]);
  await page.getByText('Add a sauce').click();
  const list = page.locator('#wishes-1-sauce');
  await list.focus();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowDown');
  await expect(list).not.toHaveValue('');
  await expect(page.locator('#answer')).not.toHaveAttribute('data-due', /./);
  await expect(page.locator('#wishes-2-sauce')).not.toBeAttached();
  await page.keyboard.press('Enter');
  await expect(page.locator('#wishes-2-sauce')).toBeAttached();
});

test('the browser’s Back closes the sheet that lies over the page first', async ({ page }) => {
  await page.goto('/log');
  await page.goto(VELOUTE);
  await ready(page);
  await page.keyboard.press('r');
  await expect(page.locator('#rescue-sheet')).toBeVisible();
  await page.goBack();
  await expect(page.locator('#rescue-sheet')).toBeHidden();
  await expect(heading(page)).toHaveText('2 litres of velouté that coats');
  await page.keyboard.press('?');
  await expect(page.locator('#keys')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.locator('#keys')).toBeHidden();
  await page.goBack();
  await expect(page).toHaveURL(/\/log$/);
});

test('a sheet that is opened the moment another closes stays open, and Back closes it', async ({ page }) => {
  // Heard before the application can keep it to itself.
  await page.addInitScript(() => window.addEventListener('popstate', () => (document.documentElement.dataset.popped = 'yes'), true));
  await page.goto('/log');
  await page.goto(VELOUTE);
  await ready(page);
  await page.keyboard.press('?');
  await expect(page.locator('#keys')).toBeVisible();
  await page.evaluate(async () => {
    const sheet = document.querySelector('#keys');
    sheet.close();
    await Promise.resolve();
    sheet.showModal();
  });
  await expect(page.locator('html[data-popped]')).toBeAttached();
  await expect(page.locator('#keys')).toBeVisible();
  await page.goBack();
  await expect(page.locator('#keys')).toBeHidden();
  await expect(heading(page)).toHaveText('2 litres of velouté that coats');
});

for (const [width, height] of [[1280, 800], [390, 844]]) {
  test(`one search, by one key, over all that has a name, at ${width} px`, async ({ page }) => {
    await page.setViewportSize({ width, height });
    await page.goto('/log');
    await ready(page);
    await page.keyboard.press('/');
    await expect(page.getByRole('searchbox')).toBeFocused();
    await page.keyboard.type('lasag');
    await expect(page.getByRole('link', { name: /Lasagne/ })).toBeVisible();
    await expectFits(page);
    await expectAccessible(page);
    await page.getByRole('searchbox').fill('mornay');
    await page.getByRole('link', { name: /Mornay/ }).first().click();
    await expect(page).toHaveURL(/\/family\/mornay/);
  });
}
