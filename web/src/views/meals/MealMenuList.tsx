import type { Meal } from '@zemrin/core';
import { Copy, Download, Ellipsis, Link, Trash2 } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useWords } from '../../words/words.ts';
import { useMealActions } from './useMealActions.ts';

/** Export, duplicate, delete; opened as soon as it is there. */
export default function MealMenuList({ meal }: { meal: Meal }) {
  const t = useWords();
  const actions = useMealActions();
  const items = [
    { label: t('meals.export'), icon: Download, act: actions.exportFile },
    { label: t('meals.link'), icon: Link, act: actions.copyLink },
    { label: t('meals.duplicate'), icon: Copy, act: actions.duplicate },
    { label: t('meals.delete'), icon: Trash2, act: actions.remove },
  ];
  return (
    <DropdownMenu.Root defaultOpen>
      <DropdownMenu.Trigger
        className="btn btn-quiet px-2"
        aria-label={t('meals.more', { title: meal.title })}
      >
        <Ellipsis size={20} aria-hidden="true" />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          className="z-40 min-w-[180px] rounded-xl border border-line bg-panel p-1 text-ink shadow-lg"
        >
          {items.map(({ label, icon: Icon, act }) => (
            <DropdownMenu.Item
              key={label}
              onSelect={() => act(meal)}
              className="flex min-h-[44px] items-center gap-3 rounded-lg px-3 outline-none data-[highlighted]:bg-soft"
            >
              <Icon size={18} aria-hidden="true" />
              {label}
            </DropdownMenu.Item>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
