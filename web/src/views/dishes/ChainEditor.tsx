import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import {
  arrayMove,
  SortableContext,
  sortableKeyboardCoordinates,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { chainOf, readPhrase, type Dish, type Meal } from '@zemrin/core';
import { useState, type FormEvent } from 'react';
import { useWords } from '../../words/words.ts';
import { ChainRow } from './ChainRow.tsx';
import { saidPhrase } from './saidTime.ts';
import { useChain, type ChainEdits } from './useChain.ts';

/** A dish drawn as its chain, edited in place. */
export function ChainEditor(props: {
  meal: Meal;
  dish: Dish;
  edits: ChainEdits;
  /** The step whose words are pointed at, and pointing at one. */
  lit?: string | undefined;
  onLight?: ((step: string | undefined) => void) | undefined;
  /** Steps of which something was guessed. */
  guessed?: ReadonlySet<string> | undefined;
}) {
  const { meal, dish } = props;
  const t = useWords();
  const chain = useChain(meal, dish, props.edits);
  const spots = chainOf(dish);
  const lanes = Math.max(0, ...spots.map(({ lane }) => lane)) + 1;
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const ids = spots.map(({ step }) => step.id);
  const nameOf = (id: string | number) =>
    dish.steps.find((step) => step.id === String(id))?.label ?? '';
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    if (!over || active.id === over.id) return;
    const moved = arrayMove(ids, ids.indexOf(String(active.id)), ids.indexOf(String(over.id)));
    const at = moved.indexOf(String(active.id));
    chain.move(String(active.id), moved[at - 1]);
  };
  const shift = (row: number, by: 1 | -1) => {
    const id = ids[row];
    if (id === undefined) return;
    const moved = arrayMove(ids, row, row + by);
    chain.move(id, moved[moved.indexOf(id) - 1]);
  };
  return (
    <section aria-label={t('dishes.chain')} className="@container">
      <p className="text-sm text-muted">{t('dishes.chainHint')}</p>
      <DndContext
        sensors={sensors}
        collisionDetection={closestCenter}
        onDragEnd={onDragEnd}
        accessibility={{
          screenReaderInstructions: { draggable: t('dishes.drag.how') },
          announcements: {
            onDragStart: ({ active }) => t('dishes.drag.start', { step: nameOf(active.id) }),
            onDragOver: ({ active, over }) =>
              over
                ? t('dishes.drag.over', { step: nameOf(active.id), other: nameOf(over.id) })
                : undefined,
            onDragEnd: ({ active }) => t('dishes.drag.end', { step: nameOf(active.id) }),
            onDragCancel: ({ active }) => t('dishes.drag.cancel', { step: nameOf(active.id) }),
          },
        }}
      >
        <SortableContext items={ids} strategy={verticalListSortingStrategy}>
          <ol aria-label={t('dishes.steps')} className="mt-2">
            {spots.map((spot, row) => (
              <ChainRow
                key={spot.step.id}
                meal={meal}
                dish={dish}
                spot={spot}
                lanes={lanes}
                chain={chain}
                lit={props.lit === spot.step.id}
                guessed={props.guessed?.has(spot.step.id) ?? false}
                onLight={props.onLight}
                onEarlier={row > 0 ? () => shift(row, -1) : undefined}
                onLater={row < spots.length - 1 ? () => shift(row, 1) : undefined}
              />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
      <AddStep meal={meal} dish={dish} add={chain.add} />
    </section>
  );
}

function AddStep(props: {
  meal: Meal;
  dish: Dish;
  add: (text: string, phrase: ReturnType<typeof readPhrase>) => boolean;
}) {
  const { meal, dish, add } = props;
  const t = useWords();
  const [text, setText] = useState('');
  const [wrong, setWrong] = useState(false);
  const phrase = readPhrase(text, dish.foods);
  const said = saidPhrase(phrase, dish, meal.kitchen, t);
  const onSubmit = (event: FormEvent) => {
    event.preventDefault();
    if (add(text, phrase)) setText('');
    else setWrong(true);
  };
  return (
    <form onSubmit={onSubmit} className="mt-3 flex flex-wrap items-end gap-2">
      <label className="grid min-w-[220px] grow gap-1">
        {t('dishes.add')}
        <input
          className="field"
          data-key="a"
          placeholder={t('dishes.addHint')}
          value={text}
          aria-describedby="add-said"
          onChange={(event) => {
            setText(event.target.value);
            setWrong(false);
          }}
        />
      </label>
      <button type="submit" className="btn" disabled={text.trim() === ''}>
        {t('dishes.addButton')}
      </button>
      <span
        id="add-said"
        role="status"
        className={`basis-full text-sm ${wrong ? 'text-clash' : 'text-muted'}`}
      >
        {wrong
          ? t('dishes.addVerb')
          : said !== '' && text !== '' && t('dishes.understood', { what: said })}
      </span>
    </form>
  );
}
