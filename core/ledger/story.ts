import { isFirePlace } from '../places/index.ts';
import {
  OVERNIGHT_MIN,
  type FoodState,
  type Ledger,
  type LedgerSpan,
  type LedgerTool,
  type SafetyFinding,
} from '../safety/index.ts';
import { say, type Manner, type Message } from '../words/index.ts';

/** The spans of one food of a plan. */
export interface FoodStory {
  readonly dish: string;
  readonly dishName: string;
  readonly food: string;
  readonly name: string;
  readonly spans: readonly LedgerSpan[];
  /** Until then it is a part of another dish's food, epoch minutes. */
  readonly takenMin?: number | undefined;
}

/** The story of every food of a meal that a step works on. */
export function storiesOf({ dishes }: Ledger): FoodStory[] {
  return dishes.flatMap((dish) =>
    dish.foods
      .filter(({ spans }) => spans.length > 0)
      .map(({ id, name, spans, takenMin }) => ({
        dish: dish.id,
        dishName: dish.name,
        food: id,
        name,
        spans,
        takenMin,
      })),
  );
}

/** One food at one moment: where, how warm, and since when it has been there. */
export interface FoodAtMoment {
  readonly dish: string;
  readonly food: string;
  readonly name: string;
  readonly dishName: string;
  readonly span: LedgerSpan;
  /** What has been done to it, or that it is over a fire now. */
  readonly state: FoodState | 'cooking';
  readonly sinceMin: number;
  /** Its middle, between the span's ends: a bound where no heat is reckoned. */
  readonly coreC: number;
}

/** What stands where at a moment, food by food; nothing that has not begun yet. */
export function atMoment(stories: readonly FoodStory[], atMin: number): FoodAtMoment[] {
  return stories.flatMap(({ dish, food, name, dishName, spans, takenMin = 0 }) => {
    if (atMin < takenMin) return [];
    const i = spans.findIndex(({ fromMin, toMin }) => fromMin <= atMin && atMin < toMin);
    const span = spans[i];
    if (!span) return [];
    let first = i;
    while (first > 0 && isSamePlace(spans[first - 1], span)) first--;
    const gone = (atMin - span.fromMin) / (span.toMin - span.fromMin);
    const coreC = span.coreC[0] + (span.coreC[1] - span.coreC[0]) * gone;
    const over = span.step !== undefined && isFirePlace(span.place) && span.state !== 'cooked';
    const state = over ? 'cooking' : span.state;
    const sinceMin = spans[first]?.fromMin ?? span.fromMin;
    return [{ dish, food, name, dishName, span, state, sinceMin, coreC }];
  });
}

/** A tool that raw food has touched, and nobody has washed since. */
export interface TraceAtMoment {
  readonly id: string;
  readonly kind: LedgerTool['kind'];
  readonly name?: string | undefined;
  /** What lay on it, by name. */
  readonly foods: readonly string[];
}

/** Which tools carry traces of raw food at a moment; after a night everything has been washed up. */
export function tracesAt(
  tools: readonly LedgerTool[],
  stories: readonly FoodStory[],
  atMin: number,
): TraceAtMoment[] {
  return tools.flatMap(({ id, kind, name, spans }) => {
    const raw = spans.findLast(({ fromMin, toMin }) => fromMin <= atMin && atMin < toMin)?.raw;
    if (!raw || atMin - raw.untilMin > OVERNIGHT_MIN) return [];
    const foods = stories.filter((one) => one.dish === raw.dish && raw.foods.includes(one.food));
    return [{ id, kind, name, foods: foods.map((one) => one.name) }];
  });
}

function isSamePlace(a: LedgerSpan | undefined, b: LedgerSpan): boolean {
  return a !== undefined && a.place === b.place && a.placeC === b.placeC;
}

/**
 * The story behind a finding in a line: "chicken: fridge 4° since Fri 18:00, counter 21° for
 * 2 h 40". Up to the step it is about; empty where it is about no food.
 */
export function sayStory(
  stories: readonly FoodStory[],
  { dish, food, step }: Pick<SafetyFinding, 'dish' | 'food' | 'step'>,
  manner: Manner,
): string {
  const mine = stories.filter((one) => one.dish === dish);
  const story =
    mine.find((one) => one.food === food) ??
    mine.find(({ spans }) => spans.some((span) => span.step === step || span.leftBy === step));
  if (!story || (food === undefined && step === undefined)) return '';
  const until = story.spans.findLastIndex((span) => span.step === step || span.leftBy === step);
  const told = together(until === -1 ? story.spans : story.spans.slice(0, until + 1));
  const parts = told.map((span, i) => say(phraseOf(span, i === 0), manner));
  return `${story.name}: ${parts.join(', ')}`;
}

/** Spans in one place at one heat are one. */
function together(spans: readonly LedgerSpan[]): LedgerSpan[] {
  return spans.reduce<LedgerSpan[]>((all, span) => {
    const before = all.at(-1);
    if (!before || !isSamePlace(before, span) || isFirePlace(span.place)) return [...all, span];
    const coreC = [before.coreC[0], span.coreC[1]] as const;
    return [...all.slice(0, -1), { ...before, toMin: span.toMin, coreC }];
  }, []);
}

function phraseOf(span: LedgerSpan, first: boolean): Message {
  const { place, placeC, fromMin, toMin, coreC } = span;
  const where = { place: { place }, tempC: { tempC: placeC } };
  const minutes = { minutes: { minutes: Math.round(toMin - fromMin) } };
  if (isFirePlace(place))
    return { key: 'story.fire', values: { ...where, ...minutes, core: { tempC: coreC[1] } } };
  return first
    ? { key: 'story.since', values: { ...where, at: { at: fromMin } } }
    : { key: 'story.for', values: { ...where, ...minutes } };
}
