// Digits for wet hands: each button types into the field that its pad is for.

export function startPad() {
  const show = () => {
    for (const pad of document.querySelectorAll('[data-pad]')) pad.hidden = false;
  };
  document.addEventListener('click', (event) => {
    const button = event.target.closest?.('[data-pad] [data-digit]');
    if (!button) return;
    const field = document.getElementById(button.closest('[data-pad]').dataset.pad);
    const digit = button.dataset.digit;
    if (digit === '') field.value = '';
    else if (digit === '−') field.value = field.value.startsWith('-') ? field.value.slice(1) : `-${field.value}`;
    else field.value += digit;
    field.dispatchEvent(new Event('input', { bubbles: true }));
  });
  document.addEventListener('htmx:after:swap', show);
  show();
}
