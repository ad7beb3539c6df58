import { USUAL_PAN_CM, PAN_COVERED_SHARE, LIES_FLAT_UNTIL_CM } from '../figures/index.ts';
import { formOf } from '../heat/index.ts';
import { cutOf, foodOf, settleFood } from './amounts.ts';
import { pieceOf, type HeatContext } from './cook-of-step.ts';
import type { Dish, Kitchen, Step } from './schema.ts';

/** How the pieces of a food lie in the pan of this kitchen. */
export interface PanFit {
  readonly panCm: number;
  /** Each piece is cut in so many, to lie flat. */
  readonly cutInto: number;
  /** So many lie beside each other with room between them. */
  readonly perRound: number;
  readonly rounds: number;
}

/** Its sides slope. Common practice, no source. */
const FLAT_SHARE = 0.95;

/** Its sides are about so high. Common practice, no source. */
const SIDES_CM = 5;

/** What a pan of a width holds to its brim, ml. */
export function panMl(widthCm: number): number {
  return Math.round((Math.PI / 4) * widthCm ** 2 * SIDES_CM);
}

const IN_PAN: ReadonlySet<Step['verb']> = new Set(['sear', 'brown', 'fry']);

/** How wide the widest pan is. */
export function panCmOf(kitchen: Kitchen): number {
  const widths = kitchen.vessels.flatMap(({ kind, widthCm }) =>
    kind === 'pan' && widthCm !== undefined ? [widthCm] : [],
  );
  return widths.length > 0 ? Math.max(...widths) : USUAL_PAN_CM;
}

/**
 * How a step's food fits the pan: cut to lie flat, and in rounds where not all of it does at once.
 * Undefined for what is not cooked by heat in a pan, or is no flat piece of a known cut.
 */
export function panFit(meal: HeatContext, dish: Dish, step: Step): PanFit | undefined {
  const { time, place, verb } = step;
  if (time.kind !== 'heat' || place.kind !== 'hob' || !IN_PAN.has(verb)) return undefined;
  if (time.cooker !== undefined && time.cooker !== 'pan') return undefined;
  const food = foodOf(dish, time.food);
  if (!cutOf(meal, food)) return undefined;
  const form = formOf(pieceOf(meal, dish, food));
  if (form.kind !== 'brick') return undefined;
  const thickCm = form.halfM * 200;
  if (thickCm > LIES_FLAT_UNTIL_CM) return undefined;
  const [short, long] = [form.wide, form.long]
    .map((times) => times * thickCm)
    .sort((a, b) => a - b);
  const panCm = panCmOf(meal.kitchen);
  const cutInto = Math.max(1, Math.ceil((long ?? 0) / (FLAT_SHARE * panCm)));
  const eachCm2 = ((short ?? 0) * (long ?? 0)) / cutInto;
  const usableCm2 = PAN_COVERED_SHARE * (Math.PI / 4) * panCm ** 2;
  const perRound = Math.max(1, Math.floor(usableCm2 / eachCm2));
  const { pieces = 1 } = settleFood(meal, dish, food);
  const all = Math.max(1, Math.round(pieces)) * (food.inPieces ?? 1) * cutInto;
  return { panCm, cutInto, perRound, rounds: Math.ceil(all / perRound) };
}
