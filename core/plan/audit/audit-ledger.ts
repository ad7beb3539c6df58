import {
  allowedMinutes,
  foodsByStep,
  keepsWarm,
  stepFactsOf,
  type Dish,
  type Meal,
  type Step,
} from '../../meal/index.ts';
import { isFirePlace } from '../../places/index.ts';
import type { Plan, PlannedStep } from '../planned.ts';
import type { AuditFinding } from './finding.ts';

/** Carrying over from a soak to what follows. */
const CARRY_MIN = 5;

/**
 * Where every food is, found again from the plan's times alone, moment by moment, and by none of the
 * ledger's code; and no soak goes on past its longest because nobody takes the food out.
 */
export function ledgerFindings(plan: Plan, meal: Meal): AuditFinding[] {
  const planned = new Map(plan.steps.map((step) => [step.id, step]));
  return meal.dishes.flatMap((dish) => {
    const foods = foodsByStep(meal, dish);
    return dish.foods.flatMap(({ id }) => {
      const works = dish.steps.flatMap((step) => {
        const at = planned.get(step.id);
        return at && foods.get(step.id)?.includes(id) ? [{ step, at }] : [];
      });
      return [...placeFindings(plan, dish, id, works), ...soakFindings(meal, dish, works)];
    });
  });
}

interface Work {
  readonly step: Step;
  readonly at: PlannedStep;
}

/** At each moment something begins or ends, the story says the place that the steps say. */
function placeFindings(
  plan: Plan,
  dish: Dish,
  food: string,
  works: readonly Work[],
): AuditFinding[] {
  const story = plan.stories.find((one) => one.dish === dish.id && one.food === food);
  const moments = works
    .flatMap(({ at }) => [at.startMin, at.endMin])
    .filter((min) => min < plan.servingMin - (dish.servedBeforeMin ?? 0));
  const wrong = moments.filter((min) => {
    const told = story?.spans.filter(({ fromMin, toMin }) => fromMin <= min && min < toMin) ?? [];
    const found = placeAt(works, min);
    return told.length !== 1 || !found.includes(told[0]?.place ?? '');
  });
  return wrong.length === 0
    ? []
    : [{ rule: 'ledger', steps: [food], text: 'the story of the food is not what the steps say' }];
}

/** Held by whatever works on it now; else where whatever worked on it last has left it. */
function placeAt(works: readonly Work[], min: number): string[] {
  const now = works.filter(({ at }) => at.startMin <= min && min < at.endMin);
  const latest = Math.max(...now.map(({ at }) => at.startMin));
  const holds = now.filter(({ at }) => at.startMin === latest);
  if (holds.length > 0) return holds.map(({ step }) => step.place.kind);
  const over = works.filter(({ at }) => at.endMin <= min);
  const end = Math.max(...over.map(({ at }) => at.endMin));
  return over
    .filter(({ at }) => at.endMin === end)
    .flatMap(({ step }) => {
      const { kind } = step.place;
      if (keepsWarm(step)) return ['slow-cooker'];
      return isFirePlace(kind) ? [kind, 'counter'] : [kind];
    });
}

function soakFindings(meal: Meal, dish: Dish, works: readonly Work[]): AuditFinding[] {
  return works.flatMap(({ step, at }): AuditFinding[] => {
    if (step.time.kind !== 'soak' || step.verb === 'soak' || at.begun) return [];
    const takenOut = at.hands.some(({ endMin }) => endMin === at.endMin);
    const next = Math.min(
      ...works.map((one) => one.at.startMin).filter((startMin) => startMin >= at.endMin),
    );
    const [, most] = allowedMinutes(step.time, stepFactsOf(meal, dish, step));
    const minutes = (takenOut || !Number.isFinite(next) ? at.endMin : next) - at.startMin;
    return minutes <= most + CARRY_MIN
      ? []
      : [{ rule: 'soak', steps: [step.id], text: `soaks ${minutes} min, ${most} at the most` }];
  });
}
