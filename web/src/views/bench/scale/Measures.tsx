import {
  showVolume,
  showWeight,
  type Batch,
  type ScaledLine,
  type UnitSystem,
  type VariantBatch,
} from '@zemrin/core';
import { Lock } from 'lucide-react';
import type { KeyboardEvent } from 'react';
import { useWords } from '../../../words/words.ts';
import { AddLine } from '../mixture/AddLine.tsx';
import { LineEditor } from '../mixture/LineEditor.tsx';
import type { OnBench } from '../useBench.ts';

interface MeasuresProps extends OnBench {
  /** The recipe's own amounts beside the batch's. */
  readonly compare: boolean;
  readonly selected: number | undefined;
  /** The batch before the selected line was changed. */
  readonly before: Batch | undefined;
  readonly onSelect: (line: number | undefined) => void;
}

/** The measured list, as one reads it with full hands. A line opens where it stands. */
export function Measures(props: MeasuresProps) {
  const t = useWords();
  const { batch, recipe, meal, compare } = props;
  const { totals, reserve } = batch;
  const { units } = meal.kitchen;
  return (
    <div className="overflow-x-auto rounded-xl bg-panel px-4 py-2 md:px-6">
      <table className="w-full border-collapse">
        <thead>
          {compare && (
            <tr className="text-left text-sm">
              <th colSpan={3} className="pt-1 font-semibold">
                {t('bench.thisBatch', { weight: showWeight(batch.allG, units) })}
              </th>
              <th colSpan={2} className="pt-1 pl-4 text-right font-semibold">
                {t('bench.asWritten', { weight: showWeight(recipe.allG, units) })}
              </th>
            </tr>
          )}
          <tr className="border-b-2 border-ink text-left text-sm text-muted">
            <th className="py-1.5 font-normal">{t('bench.measure')}</th>
            <th className="font-normal">{t('bench.what')}</th>
            <th className="text-right font-normal">{t('bench.grams')}</th>
            {compare ? (
              <>
                <th className="pl-4 text-right font-normal">{t('bench.measure')}</th>
                <th className="pl-4 text-right font-normal">{t('bench.grams')}</th>
              </>
            ) : (
              <th className="hidden pl-4 text-right font-normal sm:table-cell">
                {t('bench.offBy')}
              </th>
            )}
          </tr>
        </thead>
        <tbody>
          {batch.lines.map((line, i) => (
            <Line key={`${line.index}-${line.name}`} {...props} line={line} row={i} />
          ))}
        </tbody>
      </table>
      {batch.lines.length === 0 && <p className="py-3 text-muted">{t('bench.noLines')}</p>}
      <AddLine {...props} />
      {batch.variants.map((variant) => (
        <VariantNote key={variant.id} variant={variant} units={units} shared={batch} />
      ))}
      <p className="flex flex-wrap gap-x-6 gap-y-1 border-t border-line pt-3 pb-1">
        <span>
          {t('bench.inAll')}{' '}
          <strong>
            {showWeight(totals.grams, units)}, {showVolume(totals.ml)}
          </strong>
        </span>
        {(reserve || batch.variants.length > 0) && batch.batchG > 0 && (
          <span>
            {t('bench.onFood')} <strong>{showVolume(totals.onFoodMl)}</strong>
          </span>
        )}
        {reserve && (
          <span>
            {t('bench.keptClean')} <strong>{showVolume(reserve.ml)}</strong>
          </span>
        )}
      </p>
    </div>
  );
}

/** Up and down go from line to line; plus and minus, and l, act on the line. */
function moveAlong(event: KeyboardEvent<HTMLButtonElement>) {
  if (event.key !== 'ArrowDown' && event.key !== 'ArrowUp') return;
  event.preventDefault();
  const buttons = [
    ...(event.currentTarget.closest('tbody')?.querySelectorAll<HTMLElement>('[data-line]') ?? []),
  ];
  const next = buttons.indexOf(event.currentTarget) + (event.key === 'ArrowDown' ? 1 : -1);
  buttons[next]?.focus();
}

