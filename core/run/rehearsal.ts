import { MINUTES_PER_DAY } from '../figures/index.ts';
import { liveMembersOf, type Band, type LiveMembers } from '../heat/index.ts';
import { isElastic, servingMin, type Dish, type Meal, type Step } from '../meal/index.ts';
import { plan as planMeal, type Compromise } from '../plan/index.ts';
import type { SafetyFinding } from '../safety/index.ts';
import { callsOfRun, deedsOf, readyToServe, type Call } from './calls.ts';
import { eventsOf, type Deed } from './event.ts';
import { planOn, waysOutOf, type PlannedOn } from './plan-on.ts';
import { probedCook, probeForecast } from './probe-forecast.ts';
import { beginRun, type Run } from './begin-run.ts';
import type { HiddenKitchen } from './simulated-cook.ts';
import { SimulatedKitchen } from './simulated-kitchen.ts';
import { unmeasuredOf } from './unmeasured.ts';
import { foldRun, type RunState } from './state.ts';
import { guestsLate, longestOnFire, mishapsOf, type Mishap, type Trouble } from './troubles.ts';

export interface RehearsalOptions {
  readonly nowMin: number;
  readonly seed?: number;
  readonly troubles?: readonly Trouble[];
  /** What is always so in this kitchen, whatever the evening. */
  readonly hidden?: HiddenKitchen;
}

/** How a rehearsed run went. All times in epoch minutes. */
export interface Rehearsal {
  readonly run: Run;
  /** When the table was set for in the end, guests that came late and all. */
  readonly wantedMin: number;
  /** Undefined where it was given up. */
  readonly servedMin?: number | undefined;
  /** How many times something was moved. */
  readonly moved: number;
  readonly compromises: readonly Compromise[];
  readonly stops: readonly SafetyFinding[];
  readonly onTimeToldAt: ReadonlyArray<{ readonly atMin: number; readonly onTime: number }>;
}

/** A probe is looked at so often while something is cooked to a core, minutes. */
const PROBE_EVERY_MIN = 10;
/** A probe that slipped is found after so long. */
const SLIPPED_MIN = 40;
const SLIPS_BY_C = 25;
/** A step that is missed is missed by so long. */
const MISSED_MIN = 20;
/** Fewer members than on screen: a rehearsal asks often. */
const MEMBERS = 60;
/** Given up this long after the table was set for. */
const GIVEN_UP_MIN = 6 * 60;
/** However often it is put off. */
const LONGEST_MIN = 4 * MINUTES_PER_DAY;

/** A stall makes the longest cook so many times as long. */
const STALLED = 1.2;
/** Later than this, and the guests are told a later time. */
const TOLD_GUESTS_MIN = 5;
/** The chance is told so often. */
const TOLD_EVERY_MIN = 30;

/** So near to its real end a cook sees that something is done. */
const SEEN_DONE_MIN = 0.5;

/**
 * Plays a whole run: the cook does what is said, as long as it really takes in a kitchen nobody
 * knows, and tells what happened; the plan is made on after every word.
 */
export function rehearse(meal: Meal, options: RehearsalOptions): Rehearsal {
  const player = new Player(meal, options);
  while (!player.over) player.goOn();
  return player.result();
}

class Player {
  private run: Run;
  private state: RunState;
  private nowMin: number;
  private last: PlannedOn | undefined;
  private moved = 0;
  private saidLateMin = -Infinity;
  private lookedMin = -Infinity;
  /** When the table was first set for. */
  private readonly askedMin: number;
  private missed = 0;
  private readonly kitchen: SimulatedKitchen;
  private readonly troubles: ReadonlySet<Trouble>;
  private mishaps: readonly Mishap[];
  private readonly chances: { atMin: number; onTime: number }[] = [];
  private readonly members = new Map<string, LiveMembers>();
  private readonly misses: ReadonlySet<string>;

  constructor(meal: Meal, { nowMin, seed = 1, troubles = [], hidden }: RehearsalOptions) {
    this.nowMin = nowMin;
    this.askedMin = servingMin(meal);
    this.run = beginRun(meal, `rehearsal-${seed}`, nowMin);
    this.state = foldRun(this.run);
    this.troubles = new Set(troubles);
    const first = planMeal(meal, meal.kitchen, nowMin, { rescues: false });
    const longest = longestOnFire(first);
    const stalls = this.troubles.has('stall') && longest ? [[longest.id, STALLED] as const] : [];
    this.kitchen = new SimulatedKitchen(seed, new Map(stalls), hidden);
    this.mishaps = mishapsOf(this.troubles, meal, first);
    const handsOn = callsOfRun(this.state, first).filter(
      ({ kind, handsMin, atMin }) =>
        kind === 'begin' && handsMin > 0 && atMin > first.servingMin - 180,
    );
    const one = handsOn[Math.floor(handsOn.length / 2)];
    this.misses = new Set(this.troubles.has('missed-step') && one ? [one.key] : []);
  }

