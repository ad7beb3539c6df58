/** The least of a function of several numbers (Nelder and Mead 1965). */
export function leastBySimplex(
  of: (at: readonly number[]) => number,
  from: readonly number[],
  rounds: number,
): number[] {
  const corner = (at: readonly number[]) => ({ at: [...at], value: of(at) });
  const corners = [
    corner(from),
    ...from.map((_one, i) => corner(from.map((v, j) => (i === j ? v + 0.35 : v)))),
  ];
  const size = from.length;
  for (let round = 0; round < rounds; round++) {
    corners.sort((a, b) => a.value - b.value);
    const worst = corners[size];
    const [best] = corners;
    if (!worst || !best) break;
    const centre = from.map(
      (_one, i) => corners.slice(0, size).reduce((sum, { at }) => sum + (at[i] ?? 0), 0) / size,
    );
    const along = (by: number) => corner(centre.map((v, i) => v + by * (v - (worst.at[i] ?? 0))));
    const mirrored = along(1);
    if (mirrored.value < best.value) {
      const further = along(2);
      corners[size] = further.value < mirrored.value ? further : mirrored;
    } else if (mirrored.value < (corners[size - 1]?.value ?? 0)) corners[size] = mirrored;
    else {
      const nearer = along(-0.5);
      if (nearer.value < worst.value) corners[size] = nearer;
      else {
        for (let i = 1; i <= size; i++) {
          corners[i] = corner((corners[i]?.at ?? []).map((v, j) => (v + (best.at[j] ?? 0)) / 2));
        }
      }
    }
  }
  corners.sort((a, b) => a.value - b.value);
  return corners[0]?.at ?? [...from];
}
