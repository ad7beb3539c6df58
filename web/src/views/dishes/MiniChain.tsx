import { bandOf, chainOf, type Dish } from '@zemrin/core';

const STEP = 15;
const LANE = 9;

/** A chain in miniature: what follows what, branches joining, in the colours of their places. */
export function MiniChain({ dish }: { dish: Dish }) {
  const spots = chainOf(dish);
  if (spots.length === 0) return null;
  const lanes = Math.max(...spots.map(({ lane }) => lane)) + 1;
  const x = (row: number) => 4 + row * STEP;
  const y = (lane: number) => 5 + lane * LANE;
  return (
    <svg
      aria-hidden="true"
      width={spots.length * STEP + 6}
      height={lanes * LANE + 3}
      className="max-w-full shrink-0"
    >
      {spots.flatMap((spot, row) =>
        spot.from.map(({ row: from, lane }) => (
          <path
            key={`${from} ${row}`}
            d={`M ${x(from) + 11} ${y(lane)} L ${x(row) - 2} ${y(lane)} L ${x(row)} ${y(spot.lane)}`}
            fill="none"
            stroke="var(--muted)"
          />
        )),
      )}
      {spots.map(({ step, lane }, row) => (
        <rect
          key={step.id}
          x={x(row)}
          y={y(lane) - 3}
          width={11}
          height={6}
          rx={2}
          fill={`var(--${bandOf(step.place, step.verb)})`}
        />
      ))}
    </svg>
  );
}
