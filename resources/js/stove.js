// A tap at the stove sends its form once: a second tap while the first is under way is dropped. The server sorts out the rest.

export function startStove() {
  document.addEventListener('submit', (event) => {
    const form = event.target;
    if (!form.matches('[data-stove]')) return;
    if (form.dataset.sent) {
      event.preventDefault();
      return;
    }
    form.dataset.sent = 'yes';
  });
  // A page restored from the browser's cache may show a step that is long done.
  window.addEventListener('pageshow', (event) => {
    if (event.persisted && document.querySelector('.stove')) location.reload();
  });
}
