import { applyCommand, type Meal } from '../meal/index.ts';
import type { ProbeReading } from '../heat/index.ts';
import { withoutSteps } from '../meal/index.ts';
import type { Happening, RunEvent } from './event.ts';
import type { Run } from './begin-run.ts';

/** A timer of the cook's own. */
export interface RunTimer {
  readonly id: string;
  readonly label: string;
  readonly fromMin: number;
  readonly untilMin: number;
}

/** The cook's last word on how long something goes on. */
export interface StillLasts {
  readonly saidMin: number;
  readonly minutes: number;
}

/** What was said of a core before it is eaten. */
export interface Confirmation {
  readonly atMin: number;
  /** Left out: of all that the step works on. */
  readonly food?: string | undefined;
  readonly coreC?: number | undefined;
  readonly words?: string | undefined;
}

/** Where a run stands: the fold of its events. All times in epoch minutes. */
export interface RunState {
  /** The meal with everything that was changed; what is skipped is out of its chains. */
  readonly meal: Meal;
  readonly begun: ReadonlyMap<string, number>;
  readonly ended: ReadonlyMap<string, number>;
  /** When each step was last looked after. */
  readonly tended: ReadonlyMap<string, number>;
  readonly stillLasts: ReadonlyMap<string, StillLasts>;
  /** Minutes without a fire, by what lay over it. */
  readonly withoutFireMin: ReadonlyMap<string, number>;
  readonly skipped: ReadonlySet<string>;
  readonly timers: readonly RunTimer[];
  /** By probe: the step whose food it is in. */
  readonly probes: ReadonlyMap<string, string>;
  /** By probe: the food it is in, where that was said. */
  readonly probedFood: ReadonlyMap<string, string>;
  /** By probe, in the order they came; the minute is an epoch minute. */
  readonly readings: ReadonlyMap<string, readonly ProbeReading[]>;
  /** By step, in the order they were said. */
  readonly confirmed: ReadonlyMap<string, readonly Confirmation[]>;
  /** When each dish of a first serving was on the table. */
  readonly dishServed: ReadonlyMap<string, number>;
  readonly servedMin?: number | undefined;
  /** What happened and still holds, the undone and their undoing left out. */
  readonly events: readonly Happening[];
}

/** What is in a state while it is folded. */
interface Folding {
  meal: Meal;
  begun: Map<string, number>;
  ended: Map<string, number>;
  tended: Map<string, number>;
  stillLasts: Map<string, StillLasts>;
  withoutFireMin: Map<string, number>;
  skipped: Set<string>;
  timers: RunTimer[];
  probes: Map<string, string>;
  probedFood: Map<string, string>;
  readings: Map<string, ProbeReading[]>;
  confirmed: Map<string, Confirmation[]>;
  dishServed: Map<string, number>;
  servedMin?: number | undefined;
}

/**
 * The state of a run now, or as it was at any moment before.
 *
 * @param untilMin epoch minutes; events after it are left out
 */
export function foldRun({ meal, events }: Run, untilMin = Infinity): RunState {
  const holding = standing(events.filter(({ atMin }) => atMin <= untilMin));
  const state: Folding = {
    meal,
    begun: new Map(),
    ended: new Map(),
    tended: new Map(),
    stillLasts: new Map(),
    withoutFireMin: new Map(),
    skipped: new Set(),
    timers: [],
    probes: new Map(),
    probedFood: new Map(),
    readings: new Map(),
    confirmed: new Map(),
    dishServed: new Map(),
  };
  for (const one of holding) apply(state, one);
  const happened = holding.filter((one) => one.did !== 'planned');
  return { ...state, meal: withoutSkipped(state), events: happened };
}

/** The events no later event takes back; an undoing may itself be undone. */
export function standing(events: readonly RunEvent[]): RunEvent[] {
  const gone = new Set<string>();
  for (const one of events.toReversed()) {
    if (one.did === 'undone' && !gone.has(one.id)) gone.add(one.event);
  }
  return events.filter(({ id, did }) => did !== 'undone' && !gone.has(id));
}

function apply(state: Folding, event: RunEvent): void {
  const { atMin } = event;
  switch (event.did) {
    case 'started':
      if (!state.begun.has(event.step)) state.begun.set(event.step, atMin);
      return;
    case 'done':
      if (!state.begun.has(event.step)) state.begun.set(event.step, atMin);
      if (!state.ended.has(event.step)) state.ended.set(event.step, atMin);
      return;
    case 'toldTimes':
      if (event.endedMin < event.begunMin) return;
      state.begun.set(event.step, event.begunMin);
      state.ended.set(event.step, event.endedMin);
      return;
    case 'tended':
      state.tended.set(event.step, atMin);
      return;
    case 'longer':
      state.stillLasts.set(event.step, { saidMin: atMin, minutes: event.minutes });
      return;
    case 'skipped':
      state.skipped.add(event.step);
      return;
    case 'timed': {
      const { timer, label, minutes } = event;
      const others = state.timers.filter(({ id }) => id !== timer);
      state.timers = [...others, { id: timer, label, fromMin: atMin, untilMin: atMin + minutes }];
      return;
    }
    case 'timerEnded':
      state.timers = state.timers.filter(({ id }) => id !== event.timer);
      return;
    case 'read': {
      const coreC = event.coreC ?? NaN;
      const minute = event.readMin ?? atMin;
      const reading = { minute, probe: event.probe, coreC, cookerC: event.cookerC };
      const before = state.readings.get(event.probe) ?? [];
      state.readings.set(event.probe, [...before, reading]);
      return;
    }
    case 'probed':
      if (event.step === undefined) state.probes.delete(event.probe);
      else state.probes.set(event.probe, event.step);
      if (event.food === undefined) state.probedFood.delete(event.probe);
      else state.probedFood.set(event.probe, event.food);
      return;
    case 'changed':
      state.meal = event.commands.reduce(applyCommand, state.meal);
      return;
    case 'fireOut':
      waitForFire(state, event.appliance, event.minutes);
      return;
    case 'confirmed': {
      const { step, food, coreC, words } = event;
      const before = state.confirmed.get(step) ?? [];
      state.confirmed.set(step, [...before, { atMin, food, coreC, words }]);
      return;
    }
    case 'dishServed':
      state.dishServed.set(event.dish, atMin);
      return;
    case 'served':
      state.servedMin = atMin;
      return;
    case 'tasted':
    case 'weighed':
    case 'frozen':
    case 'noted':
    case 'pictured':
    case 'undone':
    case 'planned':
      return;
  }
}

/** What lies over a fire that went out goes on so much longer; so does what the cook said of it. */
function waitForFire(state: Folding, appliance: string, minutes: number): void {
  const kind = state.meal.kitchen.appliances.find(({ id }) => id === appliance)?.kind;
  for (const { id, place } of state.meal.dishes.flatMap(({ steps }) => steps)) {
    if (place.kind !== kind || !state.begun.has(id) || state.ended.has(id)) continue;
    const said = state.stillLasts.get(id);
    if (said) state.stillLasts.set(id, { ...said, minutes: said.minutes + minutes });
    state.withoutFireMin.set(id, (state.withoutFireMin.get(id) ?? 0) + minutes);
  }
}

/** What was skipped before it began is no part of its chain any more. */
function withoutSkipped({ meal, skipped, begun }: Folding): Meal {
  const out = new Set([...skipped].filter((id) => !begun.has(id)));
  if (out.size === 0) return meal;
  return {
    ...meal,
    dishes: meal.dishes.map((dish) => ({ ...dish, steps: withoutSteps(dish.steps, out) })),
  };
}
