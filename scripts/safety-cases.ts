/** Writes the tables of safety cases into the documentation. Run: npx tsx scripts/safety-cases.ts */
import { writeFile } from 'node:fs/promises';
import { format } from 'prettier';
import { ROUNDS } from '../core/test/ledger-cases/rounds.ts';
import { SAFETY_CASES } from '../core/test/safety-cases.ts';

const file = new URL('../docs/safety-cases.md', import.meta.url);
const rows = SAFETY_CASES.map(({ name, stops }, i) => {
  const verdict = stops === 'nothing' ? 'passes' : `stopped: \`${stops}\``;
  return `| ${i + 1} | ${name} | ${verdict} |`;
});
const SAID = { stop: 'stopped', caution: 'minded', pass: 'passes' } as const;
const rounds = ROUNDS.flatMap(({ name, cases }) => [
  '',
  `### The ${name} round`,
  '',
  '| Case | |',
  '| --- | --- |',
  ...cases.map(
    (one) => `| ${one.name} | ${SAID[one.verdict]}${one.rule ? `: \`${one.rule}\`` : ''} |`,
  ),
]);
const count = ROUNDS.reduce((sum, { cases }) => sum + cases.length, 0);
const text = [
  '# Safety cases',
  '',
  'Each is a small meal file, built in `core/test/safety-cases.ts`; `npm run check` reads, plans and watches every one. A rule has a file of its own in `core/safety/rules/`, with its figures and the publication they are from.',
  '',
  '| | Case | |',
  '| --: | --- | --- |',
  ...rows,
  '',
  '## Whole meals',
  '',
  `${count} small meals with a verdict each, written in rounds before the program was asked, in \`core/test/ledger-cases/\`. The first answers, before anything was mended for the round; the first is from before the ledger:`,
  '',
  '| Round | Must stop: stopped, minded, silent | To be minded: minded, silent | Safe: not stopped, stopped |',
  '| --- | --- | --- | --- |',
  ...ROUNDS.map(
    ({ name, stop, caution, pass }) =>
      `| ${name} | ${stop.join(', ')} | ${caution.join(', ')} | ${pass.join(', ')} |`,
  ),
  ...rounds,
].join('\n');
await writeFile(file, await format(text, { parser: 'markdown' }));
