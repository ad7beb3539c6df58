import { ML_PER } from '../quantity/index.ts';
import { NUMBER, numberIn } from './numbers.ts';

const SHARE =
  /(?:reserve|set aside|keep(?: back)?|save|reserva|aparta|guarda)\s+(?:about\s+)?(half|a third|one third|a quarter|la mitad|un tercio|un cuarto)(?!\s+(?:cup|an? ))/i;
const AMOUNT = new RegExp(
  `(?:reserve|set aside|keep(?: back)?|save|reserva|aparta|guarda)\\s+(?:about\\s+)?(${NUMBER})\\s*(cups?|tazas?|ml|tbsp|tablespoons?|cucharadas?)`,
  'i',
);
/** "Rub half of the marinade on": what is not put on is kept. */
const PUT_ON =
  /(?:pour|toss|coat|rub|brush|spread|massage|cover|use|vierte|unta|cubre|usa|echa)[^.;]{0,40}?\b(half|a third|one third|two thirds|a quarter|three quarters|la mitad|un tercio|dos tercios|un cuarto)\s+(?:of\s+|de\s+|del\s+)?(?:(?:the|this|el|la|este)\s+)?(?:marinade|rub|paste|adobo|pasta|marinada)/i;
const SHARES: Readonly<Record<string, number>> = {
  half: 0.5,
  'la mitad': 0.5,
  'a third': 1 / 3,
  'one third': 1 / 3,
  'un tercio': 1 / 3,
  'two thirds': 2 / 3,
  'dos tercios': 2 / 3,
  'three quarters': 0.75,
  'a quarter': 0.25,
  'un cuarto': 0.25,
};

/** What is set aside before raw food is touched: of a mixture of so many millilitres. */
export function reserveIn(
  sentences: readonly string[],
): ((totalMl: number) => { amount: string; purpose: string } | undefined) | undefined {
  for (const text of sentences) {
    const purpose = /bast|brush|roci/i.test(text)
      ? 'baste'
      : /glaz|glase/i.test(text)
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
    const share = keptShare(text);
    if (share !== undefined) {
      return (totalMl) =>
        totalMl > 0 ? { amount: `${Math.round(totalMl * share)} ml`, purpose } : undefined;
    }
  }
  return undefined;
}

function keptShare(text: string): number | undefined {
  const kept = SHARES[SHARE.exec(text)?.[1]?.toLowerCase() ?? ''];
  if (kept !== undefined) return kept;
  const putOn = SHARES[PUT_ON.exec(text)?.[1]?.toLowerCase() ?? ''];
  return putOn === undefined ? undefined : 1 - putOn;
}

/** The words of a sentence that say what is kept apart. */
export function reserveLit(text: string): Array<readonly [from: number, to: number]> {
  const found = AMOUNT.exec(text) ?? SHARE.exec(text) ?? PUT_ON.exec(text);
  return found ? [[found.index, found.index + found[0].length]] : [];
}
