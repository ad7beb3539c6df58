import { shoppingList, showTime, type Meal, type Plan } from '@zemrin/core';
import { useEdit } from '../../store/useEdit.ts';
import { useWords } from '../../words/words.ts';

/** What to buy, by the day it is wanted and the way through the shop; what is at home is struck. */
export function ShoppingSheet({ meal, plan }: { meal: Meal; plan: Plan }) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const days = shoppingList(meal, plan);
  const left = days.some(({ sections }) =>
    sections.some(({ items }) => items.some(({ atHome }) => !atHome)),
  );
  return (
    <>
      {!left && <p className="mt-4">{t('lists.nothing')}</p>}
      {days.map(({ date, atMin, sections }) => (
        <section key={date} className="mt-5">
          <h2 className="text-lg">
            {t('lists.by', { at: showTime(atMin, plan.zone, meal.kitchen.clock) })}
          </h2>
          <div className="mt-1 gap-8 md:columns-2 print:columns-2">
            {sections.map(({ section, items }) => (
              <div key={section} className="mb-4 break-inside-avoid">
                <h3 className="border-b border-line text-sm text-muted">{section}</h3>
                <ul>
                  {items.map((item) => (
                    <li key={item.id}>
                      <label className="flex min-h-[44px] items-center gap-3 print:min-h-0 print:py-0.5">
                        <input
                          type="checkbox"
                          className="h-5 w-5 shrink-0 accent-[var(--now)] print:h-3 print:w-3"
                          checked={item.atHome}
                          aria-label={t('lists.atHome', { item: item.name })}
                          onChange={(event) =>
                            edit({ do: 'haveAtHome', item: item.id, there: event.target.checked })
                          }
                        />
                        <span
                          className={`min-w-0 grow ${item.atHome ? 'text-muted line-through' : ''}`}
                        >
                          {item.name}
                          <span className="block text-[13px] text-muted print:hidden">
                            {t('lists.forDishes', { dishes: item.dishes.join(', ') })}
                          </span>
                        </span>
                        <span className="time shrink-0">{item.buy}</span>
                      </label>
                    </li>
                  ))}
                </ul>
              </div>
            ))}
          </div>
        </section>
      ))}
    </>
  );
}
