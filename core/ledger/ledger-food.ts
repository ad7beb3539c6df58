import { MINUTES_PER_HOUR } from '../figures/index.ts';
import { isFirePlace } from '../places/index.ts';
import { isEggDish, isLeftOver, isShellEgg } from '../pantry/index.ts';
import { cutOf, foodFacts, keptSince, type Dish, type Food, type Step } from '../meal/index.ts';
import {
  FISH_FROZEN,
  killsIn,
  type FoodTemperatures,
  type LedgerFire,
  type LedgerFood,
  type LedgerSpan,
} from '../safety/index.ts';
import { isGrain, isStarchy } from './starchy.ts';
import { afterClockTime, restsBeside } from './food-temperatures.ts';
import { beginsAs, spansOf, type Working } from './food-story.ts';
import type { FoodOfPlan } from './food-of-plan.ts';
import { hotFromC } from './hot-holding.ts';
import { partCookedIn } from '../terms/index.ts';
import { factsInStory } from './unknown-food.ts';
import { isFire, mixturesOf } from './step-chain.ts';
import type { StepTiming } from './step-timing.ts';

/** A food as the rules see it: what it is, and its story. */
export function ledgerFood(of: FoodOfPlan): LedgerFood {
  const { meal, food } = of;
  const cut = cutOf(meal, food);
  const { animal, minced, ready, known, asked } = factsInStory(of);
  const pierced = food.pierced ?? false;
  const eggs = cut !== undefined && (isShellEgg(cut) || isEggDish(cut));
  const works = worksOf(of, { animal, minced, pierced, ready, eggs });
  const holdsFromC = hotFromC(of, works, { animal, minced, pierced, ready });
  const spans = spansOf({ ...of, animal, works, holdsFromC, begins: beginsAs(meal, food, ready) });
  return {
    id: food.id,
    name: food.name,
    cut: food.cut,
    animal,
    unknown: !known && animal !== 'none',
    asked,
    minced,
    ready,
    pierced,
    stuffed: food.prepared === 'stuffed',
    intact: !minced && !pierced,
    toxicBean: cut?.id.startsWith('kidney-beans') ?? /kidney beans?/i.test(food.name),
    grain: isGrain(cut?.id),
    starchy: isStarchy(cut?.id),
    leftOver: cut !== undefined && isLeftOver(cut),
    ...keptSince(meal, food),
    egg: cut !== undefined && isShellEgg(cut),
    eggDish: cut !== undefined && isEggDish(cut),
    farmed: food.farmed ?? false,
    holdsFromC,
    frozenFirst: (food.frozenBefore ?? false) || (animal === 'fish' && isFrozenHard(spans)),
    spans,
    takenMin: of.takenFrom && of.timing.get(of.takenFrom.step)?.endMin,
    fires: works.flatMap(({ fire }) => fire ?? []),
  };
}

/** Frozen by its own steps, as hard and as long as its parasites need. */
function isFrozenHard(spans: readonly LedgerSpan[]): boolean {
  return Object.values(FISH_FROZEN).some(({ tempC, hours }) => {
    const cold = spans.filter((span) => span.placeC <= tempC);
    return (
      cold.reduce((sum, { fromMin, toMin }) => sum + toMin - fromMin, 0) >= hours * MINUTES_PER_HOUR
    );
  });
}

type Facts = Parameters<typeof killsIn>[1];

/** What was done to it while it was part of another dish's food. */
function worksBefore({ takenFrom, ...of }: FoodOfPlan, facts: Facts): Working[] {
  const taken = takenFrom && of.timing.get(takenFrom.step);
  if (!taken) return [];
  const whole = worksOf({ ...of, ...takenFrom.of, food: takenFrom.food }, facts);
  return whole.filter(({ at }) => at.endMin <= taken.endMin);
}

