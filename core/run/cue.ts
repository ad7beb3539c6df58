import { COVERS_BY_MM, DOUGH_RISEN_TIMES, IN_PAN_MM, REDUCED_TO_SHARE } from '../figures/index.ts';
import { formOf, isHollow, thicknessMmOf, type Piece } from '../heat/index.ts';
import {
  cutOf,
  foodsByStep,
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
      readonly shape: ProbeShape;
      readonly bone: boolean;
      /** Where it is thickest. */
      readonly thicknessMm: number;
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
  /** What it lies in stands above it: so high, where the piece is known. */
  | { readonly kind: 'covers'; readonly levelMm?: number | undefined };

/** Where the thickest part of a piece is, and from where a probe gets there. */
export type ProbeShape = 'bird' | 'stuffedBird' | 'fish' | 'slab' | 'joint';

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

function probeShapeOf(piece: Piece): ProbeShape {
  const { cut } = piece;
  if (isHollow(cut) && !BREAST.test(cut.id)) {
    return piece.prepared === 'stuffed' ? 'stuffedBird' : 'bird';
  }
  if (cut.animal === 'fish' && WHOLE.test(cut.id)) return 'fish';
  const form = formOf(piece);
  const wide = 'wide' in form ? form.wide : form.kind === 'slab' ? Infinity : 1;
  return wide >= FLAT_FROM && thicknessMmOf(piece) <= FLAT_MOST_MM ? 'slab' : 'joint';
}

/** So many times as wide as thick, and no thicker, a piece is probed from its side. Our own lines, no source. */
const FLAT_FROM = 1.7;
const FLAT_MOST_MM = 55;

const WHOLE = /whole/;
const BREAST = /breast/;

function isDry({ mixtures }: Dish, { time }: Step): boolean {
  return (
    time.kind === 'soak' &&
    mixtures.some(({ id, kind }) => id === time.mixture && kind === 'dry brine')
  );
}

/** The level of what covers the thickest food of a step that lies flat in it. */
function coverMm(meal: Meal, dish: Dish, step: Step): number | undefined {
  const ids = foodsByStep(meal, dish).get(step.id) ?? [];
  const thick = dish.foods.flatMap((food) => {
    const cut = ids.includes(food.id) ? cutOf(meal, food) : undefined;
    const piece = cut && cut.animal !== 'none' ? pieceOf(meal, dish, food) : undefined;
    return piece ? [thicknessMmOf(piece)] : [];
  });
  return thick.length === 0 ? undefined : Math.round(Math.max(...thick)) + COVERS_BY_MM;
}

/** The cue of a step; none where a clock or a thermometer on the oven says it all. */
export function cueOf(meal: Meal, dish: Dish, step: Step): Cue | undefined {
  const { time, verb, doneWhen, label } = step;
  if (CARAMEL.test(`${label} ${doneWhen?.text ?? ''}`)) return { kind: 'sugar' };
  if (time.kind === 'heat') {
    if ('tender' in time.until) return { kind: 'fork', until: time.until.tender };
    const food = dish.foods.find(({ id }) => id === time.food);
    const piece = food && food.cut !== undefined ? pieceOf(meal, dish, food) : undefined;
    if (piece) {
      const thicknessMm = Math.round(thicknessMmOf(piece));
      const bone = piece.cut.boneShare > 0;
      return {
        kind: 'probe',
        shape: probeShapeOf(piece),
        bone,
        thicknessMm,
        coreC: time.until.coreC,
      };
    }
  }
  switch (verb) {
    case 'reduce':
      return reduceCue(meal, dish, step);
    case 'glaze':
      return { kind: 'coats' };
    case 'ferment':
      // A starter ripens in its jar as a dough rises in its tub.
      if (dish.steps.some((one) => one.verb === 'rise')) {
        return { kind: 'dough', times: DOUGH_RISEN_TIMES };
      }
      return { kind: 'covers', levelMm: coverMm(meal, dish, step) };
    case 'rise':
      return { kind: 'dough', times: DOUGH_RISEN_TIMES };
    case 'smoke':
      return { kind: 'smoke' };
    case 'light':
      return step.place.kind === 'smoker' ? { kind: 'smoke' } : undefined;
    case 'sear':
    case 'brown':
      return { kind: 'release' };
    case 'braise':
      return { kind: 'fork', until: 'slices' };
    case 'brine':
      // Dry salt covers nothing.
      if (isDry(dish, step)) return undefined;
      return { kind: 'covers', levelMm: coverMm(meal, dish, step) };
    case 'soak':
      return { kind: 'covers', levelMm: coverMm(meal, dish, step) };
    default:
      return undefined;
  }
}

/** The cue of a step that is begun now, where there is one to begin it by. */
export function cueToBegin({ verb, place }: Step): Cue | undefined {
  return verb === 'smoke' && place.kind === 'smoker' ? { kind: 'smoke' } : undefined;
}
