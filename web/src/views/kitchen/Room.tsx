import { placeNamed, PLACES, type Kitchen, type Meal } from '@zemrin/core';
import { Drawn, FLOOR, LINE, widthOf } from '../../ui/Drawn.tsx';
import { useWords, type Say } from '../../words/words.ts';

type Appliance = Kitchen['appliances'][number];
/** What of the kitchen can be touched. */
export type Corner = 'appliances' | 'helpers' | 'vessels' | 'spoons' | 'schools' | 'pantry';

interface RoomProps {
  readonly meal: Meal;
  readonly open: Corner;
  readonly onOpen: (corner: Corner, id?: string) => void;
}

const WIDTH = 920;
const HEIGHT = 250;
/** Where the outer wall stands: the fires are beyond it. */
const GAP = 14;

/**
 * The kitchen as a room, from the cold to the fire outside: each thing drawn with how much fits in
 * it. Touch one to say what it can do.
 */
export function Room({ meal, open, onOpen }: RoomProps) {
  const t = useWords();
  const { appliances, vessels, helpers = [] } = meal.kitchen;
  const outside = appliances.filter(({ kind }) => placeNamed(kind).room === 'outside');
  const inside = appliances
    .filter((appliance) => !outside.includes(appliance))
    .sort((a, b) => PLACES.indexOf(a.kind) - PLACES.indexOf(b.kind));
  const laid = inRow(inside, 16);
  const shelf = endOf(laid, 16);
  const wall = Math.max(shelf + 190, 640);
  const fires = inRow(outside, wall + 34);
  const width = Math.max(WIDTH, endOf(fires, wall) + 20);
  return (
    <svg
      viewBox={`0 0 ${width} ${HEIGHT}`}
      className="w-full min-w-[760px]"
      role="group"
      aria-label={t('kitchen.room')}
    >
      <line x1={0} x2={width} y1={FLOOR} y2={FLOOR} stroke="var(--ink)" strokeWidth={2} />
      <line x1={wall} x2={wall} y1={14} y2={FLOOR} stroke="var(--ink)" strokeWidth={5} />
      <text x={wall + 12} y={28} className="fill-muted text-[13px]">
        {t('kitchen.outside')}
      </text>
      {[...laid, ...fires].map(({ appliance, at }) => (
        <Touch
          key={appliance.id}
          x={at}
          width={widthOf(appliance.kind)}
          label={t('kitchen.touch', { name: appliance.name, more: fitsWords(appliance, t) })}
          pressed={open === 'appliances'}
          onTouch={() => onOpen('appliances', appliance.id)}
        >
          <Drawn appliance={appliance} x={at} />
          <Caption
            x={at + widthOf(appliance.kind) / 2}
            name={appliance.name}
            more={fitsWords(appliance, t)}
          />
        </Touch>
      ))}
      <Touch
        x={shelf}
        width={wall - shelf - 16}
        label={t('kitchen.touch', {
          name: t('kitchen.vessels'),
          more: t('kitchen.vesselCount', { count: vessels.length }),
        })}
        pressed={open === 'vessels'}
        onTouch={() => onOpen('vessels')}
      >
        <Shelf x={shelf} width={wall - shelf - 16} vessels={vessels} />
      </Touch>
      <Touch
        x={shelf}
        width={wall - shelf - 16}
        top={128}
        label={t('kitchen.touch', {
          name: t('kitchen.helpers'),
          more: t('kitchen.peopleCount', { count: helpers.length + 1 }),
        })}
        pressed={open === 'helpers'}
        onTouch={() => onOpen('helpers')}
      >
        <People x={shelf + 24} names={[t('kitchen.you'), ...helpers.map(({ name }) => name)]} />
      </Touch>
    </svg>
  );
}

interface Laid {
  readonly appliance: Appliance;
  readonly at: number;
}

/** One beside the other, from the left. */
function inRow(appliances: readonly Appliance[], from: number): Laid[] {
  return appliances.reduce<Laid[]>(
    (laid, appliance) => [...laid, { appliance, at: endOf(laid, from) }],
    [],
  );
}

