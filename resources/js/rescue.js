// Rescue over any page: its pages come in from the right, so that the timers stay in sight. Without a script or a line they are pages of
// their own.

const plainClick = (event) => event.button === 0 && !event.ctrlKey && !event.metaKey && !event.shiftKey && !event.altKey;

export function startRescue() {
  const sheet = document.querySelector('#rescue-sheet');
  if (!sheet || document.body.classList.contains('at-rescue')) return;
  const body = sheet.querySelector('.sheet-body');
  const isRescue = (address) => new URL(address, location.href).pathname.startsWith(new URL(sheet.dataset.address, location.href).pathname);

  async function show(address) {
    try {
      const answer = await fetch(address);
      const page = new DOMParser().parseFromString(await answer.text(), 'text/html').querySelector('.rescue');
      if (!page) throw new Error(`no rescue in ${address}`);
      body.replaceChildren(document.importNode(page, true));
    } catch {
      location.assign(address);
      return;
    }
    // Below the rail: whatever calls meanwhile is seen.
    const rail = document.querySelector('.rail')?.getBoundingClientRect();
    sheet.style.setProperty('--sheet-top', `${Math.max(0, Math.round(rail?.bottom ?? 0))}px`);
    if (!sheet.open) sheet.showModal();
    sheet.scrollTop = 0;
    const title = body.querySelector('h1');
    title.tabIndex = -1;
    title.focus();
  }

  document.addEventListener('click', (event) => {
    const link = event.target.closest?.('a[href]');
    if (!link || event.defaultPrevented || !plainClick(event)) return;
    const opens = link.matches('[data-rescue]');
    if (!opens && !sheet.contains(link)) return;
    if (opens || isRescue(link.href)) {
      event.preventDefault();
      show(link.href);
    } else if (new URL(link.href).pathname === location.pathname) {
      // Back to the pot that is on the page already.
      event.preventDefault();
      sheet.close();
    }
  });

  sheet.addEventListener('submit', (event) => {
    if (event.target.method !== 'get') return;
    event.preventDefault();
    show(`${event.target.action}?${new URLSearchParams(new FormData(event.target))}`);
  });
}
