import { expect, test } from '@playwright/test';
import { VELOUTE, cook } from './support/kitchen.js';
import { expectHeard, listen } from './support/ear.js';
import { Server } from './support/server.js';

// The four main flows by keys alone, and every word that a screen reader would say on the way.

const heading = (page) => page.getByRole('heading', { level: 1 });

async function press(page, ...keys) {
  for (const key of keys) {
    await page.locator('html[data-ready]').waitFor();
    await page.keyboard.press(key);
  }
}

/** The focus itself is set: how many stops lie between is not what is listened for. */
const to = async (wanted) => {
  await wanted.page().locator('html[data-ready]').waitFor();
  await wanted.focus();
};

async function flow(name, play) {
  const server = new Server(8462, 'heard');
  await server.start('seeded');
  try {
    await play(server.address);
  } finally {
    server.stop();
  }
}

test('a question, its weights, and a pot to the log', async ({ page }) => {
  await flow('cook', async (address) => {
    await listen(page);
    await page.goto(address + VELOUTE);
    await to(page.getByLabel('How much, litres'));
    await press(page, 'Control+a', '3');
    await expect(heading(page)).toHaveText('3 litres of velouté that coats');
    await expect(page.locator('#weights')).toContainText('3 litres of velouté that coats: butter');
    await press(page, 'Control+a', 'x');
    await expect(page.locator('#amount-error')).toBeVisible();
    await press(page, 'Control+a', '2');
    await expect(heading(page)).toHaveText('2 litres of velouté that coats');
    await to(page.getByRole('button', { name: 'Cook it' }));
    await press(page, 'Enter');
    await expect(heading(page)).toHaveText('Set everything out');
    for (let i = 0; i < 40 && (await heading(page).textContent()).trim() !== 'How did it turn out?'; i++) {
      const events = await page.locator('.stove').getAttribute('data-events');
      await press(page, 'Space');
      await expect(page.locator('.stove')).not.toHaveAttribute('data-events', events);
    }
    await expect(page.getByLabel(/How much came out/)).toBeFocused();
    await page.keyboard.type('1.9');
    await to(page.locator('.out-spoon input').first());
    await press(page, 'ArrowRight', 'ArrowRight');
    await to(page.getByLabel('How it tastes'));
    await page.keyboard.type('right');
    await press(page, 'Enter');
    await expect(page).toHaveURL(/\/log\/\d+$/);
    await expectHeard(page, 'cook');
  });
});

test('a trouble, its remedy, and how it went', async ({ page }) => {
  await flow('rescue', async (address) => {
    await cook(page, address + VELOUTE, 'Simmer, stir every 5 min');
    await listen(page);
    await page.reload();
    await page.locator('html[data-ready]').waitFor();
    const sheet = page.getByRole('dialog', { name: 'Rescue' });
    await press(page, 'r');
    await expect(sheet.locator('h1')).toHaveText('What do you see?');
    await press(page, '1');
    await expect(sheet.locator('h1')).toHaveText(/^Pour in/);
    await press(page, ' ');
    await expect(sheet).toBeHidden();
    await expect(page.locator('.follow-up')).toContainText('too thick: thinned');
    await to(page.getByRole('button', { name: 'Worked' }));
    await press(page, 'Enter');
    await expect(page.locator('.events')).toContainText('the rescue: worked');
    await expectHeard(page, 'rescue');
  });
});

test('a pot put away, read, and taken from', async ({ page }) => {
  await flow('keep', async (address) => {
    await cook(page, address + VELOUTE, 'Serve, hold or cool it');
    await listen(page);
    await page.reload();
    await to(page.getByRole('link', { name: 'Put it away' }));
    await press(page, 'Enter');
    await expect(heading(page)).toHaveText('Put Chicken velouté away');
    await to(page.getByLabel('How many').first());
    await press(page, 'Control+a', '2');
    await expect(page.locator('.drawn svg')).toHaveCount(2);
    await to(page.getByRole('button', { name: 'Put it in' }));
    await press(page, 'Enter');
    await expect(page).toHaveURL(/\/keep\/tubs\/\d+$/);
    await to(page.locator('.probe-pad input:not([type=hidden])').first());
    await press(page, '8', '4', 'Enter');
    await expect(page.locator('.tub-row.chosen, .tub-row[aria-current]').first()).toContainText('84');
    await expectHeard(page, 'keep');
  });
});

test('a service written down, and its score', async ({ page }) => {
  await flow('service', async (address) => {
    await listen(page);
    await page.goto(`${address}/family`);
    await to(page.getByRole('button', { name: /^(New|Begin a) service$/ }));
    await press(page, 'Enter');
    await expect(page).toHaveURL(/\/services\/\d+$/);
    await to(page.locator('#wishes-0-sauce'));
    await page.keyboard.type('Béchamel');
    await press(page, 'Enter');
    await expect(page.locator('#wishes-1-sauce')).toBeAttached();
    await to(page.locator('#wishes-0-covers'));
    await page.keyboard.type('40');
    await expect(page.locator('#wishes-0-each')).toBeAttached();
    await expect(page.locator('.ends, .base-card').first()).toBeVisible();
    await expectHeard(page, 'service');
  });
});
