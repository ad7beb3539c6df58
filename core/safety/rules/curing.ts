import type { Rule, SafetyFinding } from '../finding.ts';
import type { Cure } from '../watched.ts';

/** Ingoing nitrite, parts per million. Source: USDA/FSIS, Processing Inspectors' Calculations Handbook; from memory. */
const MOST_PPM = {
  immersed: { mince: 156, belly: 120, other: 200 },
  dry: { mince: 156, belly: 200, other: 625 },
} as const;
/** In the European Union less may be added. Source: Regulation (EC) 1333/2008 before 2025, from memory. */
const EU_PPM = 150;

/** Curing salt only by its label, weighed, and no more nitrite than the law of its source allows. */
export const curing: Rule = {
  id: 'curing',
  source: 'source.fsisCuring',
  figures: {
    key: 'figures.curing',
    values: {
      immersed: String(MOST_PPM.immersed.other),
      dry: String(MOST_PPM.dry.other),
      mince: String(MOST_PPM.dry.mince),
      bellyImmersed: String(MOST_PPM.immersed.belly),
      bellyDry: String(MOST_PPM.dry.belly),
      eu: String(EU_PPM),
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
  const limit = MOST_PPM[cure.immersed ? 'immersed' : 'dry'][cure.on];
  const ppm = Math.round(cure.ingoingPpm);
  const over = ppm > limit;
  const values = { mixture, ppm: String(ppm), most: String(limit) };
  const key = over ? 'safety.cureTooMuch' : 'safety.cure';
  return { ...base, level: over ? 'stop' : 'caution', message: { key, values } };
}
