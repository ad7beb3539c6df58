import { FIRE_VERBS } from '../terms/index.ts';
import { isFirePlace } from '../places/index.ts';
import { HOLD_AT_C } from '../safety/index.ts';
import { applyCommand, freshId, type Command, type Dish, type Step } from '../meal/index.ts';
import { stopsOf, works, type Plan, type Rescue } from '../plan/index.ts';
import type { RunState } from './state.ts';

/** Hot food that waits longer than this in all is offered a place that keeps it hot, minutes. */
const WAITS_MIN = 20;
/** So long it may be kept there; by then its crust is gone. Common practice, no source. */
const LONGEST_MIN = 360;
/** So long an oven that roasted may take until it only keeps hot. Common practice, no source. */
const COOLS_DOWN_MIN = 40;
/** Hands to put it there. */
const HANDS_MIN = 2;
/** What it asks is little: an oven that stands empty. Our own order, no source. */
const PRICE = 2;

/** What becomes of a plan whose run is changed so. */
export type TryRun = (state: RunState) => Plan;

/** Dishes that are done early, so that hot food would wait or grow cold on the counter. */
export function earlyDishes({ meal, begun }: RunState, made: Plan): Dish[] {
  return meal.dishes.filter(
    (dish) => restsOf(dish, begun).length > 0 && waitsMin(dish, made) > WAITS_MIN,
  );
}

/** Minutes a dish’s hot food waits beyond what the cook likes; what breaks the rule counts in full. */
function waitsMin({ id }: Dish, made: Plan): number {
  const breaks = made.findings.some(
    ({ rule, dish, level, overruled }) =>
      rule === 'holding' && dish === id && level === 'stop' && overruled === undefined,
  );
  if (breaks) return Infinity;
  return made.compromises
    .filter(({ dish, kind }) => dish === id && kind !== 'tend' && kind !== 'pin')
    .reduce((sum, { minutesOver }) => sum + minutesOver, 0);
}

/**
 * What a dish could be kept hot after: each fire that is lit, or the rest that follows it, unless
 * what comes next has begun.
 */
function restsOf({ steps }: Dish, begun: RunState['begun']): Step[] {
  const follow = (id: string) =>
    steps.filter(({ after }) => after.some((gap) => gap.step === id && gap.from === 'end'));
  return steps
    .filter(({ id, verb, place }) => isLit(verb, place.kind) && begun.has(id))
    .map((fire) => follow(fire.id).find(({ verb }) => RESTS.has(verb)) ?? fire)
    .filter(({ id }) => follow(id).every((next) => !begun.has(next.id)));
}

/** Where hot food waits by itself. */
const RESTS: ReadonlySet<Step['verb']> = new Set(['rest', 'hold']);

function isLit(verb: Step['verb'], place: Step['place']['kind']): boolean {
  return FIRE_VERBS.has(verb) && isFirePlace(place);
}

/**
 * For what is done early: kept hot in the oven, or over its own fire turned down, until it is
 * wanted; tried before it is offered.
 */
export function keepHotWays(state: RunState, made: Plan, tryRun: TryRun): Rescue[] {
  return earlyDishes(state, made).flatMap((dish): Rescue[] => {
    const ways = restsOf(dish, state.begun).flatMap((after) =>
      hotPlaces(state, dish).map((place) => {
        const changes = [...restsAsBest(after), keepHot(state, dish, after, place)];
        const then = tryRun({ ...state, meal: changes.reduce(applyCommand, state.meal) });
        return { place, changes, then, waits: waitsMin(dish, then) };
      }),
    );
    const safe = ways.filter(
      ({ then, waits }) =>
        waits < Infinity && works({ ...then, stops: () => stopsOf(then.findings) }, made),
    );
    const [best] = safe.sort((a, b) => a.waits - b.waits);
    if (!best || best.waits >= waitsMin(dish, made)) return [];
    const { place, changes, then } = best;
    const values = { dish: dish.name, tempC: { tempC: HOLD_AT_C }, place: { place } };
    const { onTime, servingMin } = then;
    return [{ text: { key: 'rescue.keepHot', values }, onTime, servingMin, cost: PRICE, changes }];
  });
}

/** Where it is kept hot it waits better than where it rests, so it rests no longer than is best. */
function restsAsBest({ id, time, verb }: Step): Command[] {
  if (time.kind !== 'elastic' || verb !== 'rest') return [];
  return [{ do: 'setStepTime', step: id, time: { ...time, longestMin: time.bestMin } }];
}

function keepHot(state: RunState, dish: Dish, after: Step, kind: Step['place']['kind']): Command {
  const ids = new Set(state.meal.dishes.flatMap(({ steps }) => steps.map(({ id }) => id)));
  return {
    do: 'addStepAfter',
    step: after.id,
    new: {
      id: freshId(`${dish.id}-keep-hot`, ids),
      verb: 'hold',
      label: 'Keep hot',
      after: [{ step: after.id, from: 'end', leastMin: 0, mostMin: COOLS_DOWN_MIN }],
      time: { kind: 'elastic', leastMin: 0, bestMin: 0, longestMin: LONGEST_MIN },
      place: { kind, tempC: HOLD_AT_C },
      hands: [{ when: 'start', minutes: HANDS_MIN, what: 'Cover it, and keep it hot' }],
      cautions: [],
    },
  };
}

/** An oven where there is one, and the fire it was over, turned down. */
function hotPlaces({ meal }: RunState, { steps }: Dish): Array<Step['place']['kind']> {
  const own = steps.findLast(({ place }) => isFirePlace(place.kind))?.place.kind;
  const there = meal.kitchen.appliances.map(({ kind }) => kind);
  return [...new Set([...(own ? [own] : []), 'oven' as const])].filter(
    (kind) => there.some((one) => one === kind) && KEEPS_HOT.has(kind),
  );
}

/** What can be turned down so far and left alone. */
const KEEPS_HOT: ReadonlySet<Step['place']['kind']> = new Set(['oven', 'smoker', 'slow-cooker']);
