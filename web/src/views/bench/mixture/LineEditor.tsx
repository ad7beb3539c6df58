import {
  effectsOf,
  gramsOf,
  mixableOfLine,
  nudgeAmount,
  parseQuantity,
  pantryOf,
  QuantityError,
  recipeAmount,
  SCALINGS,
  standInsFor,
  showMinutes,
  showWeight,
  type Batch,
  type Effect,
  type LineChange,
  type Mixture,
  type Scaling,
  type StandIn,
  HELD_BACK_EXPONENT,
} from '@zemrin/core';
import { ArrowDown, ArrowUp, Lock, LockOpen, Trash2 } from 'lucide-react';
import { Choice } from '../../../ui/Choice.tsx';
import { EditField } from '../../../ui/EditField.tsx';
import { useWords, type Say } from '../../../words/words.ts';
import type { OnBench } from '../useBench.ts';

interface LineEditorProps extends OnBench {
  readonly index: number;
  readonly before: Batch | undefined;
  readonly onSelect: (line: number | undefined) => void;
}

/** One line taken up: its amount, how it grows, a lock, what can stand in, and what it changes. */
export function LineEditor(props: LineEditorProps) {
  const t = useWords();
  const { index, mixture, dish, meal, batch, edit, before, onSelect } = props;
  const line = mixture.lines[index];
  const scaled = batch.lines.find((other) => other.index === index);
  if (!line || !scaled) return null;
  const at = { dish: dish.id, mixture: mixture.id, line: index };
  const set = (change: LineChange, gesture?: string) =>
    edit({ do: 'setLine', ...at, change }, gesture);
  const { spoons } = meal.kitchen;
  const shelf = { pantry: pantryOf(meal.pantry), siblings: dish.mixtures, spoons };
  const check = (text: string) => problemOf(text, mixableOfLine(line, shelf), spoons, t);
  const byTarget = line.scaling === 'salt' || line.scaling === 'sugar';
  const inBatch = scaled.counted ? scaled.measure : `${Number(scaled.grams.toPrecision(4))} g`;
  const move = (to: number) => {
    edit({ do: 'moveLine', ...at, to });
    onSelect(to);
  };
  return (
    <div className="grid gap-3 pt-2">
      <div className="flex flex-wrap items-end gap-3">
        {!byTarget && (
          <EditField
            label={t('bench.inRecipe')}
            value={line.amount}
            className="field w-[96px]"
            onStep={(direction) =>
              set(
                { amount: nudgeAmount(line.amount, direction, spoons) },
                `line-${mixture.id}-${index}`,
              )
            }
            onCommit={(text) => check(text) ?? void set({ amount: text })}
          />
        )}
        <EditField
          label={t('bench.inBatch')}
          value={line.locked ?? (scaled.counted ? scaled.measure : showWeight(scaled.grams))}
          className="field w-[96px]"
          onCommit={(text) => {
            const wrong = check(text);
            if (wrong !== undefined) return wrong;
            if (line.locked !== undefined || byTarget) set({ locked: text });
            else set({ amount: recipeAmount(text, scaled.factor, spoons) });
            return undefined;
          }}
        />
        <LockButton line={line} inBatch={inBatch} onSet={set} />
        <Choice<Scaling>
          label={t('bench.grows')}
          className="field w-[178px]"
          value={line.scaling}
          options={SCALINGS.filter((s) => mixture.salting || (s !== 'salt' && s !== 'sugar')).map(
            (s) => [s, t(`grows.${s}`)],
          )}
          onChoose={(scaling) => set({ scaling })}
        />
        {line.scaling === 'heldBack' && <Exponent mixture={mixture} index={index} onSet={set} />}
      </div>
      <div className="flex flex-wrap items-end gap-2">
        <StandIns {...props} />
        <IconButton
          label={t('bench.up')}
          icon={ArrowUp}
          disabled={index === 0}
          onClick={() => move(index - 1)}
        />
        <IconButton
          label={t('bench.down')}
          icon={ArrowDown}
          disabled={index === mixture.lines.length - 1}
          onClick={() => move(index + 1)}
        />
        <IconButton
          label={t('bench.removeLine', { name: scaled.name })}
          icon={Trash2}
          onClick={() => {
            onSelect(undefined);
            edit({ do: 'replaceLine', ...at, by: [] });
          }}
        />
      </div>
      {before && <Effects effects={effectsOf(before, batch)} />}
    </div>
  );
}

interface LockButtonProps {
  readonly line: Mixture['lines'][number];
  /** What the batch has of it now: what a lock keeps. */
  readonly inBatch: string;
  readonly onSet: (change: LineChange) => void;
}

