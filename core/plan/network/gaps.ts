import { MINUTES_PER_DAY, SOAKS_ON_MIN, WAITING } from '../../figures/index.ts';
import type { ExpandedStep } from './expanded-steps.ts';
import { gapKey, type SafeGapLimits, type SoftLimit } from './soft-limits.ts';
import type { ArcReason, TimeNetwork } from './time-network.ts';

/** Adds a most that may be passed at a price. */
export type AddLimit = (limit: SoftLimit, why: ArcReason) => void;

/** Steps, and the nodes at which each begins and ends. */
interface PlacedSteps {
  readonly network: TimeNetwork;
  readonly steps: readonly ExpandedStep[];
  readonly startOf: readonly number[];
  readonly endOf: readonly number[];
}

interface GapOptions {
  readonly nowMin: number;
  /** The longest gaps by safety, whatever they cost. */
  readonly safeGaps?: SafeGapLimits | undefined;
  /** Leaves out all that keeps steps together. */
  readonly loose?: boolean;
}

/** How long a step waits for the one before it: as asked, as borne at a price, and as safety allows. */
export function addGaps(
  built: PlacedSteps,
  { nowMin, loose, safeGaps }: GapOptions,
  limit: AddLimit,
): void {
  const { network, steps, startOf, endOf } = built;
  const byId = new Map(steps.map((step) => [step.step.id, step.index]));
  for (const step of steps) {
    // What came before a step that has begun does not matter any more.
    if (step.past) continue;
    for (const gap of step.step.after) {
      const before = byId.get(gap.step);
      if (before === undefined) continue;
      const from = (gap.from === 'start' ? startOf : endOf)[before] ?? 0;
      const to = startOf[step.index] ?? 0;
      network.addArc({
        from,
        to,
        lag: gap.leastMin,
        why: { kind: 'gapLeast', step: step.index, before },
      });
      const unbound = gap.mostMin === undefined && !safeGaps?.has(gapKey(gap.step, step.step.id));
      if (unbound || loose) continue;
      const overMin = steps[before]?.endedMin;
      const waitedMin = overMin === undefined ? undefined : nowMin - overMin;
      const safe = safeGaps?.get(gapKey(gap.step, step.step.id));
      const soaking = safe?.soaksOn === true ? steps[before] : undefined;
      if (soaking && !soaking.past) {
        // Until it is taken out it soaks on, and no longer than it may.
        const lag = -(soaking.duration.mostMin + SOAKS_ON_MIN);
        const why = { kind: 'gapMost', step: step.index, before } as const;
        network.addArc({ from: to, to: startOf[before] ?? 0, lag, why });
      }
      const safeMin = (soaking ? undefined : safe?.mostMin) ?? Infinity;
      const asked = Math.min(gap.mostMin ?? Infinity, safe?.mostMin ?? Infinity);
      const wait = steps[before]?.wait ?? 'bare';
      // What is over waits already: that is past, and every minute more has its price, but none is
      // forbidden that safety does not forbid.
      const mostMin = Math.max(gap.leastMin, asked, waitedMin ?? 0);
      const borneMin = waitedMin === undefined ? WAITING[wait].mostOverMin : MINUTES_PER_DAY;
      const leftMin = safeMin < mostMin ? Infinity : safeMin - mostMin;
      limit(
        {
          kind: 'gap',
          step: before,
          next: step.index,
          later: to,
          earlier: from,
          mostMin,
          // Safety is no matter of price.
          mostOverMin: Math.min(borneMin, leftMin),
          wait,
        },
        { kind: 'gapMost', step: step.index, before },
      );
    }
    if (!loose) addWaits(built, step, { nowMin, safeGaps }, limit);
  }
}

/** What a food waits while steps that do not work on it are done: not past what is safe. */
function addWaits(
  { steps, startOf, endOf }: PlacedSteps,
  { index, step, dish }: ExpandedStep,
  { nowMin, safeGaps }: GapOptions,
  limit: AddLimit,
): void {
  for (const before of steps) {
    if (before.dish !== dish) continue;
    const { endedMin, wait } = before;
    const safe = safeGaps?.get(gapKey(before.step.id, step.id));
    if (!safe || step.after.some((gap) => gap.step === before.step.id)) continue;
    // As long again is borne where nothing else can be done: Safety then says so at the step.
    const mostOverMin = endedMin === undefined ? safe.mostMin : MINUTES_PER_DAY;
    const mostMin = Math.max(safe.mostMin, nowMin - (endedMin ?? nowMin));
    const [later, earlier] = [startOf[index] ?? 0, endOf[before.index] ?? 0];
    limit(
      { kind: 'gap', step: before.index, next: index, later, earlier, mostMin, mostOverMin, wait },
      { kind: 'gapMost', step: index, before: before.index },
    );
  }
}
