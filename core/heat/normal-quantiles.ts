/**
 * Numbers spread evenly over the normal distribution, the same ones every time: Halton's sequence
 * (1960) through the inverse of the normal distribution (Acklam 2003, relative error 1.15e-9).
 */
const PRIMES = [2, 3, 5, 7, 11, 13];

/** So many standard normal numbers for member `index`, from 0. At most six. */
export function evenNormals(index: number, count: number): number[] {
  // The first ones of the higher primes run together.
  const member = index + 20;
  return PRIMES.slice(0, count).map((prime) => normalAt(halton(member, prime)));
}

function halton(index: number, base: number): number {
  let [left, share, sum] = [index, 1 / base, 0];
  while (left > 0) {
    sum += (left % base) * share;
    left = Math.floor(left / base);
    share /= base;
  }
  return sum;
}

const A = [
  -3.969683028665376e1, 2.209460984245205e2, -2.759285104469687e2, 1.38357751867269e2,
  -3.066479806614716e1, 2.506628277459239,
];
const B = [
  -5.447609879822406e1, 1.615858368580409e2, -1.556989798598866e2, 6.680131188771972e1,
  -1.328068155288572e1,
];
const C = [
  -7.784894002430293e-3, -3.223964580411365e-1, -2.400758277161838, -2.549732539343734,
  4.374664141464968, 2.938163982698783,
];
const D = [7.784695709041462e-3, 3.224671290700398e-1, 2.445134137142996, 3.754408661907416];
const TAIL = 0.02425;

/** The standard normal number below which so large a share lies. @param share between 0 and 1 */
export function normalAt(share: number): number {
  if (share > 1 - TAIL) return -normalAt(1 - share);
  if (share < TAIL) {
    const q = Math.sqrt(-2 * Math.log(share));
    return polynomial(C, q) / (q * polynomial(D, q) + 1);
  }
  const q = share - 0.5;
  const r = q * q;
  return (polynomial(A, r) * q) / (r * polynomial(B, r) + 1);
}

function polynomial(coefficients: readonly number[], at: number): number {
  return coefficients.reduce((sum, one) => sum * at + one, 0);
}
