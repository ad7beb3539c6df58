/** Pieces of small meal files with one dish, whose steps follow one another. */

export type Bits = Record<string, unknown>;

export interface Spec {
  readonly cut?: string;
  readonly weightG?: number;
  readonly food?: Bits;
  readonly mixtures?: readonly Bits[];
  readonly steps: readonly Bits[];
  readonly kitchen?: Bits;
  readonly avoids?: readonly string[];
}

const KITCHEN = {
  name: 'Test kitchen',
  altitudeM: 0,
  appliances: [
    { id: 'oven', kind: 'oven', name: 'Oven', fits: 3 },
    { id: 'hob', kind: 'hob', name: 'Hob', fits: 4 },
    { id: 'smoker', kind: 'smoker', name: 'Smoker', fits: 2 },
    { id: 'grill', kind: 'grill', name: 'Grill', fits: 3 },
    { id: 'fridge', kind: 'fridge', name: 'Fridge', fits: 200 },
    { id: 'box', kind: 'box', name: 'Box', fits: 2 },
  ],
};

export function smallMeal(name: string, spec: Spec): unknown {
  const steps = spec.steps.map((step, i) => ({
    id: `s${i}`,
    label: String(step.verb),
    after: i === 0 ? [] : [{ step: `s${i - 1}`, mostMin: 2880 }],
    ...step,
  }));
  return {
    zemrin: 'meal',
    version: 1,
    id: 'case',
    title: name,
    serving: { at: '2026-11-28T19:00', zone: 'UTC' },
    eaters: [{ count: 4, who: 'adult', portion: 1, avoids: spec.avoids ?? [] }],
    kitchen: { ...KITCHEN, ...spec.kitchen },
    dishes: [
      {
        id: 'dish',
        name: 'Dish',
        readyWithinMin: 30,
        foods: [
          {
            id: 'food',
            name: spec.cut ?? 'food',
            cut: spec.cut ?? 'beef-rump-roast',
            share: { kind: 'fixed', weightG: spec.weightG ?? 1500 },
            ...spec.food,
          },
        ],
        mixtures: spec.mixtures ?? [],
        steps,
      },
    ],
  };
}

export const fixed = (minutes: number) => ({ kind: 'fixed', minutes });
export const HOURS = 60;
export const DAYS = 24 * HOURS;
export const fridge = { kind: 'fridge', tempC: 4 };
export const counter = { kind: 'counter', tempC: 20 };
export const oven = (tempC: number) => ({ kind: 'oven', tempC });
export const hob = (tempC: number) => ({ kind: 'hob', tempC });

export const temper = (minutes: number) => ({
  verb: 'temper',
  place: counter,
  time: fixed(minutes),
});
export const soak = (minutes: number, place: Bits = fridge, more: Bits = {}) => ({
  verb: 'marinate',
  place,
  time: fixed(minutes),
  ...more,
});
export const roast = (coreC: number, minutes = 90) => ({
  verb: 'roast',
  place: oven(170),
  time: fixed(minutes),
  doneWhen: { coreC },
});
export const done = roast(75);
export const heat = (coreC: number, place: Bits, verb = 'roast') => ({
  verb,
  place,
  time: { kind: 'heat', food: 'food', until: { coreC } },
});
export const rest = (minutes: number) => ({
  verb: 'rest',
  place: { kind: 'board' },
  time: fixed(minutes),
});
export const hold = (minutes: number, place: Bits) => ({
  verb: 'hold',
  place,
  time: fixed(minutes),
});
export const thaw = (minutes: number) => ({ verb: 'thaw', place: fridge, time: fixed(minutes) });
export const chill = (minutes: number) => ({ verb: 'chill', place: fridge, time: fixed(minutes) });
export const simmer = (minutes: number) => ({
  verb: 'simmer',
  place: hob(95),
  time: fixed(minutes),
});

export const mixture = (more: Bits = {}, lines: readonly Bits[] = []) => ({
  id: 'mix',
  name: 'Marinade',
  kind: 'marinade',
  basis: { kind: 'perWeight', baselineG: 1000 },
  on: ['food'],
  lines: [{ ingredient: 'water', amount: '300 ml', scaling: 'linear' }, ...lines],
  ...more,
});
export const line = (ingredient: string, amount: string) => ({
  ingredient,
  amount,
  scaling: 'linear',
});
export const step = (verb: string, place: Bits, minutes: number, more: Bits = {}) => ({
  verb,
  place,
  time: fixed(minutes),
  ...more,
});
export const ice = { kind: 'counter', tempC: 1 };
export const coals = { kind: 'grill', tempC: 220, zone: 'direct' };
/** Ten hours in the marinade `mix`. */
export const lain = soak(10 * HOURS, fridge, { mixtures: ['mix'] });
export const sours = (days: number, place: Bits = counter) => ({
  verb: 'ferment',
  place,
  time: fixed(days * DAYS),
  mixtures: ['mix'],
});
export const bake = (coreC: number) => ({
  verb: 'bake',
  place: oven(150),
  time: fixed(35),
  doneWhen: { coreC },
});
export const salted = (amount: string) =>
  mixture({ kind: 'dry brine', name: 'Salt', lines: [line('salt-fine-sea', amount)] });
export const glaze = { verb: 'glaze', place: oven(200), time: fixed(10), mixtures: ['mix'] };
export const boil = { verb: 'boil', place: hob(100), time: fixed(10), mixtures: ['mix'] };
export const brine = (more: Bits = {}) => mixture({ kind: 'wet brine', name: 'Brine', ...more });
export const inBrine = { verb: 'brine', place: fridge, time: fixed(10 * HOURS), mixtures: ['mix'] };
export const garlicOil = (keepsDays: number, more: readonly Bits[] = []) =>
  mixture({ name: 'Garlic oil', on: [], kind: 'sauce', keepsDays, basis: { kind: 'fixed' } }, [
    line('garlic', '20 g'),
    line('olive-oil', '200 ml'),
    ...more,
  ]);
export const cure = (amount: string, more: Bits = {}) =>
  mixture({ kind: 'dry brine', name: 'Cure', lines: [line('salt-curing', amount)], ...more });
