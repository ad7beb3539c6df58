import type { Meal } from '@zemrin/core';

/** A meal in the browser's store: the document as it would lie in a file, and how often it was written. */
export interface StoredMeal {
  readonly revision: number;
  readonly document: unknown;
}

/** A deleted meal, kept so that it can be brought back. */
export interface Binned {
  readonly meal: Meal;
  readonly deletedMin: number;
}

/** What lies in the bin, before it is read. */
export interface StoredBinned {
  readonly document: unknown;
  readonly deletedMin: number;
}

/** What could not be read, kept as it is. */
export interface Unreadable {
  /** Its key among what is kept aside: nothing is ever written over it. */
  readonly key: string;
  /** The id it was stored under. */
  readonly id: string;
  readonly document: unknown;
  readonly why: string;
}

/** A run without its events: those lie one by one in a store of their own, and are only added to. */
export interface StoredRun {
  readonly id: string;
  readonly startedMin: number;
  /** The meal as it was then. */
  readonly document: unknown;
  readonly rehearsal?: Rehearsed | undefined;
  /** Other devices on the home network cook it too. */
  readonly shared?: boolean | undefined;
}

/** A run that is only practised: its clock goes quicker, from a moment of the machine's. */
export interface Rehearsed {
  readonly speed: number;
  readonly fromMs: number;
}
