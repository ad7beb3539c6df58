import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { bandOf, type ChainSpot, type Dish, type Meal } from '@zemrin/core';
import { ChevronDown, ChevronUp, GripVertical, X } from 'lucide-react';
import { EditField } from '../../ui/EditField.tsx';
import { useWords } from '../../words/words.ts';
import { Follows, WorksOn } from './ChainMenus.tsx';
import { Gutter } from './Gutter.tsx';
import { PhraseField } from './PhraseField.tsx';
import { saidTime } from './saidTime.ts';
import type { useChain } from './useChain.ts';

interface RowProps {
  readonly meal: Meal;
  readonly dish: Dish;
  readonly spot: ChainSpot;
  readonly lanes: number;
  readonly chain: ReturnType<typeof useChain>;
  readonly lit: boolean;
  readonly guessed: boolean;
  readonly onLight: ((step: string | undefined) => void) | undefined;
  readonly onEarlier: (() => void) | undefined;
  readonly onLater: (() => void) | undefined;
}

/** One step of the chain: its place in the drawing, its name, its time, what it follows. */
export function ChainRow(props: RowProps) {
  const { meal, dish, spot, lanes, chain, onEarlier, onLater } = props;
  const t = useWords();
  const { step } = spot;
  const sortable = useSortable({ id: step.id });
  const { setNodeRef, transform, transition, attributes, listeners } = sortable;
  const style = { transform: CSS.Translate.toString(transform), transition };
  return (
    <li
      ref={setNodeRef}
      style={style}
      className={`flex items-stretch gap-1 border-b border-line ${sortable.isDragging ? 'relative z-10 bg-soft' : props.lit ? 'bg-warm' : ''}`}
      onPointerEnter={() => props.onLight?.(step.id)}
      onPointerLeave={() => props.onLight?.(undefined)}
    >
      <button
        type="button"
        className="flex w-7 shrink-0 cursor-grab touch-none items-center justify-center text-muted"
        {...attributes}
        {...listeners}
        aria-label={t('dishes.move', { step: step.label })}
      >
        <GripVertical size={16} aria-hidden="true" />
      </button>
      <Gutter spot={spot} lanes={lanes} band={bandOf(step.place, step.verb)} />
      <div className="grid min-w-0 grow grid-cols-[auto_minmax(0,1fr)] items-baseline gap-x-2 py-1.5 @lg:grid-cols-[34%_minmax(0,1fr)]">
        <div className="col-span-2 min-w-0 @lg:col-span-1">
          <EditField
            label={t('dishes.stepName', { step: step.label })}
            hideLabel
            value={step.label}
            onCommit={(label) => {
              if (label !== '') chain.rename(step.id, label);
              return undefined;
            }}
            className="min-h-[34px] w-full rounded-lg border border-transparent bg-transparent px-1.5 font-semibold hover:border-line focus:border-muted"
          />
        </div>
        <span className="row-start-2 px-1.5 text-[13px] text-muted">
          {t(`verb.${step.verb}`)}, {t(`place.${step.place.kind}`)}
          {step.place.tempC !== undefined && ` ${Math.round(step.place.tempC)}°`}
          {props.guessed && `, ${t('dishes.guessed')}`}
        </span>
        <div className="col-span-2 row-start-4 flex min-w-0 @lg:col-span-1 @lg:row-start-2">
          <Follows dish={dish} spot={spot} chain={chain} />
          {dish.foods.length > 1 && <WorksOn dish={dish} spot={spot} chain={chain} />}
        </div>
        <div className="col-span-2 row-start-3 min-w-0 @lg:col-span-1 @lg:col-start-2 @lg:row-start-1">
          <PhraseField
            label={t('dishes.time', { step: step.label })}
            value={saidTime(step, dish, meal.kitchen, t)}
            dish={dish}
            kitchen={meal.kitchen}
            step={step}
            onRead={(phrase) => chain.say(step.id, phrase)}
          />
        </div>
      </div>
      <div className="flex shrink-0 items-start py-1">
        <RowButton
          label={t('dishes.earlier', { step: step.label })}
          icon={ChevronUp}
          onClick={onEarlier}
        />
        <RowButton
          label={t('dishes.later', { step: step.label })}
          icon={ChevronDown}
          onClick={onLater}
        />
        <RowButton
          label={t('dishes.remove', { step: step.label })}
          icon={X}
          onClick={() => chain.remove(step.id)}
        />
      </div>
    </li>
  );
}

function RowButton(props: { label: string; icon: typeof X; onClick: (() => void) | undefined }) {
  const Icon = props.icon;
  return (
    <button
      type="button"
      className="flex h-9 w-8 items-center justify-center rounded-lg hover:bg-soft disabled:opacity-30"
      aria-label={props.label}
      title={props.label}
      disabled={!props.onClick}
      onClick={props.onClick}
    >
      <Icon size={16} aria-hidden="true" />
    </button>
  );
}
