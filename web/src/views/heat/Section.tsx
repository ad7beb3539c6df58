import {
  environmentNamed,
  formOf,
  pointAt,
  showMinutes,
  showTemperature,
  showWeight,
  thicknessMmOf,
  type Cook,
  type DraftCook,
  type Kitchen,
} from '@zemrin/core';
import { useWords } from '../../words/words.ts';
import { fieldColour } from './colours.ts';

interface SectionProps {
  readonly spec: DraftCook;
  readonly cook: Cook;
  readonly moment: number | undefined;
  readonly onMoment: (minute: number) => void;
  readonly units: Kitchen['units'];
}

const WIDTH_PX = 190;
/** So many millimetres of food fill the drawing. */
const LARGEST_MM = 190;

/** The cut in section, to scale, with its temperatures at the moment looked at. */
export function Section({ spec, cook, moment, onMoment, units }: SectionProps) {
  const t = useWords();
  const form = formOf(spec.piece);
  const thickMm = thicknessMmOf(spec.piece);
  const wide = 'wide' in form ? form.wide : form.kind === 'rod' ? Math.min(form.long, 1) || 1 : 1;
  const widthMm = thickMm * Math.min(wide, 3.2);
  const scale = WIDTH_PX / Math.max(LARGEST_MM, widthMm);
  const at = moment ?? cook.minutes / 2;
  const point = pointAt(cook, at);
  const field = cook.fieldC[point] ?? new Float32Array();
  const [rx, ry] = [(widthMm * scale) / 2, (thickMm * scale) / 2];
  const middle = { x: WIDTH_PX / 2, y: Math.max(60, ry + 8) };
  const height = middle.y * 2;
  return (
    <figure className="m-0 self-center justify-self-center text-center md:w-[200px]">
      <svg
        viewBox={`0 0 ${WIDTH_PX} ${height}`}
        width={WIDTH_PX}
        role="img"
        aria-label={t('heat.section')}
      >
        {ringsOf(field, cook, spec).map(({ share, tempC }) => (
          <ellipse
            key={share}
            cx={middle.x}
            cy={middle.y}
            rx={rx * share}
            ry={ry * share}
            fill={fieldColour(tempC)}
          />
        ))}
        <ellipse
          cx={middle.x}
          cy={middle.y}
          rx={rx}
          ry={ry}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={2.5}
        />
        <line
          x1={middle.x}
          y1={middle.y}
          x2={middle.x + rx * 0.9}
          y2={middle.y - ry - 6}
          stroke="var(--ink)"
          strokeWidth={2}
        />
        <circle cx={middle.x} cy={middle.y} r={4.5} fill="var(--ink)" />
      </svg>
      <figcaption>
        {t('heat.size', {
          thick: (thickMm / 10).toFixed(1),
          weight: showWeight(spec.piece.weightG, units),
        })}
        <br />
        <span className="text-sm text-muted">
          {t('heat.atMoment', {
            at: showMinutes(Math.round(at)),
            core: showTemperature(cook.coreC[point] ?? 0, units),
            surface: showTemperature(cook.surfaceC[point] ?? 0, units),
          })}
        </span>
        <input
          type="range"
          aria-label={t('heat.moment')}
          aria-valuetext={showMinutes(Math.round(at))}
          min={0}
          max={Math.ceil(cook.minutes)}
          value={Math.round(at)}
          className="block h-8 w-full accent-[var(--now)]"
          onChange={(event) => onMoment(Number(event.target.value))}
        />
      </figcaption>
    </figure>
  );
}

/** Rings from the surface inward, each in the colour of its temperature. */
function ringsOf(
  field: Float32Array,
  cook: Cook,
  spec: DraftCook,
): Array<{ share: number; tempC: number }> {
  const flat =
    cook.fieldC[0]?.length !== undefined &&
    spec.stages.some(({ cooker }) => environmentNamed(cooker).twoSided);
  const cells = flat ? field.slice(field.length / 2) : field;
  return Array.from(cells, (tempC, i) => ({ share: (i + 1) / cells.length, tempC })).reverse();
}
