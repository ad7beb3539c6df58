import { NUMBER, numberIn } from './numbers.ts';

const FIRST = new RegExp(`(${NUMBER})(?:\\s*(?:-|–|—|to|a)\\s*(${NUMBER}))?`, 'i');

/** How many a recipe feeds: "Serves 4–6" is five. Undefined where it says a weight or nothing. */
export function portionsIn(text: string): number | undefined {
  if (/\d\s*(?:g|kg|ml|l|oz|lb|cups?|tazas?|litres?|liters?)\b/i.test(text)) return undefined;
  const match = FIRST.exec(text.replace(/^\D*?(?=\d)/u, ''));
  if (!match) return undefined;
  const [, low = '', high] = match;
  const value = high === undefined ? numberIn(low) : (numberIn(low) + numberIn(high)) / 2;
  return Number.isFinite(value) && value > 0 && value < 500 ? value : undefined;
}
