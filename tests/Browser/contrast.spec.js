import { expect, test } from '@playwright/test';
import { VELOUTE, cook } from './support/kitchen.js';
import { Server } from './support/server.js';

// axe does not see what words in a drawing stand on: here their pixels are looked at, as they are painted, by day and by night.

/** In the page, over a picture of it: each word of each drawing, its own colour, and the commonest colour around it. */
async function dim([shot, ratio]) {
  const picture = await createImageBitmap(await (await fetch(shot)).blob());
  const canvas = new OffscreenCanvas(picture.width, picture.height);
  const context = canvas.getContext('2d');
  context.drawImage(picture, 0, 0);
  const linear = (one) => (one <= 0.03928 ? one / 12.92 : ((one + 0.055) / 1.055) ** 2.4);
  const light = ([r, g, b]) => 0.2126 * linear(r / 255) + 0.7152 * linear(g / 255) + 0.0722 * linear(b / 255);
  const contrast = (a, b) => (Math.max(light(a), light(b)) + 0.05) / (Math.min(light(a), light(b)) + 0.05);
  const found = [];
  let seen = 0;
  for (const text of document.querySelectorAll('main svg text')) {
    const box = text.getBoundingClientRect();
    const words = text.textContent.trim();
    if (words === '' || box.width < 2 || !text.checkVisibility({ checkVisibilityCSS: true, checkOpacity: true })) continue;
    const [x, y, w, h] = [box.left, box.top, box.width, box.height].map((one) => Math.round(one * ratio));
    if (x < 0 || y < 0 || x + w > picture.width || y + h > picture.height) continue;
    // What lies over it (a bar that sticks to the window) hides it.
    if (document.elementFromPoint(box.left + box.width / 2, box.top + box.height / 2)?.closest('svg') !== text.ownerSVGElement)
      continue;
    seen += 1;
    // As high as its letters: what stands above and below a line of words is not behind them.
    const [top, high] = [y + Math.round(0.3 * h), Math.max(1, Math.round(0.4 * h))];
    const commonest = (left, wide) => {
      const pixels = context.getImageData(Math.max(0, left), top, wide, high).data;
      const counts = new Map();
      for (let i = 0; i < pixels.length; i += 4) {
        const key = `${pixels[i] >> 3},${pixels[i + 1] >> 3},${pixels[i + 2] >> 3}`;
        const one = counts.get(key) ?? { n: 0, colour: [pixels[i], pixels[i + 1], pixels[i + 2]] };
        one.n += 1;
        counts.set(key, one);
      }
      return [...counts.values()].sort((one, other) => other.n - one.n)[0].colour;
    };
    const style = getComputedStyle(text);
    const own = style.fill
      .match(/[\d.]+/g)
      ?.slice(0, 3)
      .map(Number);
    if (!own) continue;
    // In the box of a single bold letter its own ink is the commonest: then what stands right beside it is its ground.
    const within = commonest(x, w);
    const ground = contrast(own, within) > 1.25 && w > 14 ? within : commonest(x - 3, 2);
    const size = parseFloat(style.fontSize) * (box.height > 0 ? text.getScreenCTM().a : 1);
    const large = size >= 24 || (size >= 18.66 && Number(style.fontWeight) >= 600);
    // A word with a rim of paper around it (paint-order) stands on that.
    const rim =
      style.stroke !== 'none' && style.paintOrder.startsWith('stroke')
        ? style.stroke
            .match(/[\d.]+/g)
            .slice(0, 3)
            .map(Number)
        : null;
    const ratioOf = rim ? Math.max(contrast(own, rim), contrast(own, ground)) : contrast(own, ground);
    if (ratioOf < (large ? 3 : 4.5) - 0.05)
      found.push(`${text.ownerSVGElement.getAttribute('class')} “${words}” ${ratioOf.toFixed(2)}`);
  }
  return { seen, found };
}

async function look(page, path) {
  await page.goto(path);
  await page.locator('html[data-ready]').waitFor();
  await page.evaluate(() => document.fonts.ready);
  const shot = `data:image/png;base64,${(await page.screenshot({ fullPage: false })).toString('base64')}`;
  return page.evaluate(dim, [shot, 1]);
}

for (const night of [false, true]) {
  test(`words in drawings stand out from what they stand on, ${night ? 'by night' : 'by day'}`, async ({ browser }) => {
    const server = new Server(night ? 8464 : 8463, night ? 'dim-night' : 'dim-day');
    await server.start('seeded');
    try {
      const context = await browser.newContext({
        viewport: { width: 1280, height: 2400 },
        bypassCSP: true,
        reducedMotion: 'reduce',
      });
      const page = await context.newPage();
      await page.addInitScript((on) => localStorage.setItem('lento.night', on ? 'on' : 'off'), night);
      await cook(page, server.address + VELOUTE, 'Stir until it is blond');
      const all = [];
      let seen = 0;
      const colours = ['white', 'blond', 'brown', 'dark'].map((colour) => `/compose?sauce=veloute&amount=2&colour=${colour}`);
      const places = [
        new URL(page.url()).pathname,
        '/pots/5',
        '/pots/6',
        '/services/1',
        '/services/1/score',
        '/keep',
        '/log/1',
        '/guide/stove',
      ];
      for (const path of [...colours, '/compose?sauce=espagnole&amount=5', '/compose?sauce=tomato&amount=3', ...places]) {
        const one = await look(page, server.address + path);
        seen += one.seen;
        all.push(...one.found.map((found) => `${path}: ${found}`));
      }
      expect(seen).toBeGreaterThan(150);
      expect(all).toEqual([]);
    } finally {
      server.stop();
    }
  });
}

test('with the colours of the system alone everything is there, and what is chosen is told apart', async ({ browser }) => {
  const context = await browser.newContext({
    forcedColors: 'active',
    viewport: { width: 1280, height: 800 },
  });
  const page = await context.newPage();
  await page.goto(VELOUTE);
  await page.locator('html[data-ready]').waitFor();
  // Lines of drawings are drawn in the colour of words, not in one of ours that may be the ground's.
  const lines = await page.evaluate(() =>
    [...document.querySelectorAll('main svg .s-ink')]
      .map((one) => getComputedStyle(one).stroke)
      .filter((stroke) => stroke !== 'none'),
  );
  const ink = await page.evaluate(() => getComputedStyle(document.body).color);
  expect(new Set(lines)).toEqual(new Set([ink]));
  for (const chosen of ['.colours label:has(input:checked), .colours input:checked + label', '.ladder input:checked + label']) {
    const mark = page.locator(chosen).first();
    await expect(mark).toBeVisible();
    const [one, other] = await mark.evaluate((label) => {
      const style = ({ outlineStyle, outlineWidth, borderTopWidth, backgroundColor }) =>
        `${outlineStyle} ${outlineWidth} ${borderTopWidth} ${backgroundColor}`;
      const rest = [...label.parentElement.parentElement.querySelectorAll('label')].find((any) => any !== label);
      return [style(getComputedStyle(label)), style(getComputedStyle(rest))];
    });
    expect(one).not.toBe(other);
  }
  const button = await page.getByRole('button', { name: 'Cook it' }).evaluate((one) => getComputedStyle(one).borderTopStyle);
  expect(button).toBe('solid');
  await context.close();
});
