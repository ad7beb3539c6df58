import { bandOfCooker, type StageSpec } from '@zemrin/core';

/** A colour of the theme as the canvas takes it. */
export function paint(name: string, alpha = 1): string {
  const value = getComputedStyle(document.documentElement).getPropertyValue(name).trim();
  const hex = Math.round(alpha * 255)
    .toString(16)
    .padStart(2, '0');
  return /^#[0-9a-f]{6}$/i.test(value) ? `${value}${hex}` : value;
}

/** The colour of a stage's heat: the same scale as on Weave. */
export function heatName({ cooker, tempC }: StageSpec): string {
  return `--${bandOfCooker(cooker, tempC)}`;
}

export function heatColour(stage: StageSpec, alpha: number): string {
  return paint(heatName(stage), alpha);
}

/** The colour of a temperature inside the food, from raw and cold to done and hot. */
export function fieldColour(tempC: number): string {
  const stops: ReadonlyArray<readonly [number, readonly [number, number, number]]> = [
    [-20, [120, 170, 205]],
    [5, [196, 120, 128]],
    [45, [214, 108, 100]],
    [60, [217, 134, 104]],
    [75, [189, 122, 78]],
    [100, [128, 74, 40]],
    [130, [70, 38, 22]],
  ];
  const above = stops.findIndex(([at]) => at >= tempC);
  const [high, low] = [stops[above] ?? stops.at(-1), stops[Math.max(0, above - 1)]];
  if (!high || !low) return 'transparent';
  const share =
    high[0] === low[0] ? 0 : Math.min(1, Math.max(0, (tempC - low[0]) / (high[0] - low[0])));
  const mixed = high[1].map((value, i) =>
    Math.round((low[1][i] ?? 0) * (1 - share) + value * share),
  );
  return `rgb(${mixed.join(' ')})`;
}
