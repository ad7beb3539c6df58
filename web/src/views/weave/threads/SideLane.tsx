import type { Segment } from '@zemrin/core';
import { LEFT, textPx } from '../layout.ts';
import { SIDE } from '../sizes.ts';
import { Beads, ThreadSegment, type SegmentProps } from './ThreadSegment.tsx';

/** So much of a name is worth its place at the left, pixels. */
const LEAST_NAME = 150;

interface SideLaneProps {
  readonly chain: readonly Segment[];
  readonly y: number;
  readonly px: (min: number) => number;
  readonly segmentProps: (segment: Segment) => Omit<SegmentProps, 'y' | 'height'>;
}

/** A fire, an oven: a thinner thread that joins from below, its name at its left, cut where it would not fit. */
export function SideLane({ chain, y, px, segmentProps }: SideLaneProps) {
  const names = chain.map((segment) => segment.step.label).join(', ');
  const start = px(chain[0]?.startMin ?? 0);
  const end = px(chain.at(-1)?.endMin ?? 0);
  const left = start > Math.min(textPx(names) + 12, LEAST_NAME);
  return (
    <>
      {chain.map((segment, i) => (
        <ThreadSegment
          key={segment.step.id}
          {...segmentProps(segment)}
          nextBand={chain[i + 1]?.band}
          y={y}
          height={SIDE}
        />
      ))}
      {chain.map((segment) => (
        <Beads key={segment.step.id} segment={segment} y={y} px={px} small />
      ))}
      <span
        aria-hidden="true"
        className={`slides pointer-events-none absolute overflow-hidden text-[13px] leading-4 text-ellipsis whitespace-nowrap text-muted ${left ? '-translate-x-full' : ''}`}
        style={{
          left: LEFT + (left ? start - 8 : end + 8),
          top: y - 3,
          maxWidth: left ? start - 12 : undefined,
        }}
      >
        {names}
      </span>
    </>
  );
}