  get over(): boolean {
    const wished = Math.max(this.askedMin, this.last?.wishedMin ?? 0);
    const tooLong = this.nowMin > Math.min(wished, this.askedMin + LONGEST_MIN) + GIVEN_UP_MIN;
    return this.state.servedMin !== undefined || tooLong;
  }

  /** One moment: something is done, or the clock goes on to where something is to be done. */
  goOn(): void {
    const mishap = this.mishaps[0];
    if (mishap && mishap.atMin <= this.nowMin) {
      this.mishaps = this.mishaps.slice(1);
      this.say(mishap.deeds(this.state.meal));
      return;
    }
    this.readProbes();
    const { plan, due: seenAt, lateMin, early } = this.planned();
    if (early && this.keepHot()) return;
    if (lateMin > TOLD_GUESTS_MIN && this.nowMin > this.saidLateMin)
      return this.serveLater(lateMin);
    const calls = callsOfRun(this.state, plan, seenAt);
    const due = calls.find((call) => this.isDue(call) && this.ready(call));
    if (due) return this.perform(due);
    const next = calls.find((call) => this.ready(call))?.atMin ?? this.nowMin + 1;
    const probed = this.probedSteps().length > 0 ? this.nowMin + PROBE_EVERY_MIN : Infinity;
    this.nowMin = Math.max(
      Math.floor(this.nowMin) + 1,
      Math.min(next, probed, mishap?.atMin ?? Infinity),
    );
  }

  result(): Rehearsal {
    const { plan, wishedMin } = this.planned();
    return {
      run: this.run,
      wantedMin: wishedMin,
      servedMin: this.state.servedMin,
      moved: this.moved,
      compromises: plan.compromises,
      stops: plan.findings.filter(
        ({ level, overruled }) => level === 'stop' && overruled === undefined,
      ),
      onTimeToldAt: this.chances,
    };
  }

  /** What is done early is kept hot as the first way says, looked for now and then. */
  private keepHot(): boolean {
    if (this.nowMin < this.lookedMin + TOLD_EVERY_MIN) return false;
    this.lookedMin = this.nowMin;
    const previous = this.last?.plan;
    const [way] = waysOutOf(this.state, Math.floor(this.nowMin), { previous });
    if (!way) return false;
    this.say([{ did: 'changed', commands: [...way.changes], why: 'keep it hot' }]);
    return true;
  }

  /** The guests are told a later time, as the first way out says. */
  private serveLater(lateMin: number): void {
    this.saidLateMin = this.nowMin;
    this.say(guestsLate(this.state.meal, lateMin));
  }

  /** Its time has come; or it is over, and the cook, who stood by, knows. */
  private isDue({ atMin, kind, step }: Call): boolean {
    if (atMin <= this.nowMin) return true;
    const found = kind === 'end' && step ? this.find(step.id) : undefined;
    const byHand = found?.step.hands.some(({ when }) => when === 'all') === true;
    return byHand && found !== undefined && this.isDone(found.dish, found.step);
  }

  private ready(call: Call): boolean {
    const { plan } = this.last ?? this.planned();
    return (
      call.kind !== 'serve' ||
      readyToServe(
        this.state,
        plan,
        call.dishes?.map(({ id }) => id),
      )
    );
  }

  private perform(call: Call): void {
    const { step, kind } = call;
    if (kind === 'begin' && this.misses.has(call.key) && this.missed++ === 0) {
      this.nowMin += MISSED_MIN;
      return;
    }
    const found = step && this.find(step.id);
    if (kind === 'end' && found && !this.isDone(found.dish, found.step)) return this.notYet(found);
    if (kind === 'serve') this.measure();
    this.say(deedsOf(call));
    if (call.who !== undefined || kind === 'serve' || kind === 'end') return;
    const all = found?.step.hands.some(({ when }) => when === 'all') === true;
    const usual = call.handsMin;
    const minutes =
      all && found && kind === 'begin'
        ? this.kitchen.lengthOf(this.state.meal, found.dish, found.step)
        : this.kitchen.handsOf(call.key, usual);
    this.nowMin += minutes;
  }

  private isDone(dish: Dish, step: Step): boolean {
    const begun = this.state.begun.get(step.id) ?? this.nowMin;
    // A soak is over when it is to be over.
    if (isElastic(step.time)) return true;
    const length = this.kitchen.lengthOf(this.state.meal, dish, step) + this.fireOutOf(step);
    return this.nowMin >= begun + length - SEEN_DONE_MIN;
  }

  /** Looked at, and not done: the cook guesses how much longer. */
  private notYet({ dish, step }: { dish: Dish; step: Step }): void {
    const begun = this.state.begun.get(step.id) ?? this.nowMin;
    const length = this.kitchen.lengthOf(this.state.meal, dish, step) + this.fireOutOf(step);
    const left = begun + length - this.nowMin;
    const guess = this.kitchen.handsOf(`guess ${step.id} ${Math.round(this.nowMin)}`, left);
    this.say([{ did: 'longer', step: step.id, minutes: Math.max(1, Math.ceil(guess)) }]);
  }

