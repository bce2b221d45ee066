import { readFileSync, rmSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { expectAccessible, expectFits } from './support/kitchen.js';
import { Server } from './support/server.js';

const PASSWORD = 'copper ladle on a wet Tuesday';

// A test that fails leaves no server behind for the next run to meet.
let server;
test.afterEach(() => server?.stop());

// A real kitchen, as nobody's demo: from its first run to a cook at a tablet.
test('a kitchen is opened, a tablet paired, a cook taken by one tap, and a pan had back from the bin', async ({
  browser,
}, { parallelIndex }) => {
  rmSync('storage/app/first-run-code', { force: true });
  server = new Server(8700 + parallelIndex, `doors-${parallelIndex}`, { LENTO_DEMO: 'false' });
  await server.start();
  const context = await browser.newContext({ baseURL: server.address });
  const chef = await context.newPage();
  await chef.goto('/compose');
  await expect(chef).toHaveURL(/first-run$/);
  await expectAccessible(chef);
  await chef.getByLabel('Code', { exact: true }).fill(readFileSync('storage/app/first-run-code', 'utf8').trim());
  await chef.locator('#owner').fill('Ines Vark');
  await chef.getByLabel('Sign-in name').fill('ines');
  await chef.getByLabel('Password').fill('short');
  await chef.getByRole('button', { name: 'Open it, and show the first sheet' }).click();
  await expect(chef.getByText('A password has 12 to 200 letters.')).toBeVisible();
  await expect(chef.locator('#owner')).toHaveValue('Ines Vark');
  await chef.getByLabel('Code', { exact: true }).fill(readFileSync('storage/app/first-run-code', 'utf8').trim());
  await chef.getByLabel('Password').fill(PASSWORD);
  await chef.locator('#cooks').fill('Petra Lund');
  await chef.locator('#pan_name').fill('Stew pan');
  await chef.locator('#diameter_mm').fill('280');
  await chef.locator('#height_mm').fill('16 cm');
  await chef.locator('#sauce').selectOption('bechamel');
  await chef.locator('#litres').fill('3');
  await chef.getByRole('button', { name: 'Open it, and show the first sheet' }).click();
  // Four questions, and the first sheet: in the pan that was told.
  await expect(chef).toHaveURL(/compose\?sauce=bechamel&amount=3&pan=\d+$/);
  await expect(chef.getByRole('heading', { level: 1 })).toHaveText('3 litres of béchamel that coats');

  for (const page of ['people', 'tablets', 'bin', 'archive', 'audit', 'kitchens']) {
    await chef.goto(`/${page}`);
    await expect(chef.locator('html')).toHaveAttribute('data-ready', 'yes');
    await expectAccessible(chef);
    await expectFits(chef);
  }

  await chef.goto('/tablets');
  await chef.getByLabel('Name of the tablet').fill('By the stove');
  await chef.getByRole('button', { name: 'Pair a tablet' }).click();
  await expect(chef.locator('figure svg')).toBeVisible();
  await expectAccessible(chef);
  const code = (await chef.locator('.pairing .code').textContent()).trim();

  const stove = await browser.newContext({ baseURL: server.address, viewport: { width: 390, height: 844 } });
  const tablet = await stove.newPage();
  await tablet.goto('/stove');
  await expect(tablet).toHaveURL(/sign-in$/);
  await expectAccessible(tablet);
  await tablet.getByRole('link', { name: 'This is a tablet of the kitchen' }).click();
  await tablet.getByLabel('Code').fill(code.toLowerCase());
  await expectAccessible(tablet);
  await tablet.getByRole('button', { name: 'Pair this tablet' }).click();
  await expect(tablet).toHaveURL(/who$/);
  await expectAccessible(tablet);
  await expectFits(tablet);
  await tablet.getByRole('button', { name: 'Petra Lund' }).click();
  await tablet.goto('/log');
  await tablet.locator('.me summary').click();
  await expect(tablet.getByRole('button', { name: 'Somebody else' })).toBeVisible();
  await expectAccessible(tablet);
  // A cook does not run the kitchen.
  await tablet.goto('/people');
  await expect(tablet.getByRole('heading', { name: 'Not for you' })).toBeVisible();

  await chef.goto('/kitchen#pans');
  await chef.locator('summary', { hasText: 'Stew pan' }).click();
  await chef.getByRole('button', { name: 'Remove Stew pan' }).click();
  await expect(chef.getByText('Stew pan is in the bin.')).toBeVisible();
  await expectAccessible(chef);
  await chef.getByRole('button', { name: 'Undo' }).click();
  await expect(chef.getByText('Nothing has been thrown away.')).toBeVisible();
  await chef.goto('/audit');
  await expect(chef.getByText('threw away the pan Stew pan')).toBeVisible();

  // Signed out everywhere, and in again.
  await chef.goto('/people');
  await chef.getByRole('button', { name: 'Sign out everywhere' }).click();
  await expect(chef).toHaveURL(/sign-in$/);
  await chef.getByLabel('Sign-in name').fill('ines');
  await chef.getByLabel('Password').fill(PASSWORD);
  await chef.getByRole('button', { name: 'Sign in' }).click();
  await expect(chef.locator('.me summary')).toHaveText('Ines Vark');
});

// What was tapped while nobody was signed in is kept, and goes when somebody is.
test('taps held while a session ran out are sent once somebody has signed in again', async ({ browser }, { parallelIndex }) => {
  rmSync('storage/app/first-run-code', { force: true });
  server = new Server(8750 + parallelIndex, `session-${parallelIndex}`, { LENTO_DEMO: 'false' });
  await server.start();
  const context = await browser.newContext({ baseURL: server.address });
  const page = await context.newPage();
  await page.goto('/first-run');
  await page.getByLabel('Code', { exact: true }).fill(readFileSync('storage/app/first-run-code', 'utf8').trim());
  await page.locator('#owner').fill('Ines Vark');
  await page.getByLabel('Sign-in name').fill('ines');
  await page.getByLabel('Password').fill(PASSWORD);
  await page.getByRole('button', { name: 'Open it, and show the first sheet' }).click();
  await page.goto('/compose?sauce=bechamel&amount=2&diameter=240&height=140');
  await page.getByRole('button', { name: 'Cook it' }).click();
  await expect(page).toHaveURL(/\/pots\/\d+$/);
  await expect(page.locator('html')).toHaveAttribute('data-ready', 'yes');
  const pot = page.url();
  // A pulse that is on its way would bring its cookie back.
  await page.waitForResponse((answer) => answer.url().endsWith('/pulse'));
  await page.route('**/pulse', (route) => route.abort());
  await context.clearCookies();
  await page.locator('summary[data-key=n]').click();
  await page.locator('#note-text').fill('smells of nuts');
  await page.locator('#note-text ~ button').click();
  await expect(page).toHaveURL(/sign-in$/);
  await page.getByLabel('Sign-in name').fill('ines');
  await page.getByLabel('Password').fill(PASSWORD);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.unroute('**/pulse');
  // Back where the cook was, with what was held.
  await expect(page).toHaveURL(pot);
  await expect(page.getByRole('button', { name: /Undo.*smells of nuts/s })).toBeVisible();
});
