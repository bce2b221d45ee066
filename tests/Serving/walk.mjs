// Walks a real kitchen behind nginx over TLS, under its own name: opened in the browser, a tablet paired, a pot cooked on it and found in
// the log. Called by bin/try-serve.sh, which has set it up: walk.mjs NAME HTTPS HTTP CODE ROOT METRICS
import { chromium } from '@playwright/test';
import { createHash, X509Certificate } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { request } from 'node:https';
import http2 from 'node:http2';

const [name, https, http, code, home, metrics] = process.argv.slice(2);
const base = `https://${name}:${https}`;
const root = readFileSync(`${home}/data/tls/root.crt`);
const PASSWORD = 'copper ladle on a wet Tuesday';
let failed = 0;

function check(what, is) {
  console.log(`${is ? '  ok  ' : 'NOT ok'} ${what}`);
  if (!is) failed++;
}

/** Over TLS that is verified by the kitchen's own root, under its name; to this machine's loopback whatever the name says. */
function ask(path, { method = 'GET', headers = {}, body, host = name } = {}) {
  return new Promise((resolve, reject) => {
    const sent = { Host: `${host}:${https}`, ...headers };
    const options = { host: '127.0.0.1', port: https, servername: name, ca: root, path, method, headers: sent };
    const asked = request(options, (answer) => {
      const parts = [];
      answer.on('data', (part) => parts.push(part));
      answer.on('end', () => resolve({ status: answer.statusCode, headers: answer.headers, body: Buffer.concat(parts).toString() }));
    });
    asked.on('error', reject);
    asked.end(body);
  });
}

// The certificate, the protocol, the headers.
const door = await ask('/sign-in');
check('the page over TLS, by a certificate that the kitchen’s root vouches for', door.status === 302 || door.status === 200);
check('HSTS', /max-age=31536000/.test(door.headers['strict-transport-security'] ?? ''));
check('one policy, said once', (door.headers['content-security-policy'] ?? '').split("default-src").length === 2);
const cookies = door.headers['set-cookie'] ?? [];
check('a session cookie held to this name', cookies.length > 0 && cookies.every((one) => /^__Host-.*; secure; httponly/i.test(one)));
check('a request number', /^[0-9a-f]{16}$/.test(door.headers['x-request-id'] ?? ''));
const old = await fetch(`http://127.0.0.1:${http}/compose`, { redirect: 'manual', headers: { Host: `${name}:${http}` } }).catch(() => null);
check('in clear only the way to TLS', old === null || [308, 0].includes(old.status));
check('nothing for another name', (await ask('/sign-in', { host: 'evil.example' }).catch(() => null)) === null);
check('a body that is too large is refused', (await ask('/sign-in', { method: 'POST', body: 'x'.repeat(70000) })).status === 413);
const session = http2.connect(`https://127.0.0.1:${https}`, { ca: root, servername: name });
const second = await new Promise((resolve) => {
  const stream = session.request({ ':path': '/up', ':authority': `${name}:${https}` });
  stream.on('response', (headers) => resolve(headers[':status']));
});
session.close();
check('HTTP/2', second === 200);
const page = (await ask('/first-run')).body;
const style = /href="[^"]*(\/build\/assets\/[^"]+\.css)"/.exec(page)?.[1];
const asset = await ask(style, { headers: { 'Accept-Encoding': 'gzip' } });
check('styles are kept for ever', /immutable/.test(asset.headers['cache-control'] ?? ''));
check('styles are packed', asset.headers['content-encoding'] === 'gzip');
const kept = await Promise.all(['/sw.js', '/lento.webmanifest', '/offline.html', '/icons/lento-192.png'].map((path) => ask(path)));
check('what a tablet goes on with without a line is served', kept.every(({ status }) => status === 200));
check('the service worker is a script, and asked for anew', /javascript/.test(kept[0].headers['content-type'] ?? ''));
check('the manifest is one', /manifest/.test(kept[1].headers['content-type'] ?? ''));
const hidden = await Promise.all(['/.env', '/index.php', '/../.env', '/storage/logs', '/artisan'].map((path) => ask(path)));
check('nothing of the code is served', hidden.every(({ status, body }) => status !== 200 || !/APP_KEY|<\?php/.test(body)));
check('metrics only on the token', (await ask('/metrics')).status === 401);

// The walk. The browser trusts the very key that was verified above.
const leaf = new X509Certificate(readFileSync(`${home}/data/tls/server.crt`));
const spki = createHash('sha256').update(leaf.publicKey.export({ type: 'spki', format: 'der' })).digest('base64');
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--headless', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking',
    '--disable-component-update', '--disable-sync', `--host-resolver-rules=MAP ${name} 127.0.0.1`,
    `--ignore-certificate-errors-spki-list=${spki}`],
});
const chef = await browser.newPage();
await chef.goto(`${base}/`);
check('strangers are led to the first run', chef.url().endsWith('/first-run'));
await chef.fill('#code', code);
await chef.fill('#owner', 'Ines Vark');
await chef.fill('#login', 'ines');
await chef.fill('#password', PASSWORD);
await chef.fill('#kitchen', 'Marigold');
await chef.fill('#pan_name', 'Stew pan');
await chef.fill('#diameter_mm', '280');
await chef.fill('#height_mm', '160');
await chef.fill('#ring_name', 'Front');
await chef.fill('#power_w', '3500');
await chef.fill('#cooks', 'Petra Lund');
await chef.click('form.first-run > button');
await chef.waitForURL('**/kitchen');
check('the kitchen is open', (await chef.textContent('h1')).includes('Marigold'));
await chef.goto(`${base}/tablets`);
await chef.fill('[name=name]', 'By the stove');
await chef.click('form.row-form button');
const pairing = (await chef.textContent('.pairing .code')).trim();

const galley = await browser.newContext({ viewport: { width: 1280, height: 800 } });
const tablet = await galley.newPage();
await tablet.goto(`${base}/pair/${pairing}`);
await tablet.click('form button');
await tablet.waitForURL('**/who');
await tablet.click('button:has-text("Petra Lund")');
await tablet.waitForURL('**/compose**');
check('a tablet is paired, and Petra is at it', (await tablet.textContent('.me summary')).includes('Petra Lund'));
await tablet.goto(`${base}/compose?sauce=bechamel&amount=2`);
await tablet.waitForSelector('html[data-ready]');
await tablet.getByRole('button', { name: 'Cook it' }).click();
await tablet.waitForURL('**/pots/*');
const pot = tablet.url();
for (let step = 0; step < 3; step++) {
  await tablet.waitForSelector('html[data-ready]');
  const answered = tablet.waitForResponse((answer) => answer.url().includes('/events'));
  await tablet.click('summary[data-key=n]');
  await tablet.fill('#note-text', `note ${step}`);
  await tablet.click('.note-key button');
  check('a note is kept', (await answered).ok());
  await tablet.goto(pot);
}
check('what was tapped is there after a reload', (await tablet.textContent('.stove')).length > 100);
await chef.goto(`${base}/log`);
await chef.goto(pot);
check('the owner sees the pot', chef.url() === pot);
const told = (await ask('/metrics', { headers: { Authorization: `Bearer ${metrics}` } })).body;
check('metrics tell of the pot and the taps', /^lento_pots_on 1$/m.test(told) && /lento_request_seconds_bucket\{kind="tap"/.test(told));
await browser.close();
console.log(failed === 0 ? 'walked' : `${failed} not ok`);
process.exit(failed === 0 ? 0 : 1);
