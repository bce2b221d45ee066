import { expect, test } from '@playwright/test';
import ICAL from 'ical.js';
import { expectAccessible, expectFits, service } from './support/kitchen.js';

const SUPPER = [
  { sauce: 'aurore', liquid: 'fish-stock', covers: 40, each: 60 },
  { sauce: 'mornay', covers: 24, each: 50 },
  { sauce: 'hunters', covers: 30, each: 40 },
];

/** The score of a service, and nothing better looked for any more: it was good enough, or there is no more to find. */
async function settled(page, { goodEnough = true, wishes = SUPPER } = {}) {
  await service(page, wishes);
  await page.keyboard.press('s');
  await expect(page).toHaveURL(/\/services\/\d+\/score$/);
  await expect(page.locator('html')).toHaveAttribute('data-ready', 'yes');
  await expect(page.locator('svg.score:not(.upright):not(.names)')).toBeVisible();
  // A plan is kept from the first round on; before it there is nothing to call good enough.
  const enough = page.getByRole('button', { name: 'It is good enough' });
  if (goodEnough) {
    await expect(page.getByText(/8 of 8 rounds to go/)).toHaveCount(0);
    // A light one may be proven the best before anybody can say so.
    await enough.click({ timeout: 5000 }).catch(() => null);
  }
  await expect(page.getByText('rounds to go')).toHaveCount(0, { timeout: 3 * 60_000 });
}

test('a score is there at once and is bettered while one looks, until there is no more to find', async ({ page }) => {
  await settled(page, { goodEnough: false });
  await expect(page.getByRole('img', { name: /^The score of / })).toBeVisible();
  await expect(page.locator('.totals')).toContainText('served by 19:30');
  await expectAccessible(page);
});

test('a score says who does what when, in a list by time and one for each cook', async ({ page }) => {
  await settled(page);
  const times = await page.getByRole('region', { name: 'By time' }).locator('.at').allTextContents();
  expect(times.length).toBeGreaterThan(30);
  await expect(page.getByRole('region', { name: 'For Cook' }).locator('li').first()).toBeVisible();
});

test('the hours can be drawn wider, and the page itself never is', async ({ page }) => {
  await settled(page);
  const width = async () => (await page.locator('svg.score:not(.upright):not(.names)').boundingBox()).width;
  const before = await width();
  await page.getByRole('link', { name: '× 2' }).click();
  await expect(page.getByRole('link', { name: '× 2' })).toHaveAttribute('aria-current', 'true');
  expect(await width()).toBeCloseTo(2 * before, 0);
  await expectFits(page);
});

test('no two words of a score lie on one another as the browser sets them', async ({ page }) => {
  await settled(page);
  const over = await page.locator('svg.score:not(.upright):not(.names) .staff').evaluateAll((staves) =>
    staves.flatMap((staff) => {
      const words = [...staff.querySelectorAll('text.title, text.words, text.tie')].map((one) => [one.textContent, one.getBBox()]);
      return words.flatMap(([name, a], i) =>
        words
          .slice(i + 1)
          .filter(([, b]) => a.x < b.x + b.width && b.x < a.x + a.width && a.y + 3 < b.y + b.height && b.y + 3 < a.y + a.height)
          .map(([other]) => `${name} on ${other}`),
      );
    }),
  );
  expect(over).toEqual([]);
});

test('a score fits a phone, and reads as a list there', async ({ page }) => {
  await settled(page);
  await page.setViewportSize({ width: 390, height: 844 });
  await expect(page.getByRole('heading', { name: 'As a list' })).toBeVisible();
  await expect(page.locator('svg.score:not(.upright):not(.names)')).toBeHidden();
  await page.getByText('As a score').click();
  await expect(page.locator('svg.score.upright')).toBeVisible();
  await expectFits(page);
  await expectAccessible(page);
});

test('a note is dragged to another time, with the minutes that it has shown, and taken back', async ({ page }) => {
  await settled(page, { wishes: [SUPPER[1]] });
  const hit = page.locator('.hit[data-note$="mornay@whole-milk/ladle"]');
  // Where it stands when it is taken, whatever was drawn around it meanwhile.
  await hit.hover();
  const { x, y, width, height } = await hit.boundingBox();
  await page.mouse.down();
  await page.mouse.move(x + width / 2 - 12, y + height / 2, { steps: 4 });
  await expect(page.locator('.drag-room')).toBeVisible();
  // Whichever way there is more room, and well inside of it: a minute may pass between the drawing and the drop.
  const room = await page.locator('.drag-room').boundingBox();
  const [sooner, later] = [x - room.x, room.x + room.width - x];
  const by = sooner > later ? -Math.min(12, sooner / 2) : Math.min(12, Math.max(later / 2, 8));
  await page.mouse.move(x + width / 2 + by, y + height / 2, { steps: 4 });
  const at = await page.locator('.drag-at').textContent();
  expect(at).toMatch(/^\d\d:\d\d$/);
  await page.mouse.up();
  await expect(page.locator('.score-said')).toContainText(`Mornay, two cheeses, ladle off at ${at}`);
  await expect(page.locator('.score-said .cost')).not.toBeEmpty();
  await expectAccessible(page);
  await page.keyboard.press('u');
  await expect(page.locator('.score-said')).toHaveCount(0);
});

test('a note is moved by keys alone, and nonsense is refused at its field', async ({ page }) => {
  await settled(page, { wishes: [SUPPER[1]] });
  const row = page.locator('.by-time a.what').filter({ hasText: /roux, Béchamel/ });
  await row.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Béchamel, roux' })).toBeVisible();
  await expectAccessible(page);
  await page.locator('#note-at').fill('soon');
  await page.keyboard.press('Enter');
  await expect(page.locator('#note-fault')).toContainText('write a time as 19:30');
  await expect(page.locator('#note-at')).toHaveValue('soon');
  await page.getByRole('button', { name: '5 min sooner' }).click();
  await expect(page.locator('.score-said')).toContainText('Béchamel, roux at');
  await expect(page.locator('#note')).toHaveCount(0);
});

test('a score goes out as a calendar that another program reads', async ({ page }) => {
  await settled(page);
  const answer = await page.request.get(`${page.url().split('?')[0]}.ics`);
  const events = new ICAL.Component(ICAL.parse(await answer.text())).getAllSubcomponents('vevent').map((one) => new ICAL.Event(one));
  expect(events.length).toBeGreaterThan(20);
  expect(new Set(events.map((one) => one.uid)).size).toBe(events.length);
  for (const one of events) expect(one.endDate.toUnixTime()).toBeGreaterThan(one.startDate.toUnixTime());
  expect(events.some((one) => one.summary === 'Cook: roux, Béchamel')).toBe(true);
});

test('a hundred evenings are played when they are asked for', async ({ page }) => {
  await settled(page);
  await page.getByRole('link', { name: 'How sure is that?' }).click();
  await expect(page.getByRole('heading', { name: 'A hundred evenings' })).toBeVisible();
  await expect(page.locator('.score-evenings li').first()).toContainText(/never late|late in \d+ of 100/);
  await expectAccessible(page);
});

test('on paper the score lies on one page, the list on the next, and each cook has a strip', async ({ page }) => {
  await settled(page);
  const pdf = (await page.pdf({ preferCSSPageSize: true })).toString('latin1');
  expect(pdf.match(/\/Type\s*\/Page\b/g)).toHaveLength(3);
  const [, , width, height] = pdf.match(/\/MediaBox\s*\[([^\]]+)\]/)[1].trim().split(/\s+/).map(Number);
  expect([Math.round(width), Math.round(height)]).toEqual([842, 595]);
});
