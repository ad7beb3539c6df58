import { FREEZER_C, FRIDGE_C, SIMMER_C, WITH_LIQUID_TIMES } from '../figures/index.ts';
import { minutesToCool, warmthAfter } from '../heat/index.ts';
import {
  conditionsOf,
  cutOf,
  keepsWarm,
  settleFood,
  type Dish,
  type Food,
  type Meal,
  type Step,
} from '../meal/index.ts';
import { isFirePlace, type PlaceKind } from '../places/index.ts';
import {
  FRIDGE_COLD_C,
  GROWS_FROM_C,
  HOLD_AT_C,
  FRIDGE_MOST_C,
  HOT_HOLDING_C,
  lethalityOf,
  outOfFridge,
  type FoodState,
  type LedgerFire,
  type LedgerSpan,
  type WarmthCurve,
} from '../safety/index.ts';
import type { Animal } from '../pantry/index.ts';
import type { Verb } from '../terms/index.ts';
import type { StepTiming } from './step-timing.ts';

/** A step that works on the food, with its times and what heat knows of it. */
export interface Working {
  readonly step: Step;
  readonly at: StepTiming;
  readonly mixtures: readonly string[];
  readonly temperatures?: WarmthCurve | undefined;
  /** The fire it is to this food, where it is one. */
  readonly fire?: LedgerFire | undefined;
  /** The food is cooked through by its end. */
  readonly cookedBy: boolean;
}

interface Story {
  readonly meal: Meal;
  readonly dish: Dish;
  readonly food: Food;
  readonly servingMin: number;
  /** By their start. */
  readonly works: readonly Working[];
  readonly animal: Animal;
  /** Cooked where it was made, or nothing that makes ill raw. */
  readonly begins: FoodState;
  /** What waits hot is kept no cooler than this, °C. */
  readonly holdsFromC: number;
}

/** Where a food is, and how warm around it. */
interface Lying {
  readonly place: PlaceKind;
  readonly placeC: number;
  readonly mixtures: readonly string[];
  readonly soaks?: LedgerSpan['soaks'];
  readonly leftBy: string;
}

/**
 * The spans of a food, from the first step that works on it until it is served: pure, of the steps
 * and their times. Where no step holds it, it stays where the last one left it.
 */
export function spansOf(story: Story): LedgerSpan[] {
  const { works } = story;
  const spans: LedgerSpan[] = [];
  let state = story.begins;
  let logs: number | undefined;
  const startC = beginsAtC(story);
  let warmth: Warmth = {
    coreC: startC,
    surfaceC: startC,
    hotSinceMin: undefined,
    hotC: startC,
  };
  let last: Working | undefined;
  for (const { fromMin, toMin, work } of stretchesOf(works, story.servingMin)) {
    const held = work && {
      step: work.step.id,
      verb: work.step.verb,
      place: work.step.place.kind,
      placeC: aroundC(story, work.step),
      mixtures: work.mixtures,
      soaks: SOAKING.get(work.step.verb),
    };
    const there = held ?? (last && leftAt(story, last));
    if (!there) continue;
    const part = { ...there, fromMin, toMin, state };
    const { next, growthMin } = passed(story, warmth, part, work);
    const coreC = [warmth.coreC, next.coreC] as const;
    const surfaceC = [warmth.surfaceC, next.surfaceC] as const;
    if (work?.temperatures) logs = (logs ?? 0) + logsOf(story.animal, work.temperatures);
    spans.push({ ...part, coreC, surfaceC, growthMin, logs });
    warmth = next;
    if (work?.fire) state = work.cookedBy ? 'cooked' : state === 'raw' ? 'part-cooked' : state;
    last = work ?? last;
  }
  return spans;
}

interface Stretch {
  readonly fromMin: number;
  readonly toMin: number;
  /** The step that holds the food; none while it lies. */
  readonly work: Working | undefined;
}

/**
 * From the first step to the serving time: which step holds the food. A food is in one place: of
 * two steps at once it is with the one that began last.
 */
