import { execFile } from 'node:child_process';
import { promisify } from 'node:util';
import { expect, test } from '@playwright/test';
import { Server } from './support/server.js';

// The power goes, again and again, while four tablets write and copies are made. LENTO_KILLS=87 is the whole of it; the usual is a sample.
const KILLS = Number(process.env.LENTO_KILLS ?? 3);
const WRITERS = 4;
const run = promisify(execFile);

test('what was acknowledged is there after every kill, and so is every copy', async ({ playwright }, { parallelIndex }) => {
  test.setTimeout(20 * 60_000);
  const server = new Server(8600 + parallelIndex, `kill-${parallelIndex}`);
  const env = { ...process.env, DB_DATABASE: `${process.cwd()}/${server.database}`, LENTO_BACKUPS: `build/kill-copies-${parallelIndex}` };
  const php = async (...args) => (await run('php', ['-d', 'pcov.enabled=0', ...args], { env })).stdout;
  const asked = (sql) => php('-r', `echo (new PDO("sqlite:${env.DB_DATABASE}"))->query("${sql}")->fetchColumn();`);
  await server.start();
  /** A tablet with a session of its own; again after each kill, as a tablet that was opened anew. */
  const opened = async () => {
    const context = await playwright.request.newContext({ baseURL: server.address });
    const html = await (await context.get('/log')).text();
    return { context, token: /csrf-token" content="([^"]+)"/.exec(html)[1] };
  };
  const first = await opened();
  const made = await first.context.post('/pots/free', { form: { _token: first.token, name: 'Jus' }, maxRedirects: 0 });
  const pot = new URL(made.headers().location).pathname;
  const acknowledged = new Set();
  let written = 0;
  for (let kill = 0; kill < KILLS; kill++) {
    let going = true;
    const writers = Array.from({ length: WRITERS }, async (_, writer) => {
      const { context, token } = await opened();
      for (let i = 0; going; i++) {
        const id = `k${kill}-${writer}-${i}`;
        written++;
        const event = { v: 2, kind: 'note', token: id, step: 'free', text: id };
        const answer = await context
          .post(`${pot}/events/batch`, { headers: { 'X-CSRF-TOKEN': token }, data: { events: [event] } })
          .catch(() => null);
        if (answer === null) break;
        const said = answer.ok() ? await answer.json().catch(() => null) : null;
        for (const kept of said?.kept ?? []) acknowledged.add(kept);
      }
      await context.dispose();
    });
    const before = acknowledged.size;
    await expect.poll(() => acknowledged.size, { timeout: 60_000, intervals: [20] }).toBeGreaterThan(before + 10 + (kill % 7));
    const copy = php('artisan', 'lento:backup');
    await server.kill();
    going = false;
    await Promise.all(writers);
    // Made while the server was killed beside it.
    expect(await copy).toContain('looked through and sound');
    expect(await asked('pragma integrity_check')).toBe('ok');
    await server.start(false);
  }
  const { context } = await opened();
  const log = await (await context.get('/up')).json();
  expect(log.writes).toBe(true);
  const tokens = `foreach ((new PDO("sqlite:${env.DB_DATABASE}"))->query("select token from pot_events") as $r) echo $r[0], "\\n";`;
  const there = new Set((await php('-r', tokens)).split('\n'));
  expect([...acknowledged].filter((token) => !there.has(token))).toEqual([]);
  expect(acknowledged.size).toBeGreaterThan(10 * KILLS);
  console.log(`${KILLS} kills, ${written} taps said, ${acknowledged.size} acknowledged, all kept`);
  server.stop();
});
