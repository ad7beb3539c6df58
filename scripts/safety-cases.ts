/** Writes the table of safety cases into the documentation. Run: npx tsx scripts/safety-cases.ts */
import { writeFile } from 'node:fs/promises';
import { format } from 'prettier';
import { SAFETY_CASES } from '../core/test/safety-cases.ts';

const file = new URL('../docs/safety-cases.md', import.meta.url);
const rows = SAFETY_CASES.map(({ name, stops }, i) => {
  const verdict = stops === 'nothing' ? 'passes' : `stopped: \`${stops}\``;
  return `| ${i + 1} | ${name} | ${verdict} |`;
});
const text = [
  '# Safety cases',
  '',
  'Each is a small meal file, built in `core/test/safety-cases.ts`; `npm run check` reads, plans and watches every one. A rule has a file of its own in `core/safety/rules/`, with its figures and the publication they are from.',
  '',
  '| | Case | |',
  '| --: | --- | --- |',
  ...rows,
].join('\n');
await writeFile(file, await format(text, { parser: 'markdown' }));
