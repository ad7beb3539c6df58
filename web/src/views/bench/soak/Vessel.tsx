import { showVolume, showWeight, type Batch, type UnitSystem, type VesselKind } from '@zemrin/core';
import { useWords } from '../../../words/words.ts';

const WIDTH = 200;
const HEIGHT = 150;
const TOP = 18;
const FLOOR = 144;

/** Half the width at the brim and at the floor, and how round its bottom is. */
const OUTLINES: Readonly<Record<VesselKind, { brim: number; floor: number; round: number }>> = {
  bag: { brim: 62, floor: 74, round: 30 },
  tub: { brim: 92, floor: 86, round: 8 },
  bowl: { brim: 96, floor: 52, round: 40 },
  pot: { brim: 82, floor: 82, round: 6 },
  tray: { brim: 98, floor: 92, round: 6 },
  jar: { brim: 56, floor: 56, round: 14 },
  pan: { brim: 96, floor: 84, round: 10 },
  steamer: { brim: 84, floor: 80, round: 6 },
};

/** The vessel drawn to its level: food and mixture together, and whether they fit. */
export function Vessel({ batch, units }: { batch: Batch; units: UnitSystem }) {
  const t = useWords();
  const cover = batch.cover;
  const vessel = cover?.vessel;
  if (!cover || !vessel || cover.fullMl === undefined) return null;
  const depth = FLOOR - TOP;
  const level = Math.min(1.05, cover.fillMl / vessel.capacityMl);
  const food = Math.max(0, Math.min(level, (cover.fillMl - cover.haveMl) / vessel.capacityMl));
  const outline = OUTLINES[vessel.kind];
  const path = pathOf(outline);
  const brim = t('bench.brim', { vessel: vessel.name, capacity: showVolume(vessel.capacityMl) });
  const fill = t('bench.fill', { fill: showVolume(cover.fillMl) });
  const foodHeight = Math.max(18, food * depth);
  const full = FLOOR - (cover.fullMl / vessel.capacityMl) * depth;
  return (
    <figure>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        role="img"
        aria-label={`${brim}, ${fill}`}
        className="w-full max-w-[230px]"
      >
        <clipPath id="vessel-inside">
          <path d={path} />
        </clipPath>
        <g clipPath="url(#vessel-inside)">
          <rect
            x={0}
            y={FLOOR - level * depth}
            width={WIDTH}
            height={level * depth + 10}
            fill="var(--soft)"
            stroke="var(--muted)"
            strokeDasharray="2 3"
          />
        </g>
        <rect
          x={WIDTH / 2 - Math.min(outline.brim, outline.floor) * 0.72}
          y={FLOOR - 6 - foodHeight}
          width={Math.min(outline.brim, outline.floor) * 1.44}
          height={foodHeight}
          rx={Math.min(22, foodHeight / 2)}
          fill="var(--panel)"
          stroke="var(--ink)"
          strokeWidth={2}
        />
        <text
          x={WIDTH / 2}
          y={FLOOR - 1 - foodHeight / 2}
          textAnchor="middle"
          fontSize={14}
          fontWeight={700}
          fill="var(--ink)"
        >
          {showWeight(batch.batchG, units)}
        </text>
        <path
          d={path.replace(/ Z$/, '')}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={3}
          strokeLinejoin="round"
        />
        <line
          x1={WIDTH / 2 - outline.brim}
          x2={WIDTH / 2 + outline.brim}
          y1={full}
          y2={full}
          stroke={cover.fits === false ? 'var(--clash)' : 'var(--muted)'}
          strokeWidth={cover.fits === false ? 3 : 1}
          strokeDasharray="5 4"
        />
      </svg>
      <figcaption className="text-sm text-muted">
        {brim}, {fill}.{' '}
        {cover.enough && t(cover.fits === false ? 'bench.enoughNoFit' : 'bench.enough')}
      </figcaption>
    </figure>
  );
}

/** Down one side, along the floor and up the other. */
function pathOf({ brim, floor, round }: { brim: number; floor: number; round: number }): string {
  const mid = WIDTH / 2;
  return [
    `M${mid - brim} 10`,
    `L${mid - floor} ${FLOOR - round}`,
    `Q${mid - floor} ${FLOOR} ${mid - floor + round} ${FLOOR}`,
    `H${mid + floor - round}`,
    `Q${mid + floor} ${FLOOR} ${mid + floor} ${FLOOR - round}`,
    `L${mid + brim} 10`,
    'Z',
  ].join(' ');
}
