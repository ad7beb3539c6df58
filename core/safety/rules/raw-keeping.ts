import { MINUTES_PER_DAY } from '../../figures/index.ts';
import { rawDays } from '../raw-days.ts';
import type { Rule } from '../finding.ts';
import { rawFoods, type WatchedDish } from '../watched.ts';

/** Raw food from the fridge, thawed or bought, is cooked within days. */
export const rawKeeping: Rule = {
  id: 'rawKeeping',
  title: 'rule.rawKeeping',
  source: 'source.storage',
  figures: {
    key: 'figures.rawKeeping',
    values: {
      poultry: String(rawDays({ animal: 'poultry', minced: false, cured: false })),
      meat: String(rawDays({ animal: 'beef', minced: false, cured: false })),
      cured: String(rawDays({ animal: 'beef', minced: false, cured: true })),
    },
  },
  check: (meal) =>
    meal.dishes.flatMap((dish) => {
      const cured = dish.mixtures.some(({ cure }) => cure !== undefined);
      const foods = rawFoods(dish).map((food) => ({ food, days: rawDays({ ...food, cured }) }));
      const [first] = foods.sort((a, b) => a.days - b.days);
      const waits = first && waitsRaw(dish);
      if (!first || !waits || waits.minutes <= first.days * MINUTES_PER_DAY) return [];
      return [
        {
          rule: 'rawKeeping',
          level: 'stop',
          dish: dish.id,
          step: waits.step,
          message: {
            key: 'safety.rawKeeping',
            values: {
              food: first.food.name,
              minutes: { minutes: waits.minutes },
              days: String(first.days),
            },
          },
          source: 'source.storage',
          mends: [],
        } as const,
      ];
    }),
};

/**
 * From the end of the thaw, or the first that is done to it, to its fire. What one soak takes for
 * itself is a rule of its own.
 */
function waitsRaw({ acts }: WatchedDish): { minutes: number; step: string } | undefined {
  const fire = acts.find(({ last, coreC, tender }) => last || coreC !== undefined || tender);
  const before = acts.filter(({ afterFire, verb }) => !afterFire && verb !== 'light');
  const raw = before.filter(({ verb }) => RAW.has(verb));
  const thawed = raw.findLast(({ verb }) => verb === 'thaw');
  const first = thawed ?? raw[0];
  if (!fire || !first || raw.length < 2) return undefined;
  const from = thawed ? thawed.endMin : first.startMin;
  const during = (verbs: ReadonlySet<string>) =>
    raw
      .filter(({ verb }) => verbs.has(verb))
      .reduce((sum, { startMin, endMin }) => sum + endMin - startMin, 0);
  // A brine keeps what lies in it; how long it may is a rule of its own.
  const minutes = fire.startMin - from - during(BRINES);
  const step = raw.at(-1)?.id ?? first.id;
  return minutes > during(MARINADES) ? { minutes, step } : undefined;
}

const BRINES: ReadonlySet<string> = new Set(['brine']);
const MARINADES: ReadonlySet<string> = new Set(['marinate']);
const RAW = new Set(['thaw', 'brine', 'marinate', 'soak', 'chill', 'temper', 'hold']);
