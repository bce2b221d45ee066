import { expect, test } from '@playwright/test';
import { expectAccessible, expectFits } from './support/kitchen.js';

// The pot plays on by itself here, as for a cook who has not asked for stillness.
test.use({ contextOptions: { reducedMotion: 'no-preference' } });

/** A practice pot of its own, with what was done at it before somebody looks. */
async function pot(page, sauce, deeds = [], fields = {}) {
  await page.goto('/practice');
  const token = await page.locator('meta[name=csrf-token]').getAttribute('content');
  const form = { _token: token, sauce, litres: '1', difficulty: 'own', seed: '7', help: 'yes', ...fields };
  const at = (await page.request.post('/practice', { form, maxRedirects: 0 })).headers().location;
  const headers = { Accept: 'application/json', 'X-CSRF-TOKEN': token };
  let [version, second] = [0, 0];
  const done = async (deed, grams) => {
    const data = { deed, version, at: second, ...(grams ? { grams } : {}) };
    const answer = await page.request.post(`${at}/deeds`, { headers, data });
    expect(answer.status(), `${deed}: ${await answer.text()}`).toBe(200);
    const told = await answer.json();
    ({ version, second } = told);
    return told.panel;
  };
  for (const [deed, grams] of deeds) {
    // Step after step as it is written, up to the one of this kind.
    if (deed === 'up to') {
      for (let panel = await done('heat:off'); !panel.includes(`data-kind="${grams}"`);) panel = await done('written');
    } else await done(deed, grams);
  }
  await page.goto(new URL(at).pathname);
  await expect(page.locator('html')).toHaveAttribute('data-ready', 'yes');
  return new URL(at).pathname;
}

const clock = (page) => page.locator('[data-practice-clock]').textContent();
const seconds = async (page) => {
  const [minutes, rest] = (await clock(page)).split(':').map(Number);
  return 60 * minutes + rest;
};

