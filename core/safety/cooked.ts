import type { Animal } from '../pantry/index.ts';
import { lethalityOf, lethalityTable, type Lethality } from './lethality.ts';

/** Temperatures of all places inside a food, moment by moment. */
export interface Fields {
  readonly minute: ArrayLike<number>;
  readonly fieldC: readonly ArrayLike<number>[];
}

/** The reduction at the point that gets least, and when even that is enough. */
export function lethalityOfCook(animal: Animal, { minute, fieldC }: Fields): Lethality {
  const cells = fieldC[0]?.length ?? 0;
  const each = Array.from({ length: cells }, (_unused, cell) =>
    lethalityOf(
      animal,
      fieldC.map((field, i) => ({ minute: minute[i] ?? 0, tempC: field[cell] ?? -Infinity })),
    ),
  );
  const { logs: wanted } = lethalityTable(animal);
  if (each.length === 0) return { logs: 0, wanted };
  const enough = each.map(({ enoughAtMin }) => enoughAtMin ?? Infinity);
  const last = Math.max(...enough);
  return {
    logs: Math.min(...each.map(({ logs }) => logs)),
    wanted,
    ...(Number.isFinite(last) && { enoughAtMin: last }),
  };
}
