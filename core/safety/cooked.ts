import { lastOnFire, stageTimes, type Cook, type CookSpec } from '../heat/index.ts';
import type { Animal } from '../pantry/index.ts';
import { holdMinutes, lethalityOf, lethalityTable, type Lethality } from './lethality.ts';

/** Temperatures of all places inside a food, moment by moment. */
export interface Fields {
  readonly minute: ArrayLike<number>;
  readonly fieldC: readonly ArrayLike<number>[];
}

/** What a probe may read too high, and the carry-over one may count on. Kitchen convention, confidence 0.6. */
const PROBE_C = 1;
const SURE_CARRY_C = 3;

/**
 * The temperatures safety reckons with: a degree cooler than forecast, and once off the fire no
 * warmer than the core it was pulled at by little more than carry-over never fails to bring.
 */
function unfavourable(spec: CookSpec, { minute, fieldC, stages }: Cook): Fields {
  const last = lastOnFire(spec);
  const pulledMin = stageTimes({ stages })[last]?.to ?? Infinity;
  const most = (stages[last]?.coreC ?? Infinity) + SURE_CARRY_C;
  const fields = fieldC.map((field, i) => {
    const resting = (minute[i] ?? 0) > pulledMin;
    return field.map((tempC) => (resting ? Math.min(tempC, most) : tempC) - PROBE_C);
  });
  return { minute, fieldC: fields };
}

/** What heat has done for the safety of a cook, at its coldest point and the unfavourable end. */
export function safetyOfCook(
  spec: CookSpec,
  cook: Cook,
): Lethality & { readonly shares: readonly number[] } {
  const { animal } = spec.piece.cut;
  const fields = unfavourable(spec, cook);
  return { ...lethalityOfCook(animal, fields), shares: safeShares(animal, fields) };
}

/** At each moment, what share of the wanted reduction the point that gets least has had, 0 to 1. */
export function safeShares(animal: Animal, { minute, fieldC }: Fields): number[] {
  const cells = fieldC[0]?.length ?? 0;
  const { logs: wanted } = lethalityTable(animal);
  const logs = new Float64Array(cells);
  return fieldC.map((field, i) => {
    const minutes = (minute[i] ?? 0) - (minute[i - 1] ?? minute[i] ?? 0);
    for (let cell = 0; cell < cells; cell++) {
      const coolerC = Math.min(field[cell] ?? 0, fieldC[i - 1]?.[cell] ?? Infinity);
      logs[cell] = (logs[cell] ?? 0) + (wanted * minutes) / holdMinutes(animal, coolerC);
    }
    return cells === 0 ? 0 : Math.min(1, Math.min(...logs) / wanted);
  });
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
