import { Buffer } from 'node:buffer';
import { execFile } from 'node:child_process';
import { promisify } from 'node:util';
import { expect, test } from '@playwright/test';
import { VELOUTE, cook } from './support/kitchen.js';

// Everything at once. LENTO_TAPS=500 is the whole of it; the usual is a sample.
const TABLETS = 8;
const TAPS = Number(process.env.LENTO_TAPS ?? 20);
const FORMS = Math.ceil(TAPS / 5);

const run = promisify(execFile);

/** A copy made while all others write; it is looked through by the command itself. */
async function copied(worker) {
  const env = { ...process.env, DB_DATABASE: `${process.cwd()}/build/browser-${worker}.sqlite`, LENTO_BACKUPS: `build/copies-${worker}` };
  return (await run('php', ['-d', 'pcov.enabled=0', 'artisan', 'lento:backup'], { env })).stdout;
}

test('eight tablets, forms, a probe, an import and copies at once: nothing lost, nothing doubled, each in its order', async ({
  page,
  playwright,
  baseURL,
}) => {
  test.setTimeout(20 * 60_000);
  await cook(page, VELOUTE, 'Simmer, stir every 5 min');
  const pot = new URL(page.url()).pathname;
  const statuses = {};
  const times = [];
  const count = (who, status) => {
    statuses[`${who} ${status}`] = (statuses[`${who} ${status}`] ?? 0) + 1;
  };
  /** A tablet with a session of its own. */
  const opened = async () => {
    const context = await playwright.request.newContext({ baseURL });
    const html = await (await context.get('/log')).text();
    return { context, token: /csrf-token" content="([^"]+)"/.exec(html)[1] };
  };
  const began = Date.now() - TAPS;

  const tapping = async (tablet) => {
    const { context, token } = await opened();
    for (let i = 0; i < TAPS; i++) {
      const since = performance.now();
      const answer = await context.post(`${pot}/events/batch`, {
        headers: { 'X-CSRF-TOKEN': token },
        data: { events: [{ kind: 'note', token: `c${tablet}-${i}`, step: 'simmer', text: `c${tablet}-${i}`, at: began + i }] },
      });
      times.push(performance.now() - since);
      count('tap', answer.status());
    }
    await context.dispose();
  };
  const forming = async (form) => {
    const { context, token } = await opened();
    for (let i = 0; i < FORMS; i++) {
      const said = { _token: token, kind: 'note', token: `f${form}-${i}`, step: 'simmer', text: `f${form}-${i}` };
      count('form', (await context.post(`${pot}/events`, { form: said, maxRedirects: 0 })).status());
    }
    await context.dispose();
  };
  const probing = async () => {
    const { context, token } = await opened();
    const made = await context.post('/kitchen/devices', { form: { _token: token, name: `Probe ${began}`, kind: 'probe', place: 'bench' } });
    const secret = /<code[^>]*>([^<]+)<\/code>/.exec(await made.text())[1];
    for (let i = 0; i < FORMS; i++) {
      const answer = await context.post('/api/v1/readings', {
        headers: { Authorization: `Bearer ${secret}` },
        data: { sent_at: Date.now(), readings: [{ id: `r${i}`, at: Date.now(), value: 90 }] },
      });
      count('reading', answer.status());
    }
    await context.dispose();
  };
  const importing = async () => {
    const { context, token } = await opened();
    const day = (i) => String(1 + (i % 28)).padStart(2, '0');
    const rows = Array.from({ length: 300 }, (_, i) => `Old pot ${began} ${i},2025-01-${day(i)} 18:00,2,coats\n`);
    const file = { name: 'old.csv', mimeType: 'text/csv', buffer: Buffer.from(`name,finished_at,litres,spoon\n${rows.join('')}`) };
    const answer = await context.post('/log/files', { multipart: { _token: token, file } });
    count('import', answer.status());
    expect(await answer.text()).toContain('300');
    await context.dispose();
  };
  const copying = async () => {
    for (let i = 0; i < 3; i++) expect(await copied(process.env.TEST_PARALLEL_INDEX ?? 0)).toContain('sound');
  };

  await Promise.all([
    ...Array.from({ length: TABLETS }, (_, i) => tapping(i)),
    forming(0),
    forming(1),
    probing(),
    importing(),
    copying(),
  ]);
  times.sort((a, b) => a - b);
  const at = (share) => Math.round(times[Math.floor(share * (times.length - 1))]);
  test.info().annotations.push({ type: 'a tap', description: `p50 ${at(0.5)} ms, p95 ${at(0.95)} ms, most ${at(1)} ms` });

  expect(statuses).toEqual({ 'tap 200': TABLETS * TAPS, 'form 302': 2 * FORMS, 'reading 200': FORMS, 'import 200': 1 });
  await page.reload();
  await page.locator('.where-who > summary').click();
  await page.getByText('Take it off').click();
  await page.getByRole('button', { name: 'Yes, off unfinished' }).click();
  await expect(page).toHaveURL(/\/log\/\d+$/);
  // The page shows the first thousand; the file has all.
  const log = await (await page.request.get('/log/lento-log.json')).json();
  const notes = log.pots
    .flatMap((one) => one.events)
    .map((event) => event.text ?? '')
    .filter((text) => /^[cf]\d+-\d+$/.test(text));
  expect(new Set(notes).size).toBe(notes.length);
  for (let tablet = 0; tablet < TABLETS; tablet++) {
    expect(notes.filter((note) => note.startsWith(`c${tablet}-`))).toEqual(Array.from({ length: TAPS }, (_, i) => `c${tablet}-${i}`));
  }
  expect(notes.filter((note) => note.startsWith('f'))).toHaveLength(2 * FORMS);
});
