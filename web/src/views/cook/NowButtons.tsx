import type { Call } from '@zemrin/core';
import { runBegun } from '../../store/runs.ts';
import { useAppDispatch } from '../../store/store.ts';
import { useWords } from '../../words/words.ts';
import type { Asking } from './CookDialog.tsx';
import { useCallWords } from './useCallWords.ts';
import type { RunOnPage } from './useRun.ts';

interface Props {
  readonly page: RunOnPage;
  readonly call: Call;
  /** It cannot be said yet. */
  readonly blocked: boolean;
  readonly onDone: () => void;
  readonly onAsk: (asking: Asking) => void;
}

/** The one word for what is to be done, and what else may be said of it. */
export function NowButtons({ page, call, blocked, onDone, onAsk }: Props) {
  const t = useWords();
  const word = call.kind === 'serve' ? 'cook.serve' : beginsLong(call) ? 'cook.begin' : 'cook.done';
  return (
    <div className="order-1 flex flex-wrap gap-3 md:order-3 md:col-span-2">
      <button
        type="button"
        className="btn cook-btn btn-go w-full md:w-auto"
        disabled={blocked}
        aria-keyshortcuts="Space"
        onClick={onDone}
      >
        {t(word)} <kbd className="key-hint">space</kbd>
      </button>
      {call.kind === 'end' && (
        <button
          type="button"
          data-key="n"
          className="btn cook-btn"
          onClick={() => onAsk({ kind: 'longer', call })}
        >
          {t('cook.notYet')} <kbd className="key-hint">n</kbd>
        </button>
      )}
      {call.kind !== 'serve' && (
        <button
          type="button"
          data-key="l"
          className="btn cook-btn"
          onClick={() => onAsk({ kind: 'late', call })}
        >
          {t('cook.late')} <kbd className="key-hint">l</kbd>
        </button>
      )}
      <button
        type="button"
        data-key="m"
        className="btn cook-btn"
        onClick={() => onAsk({ kind: 'note', call })}
      >
        {t('cook.note')} <kbd className="key-hint">m</kbd>
      </button>
      <button
        type="button"
        className="btn cook-btn"
        onClick={() => onAsk({ kind: 'happens', call })}
      >
        {t('cook.happens')}
      </button>
      <SkipAhead page={page} />
    </div>
  );
}

/** What takes longer than this at a stretch is begun first, and done later. */
const LONG_MIN = 8;

function beginsLong({ kind, step, handsMin }: Call): boolean {
  return kind === 'begin' && step !== undefined && handsMin >= LONG_MIN;
}

/** In a rehearsal nobody waits for the night to go by. */
function SkipAhead({ page }: { page: RunOnPage }) {
  const t = useWords();
  const words = useCallWords(page);
  const dispatch = useAppDispatch();
  const { run, rehearsal } = page.kept;
  const nextMin = Math.min(...page.calls.map(({ atMin }) => atMin));
  const aheadMin = nextMin - page.nowMin;
  if (!rehearsal || !(aheadMin >= SKIPPED_MIN)) return null;
  const aheadMs = (aheadMin * 60_000) / rehearsal.speed;
  const skip = () =>
    dispatch(runBegun({ run, rehearsal: { ...rehearsal, fromMs: rehearsal.fromMs - aheadMs } }));
  return (
    <button type="button" data-key="g" className="btn cook-btn" onClick={skip}>
      {t('cook.skipAhead', { at: words.at(nextMin) })} <kbd className="key-hint">g</kbd>
    </button>
  );
}

/** A wait shorter than this is practised too. */
const SKIPPED_MIN = 2;
