import { existsSync } from 'node:fs';

const WHOLE = '/usr/bin/chromium';
const BARE = '/usr/bin/chromium-headless-shell';
const ARGS = [
  '--headless',
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];

/** Debian's Chromium as a tablet has it: with what it keeps, calls with and does without a line. */
export const whole = (...more) => ({ executablePath: WHOLE, args: [...ARGS, ...more] });

/** The same built without a desktop round it, which opens a page in a third of the time; the whole one where it cannot be had. */
export const bare = (...more) => ({ ...whole(...more), executablePath: existsSync(BARE) ? BARE : WHOLE });
