// Fifty tablets on twenty pots and ten devices, against a kitchen on this machine: drive.mjs NAME HTTPS HOME CODE SECONDS. Called by
// LOAD=300 bin/try-serve.sh; it ends by itself, and asks no other address.
//
// Each tablet does what a busy cook's does: a tap every four seconds or so, its pulse every five, its page anew after each third tap. Each
// device posts once a second. What is timed is from sending to the whole answer, over TLS, as the tablet would see it.
import { readFileSync } from 'node:fs';
import { Agent, request } from 'node:https';

const [name, port, home, code, seconds] = process.argv.slice(2);
const [TABLETS, POTS, DEVICES] = [50, 20, 10];
const PASSWORD = 'copper ladle on a wet Tuesday';
const ca = readFileSync(`${home}/data/tls/root.crt`);

/** A browser: its cookies, its token, its own connections. */
class Browser {
  cookies = {};
  token = '';
  agent = new Agent({ keepAlive: true, maxSockets: 4 });

  ask(method, path, { form, json, headers = {} } = {}) {
    const body = form ? new URLSearchParams(form).toString() : json ? JSON.stringify(json) : '';
    const type = form ? 'application/x-www-form-urlencoded' : 'application/json';
    const sent = {
      Host: `${name}:${port}`,
      Cookie: Object.entries(this.cookies).map(([key, value]) => `${key}=${value}`).join('; '),
      ...(body ? { 'Content-Type': type, 'Content-Length': Buffer.byteLength(body) } : {}),
      ...headers,
    };
    return new Promise((resolve) => {
      const began = performance.now();
      const asked = request({ host: '127.0.0.1', port, servername: name, ca, path, method, headers: sent, agent: this.agent }, (answer) => {
        const parts = [];
        answer.on('data', (part) => parts.push(part));
        answer.on('end', () => {
          for (const cookie of answer.headers['set-cookie'] ?? []) {
            const [pair] = cookie.split(';');
            this.cookies[pair.slice(0, pair.indexOf('='))] = pair.slice(pair.indexOf('=') + 1);
          }
          const text = Buffer.concat(parts).toString();
          this.token = /name="csrf-token" content="([^"]+)"/.exec(text)?.[1] ?? this.token;
          resolve({ status: answer.statusCode, ms: performance.now() - began, text, to: answer.headers.location ?? '' });
        });
      });
      asked.on('error', () => resolve({ status: 0, ms: performance.now() - began, text: '', to: '' }));
      asked.end(body);
    });
  }

  get(path, headers) {
    return this.ask('GET', path, { headers });
  }

  async form(path, fields) {
    return this.ask('POST', path, { form: { _token: this.token, ...fields } });
  }

  json(path, said) {
    return this.ask('POST', path, { json: said, headers: { Accept: 'application/json', 'X-CSRF-TOKEN': this.token } });
  }
}

const must = (answer, what, statuses = [200, 302]) => {
  if (!statuses.includes(answer.status)) throw new Error(`${what}: ${answer.status} ${answer.text.slice(0, 300)}`);
  return answer;
};

