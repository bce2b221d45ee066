import { expect, test } from '@playwright/test';
import { VELOUTE, cook } from './support/kitchen.js';

/** Everything on the page that takes the focus and shows nothing of it, or too little to be seen against what lies behind it. */
const unseen = () => {
  const light = (colour) => {
    const linear = (one) => (one <= 0.03928 ? one / 12.92 : ((one + 0.055) / 1.055) ** 2.4);
    const [r, g, b] = colour.match(/[\d.]+/g).map((one) => linear(Number(one) / 255));
    return 0.2126 * r + 0.7152 * g + 0.0722 * b;
  };
  const contrast = (a, b) => (Math.max(light(a), light(b)) + 0.05) / (Math.min(light(a), light(b)) + 0.05);
  const behind = (element) => {
    for (let one = element.parentElement; one; one = one.parentElement) {
      const colour = getComputedStyle(one).backgroundColor;
      if (colour !== 'rgba(0, 0, 0, 0)') return colour;
    }
    return 'rgb(255, 255, 255)';
  };
  const controls = document.querySelectorAll('a[href], button, input:not([type=hidden]), select, textarea, summary, [tabindex="0"]');
  const faults = [];
  let seen = 0;
  for (const control of controls) {
    if (!control.checkVisibility({ visibilityProperty: true }) || control.disabled || control.closest('.foot, dialog')) continue;
    control.focus();
    if (document.activeElement !== control) continue;
    // A radio that is drawn as its label shows the ring there.
    const shown = control.matches('.btn-check') ? control.nextElementSibling : control;
    const style = getComputedStyle(shown);
    const isRinged = style.outlineStyle !== 'none' && parseFloat(style.outlineWidth) >= 2;
    const ratio = isRinged ? contrast(style.outlineColor, behind(shown)) : 1;
    seen += 1;
    if (ratio < 3) faults.push(`${control.outerHTML.slice(0, 90)} ${ratio.toFixed(2)}`);
  }
  return { seen, faults };
};

const PLACES = [VELOUTE, '/family', '/score', '/keep', '/log', '/kitchen', '/rescue', '/assay', '/sauces'];

for (const night of [false, true]) {
  test(`what has the focus is seen, ${night ? 'by night' : 'by day'}`, async ({ page }) => {
    await page.addInitScript((on) => localStorage.setItem('lento.night', on ? 'on' : 'off'), night);
    await cook(page);
    for (const place of [page.url(), ...PLACES]) {
      await page.goto(place);
      await page.locator('html[data-ready]').waitFor();
      // From the first key on the browser rings what a script gives the focus to as well.
      await page.keyboard.press('Tab');
      const { seen, faults } = await page.evaluate(unseen);
      expect(seen, place).toBeGreaterThan(5);
      expect(faults, place).toEqual([]);
    }
  });
}
