import { expect, test } from '@playwright/test';
import { Server } from './support/server.js';

// Without JavaScript there is a visible button for everything, and none that does nothing.

test.use({ javaScriptEnabled: false });

const ASKED = '?sauce=veloute&amount=2';
const ASKING = [`/compose${ASKED}`, `/sheet${ASKED}`, '/services/1', '/assay', '/kitchen', '/rescue'];
const PAGES = [...ASKING, '/pots/5', '/rescue?pot=5', '/log', '/log/1', '/keep', '/practice', '/practice/drills', '/practice/eye'];

/** Fields that nothing visible sends, and buttons that only a script would hear; by the engine's own eyes, for no script runs here. */
async function dead(page) {
  const found = [];
  for (const button of await page.locator('button[type=button]:visible').all()) found.push(`does nothing: ${await button.innerText()}`);
  for (const form of await page.locator('form:visible').all()) {
    const fields = form.locator('input:not([type=hidden]), select, textarea');
    const id = await form.getAttribute('id');
    const buttons = form.locator('button:visible, input[type=submit]:visible');
    const others = id ? await page.locator(`button[form="${id}"]:visible`).count() : 0;
    const isSent = (await buttons.count()) + others > 0;
    if ((await fields.count()) > 0 && !isSent) found.push(`is sent by nothing: ${await form.getAttribute('action')}`);
  }
  return found;
}

test('every form has its button, and every button does something', async ({ page }) => {
  const server = new Server(8465, 'plain');
  await server.start('seeded');
  try {
    const found = [];
    for (const path of PAGES) {
      await page.goto(server.address + path);
      found.push(...(await dead(page)).map((one) => `${path}: ${one}`));
    }
    expect(found).toEqual([]);
    // A question is asked, cooked and logged by buttons alone.
    await page.goto(`${server.address}/compose?sauce=bechamel&amount=2`);
    await page.getByLabel('How much, litres').fill('1');
    await page.getByRole('button', { name: 'Work it out' }).last().click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('1 litre of béchamel that coats');
    await page.getByRole('button', { name: 'Cook it' }).click();
    await page.locator('.keys .go').click();
    await expect(page.locator('.events')).toContainText('done');
    // A long section of Kitchen, the guide, and the page for another tablet.
    await page.goto(`${server.address}/kitchen`);
    await page.getByRole('link', { name: /^Open.*Pans/ }).click();
    await expect(page.getByText('Another pan')).toBeVisible();
    await page.getByRole('link', { name: /^Guide/ }).click();
    await expect(page.getByRole('heading', { level: 2, name: 'The galley’s own' })).toBeVisible();
    await page.getByRole('button', { name: 'At another tablet' }).click();
    await expect(page.locator('.elsewhere .short')).toContainText('/e/');
  } finally {
    server.stop();
  }
});
