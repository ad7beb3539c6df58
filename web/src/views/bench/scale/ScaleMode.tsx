import { showWeight, weighingSteps, type UnitSystem, type WeighingStep } from '@zemrin/core';
import { Check } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { Modal } from '../../../ui/Modal.tsx';
import { useWords, type Say } from '../../../words/words.ts';
import { MeasureText } from './Measures.tsx';
import type { OnBench } from '../useBench.ts';

/**
 * The bowl on the scale, line by line: what to add, what the scale will read, ticked with one
 * key or one touch. Lines to taste are left for the end.
 */
export default function ScaleMode({ bench, onClose }: { bench: OnBench; onClose: () => void }) {
  const t = useWords();
  const { batch, mixture, meal } = bench;
  const { units } = meal.kitchen;
  const [done, setDone] = useState(0);
  const list = useRef<HTMLOListElement>(null);
  const steps = weighingSteps(batch);
  const reads = (count: number) =>
    steps.slice(0, count).reduce((total, step) => total + (step.open ? 0 : step.grams), 0);
  const current = steps[done];
  const step = (by: number) => setDone((now) => Math.min(steps.length, Math.max(0, now + by)));
  useEffect(() => {
    list.current?.querySelector('[aria-current]')?.scrollIntoView({ block: 'nearest' });
  }, [done]);
  return (
    <Modal title={t('bench.weighTitle', { name: mixture.name })} onClose={onClose}>
      <div>
        <div aria-live="polite" className="mb-3 min-h-[148px]">
          {current ? (
            <>
              <p className="text-[22px] leading-tight">
                {nameOf(current, t)}
                {current.note && <span className="text-muted">, {current.note}</span>}
              </p>
              <p className="time text-[40px] leading-tight">
                {amountOf(current, units, t)}{' '}
                <span className="text-[20px] font-normal text-muted">
                  {!current.open && current.measure && <MeasureText text={current.measure} />}
                </span>
              </p>
              <p className="text-[19px]">
                {t('bench.reads', { total: showWeight(reads(done + 1), units) })}
              </p>
            </>
          ) : (
            <p className="time text-[30px]">
              {t('bench.weighed', { total: showWeight(reads(steps.length), units) })}
            </p>
          )}
        </div>
        <div className="mb-4 flex gap-3">
          <button
            // The one thing to press: the dialog opens on it.
            autoFocus
            type="button"
            className="btn btn-main min-h-[64px] grow text-lg"
            onClick={() => (current ? step(1) : onClose())}
            onKeyDown={(event) => event.key === 'Backspace' && step(-1)}
          >
            {current ? t('bench.tick') : t('app.close')}
            <span className="key">{t('bench.space')}</span>
          </button>
          <button
            type="button"
            className="btn min-h-[64px]"
            disabled={done === 0}
            onClick={() => step(-1)}
          >
            {t('bench.untick')}
          </button>
        </div>
        <ol ref={list}>
          {steps.map((line, i) => (
            <li
              key={i}
              aria-current={i === done ? 'step' : undefined}
              className={`flex min-h-[34px] items-center gap-3 border-b border-line ${i < done ? 'text-muted line-through' : ''} ${i === done ? 'font-semibold' : ''}`}
            >
              <span className="w-5">{i < done && <Check size={16} aria-hidden="true" />}</span>
              <span className="grow">{nameOf(line, t)}</span>
              <span>{amountOf(line, units, t)}</span>
            </li>
          ))}
        </ol>
      </div>
    </Modal>
  );
}

function nameOf(step: WeighingStep, t: Say): string {
  return step.takesOut ? t('bench.takesOut', { variant: step.name }) : step.name;
}

function amountOf(step: WeighingStep, units: UnitSystem, t: Say): string {
  if (step.open) return t('bench.toTaste');
  return step.takesOut ? `−${showWeight(-step.grams, units)}` : showWeight(step.grams, units);
}
