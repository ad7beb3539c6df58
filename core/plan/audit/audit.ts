import { MINUTES_PER_DAY } from '../../figures/index.ts';
import { longestRaw, ROOM_LIMIT_MIN } from '../../safety/index.ts';
import {
  freshWithinMin,
  allowedMinutes,
  animalsOf,
  stepFactsOf,
  type Dish,
  type Kitchen,
  type Meal,
  type Step,
  withCoreGaps,
  leavesFood,
} from '../../meal/index.ts';
import { epochMinOf } from '../../time/index.ts';
import { ledgerFindings } from './audit-ledger.ts';
import { resourceFindings } from './audit-resources.ts';
import type { AuditFinding } from './finding.ts';
import type { Plan, PlannedStep } from '../planned.ts';

/**
 * Checks a plan against its meal, from the meal's own text and none of the planner's code: every
 * length, gap, hour, load and safety rule. An empty list means the plan keeps its word. More than
 * there is of hands, heat or room is allowed only where the plan says so as a clash, and a wait beyond
 * the cook's most only where it says so as a compromise.
 */
export function audit(plan: Plan, given: Meal, kitchen: Kitchen): AuditFinding[] {
  const meal = withCoreGaps(given);
  const serving = epochMinOf(meal.serving.at, meal.serving.zone);
  const solution: AuditFinding[] = [];
  const planned = new Map(plan.steps.map((step) => [step.id, step]));
  const borne = minutesBorne(plan);
  if (plan.servingMin !== serving)
    solution.push({ rule: 'serving', steps: [], text: 'another serving time' });
  for (const dish of meal.dishes) {
    for (const step of dish.steps) {
      const at = planned.get(step.id);
      if (!at) {
        solution.push({ rule: 'missing', steps: [step.id], text: 'no time was given' });
        continue;
      }
      if (at.begun) continue;
      solution.push(...lengthFindings(meal, dish, step, at));
      solution.push(...gapFindings(step, at, planned, borne));
      const table = serving - (dish.servedBeforeMin ?? 0);
      solution.push(...frameFindings(plan, dish, step, at, table));
      solution.push(...tendingFindings(step, at, borne(step.id)));
      solution.push(...safetyFindings(meal, dish, step, at));
    }
  }
  const stepOf = new Map(meal.dishes.flatMap((dish) => dish.steps.map((s) => [s.id, s] as const)));
  solution.push(...resourceFindings(plan, stepOf, kitchen));
  if (plan.steps.length === stepOf.size) solution.push(...ledgerFindings(plan, meal));
  return solution;
}

function lengthFindings(meal: Meal, dish: Dish, step: Step, at: PlannedStep): AuditFinding[] {
  const length = at.endMin - at.startMin;
  const [least, most] = allowedMinutes(step.time, stepFactsOf(meal, dish, step));
  if (length >= least && length <= most) return [];
  return [{ rule: 'length', steps: [step.id], text: `${length} min is not in ${least}–${most}` }];
}

/** How far each step's limits are passed, as the plan itself says. */
type Borne = (step: string) => number;

function minutesBorne({ compromises }: Plan): Borne {
  return (id) =>
    Math.max(
      0,
      ...compromises.flatMap(({ kind, step, minutesOver }) =>
        kind !== 'pin' && step === id ? minutesOver : [],
      ),
    );
}

function gapFindings(
  step: Step,
  at: PlannedStep,
  planned: ReadonlyMap<string, PlannedStep>,
  borne: Borne,
): AuditFinding[] {
  return step.after.flatMap((gap): AuditFinding[] => {
    const before = planned.get(gap.step);
    if (!before) return [];
    const waited = at.startMin - (gap.from === 'start' ? before.startMin : before.endMin);
    const tooLong = gap.mostMin !== undefined && waited > gap.mostMin + borne(gap.step);
    if (waited >= gap.leastMin && !tooLong) return [];
    return [{ rule: 'gap', steps: [gap.step, step.id], text: `${waited} min between them` }];
  });
}

function frameFindings(
  plan: Plan,
  dish: Dish,
  step: Step,
  at: PlannedStep,
  serving: number,
): AuditFinding[] {
  const solution: AuditFinding[] = [];
  const steps = [step.id];
  if (at.endMin > serving) solution.push({ rule: 'serving', steps, text: 'ends after serving' });
  const freshMin = freshWithinMin(dish, step) + minutesBorne(plan)(step.id);
  if (leavesFood(dish, step) && serving - at.endMin > freshMin) {
    solution.push({ rule: 'fresh', steps, text: `ends ${serving - at.endMin} min before serving` });
  }
  if (at.startMin < plan.nowMin) solution.push({ rule: 'past', steps, text: 'starts in the past' });
  if (at.startMin < at.canStartFromMin || at.startMin > at.mustStartByMin) {
    solution.push({ rule: 'give', steps, text: 'starts outside its give' });
  }
  const within = at.hands.every((h) => h.startMin >= at.startMin && h.endMin <= at.endMin);
  if (!within) solution.push({ rule: 'hands', steps, text: 'hands outside the step' });
  return solution;
}

function tendingFindings(step: Step, at: PlannedStep, borneMin: number): AuditFinding[] {
  return step.hands.flatMap((hands): AuditFinding[] => {
    if (hands.when !== 'every') return [];
    const pulses = at.hands.filter((piece) => piece.what === hands.what).map((p) => p.startMin);
    const beats = [at.startMin, ...pulses.sort((a, b) => a - b)];
    const laterMin = (hands.firstMin ?? hands.everyMin) - hands.everyMin;
    const longest = Math.max(
      0,
      ...beats.slice(1).map((beat, i) => beat - (beats[i] ?? beat) - (i === 0 ? laterMin : 0)),
    );
    const tail = at.endMin - (beats.at(-1) ?? at.endMin) - (beats.length === 1 ? laterMin : 0);
    // A beat may drift by a fifth, and the last round may be left to the step that follows.
    if (
      longest <= hands.everyMin * 1.2 + borneMin &&
      tail <= (hands.everyMin * 1.2 + borneMin) * beats.length + hands.everyMin
    )
      return [];
    return [{ rule: 'tending', steps: [step.id], text: `left alone for ${longest} min` }];
  });
}

function safetyFindings(meal: Meal, dish: Dish, step: Step, at: PlannedStep): AuditFinding[] {
  const animals = animalsOf(meal, dish);
  if (animals.length === 0) return [];
  const minutes = at.endMin - at.startMin;
  const said = at.cautions.some((caution) => caution.broken);
  const days = longestRaw(animals)?.days ?? 0;
  const soaks = step.verb === 'marinate' || step.verb === 'brine';
  const warm = step.place.kind !== 'fridge' && step.place.kind !== 'freezer';
  const raw = soaks || step.verb === 'temper' || step.verb === 'thaw';
  const breaks =
    (soaks && minutes > days * MINUTES_PER_DAY) || (raw && warm && minutes > ROOM_LIMIT_MIN);
  return breaks && !said
    ? [{ rule: 'unsaid', steps: [step.id], text: 'breaks a safety rule without saying so' }]
    : [];
}
