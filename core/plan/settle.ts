import {
  conflictsOf,
  lagOf,
  type Choice,
  type Conflict,
  type Found,
  type Problem,
} from '../solve/index.ts';
import type { Arrangement } from './arrange.ts';
import type { Wish } from './costs.ts';
import type { MealNetwork } from './build.ts';
import { solveLatest, type Times } from './network.ts';

/** What a plan was granted beyond what every plan must have. */
export interface Granted {
  /** For each pinned step, how many minutes from the pin it had to be put; 0 where it holds. */
  readonly pinMissedMin: ReadonlyMap<number, number>;
  /** For each dish, by id: minutes in hand against minutes wished. */
  readonly inHand: ReadonlyMap<string, { heldMin: number; wishedMin: number }>;
}

/** Times on the meal's own network, with every order and granted wish an arc that can be told. */
export interface Settled extends Granted {
  readonly times: Times;
  readonly left: readonly Conflict[];
}

/**
 * Puts what was found into a network of the meal: orders, and each wish as far as it was granted.
 * The latest times under these cost no more than what was found, and every one has a reason.
 */
export function settle(built: MealNetwork, arrangement: Arrangement, found: Found): Settled {
  const pinMissedMin = new Map<number, number>();
  const inHand = new Map<string, { heldMin: number; wishedMin: number }>();
  for (const wish of arrangement.wishes) {
    const spanMin = (found.at[wish.to] ?? 0) - (found.at[wish.from] ?? 0);
    addWish(built, wish, spanMin);
    if (wish.kind === 'pin') {
      const missed = Math.max(0, wish.lag - spanMin, pinMissedMin.get(wish.step) ?? 0);
      pinMissedMin.set(wish.step, missed);
    }
    if (!wish.run) continue;
    const { dish, wishedMin, likelyMin } = wish.run;
    if (wishedMin <= (inHand.get(dish)?.wishedMin ?? 0)) continue;
    const heldMin = Math.min(wishedMin, Math.max(0, spanMin - likelyMin));
    inHand.set(dish, { heldMin, wishedMin });
  }
  const orders = found.choices.filter((choice) => choice.kind === 'order');
  for (const order of orders) addOrder(built, arrangement, order);
  keepPeopleOut(built, arrangement, found);
  return { times: latestApart(built, arrangement, found), left: found.left, pinMissedMin, inHand };
}

/**
 * The latest times. What was found apart without an order may meet when it goes later: then the
 * order it was found in is kept too.
 */
function latestApart(built: MealNetwork, arrangement: Arrangement, found: Found): Times {
  const { problem, servingMin } = arrangement;
  const asFound = { at: found.at.slice(1).map((min) => min + servingMin) };
  const left = new Set(found.left.map(({ machine, uses }) => `${machine} ${uses.join(' ')}`));
  for (;;) {
    const solved = solveLatest(built.network);
    if (!solved.ok) return asFound;
    const { times } = solved;
    const standing = {
      time: [0, ...times.at.map((min) => min - servingMin)],
      machineOf: (use: number) => found.machineOf[use] ?? 0,
    };
    const met = conflictsOf(problem, standing).filter(
      ({ kind, machine, uses }) => kind !== 'closed' && !left.has(`${machine} ${uses.join(' ')}`),
    );
    const orders = met.flatMap((conflict) => ordersAsFound(problem, conflict, found));
    if (orders.length === 0) return times;
    orders.forEach((order) => addOrder(built, arrangement, order));
  }
}

function ordersAsFound(problem: Problem, { uses, machine }: Conflict, found: Found): OrderChoice[] {
  return uses.flatMap((first) =>
    uses.flatMap((second): OrderChoice[] => {
      if (problem.uses[first]?.group === problem.uses[second]?.group) return [];
      const order = { kind: 'order', first, second, machine } as const;
      const [a, b] = [problem.uses[first], problem.uses[second]];
      const between = (found.at[b?.from ?? 0] ?? 0) - (found.at[a?.to ?? 0] ?? 0);
      return between >= lagOf(problem, order) ? [order] : [];
    }),
  );
}

type OrderChoice = Extract<Choice, { kind: 'order' }>;

function addWish(built: MealNetwork, wish: Wish, spanMin: number): void {
  const { network } = built;
  const [from, to] = [wish.from - 1, wish.to - 1];
  const { step, run } = wish;
  const lag = Math.min(wish.lag, spanMin);
  if (wish.kind === 'pin') network.addArc({ from, to, lag: spanMin, why: { kind: 'pin', step } });
  if (wish.kind === 'best') network.addArc({ from, to, lag, why: { kind: 'best', step } });
  if (run && lag > run.likelyMin) {
    network.addArc({ from, to, lag, why: { kind: 'inHand', step, from: run.first } });
  }
}

function addOrder(
  built: MealNetwork,
  { claims, loads, problem }: Arrangement,
  choice: OrderChoice,
): void {
  const [first, second] = [claims.uses[choice.first], claims.uses[choice.second]];
  const load = loads[choice.machine];
  if (!first || !second || !load) return;
  const why = {
    kind: 'order',
    step: first.group,
    other: second.group,
    load: load.kind,
    name: load.name,
  } as const;
  const lag = lagOf(problem, choice);
  built.network.addArc({ from: first.to - 1, to: second.from - 1, lag, why });
}

/** Each piece of work keeps out of the hours of the person it fell to. */
function keepPeopleOut(built: MealNetwork, { claims }: Arrangement, found: Found): void {
  built.hands.forEach(({ node, hands }, index) => {
    const person = built.people[found.machineOf[index] ?? 0];
    if (!claims.uses[index] || claims.uses[index].past || !person) return;
    built.network.keepOut(node, hands.minutes, person.closed);
  });
}
