import 'htmx.org';
import { startAside } from './aside.js';
import { startAsks } from './asks.js';
import { startCalls } from './calls.js';
import { startClocks } from './clocks.js';
import { startCopies } from './copies.js';
import { startDrafts } from './drafts.js';
import { startElsewhere } from './elsewhere.js';
import { startFields } from './fields.js';
import { startGrips } from './grips.js';
import { startKeys } from './keys.js';
import { startLater } from './later.js';
import { startLine } from './line.js';
import { startNight } from './night.js';
import { startNotes } from './notes.js';
import { startOnce } from './once.js';
import { startPad } from './pad.js';
import { startPairing } from './pairing.js';
import { startPicks } from './picks.js';
import { startRescue } from './rescue.js';
import { startSections } from './sections.js';
import { startSheets } from './sheets.js';
import { startSlides } from './slide.js';
import { startStove } from './stove.js';
import { startTurns } from './turns.js';

// A slow tablet hears a finger between two of these: none of them holds the page for long.
const AT_ONCE = 25;
let began = performance.now();
for (const start of [
  startPicks,
  startAsks,
  startClocks,
  startElsewhere,
  startFields,
  startGrips,
  startKeys,
  startNight,
  startNotes,
  startOnce,
  startPad,
  startPairing,
  startRescue,
  startSections,
  startSheets,
  startSlides,
  startStove,
  startTurns,
  startCalls,
  startAside,
  startLater,
  startLine,
  startCopies,
  startDrafts,
]) {
  start();
  if (performance.now() - began > AT_ONCE) {
    await new Promise((then) => setTimeout(then));
    began = performance.now();
  }
}
// A cook who practises fetches what it takes; nobody else does.
const practice = document.querySelector('[data-practice]');
if (practice) (await import('./practice/stand.js')).stand(practice);
// From here on keys and taps are heard; whoever drives the page by machine waits for this.
document.documentElement.dataset.ready = 'yes';
