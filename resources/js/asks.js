// An answer belongs to its question. From the first key until the answer to what is typed has come, what is shown is the answer to
// something else: it is marked as old, its buttons and links wait, and where the line was down it is asked again.

// ms: an answer that comes sooner is not worth a flicker; what was tapped longer ago is not done any more.
const OLD_AFTER = 300;
const TAPPED_FOR = 3000;

let turn = 0;
let tapped = null;
let typedIn = null;
const failed = new Set();

const regions = (form) => [...document.querySelectorAll(form.dataset.asks)];
const asks = (element) => element?.matches?.('form[data-asks]') === true;
// Most ask as one types; some only when they are sent.
const asksAtOnce = (form) => asks(form) && form.getAttribute('hx-trigger')?.includes('input') === true;
const isDue = (region) => region.dataset.due !== undefined;

function showOld() {
  const note = document.querySelector('#old-note');
  if (note) note.hidden = document.querySelector('[data-old]') === null;
}

function asked(form) {
  turn += 1;
  for (const region of regions(form)) {
    const mine = (region.dataset.due = String(turn));
    region.setAttribute('aria-busy', 'true');
    window.setTimeout(() => {
      if (region.dataset.due !== mine && !('old' in region.dataset)) return;
      region.toggleAttribute('data-old', isDue(region));
      showOld();
    }, OLD_AFTER);
  }
}

function answered(region) {
  delete region.dataset.due;
  region.removeAttribute('data-old');
  region.removeAttribute('aria-busy');
  showOld();
  const act = tapped;
  tapped = null;
  // What was refused is answered too: there is nothing to be done with it.
  if (act && performance.now() < act.until && act.on.isConnected && !region.querySelector('[aria-invalid=true]')) act.go();
}

function wait(event, on, go) {
  event.preventDefault();
  event.stopImmediatePropagation();
  tapped = { on, go, until: performance.now() + TAPPED_FOR };
}

/** Asks again for all that has had no answer. */
export function askAgain() {
  for (const form of failed) {
    failed.delete(form);
    const still = form.isConnected ? form : document.getElementById(form.id);
    if (still && regions(still).some(isDue)) still.requestSubmit();
  }
}

export function startAsks() {
  document.addEventListener('input', ({ target }) => target.type !== 'file' && asksAtOnce(target.form) && asked(target.form), true);
  // A hand that leaves a field has said nothing new; a handle of a drawing has.
  document.addEventListener('change', ({ target, isTrusted }) => !isTrusted && asksAtOnce(target.form) && asked(target.form), true);
  document.addEventListener(
    'submit',
    (event) => {
      const form = event.target;
      const here = (event.submitter ?? form).closest('[data-due]');
      if (asks(form) && !event.submitter?.hasAttribute('formaction')) asked(form);
      else if (here && form.method !== 'dialog') wait(event, event.submitter ?? form, () => form.requestSubmit(event.submitter));
    },
    true,
  );
  document.addEventListener(
    'click',
    (event) => {
      const link = event.target.closest?.('a[href]:not([href^="#"])');
      if (link?.closest('[data-due]')) wait(event, link, () => link.click());
    },
    true,
  );
  document.addEventListener('htmx:config:request', (event) => {
    const { detail } = event;
    // What comes from elsewhere is heard when the answer to what is typed has come.
    const hears = detail.ctx.sourceElement?.matches?.('[data-hears]');
    if (hears && detail.ctx.target?.dataset?.due !== undefined) return event.preventDefault();
    detail.ctx.turn = turn;
    // What is typed into one field is one step for the browser's Back, however many answers came meanwhile.
    detail.ctx.typedIn = document.activeElement;
    if (detail.ctx.typedIn === typedIn) detail.ctx.request.headers['Lento-Goes-On'] = 'yes';
  });
  window.addEventListener('popstate', () => (typedIn = null));
  document.addEventListener('htmx:after:swap', ({ detail: { ctx } }) => {
    const region = ctx.target;
    if (ctx.typedIn) typedIn = ctx.typedIn;
    if (region?.dataset?.due === undefined || ctx.turn < Number(region.dataset.due)) return;
    // A round of planning that goes on by itself answers nothing that was said.
    if (ctx.sourceElement?.matches?.('form:not([data-asks])')) return;
    answered(region);
    // A refusal answers all of it: the sheet below stays the last good one, and the page says so.
    const form = ctx.sourceElement?.closest?.('form[data-asks]');
    if (form && ctx.response?.status === 422) regions(form).forEach(answered);
  });
  for (const fault of ['htmx:error', 'htmx:response:error'])
    document.addEventListener(fault, ({ target, detail }) => {
      const form = target.closest?.('form[data-asks]') ?? detail?.ctx?.sourceElement?.closest?.('form[data-asks]');
      if (form && !(detail?.ctx?.response?.status < 500)) failed.add(form);
    });
  document.addEventListener('lento:heard', askAgain);
}