/** Keeps a line as it is now whatever the batch weighs, or lets it grow again. */
function LockButton({ line, inBatch, onSet }: LockButtonProps) {
  const t = useWords();
  return (
    <button
      type="button"
      aria-pressed={line.locked !== undefined}
      className="btn gap-2 px-2.5"
      onClick={() => onSet({ locked: line.locked === undefined ? inBatch : undefined })}
    >
      {line.locked === undefined ? (
        <LockOpen size={16} aria-hidden="true" />
      ) : (
        <Lock size={16} aria-hidden="true" />
      )}
      {line.locked === undefined ? t('bench.lock') : t('bench.unlock')}
    </button>
  );
}

function problemOf(
  text: string,
  of: Parameters<typeof gramsOf>[1],
  spoons: Parameters<typeof parseQuantity>[1],
  t: Say,
): string | undefined {
  try {
    const amount = parseQuantity(text, spoons);
    if (!['mass', 'volume', 'count'].includes(amount.dimension))
      return t('bench.notAmount', { text });
    return gramsOf(amount, of) === undefined
      ? t('bench.cannotWeigh', { text, name: of.name })
      : undefined;
  } catch (error) {
    if (error instanceof QuantityError) return error.message;
    throw error;
  }
}

/** How far a held-back line follows the batch: 1 all the way, 0 not at all. */
function Exponent(props: {
  mixture: Mixture;
  index: number;
  onSet: (change: LineChange, gesture: string) => void;
}) {
  const t = useWords();
  const exponent = props.mixture.lines[props.index]?.exponent ?? HELD_BACK_EXPONENT;
  return (
    <label className="grid text-sm text-muted">
      {t('bench.exponent', { exponent: exponent.toFixed(2) })}
      <input
        type="range"
        min={0}
        max={1}
        step={0.01}
        value={exponent}
        className="h-[44px] w-[150px] accent-[var(--now)]"
        onChange={(event) =>
          props.onSet(
            { exponent: Number(event.target.value) },
            `exponent-${props.mixture.id}-${props.index}`,
          )
        }
      />
    </label>
  );
}

/** What can take the line's place, at its ratio. */
function StandIns({ mixture, dish, meal, index, edit }: LineEditorProps) {
  const t = useWords();
  const line = mixture.lines[index];
  const ingredient = pantryOf(meal.pantry).ingredients.get(line?.ingredient ?? '');
  if (!line || line.part !== undefined || !ingredient) return null;
  const standIns = standInsFor(ingredient, pantryOf(meal.pantry));
  if (standIns.length === 0) return null;
  const grams = gramsOf(parseQuantity(line.amount, meal.kitchen.spoons), ingredient) ?? 0;
  const take = (standIn: StandIn) =>
    edit({
      do: 'replaceLine',
      dish: dish.id,
      mixture: mixture.id,
      line: index,
      by: standIn.parts.map(({ ingredient: other, gPerG }) => ({
        ingredient: other.id,
        amount: `${Number((grams * gPerG).toPrecision(3))} g`,
        scaling: line.scaling === 'count' ? 'linear' : line.scaling,
        exponent: line.exponent,
      })),
    });
  return (
    <label className="grid text-sm text-muted">
      {t('bench.standIn')}
      <select
        className="field max-w-[260px] text-ink"
        value=""
        onChange={(event) => {
          const chosen = standIns[Number(event.target.value)];
          if (chosen) take(chosen);
        }}
      >
        <option value="">{t('bench.standInNone', { name: ingredient.name })}</option>
        {standIns.map((standIn, i) => (
          <option key={i} value={i}>
            {standIn.parts
              .map(({ ingredient: other, gPerG }) => `${showWeight(grams * gPerG)} ${other.name}`)
              .join(' + ')}
            {standIn.note ? ` (${standIn.note})` : ''}
          </option>
        ))}
      </select>
    </label>
  );
}

/** What the change has done so far, to salt, window and the rest. */
function Effects({ effects }: { effects: readonly Effect[] }) {
  const t = useWords();
  const show = (what: Effect['what'], value: number) => {
    if (what === 'best' || what === 'longest') return showMinutes(value);
    if (what === 'total') return showWeight(value);
    return what === 'sodium' ? `${Math.round(value)} mg` : `${value.toFixed(1)} %`;
  };
  return (
    <p role="status" className="min-h-[1.4em] text-sm">
      {effects.length === 0
        ? t('bench.noEffect')
        : effects
            .map(({ what, from, to }) =>
              t('bench.effect', {
                what: t(`bench.effect.${what}`),
                from: show(what, from),
                to: show(what, to),
              }),
            )
            .join('; ')}
    </p>
  );
}

function IconButton(props: {
  label: string;
  icon: typeof Lock;
  disabled?: boolean;
  onClick: () => void;
}) {
  const Icon = props.icon;
  return (
    <button
      type="button"
      className="btn px-3"
      aria-label={props.label}
      title={props.label}
      disabled={props.disabled}
      onClick={props.onClick}
    >
      <Icon size={16} aria-hidden="true" />
    </button>
  );
}
