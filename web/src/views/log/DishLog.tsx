import {
  lossOf,
  readWeight,
  showWeight,
  TASTE_SCALES,
  type Deed,
  type Dish,
  type DishAgainstPlan,
  type DishAtTable,
  type Run,
  type TasteScale,
} from '@zemrin/core';
import { useId, useState, type FormEvent } from 'react';
import { EditField } from '../../ui/EditField.tsx';
import { useWords } from '../../words/words.ts';
import { StepTimes } from './StepTimes.tsx';
import { tasteWord } from './tasteWord.ts';

interface Props {
  readonly dish: Dish;
  readonly table: DishAtTable;
  /** None until its plan is made again. */
  readonly steps: DishAgainstPlan['steps'] | undefined;
  readonly run: Run;
  readonly onSay: (deeds: readonly Deed[]) => void;
}

/** One dish of a run: how it was at the table, what it weighed, and what was said of it. */
export function DishLog({ dish, table, steps, run, onSay }: Props) {
  const t = useWords();
  return (
    <section aria-label={dish.name} className="rounded-xl bg-panel p-4">
      <h2 className="text-lg">{dish.name}</h2>
      <div className="mt-2 max-w-[460px]">
        {TASTE_SCALES.map((scale) => (
          <Scale
            key={scale}
            scale={scale}
            value={table.tastes.get(scale)}
            onChange={(value) => onSay([{ did: 'tasted', dish: dish.id, scale, value }])}
          />
        ))}
      </div>
      <Weights dish={dish} table={table} run={run} onSay={onSay} />
      {steps && <StepTimes meal={run.meal} name={dish.name} steps={steps} onSay={onSay} />}
      <ul className="mt-3">
        {table.notes.map(({ id, text, who }) => (
          <li key={id} className="border-t border-line py-1.5">
            {who === undefined ? text : t('log.saidBy', { who, text })}
          </li>
        ))}
      </ul>
      <NoteForm
        onTake={(text, who) =>
          onSay([{ did: 'noted', text, dish: dish.id, ...(who !== '' && { who }) }])
        }
        name={dish.name}
      />
    </section>
  );
}

/** From too little to too much, with right in the middle. */
function Scale(props: {
  scale: TasteScale;
  value: number | undefined;
  onChange: (value: number) => void;
}) {
  const t = useWords();
  const id = useId();
  const { scale, value, onChange } = props;
  const words = value === undefined ? t('log.taste.unsaid') : tasteWord(value, t);
  return (
    <div className="flex items-center gap-3">
      <label htmlFor={id} className="w-[64px] shrink-0">
        {t(`log.scale.${scale}`)}
      </label>
      <input
        id={id}
        type="range"
        min={-2}
        max={2}
        step={1}
        value={value ?? 0}
        aria-valuetext={words}
        className={`h-[30px] w-0 grow accent-ink ${value === undefined ? 'opacity-50' : ''}`}
        onChange={(event) => onChange(Number(event.target.value))}
        onClick={(event) => value === undefined && onChange(Number(event.currentTarget.value))}
      />
      <span className="w-[96px] shrink-0 text-sm text-muted">{words}</span>
    </div>
  );
}

function Weights({ dish, table, run, onSay }: Omit<Props, 'steps'>) {
  const t = useWords();
  if (dish.foods.length === 0) return null;
  const { units } = run.meal.kitchen;
  return (
    <ul className="mt-3 grid gap-2">
      {dish.foods.map((food) => {
        const weighed = table.weights.find((one) => one.food === food.id);
        const { rawG, lostShare } = lossOf(run.meal, dish, food, weighed);
        const lost = lostShare === undefined ? undefined : Math.round(100 * lostShare);
        return (
          <li key={food.id} className="grid grid-cols-3 gap-x-3 gap-y-1">
            <span className="col-span-3">
              {food.name}
              {lost !== undefined && (
                <span className="text-muted">, {t('log.lost', { lost })}</span>
              )}
            </span>
            {(['before', 'after', 'left'] as const).map((when) => {
              const known = weighed?.[`${when}G`];
              return (
                <span key={when} className="text-sm text-muted">
                  <span aria-hidden="true">{t(`log.when.${when}`)}</span>
                  <EditField
                    label={t(`log.weight.${when}`, { food: food.name })}
                    hideLabel
                    inputMode="decimal"
                    className="field w-full text-right"
                    value={
                      known !== undefined
                        ? showWeight(known, units)
                        : when === 'before'
                          ? showWeight(rawG, units)
                          : ''
                    }
                    onCommit={(text) => {
                      if (text === '') return undefined;
                      const weightG = readWeight(text);
                      if (weightG === undefined) return t('log.badWeight', { text });
                      onSay([{ did: 'weighed', food: food.id, when, weightG }]);
                      return undefined;
                    }}
                  />
                </span>
              );
            })}
          </li>
        );
      })}
    </ul>
  );
}

function NoteForm(props: { name: string; onTake: (text: string, who: string) => void }) {
  const t = useWords();
  const id = useId();
  const { name, onTake } = props;
  const [text, setText] = useState('');
  const [who, setWho] = useState('');
  const take = (event: FormEvent) => {
    event.preventDefault();
    if (text.trim() === '') return;
    onTake(text.trim(), who.trim());
    setText('');
  };
  return (
    <form onSubmit={take} className="mt-2 flex gap-2">
      <label htmlFor={id} className="sr-only">
        {t('log.noteOn', { dish: name })}
      </label>
      <input
        id={id}
        className="field min-w-0 grow"
        placeholder={t('log.noteHint')}
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      <input
        aria-label={t('log.who', { dish: name })}
        className="field w-[104px] shrink-0"
        placeholder={t('log.whoHint')}
        maxLength={80}
        value={who}
        onChange={(event) => setWho(event.target.value)}
      />
      <button type="submit" className="btn" disabled={text.trim() === ''}>
        {t('log.keep')}
      </button>
    </form>
  );
}
