import { expect, test } from '@playwright/test';
import { VELOUTE, cook, expectAccessible, tapUntil } from './support/kitchen.js';
import { Server } from './support/server.js';

/** Keeps when each tone would sound, on the page's own clock, instead of sounding it. */
const LISTEN = () => {
  window.rung = [];
  window.AudioContext = class {
    constructor() {
      this.state = 'suspended';
      this.began = Date.now();
      this.destination = {};
    }

    get currentTime() {
      return (Date.now() - this.began) / 1000;
    }

    async resume() {
      // As a browser does: not before somebody has touched the page.
      if (navigator.userActivation.hasBeenActive) this.state = 'running';
    }

    createGain() {
      const gain = { setValueAtTime() {}, exponentialRampToValueAtTime() {} };
      return { gain, connect: (to) => to };
    }

    createOscillator() {
      const voice = { frequency: {}, connect: (to) => to };
      voice.start = (at) => window.rung.push((voice.mine = { at: this.began + at * 1000, off: false }));
      voice.stop = (at) => at === undefined && (voice.mine.off = true);
      return voice;
    }
  };
};
/** s from now at which the tones that were not taken back will sound, or have. */
const rung = (page) =>
  page.evaluate(() => window.rung.filter((one) => !one.off).map((one) => Math.round((one.at - Date.now()) / 1000)));

test('a call sounds after a page load and in the background, and its own button alone hushes it', async ({ page }) => {
  const server = new Server(8453, 'calls');
  await server.start();
  try {
    await page.clock.install();
    await page.addInitScript(LISTEN);
    await cook(page, `${server.address}${VELOUTE}`);
    await tapUntil(page, 'Simmer, stir every 5 min');
    await page.getByRole('button', { name: 'Calls', exact: true }).click();
    await page.getByLabel('A tone').check();
    await page.getByLabel('A frame that flashes').check();
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Try it' }).click();
    await page.clock.runFor(1000);
    expect(await rung(page)).toContain(-1);
    await expect(page.locator('html')).toHaveAttribute('data-flash', '');
    await page.clock.runFor(2500);
    await expect(page.locator('html')).not.toHaveAttribute('data-flash', '');
    await page.keyboard.press('Escape');

    // After a page load a browser wants one tap; that is said, and from then on the tones lie ahead on the sound card's clock.
    await page.reload();
    await page.locator('html[data-ready]').waitFor();
    await page.clock.runFor(1000);
    const opener = page.getByRole('button', { name: 'Tap once, then calls sound' });
    await expect(opener).toBeVisible();
    await page.locator('h1').click();
    await page.clock.runFor(1000);
    await expect(page.getByRole('button', { name: 'Calls sound' })).toBeVisible();
    const ahead = await rung(page);
    expect(ahead.length).toBeGreaterThan(4);
    expect(Math.min(...ahead)).toBeGreaterThan(30);

    await server.pass(301_000, page);
    await page.clock.runFor(2000);
    await expect(page.locator('#calling')).toBeVisible();
    await expect(page.locator('html')).toHaveAttribute('data-flash', '');
    // A tap elsewhere hushes nothing.
    await page.locator('h1').click();
    await page.clock.runFor(1000);
    await expect(page.locator('#calling')).toBeVisible();
    await expectAccessible(page);
    await page.keyboard.press('q');
    await expect(page.locator('#calling')).toBeHidden();
    await expect(page.locator('html')).not.toHaveAttribute('data-flash', '');
    await page.clock.runFor(1000);
    expect((await rung(page)).filter((at) => at > 0 && at < 60)).toEqual([]);
  } finally {
    server.stop();
  }
});
