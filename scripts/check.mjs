// Everything that must hold before a change lands. Sets up a fresh machine, runs every check to
// its end, and closes with the count of what passed and failed.
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import { ensureChromium, ensurePackages, quietly, root, run } from './setup.mjs';

const results = join(root, 'test-results');
let passed = 0;
let failed = 0;

function step(name, ok) {
  console.log(`${ok ? 'passed' : 'FAILED'}: ${name}`);
  if (ok) passed++;
  else failed++;
  return ok;
}

function npm(name, script) {
  console.log(`\n— ${name}`);
  return step(name, run('npm', ['run', '-s', script]));
}

/** Several scripts, as many at once as there are cores; each is told whole, in the order given. */
async function beside(scripts) {
  const waiting = [...scripts.keys()];
  const done = [];
  const lane = async () => {
    for (let i = waiting.shift(); i !== undefined; i = waiting.shift()) {
      done[i] = await quietly('npm', ['run', '-s', scripts[i][1]]);
    }
  };
  await Promise.all(Array.from({ length: availableParallelism() }, lane));
  for (const [i, [name]] of scripts.entries()) {
    console.log(`\n— ${name}`);
    process.stdout.write(done[i].output);
    step(name, done[i].ok);
  }
}

function finish() {
  console.log(`${passed} passed, ${failed} failed`);
  process.exit(failed === 0 ? 0 : 1);
}

function readJson(file) {
  const path = join(results, file);
  return existsSync(path) ? JSON.parse(readFileSync(path, 'utf8')) : undefined;
}

/** Counts the tests themselves; a run that left no report counts as one failure. */
function tests(name, ok, counts) {
  if (!counts || counts.passed + counts.failed === 0) return step(name, false);
  passed += counts.passed;
  failed += counts.failed;
  if (!ok && counts.failed === 0) step(name, false);
  console.log(
    `${ok ? 'passed' : 'FAILED'}: ${name} (${counts.passed} of ${counts.passed + counts.failed})`,
  );
  return ok;
}

rmSync(results, { recursive: true, force: true });
// The browser is fetched while packages are, and while what needs none is checked.
const browser = quietly('node', ['scripts/chromium.mjs']);
if (!step('packages installed', ensurePackages())) finish();
mkdirSync(results, { recursive: true });
await beside([
  ['types', 'types'],
  ['lint', 'lint'],
  ['format', 'format'],
  ['dependency rules', 'deps'],
  ['nothing unused', 'unused'],
]);

console.log('\n— unit and property tests');
const unit = run('npx', [
  'vitest',
  'run',
  '--reporter=default',
  '--reporter=json',
  `--outputFile.json=${join(results, 'unit.json')}`,
]);
const unitReport = readJson('unit.json');
tests(
  'unit and property tests',
  unit,
  unitReport && { passed: unitReport.numPassedTests, failed: unitReport.numFailedTests },
);

const built = npm('build', 'build');
const { ok: browserIsThere, output } = await browser;
process.stdout.write(output);
const chromium = browserIsThere ? ensureChromium() : undefined;
if (built && step('Chromium found', chromium !== undefined)) {
  console.log('\n— browser tests');
  const e2e = run('npx', ['playwright', 'test'], { CHROMIUM_PATH: chromium });
  const stats = readJson('e2e.json')?.stats;
  tests(
    'browser tests',
    e2e,
    stats && { passed: stats.expected + stats.flaky, failed: stats.unexpected },
  );
}
finish();
