import type { Body } from './body.ts';
import type { PreparedPiece } from './prepared-piece.ts';
import { TemperatureField } from './temperature-field.ts';
import { airCAt, type Surroundings } from '../places/index.ts';
import { tenderingPerSecond } from './tenderness.ts';

/** One stage of a cook: where the food is, and how it ends. */
export interface Stage {
  readonly around: Surroundings;
  /** The body that stands for the food in it, by its core as it goes in; left out, the food's own. */
  readonly bodyAt?: ((coreC: number) => Body) | undefined;
  /** The other side of a flat food, where it is in something else: the air over a pan. */
  readonly under?: Surroundings | undefined;
  /** The sides change places every so often. */
  readonly turnEveryMin?: number | undefined;
  readonly end: End;
}

export type End =
  | { readonly kind: 'minutes'; readonly minutes: number }
  /** The core has come to this, from below or above. */
  | { readonly kind: 'core'; readonly coreC: number }
  /** The surface has cooled to this. */
  | { readonly kind: 'surface'; readonly surfaceC: number }
  | { readonly kind: 'tender'; readonly tenderness: number }
  /** The core climbs no more: the peak of the carry-over. */
  | { readonly kind: 'peak' };

export interface CookOptions {
  /** Cells from the core to a surface. */
  readonly cells: number;
  /** Minutes from one point of the curve to the next. */
  readonly everyMin: number;
  /** Whether the whole field is kept at each point. */
  readonly fields?: boolean;
  /** Longer than this no stage lasts; then it has not come to its end. */
  readonly longestMin?: number;
}

/** How a cook goes. */
export interface Cook {
  readonly stages: readonly StageEnd[];
  readonly minutes: number;
  /** Point by point. */
  readonly minute: Float64Array;
  readonly coreC: Float64Array;
  readonly surfaceC: Float64Array;
  /** Point by point, 0 to 1. */
  readonly tenderByPoint: Float64Array;
  /** By point the temperatures of all cells, from the core outward; empty unless asked for. */
  readonly fieldC: readonly Float32Array[];
  readonly peakCoreC: number;
  /** 0 to 1. */
  readonly tenderness: number;
  /** Shares of the raw mass. */
  readonly evaporated: number;
  readonly dripped: number;
  /** J/kg taken up through the surface; what the cells hold more, and what steam took along: equal. */
  readonly takenUpJ: number;
  readonly heldJ: number;
  readonly steamedJ: number;
}

export interface StageEnd {
  readonly minutes: number;
  readonly coreC: number;
  readonly surfaceC: number;
  readonly tenderness: number;
  /** False when it never came to its end: the fire is too cool for it. */
  readonly reached: boolean;
}

/** For graphs and sliders: within 0.6 % of the finish time of the finest grid. */
export const INTERACTIVE_CELLS = 20;
/** Ten days: a cook that takes longer has not come to its end. */
const LONGEST_MIN = 14_400;

/** Cooks a food through its stages. Deterministic; no randomness, no clock. */
export function cook(food: PreparedPiece, stages: readonly Stage[], options: CookOptions): Cook {
  const field = new TemperatureField(food, options.cells);
  const track = new Track(field, options, food.startC);
  const ends: StageEnd[] = [];
  let tenderness = 0;
  for (const stage of stages) {
    field.take(stage.bodyAt?.(field.coreC) ?? food.body, stage.under !== undefined);
    const run = new Run(field, track, food, stage, tenderness);
    const reached = run.go(options.longestMin ?? LONGEST_MIN);
    tenderness = run.tenderness;
    const { minutes, coreC } = run;
    ends.push({ minutes, coreC, surfaceC: field.surfaceC, tenderness, reached });
  }
  track.point(true);
  return {
    stages: ends,
    minutes: track.minutes,
    minute: Float64Array.from(track.minute),
    coreC: Float64Array.from(track.coreC),
    surfaceC: Float64Array.from(track.surfaceC),
    tenderByPoint: Float64Array.from(track.tender),
    fieldC: track.fieldC,
    peakCoreC: track.peakCoreC,
    tenderness,
    ...field.losses(),
    takenUpJ: field.takenUpJ,
    heldJ: field.heldJ(),
    steamedJ: field.steamedJ,
  };
}

/** One stage under way. */
class Run {
  minutes = 0;
  coreC: number;
  private readonly from: number;

  constructor(
    private readonly field: TemperatureField,
    private readonly track: Track,
    private readonly food: PreparedPiece,
    private readonly stage: Stage,
    public tenderness: number,
  ) {
    this.coreC = field.coreC;
    this.from = directionOf(stage, field.coreC);
  }

