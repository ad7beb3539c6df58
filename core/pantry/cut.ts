import type { Animal, CutBody, CutRow, Shape, SoakGroup, Texture } from './rows.ts';

/** A cut of meat or fish, or a vegetable or grain one weighs as the food of a dish. */
export interface Cut {
  readonly id: string;
  readonly name: string;
  readonly animal: Animal;
  /** How it bears acid and fruit enzymes. */
  readonly soaks: SoakGroup;
  /** % of the edible raw part. */
  readonly composition?: Composition | undefined;
  readonly shape: Shape;
  /** The usual thickness, through which heat must go. */
  readonly thicknessMm: number;
  /** What salt and marinade must go through: less where the inside is hollow. */
  readonly meatMm: number;
  /** The shape of a joint by its weight, as heat sees it. */
  readonly body?: CutBody | undefined;
  readonly boneShare: number;
  readonly trimShare: number;
  /** Cooked weight over raw weight. */
  readonly cookedShare: number;
  /** Edible cooked weight over weight as bought. */
  readonly servedShare: number;
  readonly rawPerAdultG: { readonly low: number; readonly high: number };
  readonly pieceG?: number | undefined;
  readonly piecesPerAdult?: number | undefined;
  readonly targets: ReadonlyArray<{ readonly texture: Texture; readonly coreC: number }>;
  readonly own: boolean;
}

export interface Composition {
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
    composition: { waterPct, proteinPct, fatPct, carbohydratePct, ashPct },
    shape: row.shape,
    thicknessMm: row.thicknessMm[0],
    meatMm: row.meatMm?.[0] ?? row.thicknessMm[0],
    body: row.body?.[0],
    boneShare: row.boneShare[0],
    trimShare: row.trimShare[0],
    cookedShare: row.cookedShare[0],
    servedShare: row.servedShare[0],
    rawPerAdultG: { low: row.rawPerAdultG[0][0], high: row.rawPerAdultG[0][1] },
    pieceG: row.pieceG?.[0],
    piecesPerAdult: row.piecesPerAdult?.[0],
    targets: row.targets.map(({ texture, coreC }) => ({ texture, coreC: coreC[0] })),
    own: false,
  };
}
