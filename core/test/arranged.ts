import { schedulingModelOf, type SchedulingModel } from '../plan/scheduling/scheduling-model.ts';
import { buildNetwork, type MealNetwork } from '../plan/network/meal-network.ts';
import { expandMeal } from '../plan/network/expanded-steps.ts';
import { solveEarliest, solveLatest } from '../plan/network/time-network.ts';
import { peopleOf } from '../plan/resources/people.ts';
import { at, SATURDAY, ZONE } from './meals.ts';
import { plantedMeal, type PlantedSize } from './planted.ts';

/** Four days before, and a few more: planted meals begin later. */
export const PLANTED_NOW = at('2026-11-20T00:00');

export interface Arranged {
  readonly arrangement: SchedulingModel;
  /** Its network with each limit passed so far and no further. */
  readonly granted: (overMin: readonly number[]) => MealNetwork;
  /** For each moment of the problem, the earliest it can be. */
  readonly earliest: readonly number[];
}

/** A planted meal as the general layer sees it. */
export function arrangedMeal(seed: number, size: PlantedSize): Arranged {
  const meal = plantedMeal(seed, size);
  const servingMin = at(SATURDAY);
  const people = peopleOf(meal.kitchen, ZONE, PLANTED_NOW, servingMin);
  const steps = expandMeal(meal, servingMin);
  const options = { servingMin, nowMin: PLANTED_NOW, people };
  const built = buildNetwork(steps, options);
  const latest = solveLatest(built.network);
  if (!latest.ok) throw new Error('a planted meal has times but for its loads');
  const earliest = solveEarliest(built.network, servingMin) ?? [];
  return {
    arrangement: schedulingModelOf(built, latest.times, meal, meal.kitchen, servingMin),
    granted: (overMin) => buildNetwork(steps, { ...options, overMin }),
    earliest: [0, ...earliest.map((min) => min - servingMin)],
  };
}
