// When the server does not answer, the last sheet stays and a bar says so, until the next answer comes.

export function startLine() {
  const bar = document.querySelector('#line-down');
  if (!bar) return;
  document.addEventListener('htmx:error', () => {
    bar.hidden = false;
  });
  document.addEventListener('htmx:after:swap', () => {
    bar.hidden = true;
  });
}
