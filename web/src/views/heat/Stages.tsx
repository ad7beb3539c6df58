import {
  environmentNamed,
  USUAL_CONDITIONS,
  usualC,
  COOKERS,
  cooks,
  PULLS_AT,
  SLICES_AT,
  WRAPS,
  withStages,
  type Cooker,
  type DraftStage,
  type End,
} from '@zemrin/core';
import { Plus, X } from 'lucide-react';
import { Choice } from '../../ui/Choice.tsx';
import { EditField } from '../../ui/EditField.tsx';
import { useWords } from '../../words/words.ts';
import type { Thought } from './useDraft.ts';

const ENDS = ['core', 'minutes', 'slices', 'pulls', 'peak'] as const;
type EndWord = (typeof ENDS)[number];

/** What no animal was gets soft, and does not pull apart. */
const PLANT_ENDS = {
  core: 'end.core',
  minutes: 'end.minutes',
  slices: 'end.soft',
  pulls: 'end.mashes',
  peak: 'end.peak',
} as const;

/** The stages as one thinks of them: where, how hot, wrapped or not, and until when. */
export function Stages({ draft }: { draft: Thought }) {
  const t = useWords();
  const { cook } = draft;
  const set = (stages: readonly DraftStage[]) => draft.set(withStages(cook, stages));
  const isPlant = cook.piece.cut.animal === 'none';
  return (
    <section className="mt-4" aria-label={t('heat.stages')}>
      <h2 className="text-base">{t('heat.stages')}</h2>
      <ol className="mt-1 grid gap-1">
        {cook.stages.map((stage, i) => (
          <li
            key={i}
            className="grid grid-cols-2 items-end gap-2 border-b border-line py-1.5 sm:grid-cols-[1.5fr_1fr_1.3fr_1fr_auto]"
          >
            <Choice
              label={t('heat.where')}
              value={stage.cooker}
              options={COOKERS.map((cooker) => [cooker, t(`cooker.${cooker}`)])}
              onChoose={(cooker) => draft.setStage(i, inCooker(stage, cooker))}
            />
            <Choice
              label={t('heat.cover')}
              value={stage.wrap ?? 'bare'}
              options={[
                ['bare', t('wrap.bare')],
                ...WRAPS.map((wrap) => [wrap, t(`wrap.${wrap}`)] as const),
              ]}
              onChoose={(wrap) => draft.setStage(i, { wrap: wrap === 'bare' ? undefined : wrap })}
            />
            <Choice
              label={t('heat.ends')}
              value={wordOf(stage.end)}
              options={ENDS.map((word) => [word, t(isPlant ? PLANT_ENDS[word] : `end.${word}`)])}
              onChoose={(word) => draft.setStage(i, { end: endOf(word, stage.end) })}
            />
            <EndField stage={stage} onEnd={(end) => draft.setStage(i, { end })} />
            <button
              type="button"
              className="btn btn-quiet min-w-[44px] px-2"
              aria-label={t('heat.removeStage', { number: i + 1 })}
              disabled={cook.stages.length === 1}
              onClick={() => set(cook.stages.filter((_one, j) => j !== i))}
            >
              <X size={18} aria-hidden="true" />
            </button>
          </li>
        ))}
      </ol>
      <button
        type="button"
        className="btn mt-2 min-h-[40px] text-sm"
        onClick={() => set([...cook.stages, { cooker: 'foil', end: { kind: 'peak' } }])}
      >
        <Plus size={16} aria-hidden="true" />
        {t('heat.addStage')}
      </button>
    </section>
  );
}

function EndField({ stage, onEnd }: { stage: DraftStage; onEnd: (end: End) => void }) {
  const t = useWords();
  const { end } = stage;
  if (end.kind !== 'core' && end.kind !== 'minutes') return <span />;
  const core = end.kind === 'core';
  const value = Math.round(core ? end.coreC : end.minutes);
  return (
    <EditField
      label={core ? t('heat.coreC') : t('heat.minutes')}
      value={String(value)}
      inputMode="numeric"
      className="field w-full min-w-0"
      onCommit={(text) => {
        const number =
          text.trim() === '' ? NaN : Number(text.replace(/°C?$/, '').replace(',', '.'));
        const [least, most] = core ? [-10, 99] : [1, 14_400];
        if (!(number >= least && number <= most)) {
          return t('heat.badEnd', { least, most });
        }
        onEnd(core ? { kind: 'core', coreC: number } : { kind: 'minutes', minutes: number });
        return undefined;
      }}
    />
  );
}

function inCooker(stage: DraftStage, cooker: Cooker): Partial<DraftStage> {
  const { heats } = environmentNamed(cooker);
  return {
    cooker,
    tempC: heats ? usualC(cooker, USUAL_CONDITIONS) : undefined,
    ...(!cooks(cooker) && stage.end.kind === 'core' && { end: { kind: 'peak' } }),
  };
}

function wordOf(end: End): EndWord {
  if (end.kind === 'tender') return end.tenderness >= PULLS_AT ? 'pulls' : 'slices';
  return end.kind === 'surface' ? 'peak' : end.kind;
}

function endOf(word: EndWord, was: End): End {
  switch (word) {
    case 'core':
      return { kind: 'core', coreC: was.kind === 'core' ? was.coreC : 63 };
    case 'minutes':
      return { kind: 'minutes', minutes: was.kind === 'minutes' ? was.minutes : 30 };
    case 'slices':
      return { kind: 'tender', tenderness: SLICES_AT };
    case 'pulls':
      return { kind: 'tender', tenderness: PULLS_AT };
    case 'peak':
      return { kind: 'peak' };
  }
}
