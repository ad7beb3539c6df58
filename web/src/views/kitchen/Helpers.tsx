import { freshId, readClock, WORKPLACES, type Kitchen, type Meal } from '@zemrin/core';
import { X } from 'lucide-react';
import { useEdit } from '../../store/useEdit.ts';
import { EditField } from '../../ui/EditField.tsx';
import { OnlyOn } from '../../ui/OnlyOn.tsx';
import { WeekStrip } from './WeekStrip.tsx';
import { useWords } from '../../words/words.ts';

type Helper = NonNullable<Kitchen['helpers']>[number];
const DAYS = [1, 2, 3, 4, 5, 6, 7] as const;

/** Who lends a hand, and when: then two things can be done at once. */
export function Helpers({ meal }: { meal: Meal }) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const helpers = meal.kitchen.helpers ?? [];
  const set = (to: readonly Helper[]) => edit({ do: 'setHelpers', helpers: [...to] });
  const add = () =>
    set([
      ...helpers,
      {
        id: freshId('helper', new Set(helpers.map(({ id }) => id))),
        name: t('kitchen.newHelper'),
        from: '17:00',
        to: '20:00',
        days: [6, 7],
      },
    ]);
  return (
    <section>
      <h2 className="text-xl">{t('kitchen.helpers')}</h2>
      <WeekStrip meal={meal} />
      <p className="mt-4 text-muted">{t('kitchen.helpersMore')}</p>
      <ul className="mt-1">
        {helpers.map((helper, i) => {
          const put = (change: Partial<Helper>) => set(helpers.with(i, { ...helper, ...change }));
          return (
            <li key={helper.id} className="border-t border-line py-1.5">
              <div className="grid grid-cols-[1fr_76px_76px_auto] items-start gap-2">
                <EditField
                  label={t('kitchen.helperName', { name: helper.name })}
                  hideLabel
                  value={helper.name}
                  className="field w-full"
                  onCommit={(name) => void (name !== '' && put({ name }))}
                />
                {(['from', 'to'] as const).map((end) => (
                  <EditField
                    key={end}
                    label={t(`kitchen.helper.${end}`, { name: helper.name })}
                    hideLabel
                    value={helper[end]}
                    className="field w-full"
                    onCommit={(text) => {
                      const clock = readClock(text);
                      if (clock === undefined) return t('table.badClock', { text });
                      put({ [end]: clock });
                      return undefined;
                    }}
                  />
                ))}
                <button
                  type="button"
                  className="btn btn-quiet px-2"
                  aria-label={t('kitchen.removeHelper', { name: helper.name })}
                  title={t('kitchen.removeHelper', { name: helper.name })}
                  onClick={() => set(helpers.toSpliced(i, 1))}
                >
                  <X size={16} aria-hidden="true" />
                </button>
              </div>
              {helper.on === undefined ? (
                <Days helper={helper} onChange={(days) => put({ days })} />
              ) : (
                <OnlyOn date={helper.on} />
              )}
              <WorksAt helper={helper} onChange={(at) => put({ at })} />
            </li>
          );
        })}
      </ul>
      <button type="button" className="btn mt-2" onClick={add}>
        {t('kitchen.addHelper')}
      </button>
    </section>
  );
}

/** On which days somebody comes; at least one. */
function Days(props: { helper: Helper; onChange: (days: Helper['days']) => void }) {
  const t = useWords();
  const { helper, onChange } = props;
  return (
    <div className="mt-1 flex flex-wrap gap-1">
      {DAYS.map((day) => {
        const there = helper.days.includes(day);
        const days = there ? helper.days.filter((d) => d !== day) : [...helper.days, day].sort();
        return (
          <button
            key={day}
            type="button"
            aria-pressed={there}
            aria-label={t('kitchen.helperDay', {
              name: helper.name,
              day: t(`day.${day}`),
            })}
            className={`min-h-[36px] rounded-lg px-2 text-sm ${there ? 'bg-ink text-ground' : 'hover:bg-soft'}`}
            onClick={() => days.length > 0 && onChange(days)}
          >
            {t(`day.${day}`)}
          </button>
        );
      })}
    </div>
  );
}

/** Where someone may be left to work; everywhere, until something is taken out. */
function WorksAt(props: { helper: Helper; onChange: (at: NonNullable<Helper['at']>) => void }) {
  const t = useWords();
  const { name, at = [...WORKPLACES] } = props.helper;
  return (
    <div className="mt-1 flex flex-wrap gap-1">
      {WORKPLACES.map((place) => {
        const may = at.includes(place);
        const to = may ? at.filter((one) => one !== place) : [...at, place];
        return (
          <button
            key={place}
            type="button"
            aria-pressed={may}
            aria-label={t('kitchen.helperAt', { name, place: t(`kitchen.at.${place}`) })}
            className={`min-h-[36px] rounded-lg px-2 text-sm ${may ? 'bg-ink text-ground' : 'hover:bg-soft'}`}
            onClick={() => to.length > 0 && props.onChange(to)}
          >
            {t(`kitchen.at.${place}`)}
          </button>
        );
      })}
    </div>
  );
}
