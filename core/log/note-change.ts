import { leastCoreC } from '../safety/index.ts';
import { FIRE_VERBS, type Verb } from '../terms/index.ts';
import { cutOf, settledTime, stepFactsOf, type Dish, type Meal, type Step } from '../meal/index.ts';
import type { RunState } from '../run/index.ts';
import { amountChange, tasteChange } from './amount-change.ts';
import type { Change } from './proposal.ts';
import type { Doneness, Remark, Understood, Way } from './remarks.ts';
import { minutesChange, timesChange } from './time-change.ts';

/** What a note was said about. */
export interface NoteContext {
  readonly meal: Meal;
  readonly dish: Dish;
  /** The step it was said at, where it was said at one. */
  readonly step: Step | undefined;
  readonly state: RunState;
}

/** Late or early without a figure: by so much. Our own figure, no source. */
const SOME_MIN = 10;
/** By so much hotter or cooler where the outside was not right, °C. Our own figure, no source. */
const COLOUR_C = 15;
/** By so much nearer or further at its middle, °C. Our own figure, no source. */
const DONE_C = 3;
const TENDER_TIMES: Readonly<Partial<Record<Doneness, number>>> = {
  tough: 1.15,
  raw: 1.15,
  dry: 0.9,
};
const PORTION: Readonly<Record<Way, number>> = { more: 1.15, less: 0.85 };
/** A carry-over that was foretold this well needs no change. */
const CARRY_NEAR_C = 1;

/** The change a note asks for; undefined where its dish has nothing it could be about. */
export function noteChange(at: NoteContext, { words, remark }: Understood): Change | undefined {
  const { meal, dish } = at;
  switch (remark.kind) {
    case 'amount':
      return amountChange(meal, dish, words, remark);
    case 'taste':
      return tasteChange(meal, dish, words, remark);
    case 'minutes': {
      const step = stepMeant(at, words);
      const minutes = remark.way === 'more' ? remark.minutes : -remark.minutes;
      return step && minutesChange(meal, dish, step, minutes);
    }
    case 'late':
      return earlier(at, remark.minutes ?? SOME_MIN);
    case 'early':
      return earlier(at, -(remark.minutes ?? SOME_MIN));
    case 'carryOver':
      return pullChange(at, remark.degrees);
    case 'done':
      return doneChange(at, remark);
    case 'portion':
      return portionChange(dish, PORTION[remark.way]);
  }
}

const WORDS_OF: ReadonlyArray<readonly [RegExp, readonly Verb[]]> = [
  [/\bsmok/, ['smoke']],
  [/\b(roast|oven)/, ['roast', 'bake']],
  [/\bbak(e|ing)/, ['bake']],
  [/\bbrais/, ['braise']],
  [/\bsimmer/, ['simmer']],
  [/\bboil/, ['boil']],
  [/\bgrill|barbecue/, ['grill']],
  [/\b(fry|fried|frying|pan)\b/, ['fry', 'sear', 'brown']],
  [/\bsear/, ['sear']],
  [/\bmarinat/, ['marinate']],
  [/\bbrin/, ['brine']],
  [/\brest/, ['rest']],
  [/\b(rise|rising|rose|proof|prove|proving|dough)/, ['rise']],
  [/\breduc/, ['reduce']],
  [/\b(chop|cut|prep|peel)/, ['prepare']],
  [/\bmix/, ['mix']],
];

/** The step a note names, or was said at; else the longest over a fire. */
function stepMeant({ meal, dish, step, state }: NoteContext, words: string): Step | undefined {
  const said = words.toLowerCase();
  const verbs = WORDS_OF.filter(([pattern]) => pattern.test(said)).flatMap(([, found]) => found);
  const length = (one: Step) =>
    settledTime(one.time, stepFactsOf(meal, dish, one)).duration.likelyMin;
  const longest = (steps: readonly Step[]) => [...steps].sort((a, b) => length(b) - length(a))[0];
  const named = longest(dish.steps.filter(({ verb }) => verbs.includes(verb)));
  if (named) return named;
  const here = dish.steps.find(({ id }) => id === step?.id);
  const timed = (one: Step) =>
    FIRE_VERBS.has(one.verb) && one.verb !== 'preheat' && one.verb !== 'light';
  if (here && timed(here)) return here;
  return longest(dish.steps.filter((one) => timed(one) && !state.skipped.has(one.id))) ?? here;
}

