import 'htmx.org';
import { startAside } from './aside.js';
import { startCalls } from './calls.js';
import { startClocks } from './clocks.js';
import { startFields } from './fields.js';
import { startGrips } from './grips.js';
import { startKeys } from './keys.js';
import { startLine } from './line.js';
import { startNight } from './night.js';
import { startOnce } from './once.js';
import { startRescue } from './rescue.js';
import { startSlides } from './slide.js';
import { startStove } from './stove.js';

startClocks();
startFields();
startGrips();
startKeys();
startNight();
startOnce();
startRescue();
startSlides();
startStove();
startCalls();
startAside();
startLine();
// From here on keys and taps are heard; whoever drives the page by machine waits for this.
document.documentElement.dataset.ready = 'yes';
