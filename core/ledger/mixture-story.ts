import type { Mixture } from '../batch/index.ts';
import { FREEZER_C, FRIDGE_C, SIMMER_C } from '../figures/index.ts';
import { minutesToCool } from '../heat/index.ts';
import { conditionsOf, type Dish, type Meal, type Step } from '../meal/index.ts';
import { isFirePlace, type PlaceKind } from '../places/index.ts';
import { FRIDGE_COLD_C, HOT_HOLDING_C, type MixtureSpan } from '../safety/index.ts';
import { FIRE_VERBS } from '../terms/index.ts';
import { ancestors, mixturesOf } from './step-chain.ts';
import type { StepTiming } from './step-timing.ts';

/**
 * The spans of a mixture, from the first step that makes it until it is served: where it stands, how
 * warm that is, and whether it has been over a fire. Where no step holds it, it stays where the last
 * one left it; once a step works on a food with it, the food's own story goes on.
 *
 * @param grams what there is of it, which says how long it stays hot off its fire
 * @param foods the foods each step works on, by its id
 */
export function spansOfMixture(
  meal: Meal,
  dish: Dish,
  mixture: Pick<Mixture, 'id'> & { readonly grams: number },
  timing: ReadonlyMap<string, StepTiming>,
  foods: ReadonlyMap<string, readonly string[]>,
  servingMin: number,
): MixtureSpan[] {
  const held = heldIn(dish, mixture.id, foods)
    .flatMap((step) => {
      const at = timing.get(step.id);
      return at ? [{ step, at }] : [];
    })
    .sort((a, b) => a.at.startMin - b.at.startMin);
  const endMin =
    joinsFoodMin(
      dish,
      held.map(({ step }) => step),
      timing,
      foods,
    ) ?? servingMin;
  const spans: MixtureSpan[] = [];
  let heated = false;
  let hotUntilMin = -Infinity;
  const add = (span: Omit<MixtureSpan, 'growthMin' | 'heated'>) => {
    if (span.toMin <= span.fromMin) return;
    const warm = span.placeC > FRIDGE_COLD_C && span.placeC < HOT_HOLDING_C;
    const from = Math.max(span.fromMin, hotUntilMin);
    spans.push({ ...span, heated, growthMin: warm ? Math.max(0, span.toMin - from) : 0 });
  };
  held.forEach(({ step, at }, i) => {
    const { kind } = step.place;
    const placeC = aroundC(meal, step);
    const where = { place: kind, placeC };
    const next = held[i + 1]?.at.startMin ?? endMin;
    const toMin = Math.min(at.endMin, next);
    add({ ...where, step: step.id, verb: step.verb, fromMin: at.startMin, toMin });
    const { roomC } = conditionsOf(meal.kitchen);
    if (isFirePlace(kind) && FIRE_VERBS.has(step.verb)) {
      heated = true;
      hotUntilMin = at.endMin + minutesHot(mixture.grams, placeC, roomC);
    }
    const off = isFirePlace(kind) && step.verb !== 'hold';
    const left = off ? ({ place: 'counter', placeC: roomC } as const) : where;
    add({ ...left, leftBy: step.id, fromMin: at.endMin, toMin: next });
  });
  return spans;
}

/** The steps that hold a mixture: those that name it, and those that go on from them with nothing else. */
function heldIn(dish: Dish, id: string, foods: ReadonlyMap<string, readonly string[]>): Step[] {
  const held = new Set(dish.steps.filter((step) => mixturesOf(step).includes(id)));
  const goesOnFrom = (step: Step) =>
    mixturesOf(step).length === 0 &&
    (foods.get(step.id)?.length ?? 0) === 0 &&
    step.after.some((gap) => [...held].some((one) => one.id === gap.step));
  for (let found = true; found;) {
    const more = dish.steps.filter((step) => !held.has(step) && goesOnFrom(step));
    for (const step of more) held.add(step);
    found = more.length > 0;
  }
  return dish.steps.filter((step) => held.has(step));
}

/** When what follows the last of its steps begins to work on a food; undefined where nothing does. */
function joinsFoodMin(
  dish: Dish,
  held: readonly Step[],
  timing: ReadonlyMap<string, StepTiming>,
  foods: ReadonlyMap<string, readonly string[]>,
): number | undefined {
  const last = held.at(-1);
  if (!last) return undefined;
  const starts = dish.steps
    .filter((step) => (foods.get(step.id)?.length ?? 0) > 0)
    .filter((step) => step.id === last.id || ancestors(dish, step).includes(last))
    .flatMap(({ id }) => timing.get(id)?.[id === last.id ? 'endMin' : 'startMin'] ?? []);
  return starts.length > 0 ? Math.min(...starts) : undefined;
}

function aroundC(meal: Meal, { place }: Step): number {
  const { roomC, outdoorC } = conditionsOf(meal.kitchen);
  const usual: Partial<Record<PlaceKind, number>> = {
    fridge: FRIDGE_C,
    freezer: FREEZER_C,
    outside: outdoorC,
  };
  return place.tempC ?? usual[place.kind] ?? (isFirePlace(place.kind) ? SIMMER_C : roomC);
}

/** Minutes a mixture stays above hot holding where it stands, off its fire. */
function minutesHot(grams: number, fireC: number, roomC: number): number {
  const fromC = Math.min(fireC, SIMMER_C);
  if (fromC <= HOT_HOLDING_C) return 0;
  return minutesToCool({ massG: Math.max(1, grams) }, fromC, HOT_HOLDING_C, 'counter', roomC);
}