/** The steps that work on the food, in their order, each with what its fire does. */
function worksOf(of: FoodOfPlan, facts: Facts): Working[] {
  const earlier = worksBefore(of, facts);
  const { dish, food, foods, timing, warm } = of;
  const ofFood = (step: Step) => foods.get(step.id)?.includes(food.id) ?? false;
  const steps = dish.steps
    .filter(ofFood)
    .flatMap((step) => {
      const at = timing.get(step.id);
      return at ? [{ step, at }] : [];
    })
    .sort((a, b) => a.at.startMin - b.at.startMin);
  let cooked = (facts.animal === 'none' && !facts.eggs) || facts.ready;
  cooked ||= earlier.at(-1)?.cookedBy ?? false;
  const beside = restsBeside(of.meal, dish, food, ofFood, timing);
  const own = steps.map(({ step, at }) => {
    const timed = isTimedBy(step, food, dish) ? warm.get(step.id) : undefined;
    const temperatures = timed ?? beside.get(step.id);
    const fire = isFire(dish, step)
      ? fireOf(of, step, at, { temperatures: timed, ofFood, cooked })
      : undefined;
    cooked ||= fire !== undefined && killsIn(fire, facts);
    return { step, at, mixtures: mixturesOf(step), temperatures, fire, cookedBy: cooked };
  });
  return [...earlier, ...own];
}

/** Temperatures are those of the food that times the chain: a rest of it, or a step of its own. */
function isTimedBy(step: Step, food: Food, dish: Dish): boolean {
  if ('food' in step.time && step.time.food !== undefined) return step.time.food === food.id;
  const timed = dish.steps.find(({ time }) => time.kind === 'heat');
  return timed?.time.kind === 'heat' && timed.time.food === food.id;
}

const WET: ReadonlySet<string> = new Set(['simmer', 'braise', 'boil', 'steam']);

interface Known {
  readonly temperatures: FoodTemperatures | undefined;
  readonly ofFood: (step: Step) => boolean;
  /** What comes now only warms it. */
  readonly cooked: boolean;
}

function fireOf(of: FoodOfPlan, step: Step, at: StepTiming, known: Known): LedgerFire {
  const { meal, dish, food } = of;
  const { time, doneWhen, verb } = step;
  const mine = !('food' in time) || time.food === food.id || isSibling(dish, food, time.food);
  const until = time.kind === 'heat' && 'coreC' in time.until ? time.until.coreC : undefined;
  const tender = time.kind === 'heat' && 'tender' in time.until && mine;
  const said =
    mine && (time.kind === 'heat' || isProbed(of, step)) ? (until ?? doneWhen?.coreC) : undefined;
  const minutes = time.kind === 'batches' ? time.likelyMin : at.endMin - at.startMin;
  const byClock = said === undefined && !tender && !known.cooked;
  const clocked = byClock
    ? afterClockTime(meal, dish, step, food, known.ofFood, minutes, of.timing)
    : undefined;
  return {
    step: step.id,
    verb,
    startMin: at.startMin,
    endMin: at.endMin,
    coreC: said,
    clockC: clocked?.coreC,
    mostC: saidHeat(step),
    tender,
    wet: WET.has(verb),
    logs: known.temperatures?.logs ?? clocked?.logs,
    wanted: known.temperatures?.wanted ?? clocked?.wanted,
    rarer: doneWhen?.rarer ?? false,
    partly: partCookedIn(doneWhen?.text ?? '') !== undefined,
  };
}

/** What the fire is set to, where the step is in a fire and in no cooker of its own. */
function saidHeat({ place, time }: Step): number | undefined {
  const elsewhere = time.kind === 'heat' && time.cooker !== undefined;
  return isFirePlace(place.kind) && !elsewhere ? place.tempC : undefined;
}

/** One probe goes into one food: where a step says only a core, it is that of the dish's one animal. */
function isProbed({ meal, dish, food, foods }: FoodOfPlan, step: Step): boolean {
  const meats = dish.foods.filter(
    (one) => foods.get(step.id)?.includes(one.id) && foodFacts(meal, one).animal !== 'none',
  );
  return (
    meats.length <= 1 || meats.every((one) => one.cut === food.cut) || meats[0]?.id === food.id
  );
}

function isSibling(dish: Dish, food: Food, other: string | undefined): boolean {
  const timed = dish.foods.find(({ id }) => id === other);
  return timed?.cut !== undefined && timed.cut === food.cut;
}
