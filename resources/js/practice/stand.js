// A cook at the practice pot: plays what the server has reckoned, sends each thing that is done with its second, and plays on from the
// answer. It reckons nothing.

import { draw } from './pan.js';
import { isOn, sound, turnOff, turnOn } from './hiss.js';
import { Trace } from './trace.js';

// Pot seconds before a turn at which play slows down to this speed; s of play that are fetched ahead.
const NEAR = 25;
const SLOW = 4;
const AHEAD = 12;
const AGAIN = 2500;
const SPEAKS_EVERY = 4000;
// ms within which the click comes that belongs to a finger that was lifted; and from which on a finger was held.
const CLICKED = 50;
const HELD = 600;
// s of its time that a practice pot is reckoned for, at most.
const LONGEST = 12 * 3600;

const still = matchMedia('(prefers-reduced-motion: reduce)');

class Stand {
  constructor(root) {
    this.root = root;
    this.says = JSON.parse(root.dataset.says);
    this.canvas = root.querySelector('#pan');
    this.panel = root.querySelector('#practice-panel');
    this.names = JSON.parse(root.dataset.names);
    this.trace = new Trace(JSON.parse(root.dataset.trace), this.names);
    this.version = Number(this.panel.dataset.version);
    this.over = this.panel.dataset.over === 'yes';
    this.base = Number(this.panel.dataset.second);
    this.second = this.remembered() ?? this.base;
    [this.playing, this.speed, this.busy, this.fetching, this.dips] = [false, SLOW, false, false, false];
    [this.last, this.clock, this.spoke, this.spoken, this.pour] = [performance.now(), 0, 0, '', null];
    this.waiting = [];
    this.listen();
    this.resize();
    this.show();
    requestAnimationFrame((now) => this.frame(now));
    this.sendLeft();
  }

  get key() {
    return `lento.practice.${this.root.dataset.practice}`;
  }

  // A tablet whose lid was closed goes on from where it was, if nobody has done anything since.
  remembered() {
    const kept = JSON.parse(sessionStorage.getItem(this.key) ?? 'null');
    return kept && kept.version === this.version && kept.second >= this.base ? kept.second : null;
  }

  remember() {
    sessionStorage.setItem(this.key, JSON.stringify({ version: this.version, second: this.second }));
  }

  listen() {
    const { root } = this;
    root.querySelector('[data-speeds]').hidden = still.matches;
    root.classList.toggle('steps', still.matches);
    root.addEventListener('submit', (event) => this.submitted(event));
    root.addEventListener('click', (event) => this.clicked(event));
    root.addEventListener('pointerdown', (event) => this.pressed(event));
    for (const name of ['pointerup', 'pointercancel', 'blur']) window.addEventListener(name, () => this.released());
    document.addEventListener('visibilitychange', () => {
      if (!document.hidden) return;
      this.released();
      this.pause();
    });
    window.addEventListener('pagehide', () => this.released());
    window.addEventListener('resize', () => this.resize());
    this.hands();
  }

  // What only script can do is there only with script.
  hands() {
    for (const one of this.panel.querySelectorAll('[data-pour]')) one.hidden = false;
  }

  resize() {
    const wide = this.canvas.clientWidth * Math.min(2, devicePixelRatio);
    if (Math.abs(this.canvas.width - wide) <= 1 || wide <= 50) return;
    // What is given a size is empty after that: without motion nothing else would draw it again.
    [this.canvas.width, this.canvas.height] = [wide, wide];
    this.dirty = true;
  }

  colours() {
    const style = getComputedStyle(document.documentElement);
    const of = (name) => style.getPropertyValue(`--${name}`).trim();
    return { ink: of('ink'), soft: of('soft'), edge: of('edge'), sheet: of('sheet') };
  }

  frame(now) {
    const passed = Math.min(0.25, (now - this.last) / 1000);
    this.last = now;
    if (!still.matches) this.clock += passed;
    if (this.playing && !this.busy) this.forward(passed);
    if (!still.matches || this.dirty) this.show();
    requestAnimationFrame((next) => this.frame(next));
  }

  forward(passed) {
    const near = this.trace.turnAfter(this.second - 3) - this.second < NEAR;
    const slowed = near && this.speed > SLOW;
    this.root.querySelector('#practice-slow').hidden = !slowed;
    this.second += passed * (slowed ? SLOW : this.speed);
    if (this.trace.until - this.second < this.speed * AHEAD) this.fetchMore();
    const waits = this.second > this.trace.until;
    if (waits) this.second = this.trace.until;
    // Nobody stands at one pot for longer.
    const ended = waits && this.trace.until >= LONGEST;
    this.held(waits && !ended);
    if (ended) this.pause();
  }

