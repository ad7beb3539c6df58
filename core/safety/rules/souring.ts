import {
  SOURED_SALT_PCT,
  SOURED_WHOLE_PCT,
  SOURS_FROM_MIN,
  SOURS_UNTIL_C,
} from '../figures/index.ts';
import type { Rule, SafetyFinding } from '../finding.ts';
import { minutesOf, outOfFridge, type Ledger, type LedgerAct, type LedgerDish } from '../ledger.ts';

/** A scale reads to the gram. */
const ROUNDING_PCT = 0.1;

/** Vegetables that sour at room heat lie in enough salt to keep off what spoils them, and not too warm. */
export const souring: Rule = {
  id: 'souring',
  title: 'rule.souring',
  source: 'source.souring',
  figures: {
    key: 'figures.souring',
    values: {
      least: String(SOURED_SALT_PCT),
      whole: String(SOURED_WHOLE_PCT),
      warmest: { tempC: SOURS_UNTIL_C },
    },
  },
  check: (meal) =>
    meal.dishes.filter(sours).flatMap((dish) =>
      dish.acts
        .filter((act) => act.verb === 'ferment' && outOfFridge(act))
        .filter((act) => minutesOf(act) >= SOURS_FROM_MIN)
        .flatMap((act) => [...tooFresh(dish, act), ...tooWarm(meal, dish, act)]),
    ),
};

function tooFresh(dish: LedgerDish, { id: step }: LedgerAct): SafetyFinding[] {
  const saltPct = dish.mixtures.reduce((sum, one) => sum + one.saltPct, 0);
  const spoils = saltPct < SOURED_SALT_PCT - ROUNDING_PCT;
  const whole = dish.foods.some(({ cut = '', name }) => WHOLE.test(`${cut} ${name}`));
  const softens = whole && saltPct < SOURED_WHOLE_PCT - ROUNDING_PCT;
  if (!spoils && !softens) return [];
  const least = String(whole ? SOURED_WHOLE_PCT : SOURED_SALT_PCT);
  return [
    {
      rule: 'souring',
      level: spoils ? 'stop' : 'caution',
      dish: dish.id,
      step,
      message: {
        key: whole ? 'safety.souringWhole' : 'safety.souring',
        values: { dish: dish.name, pct: saltPct.toFixed(1), least },
      },
      source: 'source.souring',
      mends: [{ kind: 'fridge', step }],
    },
  ];
}

/** What is not cut fine: salt reaches its middle late. */
const WHOLE = /cucumber|gherkin|beet|carrot|turnip|radish|pepper|chil/i;

function tooWarm({ roomC }: Ledger, dish: LedgerDish, act: LedgerAct): SafetyFinding[] {
  const tempC = act.tempC ?? roomC;
  if (tempC <= SOURS_UNTIL_C) return [];
  return [
    {
      rule: 'souring',
      level: 'caution',
      dish: dish.id,
      step: act.id,
      message: {
        key: 'safety.souringWarm',
        values: { dish: dish.name, tempC: { tempC }, warmest: { tempC: SOURS_UNTIL_C } },
      },
      source: 'source.souring',
      mends: [],
    },
  ];
}

/** A leaven ferments as well, and is baked; meat is the counter's rule. */
function sours({ mixtures, foods }: LedgerDish): boolean {
  return (
    foods.every(({ animal }) => animal === 'none') && !mixtures.some(({ makesFood }) => makesFood)
  );
}