// The kitchen is set up as a chef would, through its own doors.
const chef = new Browser();
must(await chef.get('/first-run'), 'first run');
const cooks = Array.from({ length: 5 }, (_, i) => `Cook ${i}`).join(',');
const told = { code, owner: 'Ines Vark', login: 'ines', password: PASSWORD, pan_name: 'Pan', diameter_mm: 280, height_mm: 160 };
must(await chef.form('/first-run', { ...told, ring_name: 'Ring', power_w: 3500, kind: 'gas', cooks }), 'opening');
const pots = [];
for (let i = 0; i < POTS; i++) {
  const page = must(await chef.get(`/compose?sauce=${['bechamel', 'veloute', 'espagnole'][i % 3]}&amount=${2 + (i % 3)}`), 'compose');
  const form = /<form id="cook"[\s\S]*?<\/form>/.exec(page.text)[0];
  const plain = (value) => value.replaceAll('&amp;', '&');
  const fields = Object.fromEntries([...form.matchAll(/name="([^"]+)"\s+value="([^"]*)"/g)].map(([, key, value]) => [key, plain(value)]));
  const put = must(await chef.form('/pots', fields), 'pot');
  const pot = /\/pots\/(\d+)/.exec(put.to)?.[1];
  if (!pot) throw new Error(`no pot: ${put.to} ${JSON.stringify(fields)}`);
  const step = /name="step" value="([^"]+)"/.exec(must(await chef.get(`/pots/${pot}`), 'its page').text)[1];
  pots.push({ id: pot, step });
}
const devices = [];
for (let i = 0; i < DEVICES; i++) {
  const page = must(await chef.get('/kitchen'), 'kitchen').text;
  const places = [.../name="place"[\s\S]*?<\/select>/.exec(page)[0].matchAll(/value="([^"]+)"/g)].map(([, place]) => place);
  must(await chef.form('/kitchen/devices', { name: `Probe ${i}`, kind: 'probe', place: places[i % places.length] }), 'device');
  devices.push(/<code>([^<]+)<\/code>/.exec((await chef.get('/kitchen')).text)[1]);
}
const tablets = [];
for (let i = 0; i < TABLETS; i++) {
  await chef.get('/tablets');
  must(await chef.form('/tablets', { name: `Tablet ${i}` }), 'tablet');
  const paired = /class="code">([^<]+)</.exec((await chef.get('/tablets')).text)[1];
  const tablet = new Browser();
  await tablet.get('/pair');
  must(await tablet.form('/pair', { code: paired }), 'pairing');
  const member = [...must(await tablet.get('/who'), 'who').text.matchAll(/name="member" value="(\d+)"/g)][i % 5][1];
  must(await tablet.form('/who', { member }), 'saying who');
  must(await tablet.get(`/pots/${pots[i % POTS].id}`), 'page');
  tablets.push(tablet);
}
console.log(`${TABLETS} tablets, ${POTS} pots, ${DEVICES} devices, ${seconds} s`);

const timed = {};
const failed = {};
function note(kind, { status, ms, text }) {
  (timed[kind] ??= []).push(ms);
  if (status !== 200) {
    failed[kind] = (failed[kind] ?? 0) + 1;
    if (failed[kind] < 3) console.log(`  ${kind} ${status} ${text.slice(0, 120)}`);
  }
}

const ends = performance.now() + 1000 * Number(seconds);
const wait = (ms) => new Promise((resolve) => setTimeout(resolve, Math.max(0, ms)));
let said = 0;
let kept = 0;

async function taps(tablet, i) {
  const pot = pots[i % POTS];
  await wait(Math.random() * 4000);
  for (let n = 0; performance.now() < ends; n++) {
    const tap = { token: `t${i}-${n}`, at: Date.now(), choice: 'stir', text: 'x' };
    const event = { v: 2, kind: n % 4 === 0 ? 'note' : 'tended', step: pot.step, ...tap };
    said++;
    const answer = await tablet.json(`/pots/${pot.id}/events/batch`, { events: [event] });
    note('tap', answer);
    if (answer.status === 200) kept += JSON.parse(answer.text).kept.length;
    if (n % 3 === 0) note('page', await tablet.get(`/pots/${pot.id}`, { 'HX-Request': 'true', 'HX-Request-Type': 'partial' }));
    await wait(3000 + Math.random() * 2000);
  }
}

async function pulses(tablet) {
  await wait(Math.random() * 5000);
  for (; performance.now() < ends; await wait(5000)) note('pulse', await tablet.get('/pulse', { Accept: 'application/json' }));
}

async function readings(token, i) {
  const device = new Browser();
  await wait(Math.random() * 1000);
  for (let n = 0; performance.now() < ends; n++) {
    const reading = { id: `r${i}-${n}`, at: Date.now(), value: 80 + Math.random() * 10 };
    note('reading', await device.ask('POST', '/api/v1/readings', {
      json: { sent_at: Date.now(), readings: [reading] },
      headers: { Authorization: `Bearer ${token}`, Accept: 'application/json' },
    }));
    await wait(1050);
  }
}

await Promise.all([...tablets.map(taps), ...tablets.map(pulses), ...devices.map(readings)]);
let wrong = said !== kept;
for (const [kind, all] of Object.entries(timed)) {
  all.sort((a, b) => a - b);
  const at = (share) => all[Math.min(all.length - 1, Math.floor(share * all.length))].toFixed(0);
  const shares = [0.5, 0.95, 0.99].map((share) => `p${100 * share} ${at(share).padStart(5)} ms`).join('  ');
  console.log(`${kind.padEnd(8)} ${String(all.length).padStart(6)}  ${shares}  errors ${failed[kind] ?? 0}`);
  wrong ||= (failed[kind] ?? 0) > 0;
}
console.log(`${said} taps said, ${kept} kept`);
process.exit(wrong ? 1 : 0);
