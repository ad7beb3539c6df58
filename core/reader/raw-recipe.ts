/** What a page or a clipping holds, before any of it is understood. */
export interface RawRecipe {
  readonly title?: string | undefined;
  readonly yieldText?: string | undefined;
  readonly ingredients: readonly RawLine[];
  readonly method: readonly RawLine[];
  /** Times and portions, as lines of their own. */
  readonly facts?: readonly string[] | undefined;
  /** Lines that are neither. */
  readonly other: readonly string[];
}

export interface RawLine {
  readonly text: string;
  /** The heading it stands under: "Marinade". */
  readonly group?: string | undefined;
  /** It stands below "The night before". */
  readonly dayBefore?: boolean | undefined;
  /** The clock it stood behind, in a timetable: "10.30". */
  readonly clock?: string | undefined;
}
