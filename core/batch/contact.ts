import { COMES_OFF_SHARE } from '../figures/index.ts';
/**
 * What a mixture has touched. A sauce is clean, or has been on raw food and boiled; that what
 * has touched raw food cannot be served, basted or set aside is a matter of types.
 */
export interface Amount {
  readonly grams: number;
  readonly ml: number;
}

export interface Clean extends Amount {
  readonly contact: 'clean';
}

export interface TouchedRaw extends Amount {
  readonly contact: 'raw';
}

export interface Boiled extends Amount {
  readonly contact: 'boiled';
}

/** What may go on a plate, or on cooked food. */
export type Servable = Clean | Boiled;

/** Freshly mixed: nothing raw has touched it. */
export function mixed(amount: Amount): Clean {
  return { contact: 'clean', grams: amount.grams, ml: amount.ml };
}

/**
 * Sets a part aside before anything raw touches the mixture.
 *
 * @param share of the whole, 0 to 1
 * @returns the part kept and the rest; together they are the whole
 */
export function setAside(whole: Clean, share: number): { kept: Clean; rest: Clean } {
  const kept = mixed({ grams: whole.grams * share, ml: whole.ml * share });
  return { kept, rest: mixed({ grams: whole.grams - kept.grams, ml: whole.ml - kept.ml }) };
}

/** It goes on raw food. */
export function ontoRaw(mixture: Clean): TouchedRaw {
  return { ...mixture, contact: 'raw' };
}

/** A full rolling boil: the only way from raw food to a plate. */
export function boil(mixture: TouchedRaw): Boiled {
  return {
    contact: 'boiled',
    grams: mixture.grams * COMES_OFF_SHARE,
    ml: mixture.ml * COMES_OFF_SHARE,
  };
}

/** How much there is to serve, in grams. */
export function toServe(amount: Servable): number {
  return amount.grams;
}
