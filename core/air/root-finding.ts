/** Bisection: where a function that changes its sign once between two places is zero. */
export function rootBetween(
  of: (at: number) => number,
  from: number,
  to: number,
  halvings = 50,
): number {
  let [low, high] = [from, to];
  const rising = of(high) > 0;
  for (let i = 0; i < halvings; i++) {
    const middle = (low + high) / 2;
    if (of(middle) > 0 === rising) high = middle;
    else low = middle;
  }
  return (low + high) / 2;
}
