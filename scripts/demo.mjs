// Installs, builds and serves Zemrin on this machine, and prints the address. With “-- --lan” other
// devices of the home network may follow a run, with a pairing code.
import { ensurePackages, run } from './setup.mjs';

if (!ensurePackages()) {
  console.error('The packages could not be installed. Is the npm registry in reach?');
  process.exit(1);
}
if (!run('npm', ['run', '-s', 'build'])) process.exit(1);
process.exit(run('npx', ['tsx', 'server/main.ts', ...process.argv.slice(2)]) ? 0 : 1);
