import { pantryOf, type Cut, type Ingredient, type Meal } from '@zemrin/core';
import { useDeferredValue, useState } from 'react';
import { Modal } from '../../ui/Modal.tsx';
import { useWords } from '../../words/words.ts';
import { CutForm } from '../../pantry/CutForm.tsx';
import { IngredientForm } from '../../pantry/IngredientForm.tsx';

const SHOWN = 60;

/** Every ingredient and cut, with what is known of it and where from; the cook's own among them. */
export function PantryList({ meal }: { meal: Meal }) {
  const t = useWords();
  const [query, setQuery] = useState('');
  const [kind, setKind] = useState<'ingredients' | 'cuts'>('ingredients');
  const [open, setOpen] = useState<Ingredient | Cut | 'new'>();
  const wanted = useDeferredValue(query.trim().toLowerCase());
  const pantry = pantryOf(meal.pantry);
  const all: ReadonlyArray<Ingredient | Cut> =
    kind === 'ingredients' ? [...pantry.ingredients.values()] : [...pantry.cuts.values()];
  const found = all
    .filter((item) => item.name.toLowerCase().includes(wanted))
    .sort((a, b) => Number(b.own) - Number(a.own));
  const close = () => setOpen(undefined);
  return (
    <section className="min-w-0">
      <h2 className="text-xl">{t('pantry.title')}</h2>
      <div className="my-2 flex flex-wrap gap-2">
        {(['ingredients', 'cuts'] as const).map((which) => (
          <button
            key={which}
            type="button"
            aria-pressed={kind === which}
            className={`btn ${kind === which ? 'btn-main' : ''}`}
            onClick={() => setKind(which)}
          >
            {t(`pantry.${which}`)}
          </button>
        ))}
        <button type="button" className="btn ml-auto" onClick={() => setOpen('new')}>
          {t(kind === 'ingredients' ? 'pantry.new' : 'pantry.newCut')}
        </button>
      </div>
      <input
        type="search"
        data-key="e"
        className="field w-full"
        aria-label={t('pantry.search')}
        placeholder={t('pantry.search')}
        value={query}
        onChange={(event) => setQuery(event.target.value)}
      />
      <p className="my-1 text-sm text-muted" role="status">
        {t('pantry.count', { shown: Math.min(SHOWN, found.length), all: all.length })}
      </p>
      <ul>
        {found.slice(0, SHOWN).map((item) => (
          <li key={item.id} className="border-t border-line">
            <button
              type="button"
              className="flex min-h-[40px] w-full items-baseline gap-2 text-left hover:bg-soft"
              onClick={() => setOpen(item)}
            >
              <span>{item.name}</span>
              <span className="ml-auto text-right text-sm text-muted">
                {item.own ? t('pantry.own') : summaryOf(item, t)}
              </span>
            </button>
          </li>
        ))}
      </ul>
      {open !== undefined && (
        <Modal title={open === 'new' ? t('pantry.newTitle') : open.name} onClose={close}>
          {kind === 'ingredients' ? (
            <>
              <IngredientForm meal={meal} of={asIngredient(open)} name={query} onDone={close} />
              <Sources of={asIngredient(open)} />
            </>
          ) : (
            <CutForm meal={meal} of={asCut(open)} name={query} onDone={close} />
          )}
        </Modal>
      )}
    </section>
  );
}

function asIngredient(item: Ingredient | Cut | 'new'): Ingredient | undefined {
  return item !== 'new' && 'crystal' in item ? item : undefined;
}

function asCut(item: Ingredient | Cut | 'new'): Cut | undefined {
  return item !== 'new' && 'soaks' in item ? item : undefined;
}

function summaryOf(item: Ingredient | Cut, t: ReturnType<typeof useWords>): string {
  if ('soaks' in item) {
    return t('pantry.cutSummary', {
      served: Math.round(item.servedShare * 100),
      thickness: item.thicknessMm,
    });
  }
  const parts = [
    item.gPerMl === undefined ? '' : `${item.gPerMl} g/ml`,
    item.saltPct >= 0.5 ? t('pantry.saltShort', { pct: item.saltPct.toFixed(1) }) : '',
    item.acid ? t('pantry.acidShort', { pct: item.acid.pct }) : '',
  ];
  return parts.filter((part) => part !== '').join(', ');
}

/** Where each figure comes from. */
function Sources({ of }: { of: Ingredient | undefined }) {
  const t = useWords();
  if (!of) return null;
  const bySource = new Map<string, string[]>();
  for (const [value, source] of Object.entries(of.sources)) {
    bySource.set(source, [...(bySource.get(source) ?? []), value]);
  }
  return (
    <div className="mt-4 border-t border-line pt-3 text-sm text-muted">
      <h3 className="text-base text-ink">{t('pantry.sources')}</h3>
      {[...bySource].map(([source, values]) => (
        <p key={source} className="mt-1">
          {source}: {values.join(', ')}
        </p>
      ))}
    </div>
  );
}
