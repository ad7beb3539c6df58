import { settleFood, foodOf } from './amounts.ts';
import { coolsTimesOutside } from '../places/index.ts';
import { weighMixture } from '../batch/index.ts';
import { batchFor } from './batch-for.ts';
import { coolingOfBatch, soakWindowOf } from './batches.ts';
import { conditionsOf, heatOfStep, piecesOf } from './cook-of-step.ts';
import { panFit, type PanFit } from './fit-pan.ts';
import type { Dish, Meal, Step } from './schema.ts';
import type { StepFacts } from './step-times/definition.ts';
import type { Message } from '../words/index.ts';

/** What the length of a step follows from, in its meal. */
export function stepFactsOf(meal: Meal, dish: Dish, step: Step): StepFacts {
  const mixtureOf = (id: string) => {
    const found = dish.mixtures.find((mixture) => mixture.id === id);
    if (!found) throw new RangeError(`no mixture “${id}” in dish “${dish.id}”`);
    return found;
  };
  const settled = (food: string) => settleFood(meal, dish, foodOf(dish, food));
  return {
    weightG: (food) => settled(food).weightG,
    pieces: (food) => piecesOf(meal, dish, foodOf(dish, food)),
    soakWindow: (id) => {
      const window = soakWindowOf(meal, dish, mixtureOf(id));
      if (!window) throw new RangeError(`mixture “${id}” does not soak`);
      return window;
    },
    coolingMin: (id) => coolingOfBatch(meal, dish, mixtureOf(id)).fridgeMin,
    factorOfMixture: (id) =>
      weighMixture(mixtureOf(id), batchFor(meal, dish, mixtureOf(id))).factor,
    heat: () => heatOfStep(meal, dish, step),
    panRounds: () => {
      const fit = panFit(meal, dish, step);
      if (!fit || !('food' in step.time)) return { rounds: 1 };
      return { rounds: fit.rounds, message: fitMessage(fit, foodOf(dish, step.time.food).name) };
    },
    conditions: conditionsOf(meal.kitchen),
    placeC: step.place.tempC,
    coolsTimes:
      step.place.kind === 'outside' && step.verb === 'rest'
        ? coolsTimesOutside(conditionsOf(meal.kitchen))
        : 1,
  };
}

function fitMessage(
  { panCm, cutInto, perRound, rounds }: PanFit,
  food: string,
): Message | undefined {
  const values = {
    food,
    count: String(cutInto),
    cm: String(panCm),
    each: String(perRound),
    rounds: String(rounds),
  };
  if (cutInto > 1) return { key: rounds > 1 ? 'pan.cutRounds' : 'pan.cut', values };
  return rounds > 1 ? { key: 'pan.rounds', values } : undefined;
}
