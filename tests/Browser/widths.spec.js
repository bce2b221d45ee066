import { chromium, expect, test } from '@playwright/test';
import { bare } from './support/driven.js';
import { controlsOnPaper, faults } from './support/geometry.js';
import { Server } from './support/server.js';

// Every page, crowded: a kitchen and cooks with long names, eight pots, twelve sauces; from a small phone to a wide screen.

const WIDTHS = [320, 390, 768, 1024, 1280, 1600];
const LONG = 'The lower galley of the night ferry Marigold, port side, aft';
const UNBROKEN = 'Donaudampfschifffahrtsgesellschaftskapitaenskombuesenpfanne1';
const SAUCES = ['bechamel', 'veloute', 'espagnole', 'tomato', 'pan-gravy', 'onion-gravy', 'giblet-gravy', 'milk-gravy'];
const DERIVED = ['mornay', 'soubise', 'aurore', 'supreme'];

const PAGES = [
  '/compose?sauce=veloute&amount=2',
  '/compose?sauce=tomato&amount=3&given=pan',
  '/compose?sauce=veloute&amount=lots',
  '/sheet?sauce=espagnole&amount=5',
  '/sheet?sauce=bechamel&amount=2&paper=slip',
  '/compare?q[]=sauce%3Dbechamel%26amount%3D2&q[]=sauce%3Dveloute%26amount%3D2',
  '/assay',
  '/sauces',
  '/family',
  '/services/2',
  '/services/2/score',
  '/services/2/score?as=list',
  '/services/2/pass',
  '/services/2/shopping',
  '/services/2/scaling',
  '/family/tree',
  '/family/have',
  '/family/mornay',
  '/stove',
  '/stove/new',
  '/pots/1',
  '/pots/1/make',
  '/pots/1/keep',
  '/keep',
  '/keep/record',
  '/keep/waste',
  '/keep/labels',
  '/rescue',
  '/rescue?pot=1',
  '/log',
  '/log/1',
  '/kitchen',
  '/people',
  '/tablets',
  '/kitchens',
  '/bin',
  '/archive',
  '/audit',
  '/learning',
  '/search?q=velout',
  '/guide/score',
  '/practice',
  '/practice/1',
  '/practice/2/debrief',
  '/practice/drills?kind=spoon&seed=5&sauce=veloute',
  '/practice/drills?kind=shade&seed=77&sauce=veloute&said=1',
  '/practice/eye',
  '/practice/exercises',
  '/practice/exercises/1',
  '/guide/words',
];

async function crowded(server) {
  const browser = await chromium.launch(bare());
  const page = await browser.newPage();
  await page.goto(`${server.address}/kitchen`);
  const token = await page.locator('meta[name=csrf-token]').getAttribute('content');
  const post = async (path, form) => {
    const answer = await page.request.post(server.address + path, {
      form: { _token: token, ...form },
      maxRedirects: 0,
    });
    expect([200, 302, 303], `${path}: ${answer.status()}`).toContain(answer.status());
    return answer.headers().location ?? '';
  };
  const cooks = `Ines Vark, Petra Lund, ${UNBROKEN}`;
  const settings = {
    name: LONG,
    cooks,
    measures: 'metric',
    degrees: 'c',
    preset: 'uk-guidance',
    currency: '€',
  };
  await post('/kitchen/settings', settings);
  await post('/kitchen/pans', {
    name: UNBROKEN,
    diameter_mm: '280',
    height_mm: '160',
    base: 'heavy',
  });
  await post('/sauces', {
    name: UNBROKEN,
    tags: UNBROKEN,
    notes: LONG,
    question: 'sauce=bechamel&amount=2&diameter=240&height=140',
  });
  for (const sauce of SAUCES)
    await post('/pots', {
      question: `sauce=${sauce}&amount=1&diameter=240&height=140`,
    });
  for (const one of ['veloute', 'mornay']) await post('/practice', { sauce: one, litres: '2', help: 'yes', difficulty: 'odd', seed: '7' });
  await post('/practice/2/finish', {});
  await post('/practice/exercises', { title: UNBROKEN, sauce: 'espagnole', litres: '3', difficulty: 'odd' });
  await post('/practice/exercises/1', {});
  const at = await post('/services', { name: UNBROKEN });
  const wishes = [...SAUCES, ...DERIVED].flatMap((sauce, i) =>
    Object.entries({
      sauce,
      covers: '40',
      each: '50',
      for: i === 0 ? UNBROKEN : LONG,
    }).map(([field, value]) => [`wishes[${i}][${field}]`, value]),
  );
  await post(new URL(at).pathname, {
    name: LONG,
    at: '19:30',
    spare: '5',
    ...Object.fromEntries(wishes),
  });
  await browser.close();
  return new URL(at).pathname;
}

