import type { Band } from './forecast.ts';

/** Fires and ovens getting ready. */
export const READYING = [
  'oven-180',
  'oven-230',
  'fan-oven',
  'baking-stone',
  'chimney-briquettes',
  'chimney-lump',
  'wood-embers',
  'smoker',
  'pellet-smoker',
  'ceramic-cooker',
  'gas-grill',
] as const;
export type Readying = (typeof READYING)[number];

/** Minutes. Source: kitchen and barbecue practice, from memory, confidence 0.65. */
const MINUTES: Readonly<Record<Readying, readonly [number, number]>> = {
  'oven-180': [10, 15],
  'oven-230': [15, 25],
  'fan-oven': [7, 12],
  'baking-stone': [30, 60],
  'chimney-briquettes': [20, 25],
  'chimney-lump': [12, 18],
  'wood-embers': [45, 60],
  smoker: [30, 45],
  'pellet-smoker': [10, 15],
  'ceramic-cooker': [20, 40],
  'gas-grill': [10, 15],
};

/** How long a fire or an oven takes until it is ready. */
export function readyingMinutes(what: Readying): Band {
  const [least, most] = MINUTES[what];
  return { least, likely: (least + most) / 2, most };
}
