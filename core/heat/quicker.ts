import { cooks, environmentNamed, usualC } from '../places/index.ts';
import { cookOnce, type CookSpec, type StageSpec } from './cook-spec.ts';
import { isHollow } from './cut-dimensions.ts';
import { cookedMinutes } from './forecast.ts';
import { lastOnFire, WORTH_TELLING } from './shown-cook.ts';
import { thicknessMmOf } from './form.ts';
import { changedCook } from './what-if.ts';

/** What a cook can do to be done sooner. */
export type Sooner =
  | { readonly do: 'hotter'; readonly byC: number }
  | { readonly do: 'unstuffed' | 'flattened' | 'halved' | 'thinner' | 'tempered' | 'wrapped' };

/** A quicker cook, and what is given up for it. */
export interface QuickerCook {
  /** One or two of them, done together. */
  readonly ways: readonly Sooner[];
  readonly spec: CookSpec;
  /** Minutes less on the fire. */
  readonly savedMin: number;
  /** As much as was asked, or nearly. */
  readonly enough: boolean;
  /** How much more tender it ends, 0 to 1; less than 0 where it is tougher; 0 where nobody asks. */
  readonly tenderer: number;
  /** How much more of its raw weight it loses, a share; less than 0 where it stays juicier. */
  readonly drier: number;
  /** How much hotter its surface was at the hottest, °C: crust. */
  readonly crustC: number;
}

/** Steps in which a fire is turned up, and how far at most, °C. Our own lines, no source. */
const HOTTER_STEP_C = 10;
const HOTTER_MOST_C = 60;
/** A piece rolled out, or cut so much thinner. Common practice, no source. */
const THINNER = 0.75;
/** Nearly as much as was asked is enough. Our own line, no source. */
const ENOUGH = 0.95;
/** So many are told. */
const MOST_TOLD = 4;

/**
 * What would make a cook so many minutes quicker, the kindest to the food first: one change where
 * one is enough, else two together; where nothing is, the two that come nearest.
 *
 * @param wantedMin minutes less on the fire, more than 0
 */
export function quickerCooks(spec: CookSpec, wantedMin: number): QuickerCook[] {
  const now = outcomeOf(spec);
  if (!now.reached || !(wantedMin > 0)) return [];
  const told = (ways: readonly Sooner[], other: CookSpec): QuickerCook[] => {
    const then = outcomeOf(other);
    if (!then.reached || then.minutes >= now.minutes) return [];
    return [
      {
        ways,
        spec: other,
        savedMin: now.minutes - then.minutes,
        enough: now.minutes - then.minutes >= ENOUGH * wantedMin,
        tenderer: now.tenderness < WORTH_TELLING ? 0 : then.tenderness - now.tenderness,
        drier: then.lost - now.lost,
        crustC: then.surfaceC - now.surfaceC,
      },
    ];
  };
  const isEnough = ({ enough }: QuickerCook) => enough;
  const singles = SOONER.flatMap((one) => {
    if (one !== 'hotter') return withOne(spec, { do: one }, told);
    // No hotter than it takes.
    const steps = Array.from({ length: HOTTER_MOST_C / HOTTER_STEP_C }, (_unused, i) =>
      withOne(spec, { do: 'hotter', byC: (i + 1) * HOTTER_STEP_C }, told),
    ).flat();
    return steps.find(isEnough) ?? steps.at(-1) ?? [];
  });
  const found = singles.filter(isEnough);
  if (found.length > 0) return kindest(found);
  const pairs = singles.flatMap((first, i) =>
    singles
      .slice(i + 1)
      .flatMap(({ ways: [second] }) =>
        second
          ? withOne(first.spec, second, (ways, other) => told([...first.ways, ...ways], other))
          : [],
      ),
  );
  const both = pairs.filter(isEnough);
  if (both.length > 0) return kindest(both);
  return [...singles, ...pairs].sort((a, b) => b.savedMin - a.savedMin).slice(0, 2);
}

const SOONER = [
  'tempered',
  'wrapped',
  'unstuffed',
  'flattened',
  'halved',
  'thinner',
  'hotter',
] as const;

function withOne(
  spec: CookSpec,
  way: Sooner,
  told: (ways: readonly Sooner[], other: CookSpec) => QuickerCook[],
): QuickerCook[] {
  const other = soonerCook(spec, way);
  return other ? told([way], other) : [];
}

/** The cook done so; undefined where that makes no sense. */
export function soonerCook(spec: CookSpec, way: Sooner): CookSpec | undefined {
  const { piece } = spec;
  switch (way.do) {
    case 'hotter':
      return hotter(spec, way.byC);
    case 'unstuffed': {
      const { prepared, ...bare } = piece;
      return prepared === 'stuffed' ? { ...spec, piece: bare } : undefined;
    }
    case 'flattened':
      return isHollow(piece.cut) && piece.prepared === undefined
        ? { ...spec, piece: { ...piece, prepared: 'flattened' } }
        : undefined;
    case 'halved':
      return isCuttable(spec)
        ? { ...spec, piece: { ...piece, weightG: piece.weightG / 2 } }
        : undefined;
    case 'thinner': {
      if (!isCuttable(spec) || isHollow(piece.cut)) return undefined;
      const thicknessMm = thicknessMmOf(piece) * THINNER;
      return { ...spec, piece: { ...piece, thicknessMm } };
    }
    case 'tempered':
    case 'wrapped':
      return changedCook(spec, way.do);
  }
}

/** Nobody halves an egg or a crab, or beats a whole fish flat. */
function isCuttable({ piece: { cut } }: CookSpec): boolean {
  return isHollow(cut) || !/(?:^|-)(?:whole|eggs?)(?:-|$)/u.test(cut.id);
}

/** Every dry fire so much hotter; undefined where it goes no higher, or has no setting. */
function hotter(spec: CookSpec, byC: number): CookSpec | undefined {
  let turned = false;
  const stages = spec.stages.map((stage): StageSpec => {
    const { heats } = environmentNamed(stage.cooker);
    if (!heats || !cooks(stage.cooker)) return stage;
    const tempC = (stage.tempC ?? usualC(stage.cooker, spec.conditions)) + byC;
    if (tempC > heats[1]) return stage;
    turned = true;
    return { ...stage, tempC };
  });
  return turned ? { ...spec, stages } : undefined;
}

/** Points of the curve: enough to see how hot the surface came. */
const EVERY_MIN = 2;

interface Outcome {
  readonly reached: boolean;
  readonly minutes: number;
  readonly tenderness: number;
  readonly lost: number;
  readonly surfaceC: number;
}

function outcomeOf(spec: CookSpec): Outcome {
  const cook = cookOnce(spec, undefined, { everyMin: EVERY_MIN });
  const { tenderness, evaporated, dripped } = cook;
  return {
    reached: cook.stages[lastOnFire(spec)]?.reached === true,
    minutes: cookedMinutes(spec, cook),
    tenderness,
    lost: evaporated + dripped,
    surfaceC: Math.max(...cook.surfaceC),
  };
}

/** What costs the food least first. */
function kindest(found: readonly QuickerCook[]): QuickerCook[] {
  return [...found].sort((a, b) => harmOf(a) - harmOf(b)).slice(0, MOST_TOLD);
}

/** A share of weight lost counts as much as one of tenderness; two things to do are one more. Our own order, no source. */
function harmOf({ ways, tenderer, drier }: QuickerCook): number {
  return Math.max(0, -tenderer) + Math.max(0, drier) + TROUBLE * ways.length;
}

const TROUBLE = 0.02;
