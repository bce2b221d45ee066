// Counts down to end times that the server gave. The server's clock is the only one that counts: the page keeps the difference to its own,
// and asks anew when its own clock has been set or has slept.

const TEN_MINUTES = 600;
const JUMP = 2000;

const clock = document.querySelector('[data-clock]');
let ahead = clock ? Number(clock.dataset.clock) - Date.now() : 0;
let [wall, steady] = [Date.now(), performance.now()];

const two = (n) => String(n).padStart(2, '0');

/** ms since 1970 by the server's clock. */
export const now = () => Date.now() + ahead;

/**
 * What the server said the time was while its answer was under way. Small differences are the line's, not the clock's: timers never jump.
 */
export function heard(serverNow, asked) {
  const then = serverNow + (now() - asked) / 2;
  if (Math.abs(then - now()) > 1500) ahead = then - Date.now();
}

/** Whether this machine's clock was set, or slept, since this was last asked. */
export function jumped() {
  const drift = Math.abs(Date.now() - wall - (performance.now() - steady));
  [wall, steady] = [Date.now(), performance.now()];
  return drift > JUMP;
}

/** Under ten minutes 7:54, from ten up "12 min", so that it is never mistaken for a time of day. */
export function left(seconds, digits) {
  const over = seconds < 0;
  const s = Math.abs(seconds);
  const text = s < TEN_MINUTES || digits ? `${Math.floor(s / 60)}:${two(s % 60)}` : `${Math.round(s / 60)} min`;
  return over ? `+${text}` : text;
}

function show(element, at) {
  const seconds = Math.round((Number(element.dataset.ends) - at) / 1000);
  const text = left(seconds, 'digits' in element.dataset);
  if (element.textContent !== text) element.textContent = text;
  element.classList.toggle('over', seconds < 0);
  element.closest('.ticket, .tend')?.classList.toggle('over', seconds < 0);
  element.classList.toggle('long', text.length > 5);
  const bar = element.parentElement.querySelector('[data-burndown]');
  if (bar) bar.setAttribute('width', String(386 * Math.max(0, Math.min(1, seconds / Number(element.dataset.whole)))));
}

export function tick() {
  const at = now();
  if (clock)
    clock.textContent = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: clock.dataset.zone }).format(at);
  document.querySelectorAll('[data-ends]').forEach((element) => show(element, at));
}

export function startClocks() {
  tick();
  setInterval(tick, 500);
  document.addEventListener('htmx:after:swap', tick);
  document.addEventListener('lento:drawn', tick);
}
