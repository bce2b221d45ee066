import { expect, test } from '@playwright/test';
import { STEPS, VELOUTE, expectAccessible, expectFits, tapUntil } from './support/kitchen.js';

// Each begins a pot of its own: the last of all, they are shared out one by one.
test.describe.configure({ mode: 'parallel' });

for (const [width, height] of [[1280, 800], [390, 844]]) {
  test(`from the question to the log, by mouse at ${width} x ${height}`, async ({ page }) => {
    await page.setViewportSize({ width, height });
    await page.goto('/compose?sauce=veloute&amount=1.5&diameter=240&height=140');
    if (width < 800) await page.locator('label[for=ask-open]').click();
    await page.getByLabel('How much, litres').fill('2');
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('2 litres of velouté that coats');
    await page.getByRole('button', { name: 'Cook it' }).click();

    for (const title of STEPS) {
      await tapUntil(page, title);
      await expect(page.locator('[aria-current=step]')).toHaveCount(1);
      await expect(page.locator('.keys .go')).toBeInViewport();
      await expectFits(page);
      // The same page at both widths: every step of it on the phone, one in three at the desk.
      if (width < 800 || STEPS.indexOf(title) % 3 === 0) await expectAccessible(page);
    }

    await page.getByLabel(/How much came out/).fill('1,95');
    await page.getByText('Coats', { exact: true }).click();
    await page.getByLabel('How it tastes').fill('clean, good body');
    await page.getByRole('button', { name: 'Close the pot' }).click();

    await expect(page).toHaveURL(/\/log\/\d+$/);
    await expect(page.locator('.against').getByText('1.95 l, coats')).toBeVisible();
    await expect(page.locator('.against').getByText('2.00 l, coats')).toBeVisible();
    await expectFits(page);
    await expectAccessible(page);
    await page.getByRole('link', { name: 'All pots' }).click();
    await expect(page.getByText('clean, good body').first()).toBeVisible();
    await expectFits(page);
    await expectAccessible(page);
  });
}

for (const [width, height] of [[1280, 800], [390, 844]]) {
  test(`from the question to the log, by keyboard alone at ${width} x ${height}`, async ({ page }) => {
    await page.setViewportSize({ width, height });
    // A machine is quicker than a page that has just been loaded can listen.
    const press = async (key) => {
      await page.locator('html[data-ready]').waitFor();
      await page.keyboard.press(key);
    };
    const tabTo = async (wanted) => {
      for (let i = 0; i < 80; i++) {
        if (await wanted.evaluate((element) => element === document.activeElement)) return;
        await press('Tab');
      }
      throw new Error('not reached by Tab');
    };
    const heading = page.getByRole('heading', { level: 1 });

    await page.goto(VELOUTE);
    if (width < 800) {
      await tabTo(page.locator('#ask-open'));
      await press('Space');
    }
    await tabTo(page.getByLabel('How much, litres'));
    await press('Control+a');
    await page.keyboard.type('3');
    await expect(heading).toHaveText('3 litres of velouté that coats');
    // The ladder is one radio group: arrows move in it.
    await tabTo(page.locator('#thick-coating'));
    await press('ArrowDown');
    await expect(heading).toHaveText('3 litres of velouté that glazes');
    await tabTo(page.getByRole('button', { name: 'Cook it' }));
    await press('Enter');
    await expect(heading).toHaveText('Set everything out');

    await press('n');
    await expect(page.getByLabel('What to remember')).toBeFocused();
    await page.keyboard.type('stock was cold');
    await press('Enter');
    await expect(page.locator('.events')).toContainText('stock was cold');

    for (let i = 0; i < 40 && (await heading.textContent()).trim() !== 'How did it turn out?'; i++) {
      const events = await page.locator('.stove').getAttribute('data-events');
      await press('Space');
      await expect(page.locator('.stove')).not.toHaveAttribute('data-events', events);
    }
    // The last tap is taken back and done again.
    await expect(page.getByLabel(/How much came out/)).toBeFocused();
    await press('Escape');
    await press('u');
    await expect(heading).toHaveText('Serve, hold or cool it');
    await press('2');
    await expect(page.locator('.events')).toContainText('held hot');
    await press('Space');
    await expect(heading).toHaveText('How did it turn out?');

    await expect(page.getByLabel(/How much came out/)).toBeFocused();
    await page.keyboard.type('3.1');
    await press('Tab');
    await press('Tab');
    await press('Space');
    await press('ArrowRight');
    await press('ArrowRight');
    await press('ArrowRight');
    await tabTo(page.getByLabel('How it tastes'));
    await page.keyboard.type('right');
    await press('Enter');
    await expect(page).toHaveURL(/\/log\/\d+$/);
    await expect(page.getByText('3.10 l, coats').first()).toBeVisible();

    await press('l');
    await expect(page).toHaveURL(/\/log$/);
    await press('c');
    await expect(page).toHaveURL(/\/compose/);
    await press('?');
    await expect(page.getByRole('dialog')).toBeVisible();
    await expectAccessible(page);
    await press('Escape');
    await press('t');
    await expect(page).toHaveURL(/\/(stove|pots\/\d+)$/);
  });
}

test('single keys can be turned off', async ({ page }) => {
  await page.goto('/log');
  await page.locator('html[data-ready]').waitFor();
  await page.keyboard.press('?');
  await page.getByLabel('Single keys work').uncheck();
  await page.keyboard.press('Escape');
  await page.keyboard.press('c');
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toBeVisible();
  await expect(page).toHaveURL(/\/log$/);
});
