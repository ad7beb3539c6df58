import type { ReadAct } from './context.ts';

/** A line of the text with what became of it. */
export interface ReadLine {
  readonly text: string;
  readonly part: 'title' | 'fact' | 'ingredient' | 'method' | 'unread';
  /** Which ingredient or steps, by their index. */
  readonly ingredient?: number | undefined;
  readonly acts: readonly number[];
  /** Parts of the text that were understood. */
  readonly lit: ReadonlyArray<readonly [from: number, to: number]>;
  /** Something in it was guessed. */
  readonly guessed: boolean;
  /** A time or a heat in it that no step took, or an order that none of its steps is. */
  readonly lost?: boolean | undefined;
  /** It is lost because of the order: its numbers are owned, and probably by the wrong step. */
  readonly contradicted?: boolean | undefined;
  /** Which sentence of the method it is, where it could be read in another way as well. */
  readonly sentence?: number | undefined;
  /** The steps of that other way. */
  readonly other?: readonly ReadAct[] | undefined;
}

/** A line as it stands, of a part of the recipe. */
export function lineOf(
  text: string,
  part: ReadLine['part'],
  more: Partial<ReadLine> = {},
): ReadLine {
  return { text, part, acts: [], lit: [], guessed: false, ...more };
}
