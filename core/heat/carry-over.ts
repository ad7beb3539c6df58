import {
  CARRY_BELIEVED,
  HOT_TO_EAT_C,
  JOINT_CARRIES_C,
  JOINT_FROM_MM,
  JOINT_RESTS_MIN,
  PIECE_CARRIES_C,
  PIECE_RESTS_MIN,
} from '../figures/index.ts';
import { cooks, HOLD_PLACES, type Cooker, type HoldPlace } from '../places/index.ts';
import { boundaryConditionsOf } from './boundary-conditions.ts';
import { cookOnce, type CookSpec, type StageSpec } from './cook-spec.ts';
import { coreAt } from './ensemble.ts';
import { thicknessMmOf } from './form.ts';

/** How a food warms on by itself once it is off the fire. */
export interface CarryOver {
  /** The core as it is taken off. */
  readonly pullC: number;
  /** The highest it comes to while it rests, and how long that takes. */
  readonly peakC: number;
  readonly peakAfterMin: number;
  /** How long it rests, as said or as one usually rests such a piece, and its core then. */
  readonly restMin: number;
  readonly restedC: number;
}

/** How long it stays good in a place, from being taken off. */
export interface Hold {
  readonly place: HoldPlace;
  /** Until the core is no longer hot to eat. */
  readonly hotMin: number;
  /** Until its coldest point falls below the heat that was asked for. */
  readonly aboveMin: number;
}

const LONGEST_HOLD_MIN = 24 * 60;

/** The stages up to the last that cooks: what is taken off the fire. */
function fireOf(spec: CookSpec): readonly StageSpec[] {
  return spec.stages.slice(0, spec.stages.findLastIndex(({ cooker }) => cooks(cooker)) + 1);
}

/**
 * Carry-over in the rest that follows: as long as that is said to be, or as one usually rests such a
 * piece, under foil unless another place is said. What it would climb to in an hour of waiting is no
 * carry-over anybody carves after.
 *
 * @throws RangeError when no stage cooks
 */
export function carryOver(spec: CookSpec): CarryOver {
  const fire = fireOf(spec);
  const stated = spec.stages[fire.length];
  const joint = thicknessMmOf(spec.piece) >= JOINT_FROM_MM;
  const restMin =
    stated?.end.kind === 'minutes' ? stated.end.minutes : joint ? JOINT_RESTS_MIN : PIECE_RESTS_MIN;
  const rest: StageSpec = {
    cooker: stated?.cooker ?? 'foil',
    end: { kind: 'minutes', minutes: restMin },
  };
  const cook = cookOnce({ ...spec, stages: [...fire, rest] }, undefined, {
    everyMin: REST_EVERY_MIN,
  });
  const pull = cook.stages[fire.length - 1];
  if (!pull) throw new RangeError('nothing is cooked');
  const offMin = cook.stages.slice(0, fire.length).reduce((sum, { minutes }) => sum + minutes, 0);
  let [peakC, peakAfterMin] = [pull.coreC, 0];
  for (let after = REST_EVERY_MIN; after <= restMin; after += REST_EVERY_MIN) {
    const coreC = coreAt(cook, offMin + after);
    if (coreC > peakC) [peakC, peakAfterMin] = [coreC, after];
  }
  const most = joint ? JOINT_CARRIES_C : PIECE_CARRIES_C;
  const carriesC = Math.min(most, believedShare(spec) * (peakC - pull.coreC));
  const believedPeakC = pull.coreC + carriesC;
  // What it has fallen again since is not in doubt.
  const fallenC = peakC - coreAt(cook, offMin + restMin);
  return {
    pullC: pull.coreC,
    peakC: believedPeakC,
    peakAfterMin,
    restMin,
    restedC: believedPeakC - fallenC,
  };
}

/**
 * The body that stands for a thin piece keeps more heat near its surface than the piece does: of what
 * it would climb a share is believed, more the thicker it is, or it would be taken off raw.
 */
function believedShare({ piece }: CookSpec): number {
  const { thinMm, thickMm, thinShare } = CARRY_BELIEVED;
  const thicker = (thicknessMmOf(piece) - thinMm) / (thickMm - thinMm);
  return thinShare + (1 - thinShare) * Math.min(1, Math.max(0, thicker));
}

/** The core is looked at so often while it rests, minutes. */
const REST_EVERY_MIN = 1;

/**
 * How long it stays hot in each place that keeps it so.
 *
 * @param leastC the heat its coldest point should not fall below
 */
export function hotHoldsOf(spec: CookSpec, leastC: number): Hold[] {
  const fire = fireOf(spec);
  return HOLD_PLACES.map((place) => ({
    place,
    // It may climb past that first: from its peak on.
    hotMin: restOf(spec, fire, place, { kind: 'peak' }, { kind: 'core', coreC: HOT_TO_EAT_C })
      .restMin,
    aboveMin: restOf(spec, fire, place, { kind: 'surface', surfaceC: leastC }).restMin,
  }));
}

function restOf(
  spec: CookSpec,
  fire: readonly StageSpec[],
  cooker: Cooker,
  ...ends: StageSpec['end'][]
): { pullC: number; peakC: number; restMin: number } {
  const stages = [...fire, ...ends.map((end) => ({ cooker, end }))];
  const cook = cookOnce({ ...spec, stages }, undefined, {
    everyMin: 1e6,
    longestMin: LONGEST_HOLD_MIN,
  });
  const pull = cook.stages[fire.length - 1];
  if (!pull) throw new RangeError('nothing is cooked');
  const rests = cook.stages.slice(fire.length);
  // Where it never falls so far it stays good as long as anybody holds it.
  const airC = boundaryConditionsOf(cooker, undefined, undefined, spec.conditions).around.airC;
  const last = ends.at(-1);
  const stays = last?.kind === 'core' && airC >= last.coreC && cook.peakCoreC >= last.coreC;
  const restMin =
    !stays && rests.every(({ reached }) => reached)
      ? rests.reduce((sum, { minutes }) => sum + minutes, 0)
      : LONGEST_HOLD_MIN;
  return { pullC: pull.coreC, peakC: Math.max(pull.coreC, cook.peakCoreC), restMin };
}

/** Tries at the pull temperature; each comes ten times nearer. */
const TRIES = 5;
const NEAR_C = 0.1;

/**
 * The core at which to take it off, so that it comes to a wanted one by itself: the wanted less the
 * carry-over, which depends on it a little.
 */
export function pullCFor(spec: CookSpec, finalC: number): number {
  const fire = fireOf(spec);
  const last = fire.at(-1);
  if (!last) throw new RangeError('nothing is cooked');
  let pullC = finalC;
  for (let i = 0; i < TRIES; i++) {
    const stages = [
      ...fire.slice(0, -1),
      { ...last, end: { kind: 'core', coreC: pullC } as const },
      ...spec.stages.slice(fire.length),
    ];
    const over = carryOver({ ...spec, stages }).peakC - finalC;
    if (Math.abs(over) < NEAR_C) break;
    pullC -= over;
  }
  return pullC;
}
