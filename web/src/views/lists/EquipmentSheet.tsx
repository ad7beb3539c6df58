import { equipmentList, showTime, TOOLS, type Meal, type Plan } from '@zemrin/core';
import { useWords } from '../../words/words.ts';

const KINDS = ['appliance', 'vessel', 'tool'] as const;

/** Every fire, pot and tool the plan counts on, and from when to when. */
export function EquipmentSheet({ meal, plan }: { meal: Meal; plan: Plan }) {
  const t = useWords();
  const items = equipmentList(meal, plan);
  const time = (min: number) => showTime(min, plan.zone, meal.kitchen.clock, plan.servingMin);
  const nameOf = (kind: string, name: string) => {
    const tool = kind === 'tool' ? TOOLS.find((one) => one === name) : undefined;
    return tool ? t(`lists.tool.${tool}`) : name;
  };
  return (
    <>
      {KINDS.map((kind) => {
        const mine = items.filter((item) => item.kind === kind);
        if (mine.length === 0) return null;
        return (
          <section key={kind} className="mt-5 break-inside-avoid">
            <h2 className="text-lg">{t(`lists.kind.${kind}`)}</h2>
            <ul>
              {mine.map((item) => (
                <li
                  key={item.id}
                  className="flex items-baseline gap-3 border-b border-line py-2 print:py-1"
                >
                  <span className="min-w-[9rem] font-semibold">{nameOf(kind, item.name)}</span>
                  <span className="min-w-0 grow text-sm text-muted">{item.steps.join(', ')}</span>
                  <span className="shrink-0 text-sm">
                    {t('lists.fromTo', { from: time(item.fromMin), to: time(item.toMin) })}
                  </span>
                </li>
              ))}
            </ul>
          </section>
        );
      })}
    </>
  );
}
