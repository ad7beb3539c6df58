import {
  TAP_WATER_C,
  COOLING_LEAST_SHARE,
  COOLING_MOST_SHARE,
  RISES_LEAST_SHARE,
  RISES_LONGEST_SHARE,
} from '../../figures/index.ts';
import { placeOfCooker } from '../../places/index.ts';
import {
  panFit,
  type PanFit,
  conditionsOf,
  coolingOfBatch,
  foodOf,
  heatOfStep,
  settleFood,
  soakWindowOf,
  type Dish,
  type Meal,
  type Place,
  type Step,
} from '../../meal/index.ts';
import {
  boilingMinutes,
  readyingMinutes,
  reducingMinutes,
  riseOf,
  type Band,
} from '../../heat/index.ts';
import { epochMinOfIso } from '../../time/index.ts';
import type { Message } from '../../words/index.ts';

/** A length of time: a likely one between two unlikely ones, or an open window. */
export interface DurationEstimate {
  /** Ranged: shorter one time in ten. Elastic: the least it needs. */
  readonly leastMin: number;
  /** Ranged: as often longer as shorter. Elastic: the best. */
  readonly likelyMin: number;
  /** Ranged: longer one time in ten. Elastic: the longest it may be. */
  readonly mostMin: number;
}

/** A step with its time, hands and place settled for this meal. */
export interface ExpandedStep {
  readonly index: number;
  readonly step: Step;
  readonly dish: Dish;
  readonly duration: DurationEstimate;
  /** Its length is ours to choose within the window; otherwise the food decides. */
  readonly elastic: boolean;
  /** What sets the longest of a soak. */
  readonly limitedBy?: Message | undefined;
  readonly hands: readonly ExpandedHands[];
  readonly place: Place;
  /** Where heat decides: whether this fire ever brings it there. */
  readonly reached?: boolean | undefined;
  /** "3 rounds of 6", where it goes in rounds. */
  readonly rounds?: number | undefined;
  /** How it lies in the pan, where it has to be cut or goes in rounds. */
  readonly fit?: Message | undefined;
  readonly begunMin?: number | undefined;
  readonly endedMin?: number | undefined;
  /** Begun, or something that follows it has. */
  readonly past: boolean;
  readonly pinnedMin?: number | undefined;
}

/** A piece of hands-on work within a step. */
export interface ExpandedHands {
  readonly where: 'start' | 'end' | 'tend';
  readonly minutes: number;
  readonly what: string;
  /** For tending: which pulse, from 1, and how long from one to the next. */
  readonly pulse?: number;
  readonly everyMin?: number;
}

/** The steps of all dishes, in the order of the file. */
export function expandMeal(meal: Meal, servingMin: number): ExpandedStep[] {
  const all = meal.dishes.flatMap((dish) => dish.steps.map((step) => ({ dish, step })));
  const past = pastSteps(all.map(({ step }) => step));
  return all.map(({ dish, step }, index) => {
    const time = durationOf(step, dish, meal);
    return {
      index,
      step,
      dish,
      ...time,
      hands: handsOf(step, time.duration, time.elastic),
      place: placeOfStep(step, meal),
      begunMin:
        step.begunAt === undefined ? undefined : epochMinOfIso(step.begunAt, meal.serving.zone),
      endedMin:
        step.endedAt === undefined ? undefined : epochMinOfIso(step.endedAt, meal.serving.zone),
      past: past.has(step.id),
      pinnedMin:
        step.pinnedBeforeServeMin === undefined
          ? undefined
          : servingMin - step.pinnedBeforeServeMin,
    };
  });
}

/** Where a step is: in the appliance its cooker is, where the kitchen has one. */
function placeOfStep({ place, time }: Step, { kitchen }: Meal): Place {
  if (time.kind !== 'heat' || time.cooker === undefined) return place;
  const { own } = placeOfCooker(time.cooker);
  const has = own !== place.kind && kitchen.appliances.some(({ kind }) => kind === own);
  return has ? { ...place, kind: own } : place;
}

function pastSteps(steps: readonly Step[]): Set<string> {
  const byId = new Map(steps.map((step) => [step.id, step]));
  const past = new Set<string>();
  const mark = (id: string) => {
    const step = byId.get(id);
    if (!step || past.has(id)) return;
    past.add(id);
    step.after.forEach((gap) => mark(gap.step));
  };
  steps.filter((step) => step.begunAt !== undefined).forEach((step) => mark(step.id));
  return past;
}

type SettledTime = Pick<
  ExpandedStep,
  'duration' | 'elastic' | 'limitedBy' | 'rounds' | 'reached' | 'fit'
>;

