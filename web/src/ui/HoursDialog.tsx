import { readClock, type Kitchen, type Meal } from '@zemrin/core';
import { useState } from 'react';
import { useEdit } from '../store/useEdit.ts';
import { Choice } from './Choice.tsx';
import { Modal } from './Modal.tsx';
import { OnlyOn } from './OnlyOn.tsx';
import { Tick } from './Tick.tsx';
import { weave } from '../words/en/weave.ts';
import { learn, useWords } from '../words/words.ts';

learn(weave);

const DAYS = [1, 2, 3, 4, 5, 6, 7] as const;

/** When the cook sleeps and is away. */
export function HoursDialog({ meal, onClose }: { meal: Meal; onClose: () => void }) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const [hours, setHours] = useState<Kitchen['hours']>(meal.kitchen.hours);
  const [ways, setWays] = useState<Ways>(meal.kitchen);
  const [wrong, setWrong] = useState(false);
  const change = (index: number, to: Partial<Stretch>) =>
    setHours(hours.map((stretch, i) => (i === index ? { ...stretch, ...to } : stretch)));
  const keep = () => {
    const read = hours.map((stretch) => ({
      stretch,
      from: readClock(stretch.from),
      to: readClock(stretch.to),
    }));
    const good = read.flatMap(({ stretch, from, to }) =>
      from !== undefined && to !== undefined && stretch.days.length > 0
        ? [{ ...stretch, from, to }]
        : [],
    );
    setWrong(good.length < hours.length);
    if (good.length < hours.length) return;
    const gesture = `hours-${meal.id}-${JSON.stringify([good, ways])}`;
    edit({ do: 'setHours', hours: good }, gesture);
    const { units, spoons, clock } = ways;
    edit({ do: 'setUnits', change: { units, spoons, clock } }, gesture);
    onClose();
  };
  return (
    <Modal title={t('weave.hoursTitle')} onClose={onClose}>
      <p className="mb-3 text-muted">{t('weave.hoursNote')}</p>
      {hours.map((stretch, i) => (
        <StretchFields
          key={i}
          stretch={stretch}
          onChange={(to) => change(i, to)}
          onRemove={() => setHours(hours.filter((_h, j) => j !== i))}
        />
      ))}
      <Measures ways={ways} onChange={(change) => setWays({ ...ways, ...change })} />
      {wrong && (
        <p role="alert" className="mb-3 text-clash">
          {t('weave.badHours')}
        </p>
      )}
      <div className="flex flex-wrap gap-2">
        <button type="button" className="btn btn-main" onClick={keep}>
          {t('weave.hoursSave')}
        </button>
        <button
          type="button"
          className="btn"
          onClick={() =>
            setHours([
              ...hours,
              { kind: 'away', from: '09:00', to: '17:00', days: [1, 2, 3, 4, 5] },
            ])
          }
        >
          {t('weave.hoursAdd')}
        </button>
      </div>
    </Modal>
  );
}

type Stretch = Kitchen['hours'][number];

interface StretchFieldsProps {
  readonly stretch: Stretch;
  readonly onChange: (to: Partial<Stretch>) => void;
  readonly onRemove: () => void;
}

/** One stretch of sleep or absence: from, until, and on which days. */
function StretchFields({ stretch, onChange, onRemove }: StretchFieldsProps) {
  const t = useWords();
  return (
    <fieldset className="mb-4 border-b border-line pb-4">
      <legend className="mb-1 font-semibold">{stretch.what ?? t(`hours.${stretch.kind}`)}</legend>
      <div className="flex flex-wrap items-end gap-3">
        <label className="grid text-sm">
          {t('weave.from')}
          <input
            className="field w-[90px]"
            value={stretch.from}
            onChange={(e) => onChange({ from: e.target.value })}
          />
        </label>
        <label className="grid text-sm">
          {t('weave.until')}
          <input
            className="field w-[90px]"
            value={stretch.to}
            onChange={(e) => onChange({ to: e.target.value })}
          />
        </label>
        <button type="button" className="btn" onClick={onRemove}>
          {t('weave.hoursRemove')}
        </button>
      </div>
      {stretch.on === undefined ? (
        <Days of={stretch} onChange={onChange} />
      ) : (
        <OnlyOn date={stretch.on} />
      )}
    </fieldset>
  );
}

/** On which days of the week it begins. */
function Days({
  of: stretch,
  onChange,
}: {
  of: Stretch;
  onChange: (to: Partial<Stretch>) => void;
}) {
  const t = useWords();
  return (
    <div className="mt-2 flex flex-wrap gap-2">
      {DAYS.map((day) => (
        <Tick
          key={day}
          checked={stretch.days.includes(day)}
          onChange={(begins) =>
            onChange({
              days: begins ? [...stretch.days, day].sort() : stretch.days.filter((d) => d !== day),
            })
          }
        >
          {t(`day.${day}`)}
        </Tick>
      ))}
    </div>
  );
}

type Ways = Pick<Kitchen, 'units' | 'spoons' | 'clock'>;

const UNITS = ['metric', 'us'] as const;
const SPOONS = ['us', 'metric', 'imperial', 'australian'] as const;
const CLOCKS = ['24h', '12h'] as const;

/** How this cook reads scales, spoons and clocks. */
function Measures({ ways, onChange }: { ways: Ways; onChange: (change: Partial<Ways>) => void }) {
  const t = useWords();
  return (
    <fieldset className="mb-4 flex flex-wrap gap-3">
      <legend className="mb-1 font-semibold">{t('weave.measures')}</legend>
      <Choice
        label={t('weave.weights')}
        value={ways.units}
        options={UNITS.map((unit) => [unit, t(`weave.weights.${unit}`)])}
        onChoose={(units) => onChange({ units })}
      />
      <Choice
        label={t('weave.spoons')}
        value={ways.spoons}
        options={SPOONS.map((system) => [system, t(`weave.spoons.${system}`)])}
        onChoose={(spoons) => onChange({ spoons })}
      />
      <Choice
        label={t('weave.clock')}
        value={ways.clock}
        options={CLOCKS.map((style) => [style, t(`weave.clock.${style}`)])}
        onChoose={(clock) => onChange({ clock })}
      />
    </fieldset>
  );
}
