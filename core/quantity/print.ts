import { writeDecimal, writeNumber } from './number.ts';
import type { Quantity } from './quantity.ts';
import { BARE_MEASURE, type SpoonSystem } from './units.ts';

/** Units one reads off a scale or a dial: never in vulgar fractions. */
const DECIMAL_UNITS = new Set(['mg', 'g', 'kg', 'ml', 'cl', 'dl', 'l', '°C', '°F', 'min']);

/**
 * Prints an amount so that parseQuantity, told the same spoons, gives exactly it back:
 * "1½ tbsp", "2–3 cloves", "118 °C". A measure of another country keeps its name: "metric cup".
 */
export function printQuantity(quantity: Quantity, spoons: SpoonSystem = 'us'): string {
  const write = DECIMAL_UNITS.has(quantity.unit) ? writeDecimal : writeNumber;
  const number =
    quantity.low === quantity.high
      ? write(quantity.low)
      : `${write(quantity.low)}–${write(quantity.high)}`;
  const unit = shortUnit(quantity.unit, spoons);
  return unit === '' ? number : `${number} ${unit}`;
}

/** The unit without its country where the cook's own system already says it. */
export function shortUnit(unit: string, spoons: SpoonSystem): string {
  for (const [bare, named] of Object.entries(BARE_MEASURE[spoons])) {
    if (named === unit) return bare;
  }
  return unit;
}