  held(waits) {
    const note = this.root.querySelector('#practice-held');
    if (note.hidden === waits) note.hidden = !waits;
  }

  show() {
    this.dirty = false;
    const look = this.trace.at(this.second);
    const stirs = this.panel.querySelector('[data-hold=stir]')?.getAttribute('aria-pressed') === 'true';
    const where = this.panel.querySelector('[name=where]')?.value ?? 'all';
    draw(this.canvas, look, this.clock, { stirring: stirs, where, still: still.matches, dipped: this.dips }, this.colours());
    sound(look, this.playing);
    this.tell();
  }

  tell() {
    const shown = this.panel.querySelector('[data-practice-clock]');
    const whole = Math.floor(this.second);
    const text = `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
    if (shown && shown.textContent !== text) shown.textContent = text;
    const back = this.root.querySelector('[data-practice-back] [name=at]');
    if (back.value !== String(whole)) back.value = String(whole);
    const [, sights, smell, hears] = this.trace.wordsAt(this.second);
    const told = { sights, smell, sound: hears };
    for (const [sense, words] of Object.entries(told)) {
      const place = this.panel.querySelector(`[data-sense=${sense}]`);
      if (place && place.textContent !== words) place.textContent = words;
    }
    const all = [sights, smell, hears].join('. ');
    if (all === this.spoken || performance.now() - this.spoke < SPEAKS_EVERY) return;
    [this.spoken, this.spoke] = [all, performance.now()];
    this.root.querySelector('#practice-said').textContent = all;
    this.canvas.setAttribute('aria-label', this.says.picture.replace(':what', sights));
  }

  play() {
    if (this.over || still.matches) return;
    this.playing = true;
    this.pressedPlay();
  }

  pause() {
    this.playing = false;
    this.remember();
    this.pressedPlay();
  }

  pressedPlay() {
    const button = this.root.querySelector('[data-play]');
    button.textContent = this.playing ? this.says.pause : this.says.play;
    button.setAttribute('aria-pressed', String(this.playing));
  }

  async fetchMore() {
    if (this.fetching || this.busy || this.trace.until >= LONGEST) return;
    this.fetching = true;
    const version = this.version;
    try {
      const answer = await fetch(`${this.root.dataset.ahead}?from=${this.trace.until}`, {
        headers: { Accept: 'application/json' },
      });
      const told = answer.ok ? await answer.json() : null;
      if (told && told.version === version && version === this.version) this.trace.longer(told);
    } catch {
      // The line is down: what is reckoned is played to its end, and then it waits where one can see it.
    }
    setTimeout(() => (this.fetching = false), this.trace.until - this.second < 1 ? AGAIN : 200);
  }

  clicked(event) {
    const speed = event.target.closest('[data-speed]');
    if (speed) {
      this.speed = Number(speed.dataset.speed);
      for (const one of this.root.querySelectorAll('[data-speed]')) one.setAttribute('aria-pressed', String(one === speed));
      this.play();
    }
    if (event.target.closest('[data-play]')) this.playing ? this.pause() : this.play();
    const hears = event.target.closest('[data-sound]');
    if (hears) this.hear(hears);
  }

  async hear(button) {
    if (isOn()) await turnOff();
    else await turnOn();
    button.textContent = isOn() ? this.says.on : this.says.off;
    button.setAttribute('aria-pressed', String(isOn()));
  }

  submitted(event) {
    const form = event.target;
    const deed = event.submitter?.value;
    if (form.matches('[data-practice-back]')) {
      event.preventDefault();
      this.send(this.root.dataset.back, { at: Math.floor(this.second) });
      return;
    }
    if (!form.matches('[data-practice-form]') || !deed) return;
    event.preventDefault();
    if (this.swallows && deed.startsWith('stir')) return;
    const fields = Object.fromEntries(new FormData(form));
    this.dips = deed === 'dip';
    this.act(deed, { grams: fields.grams, where: fields.where, called: fields.called || undefined, litres: fields.litres || undefined });
  }

  // Held down the spoon goes round, and stops when it is let go; a short tap, or a key, leaves it going.
  pressed(event) {
    const stir = event.target.closest('[data-hold=stir]');
    if (stir && stir.getAttribute('aria-pressed') === 'false') {
      // From the moment it is pressed; the click that may follow says nothing more.
      [this.holding, this.swallows] = [performance.now(), true];
      this.act('stir:1', { where: this.panel.querySelector('[name=where]')?.value });
    }
    const pour = event.target.closest('[data-pour]');
    if (!pour || pour.disabled || this.busy) return;
    event.preventDefault();
    this.pour = {
      what: pour.dataset.pour,
      rate: Number(pour.dataset.rate),
      from: performance.now(),
      second: Math.floor(this.second),
      pour,
    };
    this.pourOn();
  }

  poured() {
    return ((performance.now() - this.pour.from) / 1000) * this.pour.rate;
  }

  pourOn() {
    if (!this.pour) return;
    const grams = this.poured();
    this.pour.pour.textContent = this.says.pouring.replace(':grams', `${Math.round(grams)} g`);
    // What is written down each moment is not lost with the page.
    localStorage.setItem(
      `${this.key}.pour`,
      JSON.stringify({ what: this.pour.what, grams, version: this.version, at: this.pour.second }),
    );
    requestAnimationFrame(() => this.pourOn());
  }

  released() {
    if (this.holding && performance.now() - this.holding > HELD) this.act('stir:0', { where: 'all' });
    this.holding = null;
    setTimeout(() => (this.swallows = false), CLICKED);
    if (!this.pour) return;
    const { what, second } = this.pour;
    const grams = this.poured();
    this.pour = null;
    if (grams >= 1) this.act(`add:${what}`, { grams: grams.toFixed(1) }, second);
  }

  // A pour that the page was closed on: what had left the jug by then is in the pot.
  sendLeft() {
    const left = JSON.parse(localStorage.getItem(`${this.key}.pour`) ?? 'null');
    localStorage.removeItem(`${this.key}.pour`);
    if (left && left.version === this.version && left.grams >= 1)
      this.act(`add:${left.what}`, { grams: left.grams.toFixed(1) }, left.at);
  }

  act(deed, fields = {}, second = Math.floor(this.second)) {
    const more = Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== undefined));
    this.send(this.root.dataset.deeds, { deed, version: this.version, at: Math.max(this.base, second), ...more });
  }

  // One at a time and in order: a second tap waits for the answer to the first, and goes by what that says.
  async send(address, body) {
    if (this.busy) {
      this.waiting.push([address, body]);
      return;
    }
    this.busy = true;
    const late = setTimeout(() => this.held(true), 250);
    try {
      const answer = await fetch(address, {
        method: 'POST',
        headers: {
          'Content-Type': 'application/json',
          Accept: 'application/json',
          'X-CSRF-TOKEN': document.querySelector('meta[name=csrf-token]').content,
        },
        body: JSON.stringify(body),
      });
      if ([401, 419].includes(answer.status)) return location.reload();
      if (answer.status >= 500 || answer.status === 429) throw new Error(String(answer.status));
      this.heard(await answer.json());
      localStorage.removeItem(`${this.key}.pour`);
    } catch {
      // The very same again, until it is answered: the server takes it once.
      setTimeout(() => {
        this.busy = false;
        this.send(address, body);
      }, AGAIN);
      clearTimeout(late);
      this.held(true);
      return;
    }
    clearTimeout(late);
    this.held(false);
    this.busy = false;
    const [next, asked] = this.waiting.shift() ?? [];
    if (!next) return;
    this.send(next, 'version' in asked ? { ...asked, version: this.version, at: Math.max(this.base, asked.at) } : asked);
  }

  heard(told) {
    if (!told.looks) {
      this.refused(told.message);
      return;
    }
    this.version = told.version;
    this.base = told.second;
    this.over = told.over;
    this.trace = new Trace(told, this.names);
    this.second = told.resume ?? Math.max(told.second, Math.min(this.second, this.trace.until));
    this.redraw(told.panel);
    if (told.said) this.root.querySelector('#practice-said').textContent = told.said;
    this.dirty = true;
    this.remember();
    if (this.over) this.pause();
  }

  // What the form itself would not take: said where the panel says what is wrong, and for the ear.
  refused(words) {
    const fault = document.createElement('p');
    fault.className = 'field-error';
    fault.setAttribute('role', 'alert');
    fault.textContent = words ?? '';
    this.panel.querySelector('.practice-senses').before(fault);
  }

  redraw(html) {
    const focused = document.activeElement;
    const mark = focused?.getAttribute('value') ?? focused?.id ?? focused?.dataset?.pour;
    const inside = this.panel.contains(focused);
    const title = this.panel.querySelector('h1')?.textContent;
    this.panel.innerHTML = html;
    this.hands();
    const now = this.panel.querySelector('h1');
    if (now.textContent !== title) document.title = `${now.textContent} · Lento`;
    if (!inside) return;
    const back = [...this.panel.querySelectorAll('button, input, select')].find(
      (one) => mark && [one.value, one.id].includes(mark),
    );
    if (back && now.textContent === title) back.focus();
    else if (mark?.startsWith('stir') && now.textContent === title) this.panel.querySelector('[data-hold=stir]')?.focus();
    else {
      now.tabIndex = -1;
      now.focus();
    }
  }
}

export const stand = (root) => new Stand(root);
