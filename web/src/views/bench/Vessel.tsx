import { showVolume, showWeight, type Batch, type UnitSystem } from '@zemrin/core';
import { useWords } from '../../words/words.ts';

const WIDTH = 200;
const HEIGHT = 150;
const WALL = 12;

/** The vessel drawn to its level: food and mixture together, and whether they fit. */
export function Vessel({ batch, units }: { batch: Batch; units: UnitSystem }) {
  const t = useWords();
  const cover = batch.cover;
  if (!cover?.capacityMl) return null;
  const level = Math.min(1.05, cover.fillMl / cover.capacityMl);
  const food = Math.min(level, (cover.fillMl - cover.haveMl) / cover.capacityMl);
  const floor = HEIGHT - 6;
  const depth = floor - 18;
  const brim = t('bench.brim', {
    vessel: cover.vessel ?? '',
    capacity: showVolume(cover.capacityMl),
  });
  const fill = t('bench.fill', { fill: showVolume(cover.fillMl) });
  const foodHeight = Math.max(16, food * depth);
  return (
    <figure>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        role="img"
        aria-label={`${brim}, ${fill}`}
        className="w-full max-w-[230px]"
      >
        <rect
          x={WALL}
          y={floor - level * depth}
          width={WIDTH - 2 * WALL}
          height={level * depth}
          fill="var(--soft)"
          stroke="var(--muted)"
          strokeDasharray="2 3"
        />
        <rect
          x={WIDTH * 0.22}
          y={floor - 4 - foodHeight}
          width={WIDTH * 0.56}
          height={foodHeight}
          rx={Math.min(22, foodHeight / 2)}
          fill="var(--panel)"
          stroke="var(--ink)"
          strokeWidth={2}
        />
        <text
          x={WIDTH / 2}
          y={floor - foodHeight / 2}
          textAnchor="middle"
          fontSize={14}
          fontWeight={700}
          fill="var(--ink)"
        >
          {showWeight(batch.batchG, units)}
        </text>
        <path
          d={`M6 12 L${WALL - 1} ${floor} H${WIDTH - WALL + 1} L${WIDTH - 6} 12`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={3}
          strokeLinejoin="round"
        />
        <line x1={8} y1={18} x2={WIDTH - 8} y2={18} stroke="var(--muted)" strokeDasharray="5 4" />
      </svg>
      <figcaption className="text-sm text-muted">
        {brim}, {fill}. {cover.enough && t('bench.enough')}
      </figcaption>
    </figure>
  );
}
