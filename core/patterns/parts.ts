import { HELD_BACK_EXPONENT, FRIDGE_C } from '../figures/index.ts';
import type { Verb } from '../terms/index.ts';
import { MAKES_FOOD, type Mixture, type MixtureLine } from '../batch/index.ts';
import type { Food, Hands, Place, Step, StepTime } from '../meal/index.ts';

/**
 * Short words for writing a chain down. Ids are those of the pattern; a dish made of it gets its
 * own. A step follows the one above it, at most half an hour later, unless it says otherwise.
 */
export interface Part extends Omit<Step, 'after' | 'hands' | 'cautions'> {
  readonly after?: Step['after'] | undefined;
  readonly hands?: readonly Hands[] | undefined;
  readonly cautions?: readonly string[] | undefined;
}

export const fixed = (minutes: number): StepTime => ({ kind: 'fixed', minutes });
export const range = (leastMin: number, likelyMin: number, mostMin: number): StepTime => ({
  kind: 'range',
  leastMin,
  likelyMin,
  mostMin,
});
export const elastic = (leastMin: number, bestMin: number, longestMin: number): StepTime => ({
  kind: 'elastic',
  leastMin,
  bestMin,
  longestMin,
});
export const soaking = (mixture: string): StepTime => ({ kind: 'soak', mixture });
export const untilCore = (coreC: number, more: Partial<StepTime> = {}, food = 'meat'): StepTime =>
  ({ kind: 'heat', food, until: { coreC }, ...more }) as StepTime;
export const untilTender = (tender: 'slices' | 'pulls', more: Partial<StepTime> = {}): StepTime =>
  ({ kind: 'heat', food: 'meat', until: { tender }, ...more }) as StepTime;

export const H = 60;
export const D = 24 * H;

/** Hours a mixture may stay on: what cooks name for the chain. The cook may set others. */
export const hours = (least: number, best: number, longest: number): Partial<Mixture> => ({
  window: { leastMin: least * H, bestMin: best * H, longestMin: longest * H },
});

export const board: Place = { kind: 'board' };
export const fridge: Place = { kind: 'fridge', tempC: FRIDGE_C };
export const outside: Place = { kind: 'outside' };
export const counter: Place = { kind: 'counter', tempC: 21 };
export const hob = (tempC: number): Place => ({ kind: 'hob', tempC });
export const oven = (tempC: number): Place => ({ kind: 'oven', tempC });
export const smoker = (tempC: number): Place => ({ kind: 'smoker', tempC });
export const grill = (tempC: number, zone: 'direct' | 'indirect' = 'direct'): Place => ({
  kind: 'grill',
  tempC,
  zone,
});

export const all = (what: string): Hands[] => [{ when: 'all', what }];
export const start = (minutes: number, what: string): Hands[] => [{ when: 'start', minutes, what }];
/** Looked after every so many minutes, the first time after `firstMin` where it is given. */
export const every = (
  everyMin: number,
  minutes: number,
  what: string,
  firstMin?: number,
): Hands => ({
  when: 'every',
  everyMin,
  ...(firstMin !== undefined && { firstMin }),
  minutes,
  what,
});

/** "If not: this, and so many minutes more", in so many of ten. Shares: common practice, no source. */
export const ifNot = (
  what: string,
  minutes: number,
  inTen: number,
): Pick<NonNullable<Step['doneWhen']>, 'otherwise'> => ({
  otherwise: { what, minutes, chance: inTen / 10 },
});

/** One step of a chain. */
export function part(
  id: string,
  verb: Verb,
  label: string,
  time: StepTime,
  place: Place,
  more: Partial<Part> = {},
): Part {
  return { id, verb, label, time, place, ...more };
}

/** "Follows": these steps, at most so many minutes after their end. */
export const after = (mostMin: number | undefined, ...steps: string[]): Step['after'] =>
  steps.map((step) => ({
    step,
    from: 'end',
    leastMin: 0,
    ...(mostMin !== undefined && { mostMin }),
  }));
/** "From the beginning of": goes on beside it, begun so many minutes later at most. */
export const beside = (step: string, mostMin?: number): Step['after'] => [
  { step, from: 'start', leastMin: 0, ...(mostMin !== undefined && { mostMin }) },
];

