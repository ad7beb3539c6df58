import { FIRE_VERBS, type Verb } from '../../terms/index.ts';
import {
  cutOf,
  foodsByStep,
  takenIds,
  type Command,
  type Dish,
  type Meal,
  type Step,
} from '../../meal/index.ts';
import { madeAhead, overOtherFires, readyMade } from '../../patterns/index.ts';
import type { Message } from '../../words/index.ts';
import { waitKindOf } from '../network/wait-kind.ts';
import type { Plan } from '../planned.ts';
import type { RescueCandidate } from './candidate.ts';

/** What each asks of the cook, beside the other ways out. Our own order, no source. */
const PRICE = { madeAhead: 6, anotherFire: 11, readyMade: 60 } as const;

/** A dish made ahead, over another fire, or bought: the whole dish is another then. */
export function otherWays(dish: Dish, meal: Meal, made: Plan): RescueCandidate[] {
  if (dish.steps.some(({ begunAt }) => begunAt !== undefined)) return [];
  const { servingMin } = made;
  const way = (price: number, text: Message, changed: Dish): RescueCandidate => ({
    price,
    text,
    servingMin,
    changes: [{ do: 'replaceDish', dish: dish.id, with: changed }],
  });
  const values = { dish: dish.name };
  const taken = takenIds(meal);
  const anchor = keepsAfter(meal, dish);
  return [
    ...(anchor
      ? [
          way(
            PRICE.madeAhead,
            { key: 'rescue.madeAhead', values },
            madeAhead(dish, anchor.id, taken),
          ),
        ]
      : []),
    ...overOtherFires(dish, meal.kitchen, taken)
      .filter(() => isMeat(meal, dish))
      .map(({ fire, dish: over }) =>
        way(PRICE.anotherFire, { key: `rescue.over.${fire}`, values }, over),
      ),
    ...(isBought(meal, dish)
      ? [way(PRICE.readyMade, { key: 'rescue.readyMade', values }, readyMade(dish, taken))]
      : []),
  ];
}

/**
 * For several dishes that cannot be done on the day, even alone: each made ahead where it bears it,
 * else bought where a shop has it. Undefined where one of them is neither.
 */
export function allAheadOrBought(
  dishes: readonly Dish[],
  meal: Meal,
  made: Plan,
): RescueCandidate | undefined {
  const taken = takenIds(meal);
  const ahead: Dish[] = [];
  const bought: Dish[] = [];
  const changes = dishes.flatMap((dish): Command[] => {
    const anchor = keepsAfter(meal, dish);
    if (!anchor && !isBought(meal, dish)) return [];
    (anchor ? ahead : bought).push(dish);
    const changed = anchor ? madeAhead(dish, anchor.id, taken) : readyMade(dish, taken);
    for (const { id } of changed.steps) taken.add(id);
    return [{ do: 'replaceDish', dish: dish.id, with: changed }];
  });
  if (changes.length < Math.max(2, dishes.length)) return undefined;
  const names = (of: readonly Dish[]) => of.map(({ name }) => name).join('; ');
  const values = { dish: names(ahead), bought: names(bought) };
  const both = ahead.length > 0 && bought.length > 0;
  return {
    price: ahead.length * PRICE.madeAhead + bought.length * PRICE.readyMade,
    text: both
      ? { key: 'rescue.aheadAndBought', values }
      : ahead.length > 0
        ? { key: 'rescue.madeAhead', values: { dish: values.dish } }
        : { key: 'rescue.readyMade', values: { dish: values.bought } },
    servingMin: made.servingMin,
    changes,
  };
}

const isMeat = (meal: Meal, { foods }: Dish) =>
  foods.some((food) => (cutOf(meal, food)?.animal ?? 'none') !== 'none');

/** Nobody reheats these. */
const NOT_TWICE: ReadonlySet<string> = new Set(['fish', 'shellfish', 'egg']);
const PULSE = /bean|lentil|chickpea|split-pea/;

/**
 * The step after which a dish keeps till tomorrow and is none the worse: what is done in its juice,
 * or is pulled apart in it. Undefined for what is best fresh.
 */
export function keepsAfter(meal: Meal, dish: Dish): Step | undefined {
  const foods = foodsByStep(meal, dish);
  const cuts = dish.foods.flatMap((food) => cutOf(meal, food) ?? []);
  if (cuts.some(({ animal }) => NOT_TWICE.has(animal))) return undefined;
  const isPulses = cuts.length > 0 && cuts.every(({ id }) => PULSE.test(id));
  const fires = dish.steps.filter(({ verb }) => FIRE_VERBS.has(verb) && !SETS_UP.has(verb));
  const last = fires.at(-1);
  const shreds = dish.steps.find(({ verb }) => verb === 'shred');
  if (shreds && !isFollowedByFire(dish, shreds)) return shreds;
  if (!last || isFollowedByFire(dish, last)) return undefined;
  const kind = waitKindOf(meal, dish, last, foods.get(last.id) ?? []);
  if (kind === 'pot' || (kind === 'kept warm' && isMeat(meal, dish))) return last;
  return isPulses && last.verb === 'simmer' ? last : undefined;
}

const SETS_UP: ReadonlySet<Verb> = new Set(['preheat', 'light']);

function isFollowedByFire(dish: Dish, { id }: Step): boolean {
  const next = dish.steps.filter(({ after }) => after.some(({ step }) => step === id));
  return next.some(
    (step) => (FIRE_VERBS.has(step.verb) && step.verb !== 'reduce') || isFollowedByFire(dish, step),
  );
}

const SOURED_OR_RAISED: ReadonlySet<Verb> = new Set(['ferment', 'knead', 'rise']);

/** What any shop has: soured vegetables, bread, pulses that were soaked. */
function isBought(meal: Meal, dish: Dish): boolean {
  if (isMeat(meal, dish)) return false;
  const pulses = dish.foods.some((food) => PULSE.test(cutOf(meal, food)?.id ?? ''));
  return pulses || dish.steps.some(({ verb }) => SOURED_OR_RAISED.has(verb));
}