  /** @returns whether it came to its end */
  go(longestMin: number): boolean {
    const { field, stage, track } = this;
    const { end } = stage;
    const most = end.kind === 'minutes' ? end.minutes : longestMin;
    let peakSince = 0;
    let lookMin = LOOK_MIN;
    let heldJ = field.heldJ();
    while (this.minutes < most - 1e-9) {
      if (end.kind !== 'minutes' && this.minutes > lookMin) {
        const nowJ = field.heldJ();
        if (end.kind !== 'tender' && Math.abs(nowJ - heldJ) < STANDS_STILL_J) return false;
        heldJ = nowJ;
        lookMin = this.minutes + LOOK_MIN;
      }
      const turned =
        stage.turnEveryMin !== undefined && Math.floor(this.minutes / stage.turnEveryMin) % 2 === 1;
      const near = stage.under ?? stage.around;
      const [outer, inner] = turned ? [near, stage.around] : [stage.around, near];
      const left = (most - this.minutes) * 60;
      const before = this.coreC;
      const tenderBefore = this.tenderness;
      const seconds = field.step(
        outer,
        airCAt(outer, this.minutes),
        inner,
        airCAt(inner, this.minutes),
        Math.min(left, track.secondsToPoint),
      );
      this.coreC = field.coreC;
      this.minutes += seconds / 60;
      this.soften(seconds);
      const share = this.shareAtEnd(before, tenderBefore);
      if (share !== undefined) {
        // The end lies within this step: the clock stops there.
        this.minutes -= ((1 - share) * seconds) / 60;
        this.coreC = before + share * (this.coreC - before);
        track.advance(share * seconds, this.coreC);
        return true;
      }
      track.advance(seconds, this.coreC);
      if (end.kind === 'surface' && field.surfaceC <= end.surfaceC) return true;
      if (end.kind !== 'peak') continue;
      peakSince = this.coreC > before ? 0 : peakSince + seconds;
      if (peakSince > PEAK_SURE_S) return true;
    }
    return end.kind === 'minutes';
  }

  private soften(seconds: number): void {
    const { field, food } = this;
    const { softening } = food;
    const tempC = softening.judgedIn === 'fork' ? field.forkC : field.coreC;
    const rate = tenderingPerSecond(tempC, softening);
    if (rate <= 0) return;
    this.tenderness = 1 - (1 - this.tenderness) * Math.exp(-rate * seconds);
    this.track.tenderness = this.tenderness;
  }

  /** Which share of the last step lies before the end; undefined while the end is still to come. */
  private shareAtEnd(coreBefore: number, tenderBefore: number): number | undefined {
    const { end } = this.stage;
    if (end.kind === 'core') {
      const { coreC } = end;
      if (this.from === 0) return 0;
      if ((this.coreC - coreC) * this.from < 0) return undefined;
      return this.coreC === coreBefore ? 1 : (coreC - coreBefore) / (this.coreC - coreBefore);
    }
    if (end.kind !== 'tender' || this.tenderness < end.tenderness) return undefined;
    const gained = this.tenderness - tenderBefore;
    return gained > 0 ? Math.max(0, (end.tenderness - tenderBefore) / gained) : 0;
  }
}

/**
 * Which way the middle goes to where a stage ends: 1 up, −1 down, 0 where it is there already. In a
 * fire hotter than that nobody waits for food that is past it to cool.
 */
function directionOf({ end, around }: Stage, coreC: number): number {
  if (end.kind !== 'core') return 0;
  const heats = around.waves !== undefined || airCAt(around, LOOK_MIN) > end.coreC;
  return heats && coreC >= end.coreC ? 0 : Math.sign(end.coreC - coreC);
}

/** A food that takes up less than this in an hour, J/kg, comes nowhere any more. */
const STANDS_STILL_J = 15;
const LOOK_MIN = 60;
/** A core that has not climbed for so long has peaked. */
const PEAK_SURE_S = 30;

/** The curves, point by point. */
class Track {
  readonly minute: number[] = [];
  readonly coreC: number[] = [];
  readonly surfaceC: number[] = [];
  readonly tender: number[] = [];
  readonly fieldC: Float32Array[] = [];
  peakCoreC: number;
  tenderness = 0;
  private seconds = 0;
  private next = 0;
  private core: number;

  constructor(
    private readonly field: TemperatureField,
    private readonly options: CookOptions,
    startC: number,
  ) {
    this.peakCoreC = startC;
    this.core = startC;
    this.point(false);
  }

  get minutes(): number {
    return this.seconds / 60;
  }

  get secondsToPoint(): number {
    return Math.max(1e-3, this.next - this.seconds);
  }

  advance(seconds: number, coreC: number): void {
    this.seconds += seconds;
    this.core = coreC;
    if (coreC > this.peakCoreC) this.peakCoreC = coreC;
    if (this.seconds >= this.next - 1e-6) this.point(false);
  }

  point(last: boolean): void {
    if (last && this.minute.at(-1) === this.minutes) return;
    this.minute.push(this.minutes);
    this.coreC.push(this.core);
    this.surfaceC.push(this.field.surfaceC);
    this.tender.push(this.tenderness);
    if (this.options.fields === true) this.fieldC.push(Float32Array.from(this.field.tempC));
    this.next = this.seconds + this.options.everyMin * 60;
  }
}
