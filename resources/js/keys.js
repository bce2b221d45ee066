// Single keys for wet hands: every key is a real button or link on the page that carries it in data-key.

const STORE = 'lento.keys';

const typing = (target) =>
  target instanceof HTMLElement &&
  (target.isContentEditable || /^(INPUT|SELECT|TEXTAREA)$/.test(target.tagName)) &&
  !['radio', 'checkbox'].includes(target.type);

// The space bar on a focused button, link or radio is that control's own; only a free space means "done".
const controls = (target) => target instanceof HTMLElement && /^(BUTTON|A|SUMMARY|INPUT)$/.test(target.tagName);

function press(key) {
  // A sheet that lies over the page has its own keys; the page under it has none.
  const on = document.querySelector('dialog[open]') ?? document;
  const target = [...on.querySelectorAll('[data-key]')].find((element) => element.dataset.key === key && !element.disabled);
  if (!target) return false;
  if (target.tagName === 'INPUT') {
    target.focus();
    return true;
  }
  target.click();
  if (target.tagName === 'SUMMARY')
    target.parentElement.querySelector(':scope > :not(summary) :is(input:not([type=hidden]), button)')?.focus();
  return true;
}

/** What this page is for, above its keys: asked for once; without a line the keys alone are there. */
async function guide(into, address) {
  if (into.childElementCount > 0) return;
  try {
    const answer = await fetch(address, { headers: { 'HX-Request-Type': 'partial' } });
    if (answer.ok) into.innerHTML = await answer.text();
  } catch {
    // Its link stands below.
  }
}

function walkPots(step) {
  const tickets = [...document.querySelectorAll('.rail [data-pot]')];
  if (tickets.length === 0) return false;
  const here = document.querySelector('.stove')?.dataset.pot;
  const at = tickets.findIndex((ticket) => ticket.dataset.pot === here);
  tickets[(at + step + tickets.length) % tickets.length].click();
  return true;
}

export function startKeys() {
  const dialog = document.querySelector('#keys');
  const toggle = document.querySelector('[data-keys-toggle]');
  const opener = document.querySelector('[data-keys-open]');
  opener.addEventListener('click', (event) => {
    // A link of its own where it is to be opened elsewhere, and where there is no JavaScript.
    if (event.ctrlKey || event.metaKey || event.shiftKey) return;
    event.preventDefault();
    dialog.showModal();
    guide(dialog.querySelector('.guide-here'), opener.href);
  });
  toggle.checked = localStorage.getItem(STORE) !== 'off';
  toggle.addEventListener('change', () => localStorage.setItem(STORE, toggle.checked ? 'on' : 'off'));

  document.querySelector('[data-print]')?.addEventListener('click', () => window.print());

  document.addEventListener('keydown', (event) => {
    if (event.key === 'Escape' && typing(event.target)) event.target.blur();
    if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented || event.repeat || dialog.open || typing(event.target))
      return;
    if (!toggle.checked && event.key !== '?') return;
    if (event.key === ' ' && controls(event.target)) return;
    const acted =
      event.key === '[' ? walkPots(-1)
      : event.key === ']' ? walkPots(1)
      : event.key.toLowerCase() === 'p' && !document.querySelector('[data-key=p]') ? (window.print(), true)
      : press(event.key.toLowerCase());
    if (acted) event.preventDefault();
  });
}
