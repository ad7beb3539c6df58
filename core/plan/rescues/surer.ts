import { applyCommand, type Command, type Meal } from '../../meal/index.ts';
import { showClock, wallClock } from '../../time/index.ts';
import type { Message } from '../../words/index.ts';
import type { Plan, Surer } from '../planned.ts';
import { BUFFER_FACTOR } from '../scheduling/buffered-chains.ts';
import type { TryMeal } from './rescues.ts';

/** A plan surer than this wants nothing. */
export const SURE_FROM = 0.9;
/** What raises the chance by less is not worth its trouble. Our own line, no source. */
const WORTH = 0.04;
/** How many are offered. */
const OFFERED = 3;
/** More time in hand: so many times the usual. */
const MORE_IN_HAND = [1.5, 2];
/** A second pair of hands for the last of it, minutes. */
const HELPED_MIN = 120;

/** What would make a plan surer that can be carried out: each tried, the best first. */
export function surerFor(meal: Meal, made: Plan, tryMeal: TryMeal): Surer[] {
  if (made.status === 'cannot' || made.onTime >= SURE_FROM) return [];
  return surerCandidates(meal, made)
    .flatMap((candidate): Surer[] => {
      const tried = tryMeal(candidate.changes.reduce(applyCommand, meal));
      const better = tried.status !== 'cannot' && tried.onTime >= made.onTime + WORTH;
      return better ? [{ ...candidate, onTime: tried.onTime }] : [];
    })
    .sort((a, b) => b.onTime - a.onTime)
    .slice(0, OFFERED);
}

type Untried = Omit<Surer, 'onTime'>;

function surerCandidates(meal: Meal, made: Plan): Untried[] {
  return [...earlier(meal), ...helped(meal, made), ...without(meal, made)];
}

/** The work begun earlier, and the food left to rest and hold where it may. */
function earlier(meal: Meal): Untried[] {
  const now = meal.inHand ?? BUFFER_FACTOR;
  return MORE_IN_HAND.map((times) => ({
    text: { key: times === MORE_IN_HAND[0] ? 'rescue.earlier' : 'rescue.muchEarlier' } as Message,
    changes: [{ do: 'keepInHand', factor: Math.max(now, BUFFER_FACTOR) * times }] as Command[],
  }));
}

function helped(meal: Meal, { servingMin, zone }: Plan): Untried[] {
  const fromMin = servingMin - HELPED_MIN;
  const clock = (min: number) => showClock(wallClock(min, zone), '24h');
  const helper = {
    id: 'lent-hands',
    name: 'a helper',
    from: clock(fromMin),
    to: clock(servingMin),
    days: [wallClock(fromMin, zone).weekday],
  };
  const others = meal.kitchen.helpers ?? [];
  if (others.some(({ id }) => id === helper.id)) return [];
  return [
    {
      text: { key: 'rescue.helper', values: { from: { at: fromMin }, to: { at: servingMin } } },
      changes: [{ do: 'setHelpers', helpers: [...others, helper] }],
    },
  ];
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
