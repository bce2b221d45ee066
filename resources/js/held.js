// Events that the server has not yet acknowledged. They stay in this tablet's storage until it has, through reloads and dead batteries.

const STORE = 'lento.held';

function all() {
  try {
    const kept = JSON.parse(localStorage.getItem(STORE) ?? '[]');
    return Array.isArray(kept) ? kept : [];
  } catch {
    return [];
  }
}

const keep = (events) => localStorage.setItem(STORE, JSON.stringify(events));

/** Every tab of this tablet shares the storage, so each change reads it afresh. */
export const held = {
  all,
  of: (pot) => all().filter((event) => event.pot === pot),
  add: (event) => keep([...all(), event]),
  drop: (tokens) => keep(all().filter((event) => !tokens.includes(event.token))),
};