  /** What was not measured on the fire is measured now, and said as it is where it is too little. */
  private measure(): void {
    for (const { step: id, food, leastC } of unmeasuredOf(this.state)) {
      const found = this.find(id);
      const begun = this.state.begun.get(id) ?? this.nowMin;
      const ended = this.state.ended.get(id) ?? this.nowMin;
      const timed = found?.step.time.kind === 'heat';
      const coreC =
        found && timed
          ? this.kitchen.readAt(this.state.meal, found.dish, found.step, ended - begun).coreC
          : leastC;
      const words = coreC < leastC ? { words: 'as the cook wants it' } : {};
      this.say([{ did: 'confirmed', step: id, food: food.id, coreC, ...words }]);
    }
  }

  /** Minutes without a fire while it lay over it. */
  private fireOutOf(step: Step): number {
    const begun = this.state.begun.get(step.id) ?? Infinity;
    const ended = this.state.ended.get(step.id) ?? Infinity;
    return this.state.events.reduce((sum, event) => {
      if (event.did !== 'fireOut' || event.atMin < begun || event.atMin > ended) return sum;
      const kind = this.state.meal.kitchen.appliances.find(
        ({ id }) => id === event.appliance,
      )?.kind;
      return kind === step.place.kind ? sum + event.minutes : sum;
    }, 0);
  }

  private find(id: string): { dish: Dish; step: Step } | undefined {
    for (const dish of this.state.meal.dishes) {
      const step = dish.steps.find((one) => one.id === id);
      if (step) return { dish, step };
    }
    return undefined;
  }

  private say(deeds: readonly Deed[]): void {
    const fresh = eventsOf(deeds, this.run.events, { by: 'cook', atMin: this.nowMin });
    this.run = { ...this.run, events: [...this.run.events, ...fresh] };
    this.state = foldRun(this.run);
  }

  private probedSteps(): Array<{ dish: Dish; step: Step }> {
    return this.state.meal.dishes.flatMap((dish) =>
      dish.steps.flatMap((step) => {
        const going = this.state.begun.has(step.id) && !this.state.ended.has(step.id);
        const core = step.time.kind === 'heat' && 'coreC' in step.time.until;
        return going && core ? [{ dish, step }] : [];
      }),
    );
  }

  /** A probe for each: put in when it begins, read every so often. */
  private readProbes(): void {
    for (const { dish, step } of this.probedSteps()) {
      const probe = dish.id;
      if (this.state.probes.get(probe) !== step.id)
        this.say([{ did: 'probed', probe, step: step.id }]);
      const last = this.state.readings.get(probe)?.at(-1)?.minute ?? -Infinity;
      if (this.nowMin - last < PROBE_EVERY_MIN) continue;
      const begun = this.state.begun.get(step.id) ?? this.nowMin;
      const minute = Math.max(0, this.nowMin - begun - this.fireOutOf(step));
      const read = this.kitchen.readAt(this.state.meal, dish, step, minute);
      const coreC = read.coreC + this.slippedC(step, minute);
      const { cookerC } = read;
      this.say([{ did: 'read', probe, coreC, ...(cookerC !== undefined && { cookerC }) }]);
    }
  }

  private slippedC({ id }: Step, minute: number): number {
    if (!this.troubles.has('slipped-probe')) return 0;
    const first = longestOnFire(this.last?.plan ?? { steps: [] });
    const slipped = first?.id === id && minute > SLIPPED_MIN && minute < 2 * SLIPPED_MIN;
    return slipped ? SLIPS_BY_C : 0;
  }

  private planned(): PlannedOn {
    const nowMin = Math.floor(this.nowMin);
    const probed = new Map<string, Band>();
    for (const { step } of this.probedSteps()) {
      const cook = probedCook(this.state, step.id);
      if (!cook) continue;
      const forecast = probeForecast(this.state, cook, this.membersOf(cook.spec), this.nowMin);
      probed.set(step.id, forecast.readyInMin);
    }
    const made = planOn(this.state, nowMin, { previous: this.last?.plan, probed });
    this.moved += made.moved.length > 0 ? 1 : 0;
    const told = this.chances.at(-1);
    const onTime = made.lateMin > 0 ? 0 : made.plan.onTime;
    if (!told || nowMin - told.atMin >= TOLD_EVERY_MIN)
      this.chances.push({ atMin: nowMin, onTime });
    this.last = made;
    return made;
  }

  private membersOf(spec: Parameters<typeof liveMembersOf>[0]): LiveMembers {
    const key = JSON.stringify(spec);
    const known = this.members.get(key);
    if (known) return known;
    const work = liveMembersOf(spec, MEMBERS);
    for (;;) {
      const { done, value } = work.next();
      if (done !== true) continue;
      this.members.set(key, value);
      return value;
    }
  }
}