/** "When so many degrees are missing". */
export const shortOf = (step: string, coreShortC: number): Step['after'] => [
  { step, from: 'start', leastMin: 0, coreShortC },
];

export const line = (
  ingredient: string,
  amount: string,
  more: Partial<MixtureLine> = {},
): MixtureLine => ({
  ingredient,
  amount,
  scaling: 'linear',
  exponent: HELD_BACK_EXPONENT,
  ...more,
});

/** A mixture for a kilogram of the meat. */
export function mixture(
  id: string,
  name: string,
  kind: Mixture['kind'],
  lines: MixtureLine[],
  more: Partial<Mixture> = {},
): Mixture {
  const onMeat = kind !== 'sauce' && kind !== 'glaze' && kind !== 'pickle' && !MAKES_FOOD.has(kind);
  return {
    id,
    name,
    kind,
    basis: onMeat ? { kind: 'perWeight', baselineG: 1000 } : { kind: 'fixed' },
    on: onMeat ? ['meat'] : [],
    lines,
    touchesRaw: onMeat,
    ...more,
  };
}

/** What goes with a kilogram of the meat, and never lies on it raw. */
export function sauceFor(name: string, lines: MixtureLine[]): Mixture {
  return mixture('sauce', name, 'sauce', lines, {
    basis: { kind: 'perWeight', baselineG: 1000 },
    on: ['meat'],
    touchesRaw: false,
  });
}

/** What meat is cooked in: grows with the meat. */
export function cookingLiquid(lines: MixtureLine[], forMeatG: number): Mixture {
  return mixture('liquid', 'Liquid', 'sauce', lines, {
    basis: { kind: 'perWeight', baselineG: forMeatG },
    on: ['meat'],
    touchesRaw: true,
  });
}

/** What lies under most roasts and grills: mixed, put on, cold for as long as it likes. */
export function marinated(label: string, mixtureId = 'marinade', turn?: string): Part[] {
  return [
    part('mix', 'mix', label, fixed(20), board, {
      hands: all(`${label}, then wash board, knife and hands`),
      mixtures: [mixtureId],
      washes: true,
      after: [],
    }),
    part('soak', 'marinate', 'Marinate', soaking(mixtureId), fridge, {
      cautions: turn === undefined ? [] : [`${turn} now and then.`],
    }),
  ];
}

/** A brine boiled, cooled with ice, and what lies in it: everything a wet-brined chain begins with. */
export function brined(handsMin: number): Part[] {
  return [
    part('boil', 'boil', 'Boil the brine', range(12, 15, 20), hob(100), {
      hands: start(5, 'Salt, sugar and spice in, stir until clear'),
      after: [],
      mixtures: ['brine'],
    }),
    part('cool', 'cool', 'Ice in, brine cold', { kind: 'cooling', mixture: 'brine' }, fridge, {
      hands: start(3, 'Ice in, pot in the fridge'),
      after: after(30, 'boil'),
    }),
    part('soak', 'brine', 'In the brine', { kind: 'soak', mixture: 'brine' }, fridge, {
      hands: start(handsMin, 'In, a plate on top; wash up'),
      after: after(undefined, 'cool'),
    }),
  ];
}

export const temper = (minutes: number, what = 'Out of the fridge, pat dry'): Part =>
  part('temper', 'temper', 'Out of the fridge', fixed(minutes), counter, {
    hands: start(5, what),
    after: after(undefined, 'soak'),
  });

/** A food by what an adult eats of its cut, or as chosen. */
export interface Meat {
  readonly cut: string;
  readonly name: string;
  readonly rawG: number;
  readonly inPieces?: number | undefined;
  readonly thicknessMm?: number | undefined;
}

export function food({ cut, name, rawG, inPieces, thicknessMm }: Meat, id = 'meat'): Food {
  return {
    id,
    name,
    cut,
    share: { kind: 'weight', rawG },
    ...(inPieces !== undefined && { inPieces }),
    ...(thicknessMm !== undefined && { thicknessMm }),
  };
}

/** The oven getting hot by itself. */
export const preheat = (tempC: number) =>
  part(
    'preheat',
    'preheat',
    `Oven to ${tempC}°`,
    { kind: 'readying', what: tempC > 200 ? 'oven-230' : 'oven-180' },
    oven(tempC),
    { after: [] },
  );
