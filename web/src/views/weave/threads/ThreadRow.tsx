import { placeOf, type Axis, type PlannedStep, type Segment, type Thread } from '@zemrin/core';
import { freePx, LEFT, placeLabels, textPx } from '../layout.ts';
import { SideLane } from './SideLane.tsx';
import { Beads, ThreadSegment, type Handlers } from './ThreadSegment.tsx';
import { ABOVE, laneTop, THREAD } from '../sizes.ts';

/** A thread with its side chains packed into lanes. */
export interface LaidThread {
  readonly thread: Thread;
  readonly lanes: (readonly Segment[])[][];
  readonly top: number;
}

export interface RowProps {
  readonly laid: LaidThread;
  readonly axis: Axis;
  readonly plotPx: number;
  readonly chosen: string | undefined;
  readonly onChoose: (step: string) => void;
  readonly handlersFor: (step: PlannedStep) => Handlers;
  readonly describe: (segment: Segment) => string;
  readonly plateWords: string;
  /** The clock time of a first serving. */
  readonly servedAt: string | undefined;
}

/** One dish: its thread, what joins it, the beads where hands are wanted, and its plate. */
export function ThreadRow(props: RowProps) {
  const { laid, axis, plotPx, chosen } = props;
  const { thread, lanes, top } = laid;
  const px = (min: number) => placeOf(axis, min) * plotPx;
  const y = top + ABOVE;
  const steps = thread.main.filter((segment) => !segment.waiting);
  const segmentProps = (segment: Segment) => ({
    segment,
    px,
    chosen: chosen === segment.step.id,
    label: props.describe(segment),
    onChoose: props.onChoose,
    handlers: props.handlersFor(segment.step),
  });
  return (
    <>
      <div className="absolute" style={{ left: 0, top: y - 9, width: LEFT - 20 }}>
        <h2 className="line-clamp-2 text-[16.5px]">{thread.name}</h2>
        <p className="truncate text-sm text-muted">{thread.note}</p>
      </div>
      <ChosenGive thread={thread} lanes={lanes} chosen={chosen} y={y} px={px} />
      {thread.main.map((segment, i) => (
        <ThreadSegment
          key={`${segment.step.id}-${segment.waiting}`}
          {...segmentProps(segment)}
          nextBand={thread.main[i + 1]?.band}
          y={y}
          height={THREAD}
        />
      ))}
      {steps.map(({ step }) => (
        <Branch key={step.id} step={step} y={y} px={px} />
      ))}
      {steps.map((segment) => (
        <Beads key={segment.step.id} segment={segment} y={y} px={px} />
      ))}
      <Labels steps={steps} y={y} px={px} plotPx={plotPx} />
      {lanes.map((lane, i) =>
        lane.map((chain) => (
          <SideLane
            key={chain[0]?.step.id}
            chain={chain}
            y={laneTop(y, i)}
            px={px}
            segmentProps={segmentProps}
          />
        )),
      )}
      <span
        role="img"
        aria-label={props.plateWords}
        className="absolute z-10 flex h-[38px] w-[38px] -translate-x-1/2 items-center justify-center rounded-full border-2 border-[var(--bead-line)] bg-[var(--bead)] text-[13px] font-bold text-[#15211f]"
        style={{
          left: LEFT + px(thread.tableMin) + 20,
          top: y + THREAD / 2 - 19,
          boxShadow: 'inset 0 0 0 4px var(--bead), inset 0 0 0 5px #c9cfcb',
        }}
      >
        {thread.plate}
      </span>
      {props.servedAt !== undefined && (
        <span
          className="absolute -translate-x-1/2 text-[13px] whitespace-nowrap"
          style={{ left: LEFT + px(thread.tableMin) + 20, top: y + THREAD / 2 + 21 }}
        >
          {props.servedAt}
        </span>
      )}
    </>
  );
}

type Px = (min: number) => number;

/** What it may take longer, dashed behind its end. */
function Branch({ step, y, px }: { step: PlannedStep; y: number; px: Px }) {
  if (!step.otherwise) return null;
  const from = px(step.endMin);
  const width = px(step.endMin + step.otherwise.minutes) - from;
  return (
    <span
      aria-hidden="true"
      className="slides absolute rounded-sm border-2 border-dashed border-ink/60"
      style={{ left: LEFT + from, top: y - 5, width, height: THREAD + 10 }}
    />
  );
}

/** The words of the steps: on the thread where they fit, around it where not. */
function Labels(props: { steps: readonly Segment[]; y: number; px: Px; plotPx: number }) {
  const { steps, y, px, plotPx } = props;
  const fits = (segment: Segment) => {
    const free = freePx(segment, px);
    return free.to - free.from >= textPx(segment.step.label) + 4;
  };
  const outside = placeLabels(
    steps
      .filter((segment) => !fits(segment))
      .map(({ step, startMin, endMin }) => ({
        key: step.id,
        text: step.label,
        xPx: (px(startMin) + Math.max(px(endMin), px(startMin) + 16)) / 2,
      })),
    plotPx,
  );
  return (
    <>
      {steps.filter(fits).map((segment) => {
        const free = freePx(segment, px);
        return (
          <span
            key={segment.step.id}
            aria-hidden="true"
            className="slides pointer-events-none absolute z-[7] text-center text-[13px] font-semibold whitespace-nowrap"
            style={{
              left: LEFT + free.from,
              top: y,
              width: free.to - free.from,
              lineHeight: `${THREAD}px`,
              color: inkOf(segment),
            }}
          >
            {segment.step.label}
          </span>
        );
      })}
      {outside.map((label) => (
        <span
          key={label.key}
          aria-hidden="true"
          className="slides pointer-events-none absolute -translate-x-1/2 text-[13px] leading-4 whitespace-nowrap"
          style={{ left: LEFT + label.xPx, top: labelTop(label.level, y) }}
        >
          {label.text}
        </span>
      ))}
    </>
  );
}

const LIGHT_BANDS = new Set<Segment['band']>(['cool', 'counter', 'slow']);

function inkOf(segment: Segment): string {
  const [first] = segment.step.hands;
  const onBead =
    first && first.endMin - first.startMin >= (segment.endMin - segment.startMin) * 0.9;
  if (onBead) return '#15211f';
  return LIGHT_BANDS.has(segment.band) ? 'var(--on-light)' : 'var(--on-dark)';
}

function labelTop(level: -1 | 1 | 2, y: number): number {
  if (level === -1) return y - 23;
  return y + THREAD + (level === 1 ? 6 : 21);
}

/** How far the start of the chosen step may move, hatched behind its thread. */
function ChosenGive(props: {
  thread: Thread;
  lanes: LaidThread['lanes'];
  chosen: string | undefined;
  y: number;
  px: Px;
}) {
  const { thread, lanes, chosen, y, px } = props;
  const all = [...thread.main, ...thread.sides.flat()];
  const step = all.find((segment) => segment.step.id === chosen)?.step;
  if (!step) return null;
  const lane = lanes.findIndex((chains) => chains.flat().some((s) => s.step.id === chosen));
  const from = Math.max(0, px(step.canStartFromMin));
  const width = px(step.mustStartByMin) - from;
  if (width < 1) return null;
  const top = lane === -1 ? y - 6 : laneTop(y, lane) - 6;
  return (
    <span
      aria-hidden="true"
      className="hatched slides absolute rounded-md border border-ink/60"
      style={{ left: LEFT + from, top, width, height: lane === -1 ? THREAD + 12 : 22 }}
    />
  );
}
