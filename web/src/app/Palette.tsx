import { Command } from 'cmdk';
import { useNavigate } from 'react-router';
import { Modal } from '../ui/Modal.tsx';
import { useAppSelector } from '../store/store.ts';
import { useWords, type WordKey } from '../words/words.ts';

interface Found {
  readonly group: WordKey;
  readonly label: string;
  readonly more: string;
  readonly to: string;
}

/** Finds any meal, dish, step or mixture by its name. */
export default function Palette({ onClose }: { onClose: () => void }) {
  const t = useWords();
  const navigate = useNavigate();
  const meals = useAppSelector((state) => state.library.meals);
  const all: Found[] = Object.values(meals).flatMap((meal) => {
    const at = `/meal/${meal.id}`;
    return [
      { group: 'palette.meals', label: meal.title, more: '', to: `${at}/table` } as const,
      {
        group: 'palette.meals',
        label: t('safety.sheet'),
        more: meal.title,
        to: `${at}/safety`,
      } as const,
      ...meal.dishes.flatMap((dish): Found[] => [
        { group: 'palette.dishes', label: dish.name, more: meal.title, to: `${at}/table` },
        ...dish.mixtures.map((mixture): Found => ({
          group: 'palette.mixtures',
          label: mixture.name,
          more: dish.name,
          to: `${at}/bench/${mixture.id}`,
        })),
        ...dish.steps.map((step): Found => ({
          group: 'palette.steps',
          label: step.label,
          more: dish.name,
          to: `${at}/weave/${step.id}`,
        })),
      ]),
    ];
  });
  const go = (to: string) => {
    onClose();
    void navigate(to);
  };
  const groups = ['palette.meals', 'palette.dishes', 'palette.steps', 'palette.mixtures'] as const;
  return (
    <Modal title={t('palette.title')} onClose={onClose}>
      <Command label={t('palette.title')}>
        <Command.Input autoFocus placeholder={t('palette.hint')} className="field w-full" />
        <Command.List className="mt-3 max-h-[50vh] overflow-auto">
          <Command.Empty className="p-3 text-muted">{t('palette.none')}</Command.Empty>
          {groups.map((group) => (
            <Command.Group key={group} heading={t(group)} className="mb-2 text-sm text-muted">
              {all
                .filter((found) => found.group === group)
                .map((found) => (
                  <Command.Item
                    key={`${found.to} ${found.label}`}
                    value={`${found.label} ${found.more} ${found.to}`}
                    onSelect={() => go(found.to)}
                    className="flex min-h-[40px] items-baseline gap-2 rounded-lg px-2 py-2 text-base text-ink data-[selected=true]:bg-soft"
                  >
                    {found.label}
                    <span className="text-sm text-muted">{found.more}</span>
                  </Command.Item>
                ))}
            </Command.Group>
          ))}
        </Command.List>
      </Command>
    </Modal>
  );
}
