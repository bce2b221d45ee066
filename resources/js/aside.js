// Taps that the server could not take: shown on every page until somebody has sent them again, or written down what they were.

import { aside } from './held.js';

// What a cook has said of it stands first; all that was sent is under it, for whoever repairs it.
const OWN = ['token', 'pot', 'step', 'at', 'kind', 'v', 'why'];

function about(event) {
  const time = new Date(Number(event.at)).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });
  const said = Object.entries(event).filter(([name, value]) => !OWN.includes(name) && value !== '');
  return [time, event.kind, ...said.map(([, value]) => String(value))].join(' ');
}

function line(event, forget, sent) {
  const item = document.createElement('li');
  const what = document.createElement('details');
  const title = document.createElement('summary');
  title.textContent = sent;
  const code = document.createElement('code');
  code.textContent = JSON.stringify(event);
  what.append(title, code);
  const drop = Object.assign(document.createElement('button'), { type: 'button', className: 'btn btn-outline-dark', textContent: forget });
  drop.addEventListener('click', () => {
    aside.drop(event.token);
    showAside();
  });
  const words = document.createElement('span');
  words.textContent = about(event);
  item.append(words, what, drop);
  return item;
}

export function showAside() {
  const box = document.querySelector('#aside');
  if (!box) return;
  const events = aside.all();
  box.hidden = events.length === 0;
  box.querySelector(':scope > summary').textContent = (events.length === 1 ? box.dataset.one : box.dataset.many).replace(
    ':count',
    String(events.length),
  );
  box.querySelector(':scope > ul').replaceChildren(...events.map((event) => line(event, box.dataset.forget, box.dataset.sent)));
}

export function startAside() {
  document.querySelector('#aside [data-again]')?.addEventListener('click', () => {
    aside.giveBack();
    document.dispatchEvent(new CustomEvent('lento:again'));
  });
}
