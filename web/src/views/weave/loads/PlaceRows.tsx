import { placeOf, type Axis, type PlaceRow, type PlannedStep, type Segment } from '@zemrin/core';
import { useWords } from '../../../words/words.ts';
import { HEADER } from '../Frame.tsx';
import { LEFT, textPx } from '../layout.ts';
import type { Handlers } from '../threads/ThreadSegment.tsx';

const LANE = 30;
const BAR = 24;
const BETWEEN = 14;

/** How tall the rows of all places are together. */
export function placesHeight(rows: readonly PlaceRow[]): number {
  return rows.reduce((sum, row) => sum + row.lanes * LANE + BETWEEN, 0);
}

interface PlaceRowsProps {
  readonly rows: readonly PlaceRow[];
  readonly axis: Axis;
  readonly plotPx: number;
  readonly chosen: string | undefined;
  readonly onChoose: (step: string) => void;
  readonly handlersFor: (step: PlannedStep) => Handlers;
  readonly describe: (segment: Pick<Segment, 'step'>) => string;
}

/** The same plan by place: what is in the fridge, on the hob, in the oven, when. */
export function PlaceRows({ rows, ...more }: PlaceRowsProps) {
  return (
    <>
      {rows.map((row, i) => (
        <PlaceLine
          key={`${row.kind}-${row.id}`}
          row={row}
          top={HEAD + placesHeight(rows.slice(0, i))}
          {...more}
        />
      ))}
    </>
  );
}

const HEAD = HEADER + 12;

function PlaceLine(props: Omit<PlaceRowsProps, 'rows'> & { row: PlaceRow; top: number }) {
  const t = useWords();
  const { row, top, axis, plotPx, chosen } = props;
  const px = (min: number) => placeOf(axis, min) * plotPx;
  return (
    <>
      <span
        aria-hidden="true"
        className="absolute h-px bg-line"
        style={{ left: 0, top: top - BETWEEN / 2, width: LEFT + plotPx }}
      />
      <h2
        className="absolute truncate text-[16px] first-letter:uppercase"
        style={{ left: 0, top: top + 1, width: LEFT - 22 }}
      >
        {row.name ?? t(`place.${row.kind}`)}
      </h2>
      {row.bars.map(({ step, band, lane }) => {
        const from = px(step.startMin);
        const width = Math.max(9, px(step.endMin) - from - 1);
        const words = `${step.label}, ${step.dishName}`;
        const text = [words, step.label].find((one) => textPx(one) + 10 <= width) ?? '';
        return (
          <button
            key={step.id}
            type="button"
            data-step={step.id}
            title={words}
            aria-label={props.describe({ step })}
            aria-pressed={chosen === step.id}
            className="slides absolute truncate rounded-[5px] px-1 text-[13px] font-semibold whitespace-nowrap"
            style={{
              left: LEFT + from,
              top: top + lane * LANE,
              width,
              height: BAR,
              background: `var(--${band})`,
              color: INKY.has(band) ? 'var(--on-light)' : 'var(--on-dark)',
              outline: chosen === step.id ? '3px solid var(--ink)' : undefined,
              outlineOffset: 1,
            }}
            onClick={() => props.onChoose(step.id)}
            {...props.handlersFor(step)}
          >
            {text}
          </button>
        );
      })}
    </>
  );
}

/** Bands light enough to be written on in ink. */
const INKY: ReadonlySet<string> = new Set(['cool', 'counter', 'slow']);