test('a pot is cooked by mouse, plays on, slows down where something turns, and is talked over', async ({ page }) => {
  await page.goto('/compose?sauce=bechamel&amount=2');
  await page.getByRole('link', { name: 'Practice' }).click();
  await expectAccessible(page);
  await page.getByLabel('Sauce').selectOption('veloute');
  await page.getByLabel('How much, l').fill('1');
  await page.getByRole('button', { name: 'Stand at the pot' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Melt the butter');
  await expect(page.getByText('Hot fat burns deeply')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Heat to 3 of 5' }).click();
  await expect(page.getByRole('button', { name: 'Heat to 3 of 5' })).toHaveAttribute('aria-pressed', 'true');
  await page.getByRole('button', { name: 'Add butter' }).click();
  await expect(page.locator('[data-sense=sights]')).toHaveText('fat in the pan');
  await page.getByRole('button', { name: '60×' }).click();
  // It foams, and would be over in a second: play has slowed down for it.
  await expect(page.getByText('slower: something turns')).toBeVisible();
  await expect(page.locator('[data-sense=sights]')).toHaveText('white foam');
  await page.getByRole('button', { name: 'Pause' }).click();
  const stands = await seconds(page);
  expect(stands).toBeGreaterThan(20);
  // An instrument is asked, and tells; nothing else has told a number.
  await expect(page.locator('.practice-panel')).not.toContainText('°C');
  await page.getByRole('button', { name: 'Probe' }).click();
  await expect(page.locator('.practice-panel .read')).toContainText('°C');
  await page.getByRole('button', { name: 'Take back 10 s' }).click();
  await expect.poll(() => seconds(page)).toBeLessThan(stands);
  await page.getByRole('button', { name: 'Talk it over' }).click();
  await expect(page.getByText('What it cost')).toBeVisible();
  await expect(page.getByText('Ten seconds taken back, once.')).toBeVisible();
  await expectAccessible(page);
  await expectFits(page);
});

test('each state of the pot looks like none of the others', async ({ page }) => {
  const states = {
    foam: ['veloute', [['heat:medium'], ['add:butter', '70'], ['wait:150']]],
    'wet paste': ['veloute', [['up to', 'flour'], ['heat:medium'], ['add:plain-flour', '70'], ['stir:1'], ['wait:20']]],
    blond: ['veloute', [['up to', 'colour'], ['heat:medium'], ['stir:1'], ['wait:330']]],
    specks: ['veloute', [['up to', 'colour'], ['heat:high'], ['wait:400']]],
    lumps: ['bechamel', [['up to', 'pour'], ['add:whole-milk', '950'], ['wait:2']]],
    'it boils up': ['bechamel', [['up to', 'simmer'], ['lid:covered'], ['heat:high'], ['wait:60']], '40'],
    nappé: ['bechamel', [['up to', 'season']]],
    skin: ['bechamel', [['up to', 'season'], ['wait:420']]],
    scorched: ['bechamel', [['up to', 'simmer'], ['heat:medium-high'], ['wait:300']]],
    split: ['allemande', [['up to', 'test'], ['heat:medium'], ['wait:300']]],
    done: ['espagnole', [['up to', 'finish']]],
  };
  const [seen, words] = [{}, {}];
  for (const [name, [sauce, deeds, litres = '1']] of Object.entries(states)) {
    await pot(page, sauce, deeds, { litres });
    words[name] = await page.locator('[data-sense=sights]').textContent();
    // A coarse picture of the picture: what an eye two steps away tells.
    seen[name] = await page.locator('#pan').evaluate((canvas) => {
      const small = document.createElement('canvas');
      [small.width, small.height] = [24, 24];
      const ctx = small.getContext('2d');
      ctx.drawImage(canvas, 0, 0, 24, 24);
      return [...ctx.getImageData(0, 0, 24, 24).data].filter((_, i) => i % 4 < 3);
    });
  }
  const names = Object.keys(states);
  const alike = names.flatMap((one, i) =>
    names
      .slice(i + 1)
      .filter((other) => {
        const off = seen[one].reduce((sum, value, k) => sum + Math.abs(value - seen[other][k]), 0) / seen[one].length;
        return off < 1.2 || words[one] === words[other];
      })
      .map((other) => `${one} and ${other}: ${words[one]} / ${words[other]}`),
  );
  expect(alike).toEqual([]);
});

test('it is cooked by keys alone, and the focus stays where the hand was', async ({ page }) => {
  await pot(page, 'veloute');
  await page.keyboard.press('3');
  await expect(page.getByRole('button', { name: 'Heat to 3 of 5' })).toHaveAttribute('aria-pressed', 'true');
  await page.getByLabel('Grams of butter').focus();
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Grams of butter')).toHaveCount(0);
  await page.keyboard.press('v');
  await expect(page.getByRole('button', { name: 'Stir', exact: true })).toHaveAttribute('aria-pressed', 'true');
  await page.getByRole('button', { name: 'Probe' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.locator('.practice-panel .read')).toContainText('°C');
  await expect(page.getByRole('button', { name: 'Probe' })).toBeFocused();
  await page.keyboard.press('n');
  await expect(page.getByRole('heading', { level: 1 })).not.toHaveText('Melt the butter');
  await expect(page.locator('#practice-said')).not.toBeEmpty();
});

test('two tabs at one pot: the second is told, and sees how it stands', async ({ page, context }) => {
  const path = await pot(page, 'veloute');
  const other = await context.newPage();
  await other.goto(path);
  await expect(other.locator('html')).toHaveAttribute('data-ready', 'yes');
  await page.getByRole('button', { name: 'Heat to 3 of 5' }).click();
  await expect(page.getByRole('button', { name: 'Heat to 3 of 5' })).toHaveAttribute('aria-pressed', 'true');
  await other.getByRole('button', { name: 'Heat to 5 of 5' }).click();
  await expect(other.getByRole('alert')).toContainText('Something else was done at this pot meanwhile');
  await expect(other.getByRole('button', { name: 'Heat to 3 of 5' })).toHaveAttribute('aria-pressed', 'true');
});

test('a line that is down is waited for where one can see it, and what was done is done once', async ({ page }) => {
  await pot(page, 'veloute');
  let down = true;
  const sent = [];
  await page.route('**/deeds', async (route) => {
    sent.push(route.request().postDataJSON());
    if (!down) return route.continue();
    // The server has it; its answer is lost.
    if (sent.length === 1) await route.fetch();
    return route.abort();
  });
  await page.getByRole('button', { name: 'Heat to 3 of 5' }).click();
  await expect(page.getByText('Waiting for the line')).toBeVisible();
  down = false;
  await expect(page.getByRole('button', { name: 'Heat to 3 of 5' })).toHaveAttribute('aria-pressed', 'true');
  await expect(page.getByText('Waiting for the line')).toBeHidden();
  expect(sent.length).toBeGreaterThan(1);
  await page.unroute('**/deeds');
  await page.reload();
  await expect(page.locator('#practice-panel')).toHaveAttribute('data-version', '1');
});

test('the lid of the tablet is closed in mid-pour: what had left the jug is in the pot', async ({ page }) => {
  await pot(page, 'bechamel', [['up to', 'pour']]);
  const pours = page.getByRole('button', { name: 'Hold to pour' });
  await pours.hover();
  await page.mouse.down();
  await expect(page.locator('[data-pour]')).toContainText(/pouring [1-9]\d* g/);
  // No letting go: the page is gone.
  await page.reload();
  await expect(page.locator('#practice-panel [data-sense=sights]')).not.toContainText('the paste');
  await expect.poll(() => page.evaluate(() => Object.keys(localStorage).filter((key) => key.endsWith('.pour')))).toEqual([]);
});

test('who wants no motion goes by steps, and everything fits a phone', async ({ browser }) => {
  const context = await browser.newContext({ reducedMotion: 'reduce', viewport: { width: 390, height: 844 } });
  const page = await context.newPage();
  await pot(page, 'veloute', [['heat:medium'], ['add:butter', '70']]);
  await expect(page.getByRole('button', { name: 'Go on' })).toBeHidden();
  const before = await seconds(page);
  await page.getByRole('button', { name: 'until something turns' }).click();
  await expect.poll(() => seconds(page)).toBeGreaterThan(before);
  await page.getByRole('button', { name: '1 min' }).click();
  await expect(page.locator('[data-sense=sound]')).not.toBeEmpty();
  await expectFits(page);
  await expectAccessible(page);
  // A wet finger hits every one of them.
  const small = await page.locator('#practice-panel .btn').evaluateAll((all) =>
    all.filter((one) => one.offsetParent && Math.min(one.offsetWidth, one.offsetHeight) < 48).map((one) => one.textContent.trim()),
  );
  expect(small).toEqual([]);
  // A tablet that is turned shows the pot as before.
  const drawn = () =>
    page.locator('canvas').evaluate((one) => {
      const { data } = one.getContext('2d').getImageData(0, 0, one.width, one.height);
      return data.some((value, i) => i % 4 === 3 && value > 0);
    });
  await expect.poll(drawn).toBe(true);
  await page.setViewportSize({ width: 844, height: 390 });
  await expect.poll(() => page.locator('canvas').evaluate((one) => one.width === one.clientWidth)).toBe(true);
  await expect.poll(drawn).toBe(true);
  // Litres called, and Enter puts the stick in.
  await pot(page, 'bechamel', [['up to', 'simmer']]);
  await page.getByLabel('Litres, by eye').fill('a lot');
  await page.getByLabel('Litres, by eye').press('Enter');
  await expect(page.getByText('a number from 0.05 to 200').first()).toBeVisible();
  await expect(page.getByLabel('Litres, by eye')).toHaveValue('a lot');
  await page.getByLabel('Litres, by eye').fill('1,1');
  await page.getByLabel('Litres, by eye').press('Enter');
  await expect(page.locator('.read')).toContainText('on the dip-stick');
  await context.close();
});

test('a drill is asked, answered and told, and the eye is shown and forgotten', async ({ page }) => {
  // What the pots of other tests called.
  await page.goto('/practice/eye');
  await page.getByRole('button', { name: 'Forget all of it' }).click();
  await expect(page.getByText('no reading yet')).toHaveCount(3);
  await page.goto('/practice/drills?kind=shade&seed=77&sauce=veloute');
  await expectAccessible(page);
  await page.getByRole('button', { name: '1', exact: true }).click();
  await expect(page.getByText('Right')).toBeVisible();
  await expectAccessible(page);
  await page.goto('/practice/drills?kind=head&seed=3&sauce=veloute');
  await page.getByRole('textbox').fill('lots');
  await page.getByRole('button', { name: 'Say so' }).click();
  await expect(page.getByText('A number, please')).toBeVisible();
  await page.goto('/practice/eye');
  await expect(page.getByText('one reading: nothing can be said yet')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Forget all of it' }).click();
  await expect(page.getByText('It is forgotten.')).toBeVisible();
  await expect(page.getByText('no reading yet')).toHaveCount(3);
});

test('the spoon goes round while it is held, and on after a short tap', async ({ page }) => {
  await pot(page, 'veloute', [['up to', 'colour']]);
  const stir = page.getByRole('button', { name: 'Stir', exact: true });
  await stir.hover();
  const began = Date.now();
  await page.mouse.down();
  await expect(stir).toHaveAttribute('aria-pressed', 'true');
  // Long enough that it was no tap.
  await page.waitForFunction((until) => Date.now() > until, began + 700);
  await page.mouse.up();
  await expect(stir).toHaveAttribute('aria-pressed', 'false');
  await stir.click();
  await expect(stir).toHaveAttribute('aria-pressed', 'true');
  await stir.click();
  await expect(stir).toHaveAttribute('aria-pressed', 'false');
});
