// A browser as the load drivers need one: its cookies, its token, its own connections; and the kitchen that a chef opens.
import { readFileSync } from 'node:fs';
import { Agent, request } from 'node:https';

const [name, port, home] = process.argv.slice(2);
const ca = readFileSync(`${home}/data/tls/root.crt`);

export class Browser {
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

export const must = (answer, what, statuses = [200, 302]) => {
  if (!statuses.includes(answer.status)) throw new Error(`${what}: ${answer.status} ${answer.text.slice(0, 300)}`);
  return answer;
};

const PASSWORD = 'copper ladle on a wet Tuesday';

/** The kitchen is set up as a chef would, through its own doors. */
export async function opened(code, cooks) {
  const chef = new Browser();
  must(await chef.get('/first-run'), 'first run');
  const told = { code, owner: 'Ines Vark', login: 'ines', password: PASSWORD, pan_name: 'Pan', diameter_mm: 280, height_mm: 160 };
  must(await chef.form('/first-run', { ...told, ring_name: 'Ring', power_w: 3500, kind: 'gas', cooks }), 'opening');
  return chef;
}

/** What was timed, by its kind, with what failed. */
export class Timed {
  all = {};
  failed = {};

  note(kind, { status, ms, text }) {
    (this.all[kind] ??= []).push(ms);
    if (status === 200) return;
    this.failed[kind] = (this.failed[kind] ?? 0) + 1;
    if (this.failed[kind] < 3) console.log(`  ${kind} ${status} ${text.slice(0, 120)}`);
  }

  at(kind, share) {
    const sorted = [...this.all[kind]].sort((a, b) => a - b);
    return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))];
  }

  /** @returns whether nothing failed */
  print() {
    for (const [kind, all] of Object.entries(this.all)) {
      const shares = [0.5, 0.95, 0.99].map((share) => `p${100 * share} ${this.at(kind, share).toFixed(0).padStart(5)} ms`).join('  ');
      console.log(`${kind.padEnd(8)} ${String(all.length).padStart(6)}  ${shares}  errors ${this.failed[kind] ?? 0}`);
    }
    return Object.keys(this.failed).length === 0;
  }
}
