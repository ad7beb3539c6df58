import {
  draftDish,
  readRecipe,
  showWeight,
  takenIds,
  type Meal,
  type ReadIngredient,
  type ReadRecipe,
} from '@zemrin/core';
import { useDeferredValue, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { useEdit } from '../../store/hooks.ts';
import { useWords } from '../../words/words.ts';
import { MiniChain } from './MiniChain.tsx';
import { ReadActs } from './ReadActs.tsx';
import { ReadText } from './ReadText.tsx';
import { EXAMPLE } from './example.ts';

/** Text left, chain right: what was pasted, what was made of it, and what was not understood. */
export default function ReadPage({ meal }: { meal: Meal }) {
  const t = useWords();
  const [text, setText] = useState('');
  const [lit, setLit] = useState<number>();
  const later = useDeferredValue(text);
  const read = useMemo(
    () => (later.trim() === '' ? undefined : readRecipe(later, meal.kitchen.spoons)),
    [later, meal.kitchen.spoons],
  );
  return (
    <div>
      <div className="flex flex-wrap items-center gap-3">
        <h2 className="mr-auto text-[23px]">{t('dishes.read')}</h2>
        <button type="button" className="btn" onClick={() => setText(EXAMPLE)}>
          {t('dishes.example')}
        </button>
        {text !== '' && (
          <button type="button" className="btn" onClick={() => setText('')}>
            {t('dishes.clear')}
          </button>
        )}
      </div>
      <div className="mt-3 grid gap-6 lg:grid-cols-2">
        <section>
          <label className="grid gap-1">
            <span className="sr-only">{t('dishes.paste')}</span>
            <textarea
              className="field min-h-[170px] w-full py-2 leading-snug"
              rows={read ? 6 : 14}
              placeholder={t('dishes.pasteHint')}
              value={text}
              onChange={(event) => setText(event.target.value)}
              onDragOver={(event) => event.preventDefault()}
              onDrop={(event) => {
                const file = event.dataTransfer.files[0];
                if (!file) return;
                event.preventDefault();
                void file.text().then(setText);
              }}
            />
          </label>
          {read && <ReadText read={read} lit={lit} onLight={setLit} />}
        </section>
        {read ? (
          <Understood meal={meal} read={read} lit={lit} onLight={setLit} />
        ) : (
          <p className="text-muted">{t('dishes.readFailed')}</p>
        )}
      </div>
    </div>
  );
}

/** What was written, and what it weighs where that says more. */
function amountOf({ said = '', grams }: ReadIngredient, { kitchen }: Meal): string {
  const written = said.replace(/(?:US|metric|imperial|AU) /, '');
  const weighs = grams === undefined || /\d k?g$/.test(written);
  return weighs ? written : `${written}, ${showWeight(grams, kitchen.units)}`;
}

function Understood(props: {
  meal: Meal;
  read: ReadRecipe;
  lit: number | undefined;
  onLight: (act: number | undefined) => void;
}) {
  const { meal, read, lit, onLight } = props;
  const t = useWords();
  const edit = useEdit(meal.id);
  const navigate = useNavigate();
  const draft = useMemo(() => draftDish(read, takenIds(meal)), [read, meal]);
  const put = () => {
    const note = read.unread.length > 0 ? { note: read.unread.join(' ') } : {};
    edit({ do: 'putDish', dish: { ...draft.dish, ...note }, own: draft.own });
    void navigate(`/meal/${meal.id}/dishes/${draft.dish.id}`);
  };
  return (
    <section aria-label={t('dishes.right')}>
      <h3 className="text-lg">{draft.dish.name}</h3>
      <p className="text-sm text-muted">
        {read.portions !== undefined && `${t('dishes.feeds', { count: read.portions })}. `}
        {read.unread.length > 0
          ? t('dishes.readLeft', { count: read.unread.length })
          : t('dishes.readAll')}
      </p>
      <div className="my-2 overflow-hidden">
        <MiniChain dish={draft.dish} />
      </div>
      <button type="button" className="btn btn-main" onClick={put}>
        {t('dishes.putRead')}
      </button>
      <ReadActs meal={meal} read={read} dish={draft.dish} lit={lit} onLight={onLight} />
      <h4 className="mt-4 text-[15px] text-muted">{t('dishes.tableOf')}</h4>
      <ul className="text-[15px]">
        {read.ingredients.map((one, i) => (
          <li key={`${one.line} ${i}`} className="flex gap-3 border-b border-line py-1">
            <span className="min-w-0 grow">
              {one.name}
              {one.mixture && <span className="text-sm text-muted"> {one.mixture}</span>}
            </span>
            <span className="shrink-0 text-muted">
              {one.unmeasured ? t('dishes.toTaste') : amountOf(one, meal)}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
