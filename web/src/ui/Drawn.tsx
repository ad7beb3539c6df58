import { placeNamed, type Kitchen } from '@zemrin/core';
import { type ReactElement } from 'react';

type Appliance = Kitchen['appliances'][number];

/** Where the floor is drawn. */
export const FLOOR = 214;

/** How wide those with a drawing of their own are. */
const WIDE: Readonly<Partial<Record<Appliance['kind'], number>>> = {
  freezer: 76,
  fridge: 84,
  hob: 128,
  oven: 112,
  box: 84,
  smoker: 96,
  grill: 104,
};

/** How wide a kind is drawn. */
export function widthOf(kind: Appliance['kind']): number {
  return WIDE[kind] ?? placeNamed(kind).appliance?.drawn?.width ?? USUAL_WIDTH;
}

const USUAL_WIDTH = 70;

export const LINE = { stroke: 'var(--ink)', strokeWidth: 2, fill: 'var(--panel)' };

/** What a drawing needs: the appliance, where its left edge is, and how wide it is. */
interface DrawnAt {
  readonly appliance: Appliance;
  readonly x: number;
  readonly wide: number;
}

/** Those with a drawing of their own; any other stands on a worktop. */
const DRAWINGS: Readonly<Partial<Record<Appliance['kind'], (at: DrawnAt) => ReactElement>>> = {
  fridge: Cupboard,
  freezer: Cupboard,
  hob: Hob,
  oven: Oven,
  box: Box,
  smoker: Smoker,
  grill: Grill,
};

/** Each appliance as it stands there, with as many shelves or rings as it has. */
export function Drawn({ appliance, x }: { appliance: Appliance; x: number }) {
  const wide = widthOf(appliance.kind);
  const Drawing = DRAWINGS[appliance.kind];
  if (Drawing) return <Drawing appliance={appliance} x={x} wide={wide} />;
  return <OnTheCounter x={x} width={wide} kind={appliance.kind} />;
}

/** As many shelves or rings as there are, and no more than can be drawn. */
const many = (appliance: Appliance, most: number) =>
  Array.from({ length: Math.min(most, Math.ceil(appliance.fits)) });

/** A fridge, or the freezer under one. */
function Cupboard({ appliance, x, wide }: DrawnAt) {
  const top = appliance.kind === 'fridge' ? 50 : 104;
  return (
    <>
      <rect x={x} y={top} width={wide} height={FLOOR - top} rx={7} {...LINE} />
      <rect
        x={x + 7}
        y={top + 7}
        width={wide - 14}
        height={FLOOR - top - 14}
        rx={4}
        fill="var(--cold)"
        opacity={0.22}
      />
      <line
        x1={x + wide - 14}
        x2={x + wide - 14}
        y1={top + 18}
        y2={top + 52}
        stroke="var(--ink)"
        strokeWidth={4}
      />
    </>
  );
}

/** A hob with its rings. */
function Hob({ appliance, x, wide }: DrawnAt) {
  return (
    <>
      <rect x={x} y={128} width={wide} height={FLOOR - 128} rx={4} {...LINE} />
      {many(appliance, 6).map((_ring, i, all) => (
        <ellipse
          key={i}
          cx={x + (wide * (i + 0.5)) / all.length}
          cy={124}
          rx={Math.min(16, wide / all.length / 2 - 3)}
          ry={4}
          fill="var(--strong)"
        />
      ))}
      <line x1={x + 10} x2={x + wide - 10} y1={144} y2={144} stroke="var(--line)" strokeWidth={3} />
    </>
  );
}

/** An oven with its shelves. */
function Oven({ appliance, x, wide }: DrawnAt) {
  return (
    <>
      <rect x={x} y={92} width={wide} height={FLOOR - 92} rx={6} {...LINE} />
      <rect
        x={x + 12}
        y={116}
        width={wide - 24}
        height={78}
        rx={4}
        fill="var(--slow)"
        opacity={0.3}
        stroke="var(--ink)"
        strokeWidth={1.5}
      />
      {many(appliance, 5).map((_shelf, i) => {
        const y = 116 + (78 * (i + 1)) / (Math.min(5, appliance.fits) + 1);
        return (
          <line
            key={i}
            x1={x + 16}
            x2={x + wide - 16}
            y1={y}
            y2={y}
            stroke="var(--ink)"
            strokeWidth={2}
          />
        );
      })}
    </>
  );
}

/** A box that holds warm or cold, with its lid. */
function Box({ x, wide }: DrawnAt) {
  return (
    <>
      <rect x={x} y={150} width={wide} height={FLOOR - 150} rx={6} {...LINE} />
      <rect
        x={x - 3}
        y={140}
        width={wide + 6}
        height={12}
        rx={4}
        fill="var(--rest)"
        stroke="var(--ink)"
        strokeWidth={2}
      />
    </>
  );
}

/** A smoker, and its smoke. */
function Smoker({ x, wide }: DrawnAt) {
  return (
    <>
      <rect x={x + 14} y={96} width={wide - 28} height={96} rx={26} {...LINE} />
      <rect x={x + 22} y={160} width={wide - 44} height={20} rx={6} fill="var(--slow)" />
      <path
        d={`M${x + 30} 192 L${x + 22} ${FLOOR} M${x + wide - 30} 192 L${x + wide - 22} ${FLOOR}`}
        stroke="var(--ink)"
        strokeWidth={3}
      />
      <path
        d={`M${x + wide / 2} 92 q10 -14 0 -26 q-10 -12 0 -24`}
        fill="none"
        stroke="var(--muted)"
        strokeWidth={2}
      />
    </>
  );
}

/** A grill: coals on one side where it has two zones. */
function Grill({ appliance, x, wide }: DrawnAt) {
  return (
    <>
      <path d={`M${x} 142 h${wide} q-6 34 -34 34 h-${wide - 68} q-28 0 -34 -34 z`} {...LINE} />
      <path d={`M${x + 12} 150 h${wide / 2 - 14} v14 h-${wide / 2 - 22} z`} fill="var(--sear)" />
      {appliance.fitsIndirect === undefined && (
        <path
          d={`M${x + wide / 2} 150 h${wide / 2 - 12} l-8 14 h-${wide / 2 - 20} z`}
          fill="var(--sear)"
        />
      )}
      <path
        d={`M${x + 24} 176 L${x + 12} ${FLOOR} M${x + wide - 24} 176 L${x + wide - 12} ${FLOOR}`}
        stroke="var(--ink)"
        strokeWidth={3}
      />
    </>
  );
}

/** Where a worktop is drawn. */
const WORKTOP = 150;

/** Whatever stands on the worktop: its own outline, its door or lid, and the light that says it is on. */
function OnTheCounter({ x, width, kind }: { x: number; width: number; kind: Appliance['kind'] }) {
  const height = placeNamed(kind).appliance?.drawn?.height ?? 46;
  const top = WORKTOP - height;
  return (
    <>
      <rect x={x - 4} y={WORKTOP} width={width + 8} height={FLOOR - WORKTOP} rx={4} {...LINE} />
      <rect x={x} y={top} width={width} height={height} rx={8} {...LINE} />
      <rect
        x={x + 7}
        y={top + 8}
        width={width - 14}
        height={height - 22}
        rx={4}
        fill={`var(--${placeNamed(kind).band})`}
        opacity={0.3}
      />
      <circle cx={x + width - 11} cy={WORKTOP - 8} r={3} fill="var(--ink)" />
    </>
  );
}
