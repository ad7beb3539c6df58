import { PART_COOKED_WAIT_MIN, ROOM_LIMIT_MIN } from '../figures/index.ts';
import type { Rule, SafetyFinding } from '../finding.ts';
import { killsIn } from '../kills.ts';
import { minutesOfSpan, rawFoods, type LedgerDish, type LedgerFood } from '../ledger.ts';
import { searedAtMin } from '../seared.ts';

/** Food is not cooked half-way, kept, and finished later: what is begun on the fire goes on at once. */
export const partCooking: Rule = {
  id: 'partCooking',
  title: 'rule.partCooking',
  source: 'source.fsisPartCooking',
  figures: { key: 'figures.partCooking', values: { minutes: { minutes: PART_COOKED_WAIT_MIN } } },
  check: (meal) =>
    meal.dishes.flatMap((dish) => rawFoods(dish).flatMap((food) => interrupted(dish, food))),
};

function interrupted(dish: LedgerDish, food: LedgerFood): SafetyFinding[] {
  if (food.ready) return [];
  const first = food.fires.findIndex((fire) => killsIn(fire, food));
  const before = food.fires.slice(0, first === -1 ? food.fires.length : first);
  return before.flatMap((fire, i) => {
    const next = food.fires[i + 1];
    const waits = food.spans.filter(
      ({ fromMin, toMin }) => fromMin >= fire.endMin && toMin <= (next?.startMin ?? Infinity),
    );
    const minutes = waits.reduce((sum, span) => sum + minutesOfSpan(span), 0);
    const [longest] = [...waits].sort((a, b) => minutesOfSpan(b) - minutesOfSpan(a));
    // What is never finished is the core's rule.
    // A whole piece that stays rare by choice is done on its surface, and waits as cooked food does.
    const limit = searedAtMin(food) <= fire.endMin ? ROOM_LIMIT_MIN : PART_COOKED_WAIT_MIN;
    if (!next || minutes <= limit) return [];
    return [
      {
        rule: 'partCooking',
        level: 'stop',
        dish: dish.id,
        step: longest?.step ?? longest?.leftBy ?? fire.step,
        food: food.id,
        message: {
          key: 'safety.partCooking',
          values: { food: food.name, minutes: { minutes } },
        },
        source: 'source.fsisPartCooking',
        mends: [],
      } as const,
    ];
  });
}
