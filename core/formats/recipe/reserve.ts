import { ML_PER } from '../../quantity/index.ts';
import { NUMBER, numberIn } from './numbers.ts';

const SHARE =
  /(?:reserve|set aside|keep(?: back)?|save|reserva|aparta|guarda)\s+(?:about\s+)?(half|a third|one third|a quarter|la mitad|un tercio|un cuarto)(?!\s+(?:cup|an? ))/iu;
const AMOUNT = new RegExp(
  `(?:reserve|set aside|keep(?: back)?|save|reserva|aparta|guarda)\\s+(?:about\\s+)?(${NUMBER})\\s*(cups?|tazas?|ml|tbsp|tablespoons?|cucharadas?)`,
  'iu',
);
const SHARES: Readonly<Record<string, number>> = {
  half: 0.5,
  'la mitad': 0.5,
  'a third': 1 / 3,
  'one third': 1 / 3,
  'un tercio': 1 / 3,
  'a quarter': 0.25,
  'un cuarto': 0.25,
};

/** What is set aside before raw food is touched: of a mixture of so many millilitres. */
export function reserveIn(
  sentences: readonly string[],
): ((totalMl: number) => { amount: string; purpose: string } | undefined) | undefined {
  for (const text of sentences) {
    const purpose = /bast|brush|roci/iu.test(text)
      ? 'baste'
      : /glaz|glase/iu.test(text)
        ? 'glaze'
        : 'sauce';
    const amount = AMOUNT.exec(text);
    if (amount) {
      const unit = /^(?:cup|taza)/i.test(amount[2] ?? '')
        ? 'US cup'
        : /^ml/i.test(amount[2] ?? '')
          ? 'ml'
          : 'US tbsp';
      const ml = numberIn(amount[1] ?? '') * (ML_PER[unit] ?? 1);
      return () => ({ amount: `${Math.round(ml)} ml`, purpose });
    }
    const share = SHARES[SHARE.exec(text)?.[1]?.toLowerCase() ?? ''];
    if (share !== undefined) {
      return (totalMl) =>
        totalMl > 0 ? { amount: `${Math.round(totalMl * share)} ml`, purpose } : undefined;
    }
  }
  return undefined;
}
