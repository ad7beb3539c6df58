import { batchOf, settleFood, type Dish, type Meal, type Step } from '../meal/index.ts';
import { showMinutes, showTemperature, showWeight } from '../quantity/index.ts';

/** A dish as a schema.org Recipe (JSON-LD), at the amounts of its meal. */
export function recipeLd(meal: Meal, dish: Dish): Record<string, unknown> {
  const heads = meal.eaters.reduce((sum, { count }) => sum + count, 0);
  const { units } = meal.kitchen;
  const foods = dish.foods.map(
    (food) => `${showWeight(settleFood(meal, dish, food).weightG, units)} ${food.name}`,
  );
  const lines = dish.mixtures.flatMap((mixture) =>
    batchOf(meal, dish, mixture).lines.map(({ measure, name, grams, scaling }) =>
      scaling === 'toTaste'
        ? `${name}, to taste`
        : `${measure || showWeight(grams, units)} ${name}`,
    ),
  );
  return {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: dish.name,
    ...(dish.note !== undefined && { description: dish.note }),
    recipeYield: `${heads} portions`,
    recipeIngredient: [...foods, ...lines],
    recipeInstructions: dish.steps.map((step) => ({
      '@type': 'HowToStep',
      name: step.label,
      text: sentenceOf(step, units),
    })),
  };
}

/** Every dish of a meal, as one JSON-LD document. */
export function mealLd(meal: Meal): Record<string, unknown> {
  return {
    '@context': 'https://schema.org',
    '@graph': meal.dishes.map((dish) => {
      const { '@context': _context, ...recipe } = recipeLd(meal, dish);
      return recipe;
    }),
  };
}

function sentenceOf(step: Step, units: Meal['kitchen']['units']): string {
  const { verb, label, time, place, doneWhen, hands } = step;
  const core = time.kind === 'heat' && 'coreC' in time.until ? time.until.coreC : doneWhen?.coreC;
  const unit = units === 'us' ? 'F' : 'C';
  const parts = [
    `${capital(verb)}: ${label}`,
    place.tempC === undefined || place.kind === 'fridge'
      ? undefined
      : `in the ${place.kind} at ${showTemperature(place.tempC, units)}${unit}`,
    lengthOf(time),
    core === undefined ? undefined : `until ${showTemperature(core, units)}${unit} inside`,
    doneWhen?.text,
  ].filter((part) => part !== undefined);
  const tending = hands.flatMap((one) =>
    one.when === 'every' ? [`${one.what} every ${showMinutes(one.everyMin)}.`] : [],
  );
  return [`${parts.join(', ')}.`, ...tending].join(' ');
}

function lengthOf(time: Step['time']): string | undefined {
  switch (time.kind) {
    case 'fixed':
      return `for ${showMinutes(time.minutes)}`;
    case 'range':
    case 'batches':
      return `for ${showMinutes(time.leastMin)} to ${showMinutes(time.mostMin)}`;
    case 'elastic':
      return `for ${showMinutes(time.leastMin)} to ${showMinutes(time.longestMin)}`;
    default:
      return undefined;
  }
}

function capital(word: string): string {
  return word.charAt(0).toUpperCase() + word.slice(1);
}
