// The night line: dark paper for a dim galley. The choice stays on this tablet.

const STORE = 'lento.night';

function apply(night) {
  document.documentElement.dataset.bsTheme = night ? 'night' : 'light';
}

export function startNight() {
  const button = document.querySelector('[data-night]');
  button.hidden = false;
  apply(localStorage.getItem(STORE) === 'on');
  button.addEventListener('click', () => {
    const night = localStorage.getItem(STORE) !== 'on';
    localStorage.setItem(STORE, night ? 'on' : 'off');
    apply(night);
  });
}
