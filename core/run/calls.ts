import { servingMin, tableMinOf, type Dish, type Meal, type Step } from '../meal/index.ts';
import { isFirePlace } from '../places/index.ts';
import type { Verb } from '../terms/index.ts';
import { SWITCHED_ON, type Plan, type PlannedStep } from '../plan/index.ts';
import type { Deed } from './event.ts';
import type { RunState } from './state.ts';

/** One moment at which the cook is called: one thing to do, and one word when it is done. */
export interface Call {
  readonly key: string;
  readonly kind: 'begin' | 'tend' | 'end' | 'serve';
  /** What is begun, looked after, or over; left out when it is time to serve. */
  readonly step?: PlannedStep | undefined;
  /** Of a first serving: the dishes that come to the table then; left out, when it is the meal. */
  readonly dishes?: readonly Pick<Dish, 'id' | 'name'>[] | undefined;
  /** What is over with the same word: what stood before it. */
  readonly ends: readonly PlannedStep[];
  /** What goes on by itself from then. */
  readonly thenBegins: readonly PlannedStep[];
  readonly atMin: number;
  /** Hands are wanted for so long; 0 for a look. */
  readonly handsMin: number;
  /** The cook is at it already, both hands: it goes on until it is done. */
  readonly inHand?: boolean | undefined;
  /** What to do, in the words of the meal. */
  readonly what: string;
  /** How one sees that it is done, in the words of the meal. */
  readonly doneText?: string | undefined;
  readonly doneC?: number | undefined;
  /** What is done where it is not done, and how much longer that takes, minutes. */
  readonly otherwise?: { readonly what: string; readonly minutes: number } | undefined;
  /** Whoever lends a hand; left out, the cook. */
  readonly who?: string | undefined;
}

/** So long before a step's end nobody turns or bastes it any more. */
const LAST_TEND_MIN = 3;

/**
 * Every call that is still to come, in order of time: what is to be begun, what is going on and
 * wants looking after, what is to be seen whether it is done, and serving. What begins by itself
 * when something ends (a rest, a soak) is no call of its own.
 *
 * @param due when what is going on is to be seen to, by id; left out, when the plan has it end
 */
export function callsOfRun(
  state: RunState,
  plan: Plan,
  due: ReadonlyMap<string, number> = new Map(),
): Call[] {
  if (state.servedMin !== undefined) return [];
  const chain = new ChainOfPlan(state.meal, plan, due);
  const calls = plan.steps.flatMap((planned): Call[] => {
    if (state.ended.has(planned.id)) return [];
    const step = chain.step(planned.id);
    if (!step) return [];
    const begun = state.begun.has(planned.id);
    return [
      ...(begun || chain.beginsAlone(planned, state) ? [] : [beginCall(planned, chain, state)]),
      ...(begun ? tendCalls(planned, step, state, plan.nowMin) : []),
      ...(begun && chain.endIsSeen(planned, state) ? [endCall(planned, step, chain, state)] : []),
    ];
  });
  const serve = [...firstServings(state, plan, chain), serveCall(state, plan, chain)];
  const rank = { end: 0, tend: 1, begin: 2, serve: 3 } as const;
  /** What the hands are at comes before what is still to come, and after what is due. */
  const orderMin = ({ atMin, inHand }: Call) =>
    inHand ? Math.min(atMin, plan.nowMin + 0.5) : atMin;
  return [...calls, ...serve].sort(
    (a, b) => orderMin(a) - orderMin(b) || rank[a.kind] - rank[b.kind],
  );
}

function serveCall(state: RunState, plan: Plan, chain: ChainOfPlan): Call {
  return {
    key: 'serve',
    kind: 'serve',
    ends: chain.goingOn(state),
    thenBegins: [],
    // What is ready waits for the table, and no longer for a plan.
    atMin: readyToServe(state, plan) ? servingMin(state.meal) : plan.servingMin,
    handsMin: 0,
    what: '',
  };
}

/**
 * The dishes that are on the table before the rest, and are not there yet: those of one hour
 * together, unless one of them is late, which nothing else waits for.
 */
function firstServings(state: RunState, plan: Plan, chain: ChainOfPlan): Call[] {
  const early = state.meal.dishes
    .filter(({ id, servedBeforeMin = 0 }) => servedBeforeMin > 0 && !state.dishServed.has(id))
    .map((dish) => {
      const isReady = readyToServe(state, plan, [dish.id]);
      const atMin = tableMinOf(dish, isReady ? servingMin(state.meal) : plan.servingMin);
      return { dish, atMin, isLate: !isReady && atMin <= plan.nowMin };
    });
  return early.flatMap(({ atMin, isLate }, i): Call[] => {
    const isWith = (one: (typeof early)[number]) => one.atMin === atMin && one.isLate === isLate;
    if (early.findIndex(isWith) < i) return [];
    const dishes = early.filter(isWith).map(({ dish }) => dish);
    const ids = dishes.map(({ id }) => id);
    return [
      {
        ...serveCall(state, plan, chain),
        key: `serve ${ids.join(' ')}`,
        dishes,
        ends: chain.goingOn(state).filter((step) => ids.includes(step.dish)),
        atMin,
      },
    ];
  });
}

