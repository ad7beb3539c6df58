/** Where most mixtures lie on a meter, and where its scale ends; %, and of raw fruit g to a kilo. Common practice, no source. */
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
  /** Strong raw fruit on a kilo of food, g: a hundred is much. */
  enzyme: { from: 0, to: 30, most: 300 },
  sugar: { from: 0, to: 8, most: 60 },
};
