// Taps at the stove. Each is an event with its own id and moment: held on this tablet, sent at once if the line is up, and drawn again
// from what the server makes of it. While the line is down the page goes on by the steps that came with it.

import { now, tick } from './clocks.js';
import { held } from './held.js';
import { isDown, mayHaveArrived, pulse, send, showHeld } from './line.js';
import { store, stored } from './stored.js';

const TOKEN = 'token';
const SEEN = 'lento.seen';
// Pots of which it is kept how they stood.
const REMEMBERED = 8;

let lastAt = 0;
let drawing = null;
let drawn = '';
let byKey = false;
let pressing = false;
const goneOn = new Set();
// Which step a tap that is taken back leads to, by the token of the taking back.
const backs = new Map();
// ms within which a second tap on the same key, before anything came of the first, is a trembling finger.
const TWICE = 600;
// ms after which a finger that was never heard to lift, off a list that the system drew over the page say, is none.
const LONGEST_TAP = 5000;
let lastTap = { kind: '', at: -Infinity, drawn: '' };
// Fields of what was sent: they come back empty, all others as they were.
const submitted = new Set();

const stove = () => document.querySelector('.stove[data-pot]');
const id = () => (crypto.randomUUID ? crypto.randomUUID() : `${Date.now()}-${Math.random().toString(36).slice(2)}`);

/** A moment later than the last tap and than all that this page has seen, so that they stay in order when a clock does not. */
function moment() {
  lastAt = Math.max(lastAt + 1, Number(stove().dataset.last) + 1, Math.round(now()));
  return lastAt;
}

function eventOf(form, button) {
  const said = Object.fromEntries([...new FormData(form, button ?? undefined)].filter(([name]) => !name.startsWith('_')));
  return { ...said, pot: stove().dataset.pot, at: said.at || String(moment()) };
}

/** A finger on the strip sets the colour where it lands; a key sets the middle of the name it is on. */
function shadeUnder(event, button) {
  if (!(event.detail > 0)) return;
  const box = button.closest('.strip-tap').getBoundingClientRect();
  const share = Math.max(0, Math.min(1, (event.clientX - box.left) / box.width));
  button.value = (share * Number(button.dataset.darkest)).toFixed(2);
}

function refresh(form) {
  const field = form.querySelector(`[name=${TOKEN}]`);
  if (field) field.value = id();
}

function wrong(faults) {
  for (const { field, message } of faults) {
    const place = document.querySelector(`.stove [data-error~="${field}"]`) ?? document.querySelector('#stove-wrong');
    if (!place) continue;
    place.hidden = false;
    (place.querySelector('span') ?? place).textContent = message;
    const input =
      place.closest('form')?.querySelector(`[name="${field}"]:not([type=hidden]):not([type=radio])`) ??
      place.closest('form')?.querySelector('[name=value]:not([type=hidden])');
    input?.setAttribute('aria-invalid', 'true');
    input?.setAttribute('aria-describedby', place.id);
    input?.focus();
  }
}

/** What is in the fields and which of them has the focus: a redraw that comes from elsewhere may not take them away. */
function typed() {
  const fields = [...document.querySelectorAll('.stove input:not([type=hidden])')];
  return {
    values: fields.map((field) => [field.id, field.type === 'radio' ? field.checked : field.value]).filter(([key]) => key),
    focus: document.activeElement?.id,
    // A key or a tap has no name of its own but what it says.
    pressed: document.activeElement?.matches('.stove :is(button, a, summary)') ? document.activeElement.textContent.trim() : null,
    // What is marked stays marked, so that whoever types over it types over it.
    marked: document.activeElement?.matches('input:not([type=radio])')
      ? [document.activeElement.selectionStart, document.activeElement.selectionEnd]
      : null,
    open: [...document.querySelectorAll('.stove details[open]')].map((one) => one.className),
  };
}

function restore({ values, focus, pressed, marked, open }, but) {
  for (const [key, value] of values) {
    const field = document.getElementById(key);
    if (!field || but.has(key)) continue;
    if (field.type === 'radio') field.checked = value;
    else field.value = value;
  }
  for (const name of open)
    if (!but.has(name)) [...document.querySelectorAll('.stove details')].find((one) => one.className === name)?.setAttribute('open', '');
  const field = focus && document.getElementById(focus);
  if (pressed && !field)
    [...document.querySelectorAll('.stove :is(button, a, summary)')].find((one) => one.textContent.trim() === pressed)?.focus();
  if (!field) return;
  field.focus();
  if (marked) field.setSelectionRange(...marked);
}

/** A finger that is on the page is on what it sees: nothing is exchanged under it, unless nobody hears of it any more. */
async function lifted() {
  if (!pressing) return;
  await new Promise((done) => {
    for (const end of ['pointerup', 'pointercancel']) window.addEventListener(end, () => window.setTimeout(done), { once: true });
    window.setTimeout(done, LONGEST_TAP);
  });
  pressing = false;
}

