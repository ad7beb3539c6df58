import {
  DAILY_SALT_G,
  DAILY_SODIUM_MG,
  DAILY_SUGARS_G,
  labelSaltG,
  METER_RANGES,
  sodiumTerm,
  type Batch,
  type Meal,
  type NotedBatch,
  type Mixture,
} from '@zemrin/core';
import { useManner } from '../../../store/manner.ts';
import { useWords } from '../../../words/words.ts';

/** Less sugar than that is nothing to count. */
const SUGAR_TOLD_G = 0.5;

interface ContentsProps {
  readonly meal: Meal;
  readonly mixture: Mixture;
  readonly batch: NotedBatch;
  /** Before the line in hand was changed: its figures stay as faint marks. */
  readonly before: Batch | undefined;
}

/** What is in the mixture, as meters, and what to mind. */
export function Contents({ meal, mixture, batch, before }: ContentsProps) {
  const t = useWords();
  const { totals, meters } = batch;
  const onFood = batch.batchG > 0 && mixture.kind !== 'glaze';
  const { sodiumMgPerServing: sodiumMg, sugarGPerServing: sugarG } = totals;
  const term = sodiumTerm(sodiumMg);
  return (
    <>
      <h2 className="text-xl">{t('bench.inIt')}</h2>
      <Meter
        name={onFood ? t('bench.salt') : t('bench.saltOfMixture')}
        value={`${(onFood ? totals.saltPctOfFood : meters.saltPct).toFixed(1)} %`}
        at={onFood ? totals.saltPctOfFood : meters.saltPct}
        was={before && (onFood ? before.totals.saltPctOfFood : before.meters.saltPct)}
        range={METER_RANGES.salt}
        note={[
          t(mixture.kind === 'wet brine' ? 'bench.sodiumAtRest' : 'bench.sodium', {
            mg: Math.round(sodiumMg),
            share: Math.round((sodiumMg / DAILY_SODIUM_MG) * 100),
          }),
          t('bench.saltDay', { salt: labelSaltG(sodiumMg).toFixed(1), ...DAILY_SALT_G }),
          term && t(`bench.sodium.${term}`),
        ]
          .filter(Boolean)
          .join(' ')}
      />
      <Meter
        name={t('bench.acid')}
        value={meters.acidPct < 0.05 ? t('bench.none0') : `${meters.acidPct.toFixed(1)} %`}
        at={meters.acidPct}
        was={before?.meters.acidPct}
        range={METER_RANGES.acid}
        note={
          meters.pH === undefined ? t('bench.noAcid') : t('bench.pH', { pH: meters.pH.toFixed(1) })
        }
      />
      <Meter
        name={t('bench.enzyme')}
        value={
          meters.fruitGPerKg < 0.5
            ? t('bench.none0')
            : t('bench.perKilo', { grams: meters.fruitGPerKg.toFixed(0) })
        }
        at={meters.fruitGPerKg}
        was={before?.meters.fruitGPerKg}
        range={METER_RANGES.enzyme}
        note={meters.fruitGPerKg < 0.5 ? t('bench.noEnzyme') : t('bench.fruitOnFood')}
      />
      <Meter
        name={t('bench.sugar')}
        value={`${meters.sugarPct.toFixed(1)} %`}
        at={meters.sugarPct}
        was={before?.meters.sugarPct}
        range={METER_RANGES.sugar}
        note={[
          sugarG >= SUGAR_TOLD_G &&
            t('bench.sugarDay', {
              grams: sugarG.toFixed(0),
              share: Math.round((sugarG / DAILY_SUGARS_G) * 100),
            }),
          t('bench.sugarNote'),
        ]
          .filter(Boolean)
          .join(' ')}
      />
      <ToMind meal={meal} mixture={mixture} batch={batch} />
    </>
  );
}

/** What to mind about it: warnings, notes, how fast it cools, and that raw food lay in it. */
function ToMind({ meal, mixture, batch }: Omit<ContentsProps, 'before'>) {
  const t = useWords();
  const { sayIt } = useManner(meal);
  return (
    <>
      {batch.warnings.map((warning, i) => (
        <p key={i} role="status" className="mt-4 rounded-lg border-2 border-clash p-3">
          {sayIt(warning)}
        </p>
      ))}
      {batch.notes.map((note) => (
        <p key={note.key} className="mt-3 rounded-lg bg-soft p-3">
          {sayIt(note)}
        </p>
      ))}
      {batch.cooling && batch.cooling.startC > 0 && (
        <p className="mt-3 rounded-lg bg-soft p-3">
          {sayIt({
            key: 'batch.coolsIn',
            values: {
              startC: { tempC: batch.cooling.startC },
              fridge: { minutes: batch.cooling.fridgeMin },
              bath: { minutes: batch.cooling.iceBathMin },
            },
          })}
        </p>
      )}
      {mixture.touchesRaw && (
        <p className="mt-5 rounded-lg bg-warm p-3">
          <strong>{t('bench.keepCold')}</strong> {t('bench.rawNote')}{' '}
          <span className="text-muted">
            {sayIt({ key: 'source.fsisMarinating' })}. {t('bench.authority')}
          </span>
        </p>
      )}
    </>
  );
}

interface MeterProps {
  readonly name: string;
  readonly value: string;
  readonly at: number;
  readonly was: number | undefined;
  readonly range: { readonly from: number; readonly to: number; readonly most: number };
  readonly note: string;
}

/** A figure on its scale; the usual part is shaded, what it was before the change is a ring. */
function Meter({ name, value, at, was, range, note }: MeterProps) {
  // Small amounts matter most, so the scale runs by the square root.
  const place = (x: number) => `${Math.min(100, Math.sqrt(Math.max(0, x) / range.most) * 100)}%`;
  const width = `calc(${place(range.to)} - ${place(range.from)})`;
  return (
    <div className="mt-3.5">
      <p className="flex justify-between">
        {name} <strong>{value}</strong>
      </p>
      <div aria-hidden="true" className="relative mt-1 h-2.5 rounded-full bg-soft">
        <span
          className="absolute inset-y-0 rounded-full bg-ink/25"
          style={{ left: place(range.from), width }}
        />
        {was !== undefined && Math.abs(was - at) > 0.005 * Math.max(was, at) && (
          <span
            className="absolute -top-1 -bottom-1 w-[8px] -translate-x-1/2 rounded-sm border-2 border-muted"
            style={{ left: place(was) }}
          />
        )}
        <span
          className="absolute -top-1 -bottom-1 w-[6px] -translate-x-1/2 rounded-sm bg-ink"
          style={{ left: place(at) }}
        />
      </div>
      <p className="mt-1 text-sm text-muted">{note}</p>
    </div>
  );
}
