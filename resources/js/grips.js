// Grips between two falls of the flow: litres move from one sauce to its neighbour, their sum at the base stays. Dragged, or by arrow keys.

const STEP = 0.05;

const WAYS = {
  ArrowRight: 1,
  ArrowUp: 1,
  ArrowLeft: -1,
  ArrowDown: -1,
  PageUp: 5,
  PageDown: -5,
  Home: -Infinity,
  End: Infinity,
};

const told = (grip) => JSON.parse(grip.dataset.grip);

// Litres of the base that moved from the right fall to the left one, written into the fields that both were typed into.
function move(grip, taken) {
  const { left, right } = told(grip);
  const most = right.litres / right.ratio - 0.05;
  const least = -(left.litres / left.ratio - 0.05);
  const moved = Math.max(least, Math.min(most, taken));
  write(left, left.litres + moved * left.ratio);
  write(right, right.litres - moved * right.ratio);
  document.getElementById(left.field)?.dispatchEvent(new Event('change', { bubbles: true }));
}

function write({ field, covers }, litres) {
  const input = document.getElementById(field);
  if (!input) return;
  input.value = covers > 0 ? String(Math.max(2, Math.round((litres * 1000) / covers))) : litres.toFixed(2);
}

export function startGrips() {
  // A sauce that was picked has a place of its own now: the list it was picked from folds up again.
  document.addEventListener('change', (event) => {
    if (event.target.matches?.('.service .add select')) event.target.closest('details').open = false;
  });
  document.addEventListener('pointerdown', (event) => {
    const grip = event.target.closest?.('[data-grip]');
    if (!grip) return;
    event.preventDefault();
    grip.focus();
    const drawing = grip.ownerSVGElement;
    const pixels = Number(drawing.dataset.scale) * (drawing.getBoundingClientRect().width / drawing.viewBox.baseVal.width);
    const from = event.clientX;
    const follow = (moved) => {
      const perPixel = drawing.viewBox.baseVal.width / drawing.getBoundingClientRect().width;
      grip.style.transform = `translateX(${(moved.clientX - from) * perPixel}px)`;
    };
    const end = (let_go) => {
      document.removeEventListener('pointermove', follow);
      document.removeEventListener('pointercancel', end);
      grip.style.transform = '';
      if (let_go.type === 'pointerup' && Math.abs(let_go.clientX - from) > 2) move(grip, (let_go.clientX - from) / pixels);
    };
    document.addEventListener('pointermove', follow);
    document.addEventListener('pointerup', end, { once: true });
    document.addEventListener('pointercancel', end, { once: true });
  });
  document.addEventListener('keydown', (event) => {
    const grip = event.target.closest?.('[data-grip]');
    const way = WAYS[event.key];
    if (!grip || !way) return;
    event.preventDefault();
    move(grip, way * STEP);
  });
}
