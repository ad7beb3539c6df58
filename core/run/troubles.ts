import { servingMin, type Meal } from '../meal/index.ts';
import { isFirePlace } from '../places/index.ts';
import type { Plan, PlannedStep } from '../plan/index.ts';
import { localOf } from '../time/index.ts';
import type { Deed } from './event.ts';

/** What may go wrong in a rehearsal. */
export const TROUBLES = [
  'late-guests',
  'one-more',
  'slipped-probe',
  'stall',
  'missed-step',
  'fire-out',
  'dropped',
] as const;
export type Trouble = (typeof TROUBLES)[number];

const GUESTS_LATE_MIN = 30;
const FIRE_OUT_MIN = 20;

/** Something that happens to the run at a moment, whatever the cook does. */
export interface Mishap {
  readonly trouble: Trouble;
  readonly atMin: number;
  readonly deeds: (meal: Meal) => readonly Deed[];
}

/** What happens to a run from outside, in order of time; the troubles of the cook are elsewhere. */
export function mishapsOf(troubles: ReadonlySet<Trouble>, meal: Meal, plan: Plan): Mishap[] {
  const end = servingMin(meal);
  const mishaps: Mishap[] = [];
  const add = (trouble: Trouble, atMin: number, deeds: Mishap['deeds']) => {
    if (troubles.has(trouble)) mishaps.push({ trouble, atMin, deeds });
  };
  add('late-guests', end - 75, (now) => guestsLate(now, GUESTS_LATE_MIN));
  add('one-more', end - 150, () => oneMore());
  const fire = longestOnFire(plan);
  const appliance = fire?.appliance;
  if (fire && appliance !== undefined) {
    const middle = Math.round((fire.startMin + fire.endMin) / 2);
    add('fire-out', middle, () => [{ did: 'fireOut', appliance, minutes: FIRE_OUT_MIN }]);
  }
  add('dropped', end - 40, dropASide);
  return mishaps.sort((a, b) => a.atMin - b.atMin);
}

/** Guests are late: serving is moved. */
export function guestsLate(meal: Meal, minutes: number, why = 'serve later'): Deed[] {
  const at = localOf(servingMin(meal) + minutes, meal.serving.zone);
  return [{ did: 'changed', commands: [{ do: 'serveAt', at }], why }];
}

/** One more at the table: a grown-up with a whole portion. */
export function oneMore(why = 'one more guest'): Deed[] {
  const seat = { who: 'adult', portion: 1, avoids: [] } as const;
  const commands = [{ do: 'addSeat' as const, seat: { ...seat, avoids: [] } }];
  return [{ did: 'changed', commands, why }];
}

/** A dish that is spoilt is left out. */
export function withoutDish(dish: string, why: string): Deed[] {
  return [{ did: 'changed', commands: [{ do: 'removeDish', dish }], why }];
}

function dropASide(meal: Meal): Deed[] {
  const last = meal.dishes.at(-1);
  return last && meal.dishes.length > 1 ? withoutDish(last.id, `${last.name} dropped`) : [];
}

/** What lies longest over a fire. */
export function longestOnFire({ steps }: Pick<Plan, 'steps'>): PlannedStep | undefined {
  return steps
    .filter(({ place, verb }) => isFirePlace(place.kind) && verb !== 'light' && verb !== 'preheat')
    .toSorted((a, b) => b.endMin - b.startMin - (a.endMin - a.startMin))[0];
}
