import { expect, test } from '@playwright/test';
import { STEPS, VELOUTE, cook, tapUntil } from './support/kitchen.js';

test('on the phone what to look at and the next tap stand together on the first screen', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await cook(page);
  for (const title of STEPS.slice(0, -1)) {
    await tapUntil(page, title);
    const keys = await page.locator('.keys').boundingBox();
    expect(keys.height).toBeLessThan(160);
    expect(keys.y + keys.height).toBeLessThanOrEqual(844);
    for (const cue of await page.locator('.cues li:visible').all()) {
      const box = await cue.boundingBox();
      expect(box.y + box.height, title).toBeLessThanOrEqual(keys.y);
    }
  }
});

const OTHERS = ['bechamel&amount=8', 'espagnole&amount=5', 'tomato&amount=3'].map((one) => `/compose?sauce=${one}`);

for (const question of [VELOUTE, ...OTHERS]) {
  test(`Cook it is whole above the fold: ${question.slice(0, 32)}`, async ({ page }) => {
    await page.goto(question);
    const box = await page.getByRole('button', { name: 'Cook it' }).boundingBox();
    expect(box.y + box.height).toBeLessThanOrEqual(800);
    // And what has the focus is not left under it.
    for (const link of await page.locator('.slip a:visible, .slip input:visible').all()) {
      await link.focus();
      const [at, over] = await link.evaluate((one) => {
        const own = one.getBoundingClientRect();
        const top = document.elementFromPoint(own.x + own.width / 2, own.y + own.height / 2);
        return [own.y, top !== null && (one.contains(top) || top.contains(one))];
      });
      expect(over, `something lies over what has the focus at ${at}`).toBe(true);
    }
  });
}
