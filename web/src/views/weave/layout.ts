import {
  chooseTicks,
  elasticAxis,
  foldsOf,
  placeOf,
  type Axis,
  type Plan,
  type Room,
  type Segment,
  type Thread,
} from '@zemrin/core';

/** Pixel widths the weave is drawn with. */
export const LEFT = 196;
export const RIGHT = 40;
/** An average character at the size labels have, measured once on the face used. */
const CHAR_PX = 7;
const LABEL_PAD_PX = 16;
const LEAST_SEGMENT_PX = 14;
const TICK_GAP_PX = 62;

export function textPx(text: string): number {
  return text.length * CHAR_PX;
}

/** The axis of a plan, with room for the words of its longer steps. */
export function axisOf(plan: Plan, threads: readonly Thread[], plotPx: number): Axis {
  const segments = threads.flatMap((thread) => [...thread.main, ...thread.sides.flat()]);
  const first = Math.min(plan.servingMin - 60, ...segments.map((s) => s.startMin));
  const inside = (min: number) => min > first && min < plan.servingMin;
  const events = [
    first,
    plan.servingMin,
    ...segments.flatMap((s) => [s.startMin, s.endMin]),
    ...plan.blocks.flatMap((block) => [block.startMin, block.endMin]).filter(inside),
    ...(inside(plan.nowMin) ? [plan.nowMin] : []),
  ];
  const rooms = threads
    .flatMap((thread) => thread.main)
    .filter((segment) => segment.endMin > segment.startMin)
    .map((segment) => roomOf(segment, plotPx));
  return elasticAxis(events, rooms);
}

function roomOf(segment: Segment, plotPx: number): Room {
  const { startMin, endMin, waiting } = segment;
  const words = waiting || endMin - startMin < 30 ? 0 : textPx(segment.step.label) + LABEL_PAD_PX;
  return { startMin, endMin, share: Math.max(LEAST_SEGMENT_PX, words) / plotPx };
}

/** The clock labels along the top. */
export function ticksOf(plan: Plan, axis: Axis, plotPx: number): number[] {
  const jobs = plan.steps.flatMap((step) => step.hands.map((hands) => hands.startMin));
  const wishes = [
    { min: axis.minutes[0] ?? plan.servingMin, weight: 10 },
    ...(plan.firstJobMin === undefined ? [] : [{ min: plan.firstJobMin, weight: 9 }]),
    ...plan.blocks.flatMap((b) => [
      { min: b.startMin, weight: 6 },
      { min: b.endMin, weight: 6 },
    ]),
    ...jobs.map((min) => ({ min, weight: 4 })),
    ...plan.steps.map((step) => ({ min: step.startMin, weight: 2 })),
  ].filter(({ min }) => placeOf(axis, min) < 1 - TICK_GAP_PX / 2 / plotPx);
  return chooseTicks(axis, wishes, TICK_GAP_PX / plotPx);
}

/** A label beside a thread: on which side, at which height, and its middle. */
export interface PlacedLabel {
  readonly key: string;
  readonly text: string;
  readonly xPx: number;
  /** −1 above the thread, 1 and 2 below it. */
  readonly level: -1 | 1 | 2;
}

/** Puts the words that do not fit into their segments around the thread, without touching. */
export function placeLabels(
  wants: ReadonlyArray<{ key: string; text: string; xPx: number }>,
  plotPx: number,
): PlacedLabel[] {
  const taken = new Map<PlacedLabel['level'], { from: number; to: number }[]>();
  const placed: PlacedLabel[] = [];
  for (const want of [...wants].sort((a, b) => b.xPx - a.xPx)) {
    const half = textPx(want.text) / 2;
    const xPx = Math.min(Math.max(want.xPx, half - 40), plotPx - half + 24);
    const free = ([1, -1, 2] as const).find((level) =>
      (taken.get(level) ?? []).every((t) => xPx + half + 6 < t.from || xPx - half - 6 > t.to),
    );
    const level = free ?? 2;
    taken.set(level, [...(taken.get(level) ?? []), { from: xPx - half, to: xPx + half }]);
    if (free !== undefined) placed.push({ key: want.key, text: want.text, xPx, level });
  }
  return placed;
}

export { foldsOf };
