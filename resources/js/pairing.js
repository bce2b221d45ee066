// A pairing code as a picture for another tablet's camera. The words beside it say the same.

export async function startPairing() {
  const figures = document.querySelectorAll('figure[data-qr]');
  if (figures.length === 0) return;
  const { toString } = await import('qrcode');
  for (const figure of figures) {
    const svg = await toString(figure.dataset.qr, { type: 'svg', margin: 2, errorCorrectionLevel: 'M' });
    figure.setAttribute('role', 'img');
    figure.append(new DOMParser().parseFromString(svg, 'image/svg+xml').documentElement);
  }
}
