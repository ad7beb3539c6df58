import { animalsOf, servingMin as servingMinOf, type Kitchen, type Meal } from '../meal/index.ts';
import { cautionsOf } from '../safety/index.ts';
import { blocksOf, type Block } from '../time/index.ts';
import type { Message } from '../words/index.ts';
import { buildNetwork, type MealNetwork } from './build.ts';
import { findClashes } from './clashes.ts';
import { expandMeal, type ExpandedStep } from './expand.ts';
import { explainContradiction, explainStart } from './explain.ts';
import { solveEarliest, solveLatest, Trace, type Times } from './network.ts';
import { jobsOf } from './jobs.ts';
import { shareOut } from './helpers.ts';
import { loadsOf, type Load } from './loads.ts';
import { meetInTheMiddle } from './heat-shared.ts';
import { chanceOnTime, type Order } from './odds.ts';
import { rescueClashes } from './clash-rescue.ts';
import { findRescues } from './rescue.ts';
import type { Plan, PlannedHands, PlannedStep } from './types.ts';
import { grantWishes, type Granted } from './wishes.ts';

/** A chance below this is called tight. Our own line, no source. */
const TIGHT_BELOW = 0.7;
/** How many days ahead the cook's hours are laid out. */
const DAYS_BACK = 16;

/**
 * Plans a meal backwards from its serving time. Pure: the same meal, kitchen and moment give the
 * same plan, whatever the machine.
 *
 * @param nowMin epoch minutes; nothing not begun starts before it
 */
export function plan(meal: Meal, kitchen: Kitchen, nowMin: number): Plan {
  const servingMin = servingMinOf(meal);
  const made = planAt(meal, kitchen, servingMin, nowMin);
  if (made.status !== 'cannot') {
    if (made.clashes.length === 0) return made;
    const rescues = rescueClashes(meal, made, (tried) =>
      planAt(tried, tried.kitchen, servingMinOf(tried), nowMin),
    );
    return { ...made, rescues };
  }
  const rescues = findRescues(
    meal,
    kitchen,
    expandMeal(meal, servingMin),
    servingMin,
    nowMin,
    (at) => planAt(meal, kitchen, at, nowMin),
  );
  return { ...made, rescues };
}

/** The plan for a serving time that need not be the meal's own; without rescues. */
function planAt(meal: Meal, kitchen: Kitchen, servingMin: number, nowMin: number): Plan {
  const steps = expandMeal(meal, servingMin);
  const from = Math.max(nowMin, servingMin - DAYS_BACK * 1440);
  const blocks = blocksOf(kitchen.hours, meal.serving.zone, from, servingMin);
  const hard = buildNetwork(steps, { servingMin, nowMin, blocks });
  const latest = solveLatest(hard.network);
  if (!latest.ok || servingMin < nowMin) {
    const because = latest.ok
      ? pastServing(servingMin, nowMin)
      : explainContradiction(hard, nowMin);
    return planThatCannot(meal, steps, { servingMin, nowMin, blocks, because });
  }
  const earliest = solveEarliest(hard.network, servingMin) ?? hard.network.lower;
  const { built, loads, times, ...granted } = bestTimes(
    meal,
    kitchen,
    steps,
    servingMin,
    nowMin,
    blocks,
  );
  const give = { built: hard, earliest, latest: latest.times.at };
  const trace = traceOf(built);
  const planned = shareOut(
    meetInTheMiddle(
      steps.map((step) => plannedStep(meal, step, built, times, trace, granted, give, nowMin)),
    ),
    kitchen,
    meal.serving.zone,
  );
  const clashes = findClashes(built, loads, times.at, kitchen);
  const onTime = chanceOnTime(planned, {
    meal,
    kitchen,
    blocks,
    servingMin,
    orders: ordersOf(built),
  });
  return {
    ...frame(meal, servingMin, nowMin, blocks, planned),
    status: clashes.length > 0 || onTime < TIGHT_BELOW ? 'tight' : 'fits',
    onTime,
    clashes,
    because: [],
    rescues: [],
    inHand: [...granted.inHand].map(([dish, held]) => ({ dish, ...held })),
  };
}

/** Which step waits for which at an oven or a ring: the orders the plan rests on. */
function ordersOf(built: MealNetwork): Order[] {
  return built.network.arcs.flatMap(({ from, to, lag, why }) => {
    if (why.kind !== 'order' || why.load === 'hands') return [];
    const step = built.startOf.indexOf(to);
    const started = built.startOf.indexOf(from);
    const before = started === -1 ? built.endOf.indexOf(from) : started;
    return step === -1 || before === -1
      ? []
      : [{ before, fromStart: started !== -1, step, lagMin: lag }];
  });
}

type Best = ReturnType<typeof grantWishes> & {
  built: MealNetwork;
  loads: readonly Load[];
};

/** What is wished for, given up from the end when the kitchen cannot do it all. */
const WISHES = [
  { inHand: true, best: true },
  { inHand: false, best: true },
  { inHand: false, best: false },
] as const;

