/** A length of time where it stands in a text, in minutes, before it is known how it is meant. */
export interface Atom {
  readonly from: number;
  readonly to: number;
  readonly least: number;
  readonly likely: number;
  readonly most: number;
  readonly night: boolean;
  readonly bare?: boolean;
}

/** A length that is one number. */
export function exactly(minutes: number): { least: number; likely: number; most: number } {
  return { least: minutes, likely: minutes, most: minutes };
}

export function middle(least: number, most: number): number {
  return (least + most) / 2;
}
