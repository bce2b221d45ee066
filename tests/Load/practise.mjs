// A hundred cooks at a practice pot each, against a kitchen on this machine: practise.mjs NAME HTTPS HOME CODE SECONDS. Called by
// PRACTISE=60 bin/try-serve.sh; it ends by itself, and asks no other address.
//
// Each does something every six seconds or so, at a pot that is somewhere in its course, and asks for more of the trace each forty, as a
// page does that plays at fifteen times. What is timed is from sending to the whole answer, over TLS.
import { must, opened, Timed } from './browser.mjs';

const [, , , code, seconds] = process.argv.slice(2);
const COOKS = 100;
// p95 of a step, ms.
const BUDGET = 250;

const chef = await opened(code, 'Ines,Petra');
const sauces = ['bechamel', 'veloute', 'espagnole', 'pan-gravy', 'mornay'];
const pots = [];
for (let i = 0; i < COOKS; i++) {
  must(await chef.get('/practice'), 'practice');
  const form = { sauce: sauces[i % sauces.length], litres: '2', difficulty: 'strange', help: 'yes' };
  pots.push({ path: new URL(must(await chef.form('/practice', form), 'pot').to).pathname, version: 0, second: 0 });
}
const step = async (pot, deed) => {
  const answer = await chef.json(`${pot.path}/deeds`, { deed, version: pot.version, at: pot.second });
  if (answer.status === 200) ({ version: pot.version, second: pot.second } = JSON.parse(answer.text));
  return answer;
};
// Somewhere in its course each: from the butter to the simmer.
for (const [i, pot] of pots.entries()) {
  for (let n = 0; n < (sauces[i % sauces.length] === 'mornay' ? i % 3 : i % 8); n++) await step(pot, 'written');
}
console.log(`${COOKS} practising, ${seconds} s`);

const timed = new Timed();
const ends = performance.now() + 1000 * Number(seconds);
const wait = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
const DEEDS = ['stir:1', 'heat:medium', 'probe', 'stir:0', 'wait:20', 'heat:low', 'depth', 'wait:60'];

async function cooks(pot, i) {
  await wait(Math.random() * 6000);
  for (let n = i; performance.now() < ends; n++) {
    timed.note('step', await step(pot, DEEDS[n % DEEDS.length]));
    await wait(5000 + Math.random() * 2000);
  }
}

async function plays(pot) {
  await wait(Math.random() * 40_000);
  for (; performance.now() < ends; await wait(40_000)) {
    timed.note('ahead', await chef.get(`${pot.path}/ahead?from=${pot.second + 600}`, { Accept: 'application/json' }));
  }
}

await Promise.all([...pots.map(cooks), ...pots.map(plays)]);
const sound = timed.print();
const p95 = timed.at('step', 0.95);
console.log(p95 < BUDGET ? 'within the budget' : `over the budget of ${BUDGET} ms`);
process.exit(sound && p95 < BUDGET ? 0 : 1);