function endOf(laid: readonly Laid[], from: number): number {
  const last = laid.at(-1);
  return last ? last.at + widthOf(last.appliance.kind) + GAP : from;
}

function fitsWords({ kind, fits, fitsIndirect }: Appliance, t: Say): string {
  if (fitsIndirect !== undefined) {
    return t('kitchen.fits.sides', { hot: fits, cool: fitsIndirect });
  }
  const holds = placeNamed(kind).appliance?.holds ?? 'pieces';
  return t(`kitchen.fits.${holds}`, { count: fits });
}

/** A thing that can be touched, and reached by key. */
function Touch(props: {
  x: number;
  width: number;
  top?: number;
  label: string;
  pressed: boolean;
  onTouch: () => void;
  children: React.ReactNode;
}) {
  const { x, width, top = 40, label, pressed, onTouch, children } = props;
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={label}
      aria-pressed={pressed}
      className="group cursor-pointer outline-none"
      onClick={onTouch}
      onKeyDown={(event) => {
        if (event.key !== 'Enter' && event.key !== ' ') return;
        event.preventDefault();
        onTouch();
      }}
    >
      <rect
        x={x - 6}
        y={top - 6}
        width={width + 12}
        height={FLOOR - top + 34}
        rx={8}
        className="fill-transparent stroke-transparent group-hover:fill-soft group-focus-visible:stroke-now"
        strokeWidth={3}
      />
      {children}
    </g>
  );
}

function Caption({ x, name, more }: { x: number; name: string; more: string }) {
  const short = name.length > 15 ? `${name.slice(0, 14)}…` : name;
  return (
    <>
      <text x={x} y={FLOOR + 15} textAnchor="middle" className="fill-ink text-[13px] font-semibold">
        {short}
      </text>
      <text x={x} y={FLOOR + 30} textAnchor="middle" className="fill-muted text-[12px]">
        {more}
      </text>
    </>
  );
}

/** The pots and tubs on a shelf, the large ones wider. */
function Shelf({ x, width, vessels }: { x: number; width: number; vessels: Kitchen['vessels'] }) {
  const sizes = vessels.map(({ capacityMl }) => 8 + Math.sqrt(capacityMl / 1000) * 9);
  const all = sizes.reduce((sum, size) => sum + size + 5, 0);
  const scale = Math.min(1, width / Math.max(1, all));
  const before = (i: number) =>
    sizes.slice(0, i).reduce((sum, size) => sum + (size + 5) * scale, 0);
  return (
    <>
      <line x1={x} x2={x + width} y1={96} y2={96} stroke="var(--ink)" strokeWidth={4} />
      {vessels.map((vessel, i) => {
        const wide = (sizes[i] ?? 10) * scale;
        return (
          <rect
            key={vessel.id}
            x={x + before(i)}
            y={94 - wide * 0.8}
            width={wide}
            height={wide * 0.8}
            rx={vessel.kind === 'bowl' || vessel.kind === 'bag' ? 9 : 3}
            {...LINE}
          >
            <title>{vessel.name}</title>
          </rect>
        );
      })}
    </>
  );
}

/** You, and whoever helps. */
function People({ x, names }: { x: number; names: readonly string[] }) {
  return (
    <>
      {names.slice(0, 4).map((name, i) => (
        <g key={name} transform={`translate(${x + i * 52} 0)`}>
          <circle cx={0} cy={148} r={10} {...LINE} />
          <path d={`M-15 ${FLOOR} v-30 q0 -18 15 -18 q15 0 15 18 v30`} {...LINE} />
          <text
            x={0}
            y={FLOOR + 15}
            textAnchor="middle"
            className="fill-ink text-[13px] font-semibold"
          >
            {name.length > 8 ? `${name.slice(0, 7)}…` : name}
          </text>
        </g>
      ))}
    </>
  );
}
