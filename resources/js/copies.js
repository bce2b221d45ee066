// Copies of pages, for when the line is gone: of this one, of the pots that are on and what may be wrong with them, of the other places.
// Each says when it was made. The service worker (worker.js) gives them out where the server does not answer.

import { store, stored } from './stored.js';

const STORE = 'lento.pages';
const MADE = 'lento.copied';
const MOST = 120;
// ms: how old a copy may get before it is made anew, of what changes while one looks and of what hardly does.
const FRESH = 60_000;
const FRESH_RESCUE = 900_000;
const BREATH = 1500;
const EVERY = 30_000;

let busy = false;

const here = () => location.pathname + location.search;
const copied = () => document.documentElement.dataset.copied;
const served = () => navigator.serviceWorker?.controller;

const times = () => stored(MADE, {});

async function copy(address) {
  const answer = await fetch(address, { headers: { Accept: 'text/html', 'Lento-Copy': 'yes' } });
  if (!answer.ok || !answer.headers.get('Content-Type')?.startsWith('text/html')) return '';
  const html = (await answer.text()).replace('<html', `<html data-copied="${Date.now()}"`);
  // Whoever is not signed in is shown the door: that is no copy of what was asked for.
  if (html.includes('class="at-sign-in"')) return '';
  const headers = { 'Content-Type': 'text/html; charset=utf-8', 'Content-Security-Policy': answer.headers.get('Content-Security-Policy') };
  const copies = await caches.open(STORE);
  await copies.put(address, new Response(html, { headers }));
  const made = { ...times(), [address]: Date.now() };
  const old = Object.keys(made).sort((a, b) => made[b] - made[a]).slice(MOST);
  for (const one of old) {
    delete made[one];
    await copies.delete(one);
  }
  store(MADE, made);
  return html;
}

/** What is reached from here by one tap, and by two where something is wrong with a pot. */
function wanted() {
  const links = (on, selector) => [...on.querySelectorAll(selector)].map((link) => link.getAttribute('href'));
  const local = (address) => {
    const url = new URL(address, location.href);
    return url.pathname + url.search;
  };
  const pots = links(document, '.rail a[data-pot]').map(local);
  const rescues = pots.map((pot) => `/rescue?pot=${pot.split('/').pop()}`);
  return [here(), ...pots, ...links(document, '.places a, .rail a, #answer a[href*="/sheet"]').map(local), '/rescue', ...rescues];
}

async function copyAll(anew) {
  if (busy || !served() || copied()) return;
  busy = true;
  try {
    const isDue = (address, age) => anew.includes(address) || Date.now() - (times()[address] ?? 0) > age;
    for (const address of new Set(wanted())) {
      const rescue = address.startsWith('/rescue?');
      if (!isDue(address, rescue ? FRESH_RESCUE : FRESH)) continue;
      const html = await copy(address);
      if (!rescue) continue;
      const page = new DOMParser().parseFromString(html, 'text/html');
      for (const link of page.querySelectorAll('#page a[href*="/rescue/"]')) {
        const url = new URL(link.getAttribute('href'), location.href);
        if (isDue(url.pathname + url.search, FRESH_RESCUE)) await copy(url.pathname + url.search);
      }
    }
  } catch {
    // No line: what is there is what there is.
  } finally {
    busy = false;
  }
}

/** What was done here changes this page: its copy follows, as soon as nothing more comes. */
let soon = 0;
function anew() {
  window.clearTimeout(soon);
  soon = window.setTimeout(() => copyAll([here()]), BREATH);
}

function sayWhen() {
  const note = document.querySelector('#as-of');
  if (!note || !copied()) return;
  const zone = document.querySelector('[data-zone]')?.dataset.zone;
  const clock = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: zone }).format(Number(copied()));
  note.querySelector('span').textContent = note.dataset.says.replace(':clock', clock);
  note.hidden = false;
}

/** What was seen by one kitchen is nothing to whoever comes next. */
function forget() {
  localStorage.removeItem(MADE);
  localStorage.removeItem('lento.seen');
  if ('caches' in window) caches.delete(STORE);
}

export async function startCopies() {
  // At the door: nobody is signed in.
  if (!document.querySelector('.rail')) return forget();
  let dirty = false;
  document.addEventListener('input', () => (dirty = true));
  sayWhen();
  // The line is back: the page as it is now, unless something is half written on this one.
  document.addEventListener('lento:heard', () => {
    if (copied() && !dirty) location.reload();
  });
  if (!('serviceWorker' in navigator) || !window.isSecureContext) return;
  for (const change of ['lento:drawn', 'lento:sent', 'htmx:after:swap']) document.addEventListener(change, anew);
  // Whoever leaves takes the copies along.
  document.addEventListener('submit', ({ target }) => {
    if (target.matches('[data-leaves]')) forget();
  });
  await navigator.serviceWorker.register('/sw.js').catch(() => null);
  navigator.serviceWorker.addEventListener('controllerchange', anew);
  anew();
  setInterval(() => copyAll([]), EVERY);
}
