// Builds the command line into one file, kept by what its sources are, so that a call compiles
// nothing. Plain Node: it runs before anything is compiled.
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = fileURLToPath(new URL('..', import.meta.url));
const cache = join(root, 'node_modules', '.cache', 'zemrin');
const SOURCES = ['core', 'cli', 'package-lock.json'];

function stampsIn(path, stamps) {
  const at = statSync(join(root, path));
  if (!at.isDirectory()) stamps.push(`${path} ${at.size} ${at.mtimeMs}`);
  else for (const name of readdirSync(join(root, path)).sort()) stampsIn(join(path, name), stamps);
  return stamps;
}

/** Where the bundle of the sources as they lie now belongs. */
export function bundlePath() {
  const stamps = SOURCES.flatMap((path) => stampsIn(path, []));
  const key = createHash('sha256').update(stamps.join('\n')).digest('hex').slice(0, 24);
  return join(cache, `${key}.cjs`);
}

/** The bundle of the sources as they lie now, built where it is not there yet. */
export async function bundle() {
  const file = bundlePath();
  if (existsSync(file)) return file;
  const { build } = await import('esbuild');
  const made = await build({
    entryPoints: [join(root, 'cli', 'main.ts')],
    bundle: true,
    platform: 'node',
    format: 'cjs',
    target: 'node20',
    minify: true,
    write: false,
    logLevel: 'error',
  });
  rmSync(cache, { recursive: true, force: true });
  mkdirSync(cache, { recursive: true });
  writeFileSync(file, made.outputFiles[0].contents);
  return file;
}
