import {
  conflictsOf,
  lagOf,
  type Decision,
  type Conflict,
  type Solution,
  type SchedulingProblem,
} from '../../solve/index.ts';
import type { SchedulingModel } from './scheduling-model.ts';
import type { MealSoftConstraint } from './soft-constraints.ts';
import type { MealNetwork } from '../network/meal-network.ts';
import { solveLatest, type Times } from '../network/time-network.ts';

/** What a plan was granted beyond what every plan must have. */
export interface GrantedSoftConstraints {
  /** For each pinned step, how many minutes from the pin it had to be put; 0 where it holds. */
  readonly pinMissedMin: ReadonlyMap<number, number>;
  /** For each dish, by id: minutes in hand against minutes wished. */
  readonly inHand: ReadonlyMap<string, { heldMin: number; wishedMin: number }>;
}

/** Times on the meal's own network, with every order and granted soft constraint an arc that can be told. */
export interface SettledTimes extends GrantedSoftConstraints {
  readonly times: Times;
  readonly left: readonly Conflict[];
}

/**
 * Puts what was found into a network of the meal: orders, and each soft constraint as far as it was granted.
 * The latest times under these cost no more than what was found, and every one has a reason.
 */
export function settleTimes(
  built: MealNetwork,
  model: SchedulingModel,
  solution: Solution,
): SettledTimes {
  const pinMissedMin = new Map<number, number>();
  const inHand = new Map<string, { heldMin: number; wishedMin: number }>();
  for (const soft of model.softConstraints) {
    const spanMin = (solution.at[soft.to] ?? 0) - (solution.at[soft.from] ?? 0);
    addSoftConstraint(built, soft, spanMin);
    if (soft.kind === 'pin') {
      const missed = Math.max(0, soft.lag - spanMin, pinMissedMin.get(soft.step) ?? 0);
      pinMissedMin.set(soft.step, missed);
    }
    if (!soft.chain) continue;
    const { dish, bufferMin, likelyMin } = soft.chain;
    if (bufferMin <= (inHand.get(dish)?.wishedMin ?? 0)) continue;
    const heldMin = Math.min(bufferMin, Math.max(0, spanMin - likelyMin));
    inHand.set(dish, { heldMin, wishedMin: bufferMin });
  }
  const orders = solution.decisions.filter((decision) => decision.kind === 'order');
  for (const order of orders) addOrder(built, model, order);
  keepPeopleOut(built, model, solution);
  keepCalm(built, model, solution.at);
  return {
    times: latestApart(built, model, solution),
    left: solution.unresolved,
    pinMissedMin,
    inHand,
  };
}

/**
 * The latest times. What was found apart without an order may meet when it goes later: then the
 * order it was found in is kept too.
 */
function latestApart(built: MealNetwork, model: SchedulingModel, solution: Solution): Times {
  const { problem, servingMin } = model;
  const asFound = { at: solution.at.slice(1).map((min) => min + servingMin) };
  const left = new Set(
    solution.unresolved.map(({ machine, demands }) => `${machine} ${demands.join(' ')}`),
  );
  for (;;) {
    const solved = solveLatest(built.network);
    if (!solved.ok) return asFound;
    const { times } = solved;
    const standing = {
      time: [0, ...times.at.map((min) => min - servingMin)],
      machineOf: (demand: number) => solution.machineOf[demand] ?? 0,
    };
    const met = conflictsOf(problem, standing).filter(
      ({ kind, machine, demands }) =>
        kind !== 'closed' && !left.has(`${machine} ${demands.join(' ')}`),
    );
    const orders = met.flatMap((conflict) => ordersAsFound(problem, conflict, solution));
    if (orders.length === 0) return times;
    orders.forEach((order) => addOrder(built, model, order));
  }
}

function ordersAsFound(
  problem: SchedulingProblem,
  { demands, machine }: Conflict,
  solution: Solution,
): OrderChoice[] {
  return demands.flatMap((first) =>
    demands.flatMap((second): OrderChoice[] => {
      if (problem.demands[first]?.group === problem.demands[second]?.group) return [];
      const order = { kind: 'order', first, second, machine } as const;
      const [a, b] = [problem.demands[first], problem.demands[second]];
      const between = (solution.at[b?.from ?? 0] ?? 0) - (solution.at[a?.to ?? 0] ?? 0);
      return between >= lagOf(problem, order) ? [order] : [];
    }),
  );
}

type OrderChoice = Extract<Decision, { kind: 'order' }>;

function addSoftConstraint(built: MealNetwork, soft: MealSoftConstraint, spanMin: number): void {
  const { network } = built;
  const [from, to] = [soft.from - 1, soft.to - 1];
  const { step, chain } = soft;
  const lag = Math.min(soft.lag, spanMin);
  if (soft.kind === 'pin') network.addArc({ from, to, lag: spanMin, why: { kind: 'pin', step } });
  if (soft.kind === 'together' && soft.other !== undefined && spanMin >= soft.lag) {
    const why = { kind: 'together', step, other: soft.other } as const;
    network.addArc({ from, to, lag: soft.lag, why });
  }
  if (soft.kind === 'best') network.addArc({ from, to, lag, why: { kind: 'best', step } });
  if (chain && lag > chain.likelyMin) {
    network.addArc({ from, to, lag, why: { kind: 'inHand', step, from: chain.first } });
  }
}

/** Last of all: where another reason says as much, it is the better one. */
function keepCalm({ network }: MealNetwork, { softConstraints }: SchedulingModel, at: At): void {
  for (const { from, to, lag, step, workMin = Infinity } of softConstraints) {
    const granted = Math.min(lag, (at[to] ?? 0) - (at[from] ?? 0));
    if (granted <= workMin) continue;
    const why = { kind: 'calm', step, freeMin: granted - workMin } as const;
    network.addArc({ from: from - 1, to: to - 1, lag: granted, why });
  }
}

type At = Solution['at'];

function addOrder(
  built: MealNetwork,
  { mealDemands, resources, problem }: SchedulingModel,
  decision: OrderChoice,
): void {
  const [first, second] = [
    mealDemands.demands[decision.first],
    mealDemands.demands[decision.second],
  ];
  const resource = resources[decision.machine];
  if (!first || !second || !resource) return;
  const why = {
    kind: 'order',
    step: first.group,
    other: second.group,
    load: resource.kind,
    name: resource.name,
  } as const;
  const lag = lagOf(problem, decision);
  built.network.addArc({ from: first.to - 1, to: second.from - 1, lag, why });
}

/** Each piece of work keeps out of the hours of the person it fell to. */
function keepPeopleOut(
  built: MealNetwork,
  { mealDemands }: SchedulingModel,
  solution: Solution,
): void {
  built.hands.forEach(({ node, hands }, index) => {
    const person = built.people[solution.machineOf[index] ?? 0];
    if (!mealDemands.demands[index] || mealDemands.demands[index].past || !person) return;
    built.network.keepOut(node, hands.minutes, person.closed);
  });
}
