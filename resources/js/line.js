// The line to the server: sends what is held, in order, and again until it is acknowledged; says when the line is down; hears when
// another tablet has done something.

import { heard, jumped, now } from './clocks.js';
import { showAside } from './aside.js';
import { aside, held } from './held.js';

const EVERY = 5000;
const AT_ONCE = 100;
const TRIES = 3;

// As far as this page knows: what has happened while it was made up is newer.
const known = document.querySelector('meta[name=lento-latest]')?.content;
let [sending, down, latest, others] = [false, false, known ? Number(known) : null, null];

const token = () => document.querySelector('meta[name=csrf-token]').content;
const tell = (name, detail) => document.dispatchEvent(new CustomEvent(name, { detail }));

function mark(isDown) {
  if (down === isDown) return;
  down = isDown;
  document.documentElement.toggleAttribute('data-line-down', down);
  if (down) tell('lento:down');
  const bar = document.querySelector('#line-down');
  if (bar) bar.hidden = !down;
}

export const isDown = () => down;

// What was given to the line at all, answered or not.
const given = new Set();

/** Whether the server may have this tap although it has not said so: its answer may have been lost. */
export const mayHaveArrived = (token) => given.has(token);

export function showHeld() {
  const count = held.all().length;
  const note = document.querySelector('#held');
  if (!note) return;
  note.hidden = count === 0 || !down;
  note.textContent = (count === 1 ? note.dataset.one : note.dataset.many).replace(':count', String(count));
}

/** What the server says of a batch; a status where it can make nothing of it. The line is down where it says nothing at all. */
async function batch(pot, events) {
  const answer = await fetch(`/pots/${pot}/events/batch`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-CSRF-TOKEN': token() },
    body: JSON.stringify({ events }),
  });
  // Signed out, or open too long: what is held stays held until somebody is here again.
  if ([401, 419].includes(answer.status)) {
    location.reload();
    return { leaving: true };
  }
  // Being set up anew, or asked to wait: that is over soon, and the same will be taken then.
  if ([429, 502, 503, 504].includes(answer.status)) throw new Error(String(answer.status));
  return answer.ok ? answer.json() : { status: answer.status };
}

const tries = new Map();

/** One that the server cannot take: after a few tries it is set aside, and all that waits behind it goes on. */
function refuse(event, status) {
  const tried = (tries.get(event.token) ?? 0) + 1;
  tries.set(event.token, tried);
  if (status < 500 || tried >= TRIES) aside.add(event, status);
  return status < 500 || tried >= TRIES;
}

/** Sends so many of a pot; where they cannot be taken together, one by one, to find the one that cannot. */
async function sendSome(pot, some, done) {
  const asked = now();
  some.forEach((event) => given.add(event.token));
  const answer = await batch(pot, some);
  if (answer.leaving) return false;
  if (answer.status && some.length > 1) {
    for (const one of some) if (!(await sendSome(pot, [one], done))) return false;
    return true;
  }
  if (answer.status) return refuse(some[0], answer.status);
  if (answer.now) heard(answer.now, asked);
  const settled = [...answer.kept, ...answer.refused.map((refusal) => refusal.token)];
  held.drop(settled);
  settled.forEach((token) => given.delete(token));
  done.pots.add(pot);
  done.kept += answer.kept.length;
  done.refused.push(...answer.refused);
  if (answer.finished) done.finished.add(pot);
  latest = answer.latest ?? latest;
  return true;
}

/**
 * Sends all that is held, one pot after the other. Resolves when nothing is left, or only what a pot could not take yet, or the line is
 * down.
 */
export async function send() {
  if (sending) return;
  sending = true;
  const done = { pots: new Set(), kept: 0, refused: [], finished: new Set() };
  const stuck = new Set();
  try {
    for (let events = held.all(); events.length > 0; events = held.all().filter((event) => !stuck.has(event.pot))) {
      const pot = events[0].pot;
      const some = events.filter((event) => event.pot === pot).slice(0, AT_ONCE);
      if (!(await sendSome(pot, some, done))) stuck.add(pot);
    }
    mark(false);
  } catch {
    mark(true);
  } finally {
    sending = false;
    showHeld();
    showAside();
  }
  if (done.pots.size > 0) tell('lento:sent', done);
  // Taps that came while the last answer was on its way.
  if (!down && held.all().some((event) => !stuck.has(event.pot))) await send();
}

/** Asks how the line is, and what has happened; while it is down nothing that is held goes out before this was answered. */
export async function pulse() {
  if (sending) return;
  try {
    const asked = now();
    const answer = await fetch('/pulse', { headers: { Accept: 'application/json' } });
    if (!answer.ok) throw new Error(String(answer.status));
    const said = await answer.json();
    heard(said.now, asked);
    const was = [latest, others];
    [latest, others] = [said.latest, `${said.pots} ${said.shelf} ${said.service}`];
    // What is held says best whether the line is up: this answer may have been on its way when it broke.
    if (down || held.all().length > 0) await send();
    else mark(false);
    tell('lento:heard');
    if (was.some((one, i) => one !== null && one !== [latest, others][i])) tell('lento:happened');
  } catch {
    mark(true);
  }
  showHeld();
}

export function startLine() {
  // Compose asks through htmx and has its own bar.
  document.addEventListener('htmx:error', () => mark(true));
  document.addEventListener('htmx:after:swap', () => mark(false));
  showHeld();
  showAside();
  document.addEventListener('lento:again', send);
  send();
  pulse();
  setInterval(pulse, EVERY);
  setInterval(() => jumped() && pulse(), 1000);
  window.addEventListener('online', pulse);
  window.addEventListener('offline', () => mark(true));
  window.addEventListener('storage', showHeld);
}
