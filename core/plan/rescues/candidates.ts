import {
  NEAR_HEATS_C,
  HELPER_SPARE_MIN,
  CUT_IN_TWO_SHARE,
  DAY_BEFORE_MIN,
} from '../../figures/index.ts';
import { isFirePlace, isLimited, placeNamed } from '../../places/index.ts';
import type { Command, Dish, Kitchen, Meal, Step, StepTime } from '../../meal/index.ts';
import { localOf, showClock, wallClock } from '../../time/index.ts';
import type { Clash, Plan, PlannedStep, Rescue } from '../planned.ts';
import type { RescueCandidate } from './candidate.ts';
import { otherWays } from './other-ways.ts';
import { quickerWays } from './quicker.ts';

const PRICE = {
  sameHeat: 1,
  helper: 2,
  dayBefore: 3,
  vessel: 4,
  /** And one more for each quarter of an hour. */
  later: 5,
  cutJoint: 8,
  secondPlace: 12,
  /** And no later than this, however many days. */
  latest: 400,
  /** What was wanted is given up last. */
  leaveOut: 500,
} as const;

/** What might end the clashes of a plan, or what makes it impossible, the cheapest first. */
export function rescueCandidates(meal: Meal, made: Plan): RescueCandidate[] {
  const dishes = dishesInTheWay(meal, made);
  return [
    ...helperFor(made.clashes, meal, made),
    ...made.clashes.flatMap((clash) => forClash(clash, meal, made)),
    ...dishes.flatMap((dish) => cutJoints(dish, made)),
    ...dishes.flatMap((dish) => quickerWays(dish, meal, made)),
    ...dishes.flatMap((dish) => otherWays(dish, meal, made)),
    ...dishes.map((dish) => leaveOut([dish], made)),
  ].sort((a, b) => a.price - b.price);
}

/** The dishes with a step in a clash, or in what makes the plan impossible. */
export function dishesInTheWay({ dishes }: Meal, { clashes, becauseOf = [] }: Plan): Dish[] {
  const about = new Set([...clashes.flatMap(({ steps }) => steps), ...becauseOf]);
  return dishes.filter(({ steps }) => steps.some(({ id }) => about.has(id)));
}

/** What each dish might be instead, whatever the plan. */
export function insteadOf(meal: Meal, made: Plan): RescueCandidate[] {
  return meal.dishes.flatMap((dish) => [...cutJoints(dish, made), ...otherWays(dish, meal, made)]);
}

function forClash(clash: Clash, meal: Meal, made: Plan): RescueCandidate[] {
  const steps = clash.steps.flatMap((id) => made.steps.find((step) => step.id === id) ?? []);
  switch (clash.kind) {
    case 'heat':
      return [...sameHeat(steps, made), ...secondPlace(steps, meal, made)];
    case 'hands':
      return dayBefore(steps, meal, made);
    case 'room':
      return [...secondVessel(steps, meal, made), ...secondPlace(steps, meal, made)];
    case 'missing':
      return secondPlace(steps, meal, made);
  }
}

/** Someone from the first clash of hands to the last. */
function helperFor(clashes: readonly Clash[], meal: Meal, made: Plan): RescueCandidate[] {
  const hands = clashes.filter(({ kind }) => kind === 'hands');
  if (hands.length === 0) return [];
  const fromMin = Math.min(...hands.map(({ atMin }) => atMin)) - HELPER_SPARE_MIN;
  // Pieces run on past where they clash, so the helper stays for the longest of them.
  const stays = Math.max(...hands.map(({ endMin }) => endMin)) + HELPER_SPARE_MIN + 30;
  const helped = lentHands(meal, meal.serving.zone, fromMin, stays);
  return [{ price: PRICE.helper, servingMin: made.servingMin, ...helped }];
}

/** The id of whoever lends a hand for one meal. */
export const LENT_HANDS = 'lent-hands';

