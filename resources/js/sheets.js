// What lies over the page is closed by the browser's Back before anything else: opening it is a step of its own, closing it takes it back.

const MARK = 'lentoSheet';

export function startSheets() {
  const sheets = [...document.querySelectorAll('dialog')];
  const open = () => sheets.some((sheet) => sheet.open);
  const step = () => {
    if (!window.history.state?.[MARK]) window.history.pushState({ ...window.history.state, [MARK]: true }, '');
  };
  // Going back takes its time: a sheet that is opened before it is done is not what it closes.
  let takenBack = false;
  const watch = new MutationObserver(() => {
    if (takenBack) return;
    if (open()) return step();
    takenBack = Boolean(window.history.state?.[MARK]);
    if (takenBack) window.history.back();
  });
  for (const sheet of sheets) watch.observe(sheet, { attributes: true, attributeFilter: ['open'] });
  window.addEventListener(
    'popstate',
    (event) => {
      if (!takenBack && !open()) return;
      // The page under it stays as it is: nobody is to ask for it again.
      event.stopImmediatePropagation();
      if (!takenBack) return sheets.forEach((sheet) => sheet.close());
      takenBack = false;
      if (open()) step();
    },
    true,
  );
  // Left before it was back, and shown again by the browser as it was left.
  window.addEventListener('pageshow', () => (takenBack = false));
  // A page that was reloaded with its sheet open has none open now.
  if (window.history.state?.[MARK]) window.history.replaceState({ ...window.history.state, [MARK]: false }, '');
}