/** As wide as a page of A4 between its margins. */
const PAPER = 703;

/** On paper nothing lies on anything else, nothing is cut off, and nothing asks to be pressed. */
async function printed(page) {
  await page.setViewportSize({ width: PAPER, height: 1000 });
  await page.emulateMedia({ media: 'print' });
  const all = [...(await page.evaluate(faults)), ...(await page.evaluate(controlsOnPaper)).map((one) => `${one} is on paper`)];
  await page.emulateMedia({ media: null });
  return all;
}

async function crawl(server, service, launch, widths, onPaper) {
  const browser = await chromium.launch(bare(...launch));
  const page = await browser.newPage({ reducedMotion: 'reduce' });
  const found = [];
  for (const path of PAGES.map((one) => one.replace('/services/2', service))) {
    const answer = await page.goto(server.address + path);
    expect(answer.status(), path).toBeLessThan(500);
    await page.locator('html[data-ready]').waitFor();
    for (const width of widths) {
      await page.setViewportSize({ width, height: width < 700 ? 844 : 800 });
      found.push(...(await page.evaluate(faults)).map((fault) => `${path} at ${width}: ${fault}`));
      // Rescue is never pushed off; and however many pots there are, the rest of them and a new one are a tap away.
      const always = await page.evaluate(() =>
        [...document.querySelectorAll('.rescue-link, .rail .pinned > *')].map((one) => {
          const { left, right } = one.getBoundingClientRect();
          return { words: one.textContent.trim(), seen: left >= 0 && right <= window.innerWidth };
        }),
      );
      expect(always.length, path).toBeGreaterThan(0);
      found.push(...always.filter(({ seen }) => !seen).map(({ words }) => `${path} at ${width}: ${words} is out of sight`));
    }
    if (onPaper) found.push(...(await printed(page)).map((fault) => `${path} on paper: ${fault}`));
  }
  await browser.close();
  return found;
}

test('a page that is badly set is found out', async ({ page }) => {
  const broken = {
    'px too wide': '<p style="width:2000px">wide</p>',
    'lies on': '<button style="position:absolute;top:9px">under</button><button style="position:absolute;top:9px">over</button>',
    'cut off': '<p style="width:60px;overflow:hidden;white-space:nowrap">words that go on and on</p>',
    'is written over': '<p>below</p><p style="position:relative;top:-30px">above</p>',
    'squeezed to letters': '<p style="width:1ch;word-break:break-all">letters</p>',
  };
  for (const [what, markup] of Object.entries(broken)) {
    await page.setContent(markup);
    expect((await page.evaluate(faults)).join('; ')).toContain(what);
  }
  await page.setContent('<p>as it should be</p><button>Done</button>');
  expect(await page.evaluate(faults)).toEqual([]);
});

test('every page holds what is in it at every width, however long its names and however many its pots', async () => {
  test.setTimeout(600_000);
  const server = new Server(8460, 'crowded');
  await server.start('seeded');
  try {
    const service = await crowded(server);
    expect(await crawl(server, service, [], WIDTHS, true)).toEqual([]);
    // Text alone twice as large: the page is laid out as a narrow one is.
    expect(await crawl(server, service, ['--blink-settings=defaultFontSize=32'], [1280], false)).toEqual([]);
  } finally {
    server.stop();
  }
});
