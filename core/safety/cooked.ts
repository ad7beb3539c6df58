import { PROBE_READS_HIGH_C, SURE_CARRY_C } from './figures/index.ts';
import { lastOnFire, stageTimes, type Cook, type CookSpec } from '../heat/index.ts';
import type { Animal } from '../pantry/index.ts';
import { holdMinutes, lethalityTable, MOST_LOGS, type Lethality } from './lethality.ts';

/** Temperatures of all places inside a food, moment by moment. */
export interface Fields {
  readonly minute: ArrayLike<number>;
  readonly fieldC: readonly ArrayLike<number>[];
}

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
    return field.map((tempC) => (resting ? Math.min(tempC, most) : tempC) - PROBE_READS_HIGH_C);
  });
  return { minute, fieldC: fields };
}

/** What heat has done for the safety of a cook, at its coldest point and the unfavourable end. */
export function safetyOfCook(
  spec: CookSpec,
  cook: Cook,
): Lethality & { readonly shares: readonly number[] } {
  return lethalityOfCook(spec.piece.cut.animal, unfavourable(spec, cook));
}

/**
 * The reduction at the point that gets least, when even that is enough, and at each moment what
 * share of the wanted it has had, 0 to 1. A moment counts as at the cooler of its two ends.
 */
export function lethalityOfCook(
  animal: Animal,
  { minute, fieldC }: Fields,
): Lethality & { readonly shares: readonly number[] } {
  const { logs: wanted } = lethalityTable(animal);
  const logs = new Float64Array(fieldC[0]?.length ?? 0);
  let least = 0;
  let enoughAtMin: number | undefined;
  const shares = fieldC.map((field, i) => {
    const [from, to] = [minute[i - 1] ?? minute[i] ?? 0, minute[i] ?? 0];
    const earlier = fieldC[i - 1] ?? field;
    const before = least;
    least = logs.length === 0 ? 0 : Infinity;
    for (let cell = 0; cell < logs.length; cell++) {
      const coolerC = Math.min(field[cell] as number, earlier[cell] as number);
      const gained = (wanted * (to - from)) / holdMinutes(animal, coolerC);
      const now = (logs[cell] as number) + gained;
      logs[cell] = now;
      if (now < least) least = now;
    }
    if (enoughAtMin === undefined && least >= wanted) {
      enoughAtMin = from + ((wanted - before) / (least - before)) * (to - from);
    }
    return Math.min(1, least / wanted);
  });
  return {
    logs: Math.min(least, MOST_LOGS),
    wanted,
    shares,
    ...(enoughAtMin !== undefined && { enoughAtMin }),
  };
}