/** The page as the server has it now; only its middle is exchanged. */
async function draw(sent = new Set()) {
  const here = stove();
  if (!here) return;
  const asked = (drawing = Symbol());
  const answer = await fetch(location.pathname, { headers: { 'HX-Request': 'true', 'HX-Request-Type': 'partial' } }).catch(() => null);
  if (!answer?.ok || asked !== drawing || held.of(here.dataset.pot).length > 0) return;
  if (answer.redirected) return location.assign(answer.url);
  const text = await answer.text();
  await lifted();
  // What was typed or tapped while it came counts as well.
  if (asked !== drawing || held.of(here.dataset.pot).length > 0) return;
  const step = here.dataset.step;
  const was = typed();
  drawn = text;
  remember(here.dataset.pot);
  document.querySelector('#answer').innerHTML = drawn;
  tick();
  if (stove()?.dataset.step === step) {
    restore(was, sent);
  } else {
    window.scrollTo(0, 0);
    // Who works by keys goes on in the first field; a finger would only get a keyboard over half its screen.
    if (byKey) (document.querySelector('.stove [data-first]') ?? document.querySelector('.stove h1'))?.focus();
  }
  say();
  await rail();
  document.dispatchEvent(new CustomEvent('lento:drawn'));
}

/** What has changed, for the ear and for the tab: the middle of the page is a new one each time, so what says it stands outside. */
function say() {
  const heading = document.querySelector('.stove h1');
  if (!heading) return;
  document.title = `${heading.textContent.trim()} · Lento`;
  document.querySelector('#step-said').textContent = document.querySelector('.step').dataset.says;
}

/** How the pot stood when the server last said so: a copy of the page may be some taps older (copies.js). */
function remember(pot) {
  const kept = Object.entries(remembered()).filter(([one]) => one !== pot);
  const newest = kept.sort(([, a], [, b]) => b.at - a.at).slice(0, REMEMBERED - 1);
  store(SEEN, Object.fromEntries([...newest, [pot, { at: Date.now(), html: drawn }]]));
}

const remembered = () => stored(SEEN, {});

/** On a copy: what was seen of this pot since the copy was made. */
function recall() {
  const seen = remembered()[stove()?.dataset.pot];
  if (!seen || seen.at < Number(document.documentElement.dataset.copied)) return;
  document.querySelector('#answer').innerHTML = seen.html;
  tick();
}

async function rail() {
  if (!document.querySelector('.rail')) return;
  const answer = await fetch('/rail').catch(() => null);
  if (!answer?.ok) return;
  const text = await answer.text();
  await lifted();
  const open = document.querySelector('.rail .more-pots')?.open;
  document.querySelector('.rail').outerHTML = text;
  if (open) document.querySelector('.rail .more-pots')?.setAttribute('open', '');
  tick();
}

const lines = (element, selector, text) => {
  const found = element.querySelector(selector);
  if (!found || text === undefined) return;
  found.textContent = text;
  const whole = found.closest('.cues li, .caution, .does');
  if (whole) whole.hidden = text === '';
};

/** Without a line: the next step in its own words, its timer from this tablet's idea of the time. */
function goOn(event) {
  const here = stove();
  const ahead = JSON.parse(here.dataset.ahead);
  const at = ahead.findIndex((step) => step.step === event.step);
  const later = event.to ? ahead.findIndex((step) => step.step === event.to) : at + 1;
  const back = backs.get(event.token);
  const step = event.kind === 'undone' ? ahead.find((one) => one.step === back) : ahead[event.kind === 'done' ? later : at];
  if (at < 0 || !step || !['done', 'poured', 'undone'].includes(event.kind)) return;
  const key = here.querySelector('.keys .go');
  const form = key?.form?.matches('[data-stove]') ? key.form : null;
  if (!form) return;
  form.querySelector('[name=step]').value = step.step;
  form.querySelector('[name=to]')?.remove();
  form.querySelector('[name=pour]')?.remove();
  const pour = step.pours[event.kind === 'poured' ? step.pours.findIndex((one) => one.id === event.pour) + 1 : 0];
  form.querySelector('[name=kind]').value = pour ? 'poured' : 'done';
  if (pour) form.append(Object.assign(document.createElement('input'), { type: 'hidden', name: 'pour', value: pour.id }));
  key.firstChild.textContent = pour ? pour.says : step.done;
  refresh(form);
  if (event.kind === 'poured') return;
  here.querySelectorAll('form[data-stove] [name=step]').forEach((field) => {
    field.value = step.step;
  });
  here.dataset.step = step.step;
  lines(here, 'h1', step.title);
  lines(here, '.does', step.cue);
  for (const sense of ['look', 'smell', 'listen']) lines(here, `.cues .${sense} span span`, step.senses[sense] ?? '');
  lines(here, '.caution span', step.caution);
  here.querySelector('.step').dataset.says = [step.title, step.cue, step.caution].filter(Boolean).join('. ');
  say();
  // What was foreseen of the last step says nothing about this one.
  here.classList.add('blind');
  const digits = here.querySelector('.digits');
  if (digits) {
    digits.hidden = step.seconds === 0;
    digits.dataset.digits = '';
    digits.dataset.ends = String(Number(event.at) + 1000 * step.seconds);
    digits.dataset.whole = String(step.seconds);
  }
  tick();
}