/** A second pair of hands between two moments, on that date: the kitchen goes on to the next meal. */
export function lentHands(
  meal: Meal,
  zone: string,
  fromMin: number,
  toMin: number,
): Pick<Rescue, 'text' | 'changes'> {
  const clock = (min: number) => showClock(wallClock(min, zone), '24h');
  const { weekday, date } = wallClock(fromMin, zone);
  const helper = {
    id: LENT_HANDS,
    name: 'a helper',
    from: clock(fromMin),
    to: clock(toMin),
    days: [weekday],
    on: date,
  };
  const others = (meal.kitchen.helpers ?? []).filter(({ id }) => id !== helper.id);
  return {
    text: { key: 'rescue.helper', values: { from: { at: fromMin }, to: { at: toMin } } },
    changes: [{ do: 'setHelpers', helpers: [...others, helper] }],
  };
}

/** One of two at the other's heat, where they are near. */
function sameHeat([a, b]: readonly PlannedStep[], made: Plan): RescueCandidate[] {
  const heatA = a?.place.tempC;
  const heatB = b?.place.tempC;
  if (!a || !b || heatA === undefined || heatB === undefined) return [];
  if (Math.abs(heatA - heatB) > NEAR_HEATS_C) return [];
  return [
    { step: a, tempC: heatB },
    { step: b, tempC: heatA },
  ].map(({ step, tempC }) => ({
    price: PRICE.sameHeat,
    text: { key: 'rescue.sameHeat', values: { label: step.label, tempC: { tempC } } },
    servingMin: made.servingMin,
    changes: [{ do: 'editStep', step: step.id, change: { place: { ...step.place, tempC } } }],
  }));
}

/** What is cut or mixed may be done the day before and kept cold. */
function dayBefore(steps: readonly PlannedStep[], meal: Meal, made: Plan): RescueCandidate[] {
  const all = meal.dishes.flatMap((dish) => dish.steps);
  return steps.flatMap((step): RescueCandidate[] => {
    if (step.verb !== 'prepare' && step.verb !== 'mix') return [];
    const followers = all.filter((other) =>
      other.after.some((gap) => gap.step === step.id && (gap.mostMin ?? Infinity) < DAY_BEFORE_MIN),
    );
    if (followers.length === 0) return [];
    return [
      {
        price: PRICE.dayBefore,
        text: { key: 'rescue.dayBefore', values: { label: step.label } },
        servingMin: made.servingMin,
        changes: followers.map((other): Command => waitLonger(other, step.id)),
      },
    ];
  });
}

function waitLonger(step: Step, before: string): Command {
  const after = step.after.map((gap) =>
    gap.step === before ? { ...gap, mostMin: DAY_BEFORE_MIN } : gap,
  );
  return { do: 'editStep', step: step.id, change: { after } };
}

function secondVessel(steps: readonly PlannedStep[], meal: Meal, made: Plan): RescueCandidate[] {
  const id = steps.find((step) => step.vessel !== undefined)?.vessel;
  const vessel = meal.kitchen.vessels.find((one) => one.id === id);
  if (!vessel || steps.some((step) => step.vessel !== id)) return [];
  const second = { ...vessel, id: `${vessel.id}-2` };
  return [
    {
      price: PRICE.vessel,
      text: { key: 'rescue.vessel', values: { vessel: vessel.name } },
      servingMin: made.servingMin,
      changes: [{ do: 'setVessels', vessels: [...meal.kitchen.vessels, second] }],
    },
  ];
}

