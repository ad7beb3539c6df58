import { eggFloats, saltedFor, saltingFor, USUAL_STRENGTHS, type Salting } from '@zemrin/core';
import { Choice } from '../../../ui/Choice.tsx';
import { EditField } from '../../../ui/EditField.tsx';
import { Tick } from '../../../ui/Tick.tsx';
import { useWords } from '../../../words/words.ts';
import type { OnBench } from '../useBench.ts';

const AS_KITCHEN = '';
const OWN = '';
const WAYS = ['equilibrium', 'strong', 'dry'] as const;
const USUAL: Salting = { targetPct: 1.2, strengthPct: 5, sugarToSalt: 0 };

/** Salt by a target instead of by an amount: how, how much, and how much sugar with it. */
export function SaltingFields({ dish, mixture, edit }: OnBench) {
  const t = useWords();
  const { salting } = mixture;
  const set = (to: Salting | undefined) =>
    edit({ do: 'editMixture', dish: dish.id, mixture: mixture.id, change: { salting: to } });
  const number = (text: string, most: number) => {
    const value = Number(text.replace('%', '').replace(',', '.').trim());
    return Number.isFinite(value) && value >= 0 && value <= most ? value : undefined;
  };
  return (
    <fieldset className="grid gap-x-3 gap-y-2 sm:grid-cols-2">
      <legend className="font-semibold">{t('bench.salting')}</legend>
      <Tick checked={salting !== undefined} onChange={(yes) => set(yes ? USUAL : undefined)}>
        {t('bench.byTargetTick')}
      </Tick>
      {salting && (
        <>
          <Choice
            label={t('bench.saltingBy')}
            value={salting.by ?? AS_KITCHEN}
            options={[
              [AS_KITCHEN, t('bench.asKitchenDoes')] as const,
              ...WAYS.map((way) => [way, t(`salting.${way}`)] as const),
            ]}
            onChoose={(by) => {
              const { by: _old, ...rest } = salting;
              set(by === AS_KITCHEN ? rest : { ...rest, by });
            }}
          />
          <Choice
            label={t('bench.strengthFor')}
            value={saltedFor(salting) ?? OWN}
            options={[
              [OWN, t('bench.strengthOwn')] as const,
              ...USUAL_STRENGTHS.map(
                ({ what, fromPct, toPct }) =>
                  [
                    what,
                    t(fromPct === toPct ? 'bench.strengthAt' : 'bench.strengthFrom', {
                      what: t(`strength.${what}`),
                      from: fromPct,
                      to: toPct,
                    }),
                  ] as const,
              ),
            ]}
            onChoose={(what) => {
              if (what !== OWN) set(saltingFor(what, salting));
            }}
          />
          <EditField
            label={t('bench.saltTarget')}
            value={`${salting.targetPct} %`}
            onCommit={(text) => {
              const targetPct = number(text, 8);
              if (!targetPct) return t('bench.badTarget', { text });
              set({ ...salting, targetPct });
              return undefined;
            }}
          />
          <EditField
            label={t('bench.strength')}
            value={`${salting.strengthPct} %`}
            onCommit={(text) => {
              const strengthPct = number(text, 26);
              if (!strengthPct) return t('bench.badStrength', { text });
              set({ ...salting, strengthPct });
              return undefined;
            }}
          />
          {eggFloats(salting.strengthPct) && (
            <p className="text-sm text-muted sm:col-span-2">{t('bench.eggFloats')}</p>
          )}
          <EditField
            label={t('bench.sugarToSalt')}
            value={String(salting.sugarToSalt)}
            onCommit={(text) => {
              const sugarToSalt = number(text, 5);
              if (sugarToSalt === undefined) return t('bench.badRatio', { text });
              set({ ...salting, sugarToSalt });
              return undefined;
            }}
          />
        </>
      )}
    </fieldset>
  );
}
