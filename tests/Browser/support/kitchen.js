import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { expect } from '@playwright/test';

export const VELOUTE =
  '/compose?sauce=veloute&liquid=chicken-stock&amount=2&thickness=coating&colour=blond&fat=butter&ratio=1' +
  '&minutes=30&level=bare&diameter=240&height=140';

export const STEPS = [
  'Set everything out',
  'Melt the butter',
  'All the flour at once',
  'Stir until it is blond',
  'Off the heat, let it settle',
  'Pour, and whisk smooth',
  'Bring to the boil',
  'Skim it',
  'Simmer, stir every 5 min',
  'Check the back of the spoon',
  'Season, then taste',
  'Strain it',
  'Serve, hold or cool it',
  'How did it turn out?',
];

const AXE = readFileSync('node_modules/axe-core/axe.min.js', 'utf8');

/**
 * No page may have a fault that axe knows, in WCAG 2.2 AA and its best practices. Asked in the page itself: no frame of another origin is
 * in a page of ours. What passes is not collected, and styles are not fetched once more for rules that look at none.
 */
export async function expectAccessible(page) {
  await page.evaluate(AXE);
  const faults = await page.evaluate(async () => {
    const tags = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];
    const { violations } = await window.axe.run(document, { runOnly: tags, resultTypes: ['violations'], preload: false });
    return violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(' | ')}`);
  });
  expect(faults).toEqual([]);
}

/** Nothing runs out of the page sideways, and every target of a finger is big enough. */
export async function expectFits(page) {
  const wide = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
  expect(wide).toBeLessThanOrEqual(0);
}

/** What a tablet sends, without a page being drawn for it; the page that is answered with is not fetched. */
async function sent(page, origin, path, how) {
  // Pages carry the session's token; this one has little else in it.
  const token = /name="csrf-token" content="(\w+)"/.exec(await (await page.request.get(`${origin}/bin`)).text())[1];
  const answer = await page.request.post(origin + path, { headers: { 'X-CSRF-TOKEN': token }, maxRedirects: 0, ...how });
  expect(answer.status()).toBeLessThan(400);
  return answer;
}

const PLAIN = { '&quot;': '"', '&#039;': "'", '&lt;': '<', '&gt;': '>', '&amp;': '&' };

/** What a tablet sends of steps that are done, all at once, as after a broken line. */
export async function done(page, pot, steps) {
  const events = steps.map((step) => ({ kind: 'done', step, token: randomUUID() }));
  const answer = await sent(page, pot.origin, `${pot.pathname}/events/batch`, { data: { events } });
  expect((await answer.json()).refused).toEqual([]);
}

/** Puts the pot of a question on, and where the test is of a later step, brings it there. */
export async function cook(page, address = VELOUTE, until = null) {
  const [start, question] = address.split('/compose?');
  const put = await sent(page, start, '/pots', { form: { question } });
  const pot = new URL(put.headers().location, start || undefined);
  if (until !== null) {
    const html = await (await page.request.get(pot.href)).text();
    const ahead = JSON.parse(/data-ahead="([^"]*)"/.exec(html)[1].replace(/&[#\w]+;/g, (one) => PLAIN[one]));
    const before = ahead.slice(0, ahead.findIndex(({ title }) => title === until));
    await done(page, pot, before.map(({ step }) => step));
  }
  await page.goto(pot.href);
  await expect(page.locator('html')).toHaveAttribute('data-ready', 'yes');
  if (until !== null) await expect(page.getByRole('heading', { level: 1 })).toHaveText(until);
}

/** Taps the one obvious next action until the step of that title is reached. */
export async function tapUntil(page, title) {
  const heading = page.getByRole('heading', { level: 1 });
  for (let tap = 0; tap < 40; tap++) {
    if ((await heading.textContent()).trim() === title) return;
    const events = await page.locator('.stove').getAttribute('data-events');
    await page.locator('.keys .go').click();
    await expect(page.locator('.stove')).not.toHaveAttribute('data-events', events);
  }
  throw new Error(`no step “${title}”`);
}

/** A service of its own for one test, with these wishes. */
export async function service(page, wishes) {
  const made = new URL((await sent(page, '', '/services', {})).headers().location);
  const fields = Object.fromEntries(
    wishes.flatMap((wish, i) => Object.entries(wish).map(([name, value]) => [`wishes[${i}][${name}]`, String(value)])),
  );
  await sent(page, made.origin, made.pathname, { form: fields });
  await page.goto(made.href);
  await expect(page.locator('html')).toHaveAttribute('data-ready', 'yes');
}
