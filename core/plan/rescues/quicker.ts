import { environmentNamed } from '../../places/index.ts';
import { QUICKER_BY_C } from '../../figures/index.ts';
import { cookerOf, type Command, type Dish, type Meal, type Step } from '../../meal/index.ts';
import type { Message } from '../../words/index.ts';
import type { Plan } from '../planned.ts';
import type { RescueCandidate } from './candidate.ts';

/** What each asks of the food, beside the other ways out. Our own order, no source. */
const PRICE = {
  hotter: 6,
  withoutReducing: 7,
  sliceInstead: 9,
  pressure: 10,
} as const;

/** What makes a dish that is in the way done sooner, at a price in the food. */
export function quickerWays(dish: Dish, meal: Meal, made: Plan): RescueCandidate[] {
  const open = dish.steps.filter(({ endedAt }) => endedAt === undefined);
  return [
    ...hotter(dish, open, meal),
    ...withoutReducing(open),
    ...sliceInstead(dish, open),
    ...underPressure(open, meal),
  ].map((way) => ({ ...way, servingMin: made.servingMin }));
}

type Way = Omit<RescueCandidate, 'servingMin'>;

const asked = (price: number, text: Message, changes: readonly Command[]): Way[] =>
  changes.length > 0 ? [{ price, text, changes }] : [];

/** Every fire of a food that is timed by heat, turned up as far as it goes without harm. */
function hotter(dish: Dish, open: readonly Step[], { kitchen }: Meal): Way[] {
  const raised = open.flatMap((step) => {
    const { tempC } = step.place;
    const cooker = step.time.kind === 'heat' ? cookerOf(step, kitchen) : undefined;
    if (tempC === undefined || cooker === undefined) return [];
    const [, hottest] = environmentNamed(cooker).heats ?? [0, Infinity];
    const to = Math.min(tempC + QUICKER_BY_C, hottest);
    return to > tempC ? [{ step, tempC: to }] : [];
  });
  const most = Math.max(...raised.map(({ tempC }) => tempC));
  return asked(
    PRICE.hotter,
    { key: 'rescue.hotter', values: { dish: dish.name, tempC: { tempC: most } } },
    raised.map(({ step, tempC }): Command => ({
      do: 'editStep',
      step: step.id,
      change: { place: { ...step.place, tempC } },
    })),
  );
}

/** A sauce that is thin is still a sauce. */
function withoutReducing(open: readonly Step[]): Way[] {
  return open
    .filter(({ verb, begunAt }) => verb === 'reduce' && begunAt === undefined)
    .flatMap(({ id, label }) =>
      asked(PRICE.withoutReducing, { key: 'rescue.withoutReducing', values: { label } }, [
        { do: 'removeStep', step: id },
      ]),
    );
}

/** What was to be pulled is sliced: it is tender enough for that long before. */
function sliceInstead(dish: Dish, open: readonly Step[]): Way[] {
  const pulls = open.filter(
    ({ time }) => time.kind === 'heat' && 'tender' in time.until && time.until.tender === 'pulls',
  );
  const shreds = open.filter(({ verb, begunAt }) => verb === 'shred' && begunAt === undefined);
  if (pulls.length === 0 || shreds.length === 0) return [];
  const changes = [
    ...pulls.flatMap(({ id, time }): Command[] =>
      time.kind === 'heat'
        ? [{ do: 'setStepTime', step: id, time: { ...time, until: { tender: 'slices' } } }]
        : [],
    ),
    ...shreds.map(({ id }): Command => ({
      do: 'editStep',
      step: id,
      change: { verb: 'slice', label: 'Slice' },
    })),
  ];
  return asked(
    PRICE.sliceInstead,
    { key: 'rescue.sliceInstead', values: { dish: dish.name } },
    changes,
  );
}

const WET: ReadonlySet<Step['verb']> = new Set(['braise', 'simmer']);

/** What braises or simmers until it is tender does so sooner under pressure, where there is a pot for it. */
function underPressure(open: readonly Step[], { kitchen }: Meal): Way[] {
  if (!kitchen.appliances.some(({ kind }) => kind === 'pressure-cooker')) return [];
  return open
    .filter(
      ({ verb, time, place, begunAt }) =>
        WET.has(verb) &&
        time.kind === 'heat' &&
        'tender' in time.until &&
        place.kind !== 'pressure-cooker' &&
        begunAt === undefined,
    )
    .flatMap((step) =>
      asked(PRICE.pressure, { key: 'rescue.pressure', values: { label: step.label } }, [
        { do: 'editStep', step: step.id, change: { place: { kind: 'pressure-cooker' } } },
      ]),
    );
}
