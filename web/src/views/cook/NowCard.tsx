import {
  amountsOfStep,
  cueOf,
  cueToBegin,
  deedsOf,
  isFirePlace,
  readyToServe,
  unmeasuredOf,
  showMinutes,
  type Call,
} from '@zemrin/core';
import { useLayoutEffect, useRef } from 'react';
import type { RunPlan } from '../../store/runs.ts';
import { useManner } from '../../store/manner.ts';
import { useWords } from '../../words/words.ts';
import type { Asking } from './CookDialog.tsx';
import { CueDrawing } from './cues/CueDrawing.tsx';
import { NowButtons } from './NowButtons.tsx';
import { useCallWords } from './useCallWords.ts';
import type { RunOnPage } from './useRun.ts';

interface Props {
  readonly page: RunOnPage;
  readonly plan: RunPlan;
  readonly onAsk: (asking: Asking) => void;
}

/** The one thing to do: what, to what, how much, until when, and how one sees that it is done. */
export function NowCard({ page, plan, onAsk }: Props) {
  const t = useWords();
  const { calls, nowMin, say, state } = page;
  const words = useCallWords(page);
  const [call] = calls;
  const served = call?.dishes?.map(({ id }) => id);
  const unmeasured = call?.kind === 'serve' ? unmeasuredOf(state, served) : [];
  const blocked =
    call?.kind === 'serve' &&
    (unmeasured.length > 0 || !readyToServe(state, plan.planned.plan, served));
  const go = () => {
    if (call && !blocked) say(deedsOf(call));
  };
  useSpace(go);
  if (!call) return null;
  const isNow = call.inHand === true || call.atMin <= nowMin + NEARLY_MIN;
  const ago = Math.floor(nowMin - call.atMin);
  return (
    <section
      aria-label={t('cook.now')}
      data-call={call.key}
      className="mt-4 rounded-xl bg-card p-4 text-card-ink md:p-6"
    >
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1 text-lg">
        <span
          className={`rounded-md px-2 py-0.5 font-semibold ${isNow ? 'bg-card-ink text-card' : 'border-2 border-card-ink'}`}
        >
          {isNow
            ? t(call.inHand || call.handsMin > 0 ? 'cook.hands' : 'cook.look')
            : t('cook.soon', { left: showMinutes(Math.ceil(call.atMin - nowMin)) })}
        </span>
        <span>{call.step?.dishName}</span>
        <span className="ml-auto text-right">
          {ago >= LATE_TOLD_MIN ? t('cook.dueAgo', { left: showMinutes(ago) }) : words.until(call)}
        </span>
      </div>
      <div className="mt-2 grid gap-x-5 gap-y-4 md:grid-cols-[minmax(0,1fr)_210px]">
        <div className="min-w-0 md:only:col-span-2">
          <h2 aria-live="polite" className="text-[clamp(30px,4.6vw,58px)] leading-[1.08]">
            {words.what(call)}
          </h2>
          <Amounts page={page} call={call} />
          {words.doneWhen(call) !== undefined && (
            <p className="mt-2 text-[clamp(17px,1.8vw,22px)]">{words.doneWhen(call)}</p>
          )}
          {blocked && (
            <p className="mt-2 text-lg font-semibold">
              {unmeasured.length > 0
                ? t('cook.confirm')
                : t('cook.serveNotYet', { what: words.goingOn() })}
            </p>
          )}
        </div>
        <Cue page={page} call={call} />
        <Minds page={page} call={call} />
        <NowButtons page={page} call={call} blocked={blocked} onDone={go} onAsk={onAsk} />
      </div>
    </section>
  );
}

/** It is due this soon: then it is now. */
const NEARLY_MIN = 0.5;
/** From so many minutes on it is said how long ago it was due. */
const LATE_TOLD_MIN = 2;
/**
 * The space bar says done, wherever the hand last was: but not while something is being typed, and
 * not on a button one has gone to with the tab key, which it presses as everywhere.
 */
function useSpace(go: () => void): void {
  const tabbed = useRef(false);
  // With the card itself: a word said the moment it is there is heard.
  useLayoutEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.code !== 'Space') {
        if (event.key === 'Tab') tabbed.current = true;
        else if (/^[a-z]$/.test(event.key)) tabbed.current = false;
        return;
      }
      const { target } = event;
      const on = target instanceof HTMLElement ? target : document.body;
      const meant = on.closest(tabbed.current ? `${TYPED_INTO}, ${PRESSED}` : TYPED_INTO);
      const busy = document.querySelector('[role="dialog"], [role="menu"]');
      if (event.repeat || meant || busy) return;
      event.preventDefault();
      go();
    };
    const onPointer = () => {
      tabbed.current = false;
    };
    window.addEventListener('keydown', onKey);
    window.addEventListener('pointerdown', onPointer);
    return () => {
      window.removeEventListener('keydown', onKey);
      window.removeEventListener('pointerdown', onPointer);
    };
  }, [go]);
}

const TYPED_INTO = 'input, textarea, select, [contenteditable]';
const PRESSED = 'button, a, summary';

function Amounts({ page, call }: { page: RunOnPage; call: Call }) {
  const { manner, sayIt } = useManner(page.meal);
  const words = useCallWords(page);
  if (!call.step || (call.kind !== 'begin' && !call.inHand)) return null;
  const { foods, lines } = amountsOfStep(page.meal, call.step.id);
  const { notes } = call.step;
  if (foods.length + lines.length + notes.length === 0) return null;
  return (
    <ul className="mt-2 flex flex-wrap gap-x-5 gap-y-1 text-[clamp(16px,1.6vw,20px)]">
      {foods.map((food) => (
        <li key={food.name}>{words.food(food, manner)}</li>
      ))}
      {lines.map((line, i) => (
        <li key={`${line.name} ${i}`}>{words.line(line, manner)}</li>
      ))}
      {notes.map((note, i) => (
        <li key={`${note.key} ${i}`} className="basis-full">
          {sayIt(note)}
        </li>
      ))}
    </ul>
  );
}

function Cue({ page, call }: { page: RunOnPage; call: Call }) {
  const { meal } = page;
  // What is begun by taking something else off is judged by that.
  const leaving = call.ends.find(({ place }) => isFirePlace(place.kind));
  const shown = (call.kind === 'begin' ? leaving : undefined) ?? call.step;
  const dish = meal.dishes.find(({ id }) => id === shown?.dish);
  const step = dish?.steps.find(({ id }) => id === shown?.id);
  const begins = call.kind === 'begin' && !leaving && step ? cueToBegin(step) : undefined;
  const cue = begins ?? (dish && step ? cueOf(meal, dish, step) : undefined);
  return cue ? <CueDrawing cue={cue} units={meal.kitchen.units} /> : null;
}

function Minds({ page, call }: { page: RunOnPage; call: Call }) {
  const { sayIt } = useManner(page.meal);
  const all = call.step?.cautions ?? [];
  // What a rule is broken by is said whenever the step is spoken of.
  const cautions = call.kind === 'begin' ? all : all.filter(({ broken }) => broken);
  if (cautions.length === 0) return null;
  return (
    <ul className="order-2 space-y-1 text-base md:col-span-2">
      {cautions.map((caution) => (
        <li
          key={caution.message.key}
          className={`border-l-4 pl-3 ${caution.broken ? 'border-clash font-semibold' : 'border-card-ink/40'}`}
        >
          {sayIt(caution.message)}{' '}
          <span className="opacity-75">{sayIt({ key: caution.source })}</span>
        </li>
      ))}
    </ul>
  );
}
