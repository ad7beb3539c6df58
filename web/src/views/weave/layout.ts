import {
  chooseTicks,
  elasticAxis,
  placeOf,
  type Axis,
  type Plan,
  type PlannedHands,
  type PlannedStep,
  type AxisExtent,
  type Segment,
  type Thread,
} from '@zemrin/core';

/** Pixel widths the weave is drawn with. */
export const LEFT = 204;
export const RIGHT = 46;
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
    ...threads.map(({ tableMin }) => tableMin),
    ...plan.blocks.flatMap((block) => [block.startMin, block.endMin]).filter(inside),
    ...(inside(plan.nowMin) ? [plan.nowMin] : []),
  ];
  const rooms = threads
    .flatMap((thread) => thread.main)
    .filter((segment) => segment.endMin > segment.startMin)
    .map((segment) => roomOf(segment, plotPx));
  const nights = plan.blocks
    .filter((block) => inside(block.startMin) && inside(block.endMin))
    .map(({ startMin, endMin }) => ({ startMin, endMin, share: (TICK_GAP_PX + 4) / plotPx }));
  return elasticAxis(events, [...rooms, ...nights]);
}

function roomOf(segment: Segment, plotPx: number): AxisExtent {
  const { startMin, endMin, waiting, step } = segment;
  const wordless = waiting || isTended(step) || endMin - startMin < 30;
  const words = wordless ? 0 : textPx(step.label) + LABEL_PAD_PX + (startBead(step) ? BEAD_PX : 0);
  const beads = isTended(step) && !waiting ? step.hands.length * BEAD_PX : 0;
  return { startMin, endMin, share: Math.max(LEAST_SEGMENT_PX, words, beads) / plotPx };
}

/** The least width of a bead. */
export const BEAD_PX = 16;

/** Hands are wanted now and then while it goes on: its beads leave no room for words. */
export function isTended(step: PlannedStep): boolean {
  return step.hands.some((h) => h.startMin > step.startMin && h.endMin < step.endMin);
}

/** The whole step is hands-on: one long bead. */
export function isAllHands(step: PlannedStep): boolean {
  const first = startBead(step);
  return (
    first !== undefined && first.endMin - first.startMin >= (step.endMin - step.startMin) * 0.9
  );
}

function startBead(step: PlannedStep): PlannedHands | undefined {
  return step.hands.find((hands) => hands.startMin === step.startMin);
}

/** The stretch of a segment, in px, that words may take: what its beads leave free. */
export function freePx(
  segment: Segment,
  px: (min: number) => number,
): { from: number; to: number } {
  const from = px(segment.startMin);
  const to = px(segment.endMin);
  const { step } = segment;
  if (isAllHands(step)) return { from: from + 4, to: Math.max(to, from + BEAD_PX) - 4 };
  if (isTended(step)) return { from, to: from };
  const first = startBead(step);
  const last = step.hands.find((hands) => hands.endMin === step.endMin);
  return {
    from: first ? from + Math.max(BEAD_PX, px(first.endMin) - from) : from,
    to: last && last !== first ? to - Math.max(BEAD_PX, to - px(last.startMin)) : to,
  };
}

/** The clock labels along the top. */
export function ticksOf(plan: Plan, axis: Axis, plotPx: number): number[] {
  const wishes = [
    { min: axis.minutes[0] ?? plan.servingMin, weight: 10 },
    ...(plan.firstJobMin === undefined ? [] : [{ min: plan.firstJobMin, weight: 9 }]),
    ...plan.blocks.flatMap((b) => [
      { min: b.startMin, weight: 6 },
      { min: b.endMin, weight: 6 },
    ]),
    ...plan.steps.map((step) => ({ min: step.startMin, weight: step.hands.length > 0 ? 4 : 2 })),
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
    const xPx = Math.min(Math.max(want.xPx, half - 40), plotPx - half - 24);
    const free = ([1, -1, 2] as const).find((level) =>
      (taken.get(level) ?? []).every((t) => xPx + half + 6 < t.from || xPx - half - 6 > t.to),
    );
    const level = free ?? 2;
    taken.set(level, [...(taken.get(level) ?? []), { from: xPx - half, to: xPx + half }]);
    if (free !== undefined) placed.push({ key: want.key, text: want.text, xPx, level });
  }
  return placed;
}

/** Packs the side chains of a thread into as few lanes as their words and bars allow. */
export function packLanes(
  sides: ReadonlyArray<readonly Segment[]>,
  px: (min: number) => number,
): (readonly Segment[])[][] {
  const lanes: { free: number; chains: (readonly Segment[])[] }[] = [];
  const byStart = [...sides].sort((a, b) => (a[0]?.startMin ?? 0) - (b[0]?.startMin ?? 0));
  for (const chain of byStart) {
    const words = textPx(chain.map((segment) => segment.step.label).join(', '));
    const from = px(chain[0]?.startMin ?? 0) - words - 20;
    const to = px(chain.at(-1)?.endMin ?? 0) + 8;
    const lane = lanes.find((other) => other.free <= from);
    if (lane) {
      lane.chains.push(chain);
      lane.free = to;
    } else lanes.push({ free: to, chains: [chain] });
  }
  return lanes.map((lane) => lane.chains);
}