/** The last of a dish begins earlier, or later, than it did. */
function earlier({ dish, state }: NoteContext, minutes: number): Change | undefined {
  const last = dish.steps.findLast(({ id }) => state.begun.has(id)) ?? dish.steps.at(-1);
  const begun = last && state.begun.get(last.id);
  const { servedMin } = state;
  if (!last || begun === undefined || servedMin === undefined) return undefined;
  const before = Math.round(servedMin - begun + minutes);
  if (before <= 0) return undefined;
  const values = { label: last.label, minutes: { minutes: Math.abs(minutes) }, dish: dish.name };
  return {
    change: { key: minutes > 0 ? 'proposal.earlier' : 'proposal.later', values },
    commands: [{ do: 'pinStep', step: last.id, beforeServeMin: before }],
  };
}

/** The step that is ended by the middle of the food. */
function byCore({ dish, step }: NoteContext): { step: Step; coreC: number } | undefined {
  const cores = dish.steps.flatMap((one) =>
    one.time.kind === 'heat' && 'coreC' in one.time.until
      ? [{ step: one, coreC: one.time.until.coreC }]
      : [],
  );
  return cores.find((one) => one.step.id === step?.id) ?? cores.at(-1);
}

function coreChange(at: NoteContext, byC: number): Change | undefined {
  const found = byCore(at);
  if (!found || found.step.time.kind !== 'heat') return undefined;
  const { time, label, id } = found.step;
  const food = at.dish.foods.find((one) => one.id === time.food);
  const cut = food && cutOf(at.meal, food);
  const least = cut ? leastCoreC(cut) : undefined;
  const wanted = Math.round(found.coreC + byC);
  // No wish of the table takes it below what guidance asks, unless it was there before.
  const to =
    least !== undefined && wanted < least ? Math.min(found.coreC, least) : Math.min(wanted, 99);
  if (to === found.coreC) return undefined;
  return {
    change: {
      key: 'proposal.core',
      values: { label, from: { tempC: found.coreC }, to: { tempC: to } },
    },
    commands: [{ do: 'setStepTime', step: id, time: { ...time, until: { coreC: to } } }],
  };
}

/** It rose less, or more, after the fire than the pull was reckoned with. */
function pullChange(at: NoteContext, degrees: number): Change | undefined {
  const found = byCore(at);
  if (!found) return undefined;
  const expected = expectedCarryC(found.coreC);
  const off = expected - degrees;
  return Math.abs(off) < CARRY_NEAR_C ? undefined : coreChange(at, off);
}

/**
 * The carry-over a cook reckons with for a roast that is pulled at such a core. Common practice, no
 * source: what heat reckons for the piece itself stands in Heat.
 */
function expectedCarryC(coreC: number): number {
  return coreC < 70 ? 5 : 3;
}

function doneChange(
  at: NoteContext,
  { how }: Extract<Remark, { kind: 'done' }>,
): Change | undefined {
  if (how === 'burnt' || how === 'pale')
    return colourChange(at, how === 'pale' ? COLOUR_C : -COLOUR_C);
  const tender = at.dish.steps.findLast(
    ({ time }) => time.kind === 'heat' && 'tender' in time.until,
  );
  const times = TENDER_TIMES[how];
  if (tender && times !== undefined) return timesChange(at.meal, at.dish, tender, times);
  if (how === 'tough') return undefined;
  const core = coreChange(at, how === 'raw' ? DONE_C : -DONE_C);
  if (core) return core;
  const step = stepMeant(at, '');
  return times === undefined ? undefined : step && timesChange(at.meal, at.dish, step, times);
}

function colourChange({ dish, step }: NoteContext, byC: number): Change | undefined {
  const hot = dish.steps.filter(
    ({ verb, place }) => FIRE_VERBS.has(verb) && place.tempC !== undefined,
  );
  const found = hot.find(({ id }) => id === step?.id) ?? hot.at(-1);
  const from = found?.place.tempC;
  if (!found || from === undefined) return undefined;
  return {
    change: {
      key: 'proposal.heat',
      values: { label: found.label, from: { tempC: from }, to: { tempC: from + byC } },
    },
    commands: [
      { do: 'editStep', step: found.id, change: { place: { ...found.place, tempC: from + byC } } },
    ],
  };
}

function portionChange(dish: Dish, times: number): Change | undefined {
  const foods = dish.foods.filter(({ share }) => share.kind === 'weight');
  if (foods.length === 0) return undefined;
  return {
    change: {
      key: 'proposal.portion',
      values: { dish: dish.name, percent: Math.round(times * 100) },
    },
    commands: foods.flatMap((food) =>
      food.share.kind === 'weight'
        ? [
            {
              do: 'editFood' as const,
              dish: dish.id,
              food: food.id,
              change: { share: { ...food.share, rawG: Math.round(food.share.rawG * times) } },
            },
          ]
        : [],
    ),
  };
}