/** What the cook's word says has happened. */
export function deedsOf(call: Call): Deed[] {
  const ended = call.ends.map((one): Deed => ({ did: 'done', step: one.id }));
  if (call.dishes) {
    return [...ended, ...call.dishes.map(({ id }): Deed => ({ did: 'dishServed', dish: id }))];
  }
  if (!call.step) return [...ended, { did: 'served' }];
  const { id } = call.step;
  if (call.kind === 'tend') return [{ did: 'tended', step: id }];
  const own: Deed =
    call.kind === 'begin' ? { did: 'started', step: id } : { did: 'done', step: id };
  const then = call.thenBegins.map((one): Deed => ({ did: 'started', step: one.id }));
  return [...ended, own, ...then];
}

/** What begins so soon after something ends is one moment with it. */
const AT_ONCE_MIN = 1;

/** What is done with food that is ready and waits. */
const KEEPS: ReadonlySet<Verb> = new Set<Verb>(['rest', 'hold', 'cool', 'chill']);

/**
 * Everything that is begun is over, or waits for the table: it can be served.
 *
 * @param only the dishes of a first serving, by id; left out, all
 */
export function readyToServe(state: RunState, plan: Plan, only?: readonly string[]): boolean {
  const chain = new ChainOfPlan(state.meal, plan, new Map());
  return plan.steps.every(
    (planned) =>
      (only && !only.includes(planned.dish)) ||
      state.ended.has(planned.id) ||
      (state.begun.has(planned.id) && chain.keepsToTable(planned)),
  );
}

/** The steps of a meal as their chain, with the times of a plan. */
class ChainOfPlan {
  private readonly steps: ReadonlyMap<string, { dish: Dish; step: Step }>;
  private readonly planned: ReadonlyMap<string, PlannedStep>;

  constructor(
    meal: Meal,
    plan: Plan,
    private readonly due: ReadonlyMap<string, number>,
  ) {
    this.planned = new Map(plan.steps.map((one) => [one.id, one]));
    this.steps = new Map(
      meal.dishes.flatMap((dish) => dish.steps.map((step) => [step.id, { dish, step }] as const)),
    );
  }

  /** Known to be over at a time of its own, and not merely when something else begins. */
  isTimed({ id }: PlannedStep): boolean {
    return this.due.has(id);
  }

  /** When it is to be seen whether it is over. */
  dueMin({ id, endMin }: PlannedStep): number {
    return this.due.get(id) ?? endMin;
  }

  step(id: string): Step | undefined {
    return this.steps.get(id)?.step;
  }

  private followers(id: string): PlannedStep[] {
    return [...this.steps.values()].flatMap(({ step }) => {
      const follows = step.after.some((gap) => gap.step === id && gap.from === 'end');
      const planned = this.planned.get(step.id);
      return follows && planned ? [planned] : [];
    });
  }

  /** What it follows that is still going on. */
  goingOnBefore(planned: PlannedStep, { begun, ended }: RunState): PlannedStep[] {
    const before = (this.step(planned.id)?.after ?? []).filter(({ from }) => from === 'end');
    return before.flatMap(({ step }) =>
      begun.has(step) && !ended.has(step) ? (this.planned.get(step) ?? []) : [],
    );
  }

  /** Nobody is wanted when it begins: it begins with the word that ends what it follows. */
  beginsAlone(planned: PlannedStep, { begun, ended }: RunState): boolean {
    const gaps = (this.step(planned.id)?.after ?? []).filter(({ from }) => from === 'end');
    if (gaps.length === 0 || hasOwnHands(this.step(planned.id), planned)) return false;
    // It stands ready and nobody has begun it: then it is a call after all.
    const waits = gaps.some(({ step }) => !ended.has(step) || !begun.has(step));
    return waits && gaps.some(({ step }) => this.planned.has(step));
  }

  /** What begins by itself once this one is over. */
  begunBy(planned: PlannedStep, { begun, ended }: RunState): PlannedStep[] {
    return this.followers(planned.id).filter((next) => {
      const step = this.step(next.id);
      if (begun.has(next.id) || hasOwnHands(step, next)) return false;
      const others = (step?.after ?? []).filter((gap) => gap.step !== planned.id);
      return others.every((gap) => (gap.from === 'end' ? ended : begun).has(gap.step));
    });
  }

