import {
  showDepth,
  showTemperature,
  SUGAR_COLOUR_S,
  SUGAR_COLOURS,
  type Cue,
  type ProbeShape,
  type UnitSystem,
} from '@zemrin/core';
import type { ReactNode } from 'react';
import { useWords } from '../../../words/words.ts';

/** How one sees that it is done, drawn and said. */
export function CueDrawing({ cue, units }: { cue: Cue; units: UnitSystem }) {
  const t = useWords();
  return (
    <figure className="order-2 grid grid-cols-[140px_1fr] items-center gap-3 md:order-none md:block">
      {drawing(cue, units)}
      <figcaption className="mt-1 text-base leading-snug">{captionOf(cue, units, t)}</figcaption>
    </figure>
  );
}

function captionOf(cue: Cue, units: UnitSystem, t: ReturnType<typeof useWords>): string {
  switch (cue.kind) {
    case 'probe': {
      const { shape, bone } = cue;
      const plain = shape === 'joint' || shape === 'slab';
      const where = plain && bone ? (`${shape}Bone` as const) : shape;
      return t(`cook.cue.probe.${where}`, {
        length: showDepth(Math.round(cue.thicknessMm / 2), units),
      });
    }
    case 'covers':
      return [
        t('cook.cue.covers'),
        ...(cue.levelMm === undefined
          ? []
          : [t('cook.cue.coversBy', { length: showDepth(cue.levelMm, units) })]),
      ].join(' ');
    case 'fork':
      return t(`cook.cue.${cue.until}`);
    case 'reduce':
      return t('cook.cue.reduce', {
        from: showDepth(cue.fromMm, units),
        to: showDepth(cue.toMm, units),
      });
    case 'dough':
      return t('cook.cue.dough', { times: cue.times });
    case 'sugar':
      return t('cook.cue.sugar', {
        seconds: SUGAR_COLOUR_S,
        tempC: showTemperature(AMBER_C, units),
      });
    default:
      return t(`cook.cue.${cue.kind}`);
  }
}

const AMBER_C = SUGAR_COLOURS.find(({ name }) => name === 'amber')?.tempC ?? 0;

function drawing(cue: Cue, units: UnitSystem): ReactNode {
  switch (cue.kind) {
    case 'probe':
      return <ProbePlace shape={cue.shape} bone={cue.bone} />;
    case 'fork':
      return <Fork falls={cue.until === 'pulls'} />;
    case 'reduce':
      return (
        <PanAndSpoon
          share={cue.toMm / cue.fromMm}
          from={showDepth(cue.fromMm, units)}
          to={showDepth(cue.toMm, units)}
        />
      );
    case 'dough':
      return <Tub times={cue.times} />;
    case 'sugar':
      return <Sugar units={units} />;
    case 'smoke':
      return <Smoke />;
    case 'release':
      return <Lifted />;
    case 'coats':
      return <CoatedSpoon />;
    case 'covers':
      return <Covered level={cue.levelMm === undefined ? '' : showDepth(cue.levelMm, units)} />;
  }
}

function Sheet({ children }: { children: ReactNode }) {
  return (
    <svg viewBox="0 0 210 110" className="w-full max-w-[210px]" aria-hidden="true">
      <g fill="none" stroke="var(--card-ink)" strokeWidth="3" strokeLinecap="round">
        {children}
      </g>
    </svg>
  );
}

const FOOD = { fill: 'var(--card-food)' } as const;
const LIQUID = { fill: 'var(--card-liquid)', stroke: 'none' } as const;
const MARK = { stroke: 'var(--card-mark)', strokeWidth: 5 } as const;

/** Where a probe comes in, and where its tip lies: in a viewBox of 210 by 110. */
const PROBE: Record<ProbeShape, readonly [x1: number, y1: number, x2: number, y2: number]> = {
  joint: [200, 34, 112, 58],
  slab: [200, 64, 98, 64],
  bird: [196, 22, 130, 62],
  stuffedBird: [204, 34, 74, 62],
  fish: [84, 4, 74, 48],
};

function ProbePlace({ shape, bone }: { shape: ProbeShape; bone: boolean }) {
  const [x1, y1, x2, y2] = PROBE[shape];
  return (
    <Sheet>
      <Body shape={shape} bone={bone} />
      <line x1={x1} y1={y1} x2={x2} y2={y2} strokeWidth="4" />
      <circle cx={x2} cy={y2} r="6" fill="var(--card-mark)" stroke="none" />
    </Sheet>
  );
}

function Body({ shape, bone }: { shape: ProbeShape; bone: boolean }) {
  switch (shape) {
    case 'bird':
      return <Bird />;
    case 'stuffedBird':
      return (
        <Bird>
          <ellipse cx="74" cy="62" rx="32" ry="17" fill="var(--card)" strokeDasharray="5 6" />
        </Bird>
      );
    case 'fish':
      return (
        <>
          <path
            d="M14 58 q56 -52 128 -8 l40 -24 q-12 32 0 62 l-40 -24 q-72 40 -128 -6 z"
            {...FOOD}
          />
          <path d="M46 36 q12 22 0 44" />
          <circle cx="32" cy="54" r="3" fill="var(--card-ink)" />
        </>
      );
    case 'slab':
      return <rect x="30" y="46" width="130" height="36" rx="14" {...FOOD} />;
    case 'joint':
      return (
        <>
          <rect x="30" y="20" width="130" height="74" rx="34" {...FOOD} />
          {bone && <ellipse cx="62" cy="58" rx="14" ry="9" fill="var(--card)" />}
        </>
      );
  }
}

