import { expect, test } from '@playwright/test';
import { VELOUTE, expectAccessible, expectFits } from './support/kitchen.js';

const heading = (page) => page.getByRole('heading', { level: 1 });
const weight = (page, name) => page.locator('.weigh', { hasText: name }).locator('.am input');

/** Drags a handle by so many pixels. */
async function drag(page, handle, dx, dy) {
  await handle.scrollIntoViewIfNeeded();
  const box = await handle.boundingBox();
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + dx, y + dy, { steps: 4 });
  await page.mouse.up();
}

test('the drawings are handles: level, ladder and balance bar, by mouse and by arrow keys', async ({ page }) => {
  await page.goto(VELOUTE);
  await page.locator('html[data-ready]').waitFor();

  const ladder = page.getByRole('slider', { name: /Thickness on the ladder/ });
  await ladder.focus();
  await page.keyboard.press('ArrowUp');
  await expect(page.getByLabel('Flour per litre, grams')).toHaveValue('59');
  await page.keyboard.press('ArrowUp');
  await expect(page.getByLabel('Flour per litre, grams')).toHaveValue('60');
  await expect(page).toHaveURL(/thickness=60/);
  await drag(page, ladder, 0, -44);
  await expect.poll(async () => Number(await page.getByLabel('Flour per litre, grams').inputValue())).toBeGreaterThan(80);

  const level = page.getByRole('slider', { name: 'Litres in the pot' });
  await drag(page, level, 0, -30);
  await expect.poll(async () => Number(await page.getByLabel('How much, litres').inputValue())).toBeGreaterThan(2.5);

  const ratio = page.getByRole('slider', { name: 'Fat to flour, by weight' });
  await ratio.focus();
  await page.keyboard.press('PageUp');
  await expect(page).toHaveURL(/ratio=1\.25/);
  await expect(page.getByLabel('Fat to flour', { exact: true })).toHaveValue('1.25');
});

test('the last number touched is the given one, and says so', async ({ page }) => {
  await page.goto(VELOUTE);
  await page.locator('html[data-ready]').waitFor();
  await expect(page.locator('.is-given')).toHaveCount(0);
  await weight(page, 'Butter').fill('6 oz');
  await expect(page.locator('.is-given')).toContainText('Butter');
  await expect(page.getByLabel('I go by')).toHaveValue('fat');
  await expect(page).toHaveURL(/given=fat.*have_fat=6.*have_fat_unit=oz/);
  // 6 oz are 170 g where 140 g made 2 l.
  await expect(page.getByLabel('How much, litres')).toHaveValue(/^2\.4[0-4]$/);
  await page.getByLabel('How much, litres').fill('3');
  await expect(page.locator('.is-given')).toHaveCount(0);
  await expect(heading(page)).toHaveText('3 litres of velouté that coats');
  await weight(page, 'Chicken stock').fill('nothing');
  await expect(page.getByText('Liquid on hand: write a number from 0.05 to 600 l.')).toBeVisible();
  await expect(weight(page, 'Chicken stock')).toHaveValue('nothing');
  await expect(page.getByText('Still the last good answer.')).toBeVisible();
});

