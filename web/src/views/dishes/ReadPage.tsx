import {
  draftDish,
  readRecipe,
  showWeight,
  takenIds,
  withoutStep,
  type Dish,
  type Meal,
  type ReadIngredient,
  type ReadRecipe,
} from '@zemrin/core';
import { useDeferredValue, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { useEdit } from '../../store/hooks.ts';
import { useWords } from '../../words/words.ts';
import { ChainEditor } from './ChainEditor.tsx';
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
      <div className="mt-3 grid gap-6 lg:grid-cols-[2fr_3fr]">
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
  /** The cook's corrections, as long as the text stays as it is. */
  const [mended, setMended] = useState<{ read: ReadRecipe; dish: Dish }>();
  const dish = mended?.read === read ? mended.dish : draft.dish;
  const edits = useMemo(
    () => ({
      put: (next: Dish) => setMended({ read, dish: next }),
      remove: (step: string) => setMended({ read, dish: withoutStep(dish, step) }),
    }),
    [read, dish],
  );
  const guessed = new Set(
    draft.dish.steps.flatMap(({ id }, i) => (isGuessed(read, i) ? [id] : [])),
  );
  const put = () => {
    const note = read.unread.length > 0 ? { note: read.unread.join(' ') } : {};
    edit({ do: 'putDish', dish: { ...dish, ...note }, own: draft.own });
    void navigate(`/meal/${meal.id}/dishes/${dish.id}`);
  };
  return (
    <section aria-label={t('dishes.right')}>
      <div className="flex flex-wrap items-center gap-3">
        <div className="mr-auto">
          <h3 className="text-lg">{dish.name}</h3>
          <p className="text-sm text-muted">
            {read.portions !== undefined && `${t('dishes.feeds', { count: read.portions })}. `}
            {read.unread.length > 0
              ? t('dishes.readLeft', { count: read.unread.length })
              : t('dishes.readAll')}
          </p>
        </div>
        <button type="button" className="btn btn-main" onClick={put}>
          {t('dishes.putRead')}
        </button>
      </div>
      <div className="mt-3">
        <ChainEditor
          meal={meal}
          dish={dish}
          edits={edits}
          guessed={guessed}
          lit={lit === undefined ? undefined : draft.dish.steps[lit]?.id}
          onLight={(step) => {
            const at = draft.dish.steps.findIndex(({ id }) => id === step);
            onLight(at === -1 ? undefined : at);
          }}
        />
      </div>
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

/** What the recipe leaves open, and the kitchen filled in. */
function isGuessed({ acts }: ReadRecipe, i: number): boolean {
  const act = acts[i];
  if (!act) return false;
  return (
    act.guessed ||
    (act.leastMin === undefined && act.mostMin === undefined && act.untilC === undefined)
  );
}
