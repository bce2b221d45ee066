// Events that the server has not yet acknowledged. They stay in this tablet's storage until it has, through reloads and dead batteries.

import { store, stored } from './stored.js';

const STORE = 'lento.held';
// What the server cannot take: set aside, so that it holds up nothing else, and kept until somebody has seen to it.
const ASIDE = 'lento.aside';

const all = () => stored(STORE, []);
const keep = (events) => store(STORE, events);

/** Every tab of this tablet shares the storage, so each change reads it afresh. */
export const held = {
  all,
  of: (pot) => all().filter((event) => event.pot === pot),
  add: (event) => keep([...all(), event]),
  drop: (tokens) => keep(all().filter((event) => !tokens.includes(event.token))),
};

export const aside = {
  all: () => stored(ASIDE, []),
  add(event, why) {
    store(ASIDE, [...stored(ASIDE, []).filter((one) => one.token !== event.token), { ...event, why }]);
    held.drop([event.token]);
  },
  /** Tried again, as it was. */
  giveBack() {
    const events = stored(ASIDE, []).map((event) => Object.fromEntries(Object.entries(event).filter(([name]) => name !== 'why')));
    localStorage.removeItem(ASIDE);
    events.forEach((event) => held.add(event));
  },
  drop: (token) => store(ASIDE, stored(ASIDE, []).filter((event) => event.token !== token)),
};
