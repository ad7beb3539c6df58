/** A gap as wide as between two columns of print. */
const GAP = /\S(\s{3,})(?=\S)/u;
/** Of the lines, so many must have it at the same place. Our own line, no source. */
const LEAST_SHARE = 0.4;
const LEAST_LINES = 4;
/** A column begins here or a little beside. */
const NEAR_SIGNS = 2;

/**
 * Two columns of print, pasted side by side, as one text: the left, then the right. Any other text
 * as it is.
 */
export function uncolumned(text: string): string {
  const lines = text.split('\n');
  const starts = lines.map((line) => {
    const gap = GAP.exec(line);
    return gap ? gap.index + 1 + (gap[1]?.length ?? 0) : undefined;
  });
  const at = commonest(starts.filter((one) => one !== undefined));
  if (at === undefined) return text;
  const isSplit = (i: number) => Math.abs((starts[i] ?? -99) - at) <= NEAR_SIGNS;
  const filled = lines.filter((line) => line.trim() !== '').length;
  const split = lines.filter((_line, i) => isSplit(i)).length;
  if (split < LEAST_LINES || split < filled * LEAST_SHARE) return text;
  const first = lines.findIndex((_line, i) => isSplit(i));
  const last = lines.findLastIndex((_line, i) => isSplit(i));
  const [left, right]: [string[], string[]] = [[], []];
  lines.slice(first, last + 1).forEach((line, k) => {
    const start = isSplit(first + k) ? (starts[first + k] ?? at) : undefined;
    // A line that begins where the right column does stands in it alone.
    const alone = start === undefined && line.search(/\S/u) >= at - NEAR_SIGNS;
    left.push(start === undefined ? (alone ? '' : line) : line.slice(0, start).trimEnd());
    right.push(start === undefined ? (alone ? line.trim() : '') : line.slice(start));
  });
  return [...lines.slice(0, first), ...left, '', ...right, ...lines.slice(last + 1)].join('\n');
}

function commonest(all: readonly number[]): number | undefined {
  const counts = new Map<number, number>();
  for (const one of all) counts.set(one, (counts.get(one) ?? 0) + 1);
  return [...counts].sort((a, b) => b[1] - a[1])[0]?.[0];
}
