/** When a step is planned. */
export interface StepTiming {
  readonly id: string;
  readonly startMin: number;
  readonly endMin: number;
}
