// Drags a handle of a drawing along its track and writes the number it stands for into its field; arrow keys do the same in steps.
// Where a share of the track stands for which number comes with the handle, from the drawing: "0:160 0.1:125 …".

const stopsOf = (handle) => handle.dataset.stops.split(' ').map((stop) => stop.split(':').map(Number));

function valueAt(stops, share) {
  const clamped = Math.max(stops[0][0], Math.min(stops[stops.length - 1][0], share));
  const i = Math.max(1, stops.findIndex(([at]) => at >= clamped));
  const [[from, low], [to, high]] = [stops[i - 1], stops[i]];
  return to === from ? high : low + ((high - low) * (clamped - from)) / (to - from);
}

function write(handle, value) {
  const step = Number(handle.dataset.step);
  const [least, most] = [
    handle.dataset.least ?? handle.getAttribute('aria-valuemin'),
    handle.dataset.most ?? handle.getAttribute('aria-valuemax'),
  ].map(Number);
  const rounded = Math.min(most, Math.max(least, Math.round(value / step) * step));
  const text = String(Number(rounded.toFixed(2)));
  const field = document.getElementById(handle.dataset.for) ?? document.querySelector(`[name="${handle.dataset.for}"]`);
  handle.setAttribute('aria-valuenow', text);
  if (!field || field.value === text) return;
  if (field.tagName === 'SELECT' && ![...field.options].some((option) => option.value === text)) field.add(new Option(`${text} : 1`, text));
  field.value = text;
  field.dispatchEvent(new Event('input', { bubbles: true }));
}

function drag(handle, event) {
  const track = handle.parentElement.querySelector(':scope > [data-track]') ?? handle.closest('[data-track]');
  const box = track.getBoundingClientRect();
  const share = handle.dataset.axis === 'x' ? (event.clientX - box.left) / box.width : (event.clientY - box.top) / box.height;
  write(handle, valueAt(stopsOf(handle), share));
}

const KEYS = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1, PageUp: 5, PageDown: -5 };
// As far as the drawing goes either way.
const ENDS = { Home: Math.min, End: Math.max };

export function startSlides() {
  document.addEventListener('pointerdown', (event) => {
    const handle = event.target.closest?.('[data-slide]');
    if (!handle) return;
    event.preventDefault();
    handle.focus();
    const move = (moved) => drag(handle, moved);
    document.addEventListener('pointermove', move);
    const up = () => document.removeEventListener('pointermove', move);
    document.addEventListener('pointerup', up, { once: true });
    document.addEventListener('pointercancel', up, { once: true });
  });
  document.addEventListener('keydown', (event) => {
    const handle = event.target.closest?.('[data-slide]');
    if (!handle || !(event.key in KEYS || event.key in ENDS)) return;
    event.preventDefault();
    const value = Number(handle.getAttribute('aria-valuenow'));
    const reach = stopsOf(handle).map(([, there]) => there);
    write(handle, event.key in ENDS ? ENDS[event.key](...reach) : value + KEYS[event.key] * Number(handle.dataset.step));
  });
}
