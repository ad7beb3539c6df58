import {
  BASIS_KINDS,
  newBasis,
  MIXTURE_KINDS,
  readWeight,
  showWeight,
  soaks,
  type Mixture,
  type MixtureChange,
  type Step,
} from '@zemrin/core';
import { useNavigate } from 'react-router';
import { Choice } from '../../../ui/Choice.tsx';
import { EditField } from '../../../ui/EditField.tsx';
import { Modal } from '../../../ui/Modal.tsx';
import { Tick } from '../../../ui/Tick.tsx';
import { useWords } from '../../../words/words.ts';
import { SaltingFields } from './SaltingFields.tsx';
import type { OnBench } from '../useBench.ts';
import { VariantFields } from './VariantFields.tsx';

const NONE = '';

/** Everything about a mixture that is not a line. Each change is taken at once and can be undone. */
export default function MixtureForm({ bench, onClose }: { bench: OnBench; onClose: () => void }) {
  const t = useWords();
  const navigate = useNavigate();
  const { meal, dish, mixture, edit } = bench;
  const set = (change: MixtureChange) =>
    edit({ do: 'editMixture', dish: dish.id, mixture: mixture.id, change });
  const toggle = (on: readonly string[], id: string, yes: boolean) =>
    yes ? [...on, id] : on.filter((other) => other !== id);
  return (
    <Modal title={t('bench.changeTitle', { name: mixture.name })} onClose={onClose}>
      <div className="grid gap-4">
        <Kind bench={bench} onSet={set} />
        {dish.foods.length > 0 && (
          <fieldset>
            <legend className="font-semibold">{t('bench.goesOn')}</legend>
            {dish.foods.map((food) => (
              <Tick
                key={food.id}
                checked={mixture.on.includes(food.id)}
                onChange={(yes) => set({ on: toggle(mixture.on, food.id, yes) })}
              >
                {food.name}
              </Tick>
            ))}
          </fieldset>
        )}
        <LiesIn bench={bench} onSet={set} />
        <Reserve mixture={mixture} onSet={set} />
        <SaltingFields {...bench} />
        <VariantFields {...bench} />
        <Keeping mixture={mixture} onSet={set} />
        <Timing {...bench} />
        <button
          type="button"
          className="btn justify-self-start"
          onClick={() => {
            onClose();
            void navigate(`/meal/${meal.id}/bench`);
            edit({ do: 'removeMixture', dish: dish.id, mixture: mixture.id });
          }}
        >
          {t('bench.removeMixture', { name: mixture.name })}
        </button>
      </div>
    </Modal>
  );
}

type OnSet = (change: MixtureChange) => void;

/** What it is called, what kind it is, and how much of it there is for how much food. */
function Kind({ bench, onSet: set }: { bench: OnBench; onSet: OnSet }) {
  const t = useWords();
  const { meal, mixture, batch } = bench;
  return (
    <div className="grid gap-3 sm:grid-cols-2">
      <EditField
        label={t('bench.newName')}
        value={mixture.name}
        onCommit={(name) => (name === '' ? t('bench.noName') : void set({ name }))}
      />
      <Choice
        label={t('bench.newKind')}
        value={mixture.kind}
        options={MIXTURE_KINDS.map((kind) => [kind, t(`kind.${kind}`)])}
        onChoose={(kind) => set({ kind })}
      />
      <Choice
        label={t('bench.basis')}
        value={mixture.basis.kind}
        options={BASIS_KINDS.map((kind) => [kind, t(`basis.${kind}`)])}
        onChoose={(kind) => set({ basis: newBasis(kind, batch.batchG) })}
      />
      {mixture.basis.kind === 'perWeight' && (
        <EditField
          label={t('bench.baseline')}
          value={showWeight(mixture.basis.baselineG, meal.kitchen.units)}
          onCommit={(text) => {
            const baselineG = readWeight(text);
            if (baselineG === undefined || baselineG <= 0) return t('app.badWeight', { text });
            set({ basis: { kind: 'perWeight', baselineG } });
            return undefined;
          }}
        />
      )}
      {mixture.basis.kind === 'perPortion' && (
        <EditField
          label={t('bench.baselinePortions')}
          value={String(mixture.basis.baseline)}
          onCommit={(text) => {
            const baseline = Number(text.replace(',', '.'));
            if (!(baseline > 0 && baseline <= 500)) return t('bench.badPortions', { text });
            set({ basis: { kind: 'perPortion', baseline } });
            return undefined;
          }}
        />
      )}
    </div>
  );
}

