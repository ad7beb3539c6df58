// After the packages are installed: the command line is built, so that its first call is quick.
import { spawnSync } from 'node:child_process';
import { fileURLToPath } from 'node:url';

const zemrin = fileURLToPath(new URL('../cli/zemrin.mjs', import.meta.url));
spawnSync(process.execPath, [zemrin, '--help'], { stdio: 'ignore' });
