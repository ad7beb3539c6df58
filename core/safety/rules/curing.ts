import { NITRITE_EU_PPM, NITRITE_MOST_PPM } from '../figures/index.ts';
import type { Rule, SafetyFinding } from '../finding.ts';
import type { Cure } from '../ledger.ts';

/** Curing salt only by its label, weighed, and no more nitrite than the law of its source allows. */
export const curing: Rule = {
  id: 'curing',
  title: 'rule.curing',
  source: 'source.fsisCuring',
  figures: {
    key: 'figures.curing',
    values: {
      immersed: String(NITRITE_MOST_PPM.immersed.other),
      dry: String(NITRITE_MOST_PPM.dry.other),
      mince: String(NITRITE_MOST_PPM.dry.mince),
      bellyImmersed: String(NITRITE_MOST_PPM.immersed.belly),
      bellyDry: String(NITRITE_MOST_PPM.dry.belly),
      eu: String(NITRITE_EU_PPM),
    },
  },
  check: (meal) =>
    meal.dishes.flatMap((dish) =>
      dish.mixtures.flatMap(({ name, cure }): SafetyFinding[] =>
        cure ? [findingOf(dish.id, name, cure)] : [],
      ),
    ),
};

function findingOf(dish: string, mixture: string, cure: Cure): SafetyFinding {
  const base = { rule: 'curing', dish, source: 'source.fsisCuring', mends: [] } as const;
  if (cure.bySpoon) {
    return { ...base, level: 'stop', message: { key: 'safety.cureSpoon', values: { mixture } } };
  }
  const limit = NITRITE_MOST_PPM[cure.immersed ? 'immersed' : 'dry'][cure.on];
  const ppm = Math.round(cure.ingoingPpm);
  const over = ppm > limit;
  const values = { mixture, ppm: String(ppm), most: String(limit) };
  const key = over ? 'safety.cureTooMuch' : 'safety.cure';
  return { ...base, level: over ? 'stop' : 'caution', message: { key, values } };
}
