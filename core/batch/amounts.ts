import { ML_PER, parseQuantity, printQuantity, type SpoonSystem } from '../quantity/index.ts';

/**
 * What the recipe must say for the batch to get an amount: the amount over the factor. Spoons
 * become millilitres, since nobody reads 1.71 spoons.
 *
 * @throws QuantityError when the text is no amount
 */
export function recipeAmount(text: string, factor: number, spoons: SpoonSystem): string {
  const amount = parseQuantity(text, spoons);
  if (factor === 1 || factor <= 0) return text;
  const ml = amount.dimension === 'volume' ? ML_PER[amount.unit] : undefined;
  const times = (ml ?? 1) / factor;
  return printQuantity(
    {
      dimension: amount.dimension,
      unit: ml === undefined ? amount.unit : 'ml',
      low: tidy(amount.low * times),
      high: tidy(amount.high * times),
    },
    spoons,
  );
}

/** A little more or less of an amount: a twentieth, or half a piece. Never nothing. */
export function nudgeAmount(text: string, direction: 1 | -1, spoons: SpoonSystem): string {
  const amount = parseQuantity(text, spoons);
  const step = (value: number) =>
    amount.dimension === 'count'
      ? Math.max(0.5, value + direction * 0.5)
      : tidy(Math.max(0, value * (1 + direction * 0.05) || (direction > 0 ? 1 : 0)));
  return printQuantity({ ...amount, low: step(amount.low), high: step(amount.high) }, spoons);
}

/** Three figures, as one would write it down. */
function tidy(value: number): number {
  return value === 0 ? 0 : Number(value.toPrecision(3));
}