/** What it lies in, and what is done to it there. */
function LiesIn({ bench, onSet: set }: { bench: OnBench; onSet: OnSet }) {
  const t = useWords();
  const { meal, mixture } = bench;
  return (
    <fieldset className="grid gap-x-3 sm:grid-cols-2">
      <legend className="font-semibold">{t('bench.liesIn')}</legend>
      <Choice
        label={t('bench.vessel')}
        value={mixture.vessel ?? NONE}
        options={[
          [NONE, t('bench.noVessel')] as const,
          ...meal.kitchen.vessels.map((vessel) => [vessel.id, vessel.name] as const),
        ]}
        onChoose={(vessel) => set({ vessel: vessel === NONE ? undefined : vessel })}
      />
      <span />
      <Tick
        checked={mixture.pressed === true}
        onChange={(pressed) => set({ pressed: pressed ? true : undefined })}
      >
        {t('bench.pressed')}
      </Tick>
      <Tick
        checked={mixture.boiled === true}
        onChange={(boiled) => set({ boiled: boiled ? true : undefined })}
      >
        {t('bench.boiled')}
      </Tick>
      <Tick checked={mixture.touchesRaw} onChange={(touchesRaw) => set({ touchesRaw })}>
        {t('bench.touchesRaw')}
      </Tick>
    </fieldset>
  );
}

/** How long it keeps, and what the cook wants to remember. */
function Keeping({ mixture, onSet: set }: { mixture: Mixture; onSet: OnSet }) {
  const t = useWords();
  return (
    <div className="grid gap-3 sm:grid-cols-2">
      <EditField
        label={t('bench.keepsDays')}
        value={mixture.keepsDays === undefined ? '' : String(mixture.keepsDays)}
        onCommit={(text) => {
          const keepsDays = text === '' ? undefined : Number(text);
          if (keepsDays !== undefined && !(keepsDays >= 1 && keepsDays <= 365))
            return t('bench.badDays', { text });
          set({ keepsDays });
          return undefined;
        }}
      />
      <EditField
        label={t('bench.note')}
        value={mixture.note ?? ''}
        onCommit={(note) => void set({ note: note === '' ? undefined : note })}
      />
    </div>
  );
}

/** Part of it set aside clean: how much, what for. */
function Reserve(props: { mixture: Mixture; onSet: OnSet }) {
  const t = useWords();
  const { mixture, onSet } = props;
  const { reserve } = mixture;
  return (
    <fieldset className="grid gap-x-3 sm:grid-cols-2">
      <legend className="font-semibold">{t('bench.keepFirst')}</legend>
      <Tick
        checked={reserve !== undefined}
        onChange={(yes) =>
          onSet({
            reserve: yes
              ? { amount: '100 ml', scaling: 'linear', purpose: t('bench.purposeBasting') }
              : undefined,
          })
        }
      >
        {t('bench.keepPart')}
      </Tick>
      {reserve && (
        <>
          <EditField
            label={t('bench.purpose')}
            value={reserve.purpose}
            onCommit={(purpose) => void onSet({ reserve: { ...reserve, purpose } })}
          />
          <Choice
            label={t('bench.grows')}
            value={reserve.scaling}
            options={[
              ['linear', t('grows.linear')],
              ['fixed', t('bench.staysSo')],
            ]}
            onChoose={(scaling) => onSet({ reserve: { ...reserve, scaling } })}
          />
        </>
      )}
    </fieldset>
  );
}

const SOAKING_VERBS = new Set<Step['verb']>(['marinate', 'brine', 'soak', 'chill']);

/** Which step of the plan lasts as long as the mixture's window says. */
function Timing({ dish, mixture, batch, edit }: OnBench) {
  const t = useWords();
  if (!soaks(mixture)) return null;
  const isSoak = (step: Step) => step.time.kind === 'soak' && step.time.mixture === mixture.id;
  const timed = dish.steps.find(isSoak);
  const open = dish.steps.filter(
    (step) => isSoak(step) || (step.time.kind === 'elastic' && SOAKING_VERBS.has(step.verb)),
  );
  if (open.length === 0) return null;
  const release = (step: Step) => {
    if (!batch.window) return;
    const { leastMin, bestMin, longestMin } = batch.window;
    edit({
      do: 'setStepTime',
      step: step.id,
      time: { kind: 'elastic', leastMin, bestMin, longestMin },
    });
  };
  return (
    <Choice
      label={t('bench.timesStep')}
      value={timed?.id ?? NONE}
      options={[
        [NONE, t('bench.timesNone')] as const,
        ...open.map((step) => [step.id, step.label] as const),
      ]}
      onChoose={(id) => {
        if (timed && timed.id !== id) release(timed);
        if (id !== NONE)
          edit({ do: 'setStepTime', step: id, time: { kind: 'soak', mixture: mixture.id } });
      }}
    />
  );
}
