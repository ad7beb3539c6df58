import { KEEPING, type Keeping, type KeepingKind, type KeepingRange } from './figures/index.ts';

/** The chart as one reads it: "1–2", "7". */
export function keepingTable(): Array<{
  kept: KeepingKind;
  days: string;
  months: string | undefined;
}> {
  return Object.entries<Keeping>(KEEPING).map(([kept, { fridgeDays, freezerMonths }]) => ({
    // The keys of an object are told as any text.
    kept: kept as KeepingKind,
    days: said(fridgeDays),
    months: freezerMonths && said(freezerMonths),
  }));
}

function said([least, most]: KeepingRange): string {
  return least === most ? String(least) : `${least}–${most}`;
}
