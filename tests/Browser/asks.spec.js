import { expect, test } from '@playwright/test';
import { VELOUTE, service } from './support/kitchen.js';

const heading = (page) => page.getByRole('heading', { level: 1 });
const flour = (page) => page.locator('.weigh', { hasText: 'Flour' }).locator('.am input');
const ready = (page) => page.locator('html[data-ready]').waitFor();

/** From now on each answer to this address is late, until it is let go. */
async function slow(page, pattern) {
  let go;
  const gate = new Promise((resolve) => (go = resolve));
  await page.route(pattern, async (route) => {
    if (route.request().headers()['hx-request']) await gate;
    await route.continue().catch(() => {});
  });
  return go;
}

test('typed while the line is down: the old answer is old, waits, and is asked again', async ({ page, context }) => {
  await page.clock.install();
  await page.goto(VELOUTE);
  await ready(page);
  await expect(flour(page)).toHaveValue('139');
  await context.setOffline(true);
  await page.getByLabel('How much, litres').fill('4');
  await expect(page.getByText('Not yet for what is typed.')).toBeVisible();
  await expect(page.locator('#answer')).toHaveAttribute('data-old', '');
  // Nothing is cooked, kept or printed by it.
  await page.getByRole('button', { name: 'Cook it' }).click();
  await page.locator('.slip a[data-key=v]').click();
  await page.locator('.slip a[data-key=p]').click();
  await expect(page).toHaveURL(/\/compose\?.*amount=2/);
  // What was tapped a while ago is not done when the line is back.
  await page.clock.fastForward(5000);

  await context.setOffline(false);
  await expect(heading(page)).toHaveText('4 litres of velouté that coats');
  await expect(flour(page)).toHaveValue('280');
  await expect(page.getByText('Not yet for what is typed.')).toBeHidden();
  await expect(page.locator('#whole-sheet')).not.toHaveAttribute('data-due', /./);
  await page.getByRole('button', { name: 'Cook it' }).click();
  await expect(page).toHaveURL(/\/pots\/\d+$/);
  await expect(page.locator('#page')).toContainText('280');
});

test('tapped before the answer has come: it waits for it, and does what is typed', async ({ page }) => {
  await page.goto(VELOUTE);
  await ready(page);
  const go = await slow(page, /\/compose\?/);
  await page.getByLabel('How much, litres').fill('4');
  await page.getByRole('button', { name: 'Cook it' }).click();
  await expect(page).toHaveURL(/\/compose/);
  go();
  await expect(page).toHaveURL(/\/pots\/\d+$/);
  await expect(page.locator('#page')).toContainText('280');
});

test('tapped before the answer has come, which is a refusal: nothing is done', async ({ page }) => {
  await page.goto(VELOUTE);
  await ready(page);
  const go = await slow(page, /\/compose\?/);
  await page.getByLabel('How much, litres').fill('0');
  await page.getByRole('button', { name: 'Cook it' }).click();
  go();
  await expect(page.getByText('How much: write a number from 0.1 to 200 l.')).toBeVisible();
  await expect(page).toHaveURL(/\/compose/);
});

test('of several answers under way, only that to the last question counts', async ({ page }) => {
  await page.goto(VELOUTE);
  await ready(page);
  const amount = page.getByLabel('How much, litres');
  for (const typed of ['3', '35', '3.5', '3.55']) await amount.fill(typed);
  await expect(heading(page)).toHaveText('3.55 l of velouté that coats');
  // Typing is one step, however many answers came.
  await page.goBack();
  await expect(heading(page)).toHaveText('2 litres of velouté that coats');
});

test('a service that is not kept yet starts no pots by its old numbers', async ({ page }) => {
  await service(page, [{ sauce: 'bechamel', covers: 24, each: 60 }]);
  const go = await slow(page, /\/services\/\d+/);
  await page.locator('#wishes-0-covers').fill('48');
  await page.locator('#wishes-0-covers').press('Tab');
  await expect(page.locator('#answer')).toHaveAttribute('data-due', /./);
  const cook = page.locator('button[form=cook]').first();
  await cook.click();
  await expect(page).toHaveURL(/\/services\/\d+$/);
  go();
  await expect(page).toHaveURL(/\/(pots\/\d+|stove|services\/\d+)/);
  await expect.poll(() => page.locator('body').innerText()).toMatch(/2\.(88|9) ?l/);
});

test('a recipe that is read anew is not kept by what it said before', async ({ page }) => {
  await page.goto('/assay');
  await ready(page);
  await page.getByLabel('The recipe').or(page.locator('#recipe')).first().fill('50 g butter\n50 g flour\n1 l milk');
  await expect(page.locator('#answer')).toContainText('flour');
  const go = await slow(page, /\/assay/);
  await page.locator('#recipe').fill('50 g butter\n70 g flour\n1 l milk');
  await expect(page.locator('#answer')).toHaveAttribute('data-old', '');
  go();
  await expect(page.locator('#answer')).not.toHaveAttribute('data-old', '');
});

test('two tablets at one service: each has what the other changes, and nothing typed is lost', async ({ page, browser, baseURL }) => {
  await service(page, [{ sauce: 'bechamel', covers: 24, each: 60 }, { sauce: 'onion-gravy', covers: 30, each: 40 }]);
  const tablet = await browser.newContext({ baseURL });
  const other = await tablet.newPage();
  await other.goto(page.url());
  await ready(other);
  // One types at the first sauce and has not finished; the other changes the second.
  await other.locator('#wishes-1-covers').fill('36');
  await other.locator('#wishes-1-covers').press('Tab');
  await expect(other.locator('#answer')).not.toHaveAttribute('data-due', /./);
  await expect(page.locator('#wishes-1-covers')).toHaveValue('36');
  await page.locator('#wishes-0-covers').fill('48');
  await page.locator('#wishes-0-covers').press('Tab');
  await expect(other.locator('#wishes-0-covers')).toHaveValue('48');
  await expect(other.locator('#wishes-1-covers')).toHaveValue('36');

  // Both change one field, and neither has seen the other's: the second is asked.
  await other.route(/\/services\/\d+$/, (route) => (route.request().method() === 'GET' ? route.abort() : route.continue()));
  await page.locator('#wishes-0-covers').fill('50');
  await page.locator('#wishes-0-covers').press('Tab');
  await expect(page.locator('#answer')).not.toHaveAttribute('data-due', /./);
  await other.locator('#wishes-0-covers').fill('60');
  await other.locator('#wishes-0-covers').press('Tab');
  await expect(other.getByText('somebody made it 50 meanwhile. Type 60 again to have yours.')).toBeVisible();
  await tablet.close();
});
