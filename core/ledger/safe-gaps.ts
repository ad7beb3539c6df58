import { OUT_OF_SOAK_MIN } from '../figures/index.ts';
import { foodsByStep, animalOf, type Dish, type Meal, type Step } from '../meal/index.ts';
import { isFirePlace } from '../places/index.ts';
import {
  FRIDGE_COLD_C,
  HOT_HOLDING_C,
  PART_COOKED_WAIT_MIN,
  SERVED_WAIT_MIN,
} from '../safety/index.ts';
import { coreWords } from '../words/index.ts';
import { followsFire, goesOn, isFire } from './step-chain.ts';

/**
 * What is done about food that would soak on after its time: the next step comes at once, or
 * somebody takes it out and puts it back in the fridge.
 */
export type AfterSoak = 'at once' | 'taken out';

/** From a soak to what follows, without soaking on to speak of. */
const OUT_AT_ONCE_MIN = 5;
/** Carried over to what follows. */
const AT_ONCE_MIN = 15;

/**
 * The meal with the gaps that keep food from lying warm or soaking on between its steps. A gap the
 * cook has asked for stays as long as it is asked for at the least.
 */
export function withSafeGaps(meal: Meal, afterSoak: AfterSoak): Meal {
  return { ...meal, dishes: meal.dishes.map((dish) => safeDish(meal, dish, afterSoak)) };
}

function safeDish(meal: Meal, dish: Dish, afterSoak: AfterSoak): Dish {
  const raw = new Set(
    dish.foods.filter((food) => animalOf(meal, food) !== 'none').map(({ id }) => id),
  );
  if (raw.size === 0) return dish;
  const foods = foodsByStep(meal, dish);
  const shares = (a: Step, b: Step) =>
    foods.get(a.id)?.some((id) => raw.has(id) && foods.get(b.id)?.includes(id)) ?? false;
  const steps = dish.steps.map((step) => ({
    ...step,
    after: step.after.map((gap) => {
      const before = dish.steps.find(({ id }) => id === gap.step);
      if (!before || gap.from !== 'end' || !shares(before, step)) return gap;
      const most = longestWait(dish, before, step, afterSoak);
      if (most === undefined || (gap.mostMin ?? Infinity) <= most) return gap;
      return { ...gap, mostMin: Math.max(most, gap.leastMin) };
    }),
  }));
  return { ...dish, steps: afterSoak === 'at once' ? steps : steps.map(takenOut) };
}

/** Minutes it may wait between two steps; undefined where it may wait. */
function longestWait(
  dish: Dish,
  before: Step,
  next: Step,
  afterSoak: AfterSoak,
): number | undefined {
  if (soaks(before))
    return afterSoak === 'at once' && !endsByHand(before) ? OUT_AT_ONCE_MIN : undefined;
  const { kind, tempC } = before.place;
  const cold = kind === 'fridge' || kind === 'freezer' || (tempC ?? Infinity) <= FRIDGE_COLD_C;
  if (cold) return undefined;
  if (isFire(dish, before) && goesOn(dish, before)) return PART_COOKED_WAIT_MIN;
  const cooked = isFire(dish, before) || followsFire(dish, before);
  if (!cooked) return PART_COOKED_WAIT_MIN;
  // It rests where it comes off the fire; what keeps hot is not left.
  if (isFirePlace(kind) && (next.verb === 'rest' || next.verb === 'hold')) return AT_ONCE_MIN;
  // What waits at every turn has waited too long by the last one; what is to keep hot goes there.
  const keepsHot = isFirePlace(next.place.kind) || (next.place.tempC ?? 0) >= HOT_HOLDING_C;
  const leadsOn = dish.steps.some(({ after }) => after.some((gap) => gap.step === next.id));
  return keepsHot || leadsOn ? AT_ONCE_MIN : SERVED_WAIT_MIN;
}

function soaks({ verb, time }: Step): boolean {
  return verb === 'marinate' || verb === 'brine' || (time.kind === 'soak' && verb !== 'soak');
}

function endsByHand({ hands }: Step): boolean {
  return hands.some(({ when }) => when === 'end');
}

/** Somebody takes it out when its time is over. */
function takenOut(step: Step): Step {
  if (!soaks(step) || endsByHand(step)) return step;
  const what = coreWords['mend.outOfSoakStep'];
  return { ...step, hands: [...step.hands, { when: 'end', minutes: OUT_OF_SOAK_MIN, what }] };
}
