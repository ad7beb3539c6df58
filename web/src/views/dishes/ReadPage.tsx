import {
  carriedOver,
  draftDish,
  redrafted,
  takenIds,
  withoutStep,
  type Dish,
  type Meal,
  type ReadRecipe,
  type CorrectedReading,
} from '@zemrin/core';
import { useDeferredValue, useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { useOwnPatterns } from '../../store/useOwnPatterns.ts';
import { notify } from '../../notices/notify.ts';
import { useEdit } from '../../store/useEdit.ts';
import { useWords } from '../../words/words.ts';
import { ChainEditor } from './ChainEditor.tsx';
import { IngredientRows } from './IngredientRows.tsx';
import { ReadingProgress, Several } from './LongPaste.tsx';
import { ReadText } from './ReadText.tsx';
import { EXAMPLE } from './example.ts';
import { useAnswers } from './useAnswers.ts';

/** Text left, chain right: what was pasted, what was made of it, and what was not understood. */
export default function ReadPage({ meal }: { meal: Meal }) {
  const t = useWords();
  const [text, setText] = useState('');
  const [lit, setLit] = useState<number>();
  const later = useDeferredValue(text);
  const { all, going, answered, onMend, onRather, onTakeBack } = useAnswers(
    later,
    meal.kitchen.spoons,
  );
  const [chosen, setChosen] = useState(0);
  const at = Math.min(chosen, all.length - 1);
  const read = all[at];
  // Each keeps its corrections while another is looked at; one nobody looked at has none.
  const [visited, setVisited] = useState<ReadonlySet<number>>(new Set());
  const isReading = going.share !== undefined || going.stopped;
  const choose = (i: number) => {
    setVisited(new Set(visited).add(at).add(i));
    setChosen(i);
    setLit(undefined);
  };
  return (
    <div>
      <div className="flex flex-wrap items-center gap-3">
        <h2 className="mr-auto text-[23px]">{t('dishes.read')}</h2>
        <div className="flex gap-3">
          <button type="button" className="btn" onClick={() => setText(EXAMPLE)}>
            {t('dishes.example')}
          </button>
          {text !== '' && (
            <button type="button" className="btn" onClick={() => setText('')}>
              {t('dishes.clear')}
            </button>
          )}
        </div>
      </div>
      <div className="mt-3 grid gap-6 lg:grid-cols-[2fr_3fr]">
        <section className="lg:sticky lg:top-4 lg:max-h-[calc(100dvh-2rem)] lg:self-start lg:overflow-auto">
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
          {read && !isTooLong(read) && (
            <ReadText
              read={read}
              lit={lit}
              onLight={setLit}
              kitchen={meal.kitchen}
              onMend={(line) => onMend(at, line)}
              onRather={(sentence) => onRather(at, sentence)}
            />
          )}
          {read && answered(at) && (
            <button type="button" className="btn mt-2" onClick={() => onTakeBack(at)}>
              {t('dishes.takeBack')}
            </button>
          )}
        </section>
        {all.length === 0 && !isReading && <p className="text-muted">{t('dishes.readFailed')}</p>}
        <div className="grid content-start gap-4">
          <ReadingProgress {...going} />
          {all.length > 1 && <Several recipes={all} at={at} onChoose={choose} />}
          {all.map((one, i) =>
            i !== at && !visited.has(i) ? null : (
              <div key={i} hidden={i !== at}>
                {isTooLong(one) ? (
                  <p>{t('dishes.tooManySteps', { count: one.acts.length })}</p>
                ) : (
                  <Understood
                    meal={meal}
                    read={one}
                    lit={i === at ? lit : undefined}
                    onLight={setLit}
                    stays={all.length > 1}
                  />
                )}
              </div>
            ),
          )}
        </div>
      </div>
    </div>
  );
}

/** No dish has so many steps: what was pasted is more than one. */
const MOST_STEPS = 150;

function isTooLong({ acts }: ReadRecipe): boolean {
  return acts.length > MOST_STEPS;
}

function Understood(props: {
  meal: Meal;
  read: ReadRecipe;
  lit: number | undefined;
  onLight: (act: number | undefined) => void;
  /** Others of the text are still to be put on the table. */
  stays: boolean;
}) {
  const { meal, read: given, lit, onLight, stays } = props;
  const t = useWords();
  const edit = useEdit(meal.id);
  const navigate = useNavigate();
  const [reading, setReading] = useState<CorrectedReading>({
    of: given,
    ingredients: given.ingredients,
  });
  if (reading.of !== given) setReading(carriedOver(reading, given, takenIds(meal)));
  const [putAs, setPutAs] = useState<string>();
  const { ingredients } = reading;
  const read = useMemo(() => ({ ...given, ingredients }), [given, ingredients]);
  const draft = useMemo(() => draftDish(read, takenIds(meal)), [read, meal]);
  const dish = reading.dish ?? draft.dish;
  const edits = useMemo(
    () => ({
      put: (next: Dish) => setReading((was) => ({ ...was, dish: next })),
      remove: (step: string) => setReading((was) => ({ ...was, dish: withoutStep(dish, step) })),
    }),
    [dish],
  );
  const guessed = new Set(
    draft.dish.steps.flatMap(({ id }, i) => (isGuessed(read, i) ? [id] : [])),
  );
  const { keep } = useOwnPatterns();
  const noted = read.unread.length > 0 ? { ...dish, note: read.unread.join(' ') } : dish;
  const keepIt = () => {
    const kept = keep(noted, { ingredients: [...draft.own], cuts: [] });
    notify(t(kept ? 'dishes.ownKept' : 'dishes.ownNotKept', { name: dish.name }));
  };
  const put = () => {
    edit({ do: 'putDish', dish: noted, own: draft.own });
    if (stays) setPutAs(dish.id);
    else void navigate(`/meal/${meal.id}/dishes/${dish.id}`);
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
        <button type="button" className="btn" onClick={keepIt}>
          {t('dishes.ownKeep')}
        </button>
        {putAs === undefined ? (
          <button type="button" className="btn btn-main" onClick={put}>
            {t('dishes.putRead')}
          </button>
        ) : (
          <Link className="btn" to={`/meal/${meal.id}/dishes/${putAs}`}>
            {t('dishes.isOnTable')}
          </Link>
        )}
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
      <IngredientRows
        meal={meal}
        read={read}
        onChange={(written) => {
          const redone = draftDish({ ...read, ingredients: written }, takenIds(meal)).dish;
          setReading((was) => ({
            ...was,
            ingredients: written,
            dish: was.dish && redrafted(was.dish, draft.dish, redone),
          }));
        }}
      />
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
