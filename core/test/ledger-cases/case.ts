/** Whole small meals with a verdict, written before the program was asked. */

/** `stop`: must not pass; `caution`: must be said; `pass`: must not be stopped. */
export type Verdict = 'stop' | 'caution' | 'pass';

export interface LedgerCase {
  readonly name: string;
  readonly verdict: Verdict;
  /** The rule that has to say it; left out, any. */
  readonly rule?: string;
  /** A meal document, as it lies in a file. */
  readonly meal: unknown;
}

export type Bits = Readonly<Record<string, unknown>>;

const KITCHEN = {
  name: 'Lock cottage',
  altitudeM: 0,
  appliances: [
    { id: 'oven', kind: 'oven', name: 'Oven', fits: 3 },
    { id: 'hob', kind: 'hob', name: 'Hob', fits: 5 },
    { id: 'grill', kind: 'grill', name: 'Grill', fits: 4 },
    { id: 'smoker', kind: 'smoker', name: 'Smoker', fits: 2 },
    { id: 'fridge', kind: 'fridge', name: 'Fridge', fits: 200 },
    { id: 'freezer', kind: 'freezer', name: 'Freezer', fits: 100 },
    { id: 'box', kind: 'box', name: 'Box', fits: 2 },
    { id: 'slow', kind: 'slow-cooker', name: 'Slow cooker', fits: 1 },
  ],
  vessels: [
    { id: 'pot', name: 'pot', kind: 'pot', capacityMl: 6000 },
    { id: 'tray', name: 'tray', kind: 'tray', capacityMl: 4000 },
    { id: 'tub', name: 'tub', kind: 'tub', capacityMl: 6000 },
    { id: 'pan', name: 'pan', kind: 'pan', capacityMl: 3000 },
  ],
};

interface DishSpec {
  readonly id?: string;
  readonly name?: string;
  readonly foods?: readonly Bits[];
  readonly mixtures?: readonly Bits[];
  /** Each follows the one before, unless it says otherwise. */
  readonly steps: readonly Bits[];
  readonly readyWithinMin?: number;
}

interface MealSpec {
  readonly eaters?: readonly Bits[];
  readonly kitchen?: Bits;
  readonly overruled?: readonly Bits[];
}

/** A dish; its steps are named after it and follow one another. */
export function dish({ id = 'dish', name = 'Dish', ...spec }: DishSpec): Bits {
  const idOf = (i: number) => `${id}-${i}`;
  return {
    id,
    name,
    readyWithinMin: spec.readyWithinMin ?? 60,
    foods: spec.foods ?? [],
    mixtures: spec.mixtures ?? [],
    steps: spec.steps.map((step, i) => ({
      id: idOf(i),
      label: String(step.verb),
      after: i === 0 ? [] : [{ step: idOf(i - 1), mostMin: 14_400 }],
      ...step,
    })),
  };
}

export function meal(dishes: readonly Bits[], more: MealSpec = {}): unknown {
  return {
    zemrin: 'meal',
    version: 1,
    id: 'case',
    title: 'Case',
    serving: { at: '2026-11-28T19:00', zone: 'UTC' },
    eaters: more.eaters ?? [{ count: 4, who: 'adult', portion: 1, avoids: [] }],
    kitchen: { ...KITCHEN, ...more.kitchen },
    dishes,
    ...(more.overruled && { overruled: more.overruled }),
  };
}

/** A meal of one dish. */
export function one(spec: DishSpec, more: MealSpec = {}): unknown {
  return meal([dish(spec)], more);
}

export const food = (id: string, cut?: string, weightG = 1200, more: Bits = {}): Bits => ({
  id,
  name: id,
  ...(cut !== undefined && { cut }),
  share: { kind: 'fixed', weightG },
  ...more,
});

export const fixed = (minutes: number): Bits => ({ kind: 'fixed', minutes });
export const H = 60;
export const DAY = 24 * H;
export const at = (kind: string, tempC?: number, more: Bits = {}): Bits => ({
  kind,
  ...(tempC !== undefined && { tempC }),
  ...more,
});
export const fridge = at('fridge', 4);
export const board = at('board');
export const counter = at('counter', 20);

/** A step of so many minutes. */
export const step = (verb: string, place: Bits, minutes: number, more: Bits = {}): Bits => ({
  verb,
  place,
  time: fixed(minutes),
  ...more,
});
/** A step until a core is reached. */
export const until = (
  verb: string,
  place: Bits,
  of: string,
  coreC: number,
  more: Bits = {},
): Bits => ({
  verb,
  place,
  time: { kind: 'heat', food: of, until: { coreC } },
  ...more,
});
export const hands = (what: string): Bits => ({ hands: [{ when: 'all', what }] });

export const line = (ingredient: string, amount: string, more: Bits = {}): Bits => ({
  ingredient,
  amount,
  scaling: 'linear',
  ...more,
});
export const mixture = (
  id: string,
  kind: string,
  on: readonly string[],
  lines: readonly Bits[],
  more: Bits = {},
): Bits => ({
  id,
  name: id,
  kind,
  basis: on.length > 0 ? { kind: 'perWeight', baselineG: 1000 } : { kind: 'fixed' },
  on,
  lines,
  ...more,
});
export const marinade = (id: string, on: readonly string[], more: Bits = {}): Bits =>
  mixture(
    id,
    'marinade',
    on,
    [line('olive-oil', '60 ml'), line('lemon-juice', '30 ml'), line('salt-fine-sea', '12 g')],
    { touchesRaw: true, ...more },
  );
export const frail = (count = 1): Bits => ({
  count,
  who: 'adult',
  portion: 1,
  avoids: [],
  frail: true,
});
export const adults = (count: number): Bits => ({ count, who: 'adult', portion: 1, avoids: [] });
export const child = (count = 1): Bits => ({ count, who: 'child', portion: 0.5, avoids: [] });
