/** Sodium a day, mg. Source: the Daily Value on US food labels (FDA), from memory, confidence 0.98. */
export const DAILY_SODIUM_MG = 2300;
/** Salt a day at most, g. Sources: WHO, and the UK’s advice; from memory, confidence 0.98. */
export const DAILY_SALT_G = { who: 5, uk: 6 } as const;
/** Added sugars a day, g. Source: the Daily Value on US food labels, from memory, confidence 0.98. */
export const DAILY_SUGARS_G = 50;

/** Salt on European labels is sodium times this. Source: Regulation (EU) 1169/2011, from memory. */
const LABEL_SALT_PER_SODIUM = 2.5;

/** Salt as labels count it: all sodium, whether it is salt or not. */
export function labelSaltG(sodiumMg: number): number {
  return (sodiumMg / 1000) * LABEL_SALT_PER_SODIUM;
}

/** What a US label may call a serving. */
export type SodiumTerm = 'free' | 'veryLow' | 'low';

/**
 * What a serving with so much sodium may be called: free below 5 mg, very low up to 35, low up to
 * 140; nothing above. Source: US labels, 21 CFR 101.61, from memory, confidence 0.98.
 */
export function sodiumTerm(mgPerServing: number): SodiumTerm | undefined {
  if (mgPerServing < 5) return 'free';
  if (mgPerServing <= 35) return 'veryLow';
  return mgPerServing <= 140 ? 'low' : undefined;
}
