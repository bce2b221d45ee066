// The line to the server: sends what is held, in order, and again until it is acknowledged; says when the line is down; hears when
// another tablet has done something.

import { heard, jumped, now } from './clocks.js';
import { held } from './held.js';

const EVERY = 5000;
const AT_ONCE = 100;

let [sending, down, latest, pots] = [false, false, null, null];

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

export function showHeld() {
  const count = held.all().length;
  const note = document.querySelector('#held');
  if (!note) return;
  note.hidden = count === 0 || !down;
  note.textContent = (count === 1 ? note.dataset.one : note.dataset.many).replace(':count', String(count));
}

async function batch(pot, events) {
  const answer = await fetch(`/pots/${pot}/events/batch`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-CSRF-TOKEN': token() },
    body: JSON.stringify({ events }),
  });
  // The pot is gone, or the page is from before a restart: neither gets better by sending it again.
  if (answer.status === 404) return { kept: events.map((event) => event.token), refused: [] };
  if (answer.status === 419) return location.reload();
  if (!answer.ok) throw new Error(String(answer.status));
  return answer.json();
}

/** Sends all that is held, one pot after the other. Resolves when nothing is left or the line is down. */
export async function send() {
  if (sending) return;
  sending = true;
  const done = { pots: new Set(), kept: 0, refused: [], finished: new Set() };
  try {
    for (let events = held.all(); events.length > 0; events = held.all()) {
      const pot = events[0].pot;
      const some = events.filter((event) => event.pot === pot).slice(0, AT_ONCE);
      const asked = now();
      const answer = await batch(pot, some);
      if (!answer) return;
      if (answer.now) heard(answer.now, asked);
      held.drop([...answer.kept, ...answer.refused.map((refusal) => refusal.token)]);
      done.pots.add(pot);
      done.kept += answer.kept.length;
      done.refused.push(...answer.refused);
      if (answer.finished) done.finished.add(pot);
      latest = answer.latest ?? latest;
    }
    mark(false);
  } catch {
    mark(true);
  } finally {
    sending = false;
    showHeld();
  }
  if (done.pots.size > 0) tell('lento:sent', done);
  // Taps that came while the last answer was on its way.
  if (!down && held.all().length > 0) await send();
}

async function pulse() {
  if (sending) return;
  try {
    const asked = now();
    const answer = await fetch('/pulse', { headers: { Accept: 'application/json' } });
    if (!answer.ok) throw new Error(String(answer.status));
    const said = await answer.json();
    heard(said.now, asked);
    const was = [latest, pots];
    [latest, pots] = [said.latest, said.pots];
    if (down || held.all().length > 0) await send();
    mark(false);
    if (was[0] !== null && (was[0] !== latest || was[1] !== pots)) tell('lento:happened');
  } catch {
    mark(true);
  }
  showHeld();
}

export function startLine() {
  // Compose asks through htmx and has its own bar.
  document.addEventListener('htmx:error', () => mark(true));
  document.addEventListener('htmx:after:swap', () => mark(false));
  if (!document.querySelector('.rail')) return;
  showHeld();
  send();
  pulse();
  setInterval(pulse, EVERY);
  setInterval(() => jumped() && pulse(), 1000);
  window.addEventListener('online', pulse);
  window.addEventListener('offline', () => mark(true));
  window.addEventListener('storage', showHeld);
}