function durationOf(step: Step, dish: Dish, meal: Meal): SettledTime {
  const { time } = step;
  switch (time.kind) {
    case 'fixed':
      return { duration: estimate(time.minutes, time.minutes, time.minutes), elastic: false };
    case 'range':
      return { duration: estimate(time.leastMin, time.likelyMin, time.mostMin), elastic: false };
    case 'elastic':
      return {
        duration: estimate(time.leastMin, time.bestMin, time.longestMin),
        elastic: true,
        limitedBy:
          time.limitedBy === undefined
            ? undefined
            : { key: 'window.own', values: { text: time.limitedBy } },
      };
    case 'soak': {
      const mixture = mixtureOf(dish, time.mixture);
      const window = soakWindowOf(meal, dish, mixture);
      if (!window) throw new RangeError(`mixture “${time.mixture}” does not soak`);
      return {
        duration: estimate(window.leastMin, window.bestMin, window.longestMin),
        elastic: true,
        limitedBy: window.limitedBy,
      };
    }
    case 'cooling': {
      const { fridgeMin } = coolingOfBatch(meal, dish, mixtureOf(dish, time.mixture));
      const minutes = (share: number) => Math.round(fridgeMin * share);
      return {
        duration: estimate(minutes(COOLING_LEAST_SHARE), minutes(1), minutes(COOLING_MOST_SHARE)),
        elastic: false,
      };
    }
    case 'perWeight': {
      const kg = settleFood(meal, dish, foodOf(dish, time.food)).weightG / 1000;
      const minutes = (perKg: number) => Math.round(perKg * kg) + time.plusMin;
      return {
        duration: estimate(
          minutes(time.leastMinPerKg),
          minutes(time.likelyMinPerKg),
          minutes(time.mostMinPerKg),
        ),
        elastic: false,
      };
    }
    case 'heat': {
      const { minutes, reached } = heatOfStep(meal, dish, step);
      const fit = panFit(meal, dish, step);
      const rounds = fit?.rounds ?? 1;
      const { least, likely, most } = minutes;
      return {
        duration: whole({ least: rounds * least, likely: rounds * likely, most: rounds * most }),
        elastic: false,
        reached,
        ...(rounds > 1 && { rounds }),
        fit: fit && fitMessage(fit, foodOf(dish, time.food).name),
      };
    }
    case 'rising':
    case 'leavening': {
      const { likely } = riseOf(time, step.place.tempC ?? 22);
      const [least, longest] = [likely * RISES_LEAST_SHARE, likely * RISES_LONGEST_SHARE];
      return {
        duration: whole({ least, likely, most: longest }),
        elastic: true,
        limitedBy: { key: 'window.risen' },
      };
    }
    case 'reducing': {
      const lostMl = time.ml * (1 - time.toShare);
      const minutes = reducingMinutes(lostMl, time, conditionsOf(meal.kitchen));
      return { duration: whole(minutes), elastic: false };
    }
    case 'readying':
      return { duration: whole(readyingMinutes(time.what)), elastic: false };
    case 'boiling': {
      const minutes = boilingMinutes(time.ml, TAP_WATER_C, time.ringW, conditionsOf(meal.kitchen));
      return { duration: whole(minutes), elastic: false };
    }
    case 'batches': {
      const settled = settleFood(meal, dish, foodOf(dish, time.food));
      const rounds = Math.max(1, Math.ceil((settled.pieces ?? 1) / time.perBatch));
      return {
        duration: estimate(rounds * time.leastMin, rounds * time.likelyMin, rounds * time.mostMin),
        elastic: false,
        rounds,
      };
    }
  }
}

function fitMessage(
  { panCm, cutInto, perRound, rounds }: PanFit,
  food: string,
): Message | undefined {
  const values = {
    food,
    count: String(cutInto),
    cm: String(panCm),
    each: String(perRound),
    rounds: String(rounds),
  };
  if (cutInto > 1) return { key: rounds > 1 ? 'pan.cutRounds' : 'pan.cut', values };
  return rounds > 1 ? { key: 'pan.rounds', values } : undefined;
}

function whole({ least, likely, most }: Band): DurationEstimate {
  return estimate(Math.round(least), Math.max(1, Math.round(likely)), Math.ceil(most));
}

function mixtureOf(dish: Dish, id: string): Dish['mixtures'][number] {
  const solution = dish.mixtures.find((mixture) => mixture.id === id);
  if (!solution) throw new RangeError(`no mixture “${id}” in dish “${dish.id}”`);
  return solution;
}

function estimate(leastMin: number, likelyMin: number, mostMin: number): DurationEstimate {
  return { leastMin, likelyMin, mostMin };
}

function handsOf(step: Step, span: DurationEstimate, elastic: boolean): ExpandedHands[] {
  const longest = elastic ? span.leastMin : span.likelyMin;
  return step.hands
    .flatMap((hands): ExpandedHands[] => {
      switch (hands.when) {
        case 'all':
          return [{ where: 'start', minutes: longest, what: hands.what }];
        case 'start':
        case 'end':
          return [
            { where: hands.when, minutes: Math.min(hands.minutes, longest), what: hands.what },
          ];
        case 'every': {
          // A round that would fall on the very end is the next step's business.
          const count = Math.max(0, Math.ceil((longest - hands.minutes) / hands.everyMin) - 1);
          return Array.from({ length: count }, (_unused, i) => ({
            where: 'tend' as const,
            minutes: hands.minutes,
            what: hands.what,
            pulse: i + 1,
            everyMin: hands.everyMin,
          }));
        }
      }
    })
    .filter((hands) => hands.minutes > 0);
}
