import { servingMin, showMinutes, type Call, type Deed } from '@zemrin/core';
import { useState, type FormEvent } from 'react';
import { Modal } from '../../ui/Modal.tsx';
import { uniqueId } from '../../store/ids.ts';
import { useWords } from '../../words/words.ts';
import { Happenings } from './Happenings.tsx';
import { PictureButton } from '../../ui/PictureButton.tsx';
import { ReadingForm } from './ReadingForm.tsx';
import type { RunOnPage } from './useRun.ts';

/** What the cook is asked before it is kept. */
export type Asking =
  | { readonly kind: 'longer' | 'late' | 'note' | 'happens'; readonly call: Call }
  | { readonly kind: 'timer' }
  | { readonly kind: 'reading' };

interface Props {
  readonly asking: Asking;
  readonly page: RunOnPage;
  readonly onClose: () => void;
}

/** One question over the page: how much longer, a note, a timer, a reading, what happened. */
export function CookDialog({ asking, page, onClose }: Props) {
  const t = useWords();
  const keep = (deeds: readonly Deed[]) => {
    page.say(deeds);
    onClose();
  };
  switch (asking.kind) {
    case 'longer':
    case 'late':
      return (
        <Modal
          title={t(asking.kind === 'longer' ? 'cook.howMuchLonger' : 'cook.howLate')}
          onClose={onClose}
        >
          {asking.kind === 'longer' && asking.call.otherwise && (
            <OtherwiseButton
              {...asking.call.otherwise}
              onTake={(minutes) => keep(laterDeeds(asking.call, minutes, page))}
            />
          )}
          <MinutesForm onTake={(minutes) => keep(laterDeeds(asking.call, minutes, page))} />
        </Modal>
      );
    case 'note':
      return (
        <Modal title={t('cook.note')} onClose={onClose}>
          <NoteForm onTake={(text) => keep([noteDeed(text, asking.call)])} />
          <PictureButton onTake={(image) => keep([pictureDeed(image, asking.call)])} />
        </Modal>
      );
    case 'timer':
      return (
        <Modal title={t('cook.timer')} onClose={onClose}>
          <TimerForm onTake={(deed) => keep([deed])} />
        </Modal>
      );
    case 'reading':
      return (
        <Modal title={t('cook.reading')} onClose={onClose}>
          <ReadingForm page={page} onTake={keep} />
        </Modal>
      );
    case 'happens':
      return (
        <Modal title={t('cook.happens')} onClose={onClose}>
          <Happenings page={page} call={asking.call} onTake={keep} />
        </Modal>
      );
  }
}

function noteDeed(text: string, call: Call): Deed {
  return call.step
    ? { did: 'noted', text, step: call.step.id, dish: call.step.dish }
    : { did: 'noted', text };
}

function pictureDeed(image: string, { step }: Call): Deed {
  return step ? { did: 'pictured', image, step: step.id } : { did: 'pictured', image };
}

/** What is going on lasts longer; what has not begun is put off. */
function laterDeeds(call: Call, minutes: number, { meal, nowMin }: RunOnPage): Deed[] {
  const going = call.kind === 'begin' ? call.ends : call.step ? [call.step] : [];
  if (going.length > 0) {
    return going.map(({ id }): Deed => ({ did: 'longer', step: id, minutes }));
  }
  if (!call.step) return [];
  const beforeServeMin = Math.round(servingMin(meal) - nowMin - minutes);
  const pin = { do: 'pinStep' as const, step: call.step.id, beforeServeMin };
  return [{ did: 'changed', commands: [pin], why: `${call.step.label}, ${minutes} min later` }];
}

const MINUTES = [2, 5, 10, 15, 20, 30];

function MinutesForm({ onTake }: { onTake: (minutes: number) => void }) {
  const t = useWords();
  const [text, setText] = useState('');
  const typed = Number(text);
  const take = (event: FormEvent) => {
    event.preventDefault();
    if (Number.isInteger(typed) && typed > 0) onTake(typed);
  };
  return (
    <>
      <div className="grid grid-cols-3 gap-3">
        {MINUTES.map((minutes) => (
          <button
            key={minutes}
            type="button"
            className="btn cook-btn"
            onClick={() => onTake(minutes)}
          >
            {t('cook.minutesMore', { minutes })}
          </button>
        ))}
      </div>
      <form onSubmit={take} className="mt-4 flex items-end gap-3">
        <label className="grow">
          {t('cook.minutes')}
          <input
            className="field mt-1 w-full"
            inputMode="numeric"
            value={text}
            onChange={(event) => setText(event.target.value)}
          />
        </label>
        <button type="submit" className="btn cook-btn" disabled={!(typed > 0)}>
          {t('cook.noteKeep')}
        </button>
      </form>
    </>
  );
}

function NoteForm({ onTake }: { onTake: (text: string) => void }) {
  const t = useWords();
  const [text, setText] = useState('');
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        if (text.trim() !== '') onTake(text.trim());
      }}
    >
      <label>
        {t('cook.noteText')}
        <textarea
          autoFocus
          className="field mt-1 min-h-[110px] w-full py-2"
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
      </label>
      <button type="submit" className="btn cook-btn btn-go mt-3" disabled={text.trim() === ''}>
        {t('cook.noteKeep')}
      </button>
    </form>
  );
}

const TIMER_MIN = [5, 10, 15, 30];

function TimerForm({ onTake }: { onTake: (deed: Deed) => void }) {
  const t = useWords();
  const [label, setLabel] = useState('');
  const [text, setText] = useState('10');
  const minutes = Math.round(Number(text));
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        if (!(minutes > 0)) return;
        const named = label.trim() || t('cook.timerUsual');
        onTake({ did: 'timed', timer: uniqueId('timer'), label: named, minutes });
      }}
    >
      <label>
        {t('cook.timerLabel')}
        <input
          className="field mt-1 w-full"
          value={label}
          onChange={(event) => setLabel(event.target.value)}
        />
      </label>
      <div className="mt-3 grid grid-cols-4 gap-2">
        {TIMER_MIN.map((one) => (
          <button
            key={one}
            type="button"
            className="btn cook-btn px-2"
            onClick={() => setText(String(one))}
          >
            {t('cook.minutesMore', { minutes: one }).replace(/ .*/, '')}
          </button>
        ))}
      </div>
      <label className="mt-3 block">
        {t('cook.minutes')}
        <input
          className="field mt-1 w-full"
          inputMode="numeric"
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
      </label>
      <button type="submit" className="btn cook-btn btn-go mt-4" disabled={!(minutes > 0)}>
        {t('cook.timerStart')}
      </button>
    </form>
  );
}

interface OtherwiseProps {
  readonly what: string;
  readonly minutes: number;
  readonly onTake: (minutes: number) => void;
}

/** What the dish itself says to do where it is not done yet, with one key. */
function OtherwiseButton({ what, minutes, onTake }: OtherwiseProps) {
  const t = useWords();
  return (
    <button
      type="button"
      data-key="o"
      className="btn cook-btn mb-4 w-full whitespace-normal"
      onClick={() => onTake(minutes)}
    >
      {t('cook.otherwise', { what, minutes: showMinutes(minutes) })}{' '}
      <kbd className="key-hint">o</kbd>
    </button>
  );
}
