// Counts down to end times that the server gave. The server's clock is the only one that counts: the page keeps the difference to its own,
// and asks anew when its own clock has been set or has slept.

const TEN_MINUTES = 600;
const JUMP = 2000;

const STORE = 'lento.ahead';
const clock = document.querySelector('[data-clock]');
// A copy of a page tells the time at which it was made; what was known of the server's clock then is known still.
const isCopy = 'copied' in document.documentElement.dataset;
let ahead = isCopy ? Number(localStorage.getItem(STORE) ?? 0) : clock ? Number(clock.dataset.clock) - Date.now() : 0;
if (!isCopy) localStorage.setItem(STORE, String(ahead));
let [wall, steady] = [Date.now(), performance.now()];

const two = (n) => String(n).padStart(2, '0');

/** ms since 1970 by the server's clock. */
export const now = () => Date.now() + ahead;

/**
 * What the server said the time was while its answer was under way. Small differences are the line's, not the clock's: timers never jump.
 */
export function heard(serverNow, asked) {
  const then = serverNow + (now() - asked) / 2;
  if (Math.abs(then - now()) > 1500) localStorage.setItem(STORE, String((ahead = then - Date.now())));
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

/** The seconds that a ticket takes to turn over, as in _frame.scss. */
const TURNS = 4;

function show(element, at) {
  const seconds = Math.round((Number(element.dataset.ends) - at) / 1000);
  const text = left(seconds, 'digits' in element.dataset);
  if (element.textContent !== text) element.textContent = text;
  element.classList.toggle('over', seconds < 0);
  const call = element.closest('.ticket, .tend');
  call?.classList.toggle('over', seconds < 0);
  // Turned while one looks, not again with every page that is opened since.
  call?.classList.toggle('turns', seconds < 0 && seconds >= -TURNS);
  element.classList.toggle('long', text.length > 5);
  const bar = element.parentElement.querySelector('[data-burndown]');
  if (bar) bar.setAttribute('width', String(386 * Math.max(0, Math.min(1, seconds / Number(element.dataset.whole)))));
}

let hours;

export function tick() {
  const at = now();
  if (clock) {
    // Made once: on a slow tablet making it takes longer than all that is shown by it.
    hours ??= new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: clock.dataset.zone });
    const shows = hours.format(at);
    if (clock.textContent !== shows) clock.textContent = shows;
  }
  document.querySelectorAll('[data-ends]').forEach((element) => show(element, at));
}

export function startClocks() {
  tick();
  setInterval(tick, 500);
  document.addEventListener('htmx:after:swap', tick);
  document.addEventListener('lento:drawn', tick);
}
