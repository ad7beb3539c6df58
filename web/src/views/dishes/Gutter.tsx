import type { ChainSpot } from '@zemrin/core';

const LANE = 13;
const HIGH = 58;
const MIDDLE = 22;

/** Where a step stands in its chain: lanes that pass, what it joins, and where it goes on. */
export function Gutter({ spot, lanes, band }: { spot: ChainSpot; lanes: number; band: string }) {
  const x = (lane: number) => 9 + lane * LANE;
  const width = Math.max(1, lanes) * LANE + 6;
  return (
    <svg
      aria-hidden="true"
      width={width}
      viewBox={`0 0 ${width} ${HIGH}`}
      preserveAspectRatio="none"
      className="h-auto shrink-0 self-stretch"
    >
      {spot.through.map((lane) => (
        <line
          key={lane}
          x1={x(lane)}
          x2={x(lane)}
          y1={0}
          y2={HIGH}
          stroke="var(--muted)"
          strokeWidth={1.5}
        />
      ))}
      {spot.from.map(({ row, lane }) => (
        <path
          key={row}
          d={`M ${x(lane)} 0 C ${x(lane)} ${MIDDLE * 0.6} ${x(spot.lane)} ${MIDDLE * 0.4} ${x(spot.lane)} ${MIDDLE}`}
          fill="none"
          stroke="var(--muted)"
          strokeWidth={1.5}
        />
      ))}
      {spot.goesOn && (
        <line
          x1={x(spot.lane)}
          x2={x(spot.lane)}
          y1={MIDDLE}
          y2={HIGH}
          stroke="var(--muted)"
          strokeWidth={1.5}
        />
      )}
      <rect
        x={x(spot.lane) - 5}
        y={MIDDLE - 9}
        width={10}
        height={18}
        rx={4}
        fill={`var(--${band})`}
        stroke="var(--ink)"
        strokeWidth={0.8}
      />
    </svg>
  );
}
