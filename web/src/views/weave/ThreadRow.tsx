import {
  placeOf,
  type Axis,
  type Plan,
  type PlannedStep,
  type Segment,
  type Thread,
} from '@zemrin/core';
import type { useMove } from './useMove.ts';
import { LEFT, placeLabels, textPx } from './layout.ts';

const THREAD = 26;
const BEAD = 34;
const SIDE = 10;
const SIDE_ROW = 26;
const ABOVE = 30;
const BELOW = 40;

/** How tall the row of a thread is. */
export function rowHeight(thread: Thread): number {
  return ABOVE + THREAD + BELOW + thread.sides.length * SIDE_ROW;
}

interface RowProps {
  readonly thread: Thread;
  readonly plan: Plan;
  readonly axis: Axis;
  readonly plotPx: number;
  readonly top: number;
  readonly chosen: string | undefined;
  readonly onChoose: (step: string) => void;
  readonly handlersFor: ReturnType<typeof useMove>['handlersFor'];
  readonly describe: (segment: Segment) => string;
  readonly plateWords: string;
}

const onBand: Readonly<Record<Segment['band'], string>> = {
  cold: 'var(--on-dark)',
  cool: 'var(--on-light)',
  counter: 'var(--on-light)',
  slow: 'var(--on-light)',
  strong: 'var(--on-dark)',
  sear: 'var(--on-dark)',
  rest: 'var(--on-dark)',
};

/** One dish: its thread, what joins it, the beads where hands are wanted, and its plate. */
export function ThreadRow(props: RowProps) {
  const { thread, plan, axis, plotPx, top, chosen } = props;
  const px = (min: number) => placeOf(axis, min) * plotPx;
  const y = top + ABOVE;
  const steps = thread.main.filter((segment) => !segment.waiting);
  const outside = steps.filter((s) => !fits(s, px) && !isBegun(s));
  const labels = placeLabels(
    outside.map((s) => ({
      key: s.step.id,
      text: s.step.label,
      xPx: (px(s.startMin) + px(s.endMin)) / 2,
    })),
    plotPx,
  );
  const chosenSegment = [...thread.main, ...thread.sides.flat()].find(
    (s) => !s.waiting && s.step.id === chosen,
  );
  return (
    <>
      <div className="absolute" style={{ left: 0, top: y - 8, width: LEFT - 22 }}>
        <h2 className="truncate text-[17px]" title={thread.name}>
          {thread.name}
        </h2>
        <p className="truncate text-sm text-muted">{thread.note}</p>
      </div>
      {chosenSegment && (
        <Give step={chosenSegment.step} y={giveTop(thread, chosenSegment, y)} px={px} />
      )}
      {thread.main.map((segment, i) => (
        <ThreadSegment
          key={`${segment.step.id}-${segment.waiting}`}
          {...props}
          segment={segment}
          next={thread.main[i + 1]}
          y={y}
          px={px}
          height={THREAD}
        />
      ))}
      {steps.map((segment) => (
        <Beads
          key={segment.step.id}
          segment={segment}
          plan={plan}
          y={y}
          px={px}
          showText={fits(segment, px)}
        />
      ))}
      {labels.map((label) => (
        <span
          key={label.key}
          aria-hidden="true"
          className="slides pointer-events-none absolute -translate-x-1/2 text-[13px] leading-4 whitespace-nowrap"
          style={{ left: LEFT + label.xPx, top: labelTop(label.level, y) }}
        >
          {label.text}
        </span>
      ))}
      {thread.sides.map((side, i) => (
        <SideLane
          key={side[0]?.step.id ?? i}
          {...props}
          side={side}
          y={y + THREAD + BELOW + i * SIDE_ROW - 8}
          px={px}
        />
      ))}
      <span
        role="img"
        aria-label={props.plateWords}
        className="absolute z-10 flex h-[38px] w-[38px] -translate-x-1/2 items-center justify-center rounded-full border-2 border-[var(--bead-line)] bg-[var(--bead)] text-[13px] font-bold text-[#15211f]"
        style={{
          left: LEFT + plotPx,
          top: y + THREAD / 2 - 19,
          boxShadow: 'inset 0 0 0 4px var(--bead), inset 0 0 0 5px #c9cfcb',
        }}
      >
        {thread.plate}
      </span>
    </>
  );
}

type Px = (min: number) => number;

function fits(segment: Segment, px: Px): boolean {
  return px(segment.endMin) - px(segment.startMin) >= textPx(segment.step.label) + 12;
}

/** A step before the drawn time has no place for words. */
function isBegun(segment: Segment): boolean {
  return segment.endMin <= segment.startMin;
}

function labelTop(level: -1 | 1 | 2, y: number): number {
  if (level === -1) return y - 23;
  return y + THREAD + (level === 1 ? 6 : 21);
}

function giveTop(thread: Thread, segment: Segment, y: number): number {
  const side = thread.sides.findIndex((lane) => lane.includes(segment));
  return side === -1 ? y - 5 : y + THREAD + BELOW + side * SIDE_ROW - 8 - 13;
}

