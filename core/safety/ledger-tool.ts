/** What food touches besides food: the board with knife, brush and hands, or a vessel. */
export interface LedgerTool {
  readonly id: string;
  readonly kind: 'board' | 'vessel';
  /** A vessel's own. */
  readonly name?: string | undefined;
  /** From one step that uses it to the next. */
  readonly spans: readonly ToolSpan[];
}

/** A tool from the start of a step that uses it until another does. */
export interface ToolSpan {
  readonly fromMin: number;
  readonly toMin: number;
  readonly dish: string;
  readonly step: string;
  /** The raw food whose traces the step finds on it; none where it is clean. */
  readonly before?: RawTrace | undefined;
  /** And what is on it from then on. */
  readonly raw?: RawTrace | undefined;
}

/** Raw meat or fish that has lain somewhere nobody has washed since. */
export interface RawTrace {
  readonly dish: string;
  /** By id. */
  readonly foods: readonly string[];
  readonly untilMin: number;
}
