/** What is on paper and cannot be pressed there, in words. */
export function controlsOnPaper() {
  const seen = (one) =>
    one.checkVisibility({ checkOpacity: true, checkVisibilityCSS: true }) && one.getBoundingClientRect().height > 2;
  return (
    [...document.querySelectorAll('button, .btn, select, textarea, nav, input:not([type=hidden])')]
      // What is typed or chosen is an answer on paper, where its box is gone.
      .filter((one) => seen(one) && !(one.matches('input, select, textarea') && getComputedStyle(one).borderTopWidth === '0px'))
      .map((one) => `${one.tagName.toLowerCase()}.${one.className} “${(one.innerText || one.value || '').trim().slice(0, 30)}”`)
  );
}

/**
 * What is wrong with a page as the browser has set it, in words: wider than its window, a control under another, words cut off or on one
 * another. Runs in the page; drawings are looked at by tests of their own.
 */
export function faults() {
  const found = [];
  // What the browser has put off to set until it is scrolled to has no place yet.
  for (const one of document.querySelectorAll('#whole-sheet > *')) one.style.contentVisibility = 'visible';
  const name = (one) => {
    const words = (one.innerText || one.value || one.getAttribute('aria-label') || '').trim().replace(/\s+/g, ' ').slice(0, 40);
    return `${one.tagName.toLowerCase()}${one.id ? `#${one.id}` : ''}${[...one.classList].map((c) => `.${c}`).join('')} “${words}”`;
  };
  const seen = (one) => one.checkVisibility({ checkOpacity: true, checkVisibilityCSS: true });
  // Each element is asked once: a page of long lists asks the same parents for every word.
  const once = (asked) => {
    const told = new Map();
    return (one) => {
      if (!told.has(one)) told.set(one, asked(one));
      return told.get(one);
    };
  };
  const set = once((one) => getComputedStyle(one));
  const floats = once((one) => one !== null && (['fixed', 'sticky'].includes(set(one).position) || floats(one.parentElement)));
  const scrolls = once(
    (one) =>
      one !== null &&
      (['auto', 'scroll'].includes(set(one).overflowX) || set(one).textOverflow === 'ellipsis' || scrolls(one.parentElement)),
  );
  const within = (box, edge) => ({
    left: Math.max(box.left, edge.left),
    right: Math.min(box.right, edge.right),
    top: Math.max(box.top, edge.top),
    bottom: Math.min(box.bottom, edge.bottom),
  });
  const EVERYWHERE = { left: -Infinity, right: Infinity, top: -Infinity, bottom: Infinity };
  // What is cut away by a scrolling parent is reached by scrolling it.
  const cutBy = once((up) => {
    if (!up || up === document.body) return EVERYWHERE;
    const { overflowX, overflowY } = set(up);
    const further = cutBy(up.parentElement);
    return overflowX === 'visible' && overflowY === 'visible' ? further : within(further, up.getBoundingClientRect());
  });
  const shown = (from, box) => {
    const { left, right, top, bottom } = within(box, cutBy(from));
    return right - left > 2 && bottom - top > 2 ? { left, right, top, bottom } : null;
  };
  const over = (a, b, x, y) =>
    Math.min(a.right, b.right) - Math.max(a.left, b.left) > x && Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top) > y;

  const root = document.documentElement;
  if (root.scrollWidth > root.clientWidth) {
    const wide = [...document.querySelectorAll('body *')].filter((one) => {
      const box = seen(one) && shown(one.parentElement, one.getBoundingClientRect());
      return box && box.right > root.clientWidth + 1;
    });
    found.push(`the page is ${root.scrollWidth - root.clientWidth} px too wide: ${wide.slice(-2).map(name).join(', ')}`);
  }

  const controls = [...document.querySelectorAll('a[href], button, input:not([type=hidden]), select, textarea, summary')]
    .filter((one) => seen(one) && !floats(one) && !one.closest('svg, dialog, .visually-hidden, .skip'))
    .map((one) => [one, shown(one.parentElement, one.getBoundingClientRect())])
    .filter(([one, box]) => box !== null && !(one.type === 'radio' || one.type === 'checkbox' || one.type === 'range'));
  controls.forEach(([a, boxA], i) => {
    for (const [b, boxB] of controls.slice(i + 1)) {
      if (over(boxA, boxB, 3, 3) && !a.contains(b) && !b.contains(a)) found.push(`${name(a)} lies on ${name(b)}`);
    }
  });

  const words = [];
  const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
  for (let text = walk.nextNode(); text; text = walk.nextNode()) {
    const one = text.parentElement;
    if (
      text.data.trim() === '' ||
      one.closest('svg, dialog, select, .visually-hidden, .skip, script, noscript') ||
      !seen(one) ||
      floats(one)
    )
      continue;
    const range = document.createRange();
    range.selectNodeContents(text);
    const boxes = [...range.getClientRects()];
    const lines = new Set(boxes.map((box) => Math.round(box.top))).size;
    const widest = Math.max(...boxes.map((box) => box.width));
    if (lines > 4 && widest < 3 * parseFloat(set(one).fontSize)) found.push(`squeezed to letters: ${name(one)}`);
    for (const box of boxes) {
      const middle = shown(one, {
        left: box.left,
        right: box.right,
        top: box.top + box.height / 4,
        bottom: box.bottom - box.height / 4,
      });
      if (middle) words.push([text, one, middle]);
      if (middle && middle.right > box.left && box.right - middle.right > 2 && !scrolls(one)) found.push(`cut off: ${name(one)}`);
    }
  }
  words.sort((a, b) => a[2].top - b[2].top);
  words.forEach(([textA, a, boxA], i) => {
    for (const [textB, b, boxB] of words.slice(i + 1)) {
      if (boxB.top > boxA.bottom) break;
      if (textA !== textB && over(boxA, boxB, 3, 3)) found.push(`${name(a)} is written over ${name(b)}`);
    }
  });
  return [...new Set(found)];
}