/** How far the start may move, hatched behind the thread. */
function Give({ step, y, px }: { step: PlannedStep; y: number; px: Px }) {
  const from = Math.max(0, px(step.canStartFromMin));
  const to = px(step.mustStartByMin);
  if (to - from < 1) return null;
  return (
    <span
      aria-hidden="true"
      className="hatched slides absolute rounded-md border border-ink/60"
      style={{ left: LEFT + from, top: y, width: to - from, height: THREAD + 10 }}
    />
  );
}

interface SegmentProps extends RowProps {
  readonly segment: Segment;
  readonly next: Segment | undefined;
  readonly y: number;
  readonly px: Px;
  readonly height: number;
}

function ThreadSegment(props: SegmentProps) {
  const { segment, next, px, y, height } = props;
  const left = LEFT + px(segment.startMin);
  const width = px(segment.endMin) - px(segment.startMin);
  const color = `var(--${segment.band})`;
  const background =
    next && next.band !== segment.band
      ? `linear-gradient(90deg, ${color} calc(100% - 9px), var(--${next.band}))`
      : color;
  const style = {
    left,
    top: y,
    width: Math.max(width, 2),
    height,
    background,
    color: onBand[segment.band],
  };
  if (segment.waiting) return <span aria-hidden="true" className="slides absolute" style={style} />;
  const { step } = segment;
  const isChosen = props.chosen === step.id;
  return (
    <button
      type="button"
      data-step={step.id}
      aria-label={props.describe(segment)}
      aria-pressed={isChosen}
      onClick={() => props.onChoose(step.id)}
      {...props.handlersFor(step)}
      className={`slides absolute touch-pan-y overflow-visible text-center text-[13px] leading-none font-semibold whitespace-nowrap select-none before:absolute before:inset-x-0 before:-inset-y-[9px] before:content-[''] ${isChosen ? 'z-[5] rounded-md outline-3 outline-offset-1 outline-ink' : ''} ${step.begun ? 'opacity-80' : 'cursor-grab active:cursor-grabbing'}`}
      style={style}
    >
      {fits(segment, px) && height === THREAD && !isAllHands(step) ? step.label : ''}
    </button>
  );
}

function isAllHands(step: PlannedStep): boolean {
  const first = step.hands[0];
  return (
    first !== undefined && first.endMin - first.startMin >= (step.endMin - step.startMin) * 0.9
  );
}

/** White beads with a black outline: your hands are wanted. */
function Beads(props: { segment: Segment; plan: Plan; y: number; px: Px; showText: boolean }) {
  const { segment, y, px } = props;
  const { step } = segment;
  if (step.begun) return null;
  return step.hands.map((hands) => {
    const left = px(hands.startMin);
    const width = px(hands.endMin) - left;
    const tending = hands.startMin > step.startMin && hands.endMin < step.endMin;
    const size = tending ? 13 : BEAD;
    const shown = Math.max(width, tending ? 13 : 16);
    return (
      <span
        key={hands.startMin}
        aria-hidden="true"
        className="slides pointer-events-none absolute z-[6] flex items-center justify-center overflow-hidden rounded-full border-2 border-[var(--bead-line)] bg-[var(--bead)] text-[13px] font-semibold whitespace-nowrap text-[#15211f]"
        style={{ left: LEFT + left, top: y + THREAD / 2 - size / 2, width: shown, height: size }}
      >
        {props.showText && isAllHands(step) ? step.label : ''}
      </span>
    );
  });
}

/** A fire, an oven, a dough: a thinner thread that joins from below, its name at its left. */
function SideLane(props: RowProps & { side: readonly Segment[]; y: number; px: Px }) {
  const { side, y, px } = props;
  const first = side[0];
  if (!first) return null;
  const names = side.map((segment) => segment.step.label).join(', ');
  const start = px(first.startMin);
  const roomLeft = start > textPx(names) + 12;
  const end = px(side.at(-1)?.endMin ?? first.endMin);
  return (
    <>
      {side.map((segment, i) => (
        <ThreadSegment
          key={segment.step.id}
          {...props}
          segment={segment}
          next={side[i + 1]}
          y={y}
          px={px}
          height={SIDE}
        />
      ))}
      {side.flatMap((segment) =>
        segment.step.begun
          ? []
          : segment.step.hands.map((hands) => (
              <span
                key={`${segment.step.id}-${hands.startMin}`}
                aria-hidden="true"
                className="slides pointer-events-none absolute z-[6] rounded-full border-2 border-[var(--bead-line)] bg-[var(--bead)]"
                style={{
                  left: LEFT + px(hands.startMin),
                  top: y - 3,
                  width: Math.max(14, px(hands.endMin) - px(hands.startMin)),
                  height: 16,
                }}
              />
            )),
      )}
      <span
        aria-hidden="true"
        className={`slides pointer-events-none absolute text-[13px] leading-4 whitespace-nowrap text-muted ${roomLeft ? '-translate-x-full' : ''}`}
        style={{ left: LEFT + (roomLeft ? start - 8 : end + 8), top: y - 3 }}
      >
        {names}
      </span>
    </>
  );
}