/** A bird on its back, its leg over what is in it. */
function Bird({ children }: { children?: ReactNode }) {
  return (
    <>
      <path d="M22 66 q2 -48 62 -48 q40 0 58 32 q6 28 -22 42 h-62 q-36 -4 -36 -26 z" {...FOOD} />
      {children}
      <path d="M104 92 q-10 -34 18 -44 q28 2 28 24 l24 20 q8 -4 8 4 q2 6 -6 4 l-32 -14" {...FOOD} />
      {!children && <path d="M58 54 q18 -10 34 2 q-12 16 -34 -2" />}
    </>
  );
}

function Fork({ falls }: { falls: boolean }) {
  const deep = falls ? 26 : 4;
  return (
    <Sheet>
      <path d="M30 96 q0 -42 62 -42 q66 0 66 42 z" {...FOOD} />
      {[-9, 0, 9].map((x) => (
        <line key={x} x1={94 + x} y1={34 + deep} x2={94 + x} y2={58 + deep} />
      ))}
      <path d={`M85 ${34 + deep} h18 M94 ${34 + deep} V4`} />
      {falls && <path d="M60 66 q-14 8 -22 20 M132 66 q12 8 20 22" {...MARK} />}
    </Sheet>
  );
}

function PanAndSpoon({ share, from, to }: { share: number; from: string; to: string }) {
  const [top, floor] = [38, 98];
  const mark = floor - (floor - top) * share;
  return (
    <Sheet>
      <path d={`M36 ${top} L46 ${floor} H124 L134 ${top} z`} {...LIQUID} />
      <path d="M30 18 L46 98 H124 L140 18" />
      <line x1="104" y1="6" x2="84" y2={floor - 4} strokeWidth="5" />
      <line x1="82" y1={top} x2="112" y2={top} />
      <line x1="76" y1={mark} x2="108" y2={mark} {...MARK} />
      <g fill="var(--card-ink)" stroke="none" fontSize="15">
        <text x="146" y={top + 5}>
          {from}
        </text>
        <text x="146" y={mark + 5} fontWeight="700">
          {to}
        </text>
      </g>
    </Sheet>
  );
}

function Tub({ times }: { times: number }) {
  const [floor, low] = [98, 70];
  const high = floor - (floor - low) * times;
  return (
    <Sheet>
      <path d={`M52 ${floor} V${high + 10} q48 -18 96 0 V${floor} z`} {...FOOD} />
      <path d={`M46 12 V${floor} H154 V12`} />
      <line x1="40" y1={low} x2="62" y2={low} />
      <line x1="38" y1={high} x2="66" y2={high} {...MARK} />
    </Sheet>
  );
}

/** The colours of sugar are what is meant here: nothing else on the page is coloured so. */
const SUGAR_PAINT = ['#efd489', '#dfa23c', '#b5651d', '#6f3412', '#2c150b'];

function Sugar({ units }: { units: UnitSystem }) {
  return (
    <Sheet>
      {SUGAR_COLOURS.map(({ name, tempC }, i) => (
        <g key={name}>
          <rect
            x={6 + i * 40}
            y="20"
            width="36"
            height="46"
            rx="6"
            fill={SUGAR_PAINT[i]}
            strokeWidth={name === 'amber' ? 5 : 1.5}
          />
          <text
            x={24 + i * 40}
            y="86"
            textAnchor="middle"
            fontSize="14"
            fill="var(--card-ink)"
            stroke="none"
          >
            {showTemperature(tempC, units)}
          </text>
        </g>
      ))}
    </Sheet>
  );
}

function Smoke() {
  return (
    <Sheet>
      <path d="M28 98 h60 v-22 h-60 z M122 98 h60 v-22 h-60 z" />
      <path d="M58 74 q-12 -16 0 -32 q12 -16 0 -32" strokeWidth="2" />
      <path d="M36 106 l10 -8 M58 66 m-22 38" stroke="none" />
      <g strokeWidth="9" opacity="0.45">
        <path d="M142 72 q-16 -18 0 -32 q14 -14 0 -30" />
        <path d="M160 72 q16 -18 0 -32 q-14 -14 0 -30" />
      </g>
      <path d="M112 104 L192 14" {...MARK} />
    </Sheet>
  );
}

function Lifted() {
  return (
    <Sheet>
      <path d="M20 78 q4 20 24 20 h100 q20 0 24 -20 M168 80 h34" />
      <rect x="52" y="40" width="84" height="24" rx="12" {...FOOD} transform="rotate(-9 94 52)" />
      <path d="M60 76 h70" strokeWidth="5" stroke="var(--card-food)" />
      <path d="M94 30 V10 M84 18 L94 8 L104 18" {...MARK} />
    </Sheet>
  );
}

function CoatedSpoon() {
  return (
    <Sheet>
      <ellipse cx="76" cy="60" rx="46" ry="30" {...FOOD} />
      <path d="M122 58 L204 40" strokeWidth="6" />
      <path d="M40 44 L112 76" stroke="var(--card)" strokeWidth="9" />
    </Sheet>
  );
}

function Covered({ level }: { level: string }) {
  return (
    <Sheet>
      <path d="M24 34 H134 V98 H24 z" {...LIQUID} />
      <rect x="42" y="52" width="74" height="40" rx="16" {...FOOD} />
      <path d="M20 14 V98 H138 V14" />
      <line x1="14" y1="34" x2="42" y2="34" {...MARK} />
      <text x="146" y="39" fill="var(--card-ink)" stroke="none" fontSize="15" fontWeight="700">
        {level}
      </text>
    </Sheet>
  );
}