function secondPlace(steps: readonly PlannedStep[], meal: Meal, made: Plan): RescueCandidate[] {
  const kind = steps[0]?.place.kind;
  if (!kind || !isFirePlace(kind) || !isLimited(kind)) return [];
  const { appliances } = meal.kitchen;
  const one = appliances.find((appliance) => appliance.kind === kind);
  const second: Kitchen['appliances'][number] = {
    fits: 1,
    ...one,
    kind,
    name: one?.name ?? placeNamed(kind).words.en.name,
    id: `${one?.id ?? kind}-2`,
  };
  return [
    {
      price: PRICE.secondPlace,
      text: {
        key: one ? 'rescue.secondPlace' : 'rescue.newPlace',
        values: { place: { place: kind } },
      },
      servingMin: made.servingMin,
      changes: [{ do: 'setAppliances', appliances: [...appliances, second] }],
    },
  ];
}

/** What takes its time by weight takes less of it in two pieces. */
function cutJoints(dish: Dish, made: Plan): RescueCandidate[] {
  return dish.steps.flatMap((step): RescueCandidate[] => {
    const { time } = step;
    if (time.kind === 'heat' && step.begunAt === undefined) return cutInTwo(dish, step, time, made);
    if (time.kind !== 'perWeight' || step.begunAt !== undefined) return [];
    const food = dish.foods.find(({ id }) => id === time.food);
    const cut = {
      ...time,
      leastMinPerKg: time.leastMinPerKg * CUT_IN_TWO_SHARE,
      likelyMinPerKg: time.likelyMinPerKg * CUT_IN_TWO_SHARE,
      mostMinPerKg: time.mostMinPerKg * CUT_IN_TWO_SHARE,
    };
    return [
      {
        price: PRICE.cutJoint,
        text: { key: 'rescue.cutJoint', values: { food: food?.name ?? step.label } },
        servingMin: made.servingMin,
        changes: [{ do: 'setStepTime', step: step.id, time: cut }],
      },
    ];
  });
}

/** The same for a food whose time comes from heat: its pieces grow smaller. */
function cutInTwo(
  dish: Dish,
  step: Step,
  time: Extract<StepTime, { kind: 'heat' }>,
  made: Plan,
): RescueCandidate[] {
  const food = dish.foods.find(({ id }) => id === time.food);
  // One offer for a food, however many stages it has.
  const first = dish.steps.find((other) => 'food' in other.time && other.time.food === time.food);
  if (!food || first !== step || food.thicknessMm !== undefined) return [];
  const change = { inPieces: 2 * (food.inPieces ?? 1) };
  return [
    {
      price: PRICE.cutJoint,
      text: { key: 'rescue.cutPieces', values: { food: food.name } },
      servingMin: made.servingMin,
      changes: [{ do: 'editFood', dish: dish.id, food: food.id, change }],
    },
  ];
}

/** Serving at another time, the dearer the later. */
export function serveAtCandidate(
  made: Pick<Plan, 'zone' | 'servingMin'>,
  at: number,
  key: 'rescue.serveAt' | 'rescue.serveSurer',
): RescueCandidate {
  return {
    price: Math.min(PRICE.latest, PRICE.later + Math.max(0, at - made.servingMin) / 15),
    text: { key, values: { at: { at } } },
    servingMin: at,
    changes: [{ do: 'serveAt', at: localOf(at, made.zone) }],
  };
}

/** Where nothing else helps: without one dish, then without two. */
export function smallerTables(meal: Meal, made: Plan): RescueCandidate[] {
  const { dishes } = meal;
  const pairs = dishes.flatMap((dish, i) => dishes.slice(i + 1).map((other) => [dish, other]));
  // A table needs something on it.
  return [...dishes.map((dish) => [dish]), ...pairs]
    .filter(({ length }) => length < dishes.length)
    .map((gone) => leaveOut(gone, made));
}

/** A table without some of its dishes. */
export function leaveOut(dishes: readonly Dish[], made: Plan): RescueCandidate {
  return {
    price: PRICE.leaveOut * dishes.length,
    text: { key: 'rescue.leaveOut', values: { dish: dishes.map(({ name }) => name).join('; ') } },
    servingMin: made.servingMin,
    changes: dishes.map(({ id }) => ({ do: 'removeDish', dish: id })),
  };
}
