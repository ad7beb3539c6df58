// Runs the command line: one file, built when its sources change, with what the engine made of it
// kept beside it.
import { readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { Script } from 'node:vm';
import { bundle } from './build.mjs';

const file = await bundle();
const kept = `${file}.cache`;

function keptCode() {
  try {
    return readFileSync(kept);
  } catch {
    return undefined;
  }
}

const cachedData = keptCode();
const source = `(function (require) {${readFileSync(file, 'utf8')}\n})`;
const script = new Script(source, { filename: file, cachedData });
script.runInThisContext()(createRequire(import.meta.url));
if (cachedData === undefined || script.cachedDataRejected) {
  try {
    writeFileSync(kept, script.createCachedData());
  } catch {
    // Where nothing can be written, every call compiles anew.
  }
}
