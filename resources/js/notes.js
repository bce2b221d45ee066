// Notes of a score in the hand: a tap opens one, a drag moves it in time. While it is dragged the minutes between which it can move by
// itself are shown; where it is let go is said to the server, which plans the rest.

const SLACK = 6;

const clock = (at, minutes) => {
  const [hours, rest] = at.split(':').map(Number);
  const day = (((hours * 60 + rest + minutes) % 1440) + 1440) % 1440;
  return `${String(Math.floor(day / 60)).padStart(2, '0')}:${String(day % 60).padStart(2, '0')}`;
};

function open(id) {
  // The row of the list is the way there for keys and readers; a finger on the drawing takes the same.
  const row = [...document.querySelectorAll('.score-list a[data-note]')].find((one) => one.dataset.note === id);
  row?.click();
}

function show(hit, moved) {
  const drawing = hit.ownerSVGElement;
  const told = JSON.parse(hit.dataset.gripNote);
  const each = Number(drawing.dataset.minute);
  const start = hit.x.baseVal.value;
  const drag = drawing.querySelector('.drag');
  drag.removeAttribute('hidden');
  drag.querySelector('.drag-room').setAttribute('x', start + told.from * each);
  drag.querySelector('.drag-room').setAttribute('width', Math.max(2, (told.until - told.from) * each));
  drag.querySelector('.drag-line').setAttribute('transform', `translate(${start + moved * each} 0)`);
  drag.querySelector('.drag-at').setAttribute('x', start + moved * each + 6);
  drag.querySelector('.drag-at').textContent = clock(told.at, moved);
  hit.classList.add('held');
}

function hide(hit) {
  hit.ownerSVGElement?.querySelector('.drag').setAttribute('hidden', '');
  hit.classList.remove('held');
}

function say(hit, moved) {
  const form = document.querySelector('form[data-drag-form]');
  if (!form) return;
  form.elements.of.value = hit.dataset.note;
  form.elements.note.value = hit.dataset.note;
  form.elements.at.value = clock(JSON.parse(hit.dataset.gripNote).at, moved);
  form.requestSubmit();
}

export function startNotes() {
  let held = false;
  let missed = false;
  // A better plan that came meanwhile would take the note from under the finger.
  document.addEventListener('htmx:before:swap', (event) => {
    if (!held) return;
    missed = true;
    event.preventDefault();
  });
  document.addEventListener('pointerdown', (event) => {
    const hit = event.target.closest?.('[data-grip-note]');
    if (!hit || event.button > 0) return;
    const drawing = hit.ownerSVGElement;
    const box = drawing.getBoundingClientRect();
    const each = Number(drawing.dataset.minute) * (box.width / drawing.viewBox.baseVal.width);
    const from = event.clientX;
    let dragged = false;
    held = true;
    missed = false;
    const minutes = (at) => Math.round((at.clientX - from) / each);
    const follow = (at) => {
      dragged ||= Math.abs(at.clientX - from) > SLACK;
      if (dragged) show(hit, minutes(at));
    };
    const end = (at) => {
      document.removeEventListener('pointermove', follow);
      document.removeEventListener('pointerup', end);
      document.removeEventListener('pointercancel', end);
      hide(hit);
      held = false;
      if (at.type !== 'pointercancel' && dragged && minutes(at) !== 0) say(hit, minutes(at));
      else if (at.type !== 'pointercancel' && !dragged) open(hit.dataset.note);
      // What came while it was held was not let in; it is asked for again.
      else if (missed) document.querySelector('form[id^=round-]')?.requestSubmit();
    };
    document.addEventListener('pointermove', follow);
    document.addEventListener('pointerup', end);
    document.addEventListener('pointercancel', end);
  });
}
