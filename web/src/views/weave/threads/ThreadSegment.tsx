import type { PlannedStep, Segment } from '@zemrin/core';
import type { KeyboardEventHandler, PointerEventHandler } from 'react';
import { BEAD_PX, LEFT } from '../layout.ts';
import { BEAD, THREAD } from '../sizes.ts';

export interface Handlers {
  readonly onPointerDown: PointerEventHandler<HTMLElement>;
  readonly onPointerMove: PointerEventHandler<HTMLElement>;
  readonly onPointerUp: PointerEventHandler<HTMLElement>;
  readonly onPointerCancel: PointerEventHandler<HTMLElement>;
  readonly onKeyDown: KeyboardEventHandler<HTMLElement>;
}

export interface SegmentProps {
  readonly segment: Segment;
  readonly nextBand?: Segment['band'] | undefined;
  readonly px: (min: number) => number;
  readonly y: number;
  readonly height: number;
  readonly chosen: boolean;
  /** The step in words, for those who cannot see where it lies. */
  readonly label: string;
  readonly onChoose: (step: string) => void;
  readonly handlers: Handlers;
}

/** The food in one place: coloured by its heat, flowing into the next. */
export function ThreadSegment(props: SegmentProps) {
  const { segment, nextBand, px, y, height } = props;
  const { step, band } = segment;
  const left = LEFT + px(segment.startMin);
  const width = Math.max(2, px(segment.endMin) - px(segment.startMin));
  const color = `var(--${band})`;
  const background =
    nextBand && nextBand !== band
      ? `linear-gradient(90deg, ${color} calc(100% - 9px), var(--${nextBand}))`
      : color;
  const style = { left, top: y, width, height, background };
  if (segment.waiting) return <span aria-hidden="true" className="slides absolute" style={style} />;
  const look = props.chosen ? 'z-[5] rounded-md outline-3 outline-offset-1 outline-ink' : '';
  const grip = step.begun ? 'opacity-70' : 'cursor-grab active:cursor-grabbing';
  return (
    <button
      type="button"
      data-step={step.id}
      aria-label={props.label}
      aria-pressed={props.chosen}
      onClick={() => props.onChoose(step.id)}
      {...props.handlers}
      className={`slides absolute touch-pan-y select-none before:absolute before:inset-x-0 before:-inset-y-[9px] before:content-[''] ${look} ${grip}`}
      style={style}
    >
      {step.cautions.some(({ broken }) => broken) && (
        <span
          aria-hidden="true"
          className="absolute -top-[12px] left-1/2 z-[7] grid h-[18px] w-[18px] -translate-x-1/2 place-items-center rounded-full border-2 border-clash bg-panel text-[12px] leading-none font-bold text-clash"
        >
          !
        </span>
      )}
    </button>
  );
}

/** White beads with a black outline: your hands are wanted. */
export function Beads(props: {
  segment: Segment;
  y: number;
  px: (min: number) => number;
  small?: boolean;
}) {
  const { y, px, small } = props;
  const { step } = props.segment;
  return step.hands.map((hands) => {
    const left = px(hands.startMin);
    const least = small || isTending(step, hands) ? 13 : BEAD_PX;
    const height = small ? 16 : isTending(step, hands) ? 13 : BEAD;
    const middle = small ? y + 5 : y + THREAD / 2;
    return (
      <span
        key={hands.startMin}
        aria-hidden="true"
        className="slides pointer-events-none absolute z-[6] rounded-full border-2 border-[var(--bead-line)] bg-[var(--bead)]"
        style={{
          left: LEFT + left,
          top: middle - height / 2,
          width: Math.max(px(hands.endMin) - left, least),
          height,
        }}
      />
    );
  });
}

function isTending(step: PlannedStep, hands: PlannedStep['hands'][number]): boolean {
  return hands.startMin > step.startMin && hands.endMin < step.endMin;
}
