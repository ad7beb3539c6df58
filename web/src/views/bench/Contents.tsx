import type { Batch, Meal, Mixture } from '@zemrin/core';
import { useManner } from '../../store/hooks.ts';
import { useWords } from '../../words/words.ts';

/** Sodium a day. Source: the Daily Value on US food labels, 2,300 mg. */
const SODIUM_DAY_MG = 2300;

/** What is in the mixture, as meters, and what to mind. */
export function Contents({ meal, mixture, batch }: { meal: Meal; mixture: Mixture; batch: Batch }) {
  const t = useWords();
  const { sayIt } = useManner(meal);
  const { totals } = batch;
  const sugarPct = totals.grams > 0 ? (totals.sugarG / totals.grams) * 100 : 0;
  const onFood = batch.batchG > 0 && mixture.kind !== 'glaze';
  return (
    <>
      <h2 className="text-xl">{t('bench.inIt')}</h2>
      {onFood && (
        <Meter
          name={t('bench.salt')}
          value={`${totals.saltPctOfFood.toFixed(1)} %`}
          share={totals.saltPctOfFood / 4}
          usual={[0.8 / 4, 1.5 / 4]}
          note={t('bench.saltUsual')}
        />
      )}
      <Meter
        name={t('bench.sodium')}
        value={`${Math.round(totals.sodiumMgPerServing)} mg`}
        share={totals.sodiumMgPerServing / SODIUM_DAY_MG}
        note={t('bench.sodiumShare', {
          share: Math.round((totals.sodiumMgPerServing / SODIUM_DAY_MG) * 100),
        })}
      />
      <Meter name={t('bench.sugar')} value={`${sugarPct.toFixed(1)} %`} share={sugarPct / 100} />
      {batch.warnings.map((warning) => (
        <p key={warning.key} role="status" className="mt-4 rounded-lg border-2 border-clash p-3">
          {sayIt(warning)}
        </p>
      ))}
      {mixture.touchesRaw && (
        <p className="mt-5 rounded-lg bg-warm p-3">
          <strong>{t('bench.keepCold')}</strong> {t('bench.rawNote')}{' '}
          <span className="text-muted">
            {sayIt({ key: 'source.fsisMarinating' })}. {t('bench.authority')}
          </span>
        </p>
      )}
      <p className="mt-4 text-sm text-muted">{t('bench.sources')}</p>
    </>
  );
}

interface MeterProps {
  readonly name: string;
  readonly value: string;
  /** 0 to 1; more is drawn as full. */
  readonly share: number;
  /** The usual part, from and to. */
  readonly usual?: readonly [number, number];
  readonly note?: string;
}

function Meter({ name, value, share, usual, note }: MeterProps) {
  const pct = (x: number) => `${Math.min(100, Math.max(0, x * 100))}%`;
  return (
    <div className="mt-4">
      <p className="flex justify-between">
        {name} <strong>{value}</strong>
      </p>
      <div aria-hidden="true" className="relative mt-1 h-3 rounded-full bg-soft">
        {usual && (
          <span
            className="absolute inset-y-0 rounded-full bg-ink/25"
            style={{ left: pct(usual[0]), width: pct(usual[1] - usual[0]) }}
          />
        )}
        <span
          className="absolute -top-0.5 -bottom-0.5 w-[6px] -translate-x-1/2 rounded-sm bg-ink"
          style={{ left: pct(share) }}
        />
      </div>
      {note && <p className="mt-1 text-sm text-muted">{note}</p>}
    </div>
  );
}
