import { wallClock } from '../../time/index.ts';
import { applyCommand, type Meal } from '../../meal/index.ts';
import type { Plan, Surer } from '../planned.ts';
import { BUFFER_FACTOR, MOST_IN_HAND } from '../scheduling/buffered-chains.ts';
import { LENT_HANDS, lentHands } from './candidates.ts';
import { works, type TryMeal } from './tried.ts';

/** A plan surer than this wants nothing. */
export const SURE_FROM = 0.9;
/** What raises the chance by less is not worth its trouble. Our own line, no source. */
export const WORTH = 0.04;
/** How many are offered. */
const OFFERED = 3;
/** More time in hand: so many times the usual, one after the other. Our own line, no source. */
export const MORE_IN_HAND = [
  { key: 'rescue.earlier', times: 1.5 },
  { key: 'rescue.muchEarlier', times: 2 },
] as const;
/** A second pair of hands for the last of it, minutes. */
const HELPED_MIN = 120;

/** What would make a plan surer that can be carried out: each tried, the best first. */
export function surerFor(meal: Meal, made: Plan, tryMeal: TryMeal): Surer[] {
  if (made.status === 'cannot' || made.onTime >= SURE_FROM) return [];
  return surerCandidates(meal, made)
    .flatMap((candidate): Surer[] => {
      const tried = tryMeal(candidate.changes.reduce(applyCommand, meal));
      const better = tried.onTime >= made.onTime + WORTH && works(tried, made);
      return better ? [{ ...candidate, onTime: tried.onTime }] : [];
    })
    .sort((a, b) => b.onTime - a.onTime)
    .slice(0, OFFERED);
}

type Untried = Omit<Surer, 'onTime'>;

function surerCandidates(meal: Meal, made: Plan): Untried[] {
  return [...earlier(made), ...helped(meal, made), ...without(meal, made)];
}

/** The work begun earlier, and the food left to rest and hold where it may. */
function earlier({ inHandTimes = BUFFER_FACTOR }: Plan): Untried[] {
  const now = Math.max(inHandTimes, BUFFER_FACTOR);
  // Up to the most, and that once.
  return MORE_IN_HAND.filter(
    (_one, i) => now * (MORE_IN_HAND[i - 1]?.times ?? 1) < MOST_IN_HAND,
  ).map(({ key, times }): Untried => ({
    text: { key },
    changes: [{ do: 'keepInHand', factor: Math.min(MOST_IN_HAND, now * times) }],
  }));
}

function helped(meal: Meal, { servingMin, zone }: Plan): Untried[] {
  const { helpers = [] } = meal.kitchen;
  const fromMin = servingMin - HELPED_MIN;
  const { date } = wallClock(fromMin, zone);
  if (helpers.some(({ id, on = date }) => id === LENT_HANDS && on === date)) return [];
  return [lentHands(meal, zone, fromMin, servingMin)];
}

/** Without the dish that is least sure; the last resort, so only where it is the cause. */
function without(meal: Meal, { onTimeOf, onTime }: Plan): Untried[] {
  const [worst] = [...onTimeOf].sort((a, b) => a.onTime - b.onTime);
  const dish = meal.dishes.find(({ id }) => id === worst?.dish);
  if (!dish || !worst || meal.dishes.length < 2 || worst.onTime > onTime + WORTH) return [];
  return [
    {
      text: { key: 'rescue.leaveOut', values: { dish: dish.name } },
      changes: [{ do: 'removeDish', dish: dish.id }],
    },
  ];
}
