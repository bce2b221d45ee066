import { spawn } from 'node:child_process';
import { rmSync, writeFileSync } from 'node:fs';
import { expect } from '@playwright/test';

/** A server of its own for one test, on its own database, that can be killed, started again, and have its clock moved. */
export class Server {
  /** @param {Record<string, string>} env what it is set to besides the usual */
  constructor(port, name, env = {}) {
    this.env = env;
    this.port = port;
    this.database = `build/${name}.sqlite`;
    this.address = `http://127.0.0.1:${port}`;
    this.offset = 0;
  }

  /** @param {boolean|'seeded'} fresh whether its database is made anew, empty or with the demo's kitchen in it */
  async start(fresh = true) {
    if (fresh) rmSync(`${this.database}-clock`, { force: true });
    this.process = spawn('bash', ['tests/Browser/serve.sh', String(this.port), this.database, fresh === true ? 'fresh' : fresh || ''], {
      detached: true,
      stdio: 'ignore',
      env: { ...process.env, ...this.env },
    });
    await this.answers(true);
  }

  async kill() {
    process.kill(-this.process.pid, 'SIGKILL');
    await this.answers(false);
  }

  stop() {
    try {
      process.kill(-this.process.pid, 'SIGKILL');
    } catch {
      // It was killed by the test already.
    }
  }

  answers(wanted) {
    return expect.poll(async () => (await fetch(`${this.address}/up`).catch(() => ({ ok: false }))).ok, { timeout: 120_000 }).toBe(wanted);
  }

  /** The time it is, as the server has it. */
  time() {
    return Date.now() + this.offset;
  }

  /** Time passes, on the server and on each of the pages. */
  async pass(milliseconds, ...pages) {
    this.offset += milliseconds;
    writeFileSync(`${this.database}-clock`, String(this.offset));
    for (const page of pages) await page.clock.fastForward(milliseconds);
  }
}
