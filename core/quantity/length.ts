import { MM_PER_INCH } from '../figures/index.ts';
import { NUMBER_PATTERN, readNumber, writeNumber } from './number.ts';
import type { UnitSystem } from './show.ts';

const MM_PER: Readonly<Record<string, number>> = {
  mm: 1,
  cm: 10,
  in: MM_PER_INCH,
  inch: MM_PER_INCH,
  inches: MM_PER_INCH,
  '"': MM_PER_INCH,
  '″': MM_PER_INCH,
};
const WRITTEN = new RegExp(`^(${NUMBER_PATTERN})\\s*(mm|cm|in|inch|inches|"|″)?$`, 'i');

/**
 * Millimetres as a cook types them: "28 cm", "30 mm", "1 1/4 in", "11″". Undefined when unreadable.
 *
 * @param bare what a number alone is
 */
export function readLengthMm(text: string, bare: 'mm' | 'cm'): number | undefined {
  const [, number, unit] = WRITTEN.exec(text.trim()) ?? [];
  const value = number === undefined ? 'not-a-number' : readNumber(number);
  if (typeof value !== 'number') return undefined;
  return value * (MM_PER[unit?.toLowerCase() ?? bare] ?? NaN);
}

/** "28 cm", "3.2 cm"; in US units to the quarter inch, "11 in", "1¼ in". At least 0. */
export function showLength(mm: number, units: UnitSystem = 'metric'): string {
  if (units === 'us') return `${writeNumber(Math.round((mm / MM_PER_INCH) * 4) / 4)} in`;
  return `${writeDecimals(mm / 10)} cm`;
}

/** Of what is marked with a finger: "38 mm"; in US units to the quarter inch. At least 0. */
export function showDepth(mm: number, units: UnitSystem = 'metric'): string {
  return units === 'us' ? showLength(mm, units) : `${Math.round(mm)} mm`;
}

function writeDecimals(value: number): string {
  return String(Math.round(value * 10) / 10);
}
