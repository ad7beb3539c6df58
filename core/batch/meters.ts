/** Where most mixtures lie on a meter, and where its scale ends; %. Common practice, no source. */
export interface MeterRange {
  readonly from: number;
  readonly to: number;
  readonly most: number;
}

/** Less sugar than this in what is put on food does not show, %. Common practice, no source. */
export const SUGAR_SHOWS_PCT = 4;

export const METER_RANGES: Readonly<Record<'salt' | 'acid' | 'enzyme' | 'sugar', MeterRange>> = {
  /** Of the food; dry brines 0.8 to 1.5. */
  salt: { from: 0.8, to: 1.5, most: 5 },
  acid: { from: 0.3, to: 2, most: 6 },
  /** Raw fruit: a tenth is strong. */
  enzyme: { from: 0, to: 3, most: 20 },
  sugar: { from: 0, to: 8, most: 60 },
};
