// A pot that calls: a line of text for those who listen to the page, a turned ticket for those who see it, a tone for the rest of the
// kitchen. Tones only after a tap has allowed them, and until somebody touches the page.

import { now } from './clocks.js';

const STORE = 'lento.sound';
const AGAIN = 8000;

let [tones, called, lastTone, hushed] = [null, new Set(), 0, 0];

const wanted = () => localStorage.getItem(STORE) === 'on';

function tone() {
  if (!tones || tones.state !== 'running') return;
  for (const [delay, pitch] of [[0, 660], [0.22, 880]]) {
    const [voice, volume] = [tones.createOscillator(), tones.createGain()];
    const at = tones.currentTime + delay;
    voice.frequency.value = pitch;
    volume.gain.setValueAtTime(0.0001, at);
    volume.gain.exponentialRampToValueAtTime(0.4, at + 0.02);
    volume.gain.exponentialRampToValueAtTime(0.0001, at + 0.2);
    voice.connect(volume).connect(tones.destination);
    voice.start(at);
    voice.stop(at + 0.21);
  }
}

function look() {
  const at = now();
  const due = [...document.querySelectorAll('.rail [data-calls]')].filter((call) => Number(call.dataset.ends) <= at);
  const keys = due.map((call) => `${call.dataset.calls} ${call.dataset.ends}`);
  const fresh = due.filter((call, i) => !called.has(keys[i]));
  called = new Set(keys);
  if (fresh.length > 0) document.querySelector('#calls').textContent = fresh.map((call) => call.dataset.calls).join('. ');
  const unheard = due.some((call) => Number(call.dataset.ends) > hushed);
  if (unheard && at - lastTone > AGAIN) {
    lastTone = at;
    tone();
  }
}

export function startCalls() {
  const button = document.querySelector('[data-sound]');
  if (!button) return;
  const show = () => {
    button.setAttribute('aria-pressed', String(wanted()));
    button.textContent = wanted() ? button.dataset.on : button.dataset.off;
  };
  const open = () => {
    if (!wanted()) return;
    tones ??= new AudioContext();
    tones.resume();
  };
  button.hidden = false;
  button.addEventListener('click', () => {
    localStorage.setItem(STORE, wanted() ? 'off' : 'on');
    if (!wanted()) tones?.suspend();
    open();
    if (wanted()) tone();
    show();
  });
  for (const touch of ['pointerdown', 'keydown']) {
    document.addEventListener(touch, () => {
      hushed = now();
      open();
    });
  }
  show();
  setInterval(look, 500);
}
