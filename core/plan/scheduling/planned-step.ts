import { environmentNamed } from '../../places/index.ts';
import { animalsOf, foodFacts, type Meal } from '../../meal/index.ts';
import { pantryOf } from '../../pantry/index.ts';
import { cautionsOf, type WatchedStep } from '../../safety/index.ts';
import type { MealNetwork } from '../network/meal-network.ts';
import type { ExpandedStep } from '../network/expanded-steps.ts';
import { explainStart } from '../explain/explain.ts';
import type { Times, Trace } from '../network/time-network.ts';
import type { PlannedHands, PlannedStep } from '../planned.ts';

/** How far a step may go: its earliest and its latest start in any plan that serves on time. */
export interface Slack {
  readonly built: MealNetwork;
  readonly earliest: readonly number[];
  readonly latest: readonly number[];
}

/** Where a step fell to. */
export type ServedBy = Pick<PlannedStep, 'appliance' | 'vessel' | 'room'>;

/** Times on a network, how they came about, and who does what. */
export interface TimedNetwork {
  readonly meal: Meal;
  readonly built: MealNetwork;
  readonly times: Times;
  readonly trace: Trace;
  readonly nowMin: number;
  readonly slack: Slack;
  readonly pinMissedMin: ReadonlyMap<number, number>;
  /** By index of hands-on work: whose it is; undefined for the cook's. */
  readonly whose: (hands: number) => string | undefined;
  /** By step: the appliance and the vessel it fell to. */
  readonly served: (step: number) => ServedBy;
}

/** A step with its times, its hands, its reasons and its cautions. */
export function plannedStep(timed: TimedNetwork, step: ExpandedStep): PlannedStep {
  const { meal, built, times, trace, nowMin, slack } = timed;
  const at = (node: number | undefined) => times.at[node ?? 0] ?? 0;
  const startMin = at(built.startOf[step.index]);
  const endMin = at(built.endOf[step.index]);
  const giveNode = slack.built.startOf[step.index] ?? 0;
  const pinMissedMin = timed.pinMissedMin.get(step.index) ?? 0;
  const why = explainStart(built, times, trace, step.index);
  return {
    id: step.step.id,
    dish: step.dish.id,
    dishName: step.dish.name,
    verb: step.step.verb,
    label: step.step.label,
    startMin,
    endMin,
    canStartFromMin: step.begunMin ?? slack.earliest[giveNode] ?? startMin,
    mustStartByMin: step.begunMin ?? slack.latest[giveNode] ?? startMin,
    duration: step.duration,
    elastic: step.elastic,
    limitedBy: step.limitedBy,
    rounds: step.rounds,
    notes: step.notes,
    otherwise: step.past ? undefined : step.step.doneWhen?.otherwise,
    place: step.place,
    ...timed.served(step.index),
    hands: handsOf(timed, step, nowMin),
    why:
      pinMissedMin > 0
        ? [...why, { key: 'why.pinMissed', values: { minutes: { minutes: pinMissedMin } } }]
        : why,
    cautions: cautionsOf({
      verb: step.step.verb,
      place: step.place.kind,
      animals: animalsOf(meal, step.dish),
      school: step.step.school,
      minutes: endMin - startMin,
      coreC: pulledAtC(step),
      wholeCuts: areWholeCuts(meal, step),
      reached: step.reached,
      tempC: step.place.tempC,
      ...about(meal, step),
    }),
    begun: step.past,
    pinned: step.pinnedMin !== undefined,
    pinMissedMin,
  };
}

/** Neither minced nor pierced nor game. */
function areWholeCuts(meal: Meal, { dish }: ExpandedStep): boolean {
  return dish.foods.every((food) => {
    const { animal, minced } = foodFacts(meal, food);
    return !minced && food.pierced !== true && animal !== 'game';
  });
}

/** Of a mixture, that it burns on a hot fire. Our own line, no source. */
const SWEET_G_PER_100G = 30;

/** What else a step has to do with: its mixtures, its cooker, its wrap. */
function about(
  meal: Meal,
  { step, dish }: ExpandedStep,
): Pick<WatchedStep, 'boiledBrine' | 'holds' | 'cooker' | 'wrapped' | 'apart'> {
  const { time } = step;
  const soaked = time.kind === 'soak' ? [time.mixture] : [];
  const ids = new Set([...(step.mixtures ?? []), ...soaked]);
  // What is mixed before a soak is what the next step lies in.
  const next = dish.steps.filter(({ after }) => after.some((gap) => gap.step === step.id));
  if (step.verb === 'mix') {
    for (const { time: later } of next) if (later.kind === 'soak') ids.add(later.mixture);
  }
  const mixtures = dish.mixtures.filter(({ id }) => ids.has(id));
  const { ingredients } = pantryOf(meal.pantry);
  const inIt = mixtures.flatMap(({ lines }) =>
    lines.flatMap((line) => ingredients.get(line.ingredient) ?? []),
  );
  const holds = new Set<'chilli' | 'sugar' | 'acid'>();
  if (inIt.some(({ id, holds: held }) => held.includes('heat') && /chilli/.test(id))) {
    holds.add('chilli');
  }
  if (inIt.some((one) => one.sugarsGPer100g >= SWEET_G_PER_100G)) holds.add('sugar');
  if (inIt.some(({ acid }) => (acid?.pct ?? 0) >= 1)) holds.add('acid');
  return {
    boiledBrine: time.kind === 'soak' && mixtures.some(({ boiled }) => boiled),
    holds,
    apart: mixtures.flatMap(({ variants }) => (variants ?? []).map(({ name }) => name)),
    cooker: time.kind === 'heat' && time.cooker ? environmentNamed(time.cooker).caution : undefined,
    wrapped: time.kind === 'heat' && time.wrap === 'foil',
  };
}

/** The core at which it is taken off, where a step says so and no further heat follows. */
function pulledAtC({ step, dish }: ExpandedStep): number | undefined {
  const { time, doneWhen } = step;
  const goesOn = dish.steps.some(
    (other) => other.time.kind === 'heat' && other.after.some((gap) => gap.step === step.id),
  );
  if (goesOn) return undefined;
  if (time.kind !== 'heat' || !('coreC' in time.until)) return doneWhen?.coreC;
  return time.until.coreC;
}

/** The hands-on work of a step; of one that has begun, what is still to come. */
function handsOf(timed: TimedNetwork, step: ExpandedStep, nowMin: number): PlannedHands[] {
  const { built, times } = timed;
  return built.hands
    .map((hands, index) => ({ ...hands, index }))
    .filter((hands) => hands.step === step.index)
    .map(({ node, hands, index }) => {
      const startMin = times.at[node] ?? 0;
      const who = timed.whose(index);
      const piece = { startMin, endMin: startMin + hands.minutes, what: hands.what };
      return who === undefined ? piece : { ...piece, who };
    })
    .filter((hands) => !step.past || hands.endMin >= nowMin);
}
