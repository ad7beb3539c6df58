import {
  offsetByThermometer,
  offsetByWater,
  readWeight,
  MOST_OFFSET_C,
  THERMOMETER_SD_C,
  WATER_SD_C,
  type Kitchen,
} from '@zemrin/core';
import { useState, type FormEvent } from 'react';
import { useWords } from '../../words/words.ts';

/** Settings a thermometer is read at. */
const SETTINGS_C = [120, 180, 220] as const;
/** An hour at this, with boiling water. */
const WATER_C = 180;
const WATER_MIN = 60;

/**
 * A first figure of how hot an oven runs: a thermometer read at three settings, or a pan of boiling
 * water weighed before and after an hour.
 */
export function OvenTest(props: {
  readonly name: string;
  readonly kitchen: Kitchen;
  readonly onFound: (found: { readonly runsHotC: number; readonly runsHotSdC: number }) => void;
}) {
  const t = useWords();
  const { name, kitchen, onFound } = props;
  const [reads, setReads] = useState<readonly string[]>(['', '', '']);
  const [water, setWater] = useState({ before: '', after: '', panCm: '22' });
  const [said, setSaid] = useState('');
  const found = (offsetC: number, runsHotSdC: number) => {
    // A slip of the finger is no oven, and a meal that holds it could not be read again.
    if (Math.abs(offsetC) > MOST_OFFSET_C) {
      setSaid(t('oven.tooFar', { offset: offsetC }));
      return;
    }
    onFound({ runsHotC: offsetC, runsHotSdC });
    setSaid(t('oven.found', { name, offset: offsetC > 0 ? `+${offsetC}` : String(offsetC) }));
  };
  const byThermometer = (event: FormEvent) => {
    event.preventDefault();
    const readings = reads.flatMap((text, i) => {
      const readC = numberOf(text);
      return readC === undefined ? [] : [{ setC: SETTINGS_C[i] ?? 0, readC }];
    });
    if (readings.length === 0) setSaid(t('oven.noReading'));
    else found(offsetByThermometer(readings), THERMOMETER_SD_C);
  };
  const byWater = (event: FormEvent) => {
    event.preventDefault();
    const [beforeG, afterG] = [readWeight(water.before), readWeight(water.after)];
    const panCm = numberOf(water.panCm);
    if (beforeG === undefined || afterG === undefined || panCm === undefined) {
      return setSaid(t('oven.noWeights'));
    }
    try {
      const lostG = beforeG - afterG;
      const { altitudeM } = kitchen;
      const offsetC = offsetByWater({ setC: WATER_C, lostG, minutes: WATER_MIN, panCm, altitudeM });
      found(offsetC, WATER_SD_C);
    } catch {
      setSaid(t('oven.noSuch', { lost: Math.round(beforeG - afterG) }));
    }
  };
  const [open, setOpen] = useState(false);
  return (
    <details className="col-span-full pl-2" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="min-h-[44px] cursor-pointer py-2 text-sm underline">
        {t('oven.test', { name })}
      </summary>
      {open && (
        <>
          <form onSubmit={byThermometer} className="mb-4">
            <p className="text-sm text-muted">{t('oven.thermometer')}</p>
            <div className="mt-1 flex flex-wrap items-end gap-2">
              {SETTINGS_C.map((setC, i) => (
                <Field
                  key={setC}
                  label={t('oven.readAt', { set: setC })}
                  value={reads[i] ?? ''}
                  onChange={(text) => setReads(reads.with(i, text))}
                />
              ))}
              <button type="submit" className="btn">
                {t('oven.take')}
              </button>
            </div>
          </form>
          <form onSubmit={byWater} className="mb-2">
            <p className="text-sm text-muted">{t('oven.water', { set: WATER_C })}</p>
            <div className="mt-1 flex flex-wrap items-end gap-2">
              <Field
                label={t('oven.before')}
                value={water.before}
                onChange={(before) => setWater({ ...water, before })}
              />
              <Field
                label={t('oven.after')}
                value={water.after}
                onChange={(after) => setWater({ ...water, after })}
              />
              <Field
                label={t('oven.pan')}
                value={water.panCm}
                onChange={(panCm) => setWater({ ...water, panCm })}
              />
              <button type="submit" className="btn">
                {t('oven.take')}
              </button>
            </div>
          </form>
        </>
      )}
      <p role="status" className="text-sm">
        {said}
      </p>
    </details>
  );
}

function numberOf(text: string): number | undefined {
  const value = Number(text.replace(',', '.'));
  return text.trim() === '' || !Number.isFinite(value) ? undefined : value;
}

function Field(props: { label: string; value: string; onChange: (text: string) => void }) {
  const { label, value, onChange } = props;
  return (
    <label className="text-sm">
      <span className="block">{label}</span>
      <input
        className="field w-[92px] text-right"
        inputMode="decimal"
        value={value}
        onChange={(event) => onChange(event.target.value)}
      />
    </label>
  );
}
