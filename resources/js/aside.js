// Taps that the server could not take: shown on every page until somebody has sent them again, or written down what they were.

import { aside } from './held.js';

const about = (event) => `${new Date(Number(event.at)).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' })} ${event.kind}`;

function line(event, forget) {
  const item = document.createElement('li');
  const what = document.createElement('code');
  what.textContent = JSON.stringify(event);
  const drop = Object.assign(document.createElement('button'), { type: 'button', className: 'btn btn-outline-dark', textContent: forget });
  drop.addEventListener('click', () => {
    aside.drop(event.token);
    showAside();
  });
  item.append(`${about(event)} `, what, drop);
  return item;
}

export function showAside() {
  const box = document.querySelector('#aside');
  if (!box) return;
  const events = aside.all();
  box.hidden = events.length === 0;
  box.querySelector('summary').textContent = (events.length === 1 ? box.dataset.one : box.dataset.many).replace(
    ':count',
    String(events.length),
  );
  box.querySelector('ul').replaceChildren(...events.map((event) => line(event, box.dataset.forget)));
}

export function startAside() {
  document.querySelector('#aside [data-again]')?.addEventListener('click', () => {
    aside.giveBack();
    document.dispatchEvent(new CustomEvent('lento:again'));
  });
}
