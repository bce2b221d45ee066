// The page that is opened elsewhere is the one whose address stands above now: its question may have been changed since it was drawn.
export function startElsewhere() {
  document.addEventListener('submit', (event) => {
    const form = event.target.closest('[data-elsewhere]');
    if (form) form.elements.path.value = window.location.pathname + window.location.search;
  });
}
