import { applyCommand, type Command, type Dish, type Meal } from '../meal/index.ts';
import { localOf, showClock, wallClock } from '../time/index.ts';
import type { Clash, Plan, Rescue } from './types.ts';

/** Heats so near that a dish takes either, with its time as it is. Common practice, no source. */
const NEAR_C = 25;
/** A helper comes a little before and leaves a little after. */
const SPARE_MIN = 5;
/** How much later serving is tried, and in what steps. */
const LATER_MIN = [10, 20, 40];
/** Work, not time: every offer is planned whole, and no more than so many are tried. */
const TRIES = 8;

/**
 * What ends the clashes of a plan that can be done, the cheapest first: someone for a few
 * minutes, one heat for both dishes, a later hour, a dish left out. Each is planned whole, and
 * offered only when nothing clashes then.
 */
export function rescueClashes(
  meal: Meal,
  made: Plan,
  tryMeal: (meal: Meal) => Pick<Plan, 'status' | 'clashes' | 'servingMin'>,
): Rescue[] {
  const rescues: Rescue[] = [];
  let tries = 0;
  const works = (changes: readonly Command[]): boolean => {
    if (tries++ >= TRIES) return false;
    const tried = tryMeal(changes.reduce(applyCommand, meal));
    return tried.status !== 'cannot' && tried.clashes.length === 0;
  };
  const offer = (text: Rescue['text'], changes: readonly Command[], servingMin: number) => {
    if (works(changes)) rescues.push({ text, changes, servingMin });
  };
  const helper = helperFor(made.clashes, meal);
  if (helper) offer(helper.text, helper.changes, made.servingMin);
  for (const clash of made.clashes.filter(({ kind }) => kind === 'heat')) {
    for (const one of sameHeat(clash, made)) offer(one.text, one.changes, made.servingMin);
  }
  for (const later of LATER_MIN) {
    const at = made.servingMin + later;
    const before = rescues.length;
    offer(
      { key: 'rescue.serveAt', values: { at: { at } } },
      [{ do: 'serveAt', at: localOf(at, meal.serving.zone) }],
      at,
    );
    if (rescues.length > before) break;
  }
  for (const dish of dishesIn(made.clashes, meal)) {
    if (rescues.length > 2) break;
    offer(
      { key: 'rescue.leaveOut', values: { dish: dish.name } },
      [{ do: 'removeDish', dish: dish.id }],
      made.servingMin,
    );
  }
  return rescues;
}

interface Offer {
  readonly text: Rescue['text'];
  readonly changes: readonly Command[];
}

/** Someone from the first clash of hands to the last. */
function helperFor(clashes: readonly Clash[], meal: Meal): Offer | undefined {
  const hands = clashes.filter(({ kind }) => kind === 'hands');
  if (hands.length === 0) return undefined;
  const { zone } = meal.serving;
  const fromMin = Math.min(...hands.map(({ atMin }) => atMin)) - SPARE_MIN;
  const toMin = Math.max(...hands.map(({ endMin }) => endMin)) + SPARE_MIN;
  // Pieces run on past where they clash, so the helper stays for the longest of them.
  const stays = toMin + 30;
  const clock = (min: number) => showClock(wallClock(min, zone), '24h');
  const helper = {
    id: 'lent-hands',
    name: 'a helper',
    from: clock(fromMin),
    to: clock(stays),
    days: [wallClock(fromMin, zone).weekday],
  };
  const others = (meal.kitchen.helpers ?? []).filter(({ id }) => id !== helper.id);
  return {
    text: { key: 'rescue.helper', values: { from: { at: fromMin }, to: { at: stays } } },
    changes: [{ do: 'setHelpers', helpers: [...others, helper] }],
  };
}

/** One of the two at the other's heat, where they are near. */
function sameHeat(clash: Clash, made: Plan): Offer[] {
  const [a, b] = clash.steps.map((id) => made.steps.find((step) => step.id === id));
  const heatA = a?.place.tempC;
  const heatB = b?.place.tempC;
  if (!a || !b || heatA === undefined || heatB === undefined) return [];
  if (Math.abs(heatA - heatB) > NEAR_C) return [];
  return [
    { step: a, tempC: heatB },
    { step: b, tempC: heatA },
  ].map(({ step, tempC }) => ({
    text: { key: 'rescue.sameHeat', values: { label: step.label, tempC: { tempC } } },
    changes: [{ do: 'editStep', step: step.id, change: { place: { ...step.place, tempC } } }],
  }));
}

function dishesIn(clashes: readonly Clash[], meal: Meal): Dish[] {
  const steps = new Set(clashes.flatMap((clash) => clash.steps));
  return meal.dishes.filter((dish) => dish.steps.some((step) => steps.has(step.id)));
}