function Line(props: MeasuresProps & { line: ScaledLine; row: number }) {
  const t = useWords();
  const { line, row, compare, recipe, meal, batch, selected, onSelect } = props;
  const { units } = meal.kitchen;
  const open = selected !== undefined && selected === line.index;
  const written = recipe.lines.find((other) => other.index === line.index);
  const takeOut = row === batch.commonCount && batch.variants.length > 0;
  return (
    <>
      {takeOut && <TakeOut variants={batch.variants} units={units} />}
      <tr className={`border-b border-line align-top ${open ? 'bg-soft' : ''}`}>
        <th scope="row" className="time py-[5px] pr-3 text-left text-[19px] leading-[24px]">
          {line.scaling === 'toTaste' ? (
            <span className="text-[16.5px]">{t('bench.toTaste')}</span>
          ) : (
            <MeasureText text={line.measure} />
          )}
        </th>
        <td className="pr-2 text-[16.5px] leading-[22px]">
          <button
            type="button"
            data-line={line.index}
            aria-expanded={open}
            className="min-h-[34px] w-full py-1.5 text-left underline decoration-transparent decoration-dotted underline-offset-4 hover:decoration-ink"
            onKeyDown={moveAlong}
            onClick={() => onSelect(open ? undefined : line.index)}
          >
            {line.name}
            <Note line={line} />
          </button>
        </td>
        <td className="py-[5px] text-right text-[17px] leading-[24px] whitespace-nowrap">
          {line.locked && (
            <Lock size={13} className="mr-1 inline" role="img" aria-label={t('bench.locked')} />
          )}
          {showWeight(line.grams, units)}
        </td>
        {compare ? (
          <>
            <td className="py-[5px] pl-4 text-right leading-[24px] text-muted">
              <MeasureText text={written?.measure ?? ''} />
            </td>
            <td className="py-[5px] pl-4 text-right leading-[24px] whitespace-nowrap text-muted">
              {written && showWeight(written.grams, units)}
            </td>
          </>
        ) : (
          <td className="hidden py-[5px] pl-4 text-right text-sm leading-[24px] whitespace-nowrap text-muted sm:table-cell">
            {line.scaling !== 'toTaste' && off(line.measureErrorPct)}
          </td>
        )}
      </tr>
      {open && line.index !== undefined && (
        <tr className="border-b border-line bg-soft">
          <td colSpan={compare ? 5 : 4} className="px-2 pb-3">
            <LineEditor {...props} index={line.index} />
          </td>
        </tr>
      )}
    </>
  );
}

/** Where the variants leave the bowl. */
function TakeOut({ variants, units }: { variants: readonly VariantBatch[]; units: UnitSystem }) {
  const t = useWords();
  return (
    <tr className="border-b border-line">
      <td colSpan={5} className="py-2">
        {variants.map((variant) => (
          <p key={variant.id} className="font-semibold">
            {t('bench.takeOut', {
              amount: showWeight(variant.takeG, units),
              variant: variant.name,
            })}
          </p>
        ))}
      </td>
    </tr>
  );
}

/** What becomes of a variant once it is out. */
function VariantNote(props: { variant: VariantBatch; units: UnitSystem; shared: Batch }) {
  const t = useWords();
  const { variant, units } = props;
  const stirred = variant.lines.map((line) => `${line.measure} ${line.name}`).join(', ');
  return (
    <p className="mb-2 rounded-lg bg-soft px-3 py-2">
      <strong>{variant.name}</strong>{' '}
      {t('bench.variantTake', {
        amount: showWeight(variant.takeG, units),
        foods: variant.foods
          .map((food) => `${food.name}, ${showWeight(food.weightG, units)}`)
          .join('; '),
      })}{' '}
      {stirred === '' ? '' : t('bench.variantStir', { what: stirred })}{' '}
      <span className="text-muted">
        {t('bench.variantSalt', { pct: variant.saltPctOfFood.toFixed(1) })}
      </span>
    </p>
  );
}

/** "1½ tbsp + ¼ tsp" breaks only at its plus. */
export function MeasureText({ text }: { text: string }) {
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
  const more = [
    line.scaling === 'heldBack' && !line.locked
      ? t('bench.heldBack', { factor: line.factor.toFixed(2) })
      : '',
    line.scaling === 'toTaste' && line.grams > 0
      ? t('bench.lastTime', { amount: line.measure })
      : '',
    line.scaling === 'salt' && !line.locked ? t('bench.byTarget') : '',
    line.scaling === 'sugar' && !line.locked ? t('bench.bySalt') : '',
    line.atEnd ? t('bench.atEnd') : '',
    line.part ? t(`bench.part.${line.part}`) : '',
  ].filter((text) => text !== '');
  return (
    <>
      {line.note && <span className="text-sm text-muted">, {line.note}</span>}
      {more.length > 0 && <span className="block text-sm text-muted">{more.join(', ')}</span>}
    </>
  );
}

/** "+1.4 %", "0 %". */
function off(pct: number): string {
  const rounded = pct.toFixed(1);
  if (Number(rounded) === 0) return '0 %';
  return `${pct > 0 ? '+' : '−'}${rounded.replace('-', '')} %`;
}
