import AxeBuilder from '@axe-core/playwright';
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

/** No page may have a fault that axe knows, in WCAG 2.2 AA and its best practices. */
export async function expectAccessible(page) {
  const { violations } = await new AxeBuilder({ page })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'])
    .analyze();
  expect(violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(' | ')}`)).toEqual([]);
}

/** Nothing runs out of the page sideways, and every target of a finger is big enough. */
export async function expectFits(page) {
  const wide = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
  expect(wide).toBeLessThanOrEqual(0);
}

export async function cook(page, address = VELOUTE) {
  await page.goto(address);
  await page.getByRole('button', { name: 'Cook it' }).click();
  await expect(page).toHaveURL(/\/pots\/\d+$/);
  await expect(page.locator('html')).toHaveAttribute('data-ready', 'yes');
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