function stretchesOf(works: readonly Working[], servingMin: number): Stretch[] {
  const moments = works.flatMap(({ at }) => [at.startMin, at.endMin]);
  const sorted = [...new Set([...moments, servingMin])].sort((a, b) => a - b);
  const stretches: Stretch[] = [];
  sorted.slice(0, -1).forEach((fromMin, i) => {
    const toMin = sorted[i + 1] ?? fromMin;
    const work = works.findLast(({ at }) => at.startMin <= fromMin && toMin <= at.endMin);
    const before = stretches.at(-1);
    if (before && before.work === work) stretches.splice(-1, 1, { ...before, toMin });
    else stretches.push({ fromMin, toMin, work });
  });
  return stretches;
}

/** Out of the fridge; flour, roots and the like out of the larder, where that is where they are worked on. */
function beginsAtC({ meal, animal, works }: Story): number {
  const at = works[0]?.step.place;
  const larder = animal === 'none' && at && outOfFridge({ place: at.kind, tempC: at.tempC });
  return larder ? conditionsOf(meal.kitchen).roomC : FRIDGE_C;
}

/** How warm a food is, and since when it has been off a fire at what heat. */
interface Warmth {
  readonly coreC: number;
  readonly surfaceC: number;
  readonly hotSinceMin: number | undefined;
  readonly hotC: number;
}

function passed(
  story: Story,
  before: Warmth,
  part: Omit<LedgerSpan, 'coreC' | 'surfaceC' | 'growthMin'>,
  work: Working | undefined,
): { next: Warmth; growthMin: number } {
  const minutes = part.toMin - part.fromMin;
  const { holdsFromC } = story;
  if (work?.fire) {
    const { coreC, clockC, wet } = work.fire;
    const hotC = coreC ?? clockC ?? (wet ? SIMMER_C : Math.max(before.coreC, HOT_HOLDING_C));
    const surfaceC = wet ? SIMMER_C : Math.max(hotC, before.surfaceC);
    return { next: { coreC: hotC, surfaceC, hotSinceMin: part.toMin, hotC }, growthMin: 0 };
  }
  const curve = work?.temperatures;
  if (curve && before.hotSinceMin !== undefined) {
    const [coreC, surfaceC] = [lastOf(curve.coreC), lastOf(curve.surfaceC)];
    const next = { ...before, coreC, surfaceC, hotSinceMin: part.toMin, hotC: surfaceC };
    // What is set to keep it too cool is no hot holding, however slowly it gets there.
    const tooCool = isFirePlace(part.place) && part.placeC < holdsFromC;
    return { next, growthMin: tooCool ? minutes : minutesCooler(curve, holdsFromC) };
  }
  const { placeC } = part;
  if (placeC >= holdsFromC && part.state !== 'raw' && before.surfaceC > GROWS_FROM_C) {
    const coreC = Math.max(before.coreC, Math.min(placeC, holdsFromC));
    const hotC = Math.max(coreC, holdsFromC);
    const next = { coreC, surfaceC: placeC, hotC, hotSinceMin: part.toMin };
    // What has cooled a little on its way is hot again before long.
    const growthMin = before.surfaceC < holdsFromC ? Math.min(minutes, HOT_AGAIN_MIN) : 0;
    return { next, growthMin };
  }
  const cold = placeC <= (part.place === 'fridge' ? FRIDGE_MOST_C : FRIDGE_COLD_C);
  const middleC = middleAfter(story, before.coreC, minutes, part);
  // Carried over at once, its middle is as good as on the fire still.
  const stillHot = minutes <= CARRIED_MIN && middleC >= holdsFromC;
  const hotSinceMin = stillHot ? before.hotSinceMin : undefined;
  const next = { coreC: middleC, surfaceC: placeC, hotC: placeC, hotSinceMin };
  if (cold) return { next, growthMin: 0 };
  // A step that says how warm it is keeps it so warm.
  const said = work?.step.place.tempC !== undefined;
  const hotFor = said ? 0 : hotMinutes(story, before, part);
  if (hotFor <= minutes) return { next, growthMin: minutes - hotFor };
  const fallen = {
    ...before,
    hotC: before.hotC - ((before.hotC - HOT_HOLDING_C) * minutes) / hotFor,
  };
  return { next: { ...fallen, coreC: fallen.hotC, surfaceC: fallen.hotC }, growthMin: 0 };
}

/** From the fire to where it rests or is kept. Our own line, no source. */
const CARRIED_MIN = 20;

