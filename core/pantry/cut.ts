import type { Animal, Avoidable, CutRow, Shape, SoakGroup, Texture } from './rows.ts';

/** A cut of meat or fish, or a vegetable or grain one weighs as the food of a dish. */
export interface Cut {
  readonly id: string;
  readonly name: string;
  readonly animal: Animal;
  /** How it bears acid and fruit enzymes. */
  readonly soaks: SoakGroup;
  /** The shop section of what was no animal. */
  readonly section?: string | undefined;
  /** What it holds of what eaters avoid, its animal among it. */
  readonly holds: readonly Avoidable[];
  /** % of the edible raw part. */
  readonly composition?: CutComposition | undefined;
  readonly shape: Shape;
  /** The usual thickness, through which heat must go. */
  readonly thicknessMm: number;
  /** What salt and marinade must go through: less where the inside is hollow. */
  readonly meatMm: number;
  /** The cut of heat's dimensions it is as large as; left out, a flat or round piece of the thickness. */
  readonly sizedAs?: string | undefined;
  readonly boneShare: number;
  readonly trimShare: number;
  /** Cooked weight over raw weight. */
  readonly cookedShare: number;
  /** Edible cooked weight over weight as bought. */
  readonly servedShare: number;
  readonly rawPerAdultG: { readonly low: number; readonly high: number };
  readonly pieceG?: number | undefined;
  readonly piecesPerAdult?: number | undefined;
  /** Minutes in boiling water, and in steam. */
  readonly boilMin?: MinuteSpan | undefined;
  readonly steamMin?: MinuteSpan | undefined;
  /** Minutes in water that has boiled, off the fire. */
  readonly restMin?: MinuteSpan | undefined;
  /** Water for a grain that takes it all up, over its dry weight, for about 300 g. */
  readonly waterShare?: number | undefined;
  /** The same by the cup. */
  readonly waterCups?: number | undefined;
  readonly targets: ReadonlyArray<{ readonly texture: Texture; readonly coreC: number }>;
  readonly own: boolean;
}

export interface MinuteSpan {
  readonly least: number;
  readonly most: number;
}

/** Raw all through, not only on its surface: mince, in a skin or not. */
export function isMince({ id }: Pick<Cut, 'id'>): boolean {
  return id.endsWith('mince');
}

/**
 * Whether guidance asks of a cut what it asks of mince: mince itself, and organs, which are to be 71 °C
 * inside and keep a day or two raw. Source: USDA/FSIS, variety meats from farm to table, from memory.
 */
export function isJudgedAsMince(cut: Pick<Cut, 'id'>): boolean {
  return isMince(cut) || ORGANS.test(cut.id);
}

const ORGANS = /^(?:beef|lamb|pork)-(?:liver|kidney|heart)$/;

/** Cooked where it was made, and only warmed. */
export function isReady(cut: Pick<Cut, 'id'>): boolean {
  return cut.id.startsWith('ham-cooked') || isLeftOver(cut);
}

/** Cooked before, chilled, and not packed where it was made: left over, or bought so. */
export function isLeftOver({ id }: Pick<Cut, 'id'>): boolean {
  return id.startsWith('cooked-');
}

/** An egg in its shell. */
export function isShellEgg({ id }: Pick<Cut, 'id'>): boolean {
  return /^eggs(?:-|$)/.test(id);
}

/** What eggs set: it is done when it is set, and holds egg. */
export function isEggDish({ holds, targets }: Pick<Cut, 'holds' | 'targets'>): boolean {
  return holds.includes('egg') && targets.some(({ texture }) => texture === 'set');
}

/** What an animal is to those who avoid it. */
const ANIMAL_HOLDS: Readonly<Record<Animal, readonly Avoidable[]>> = {
  none: [],
  fish: ['fish'],
  shellfish: ['shellfish'],
  pork: ['meat', 'pork'],
  beef: ['meat'],
  lamb: ['meat'],
  poultry: ['meat'],
  game: ['meat'],
};

export function heldBy(
  animal: Animal,
  besides: readonly Avoidable[] | undefined,
): readonly Avoidable[] {
  return [...ANIMAL_HOLDS[animal], ...(besides ?? [])];
}

export interface CutComposition {
  readonly waterPct: number;
  readonly proteinPct: number;
  readonly fatPct: number;
  readonly carbohydratePct: number;
  readonly ashPct: number;
}

export function cutFromRow(row: CutRow): Cut {
  const [waterPct, proteinPct, fatPct, carbohydratePct, ashPct] = row.composition[0];
  return {
    id: row.id,
    name: row.name,
    animal: row.animal,
    soaks: row.soaks,
    section: row.section,
    holds: heldBy(row.animal, row.holds),
    composition: { waterPct, proteinPct, fatPct, carbohydratePct, ashPct },
    shape: row.shape,
    thicknessMm: row.thicknessMm[0],
    meatMm: row.meatMm?.[0] ?? row.thicknessMm[0],
    sizedAs: row.id,
    boneShare: row.boneShare[0],
    trimShare: row.trimShare[0],
    cookedShare: row.cookedShare[0],
    servedShare: row.servedShare[0],
    rawPerAdultG: { low: row.rawPerAdultG[0][0], high: row.rawPerAdultG[0][1] },
    pieceG: row.pieceG?.[0],
    piecesPerAdult: row.piecesPerAdult?.[0],
    boilMin: spanOf(row.boilMin),
    steamMin: spanOf(row.steamMin),
    restMin: spanOf(row.restMin),
    waterShare: row.waterShare?.[0],
    waterCups: row.waterCups?.[0],
    targets: row.targets.map(({ texture, coreC }) => ({ texture, coreC: coreC[0] })),
    own: false,
  };
}

function spanOf(row: CutRow['boilMin']): MinuteSpan | undefined {
  return row && { least: row[0][0], most: row[0][1] };
}