test('a pan is measured once, and questions are asked in it from then on', async ({ page }) => {
  await page.goto('/kitchen#pans');
  await page.getByText('Another pan').click();
  const form = page.getByRole('form', { name: 'Another pan' });
  await form.getByLabel('Name').fill('Old copper');
  await form.getByLabel('Wide, mm').fill('2');
  await form.getByLabel('High, mm').fill('110');
  await form.getByRole('button', { name: 'Add' }).click();
  await expect(page.getByText('Width: write a number from 50 to 1200 mm.')).toBeVisible();
  await expect(page.getByRole('form', { name: 'Another pan' }).getByLabel('Name')).toHaveValue('Old copper');
  await expectAccessible(page);
  await page.getByRole('form', { name: 'Another pan' }).getByLabel('Wide, mm').fill('220');
  await page.getByRole('form', { name: 'Another pan' }).getByRole('button', { name: 'Add' }).click();
  await expect(page.locator('summary', { hasText: 'Old copper' })).toContainText('220 × 110 mm, holds 4.2 l');

  await page.getByRole('link', { name: /^Open.*Larder/ }).click();
  await page.getByText('Another ingredient').click();
  const own = page.getByRole('form', { name: 'Another ingredient' });
  await own.getByLabel('Own name').fill('Sunday stock');
  await own.getByLabel('Salt, %').fill('0,9');
  await own.getByLabel('Price a kg').fill('2.5');
  await own.getByRole('button', { name: 'Add' }).click();
  await expect(page.getByText('Allergens: say which are in it, or “none, checked”.')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('form', { name: 'Another ingredient' }).getByLabel('celery').check();
  await page.getByRole('form', { name: 'Another ingredient' }).getByRole('button', { name: 'Add' }).click();
  await expect(page.locator('summary', { hasText: 'Sunday stock' })).toContainText('like chicken stock, €2.50 a kg, 0.9 % salt');

  await page.goto('/compose?sauce=veloute&amount=2');
  await page.locator('html[data-ready]').waitFor();
  await page.getByLabel('Pan', { exact: true }).selectOption({ label: 'Old copper' });
  await expect(page.getByLabel('Pan, mm wide')).toHaveValue('220');
  await page.getByLabel('Liquid', { exact: true }).selectOption({ label: 'Sunday stock' });
  await expect(page.locator('[data-code=salt-past-target]')).toBeVisible();
  await expect(page.locator('.allergens').first()).toContainText('Costs €');
  await page.getByLabel('Pan, mm wide').fill('260');
  await expect(page.getByLabel('Pan', { exact: true })).toHaveValue('');
});

test('a sauce is kept with tags, found without accents, and its versions stay', async ({ page }) => {
  await page.goto(VELOUTE);
  await page.getByRole('link', { name: 'Save', exact: true }).click();
  await page.getByLabel('Name', { exact: true }).fill('Soupçon of velouté');
  await page.getByLabel('Tags, with commas between').fill('supper, pale');
  await page.getByLabel('Notes').fill('for the Thursday hake');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Kept as version 1.')).toBeVisible();
  await expectAccessible(page);

  await page.getByRole('link', { name: 'Version 1' }).click();
  await page.locator('html[data-ready]').waitFor();
  await page.getByLabel('How much, litres').fill('4');
  await expect(page).toHaveURL(/amount=4.*version=\d+/);
  await page.getByRole('link', { name: 'Save', exact: true }).click();
  await page.getByRole('button', { name: 'Save as the next version of “Soupçon of velouté”' }).click();
  await expect(page.getByText('Kept as version 2.')).toBeVisible();
  await page.getByRole('link', { name: 'Compare with the latest' }).click();
  await expect(page.getByRole('row', { name: /^Makes/ })).toContainText('≠ 4.00 l');

  await page.goto('/sauces');
  await page.getByLabel('Name, tag or note').fill('soupcon hake');
  await page.getByRole('button', { name: 'Find' }).click();
  await expect(page.locator('.kept-list > li')).toHaveCount(1);
  await expectFits(page);
  await expectAccessible(page);
  await page.getByRole('link', { name: /2 versions/ }).click();
  await page.getByRole('button', { name: 'Duplicate' }).click();
  await expect(heading(page)).toHaveText('Copy of Soupçon of velouté');
});

test('the sheet prints on one page of A4, and as a narrow slip', async ({ page }) => {
  await page.goto('/compose?sauce=espagnole&amount=3&diameter=280&height=160');
  await page.locator('html[data-ready]').waitFor();
  await page.keyboard.press('p');
  await expect(page).toHaveURL(/\/sheet\?sauce=espagnole/);
  await expect(page.getByRole('button', { name: 'Print' })).toBeVisible();
  await expectAccessible(page);
  const pages = async (size) => (await page.pdf(size)).toString('latin1').match(/\/Type\s*\/Page\b/g).length;
  expect(await pages({ format: 'A4' })).toBe(1);
  await page.getByRole('link', { name: 'Kitchen slip' }).click();
  await expect(page.locator('.paper-slip')).toBeVisible();
  await expectFits(page);
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
  expect((await page.locator('.sheet-of-paper').boundingBox()).width).toBeLessThan(300);
});

for (const address of [
  '/kitchen',
  '/sauces',
  '/assay?recipe=80+g+butter%0A80+g+flour%0A1+l+milk',
  '/compare',
  '/compose?sauce=wine-sauce&amount=2&finish=liaison',
  '/compose?sauce=demi-glace&amount=2',
  '/sheet?sauce=tomato&amount=3',
]) {
  test(`fits a phone and has nothing axe objects to: ${address.split('?')[0]} ${address.length}`, async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await page.goto(address);
    await expectFits(page);
    await expectAccessible(page);
  });
}

test('everything is reached by single keys', async ({ page }) => {
  const press = async (key) => {
    await page.locator('html[data-ready]').waitFor();
    await page.keyboard.press(key);
  };
  await page.goto(VELOUTE);
  await press('a');
  await expect(page).toHaveURL(/\/assay/);
  await press('x');
  await expect(page).toHaveURL(/\/sauces/);
  await press('g');
  await expect(page).toHaveURL(/\/kitchen/);
  await press('c');
  await expect(page).toHaveURL(/\/compose/);
  await press('m');
  await expect(page).toHaveURL(/\/compare/);
  await press('c');
  await press('v');
  await expect(page).toHaveURL(/\/sauces\/keep/);
});

test.describe('without JavaScript', () => {
  test.use({ javaScriptEnabled: false });

  test('the last number touched is given by a plain submit too', async ({ page }) => {
    await page.goto(VELOUTE);
    await weight(page, 'Chicken stock').fill('3');
    await weight(page, 'Chicken stock').press('Enter');
    await expect(page.locator('.is-given')).toContainText('Chicken stock');
    await expect(page.locator('#whole')).toContainText('Order of work');
  });
});
