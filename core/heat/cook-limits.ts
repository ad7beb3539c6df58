import { environmentNamed, usualC } from '../places/index.ts';
import { dimensionsOf } from './cut-dimensions.ts';
import type { CookSpec } from './cook-spec.ts';
import { formOf, thicknessMmOf } from './form.ts';

/** What no kitchen has: where it stands in a cook, what is wrong, and what to do. */
export interface ImpossibleCook {
  readonly at: 'weight' | 'thickness' | { readonly stage: number };
  readonly wrong: string;
  readonly mend: string;
}

/** Times the weight a cut usually has: beyond, it is another animal or a slip of the pen. */
const HEAVIEST_TIMES = 8;
const LIGHTEST_SHARE = 0.02;
const HEAVIEST_G = 60_000;
/** No piece is longer or wider, m. */
const LONGEST_M = 1.2;
/** Times its usual thickness. */
const THICKEST_TIMES = 4;
/** A place without a setting is what it is, give or take, °C. */
const STRAYS_C = 12;

type OfPiece = Pick<CookSpec, 'piece'>;

/**
 * What of a piece of a meal cannot be meant: heavier than any, or not as thick as its weight asks. Of
 * so many guests that one shoulder would not do, the plan tells by its hours.
 */
export function impossiblePiece(piece: CookSpec['piece']): ImpossibleCook[] {
  const heavy = piece.weightG > HEAVIEST_G ? [wrongWeight(piece, 0, HEAVIEST_G)] : [];
  return [...heavy, ...impossibleThickness({ piece })];
}

/** Everything about a cook that cannot be meant. Empty for what a kitchen may do. */
export function impossibleIn(spec: CookSpec): ImpossibleCook[] {
  return [...impossibleWeight(spec), ...impossibleThickness(spec), ...impossibleHeats(spec)];
}

function impossibleWeight({ piece }: OfPiece): ImpossibleCook[] {
  const { cut, weightG } = piece;
  const dimensions = dimensionsOf(cut);
  const most =
    dimensions && !dimensions.pieces
      ? Math.min(HEAVIEST_G, HEAVIEST_TIMES * dimensions.atG)
      : HEAVIEST_G;
  const least = lightestG(cut);
  if (weightG <= most && weightG >= least) return [];
  return [wrongWeight(piece, least, most)];
}

function wrongWeight(
  { cut, weightG }: CookSpec['piece'],
  least: number,
  most: number,
): ImpossibleCook {
  const weighs = least > 0 ? `${kg(least)} to ${kg(most)}` : `at most ${kg(most)}`;
  return {
    at: 'weight',
    wrong: `is ${kg(weightG)} for one piece of ${cut.name}; it weighs ${weighs}`,
    mend: 'Write the weight of one piece, with its unit',
  };
}

function lightestG(cut: CookSpec['piece']['cut']): number {
  const dimensions = dimensionsOf(cut);
  return dimensions ? LIGHTEST_SHARE * dimensions.atG : 1;
}

function impossibleThickness({ piece }: OfPiece): ImpossibleCook[] {
  const { thicknessMm, ...unmeasured } = piece;
  if (thicknessMm === undefined) return [];
  const usual = thicknessMmOf(unmeasured);
  const form = formOf(piece);
  const longM = 2 * form.halfM * ('long' in form ? form.long : 1);
  if (thicknessMm <= THICKEST_TIMES * usual && longM <= LONGEST_M) return [];
  return [
    {
      at: 'thickness',
      wrong: `is ${thicknessMm} mm on ${kg(piece.weightG)} of ${piece.cut.name}, which is about ${Math.round(usual)} mm thick`,
      mend: 'Measure where it is thickest, or leave the thickness out',
    },
  ];
}

function impossibleHeats({ stages, conditions }: CookSpec): ImpossibleCook[] {
  return stages.flatMap(({ cooker, tempC }, stage) => {
    if (tempC === undefined) return [];
    const { heats, words } = environmentNamed(cooker);
    const usual = usualC(cooker, conditions);
    const [least, most] = heats ?? [usual - STRAYS_C, usual + STRAYS_C];
    if (tempC >= least && tempC <= most) return [];
    const range = `${Math.round(least)} to ${Math.round(most)} °C`;
    return [
      {
        at: { stage },
        wrong: `is ${tempC} °C, and ${words.en} is ${range}`,
        mend: heats ? `Write ${range}` : 'Leave the temperature out',
      },
    ];
  });
}

function kg(weightG: number): string {
  return weightG < 1000 ? `${Math.round(weightG)} g` : `${Number((weightG / 1000).toFixed(1))} kg`;
}
