import {
  AVOIDABLE,
  feeds,
  freshId,
  pantryOf,
  sayFeeds,
  shareFor,
  shareOfPlate,
  showWeight,
  takenIds,
  type Avoidable,
  type Cut,
  type Dish,
  type Meal,
} from '@zemrin/core';
import { Command } from 'cmdk';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import { useOwnPantry } from '../../store/hooks.ts';
import { useEdit } from '../../store/useEdit.ts';
import { Choice } from '../../ui/Choice.tsx';
import { Modal } from '../../ui/Modal.tsx';
import { useWords } from '../../words/words.ts';

const EVERYONE = '';

/** Puts a cut into a dish; how much of it follows from the eaters. */
export function AddFood({ meal, dish }: { meal: Meal; dish: Dish }) {
  const t = useWords();
  const [open, setOpen] = useState(false);
  return (
    <>
      <button
        type="button"
        className="flex min-h-[34px] items-center gap-1.5 text-sm text-muted underline-offset-4 hover:underline"
        aria-label={t('table.addFoodTo', { dish: dish.name })}
        onClick={() => setOpen(true)}
      >
        <Plus size={14} aria-hidden="true" />
        {t('table.addFood')}
      </button>
      {open && <FoodPicker meal={meal} dish={dish} onClose={() => setOpen(false)} />}
    </>
  );
}

function FoodPicker({ meal, dish, onClose }: { meal: Meal; dish: Dish; onClose: () => void }) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const [forAvoids, setForAvoids] = useState<Avoidable | typeof EVERYONE>(EVERYONE);
  const own = useOwnPantry(meal.id);
  const pantry = pantryOf(meal.pantry);
  const avoided = AVOIDABLE.filter((a) => meal.eaters.some((group) => group.avoids.includes(a)));
  const put = (cut: Cut) => {
    edit({
      do: 'addFood',
      dish: dish.id,
      new: {
        id: freshId(cut.name, takenIds(meal)),
        name: cut.name,
        cut: cut.id,
        share: shareFor(meal, dish, cut),
        ...(forAvoids === EVERYONE ? {} : { forAvoids: [forAvoids] }),
      },
    });
    onClose();
  };
  const others = own.cuts.filter((cut) => !pantry.cuts.has(cut.id));
  return (
    <Modal title={t('table.addFoodTo', { dish: dish.name })} onClose={onClose}>
      {avoided.length > 0 && (
        <div className="mb-3">
          <Choice
            label={t('table.foodFor')}
            value={forAvoids}
            options={[
              [EVERYONE, t('table.foodForAll')] as const,
              ...avoided.map(
                (a) => [a, t('table.foodWithout', { avoids: t(`avoid.${a}`) })] as const,
              ),
            ]}
            onChoose={setForAvoids}
          />
        </div>
      )}
      <Command label={t('table.addFood')}>
        <Command.Input autoFocus placeholder={t('table.foodHint')} className="field w-full" />
        <Command.List className="mt-3 h-[44vh] overflow-auto">
          <Command.Empty className="p-3 text-muted">{t('palette.none')}</Command.Empty>
          {[...pantry.cuts.values()].map((cut) => (
            <CutItem key={cut.id} cut={cut} meal={meal} dish={dish} onSelect={() => put(cut)} />
          ))}
          {others.map((cut) => (
            <Command.Item
              key={cut.id}
              value={`${cut.name} ${cut.id}`}
              className="flex min-h-[40px] items-baseline gap-2 rounded-lg px-2 py-2 data-[selected=true]:bg-soft"
              onSelect={() => {
                edit({ do: 'ownCut', cut });
                const taken = pantryOf({ ingredients: [], cuts: [cut] }).cuts.get(cut.id);
                if (taken) put(taken);
              }}
            >
              {cut.name}
              <span className="text-sm text-muted">{t('pantry.own')}</span>
            </Command.Item>
          ))}
        </Command.List>
      </Command>
    </Modal>
  );
}

/** A cut with how many adults a kilogram of it feeds. */
function CutItem(props: { cut: Cut; meal: Meal; dish: Dish; onSelect: () => void }) {
  const t = useWords();
  const { cut, meal, dish } = props;
  return (
    <Command.Item
      value={`${cut.name} ${cut.id}`}
      onSelect={props.onSelect}
      className="flex min-h-[40px] items-baseline gap-2 rounded-lg px-2 py-2 data-[selected=true]:bg-soft"
    >
      {cut.name}
      <span className="ml-auto text-sm text-muted">
        {t('table.kiloFeeds', {
          weight: showWeight(1000, meal.kitchen.units),
          feeds: sayFeeds(feeds(cut, 1000, shareOfPlate(meal, dish))),
        })}
      </span>
    </Command.Item>
  );
}
