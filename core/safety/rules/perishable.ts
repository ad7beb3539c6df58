import {
  HOT_HOLDING_C,
  HOT_LIMIT_MIN,
  HOT_ROOM_C,
  ROOM_LIMIT_MIN,
  TENDER_SHARE,
} from '../figures/index.ts';
import type { Rule, SafetyFinding } from '../finding.ts';
import { isPreserved } from '../preserved.ts';
import { coldOrShorterMends } from './warm-mends.ts';
import { type Ledger, type LedgerDish, type LedgerMixture, type MixtureSpan } from '../ledger.ts';

/** Batters, custards, creams: what is made of egg, milk or cream is not out for hours either. */
export const perishable: Rule = {
  id: 'perishable',
  title: 'rule.perishable',
  source: 'source.fsisTwoHours',
  figures: {
    key: 'figures.perishable',
    values: { tempC: { tempC: HOT_HOLDING_C }, limit: { minutes: ROOM_LIMIT_MIN } },
  },
  check: (meal) =>
    meal.dishes.flatMap((dish) => dish.mixtures.flatMap((one) => standsOut(meal, dish, one))),
};

function standsOut(meal: Ledger, dish: LedgerDish, mixture: LedgerMixture): SafetyFinding[] {
  const { tenderShare, rawEgg, fermenting } = mixture;
  // A little raw egg is enough.
  const tender = tenderShare >= TENDER_SHARE || rawEgg;
  if (!tender || fermenting || isPreserved(mixture)) return [];
  const out = mixture.spans.filter((span) => counts(mixture, span));
  const minutes = out.reduce((sum, span) => sum + span.growthMin, 0);
  const warmest = Math.max(meal.roomC, ...out.map(({ placeC }) => placeC));
  const limit = warmest > HOT_ROOM_C ? HOT_LIMIT_MIN : ROOM_LIMIT_MIN;
  const [longest] = [...out].sort((a, b) => b.growthMin - a.growthMin);
  if (!longest || minutes <= limit) return [];
  const { step } = longest;
  const rest = limit - (minutes - longest.growthMin);
  return [
    {
      rule: 'perishable',
      level: 'stop',
      dish: dish.id,
      step: step ?? longest.leftBy,
      message: {
        key: 'safety.perishable',
        values: {
          mixture: mixture.name,
          minutes: { minutes },
          limit: { minutes: limit },
        },
      },
      source: 'source.fsisTwoHours',
      mends: step === undefined ? [] : coldOrShorterMends(step, rest),
    },
  ];
}

/** Baked, it is a cake or a pancake, and waits as those do; how a pot cools is a rule of its own. */
function counts({ makesFood }: LedgerMixture, span: MixtureSpan): boolean {
  if (span.heated && makesFood) return false;
  return !(span.heated && COOLS.has(span.verb ?? ''));
}

const COOLS: ReadonlySet<string> = new Set(['cool', 'chill']);
