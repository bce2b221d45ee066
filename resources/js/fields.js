// A number that is left shows what was made of it: "6 oz" becomes 6, with its unit beside it. What could not be read stays as typed.

export function startFields() {
  // A file that was read stands in the page as its lines: sent again with the next change, it would undo what was changed.
  document.addEventListener('htmx:after:swap', () => {
    for (const file of document.querySelectorAll('form.assay input[type=file]')) file.value = '';
  });
  document.addEventListener('focusout', (event) => {
    const field = event.target;
    if (!field.matches?.('.weigh .am input') || field.getAttribute('aria-invalid')) return;
    const made = field.getAttribute('value');
    if (made !== null && field.value.startsWith(made)) field.value = made;
  });
}
