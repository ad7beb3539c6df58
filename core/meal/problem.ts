/** One thing wrong in a meal file: where, what, and what to do. */
export interface MealProblem {
  /** "dishes[0].steps[2].time.leastMin". */
  readonly path: string;
  readonly wrong: string;
  readonly mend: string;
}
