// A change given up for a newer one may still reach the server, and after it. Each says which page it comes from and when its turn
// was, and the server keeps the newest.

import { fresh } from './once.js';

export function startTurns() {
  const page = fresh();
  let turn = 0;
  document.addEventListener('htmx:config:request', ({ target, detail }) => {
    const form = target.closest?.('form[data-turns]');
    if (!form) return;
    turn += 1;
    detail.ctx.request.body.set('typed_on', page);
    detail.ctx.request.body.set('typed_turn', String(turn));
  });
}
