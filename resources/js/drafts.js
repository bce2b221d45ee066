// What is half written stays: while another tablet taps on or closes the pot, over a reload, over the end of a session. A pot that was
// closed meanwhile has no such field any more: then it stands in the note of its page in the log, to be kept or let go.

import { store, stored } from './stored.js';

const STORE = 'lento.drafts';
// ms after which nobody goes on with what was begun.
const KEPT = 86_400_000;
const TEXT = 'input:not([type]), input[type=text], input[type=number], textarea';

const place = () => location.pathname.replace(/^\/(pots|log)\/(\d+).*$/, 'pot $2');

const all = () => Object.fromEntries(Object.entries(stored(STORE, {})).filter(([, draft]) => Date.now() - draft.at < KEPT));
const save = (drafts) => store(STORE, drafts);
const key = (field) => `${place()} ${field.id}`;
const drafted = (field) => field?.matches?.(TEXT) && field.id && field.form?.matches('[method=post]:not([data-asks], [data-leaves])');

function write(field) {
  const drafts = all();
  if (field.value === field.defaultValue) delete drafts[key(field)];
  else drafts[key(field)] = { at: Date.now(), value: field.value, label: field.labels?.[0]?.innerText.trim() ?? field.name };
  save(drafts);
}

function fill(field, value) {
  field.value = value;
  for (let folded = field.closest('details'); folded; folded = folded.parentElement.closest('details')) folded.open = true;
}

function restore() {
  const drafts = all();
  const mine = Object.entries(drafts).filter(([name]) => name.startsWith(`${place()} `));
  const lost = [];
  for (const [name, draft] of mine) {
    const field = document.getElementById(name.slice(place().length + 1));
    // What was sent came through, for this is not the door.
    if (draft.sent) delete drafts[name];
    else if (!field) lost.push([name, draft]);
    else if (field.value === field.defaultValue && field !== document.activeElement) fill(field, draft.value);
  }
  const note = location.pathname.startsWith('/log/') && document.querySelector('#text');
  if (note && lost.length > 0 && note.value === '') {
    fill(note, lost.map(([, draft]) => `${draft.label}: ${draft.value}`).join('\n'));
    document.querySelector('#half-written').hidden = false;
    for (const [name] of lost) delete drafts[name];
  }
  save(drafts);
}

/** At the door nothing came through: what was sent was not. */
function keepAll() {
  save(Object.fromEntries(Object.entries(all()).map(([name, draft]) => [name, { ...draft, sent: false }])));
}

export function startDrafts() {
  if (!document.querySelector('.rail') || document.body.classList.contains('at-error')) return keepAll();
  document.addEventListener('input', ({ target }) => drafted(target) && write(target));
  document.addEventListener('submit', ({ target }) => {
    const drafts = all();
    for (const field of target.elements ?? []) {
      if (!(key(field) in drafts)) continue;
      // What is tapped at the stove is held on the tablet from here on.
      if (target.matches('[data-stove]')) delete drafts[key(field)];
      else drafts[key(field)].sent = true;
    }
    save(drafts);
  });
  document.addEventListener('lento:drawn', restore);
  restore();
}
