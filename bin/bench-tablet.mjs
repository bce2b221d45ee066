// How fast Lento is on a cheap tablet: Chromium with its processor slowed four times, median of five.
// node bin/bench-tablet.mjs [address]; without one it serves the demo's kitchen itself, on port 8466.
import { spawn } from 'node:child_process';
import { chromium } from '@playwright/test';

const SLOWER = 4;
const TIMES = 5;
const PORT = 8466;
const BUDGET = { ready: 1500, change: 350, tap: 300, blocking: 200, shift: 0.02, kitchen: 60_000 };
const median = (numbers) => [...numbers].sort((a, b) => a - b)[Math.floor(numbers.length / 2)];

async function serve() {
  // As it is served: what PHP has compiled once it keeps.
  const env = { ...process.env, LENTO_PHP: '-d opcache.enable_cli=1' };
  const given = ['tests/Browser/serve.sh', String(PORT), 'build/tablet.sqlite', 'seeded'];
  const server = spawn('bash', given, { detached: true, stdio: 'ignore', env });
  const address = `http://127.0.0.1:${PORT}`;
  for (let i = 0; i < 120; i++) {
    const answer = await fetch(`${address}/up`).catch(() => null);
    if (answer?.ok) return { address, stop: () => process.kill(-server.pid, 'SIGKILL') };
    await new Promise((then) => setTimeout(then, 500));
  }
  throw new Error('the server does not answer');
}

/**
 * Before anything of the page runs: long tasks and shifts are noted as they come. Blocking is what each task holds a finger up for beyond
 * 50 ms, from the first words on: before those there is nothing to touch.
 */
function watch() {
  window.shift = 0;
  const tasks = [];
  new PerformanceObserver((list) => tasks.push(...list.getEntries())).observe({ type: 'longtask', buffered: true });
  window.blocking = () => {
    const words = performance.getEntriesByName('first-contentful-paint')[0].startTime;
    return tasks.reduce(
      (all, { startTime, duration }) => all + Math.max(0, startTime + duration - Math.max(startTime, words) - 50),
      0,
    );
  };
  new PerformanceObserver((list) => list.getEntries().forEach((one) => !one.hadRecentInput && (window.shift += one.value))).observe(
    { type: 'layout-shift', buffered: true },
  );
}

const given = process.argv[2];
const server = given ? { address: given, stop: () => {} } : await serve();
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--headless', '--no-sandbox', '--disable-gpu'],
});
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.addInitScript(watch);
const tablet = await page.context().newCDPSession(page);
await tablet.send('Emulation.setCPUThrottlingRate', { rate: SLOWER });
// Asked as one asks a console: what drives a page by its selectors puts a script of its own into it, whose time is not the page's.
const told = async (expression) => (await tablet.send('Runtime.evaluate', { expression, returnByValue: true })).result.value;
const comesTrue = async (expression) => {
  while (!(await told(expression))) await new Promise((then) => setTimeout(then, 10));
};
const question = `${server.address}/compose?sauce=veloute&amount=2&thickness=coating`;
await page.goto(question);

const ready = [];
const blocking = [];
const shift = [];
for (let i = 0; i < TIMES; i++) {
  await page.goto('about:blank');
  const began = Date.now();
  await page.goto(question, { waitUntil: 'commit' });
  await comesTrue(`document.documentElement.dataset.ready === 'yes'`);
  ready.push(Date.now() - began);
  await page.waitForTimeout(1200);
  blocking.push(await told('window.blocking()'));
  shift.push(await told('window.shift'));
}
const change = [];
for (let i = 0; i < TIMES; i++) {
  const litres = 3 + i;
  await page.waitForTimeout(900);
  change.push(
    await page.evaluate(
      (wanted) =>
        new Promise((then) => {
          const field = document.querySelector('#amount');
          const began = performance.now();
          const seen = new MutationObserver(() => {
            if (!document.querySelector('h1').textContent.startsWith(`${wanted} litres`)) return;
            seen.disconnect();
            requestAnimationFrame(() => then(performance.now() - began));
          });
          seen.observe(document.querySelector('#answer'), { subtree: true, childList: true, characterData: true });
          field.value = String(wanted);
          field.dispatchEvent(new Event('input', { bubbles: true }));
        }),
      litres,
    ),
  );
}
await page.click('.slip .acts .go');
await page.waitForSelector('.stove .keys .go');
const tap = [];
for (let i = 0; i < TIMES; i++) {
  await page.waitForTimeout(900);
  tap.push(
    await page.evaluate(
      () =>
        new Promise((then) => {
          const began = performance.now();
          const seen = new MutationObserver(() => {
            seen.disconnect();
            requestAnimationFrame(() => then(performance.now() - began));
          });
          seen.observe(document.querySelector('#answer'), { childList: true });
          document.querySelector('.stove .keys .go').click();
        }),
    ),
  );
}
const kitchen = (await (await fetch(`${server.address}/kitchen`)).arrayBuffer()).byteLength;
await browser.close();
server.stop();

const found = {
  ready: median(ready),
  change: median(change),
  tap: median(tap),
  blocking: median(blocking),
  shift: median(shift),
  kitchen,
};
for (const [what, value] of Object.entries(found)) {
  const shown = what === 'shift' ? value.toFixed(3) : what === 'kitchen' ? `${value} bytes` : `${Math.round(value)} ms`;
  process.stdout.write(`${what.padEnd(10)} ${shown.padStart(14)}   under ${BUDGET[what]}${value < BUDGET[what] ? '' : ', OVER'}\n`);
}