/** The latest times under all wishes in this kitchen; fewer wishes when it runs short. */
function bestTimes(
  meal: Meal,
  kitchen: Kitchen,
  steps: readonly ExpandedStep[],
  servingMin: number,
  nowMin: number,
  blocks: readonly Block[],
): Best {
  let best: Best | undefined;
  for (const wanted of WISHES) {
    const built = buildNetwork(steps, { servingMin, nowMin, blocks });
    const latest = solveLatest(built.network);
    if (!latest.ok) break;
    const loads = loadsOf(built, kitchen, meal.serving.zone);
    const next = { built, loads, ...grantWishes(built, loads, latest.times, wanted) };
    if (!best || next.clashes < best.clashes) best = next;
    if (best.clashes === 0) break;
  }
  if (!best) throw new RangeError('bestTimes was called on a network without a solution');
  return best;
}

interface Given {
  readonly servingMin: number;
  readonly nowMin: number;
  readonly blocks: readonly Block[];
  readonly because: readonly Message[];
}

/**
 * The plan one would have needed: times that ignore what it is too late for, so that the cook
 * sees how much is missing. Never called good.
 */
function planThatCannot(meal: Meal, steps: readonly ExpandedStep[], given: Given): Plan {
  const { servingMin, nowMin, blocks } = given;
  const open = { servingMin, nowMin: servingMin - 60 * 1440, blocks };
  let built = buildNetwork(steps, open);
  let solved = solveLatest(built.network);
  if (!solved.ok) {
    built = buildNetwork(steps, { ...open, loose: true });
    solved = solveLatest(built.network);
  }
  const times = solved.ok ? solved.times : solved.contradiction.times;
  const fromNow = buildNetwork(steps, { servingMin: nowMin, nowMin, blocks, openServing: true });
  const earliest = solveEarliest(fromNow.network, nowMin + 90 * 1440) ?? times.at;
  const granted: Granted = { pinMissedMin: new Map(), inHand: new Map() };
  const give = { built: fromNow, earliest, latest: times.at };
  const trace = traceOf(built);
  const planned = steps.map((step) =>
    plannedStep(meal, step, built, times, trace, granted, give, nowMin),
  );
  return {
    ...frame(meal, servingMin, nowMin, blocks, planned),
    status: 'cannot',
    onTime: 0,
    // What was never planned cannot clash.
    clashes: [],
    because: given.because,
    rescues: [],
    inHand: [],
  };
}

/** How the plan's times came about, wishes and orders among them. */
function traceOf(built: MealNetwork): Trace {
  const trace = new Trace();
  solveLatest(built.network, trace);
  return trace;
}

function pastServing(servingMin: number, nowMin: number): Message[] {
  return [{ key: 'because.past', values: { at: { at: servingMin }, now: { at: nowMin } } }];
}

function frame(
  meal: Meal,
  servingMin: number,
  nowMin: number,
  blocks: readonly Block[],
  planned: readonly PlannedStep[],
) {
  const first = Math.min(...planned.map((step) => step.startMin), servingMin);
  const [firstJob] = jobsOf({ steps: planned });
  return {
    meal: meal.id,
    servingMin,
    zone: meal.serving.zone,
    nowMin,
    firstJobMin: firstJob?.startMin,
    steps: planned,
    blocks: blocks.filter((block) => block.endMin > first && block.startMin < servingMin),
  };
}

interface Give {
  readonly built: MealNetwork;
  readonly earliest: readonly number[];
  readonly latest: readonly number[];
}

/** The hands-on work of a step; of one that has begun, what is still to come. */
function handsOf(
  step: ExpandedStep,
  built: MealNetwork,
  times: Times,
  nowMin: number,
): PlannedHands[] {
  return built.hands
    .filter((hands) => hands.step === step.index)
    .map(({ node, hands }) => {
      const startMin = times.at[node] ?? 0;
      return { startMin, endMin: startMin + hands.minutes, what: hands.what };
    })
    .filter((hands) => !step.past || hands.endMin >= nowMin);
}

function plannedStep(
  meal: Meal,
  step: ExpandedStep,
  built: MealNetwork,
  times: Times,
  trace: Trace,
  granted: Granted,
  give: Give,
  nowMin: number,
): PlannedStep {
  const at = (node: number | undefined) => times.at[node ?? 0] ?? 0;
  const startMin = at(built.startOf[step.index]);
  const endMin = at(built.endOf[step.index]);
  const giveNode = give.built.startOf[step.index] ?? 0;
  const pinMissedMin = granted.pinMissedMin.get(step.index) ?? 0;
  const why = explainStart(built, times, trace, step.index);
  return {
    id: step.step.id,
    dish: step.dish.id,
    dishName: step.dish.name,
    verb: step.step.verb,
    label: step.step.label,
    startMin,
    endMin,
    canStartFromMin: step.begunMin ?? give.earliest[giveNode] ?? startMin,
    mustStartByMin: step.begunMin ?? give.latest[giveNode] ?? startMin,
    span: step.span,
    elastic: step.elastic,
    limitedBy: step.limitedBy,
    rounds: step.rounds,
    place: step.place,
    hands: handsOf(step, built, times, nowMin),
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
      coreC: step.step.doneWhen?.coreC,
    }),
    begun: step.past,
    pinned: step.pinnedMin !== undefined,
    pinMissedMin,
  };
}
