// A list that does something at once when one is picked, for those who go through it by keys: an arrow only looks, Enter or leaving picks.

const LIST = '.service .add select';
const LOOKS = /^(Arrow|Page|Home|End|.$)/;

let [looking, pending] = [false, null];

function pick() {
  const list = pending;
  [looking, pending] = [false, null];
  if (!list?.isConnected) return;
  for (const change of ['input', 'change']) list.dispatchEvent(new Event(change, { bubbles: true }));
}

export function startPicks() {
  document.addEventListener(
    'keydown',
    (event) => {
      if (!event.target.matches?.(LIST)) return;
      if (event.key === 'Enter' && pending) {
        event.preventDefault();
        pick();
        return;
      }
      looking = LOOKS.test(event.key);
    },
    true,
  );
  document.addEventListener('pointerdown', () => (looking = false), true);
  document.addEventListener('focusout', () => pending && pick(), true);
  for (const change of ['input', 'change'])
    document.addEventListener(
      change,
      (event) => {
        if (!looking || !event.isTrusted || !event.target.matches?.(LIST)) return;
        pending = event.target;
        event.stopImmediatePropagation();
      },
      true,
    );
}
