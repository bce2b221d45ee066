// Fifty tablets on twenty pots and ten devices, against a kitchen on this machine: drive.mjs NAME HTTPS HOME CODE SECONDS. Called by
// LOAD=300 bin/try-serve.sh; it ends by itself, and asks no other address.
//
// Each tablet does what a busy cook's does: a tap every four seconds or so, its pulse every five, its page anew after each third tap. Each
// device posts once a second. What is timed is from sending to the whole answer, over TLS, as the tablet would see it.
import { Browser, must, opened, Timed } from './browser.mjs';

const [, , , code, seconds] = process.argv.slice(2);
const [TABLETS, POTS, DEVICES] = [50, 20, 10];

const chef = await opened(code, Array.from({ length: 5 }, (_, i) => `Cook ${i}`).join(','));
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

const timed = new Timed();
const note = (kind, answer) => timed.note(kind, answer);

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
const sound = timed.print();
console.log(`${said} taps said, ${kept} kept`);
process.exit(sound && said === kept ? 0 : 1);
