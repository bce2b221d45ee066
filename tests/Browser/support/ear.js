import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { expect } from '@playwright/test';

/** In the page: keeps what a screen reader would say of it, in order: pages, what gets the focus, what is announced. */
function listening() {
  const STORE = 'lento.heard';
  const heard = () => JSON.parse(sessionStorage.getItem(STORE) ?? '[]');
  const plain = (words) =>
    words
      .replace(/\b(Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day \d+ [A-Z][a-z]+/g, 'DAY')
      .replace(/\b\d\d:\d\d\b/g, 'T')
      .replace(/[+–-]?\b\d+:\d\d\b/g, 'T')
      .replace(/\s+/g, ' ')
      .trim();
  const say = (kind, words) => {
    const line = `${kind}: ${plain(words)}`;
    const all = heard();
    if (plain(words) !== '' && all.at(-1) !== line) sessionStorage.setItem(STORE, JSON.stringify([...all, line]));
  };
  const label = (one) => {
    const by = (one.getAttribute('aria-labelledby') ?? '')
      .split(' ')
      .map((id) => document.getElementById(id)?.textContent ?? '')
      .join(' ')
      .trim();
    const fields = one.labels?.length ? [...one.labels].map((field) => field.textContent).join(' ') : '';
    return by || one.getAttribute('aria-label') || fields || one.textContent || one.title || '';
  };
  const role = (one) =>
    one.getAttribute('role') ??
    {
      A: 'link',
      BUTTON: 'button',
      SELECT: 'list',
      TEXTAREA: 'field',
      SUMMARY: 'fold',
      DIALOG: 'sheet',
      H1: 'heading',
    }[one.tagName] ??
    (one.tagName === 'INPUT' ? ({ radio: 'radio', checkbox: 'tick', hidden: '' }[one.type] ?? 'field') : 'part');
  document.addEventListener('focusin', ({ target }) => {
    const wrong = document.getElementById(target.getAttribute('aria-describedby') ?? '')?.textContent ?? '';
    say('focus', `${role(target)}, ${label(target)}${target.getAttribute('aria-invalid') ? `, wrong: ${wrong}` : ''}`);
  });
  document.addEventListener('DOMContentLoaded', () => {
    say('page', `${document.title}; ${document.querySelector('h1')?.textContent ?? ''}`);
    new MutationObserver((changes) => {
      const live = new Set(
        changes.map(({ target }) =>
          (target.nodeType === 1 ? target : target.parentElement)?.closest('[role=status], [role=alert], [aria-live]'),
        ),
      );
      // What comes in as an alert is said as it comes.
      for (const { addedNodes } of changes)
        for (const node of addedNodes)
          if (node.nodeType === 1)
            for (const one of node.matches('[role=alert]') ? [node] : node.querySelectorAll('[role=alert]')) live.add(one);
      // A call comes by the clock, not by what is done: it is tested on its own (calls.spec.js).
      for (const one of live) if (one && one.id !== 'calls' && !one.hidden && !one.closest('[hidden]')) say('says', one.textContent);
    }).observe(document.body, {
      subtree: true,
      childList: true,
      characterData: true,
    });
  });
}

export async function listen(page) {
  await page.addInitScript(listening);
}

/** What was heard is what was kept; LENTO_KEEP=1 keeps it anew. */
export async function expectHeard(page, name) {
  const heard = async () => (await page.evaluate(() => JSON.parse(sessionStorage.getItem('lento.heard') ?? '[]'))).join('\n') + '\n';
  const file = `tests/Browser/heard/${name}.txt`;
  if (process.env.LENTO_KEEP && (mkdirSync('tests/Browser/heard', { recursive: true }), true)) writeFileSync(file, await heard());
  expect(existsSync(file), `${file} is not kept`).toBe(true);
  // The last page may be on its way.
  await expect.poll(heard).toBe(readFileSync(file, 'utf8'));
}
