// Counts down to end times that the server gave. The server's clock is the only one that counts: the page keeps the difference to its own.

const TEN_MINUTES = 600;

const clock = document.querySelector('[data-clock]');
const ahead = clock ? Number(clock.dataset.clock) - Date.now() : 0;

const two = (n) => String(n).padStart(2, '0');

/** Under ten minutes 7:54, from ten up "12 min", so that it is never mistaken for a time of day. */
export function left(seconds, digits) {
  const over = seconds < 0;
  const s = Math.abs(seconds);
  const text = s < TEN_MINUTES || digits ? `${Math.floor(s / 60)}:${two(s % 60)}` : `${Math.round(s / 60)} min`;
  return over ? `+${text}` : text;
}

function tick() {
  const now = Date.now() + ahead;
  if (clock) {
    clock.textContent = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: clock.dataset.zone }).format(now);
  }
  document.querySelectorAll('[data-ends]').forEach((element) => {
    const seconds = Math.round((Number(element.dataset.ends) - now) / 1000);
    const text = left(seconds, 'digits' in element.dataset);
    if (element.textContent !== text) element.textContent = text;
    element.classList.toggle('over', seconds < 0);
    element.closest('.ticket')?.classList.toggle('over', seconds < 0);
    element.classList.toggle('long', text.length > 5);
    const bar = element.parentElement.querySelector('[data-burndown]');
    if (bar) bar.setAttribute('width', String(386 * Math.max(0, Math.min(1, seconds / Number(element.dataset.whole)))));
  });
}

export function startClocks() {
  tick();
  setInterval(tick, 500);
  document.addEventListener('htmx:after:swap', tick);
}
