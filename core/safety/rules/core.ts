import {
  CLOCK_DOUBT_C,
  CLOCK_RAW_C,
  NEVER_RARE_GAME,
  PIERCED_CORE_C,
  SEARED_RARE_C,
  WHOLE_CUT_REST_MIN,
} from '../figures/index.ts';
import {
  CORE_ROUNDING_C,
  MINCED_CORE_C,
  PORK_BY_CHOICE_C,
  POULTRY_BY_CHOICE,
  POULTRY_CORE_C,
  WHOLE_CUT_CORE_C,
} from '../figures/index.ts';
import type { Rule, SafetyFinding } from '../finding.ts';
import { isFreeOfParasites } from '../free-of-parasites.ts';
import { isTooCool, killsIn, killsOutright, leastFor } from '../kills.ts';
import {
  minutesOfSpan,
  rawFoods,
  type LedgerFire,
  type LedgerDish,
  type LedgerFood,
  type Ledger,
} from '../ledger.ts';

/**
 * Every food that was an animal meets a fire that cooks it through: the least core by food, or the
 * same safety by less heat for longer at its coldest point. Rarer is the cook's choice, and is said.
 */
export const core: Rule = {
  id: 'core',
  title: 'rule.core',
  source: 'source.fsisChart',
  figures: {
    key: 'figures.core',
    values: {
      poultry: { tempC: POULTRY_CORE_C },
      minced: { tempC: MINCED_CORE_C },
      whole: { tempC: WHOLE_CUT_CORE_C },
      pierced: { tempC: PIERCED_CORE_C },
    },
  },
  check: (meal) =>
    meal.dishes.flatMap((dish) =>
      rawFoods(dish)
        .filter(({ ready }) => !ready)
        .flatMap((food) => judged(meal, dish, food)),
    ),
};

function judged(meal: Ledger, dish: LedgerDish, food: LedgerFood): SafetyFinding[] {
  const { fires } = food;
  const last = fires.at(-1);
  if (!last) return neverCooked(meal, dish, food);
  const killed = fires.findLast((fire) => killsIn(fire, food));
  if (killed && !fires.some((fire) => killsOutright(fire, food)))
    return [heldInstead(dish.id, killed, food)];
  if (killed) return restsAfter(dish, food, fires);
  if (food.pierced && fires.some((fire) => isPiercedAndRested(fire, food))) return [];
  // Shellfish is judged by its look: opaque, or open.
  const probed = fires.findLast((fire) => fire.coreC !== undefined || isTooCool(fire, food));
  if (!probed && food.animal === 'shellfish') return [];
  return probed ? [tooCool(meal, dish.id, probed, food)] : byClock(meal, dish.id, last, food);
}

/** Meat or fish that no fire ever sees; fish that was frozen hard is the cook's choice, for nobody frail. */
function neverCooked(
  { frail }: Ledger,
  { id, acts }: LedgerDish,
  food: LedgerFood,
): SafetyFinding[] {
  const at = food.spans.findLast(({ step }) => step !== undefined)?.step ?? acts.at(-1)?.id;
  const fish = food.animal === 'fish' || food.animal === 'shellfish';
  return [
    {
      rule: 'core',
      level: fish && isFreeOfParasites(food) && !frail ? 'caution' : 'stop',
      dish: id,
      step: at,
      food: food.id,
      message: { key: 'safety.neverCooked', values: { food: food.name } },
      source: 'source.fsisChart',
      mends:
        fish && !isFreeOfParasites(food)
          ? [
              { kind: 'frozen', food: food.id },
              { kind: 'farmed', food: food.id },
            ]
          : [],
    },
  ];
}

/** Nothing says how hot it gets, and by its weight it may be too little. */
function byClock(meal: Ledger, dish: string, fire: LedgerFire, food: LedgerFood): SafetyFinding[] {
  const leastC = leastFor(food);
  const { clockC } = fire;
  if (clockC !== undefined && clockC >= leastC - CLOCK_DOUBT_C) return [];
  const short = clockC === undefined || clockC < leastC - CLOCK_RAW_C;
  return [
    {
      rule: 'core',
      level: short && !isSearedRare(meal, fire, food) ? 'stop' : 'caution',
      dish,
      step: fire.step,
      food: food.id,
      message:
        clockC === undefined
          ? { key: 'safety.tooBrief', values: { food: food.name } }
          : {
              key: 'safety.byClock',
              values: { tempC: { tempC: clockC }, least: { tempC: leastC } },
            },
      source: 'source.fsisChart',
      mends: [{ kind: 'core', step: fire.step, coreC: Math.ceil(leastC) }],
    },
  ];
}

/** A steak that is warm inside when it comes off: rare, raw on no surface, and for nobody frail. */
function isSearedRare(
  { frail, children }: Ledger,
  { verb, clockC = 0 }: LedgerFire,
  { animal, intact, cut = '', name }: LedgerFood,
): boolean {
  if (!intact || frail || children) return false;
  if (RARE_FISH.has(cut)) return SEARS.has(verb);
  if (clockC < SEARED_RARE_C) return false;
  const game = animal === 'game' && !NEVER_RARE_GAME.test(`${cut.replaceAll('-', ' ')} ${name}`);
  return (animal === 'beef' || animal === 'lamb' || game) && SEARS.has(verb);
}

