import {
  hasOneHeat,
  placeNamed,
  placeOf,
  showTemperature,
  type Axis,
  type LoadLine,
  type LoadSpan,
  type Plan,
  type UnitSystem,
} from '@zemrin/core';
import { capitalised, useWords } from '../../../words/words.ts';
import { LEFT } from '../layout.ts';

export const LOAD_ROW = 29;
const BAR = 18;

interface LoadStripProps {
  readonly line: LoadLine;
  readonly plan: Plan;
  readonly axis: Axis;
  readonly plotPx: number;
  readonly top: number;
  readonly units: UnitSystem;
}

/** An oven's heat, or a hob's rings, along the same axis, with what is in it. */
export function LoadStrip({ line, plan, axis, plotPx, top, units }: LoadStripProps) {
  const t = useWords();
  const px = (min: number) => placeOf(axis, min) * plotPx;
  const most = Math.ceil(Math.max(0, ...line.spans.map((span) => span.taken)));
  const heated = line.kind !== 'vessel' && hasOneHeat(line.kind);
  const room = `weave.${roomOf(line.kind)}` as const;
  const words = (span: LoadSpan) =>
    heated && span.tempC !== undefined
      ? showTemperature(span.tempC, units)
      : t(room, { taken: Math.ceil(span.taken), fits: line.fits });
  const clashes = plan.clashes.filter(
    (clash) =>
      (clash.kind === 'heat' || clash.kind === 'room') &&
      line.spans.some((span) => span.steps.some((step) => clash.steps.includes(step.id))),
  );
  return (
    <>
      <p
        className="absolute truncate text-sm text-muted"
        style={{ left: 0, top, width: LEFT - 22, lineHeight: `${LOAD_ROW}px` }}
      >
        <strong className="mr-2 text-[15px] text-ink" style={{ fontFamily: 'var(--font-title)' }}>
          {line.name ??
            (line.kind === 'vessel' ? t('weave.vessels') : capitalised(t(`place.${line.kind}`)))}
        </strong>
        {t(room, { taken: most, fits: line.fits })}
      </p>
      {line.spans.map((span) => {
        const width = px(span.endMin) - px(span.startMin);
        // Rings fill up from below; an oven's heat is its colour and its words.
        const height = heated ? BAR : Math.max(5, (BAR * span.taken) / Math.max(1, line.fits));
        const text = words(span);
        return (
          <span
            key={span.startMin}
            title={`${text}: ${span.steps.map((step) => step.label).join(', ')}`}
            aria-hidden="true"
            className="slides absolute overflow-hidden rounded-[4px] text-center text-[12.5px] leading-[18px] font-semibold whitespace-nowrap"
            style={{
              left: LEFT + px(span.startMin),
              top: top + 5 + BAR - height,
              width: Math.max(2, width - 1),
              height,
              background: `var(--${heated ? span.band : 'counter'})`,
              color: heated && INKY.has(span.band) ? 'var(--on-light)' : 'var(--on-dark)',
            }}
          >
            {heated && width > 34 ? text : ''}
          </span>
        );
      })}
      {clashes.map((clash) => (
        <span
          key={`${clash.atMin}-${clash.steps.join()}`}
          aria-hidden="true"
          className="absolute h-[30px] rounded-lg border-3 border-clash"
          style={{
            left: LEFT + px(clash.atMin) - 5,
            top: top - 1,
            width: Math.max(14, px(clash.endMin) - px(clash.atMin) + 10),
          }}
        />
      ))}
    </>
  );
}

/** What is counted in it. */
function roomOf(kind: LoadLine['kind']) {
  return kind === 'vessel' ? 'pieces' : (placeNamed(kind).appliance?.holds ?? 'pieces');
}

/** Bands light enough to be written on in ink. */
const INKY: ReadonlySet<LoadSpan['band']> = new Set(['cool', 'counter', 'slow']);
