import {
  environmentNamed,
  USUAL_CONDITIONS,
  usualC,
  cooks,
  isHollow,
  lastOnFire,
  PREPARED,
  showLength,
  showTemperature,
  showWeight,
  thicknessMmOf,
  type Kitchen,
  type StageSpec,
} from '@zemrin/core';
import { useId } from 'react';
import { Choice } from '../../ui/Choice.tsx';
import { useWords } from '../../words/words.ts';
import type { Thought } from './useDraft.ts';

/** What decides the time, each as a slider whose effect shows as it moves. */
export function Sliders({ draft, units }: { draft: Thought; units: Kitchen['units'] }) {
  const t = useWords();
  const { cook } = draft;
  const { piece } = cook;
  const thickMm = thicknessMmOf(piece);
  const setPiece = (change: Partial<typeof piece>) =>
    draft.set({ ...cook, piece: { ...piece, ...change } });
  const main = lastOnFire(cook);
  const nameOf = ({ cooker, wrap }: StageSpec, i: number) => {
    const name = t(`cooker.${cooker}`) + (wrap ? `, ${t(`wrap.${wrap}`)}` : '');
    return fires.length > 1 ? t('heat.numbered', { number: i + 1, name }) : name;
  };
  const fires = cook.stages.flatMap((stage, i) => (cooks(stage.cooker) ? [{ stage, i }] : []));
  return (
    <div className="mt-3 grid grid-cols-2 gap-x-6 gap-y-2 lg:grid-cols-4">
      <Slider
        label={t('heat.thickness')}
        shown={showLength(thickMm, units)}
        value={Math.round(thickMm)}
        range={[8, 220]}
        onSlide={(thicknessMm) => setPiece({ thicknessMm })}
      />
      <Slider
        label={t('heat.weight')}
        shown={showWeight(piece.weightG, units)}
        value={Math.round(piece.weightG)}
        range={[50, 9000]}
        step={10}
        onSlide={(weightG) => setPiece({ weightG, thicknessMm: undefined })}
      />
      <Slider
        label={t('heat.start')}
        shown={showTemperature(cook.startC, units)}
        value={cook.startC}
        range={[-20, 25]}
        step={0.5}
        onSlide={(startC) => draft.set({ ...cook, startC })}
      />
      {isHollow(piece.cut) && (
        <div>
          <Choice
            label={t('heat.prepared')}
            value={piece.prepared ?? 'plain'}
            options={[
              ['plain', t('prepared.plain')],
              ...PREPARED.map((one) => [one, t(`prepared.${one}`)] as const),
            ]}
            onChoose={(one) => setPiece({ prepared: one === 'plain' ? undefined : one })}
          />
          {piece.prepared === 'stuffed' && (
            <p className="mt-1 text-sm text-muted">{t('prepared.middle')}</p>
          )}
        </div>
      )}
      {fires.map(({ stage, i }) => {
        const { heats } = environmentNamed(stage.cooker);
        if (!heats) return null;
        const tempC = stage.tempC ?? usualC(stage.cooker, USUAL_CONDITIONS);
        return (
          <Slider
            key={`heat-${i}`}
            label={nameOf(stage, i)}
            shown={showTemperature(tempC, units)}
            value={tempC}
            range={heats}
            onSlide={(to) => draft.setStage(i, { tempC: to })}
          />
        );
      })}
      {fires.map(({ stage: { end }, i }) =>
        end.kind === 'core' ? (
          <Slider
            key={`until-${i}`}
            label={i === main ? t('heat.until') : t('heat.onAt')}
            shown={showTemperature(end.coreC, units)}
            value={end.coreC}
            range={[30, 98]}
            onSlide={(coreC) => draft.setStage(i, { end: { kind: 'core', coreC } })}
          />
        ) : null,
      )}
    </div>
  );
}

function Slider(props: {
  label: string;
  shown: string;
  value: number;
  range: readonly [number, number];
  step?: number;
  onSlide: (value: number) => void;
}) {
  const [min, max] = props.range;
  const id = useId();
  return (
    <div className="min-w-0 text-sm">
      <span className="flex justify-between gap-2">
        <label htmlFor={id} className="truncate text-muted">
          {props.label}
        </label>
        <span aria-hidden="true" className="font-semibold whitespace-nowrap">
          {props.shown}
        </span>
      </span>
      <input
        id={id}
        type="range"
        min={Math.min(min, Math.floor(props.value))}
        max={Math.max(max, Math.ceil(props.value))}
        step={props.step ?? 1}
        value={props.value}
        aria-valuetext={props.shown}
        className="block h-9 w-full accent-[var(--ink)]"
        onChange={(event) => props.onSlide(Number(event.target.value))}
      />
    </div>
  );
}