/** Seared and red inside: tuna, which the FDA Food Code, 3-402.11, exempts from freezing; from memory. */
const RARE_FISH: ReadonlySet<string> = new Set(['tuna-steak']);
const SEARS: ReadonlySet<string> = new Set(['sear', 'fry', 'grill', 'brown']);

/** A whole cut at 63 °C is safe by the rest that follows; that is part of the figure. */
function restsAfter(
  dish: LedgerDish,
  food: LedgerFood,
  fires: readonly LedgerFire[],
): SafetyFinding[] {
  const last = fires.findLast(({ coreC }) => coreC !== undefined);
  const bare = last?.coreC !== undefined && last.coreC < WHOLE_CUT_CORE_C + 2 * CORE_ROUNDING_C;
  if (!last || !bare || leastFor(food) !== WHOLE_CUT_CORE_C || food.animal === 'fish') return [];
  if (isRested(last, food) || food.animal === 'shellfish') return [];
  return [
    {
      rule: 'core',
      level: 'caution',
      dish: dish.id,
      step: last.step,
      food: food.id,
      message: {
        key: 'safety.restPart',
        values: { food: food.name, minutes: { minutes: WHOLE_CUT_REST_MIN } },
      },
      source: 'source.fsisChart',
      mends: [],
    },
  ];
}

function isRested({ endMin }: LedgerFire, { spans }: LedgerFood): boolean {
  const after = spans.filter(({ fromMin }) => fromMin >= endMin);
  const cut = after.findIndex(({ verb }) => verb === 'slice' || verb === 'shred');
  const uncut = cut === -1 ? after : after.slice(0, cut);
  return uncut.some((span) => minutesOfSpan(span) >= WHOLE_CUT_REST_MIN);
}

/** What is pierced, and neither mince nor bird, is safe by a whole cut's core as well, with its rest. */
function isPiercedAndRested(fire: LedgerFire, food: LedgerFood): boolean {
  const { coreC = 0, mostC = Infinity } = fire;
  const bare = leastFor(food) === PIERCED_CORE_C;
  return (
    bare && Math.min(coreC, mostC) >= WHOLE_CUT_CORE_C - CORE_ROUNDING_C && isRested(fire, food)
  );
}

/** Rarer by the cook's own word, of a piece that is raw only on its surface, for nobody frail. */
function isByChoice(meal: Ledger, fire: LedgerFire, food: LedgerFood): boolean {
  const { animal, cut, intact, name } = food;
  const { coreC = 0 } = fire;
  const pinkBird = POULTRY_BY_CHOICE.has(cut ?? '');
  const bearable = animal === 'pork' ? coreC >= PORK_BY_CHOICE_C : animal !== 'poultry' || pinkBird;
  const boar =
    animal === 'game' && NEVER_RARE_GAME.test(`${(cut ?? '').replaceAll('-', ' ')} ${name}`);
  return fire.rarer && intact && !meal.frail && bearable && !boar;
}

/** Less heat than the chart names, held so long that it comes to the same: said, for it rests on the holding. */
function heldInstead(dish: string, fire: LedgerFire, food: LedgerFood): SafetyFinding {
  const endC = Math.min(fire.coreC ?? Infinity, fire.mostC ?? Infinity);
  return {
    rule: 'core',
    level: 'caution',
    dish,
    step: fire.step,
    food: food.id,
    message: {
      key: 'safety.coreHeld',
      values: { food: food.name, tempC: { tempC: endC }, least: { tempC: leastFor(food) } },
    },
    source: 'source.fsisAppendixA',
    mends: isTooCool(fire, food)
      ? []
      : [{ kind: 'core', step: fire.step, coreC: Math.ceil(leastFor(food)) }],
  };
}

function tooCool(meal: Ledger, dish: string, fire: LedgerFire, food: LedgerFood): SafetyFinding {
  const leastC = leastFor(food);
  const endC = Math.min(fire.coreC ?? Infinity, fire.mostC ?? Infinity);
  const chosen = isByChoice(meal, fire, food);
  const key = meal.frail
    ? 'safety.coreFrail'
    : meal.children
      ? 'safety.coreChildren'
      : chosen
        ? 'safety.coreChosen'
        : food.pierced && leastC === PIERCED_CORE_C
          ? 'safety.corePierced'
          : 'safety.core';
  return {
    rule: 'core',
    level: chosen ? 'caution' : 'stop',
    dish,
    step: fire.step,
    food: food.id,
    message: {
      key,
      values: {
        food: food.name,
        tempC: { tempC: endC },
        least: { tempC: leastC },
        whole: { tempC: WHOLE_CUT_CORE_C },
        minutes: { minutes: WHOLE_CUT_REST_MIN },
      },
    },
    source: 'source.fsisChart',
    // A hotter core in the same cool fire is no mend.
    mends: isTooCool(fire, food)
      ? []
      : [{ kind: 'core', step: fire.step, coreC: Math.ceil(leastC) }],
  };
}
