import { fileURLToPath } from 'node:url';
import { build } from 'esbuild';

/** Where tests of views find the core: among the packages, so that Node loads it as it is. */
export const CORE_IN_ONE_FILE = fileURLToPath(
  new URL('../../../node_modules/.cache/zemrin-tests/core.mjs', import.meta.url),
);

/**
 * Puts all of the core into one file before views are tested: half a second once, where every file
 * that is tested alone took ten to load its modules one by one.
 */
export async function setup(): Promise<void> {
  await build({
    entryPoints: [fileURLToPath(new URL('../../../core/index.ts', import.meta.url))],
    outfile: CORE_IN_ONE_FILE,
    bundle: true,
    format: 'esm',
    platform: 'node',
    target: 'node20',
    packages: 'external',
    sourcemap: 'inline',
    logLevel: 'warning',
  });
}
