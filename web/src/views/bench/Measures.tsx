import {
  gramsOf,
  INGREDIENTS,
  parseQuantity,
  QuantityError,
  showVolume,
  showWeight,
  type Batch,
  type Dish,
  type Meal,
  type Mixture,
  type ScaledLine,
} from '@zemrin/core';
import { useEdit } from '../../store/hooks.ts';
import { EditField } from '../../ui/EditField.tsx';
import { useWords } from '../../words/words.ts';

interface MeasuresProps {
  readonly meal: Meal;
  readonly dish: Dish;
  readonly mixture: Mixture;
  readonly batch: Batch;
}

/** The measured list, as one reads it with full hands; the recipe's own amounts beside it. */
export function Measures({ meal, dish, mixture, batch }: MeasuresProps) {
  const t = useWords();
  const { totals, reserve } = batch;
  const { units } = meal.kitchen;
  return (
    <div className="overflow-x-auto rounded-xl bg-panel px-4 py-2 md:px-6">
      <table className="w-full border-collapse">
        <thead>
          <tr className="border-b-2 border-ink text-left text-sm text-muted">
            <th className="py-1.5 font-normal">{t('bench.measure')}</th>
            <th className="font-normal">{t('bench.what')}</th>
            <th className="text-right font-normal">{t('bench.grams')}</th>
            <th className="hidden pl-4 text-right font-normal sm:table-cell">{t('bench.offBy')}</th>
            <th className="hidden w-[112px] pl-4 text-right font-normal md:table-cell">
              {t('bench.inRecipe')}
            </th>
          </tr>
        </thead>
        <tbody>
          {batch.lines.map((line, i) => (
            <tr key={`${i}-${line.name}`} className="border-b border-line align-baseline">
              <th scope="row" className="time py-1.5 pr-3 text-left text-[19px] leading-tight">
                <MeasureText text={line.measure} />
              </th>
              <td className="py-1.5 pr-2 text-[16.5px] leading-tight">
                {line.name}
                <Note line={line} />
                <span className="flex items-baseline gap-2 text-sm text-muted md:hidden">
                  {t('bench.recipe')}
                  <Amount meal={meal} dish={dish} mixture={mixture} index={i} name={line.name} />
                </span>
              </td>
              <td className="text-right text-[17px] whitespace-nowrap">
                {showWeight(line.grams, units)}
              </td>
              <td className="hidden pl-4 text-right text-sm whitespace-nowrap text-muted sm:table-cell">
                {line.counted ? t('bench.counted') : off(line.measureErrorPct)}
              </td>
              <td className="hidden pl-4 md:table-cell">
                <Amount meal={meal} dish={dish} mixture={mixture} index={i} name={line.name} />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="flex flex-wrap gap-x-6 gap-y-1 pt-3">
        <span>
          {t('bench.inAll')}{' '}
          <strong>
            {showWeight(totals.grams, units)}, {showVolume(totals.ml)}
          </strong>
        </span>
        {reserve && (
          <>
            <span>
              {t('bench.onFood')} <strong>{showVolume(totals.onFoodMl)}</strong>
            </span>
            <span>
              {t('bench.keptClean')} <strong>{showVolume(reserve.ml)}</strong>
            </span>
          </>
        )}
      </p>
    </div>
  );
}

/** "1½ tbsp + ¼ tsp" breaks only at its plus. */
function MeasureText({ text }: { text: string }) {
  const parts = text.split(' + ');
  return parts.map((part, i) => (
    <span key={part} className="whitespace-nowrap">
      {part}
      {i < parts.length - 1 ? ' + ' : ''}
    </span>
  ));
}

function Note({ line }: { line: ScaledLine }) {
  const t = useWords();
  return (
    <>
      {line.note && <span className="text-sm text-muted">, {line.note}</span>}
      {line.scaling === 'heldBack' && (
        <span className="block text-sm text-muted">
          {t('bench.heldBack', { factor: line.factor.toFixed(2) })}
        </span>
      )}
    </>
  );
}

function off(pct: number): string {
  const rounded = pct.toFixed(1);
  if (Number(rounded) === 0) return '0 %';
  return `${pct > 0 ? '+' : '−'}${rounded.replace('-', '')} %`;
}

const WEIGHABLE = new Set(['mass', 'volume', 'count']);

function Amount(props: { meal: Meal; dish: Dish; mixture: Mixture; index: number; name: string }) {
  const t = useWords();
  const edit = useEdit(props.meal.id);
  const { dish, mixture, index, name, meal } = props;
  const line = mixture.lines[index];
  const ingredient = INGREDIENTS.get(line?.ingredient ?? '');
  if (!line || !ingredient) return null;
  return (
    <EditField
      label={t('bench.editAmount', { name })}
      hideLabel
      value={line.amount}
      className="w-full rounded-lg border border-transparent bg-transparent px-1 py-1 text-left text-muted underline decoration-dotted underline-offset-4 hover:border-line focus:border-now md:text-right md:no-underline"
      onCommit={(text) => {
        try {
          const amount = parseQuantity(text, meal.kitchen.spoons);
          if (!WEIGHABLE.has(amount.dimension)) return t('bench.notAmount', { text });
          if (gramsOf(amount, ingredient) === undefined)
            return t('bench.cannotWeigh', { text, name });
        } catch (error) {
          if (error instanceof QuantityError) return error.message;
          throw error;
        }
        edit({
          do: 'setLine',
          dish: dish.id,
          mixture: mixture.id,
          line: index,
          change: { amount: text },
        });
        return undefined;
      }}
    />
  );
}
