// Forms that may wait for the line: a reading at a tub, a rescue that was done. Without a line they are held on this tablet with their
// time, and sent once, in their order, when it is back; what is refused then is shown, and nothing of it is lost.

import { now } from './clocks.js';
import { isDown } from './line.js';
import { store, stored } from './stored.js';

const STORE = 'lento.later';

const held = () => stored(STORE, []);
const keep = (all) => store(STORE, all);
const change = (mark, changes) => keep(held().map((one) => (one.mark === mark ? { ...one, ...changes } : one)));

function show() {
  const box = document.querySelector('#later');
  const all = held();
  box.hidden = all.length === 0;
  box.querySelector('ul').replaceChildren(
    ...all.map((one) => {
      const item = document.createElement('li');
      item.append(`${one.says}${one.why ? `: ${one.why}` : ''} `);
      if (!one.why) return item;
      const link = Object.assign(document.createElement('a'), { href: one.from, textContent: box.dataset.look });
      const drop = Object.assign(document.createElement('button'), { type: 'button', className: 'btn', textContent: box.dataset.forget });
      drop.addEventListener('click', () => {
        keep(held().filter(({ mark }) => mark !== one.mark));
        show();
      });
      item.append(link, ' ', drop);
      return item;
    }),
  );
}

function take(event) {
  const form = event.target;
  if (event.defaultPrevented || !form.matches('[data-later]') || !isDown()) return;
  event.preventDefault();
  const fields = new FormData(form, event.submitter ?? undefined);
  fields.delete('_token');
  const typed = [...form.querySelectorAll('input:not([type=hidden]), select')].map((field) => field.value).filter(Boolean);
  const place = document.querySelector('#rescue-sheet[open] h1, h1')?.textContent.trim() ?? '';
  const words = (event.submitter ?? form.querySelector('button')).firstChild.textContent.trim();
  const clock = document.querySelector('[data-clock]')?.textContent ?? '';
  const mark = `${Date.now()}-${Math.random().toString(36).slice(2)}`;
  const says = `${clock} ${place}: ${[words, ...typed].join(' ')}`;
  keep([...held(), { mark, says, to: form.action, from: location.href, body: String(new URLSearchParams(fields)), at: Math.round(now()) }]);
  form.reset();
  // It may be sent again: with the next reading.
  delete form.dataset.sent;
  form.closest('dialog')?.close();
  show();
}

async function sendOne({ mark, to, body, at }) {
  const fields = new URLSearchParams(body);
  fields.set('_token', document.querySelector('meta[name=csrf-token]').content);
  fields.set('held_at', String(at));
  const answer = await fetch(to, { method: 'POST', body: fields, headers: { 'Lento-Held': 'yes', Accept: 'text/html' } });
  if (answer.ok) keep(held().filter((one) => one.mark !== mark));
  else if (answer.status === 422) change(mark, { why: (await answer.json()).message });
  else if ([404, 403, 410].includes(answer.status)) change(mark, { why: document.querySelector('#later').dataset.away });
  return answer.ok || answer.status === 422 || answer.status < 500;
}

let sending = false;
async function send() {
  if (sending || !held().some((one) => !one.why)) return;
  sending = true;
  try {
    for (const one of held().filter(({ why }) => !why)) if (!(await sendOne(one))) break;
    if (document.body.classList.contains('at-keep') && !held().some(({ why }) => why)) location.reload();
  } catch {
    // The line is gone again: what is left stays held.
  } finally {
    sending = false;
    show();
  }
}

export function startLater() {
  if (!document.querySelector('#later')) return;
  document.addEventListener('submit', take);
  document.addEventListener('lento:heard', send);
  window.addEventListener('storage', show);
  show();
}
