// Events that the server has not yet acknowledged. They stay in this tablet's storage until it has, through reloads and dead batteries.

const STORE = 'lento.held';
// What the server cannot take: set aside, so that it holds up nothing else, and kept until somebody has seen to it.
const ASIDE = 'lento.aside';

function read(store) {
  try {
    const kept = JSON.parse(localStorage.getItem(store) ?? '[]');
    return Array.isArray(kept) ? kept : [];
  } catch {
    return [];
  }
}

const all = () => read(STORE);
const keep = (events) => localStorage.setItem(STORE, JSON.stringify(events));

/** Every tab of this tablet shares the storage, so each change reads it afresh. */
export const held = {
  all,
  of: (pot) => all().filter((event) => event.pot === pot),
  add: (event) => keep([...all(), event]),
  drop: (tokens) => keep(all().filter((event) => !tokens.includes(event.token))),
};

export const aside = {
  all: () => read(ASIDE),
  add(event, why) {
    localStorage.setItem(ASIDE, JSON.stringify([...read(ASIDE).filter((one) => one.token !== event.token), { ...event, why }]));
    held.drop([event.token]);
  },
  /** Tried again, as it was. */
  giveBack() {
    const events = read(ASIDE).map((event) => Object.fromEntries(Object.entries(event).filter(([name]) => name !== 'why')));
    localStorage.removeItem(ASIDE);
    events.forEach((event) => held.add(event));
  },
  drop: (token) => localStorage.setItem(ASIDE, JSON.stringify(read(ASIDE).filter((event) => event.token !== token))),
};
