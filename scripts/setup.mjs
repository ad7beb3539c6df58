// What demo and check need before anything else runs. Plain Node: nothing is installed yet.
import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { browserPath } from './browser-path.mjs';

export const root = fileURLToPath(new URL('..', import.meta.url));
const stamp = new URL('../node_modules/.zemrin-installed', import.meta.url);

/** Runs a command in the repository with its output shown; true when it ended well. */
export function run(command, args, env = {}) {
  const done = spawnSync(command, args, {
    cwd: root,
    stdio: 'inherit',
    env: { ...process.env, ...env },
  });
  return done.status === 0;
}

/** Runs a command beside others; resolves to whether it ended well, and all it printed. */
export function quietly(command, args) {
  return new Promise((resolve) => {
    const child = spawn(command, args, { cwd: root, stdio: ['ignore', 'pipe', 'pipe'] });
    const parts = [];
    child.stdout.on('data', (part) => parts.push(part));
    child.stderr.on('data', (part) => parts.push(part));
    child.on('error', (error) => resolve({ ok: false, output: `${error.message}\n` }));
    child.on('close', (code) =>
      resolve({ ok: code === 0, output: Buffer.concat(parts).toString() }),
    );
  });
}

/** Installs the packages of the lock file, unless just these are installed already. */
export function ensurePackages() {
  const lock = readFileSync(new URL('../package-lock.json', import.meta.url));
  const wanted = createHash('sha256').update(lock).digest('hex');
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return true;
  console.log('Installing packages');
  if (!run('npm', ['ci', '--no-audit', '--no-fund'])) return false;
  writeFileSync(stamp, wanted);
  return true;
}

/** The browser for the browser tests: the one named, one that is there, or Debian's, installed. */
export function ensureChromium() {
  const named = process.env.CHROMIUM_PATH;
  if (named) {
    if (existsSync(named)) return named;
    console.error(`CHROMIUM_PATH names ${named}, and nothing is there. Correct it or unset it.`);
    return undefined;
  }
  if (existsSync(browserPath())) return browserPath();
  console.log('Installing Chromium from Debian');
  const asRoot = process.getuid?.() === 0;
  const apt = (...args) =>
    asRoot
      ? run('apt-get', args, { DEBIAN_FRONTEND: 'noninteractive' })
      : run('sudo', ['-n', 'env', 'DEBIAN_FRONTEND=noninteractive', 'apt-get', ...args]);
  const install = (name) => apt('install', '-y', '-qq', '--no-install-recommends', name);
  // An older Debian has no shell without windows.
  const installed =
    apt('update', '-qq') && (install('chromium-headless-shell') || install('chromium'));
  if (installed && existsSync(browserPath())) return browserPath();
  console.error(
    'The browser tests need Chromium. Install the package “chromium” (apt-get install chromium), or set CHROMIUM_PATH to one you have.',
  );
  return undefined;
}
