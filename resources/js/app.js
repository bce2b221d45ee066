import 'htmx.org';
import { startClocks } from './clocks.js';
import { startKeys } from './keys.js';
import { startLine } from './line.js';
import { startNight } from './night.js';
import { startStove } from './stove.js';

startClocks();
startKeys();
startLine();
startNight();
startStove();