  /** Nothing follows it, and it waits for the table: a rest, a hold, what soaks on. */
  keepsToTable({ id, verb, elastic }: PlannedStep): boolean {
    return this.followers(id).length === 0 && (elastic || KEEPS.has(verb));
  }

  /** What is still going on. */
  goingOn({ begun, ended }: RunState): PlannedStep[] {
    return [...this.planned.values()].filter(({ id }) => begun.has(id) && !ended.has(id));
  }

  /**
   * Its end is a moment of its own, and not merely the beginning of what follows: nothing with hands
   * follows it at once.
   */
  endIsSeen(planned: PlannedStep, { begun }: RunState): boolean {
    if (this.keepsToTable(planned)) return false;
    const next = this.followers(planned.id).filter(({ id }) => !begun.has(id));
    return !next.some(
      (one) => hasOwnHands(this.step(one.id), one) && one.startMin - planned.endMin <= AT_ONCE_MIN,
    );
  }
}

/** The cook's hands are wanted when it begins, or it has to be switched on. */
function hasOwnHands(step: Step | undefined, planned: PlannedStep): boolean {
  if (SWITCHED_ON.has(planned.verb)) return true;
  return (step?.hands ?? []).some(({ when }) => when === 'start' || when === 'all');
}

function beginCall(planned: PlannedStep, chain: ChainOfPlan, state: RunState): Call {
  const step = chain.step(planned.id);
  const first = step?.hands.find(({ when }) => when === 'start' || when === 'all');
  const hands = planned.hands.find(({ startMin }) => startMin === planned.startMin);
  const before = chain.goingOnBefore(planned, state);
  const leaving = before.find((one) => isFirePlace(one.place.kind));
  const done = leaving && chain.step(leaving.id);
  return {
    key: `begin ${planned.id}`,
    kind: 'begin',
    step: planned,
    ends: before,
    thenBegins: [],
    atMin: beginsAtMin(planned, before, chain),
    handsMin: hands ? hands.endMin - hands.startMin : 0,
    what: first?.what ?? planned.label,
    ...(done && doneOf(done)),
    who: hands?.who,
  };
}

/** With the end of what it follows at once, when that is to be seen; else when the plan has it. */
function beginsAtMin(
  { startMin }: PlannedStep,
  before: readonly PlannedStep[],
  chain: ChainOfPlan,
): number {
  const lastEnd = Math.max(...before.map(({ endMin }) => endMin));
  const timed = before.filter((one) => chain.isTimed(one));
  if (timed.length === 0 || startMin - lastEnd > AT_ONCE_MIN) return startMin;
  return Math.min(startMin, Math.max(...timed.map((one) => chain.dueMin(one))));
}

/** The next time it wants looking after, counted from the last. */
function tendCalls(planned: PlannedStep, step: Step, state: RunState, nowMin: number): Call[] {
  const begun = state.begun.get(planned.id) ?? planned.startMin;
  return step.hands.flatMap((hands): Call[] => {
    if (hands.when !== 'every') return [];
    const tended = state.tended.get(planned.id);
    const firstMin = begun + (hands.firstMin ?? hands.everyMin);
    // Whatever was done last, none comes before its own first time: turned at two hours, tried at four.
    const atMin = Math.round(
      tended === undefined ? firstMin : Math.max(firstMin, tended + hands.everyMin),
    );
    if (Math.max(atMin, nowMin) + hands.minutes + LAST_TEND_MIN > planned.endMin) return [];
    return [
      {
        key: `tend ${planned.id} ${atMin}`,
        kind: 'tend',
        step: planned,
        ends: [],
        thenBegins: [],
        atMin,
        handsMin: hands.minutes,
        what: hands.what,
      },
    ];
  });
}

function endCall(planned: PlannedStep, step: Step, chain: ChainOfPlan, state: RunState): Call {
  const all = step.hands.find(({ when }) => when === 'all');
  const last = all ?? step.hands.find(({ when }) => when === 'end');
  const then = chain.begunBy(planned, state);
  const handsMin = last && 'minutes' in last ? last.minutes : 0;
  return {
    key: `end ${planned.id}`,
    kind: 'end',
    step: planned,
    ends: [],
    thenBegins: then,
    atMin: chain.dueMin(planned) - handsMin,
    handsMin,
    what: last?.what ?? '',
    inHand: all !== undefined && planned.hands.every(({ who }) => who === undefined),
    ...doneOf(step),
  };
}

function doneOf({ doneWhen, time }: Step): Pick<Call, 'doneText' | 'doneC' | 'otherwise'> {
  const untilC = time.kind === 'heat' && 'coreC' in time.until ? time.until.coreC : undefined;
  return {
    doneText: doneWhen?.text,
    doneC: doneWhen?.coreC ?? untilC,
    otherwise: doneWhen?.otherwise,
  };
}
