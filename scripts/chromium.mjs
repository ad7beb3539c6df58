// Finds the browser for the browser tests, or installs it; by itself, so that it can go on beside
// other work.
import { ensureChromium } from './setup.mjs';

process.exit(ensureChromium() === undefined ? 1 : 0);
