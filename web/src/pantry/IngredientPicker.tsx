import {
  pantryOf,
  type Ingredient,
  type Meal,
  type Mixture,
  type MixtureLine,
  HELD_BACK_EXPONENT,
} from '@zemrin/core';
import { Command } from 'cmdk';
import { useState } from 'react';
import { useOwnPantry } from '../store/hooks.ts';
import { useEdit } from '../store/useEdit.ts';
import { Modal } from '../ui/Modal.tsx';
import { useWords } from '../words/words.ts';
import { IngredientForm } from './IngredientForm.tsx';

interface IngredientPickerProps {
  readonly meal: Meal;
  readonly title: string;
  /** Other mixtures of the dish that it may be made of. */
  readonly mixtures: readonly Mixture[];
  readonly onPick: (line: MixtureLine) => void;
  readonly onClose: () => void;
}

/** Chooses what goes in next: of the pantry, of the dish's other mixtures, or a new one. */
export default function IngredientPicker(props: IngredientPickerProps) {
  const t = useWords();
  const { meal, title, mixtures, onPick, onClose } = props;
  const edit = useEdit(meal.id);
  const [query, setQuery] = useState('');
  const [making, setMaking] = useState(false);
  const elsewhere = useOwnPantry(meal.id);
  const known = pantryOf(meal.pantry).ingredients;
  const add = (line: Partial<MixtureLine> & Pick<MixtureLine, 'ingredient' | 'amount'>) => {
    onPick({ scaling: 'linear', exponent: HELD_BACK_EXPONENT, ...line });
    onClose();
  };
  if (making) {
    return (
      <Modal title={t('pantry.new')} onClose={onClose}>
        <IngredientForm
          meal={meal}
          name={query.trim()}
          onDone={(id) => add({ ingredient: id, amount: '10 g' })}
        />
      </Modal>
    );
  }
  return (
    <Modal title={title} onClose={onClose}>
      <Command label={title}>
        <Command.Input
          autoFocus
          value={query}
          onValueChange={setQuery}
          placeholder={t('bench.pickHint')}
          className="field w-full"
        />
        <Command.List className="mt-3 h-[46vh] overflow-auto">
          <Command.Empty className="p-3 text-muted">{t('palette.none')}</Command.Empty>
          {mixtures.length > 0 && (
            <Command.Group heading={t('bench.pickMixtures')} className="mb-2 text-sm text-muted">
              {mixtures.map((other) => (
                <Item
                  key={other.id}
                  value={`${other.name} ${other.id}`}
                  label={other.name}
                  more={t(`kind.${other.kind}`)}
                  onSelect={() => add({ ingredient: other.id, part: 'whole', amount: '20 g' })}
                />
              ))}
            </Command.Group>
          )}
          <Command.Group heading={t('bench.pickPantry')} className="mb-2 text-sm text-muted">
            {[...known.values()].map((ingredient) => (
              <Item
                key={ingredient.id}
                value={`${ingredient.name} ${ingredient.id}`}
                label={ingredient.name}
                more={ingredient.own ? t('pantry.own') : ingredient.section}
                onSelect={() => add({ ingredient: ingredient.id, ...firstAmount(ingredient) })}
              />
            ))}
            {elsewhere.ingredients
              .filter((own) => !known.has(own.id))
              .map((own) => (
                <Item
                  key={own.id}
                  value={`${own.name} ${own.id}`}
                  label={own.name}
                  more={t('pantry.own')}
                  onSelect={() => {
                    edit({ do: 'ownIngredient', ingredient: own });
                    add({ ingredient: own.id, amount: '10 g' });
                  }}
                />
              ))}
          </Command.Group>
        </Command.List>
      </Command>
      <button type="button" className="btn mt-3" onClick={() => setMaking(true)}>
        {query.trim() === '' ? t('pantry.new') : t('pantry.newNamed', { name: query.trim() })}
      </button>
    </Modal>
  );
}

/** What one would first write: a clove, a spoon, some grams. */
function firstAmount(ingredient: Ingredient): Pick<MixtureLine, 'amount' | 'scaling'> {
  const counted = Object.keys(ingredient.countG ?? {})[0];
  if (counted !== undefined) return { amount: `1 ${counted}`.trim(), scaling: 'count' };
  if (ingredient.gPerMl === undefined) return { amount: '10 g', scaling: 'linear' };
  const hot = ingredient.spice && ingredient.holds.includes('heat');
  return { amount: ingredient.spice ? '1 tsp' : '1 tbsp', scaling: hot ? 'heldBack' : 'linear' };
}

function Item(props: { value: string; label: string; more: string; onSelect: () => void }) {
  return (
    <Command.Item
      value={props.value}
      onSelect={props.onSelect}
      className="flex min-h-[40px] items-baseline gap-2 rounded-lg px-2 py-2 text-base text-ink data-[selected=true]:bg-soft"
    >
      {props.label}
      <span className="text-sm text-muted">{props.more}</span>
    </Command.Item>
  );
}