/** The middle of a piece that nothing reckons, from its weight: it follows what is around it. */
function middleAfter(
  { meal, dish, food }: Story,
  fromC: number,
  minutes: number,
  { place, placeC }: Pick<LedgerSpan, 'place' | 'placeC'>,
): number {
  const { weightG } = settleFood(meal, dish, food);
  const massG = Math.max(1, weightG / (food.inPieces ?? 1));
  const cold = place === 'fridge' || place === 'freezer';
  return warmthAfter({ massG }, fromC, minutes, cold ? 'fridge' : 'counter', placeC);
}

/** Lukewarm at its surface and put where it is hot: so long until it is. Our own line, no source. */
const HOT_AGAIN_MIN = 20;

/** Minutes a food that comes hot off a fire stays hot where it stands. */
function hotMinutes(
  { meal, dish, food, works }: Story,
  { hotC, hotSinceMin }: Warmth,
  { place, placeC }: Pick<LedgerSpan, 'place' | 'placeC'>,
): number {
  const inPot = works.some(({ fire }) => fire?.wet) && place !== 'table';
  // A bare piece is lukewarm at its surface within minutes.
  if (hotSinceMin === undefined || hotC <= HOT_HOLDING_C || !inPot) return 0;
  const { weightG } = settleFood(meal, dish, food);
  const massG = Math.max(1, weightG * WITH_LIQUID_TIMES);
  const minutes = minutesToCool({ massG }, hotC, HOT_HOLDING_C, 'counter', placeC);
  // Out of its pot, on a board, it cools about twice as fast.
  return Math.round(place === 'board' ? minutes / 2 : minutes);
}

/** What a stretch of its curve kills in the middle. */
function logsOf(animal: Animal, { minute, coreC }: WarmthCurve): number {
  const readings = Array.from(minute, (at, i) => ({ minute: at, tempC: coreC[i] ?? NaN }));
  return lethalityOf(animal, readings).logs;
}

function lastOf(values: ArrayLike<number>): number {
  return values[values.length - 1] ?? NaN;
}

function minutesCooler({ minute, surfaceC }: WarmthCurve, tempC: number): number {
  let sum = 0;
  for (let i = 1; i < minute.length; i++) {
    if ((surfaceC[i] ?? 0) < tempC) sum += (minute[i] ?? 0) - (minute[i - 1] ?? 0);
  }
  return Math.round(sum);
}

/** How warm it is around the food in a step, °C. */
function aroundC({ meal }: Story, step: Step): number {
  return heatAround(meal, step.place.kind, step.place.tempC);
}

function heatAround(meal: Meal, kind: PlaceKind, tempC: number | undefined): number {
  if (tempC !== undefined) return tempC;
  if (kind === 'fridge') return FRIDGE_C;
  if (kind === 'freezer') return FREEZER_C;
  const { roomC, outdoorC } = conditionsOf(meal.kitchen);
  return kind === 'outside' ? outdoorC : roomC;
}

const KEEPS_HOT: ReadonlySet<Verb> = new Set(['hold', 'rest']);
const SOAKING: ReadonlyMap<Verb, LedgerSpan['soaks']> = new Map([
  ['marinate', 'marinade'],
  ['brine', 'brine'],
]);

/** What a step leaves behind: what was over a fire stands off it; what soaks, soaks on. */
function leftAt(story: Story, { step, mixtures }: Working): Lying {
  const { roomC } = conditionsOf(story.meal.kitchen);
  const { kind, tempC } = step.place;
  const leftBy = step.id;
  if (keepsWarm(step)) return { place: 'slow-cooker', placeC: HOLD_AT_C, mixtures: [], leftBy };
  if (isFirePlace(kind)) {
    const stays = KEEPS_HOT.has(step.verb) && (tempC ?? 0) >= HOT_HOLDING_C;
    return stays
      ? { place: kind, placeC: tempC ?? roomC, mixtures: [], leftBy }
      : { place: 'counter', placeC: roomC, mixtures: [], leftBy };
  }
  const takenOut = step.hands.some(({ when }) => when === 'end');
  const soaks = takenOut ? undefined : SOAKING.get(step.verb);
  const lies = soaks ? mixtures : [];
  return { place: kind, placeC: aroundC(story, step), mixtures: lies, soaks, leftBy };
}

/** Nothing on an animal's raw meat; a food that is cooked already. */
export function beginsAs(meal: Meal, food: Food, ready: boolean): FoodState {
  if (ready || cutOf(meal, food)?.id === 'bread-loaf') return 'ready';
  return 'raw';
}
