import { DOUGH_RISEN_TIMES, IN_PAN_MM, REDUCED_TO_SHARE } from '../figures/index.ts';
import { formOf, thicknessMmOf } from '../heat/index.ts';
import {
  pieceOf,
  reducingMl,
  stepFactsOf,
  type Dish,
  type Meal,
  type Step,
} from '../meal/index.ts';

/** How one sees that something is done, where it can be drawn. */
export type Cue =
  /** The middle of a piece, the probe in its thickest part. */
  | {
      readonly kind: 'probe';
      readonly thicknessMm: number;
      readonly flat: boolean;
      readonly coreC: number;
    }
  /** What a fork does: it slides in with some push, or falls in by itself. */
  | { readonly kind: 'fork'; readonly until: 'slices' | 'pulls' }
  /** A mark on the handle of a spoon stood in the pan. */
  | { readonly kind: 'reduce'; readonly fromMm: number; readonly toMm: number }
  /** Dough in a tub: where it stood, and where it is to stand. */
  | { readonly kind: 'dough'; readonly times: number }
  /** Sugar from straw to amber. */
  | { readonly kind: 'sugar' }
  /** The smoke: thin and blue, or thick and white. */
  | { readonly kind: 'smoke' }
  /** It leaves the pan by itself when its crust is there. */
  | { readonly kind: 'release' }
  /** It coats the back of a spoon, and a finger leaves a line. */
  | { readonly kind: 'coats' }
  /** What it lies in stands above it. */
  | { readonly kind: 'covers' };

const CARAMEL = /caramel|amber|melt the sugar|burnt sugar/i;

/** Where the liquid stands in its pan, and where it is to stand; by the pan where one is said. */
function reduceCue(meal: Meal, dish: Dish, step: Step): Cue {
  const { time } = step;
  const known = time.kind === 'reducing' ? time : undefined;
  const areaMm2 = known && (Math.PI / 4) * (known.panCm * MM_PER_CM) ** 2;
  const fromMm =
    known && areaMm2
      ? (reducingMl(known, stepFactsOf(meal, dish, step).factorOfMixture) * MM3_PER_ML) / areaMm2
      : IN_PAN_MM;
  const toMm = fromMm * (known?.toShare ?? REDUCED_TO_SHARE);
  return { kind: 'reduce', fromMm: Math.round(fromMm), toMm: Math.round(toMm) };
}

const MM_PER_CM = 10;
const MM3_PER_ML = 1000;

/** The cue of a step; none where a clock or a thermometer on the oven says it all. */
export function cueOf(meal: Meal, dish: Dish, step: Step): Cue | undefined {
  const { time, verb, doneWhen, label } = step;
  const said = `${label} ${doneWhen?.text ?? ''} ${step.hands.map(({ what }) => what).join(' ')}`;
  if (CARAMEL.test(said)) return { kind: 'sugar' };
  if (time.kind === 'heat') {
    if ('tender' in time.until) return { kind: 'fork', until: time.until.tender };
    const food = dish.foods.find(({ id }) => id === time.food);
    const piece = food && food.cut !== undefined ? pieceOf(meal, dish, food) : undefined;
    if (piece) {
      const form = formOf(piece);
      const flat = form.kind === 'slab' || form.kind === 'disc';
      const thicknessMm = Math.round(thicknessMmOf(piece));
      return { kind: 'probe', thicknessMm, flat, coreC: time.until.coreC };
    }
  }
  switch (verb) {
    case 'reduce':
      return reduceCue(meal, dish, step);
    case 'glaze':
      return { kind: 'coats' };
    case 'rise':
      return { kind: 'dough', times: DOUGH_RISEN_TIMES };
    case 'smoke':
      return { kind: 'smoke' };
    case 'sear':
    case 'brown':
      return { kind: 'release' };
    case 'braise':
      return { kind: 'fork', until: 'slices' };
    case 'soak':
    case 'brine':
    case 'ferment':
      return { kind: 'covers' };
    default:
      return undefined;
  }
}
