import { NUMBER_PATTERN, readNumber } from './number.ts';
import { QuantityError, type Quantity } from './quantity.ts';
import { findUnit, MINUTES_PER, type SpoonSystem } from './units.ts';

const LEAD = new RegExp(
  `^(${NUMBER_PATTERN})(?:\\s*(?:-|–|—|to|or)\\s*(${NUMBER_PATTERN}))?\\s*(.*)$`,
  'u',
);

/**
 * Reads an amount: "1 1/2 tbsp", "½ cup", "2–3 cloves", "1,5 kg", "118 °C", "5 h 30", "8".
 *
 * @param text what the cook wrote
 * @param spoons whose cups and spoons a bare "cup" or "tbsp" means
 * @throws QuantityError naming what is wrong and what to write instead
 */
export function parseQuantity(text: string, spoons: SpoonSystem = 'us'): Quantity {
  const trimmed = text.trim();
  const match = LEAD.exec(trimmed);
  if (!match) {
    throw new QuantityError(
      text,
      'does not begin with a number',
      'Write one first, as in “2 tbsp”.',
    );
  }
  const low = numberOrThrow(match[1] ?? '', text);
  const high = match[2] === undefined ? low : numberOrThrow(match[2], text);
  if (high < low) {
    throw new QuantityError(text, 'runs from more to less', 'Write the smaller number first.');
  }
  const rest = (match[3] ?? '').trim();
  return withUnit(text, low, high, rest, spoons);
}

function withUnit(
  text: string,
  low: number,
  high: number,
  rest: string,
  spoons: SpoonSystem,
): Quantity {
  const degrees = /^(?:°|deg(?:rees)?)?\s*([CF])$/i.exec(rest);
  if (degrees) {
    return { dimension: 'temperature', low, high, unit: `°${(degrees[1] ?? 'C').toUpperCase()}` };
  }
  if (rest === '°') return { dimension: 'temperature', low, high, unit: '°C' };
  const compound = compoundTime(text, low, high, rest);
  if (compound) return compound;
  const found = findUnit(rest, spoons);
  if (found) return { ...found, low, high };
  if (/\d/.test(rest)) {
    throw new QuantityError(text, 'holds two amounts', 'Write one amount with one unit.');
  }
  return { dimension: 'count', low, high, unit: rest };
}

/** "5 h 30", "1 hour 30 minutes", "2 d 4 h": whole hours with minutes behind them. */
function compoundTime(text: string, low: number, high: number, rest: string): Quantity | undefined {
  const match = /^([a-z]+)\s*(?:and\s*)?(\d+)\s*([a-z]*)$/i.exec(rest);
  if (!match) return undefined;
  const first = findUnit(match[1] ?? '', 'us');
  const secondWord = match[3] === '' ? (first?.unit === 'd' ? 'h' : 'min') : (match[3] ?? '');
  const second = findUnit(secondWord, 'us');
  if (first?.dimension !== 'time' || second?.dimension !== 'time') return undefined;
  const perFirst = MINUTES_PER[first.unit] ?? 1;
  const perSecond = MINUTES_PER[second.unit] ?? 1;
  if (perSecond >= perFirst || low !== high) {
    throw new QuantityError(text, 'is not a time span Zemrin can read', 'Write it as “5 h 30”.');
  }
  const minutes = low * perFirst + Number(match[2]) * perSecond;
  return { dimension: 'time', low: minutes, high: minutes, unit: 'min' };
}

function numberOrThrow(token: string, text: string): number {
  const value = readNumber(token);
  if (value === 'unclear') {
    const digits = token.replace(',', '');
    throw new QuantityError(
      text,
      'can be read two ways',
      `Write ${digits} or ${Number(token.replace(',', '.'))}.`,
    );
  }
  if (value === 'not-a-number') {
    throw new QuantityError(text, 'holds a number Zemrin cannot read', 'Write it as 1.5 or 1 1/2.');
  }
  return value;
}
