import { ICE_BATH_MIN, ICE_BATH_UNTIL_C, SIMMER_C } from '../figures/index.ts';
import { REHEATED_CORE_C } from '../safety/index.ts';
import { freshId, type Dish, type Step } from '../meal/index.ts';
import { D, elastic, fridge, H, hob, range } from './parts.ts';

/**
 * A dish cooked ahead: once a step is over it is cooled in iced water, kept in the fridge for up to
 * two days, and made hot all through before the rest of its chain goes on. Cooling in ice and
 * reheating to 74 °C: FDA Food Code 3-501.14 and 3-403.11, from memory; the minutes of the pot are
 * common practice, no source.
 *
 * @param anchor the id of the step after which it waits
 * @param taken ids that are in use in its meal
 */
export function madeAhead(dish: Dish, anchor: string, taken: ReadonlySet<string>): Dish {
  const used = new Set(taken);
  const named = (name: string) => {
    const id = freshId(`${dish.id} ${name}`, used);
    used.add(id);
    return id;
  };
  const done = dish.steps.find(({ id }) => id === anchor);
  if (!done) return dish;
  const { foods } = done;
  const follows = (step: string, mostMin: number): Step['after'] => [
    { step, from: 'end', leastMin: 0, mostMin },
  ];
  const added = (id: string, step: Omit<Step, 'id' | 'cautions'>): Step => ({
    ...step,
    id,
    cautions: [],
    ...(foods && { foods }),
  });
  const [cool, keep, reheat] = [named('cool'), named('keep'), named('reheat')];
  const steps = dish.steps.map((step) => ({
    ...step,
    after: step.after.map((gap) => (gap.step === anchor ? { ...gap, step: reheat } : gap)),
  }));
  return {
    ...dish,
    steps: [
      ...steps,
      added(cool, {
        verb: 'cool',
        label: 'Cool it in iced water',
        time: { kind: 'range', ...ICE_BATH_MIN },
        place: { kind: 'counter', tempC: ICE_BATH_UNTIL_C },
        hands: [{ when: 'start', minutes: 5, what: 'Into shallow tins, in iced water; stir' }],
        after: follows(anchor, 15),
      }),
      added(keep, {
        verb: 'chill',
        label: 'Keep in the fridge',
        time: elastic(4 * H, 14 * H, 2 * D),
        place: fridge,
        hands: [{ when: 'start', minutes: 3, what: 'Into the fridge, covered' }],
        after: follows(cool, 15),
      }),
      added(reheat, {
        verb: 'simmer',
        label: 'Heat it through',
        time: range(20, 25, 35),
        place: hob(SIMMER_C),
        hands: [
          { when: 'start', minutes: 3, what: 'In its own juice, lid on, over a low heat' },
          { when: 'every', everyMin: 8, minutes: 1, what: 'Stir it, or turn it over' },
        ],
        doneWhen: { coreC: REHEATED_CORE_C },
        after: follows(keep, 0),
      }),
    ],
  };
}
