import { writeFile } from 'node:fs/promises';
import { format, resolveConfig } from 'prettier';
import type { Line } from './measure.ts';

/** Writes each bench's lines as a table into the documentation. */
export async function keep(lines: readonly Line[]): Promise<void> {
  for (const bench of new Set(lines.map((line) => line.bench))) {
    const rows = lines
      .filter((line) => line.bench === bench)
      .map(({ what, value, unit, target, holds }) => {
        const verdict = target === 'told' ? '' : holds ? 'holds' : 'missed';
        return `| ${what} | ${value} ${unit} | ${target === 'told' ? '' : target} | ${verdict} |`;
      });
    const file = new URL(`../docs/bench-${bench}.md`, import.meta.url);
    const text = [
      `# Bench: ${bench}`,
      '',
      `One run of \`npm run bench -- ${bench} --keep\` on two shared cores. Speed is told, never asserted by a test.`,
      '',
      '| What | Measured | Wanted | |',
      '| --- | ---: | ---: | --- |',
      ...rows,
    ].join('\n');
    await writeFile(
      file,
      await format(text, { ...(await resolveConfig(file)), parser: 'markdown' }),
    );
  }
}
