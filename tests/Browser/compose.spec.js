import { expect, test } from '@playwright/test';
import { VELOUTE, expectAccessible, expectFits } from './support/kitchen.js';

const grams = (page, name) => page.locator('.weigh', { hasText: name }).locator('.am input');

test('a changed number changes the sheet without a button, and the address with it', async ({ page }) => {
  await page.goto(VELOUTE);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('2 litres of velouté that coats');
  await expect(grams(page, 'Flour')).toHaveValue('139');

  await page.getByLabel('How much, litres').fill('4');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('4 litres of velouté that coats');
  await expect(grams(page, 'Flour')).toHaveValue('280');
  await expect(page).toHaveURL(/amount=4/);
  await expect(page.getByLabel('How much, litres')).toBeFocused();

  await page.getByText('Gratin', { exact: true }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('4 litres of velouté that masks');
  await expect(page).toHaveURL(/thickness=gratin/);

  await page.goBack();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('4 litres of velouté that coats');
  await page.goBack();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('2 litres of velouté that coats');
  await page.goForward();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('4 litres of velouté that coats');

  await page.reload();
  await expect(page.getByLabel('How much, litres')).toHaveValue('4');
});

test('a wrong number keeps the last good sheet, with the reason at its field', async ({ page }) => {
  await page.goto(VELOUTE);
  const amount = page.getByLabel('How much, litres');
  await amount.fill('0');
  await expect(page.getByText('How much: write a number from 0.1 to 200 l.')).toBeVisible();
  await expect(amount).toHaveAttribute('aria-invalid', 'true');
  await expect(amount).toHaveValue('0');
  await expect(grams(page, 'Flour')).toHaveValue('139');
  await expect(page.getByText('Still the last good answer.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Cook it' })).toHaveCount(0);
  await expectAccessible(page);

  await amount.fill('0.2');
  await expect(page.getByText(/0\.45 l to 5\.0 l simmer well in a 24 cm pan/)).toBeVisible();

  await amount.fill('3');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('3 litres of velouté that coats');
  await expect(page.getByRole('button', { name: 'Cook it' })).toBeVisible();
});

test('plus and minus, covers, another sauce, a pan too small', async ({ page }) => {
  await page.goto(VELOUTE);
  await page.getByRole('button', { name: 'More' }).click();
  await expect(page.getByLabel('How much, litres')).toHaveValue('2.5');
  await page.getByRole('button', { name: 'Less' }).click();
  await expect(page.getByLabel('How much, litres')).toHaveValue('2');

  await page.getByLabel('I go by').selectOption('covers');
  await page.getByLabel('covers', { exact: true }).fill('72');
  await page.getByLabel('ml each').fill('50');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('3.6 litres of velouté that coats');

  await page.getByLabel('Sauce', { exact: true }).selectOption('espagnole');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('3.6 litres of espagnole that glazes');
  await expect(grams(page, 'Clarified butter')).toBeVisible();

  await page.getByLabel('Pan, mm wide').fill('180');
  await expect(page.locator('[data-code=pan-overflows]')).toContainText(/At most [\d.]+ l fits/);
});

for (const [width, height] of [[1280, 800], [390, 844]]) {
  test(`has nothing axe objects to at ${width} x ${height}, by day and by night`, async ({ page }) => {
    await page.setViewportSize({ width, height });
    for (const address of [
      VELOUTE,
      '/compose?sauce=espagnole&amount=3&diameter=240&height=120',
      '/compose?sauce=bechamel&given=covers&covers=72&each=55&thickness=gratin&diameter=280&height=90',
    ]) {
      await page.goto(address);
      await expectFits(page);
      await expectAccessible(page);
    }
    if (width < 800) await page.locator('label[for=ask-open]').click();
    await page.getByRole('button', { name: 'Night line' }).click();
    await expect(page.locator('html')).toHaveAttribute('data-bs-theme', 'night');
    await expectAccessible(page);
  });
}

test.describe('without JavaScript', () => {
  test.use({ javaScriptEnabled: false });

  test('a plain submit works out the sheet, and Cook it starts the pot', async ({ page }) => {
    await page.goto(VELOUTE);
    await page.getByLabel('How much, litres').fill('3');
    await page.getByLabel('How much, litres').press('Enter');
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('3 litres of velouté that coats');
    await page.getByRole('button', { name: 'Cook it' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Set everything out');
    await page.locator('.keys .go').click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Melt the butter');
  });
});

test('every button is wide and tall enough for a wet thumb on the phone', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/compose');
  await page.locator('label[for=ask-open]').click();
  const small = () =>
    page
      .locator('main button:visible, main select:visible, main .ladder label:visible')
      .evaluateAll((targets) => targets.filter((t) => t.offsetWidth < 48 || t.offsetHeight < 48).map((t) => t.outerHTML.slice(0, 80)));
  await expect(page.getByRole('button', { name: 'more' })).toHaveCSS('border-top-width', '2px');
  expect(await small()).toEqual([]);
});
