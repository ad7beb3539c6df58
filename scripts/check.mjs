// Everything that must hold before a change lands. Sets up a fresh machine, runs every check to
// its end, and closes with the count of what passed and failed.
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { ensureChromium, ensurePackages, root, run } from './setup.mjs';

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
if (!step('packages installed', ensurePackages())) finish();
mkdirSync(results, { recursive: true });
npm('types', 'types');
npm('lint', 'lint');
npm('format', 'format');
npm('dependency rules', 'deps');

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
const chromium = ensureChromium();
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
