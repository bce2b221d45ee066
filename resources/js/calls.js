// A pot that calls: a line of text for those who listen to the page, a turned ticket for those who see it, and what this tablet was told to
// do besides: a tone for the whole kitchen, a frame that flashes in a silent one, a shake in a pocket. Until its own button hushes it.

import { now } from './clocks.js';

const STORE = 'lento.calls';
const WAYS = ['sound', 'flash', 'shake'];
// ms between two tones of one call.
const AGAIN = 8000;
// Tones are laid ahead on the sound card's own clock, which a page in the background keeps; so far ahead, and for so long.
const AHEAD = 600_000;
const RING = 64_000;
// A call goes to the tablet of the cook it is for; one that nobody has seen to by then goes to all.
const THEIRS = 60_000;
const PATTERN = [300, 150, 300];

const TRIED = 2000;

let [tones, called, triedUntil] = [null, new Set(), 0];
const hushed = new Set();
/** What is laid ahead, by call: its voices, and until when. */
const laid = new Map();

const chosen = () => new Set((localStorage.getItem(STORE) ?? '').split(' ').filter((way) => WAYS.includes(way)));
const wants = (way) => chosen().has(way);

/** Two tones, so many seconds from now. */
function ring(delay) {
  return [[0, 660], [0.22, 880]].map(([later, pitch]) => {
    const [voice, volume] = [tones.createOscillator(), tones.createGain()];
    const at = tones.currentTime + Math.max(0, delay) + later;
    voice.frequency.value = pitch;
    volume.gain.setValueAtTime(0.0001, at);
    volume.gain.exponentialRampToValueAtTime(0.4, at + 0.02);
    volume.gain.exponentialRampToValueAtTime(0.0001, at + 0.2);
    voice.connect(volume).connect(tones.destination);
    voice.start(at);
    voice.stop(at + 0.21);
    return voice;
  });
}

function takeBack(key) {
  laid.get(key)?.voices.forEach((voice) => voice.stop());
  laid.delete(key);
}

/** Lays the tones of a call ahead, from where they end now to where they are wanted. */
function lay({ key, ends }, at) {
  const { voices, until } = laid.get(key) ?? { voices: [], until: Math.max(at, ends) };
  let next = until;
  for (; next < Math.max(at, ends) + RING; next += AGAIN) voices.push(...ring((next - at) / 1000));
  laid.set(key, { voices, until: next });
}

/** All that calls or will: whose it is, and until when. */
function callsOf(at) {
  return [...document.querySelectorAll('.rail [data-calls]')]
    .map((call) => ({ words: call.dataset.calls, ends: Number(call.dataset.ends), whose: call.dataset.for }))
    .map((call) => {
      const me = document.body.dataset.me;
      const isMine = !me || !call.whose || me === call.whose;
      return { ...call, key: `${call.words} ${call.ends}`, ends: isMine ? call.ends : call.ends + THEIRS };
    })
    .filter((call) => call.ends - at < AHEAD && !hushed.has(call.key));
}

function shake(pattern) {
  if (wants('shake')) navigator.vibrate?.(pattern);
}

/** On a tablet that lies with another page open: as a message of its own, where that was allowed. */
async function notify(words) {
  if (!document.hidden || !('Notification' in window) || Notification.permission !== 'granted') return;
  const worker = await navigator.serviceWorker?.ready;
  await worker?.showNotification(words, { tag: words, icon: '/icons/lento-192.png', vibrate: PATTERN });
}

function look() {
  const at = now();
  const calls = callsOf(at);
  const due = calls.filter((call) => call.ends <= at);
  const fresh = due.filter((call) => !called.has(call.key));
  called = new Set(due.map((call) => call.key));
  if (fresh.length > 0) {
    document.querySelector('#calls').textContent = fresh.map((call) => call.words).join('. ');
    shake(PATTERN);
    fresh.forEach((call) => notify(call.words));
  }
  const sounds = wants('sound') && tones?.state === 'running';
  for (const key of [...laid.keys()]) if (!sounds || !calls.some((call) => call.key === key)) takeBack(key);
  if (sounds) calls.forEach((call) => lay(call, at));
  show(due);
}

function show(due) {
  const bar = document.querySelector('#calling');
  const loud = chosen().size > 0 && due.length > 0;
  if (bar && bar.hidden === loud) bar.hidden = !loud;
  if (loud) {
    const words = due.map((call) => call.words).join('. ');
    const told = bar.querySelector('span');
    if (told.textContent !== words) told.textContent = words;
  }
  document.documentElement.toggleAttribute('data-flash', wants('flash') && (loud || now() < triedUntil));
  const opener = document.querySelector('[data-calls-open]');
  const waits = wants('sound') && tones?.state !== 'running';
  const says = waits ? opener.dataset.waits : wants('sound') ? opener.dataset.on : opener.dataset.off;
  if (opener.textContent !== says) opener.textContent = says;
  opener.classList.toggle('waits', waits);
}

/** A browser lets a page sound from its first tap on, and no sooner. */
function open() {
  if (!wants('sound')) return;
  tones ??= new AudioContext();
  if (tones.state !== 'running') tones.resume();
}

function tryOut() {
  open();
  if (wants('sound')) tones.resume().then(() => ring(0));
  shake(PATTERN);
  triedUntil = now() + TRIED;
  look();
}

export function startCalls() {
  const opener = document.querySelector('[data-calls-open]');
  const dialog = document.querySelector('#calls-set');
  if (!opener || !dialog) return;
  opener.hidden = false;
  opener.addEventListener('click', () => dialog.showModal());
  for (const box of dialog.querySelectorAll('[data-way]')) {
    box.checked = wants(box.dataset.way);
    box.addEventListener('change', () => {
      const ways = chosen();
      if (box.checked) ways.add(box.dataset.way);
      else ways.delete(box.dataset.way);
      localStorage.setItem(STORE, [...ways].join(' '));
      if (box.checked && 'Notification' in window && window.isSecureContext) Notification.requestPermission().catch(() => null);
      open();
      look();
    });
  }
  dialog.querySelector('[data-try]').addEventListener('click', tryOut);
  document.querySelector('[data-hush]').addEventListener('click', () => {
    for (const key of called) {
      hushed.add(key);
      takeBack(key);
    }
    navigator.vibrate?.(0);
    look();
  });
  for (const touch of ['pointerdown', 'keydown']) document.addEventListener(touch, open);
  open();
  look();
  setInterval(look, 500);
}