/** What is held of this pot, without what is taken back again: the taps that count, in their order. */
function standing() {
  const all = held.of(stove()?.dataset.pot);
  const taken = new Set(all.filter((event) => event.kind === 'undone').map((event) => event.undoes));
  const own = new Set(all.map((event) => event.token));
  return all.filter((event) => !taken.has(event.token) && !(event.kind === 'undone' && own.has(event.undoes)));
}

/** The page anew from what the server last said, and on by what stands; what is being typed stays. */
function replay() {
  const was = typed();
  goneOn.clear();
  document.querySelector('#answer').innerHTML = drawn;
  // With these a tap may have been made already.
  document.querySelectorAll('.stove form[data-stove]').forEach(refresh);
  goOnByHeld();
  restore(was, new Set());
  tick();
  say();
}

/**
 * Taken back is the last tap that stands. One that the line was never given is let go; one that may have arrived although nothing was said
 * of it is taken back by its own token. Whether it was let go.
 */
function letGo(said) {
  const last = standing().pop();
  if (last && isDown() && !mayHaveArrived(last.token)) {
    held.drop([last.token]);
    return true;
  }
  if (last && last.kind !== 'undone') said.undoes = last.token;
  return false;
}

/** The held taps that this page has not yet gone on by, in their order. */
function goOnByHeld() {
  const taps = standing();
  const undo = document.querySelector('.stove .undo');
  if (undo && taps.length > 0) undo.disabled = false;
  for (const event of taps) {
    if (goneOn.has(event.token)) continue;
    goneOn.add(event.token);
    goOn(event);
  }
}

/** Done, and done again before anything came of it: a second that comes so soon is none. */
function isTwice(kind) {
  const was = lastTap;
  lastTap = { kind, at: performance.now(), drawn };
  return ['done', 'poured'].includes(kind) && was.kind === kind && was.drawn === drawn && lastTap.at - was.at < TWICE;
}

function take(event) {
  const form = event.target;
  if (!form.matches('[data-stove]')) {
    if (form.matches('[method=post]') && !form.matches('#keys *')) {
      if (form.dataset.sent) event.preventDefault();
      form.dataset.sent = 'yes';
    }
    return;
  }
  event.preventDefault();
  if (isTwice(form.elements.kind.value)) return;
  const said = eventOf(form, event.submitter);
  if (event.submitter?.dataset.back) backs.set(said.token, event.submitter.dataset.back);
  if (said.kind !== 'undone' || !letGo(said)) held.add(said);
  refresh(form);
  for (const field of form.querySelectorAll('input:not([type=hidden])')) submitted.add(field.id);
  // Keys belong to the page again as soon as what was written is away.
  if (form.contains(document.activeElement)) document.activeElement.blur();
  for (let folded = form.closest('details'); folded; folded = folded.parentElement.closest('details')) folded.open = false;
  showHeld();
  if (isDown()) {
    if (said.kind === 'undone') replay();
    else goOnByHeld();
    if (said.kind === 'note' || said.kind === 'read')
      form.querySelectorAll('input:not([type=hidden])').forEach((field) => (field.value = ''));
    return pulse();
  }
  send();
}

/** The screen stays on while a pot is, where the browser lets it. */
async function stayAwake() {
  if (!stove() || document.visibilityState !== 'visible') return;
  await navigator.wakeLock?.request('screen').catch(() => null);
}

export function startStove() {
  document.addEventListener('click', (event) => {
    const button = event.target.closest?.('[data-shade]');
    if (button) shadeUnder(event, button);
  });
  if ('copied' in document.documentElement.dataset) recall();
  drawn = document.querySelector('#answer')?.innerHTML ?? '';
  document.addEventListener('submit', take);
  document.addEventListener('keydown', () => (byKey = true), true);
  document.addEventListener('pointerdown', () => ([byKey, pressing] = [false, true]), true);
  for (const end of ['pointerup', 'pointercancel']) document.addEventListener(end, () => (pressing = false), true);
  document.addEventListener('lento:sent', ({ detail: { pots, kept, refused, finished } }) => {
    const here = stove()?.dataset.pot;
    if (!here || !pots.has(here)) return void rail();
    const faults = refused.flatMap((refusal) => refusal.faults);
    if (finished.has(here)) return location.assign(`/log/${here}`);
    // What was refused stays in its field as well.
    const sent = new Set(faults.length > 0 ? [] : submitted);
    submitted.clear();
    if (kept > 0) draw(sent).then(() => wrong(faults));
    else wrong(faults);
  });
  document.addEventListener('lento:down', () => (held.of(stove()?.dataset.pot).length > standing().length ? replay() : goOnByHeld()));
  document.addEventListener('lento:happened', () => (stove() ? draw() : rail()));
  document.addEventListener('visibilitychange', stayAwake);
  stayAwake();
  // A page restored from the browser's cache may show a step that is long done.
  window.addEventListener('pageshow', (event) => {
    if (event.persisted && stove()) location.reload();
  });
}
