import { massOf, toMinutes } from './convert.ts';
import { parseQuantity } from './parse.ts';
import { QuantityError } from './quantity.ts';

/** Minutes as a cook types them: "90", "90 min", "1 h 30", "2 days". Undefined when unreadable. */
export function readMinutes(text: string): number | undefined {
  return tried(() => {
    const quantity = parseQuantity(text);
    const bare = quantity.dimension === 'count' && quantity.unit === '';
    return Math.round(bare ? quantity.low : toMinutes(quantity));
  });
}

/**
 * Grams as read off a scale: "2.62 kg", "580 g", "5 lb 12 oz", or a bare number, which is
 * kilograms up to 20 and grams above. Undefined when unreadable.
 */
export function readWeight(text: string): number | undefined {
  return tried(() => {
    const pounds = /^(.+?lbs?)\s+(.+oz)$/i.exec(text.trim());
    if (pounds) {
      return massOf(parseQuantity(pounds[1] ?? '')) + massOf(parseQuantity(pounds[2] ?? ''));
    }
    const quantity = parseQuantity(text);
    if (quantity.dimension !== 'count' || quantity.unit !== '') return massOf(quantity);
    return quantity.low <= 20 ? quantity.low * 1000 : quantity.low;
  });
}

function tried(read: () => number): number | undefined {
  try {
    return read();
  } catch (error) {
    if (error instanceof QuantityError) return undefined;
    throw error;
  }
}
