import type { Rule, SafetyFinding } from '../finding.ts';
import type { Cure } from '../watched.ts';

/** Ingoing nitrite, parts per million. Source: USDA/FSIS, Processing Inspectors' Calculations Handbook; from memory. */
const IMMERSED_PPM = 200;
const DRY_PPM = 625;

/** Curing salt only by its label, weighed, and no more nitrite than the law of its source allows. */
export const curing: Rule = {
  id: 'curing',
  source: 'source.fsisCuring',
  figures: {
    key: 'figures.curing',
    values: { immersed: String(IMMERSED_PPM), dry: String(DRY_PPM) },
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
  const limit = cure.immersed ? IMMERSED_PPM : DRY_PPM;
  const over = cure.ingoingPpm > limit;
  const values = { mixture, ppm: String(Math.round(cure.ingoingPpm)), most: String(limit) };
  const key = over ? 'safety.cureTooMuch' : 'safety.cure';
  return { ...base, level: over ? 'stop' : 'caution', message: { key, values } };
}
