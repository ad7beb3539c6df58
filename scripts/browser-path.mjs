import { existsSync } from 'node:fs';

// The first has no windows of its own to draw, and so takes less time.
const usual = [
  '/usr/bin/chromium-headless-shell',
  '/usr/bin/chromium',
  '/usr/bin/chromium-browser',
  '/usr/bin/google-chrome',
];

/** The browser for tests, benches and pictures: the one CHROMIUM_PATH names, or the usual one; it may not be there. */
export function browserPath() {
  return process.env.CHROMIUM_PATH || usual.find((path) => existsSync(path)) || usual[0];
}
