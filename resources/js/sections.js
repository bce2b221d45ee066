// A long section that is pointed at (#pans) opens by itself.
export function startSections() {
  const open = () => {
    const name = decodeURIComponent(window.location.hash.slice(1));
    if (/^[a-z]+$/.test(name)) document.querySelector(`#${name} > p > [data-opens]`)?.click();
  };
  window.addEventListener('hashchange', open);
  open();
}
