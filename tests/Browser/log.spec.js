import { Buffer } from 'node:buffer';
import { readFile } from 'node:fs/promises';
import { expect, test } from '@playwright/test';
import { expectAccessible, expectFits } from './support/kitchen.js';

const OLD = [
  'name,sauce,cook,started_at,finished_at,planned_litres,planned_spoon,litres,spoon,taste',
  'Paper velouté,veloute,Ines Vark,2019-11-02 15:00,2019-11-02 16:10,2,coats,2.1,coats,right for the pike',
  'Paper velouté,veloute,Petra Lund,2019-11-03 15:00,2019-11-03 16:30,2,coats,1.6,masks,too thick',
].join('\r\n');

const send = async (page, name, buffer) => {
  await page.goto('/log');
  await page.getByLabel('Take a file in').setInputFiles({ name, mimeType: 'text/plain', buffer });
  await page.getByRole('button', { name: 'Take it in' }).click();
};

test('an old log comes in, is found, written on, held beside, carried out and in again', async ({ page }) => {
  await send(page, 'old.csv', Buffer.from(OLD));
  await expect(page.getByText('2 pots taken in.')).toBeVisible();

  await page.getByLabel('Words').fill('paper petra');
  await page.getByRole('button', { name: 'Search' }).click();
  await expect(page.getByText('One pot.')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('link', { name: /Course of Paper velouté/ }).click();
  await expect(page.getByText('20 % less than planned')).toBeVisible();

  await page.getByLabel('Note', { exact: true }).fill('the scale was off');
  await page.getByRole('button', { name: 'Keep the note' }).click();
  await expect(page.getByRole('cell', { name: 'the scale was off' })).toBeVisible();
  await expectAccessible(page);

  await page.getByRole('link', { name: /2 November/ }).click();
  await expect(page.getByRole('row', { name: /Came out/ })).toContainText('+0.50 l');
  await expect(page.getByRole('row', { name: /In all/ })).toContainText('-20');
  await expectAccessible(page);
  await page.setViewportSize({ width: 390, height: 844 });
  await expectFits(page);
  await page.goto('/log?words=paper');
  await expectFits(page);
  await expectAccessible(page);

  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'JSON', exact: true }).click()]);
  const file = await readFile(await download.path());
  expect(JSON.parse(file.toString()).pots).toHaveLength(2);
  await send(page, 'lento-log.json', file);
  await expect(page.getByText('No new pots. 2 were here already.')).toBeVisible();
});

test('a file that is too large, broken or foreign is refused with words', async ({ page }) => {
  await send(page, 'huge.json', Buffer.alloc(20 * 1024 * 1024, ' '));
  await expect(page.getByRole('alert')).toContainText('larger than 16 MB');
  await send(page, 'broken.json', Buffer.from('{"format":"lento-log","version":1,"pots":[\n{"id":"a"},\n'));
  await expect(page.getByRole('alert')).toContainText('Line 3');
  await send(page, 'foreign.csv', Buffer.from('a;b\n1;2'));
  await expect(page.getByRole('alert')).toContainText('not a log of Lento');
});
