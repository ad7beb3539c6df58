import {
  mendCommands,
  mendMessage,
  sayStory,
  type Meal,
  type Mend,
  type Plan,
  type SafetyFinding,
  ruleTitle,
} from '@zemrin/core';
import { useId, useState, type FormEvent } from 'react';
import { useEdit } from '../store/useEdit.ts';
import { useManner } from '../store/manner.ts';
import { safety } from '../words/en/safety.ts';
import { learn, useWords } from '../words/words.ts';

learn(safety);

/** What has become of the food so far, in a line; nothing where it is about no food. */
export function Story({ meal, plan, finding }: Omit<StopCardProps, 'onChoose'>) {
  const { manner } = useManner(meal, plan);
  const story = sayStory(plan.stories, finding, manner);
  return story === '' ? null : <p className="mt-1 text-sm text-muted">{story}</p>;
}

interface StopCardProps {
  readonly meal: Meal;
  readonly plan: Plan;
  readonly finding: SafetyFinding;
  /** Leads to the step; left out where it is chosen already. */
  readonly onChoose?: (step: string) => void;
}

/** A rule the plan breaks: the sentence, what would mend it, or the cook's own words why not. */
export function StopCard({ meal, plan, finding, onChoose }: StopCardProps) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const { sayIt } = useManner(meal, plan);
  const { rule, step, overruled } = finding;
  const title = ruleTitle(rule);
  return (
    <section
      aria-label={title && sayIt(title)}
      className="mt-3 rounded-lg border-2 border-clash p-3 text-[15px]"
    >
      <p>
        {onChoose && step !== undefined ? (
          <button
            type="button"
            className="text-left underline decoration-dotted"
            onClick={() => onChoose(step)}
          >
            {sayIt(finding.message)}
          </button>
        ) : (
          sayIt(finding.message)
        )}{' '}
        <span className="text-muted">
          {t('safety.source', { source: sayIt({ key: finding.source }) })}
        </span>
      </p>
      <Story meal={meal} plan={plan} finding={finding} />
      {overruled === undefined ? (
        <>
          <Mends meal={meal} plan={plan} finding={finding} />
          <Anyway onWords={(words) => edit({ do: 'overrule', rule, at: step, words })} />
        </>
      ) : (
        <p className="mt-2">
          {t('safety.yours', { words: overruled })}{' '}
          <button
            type="button"
            className="underline print:hidden"
            onClick={() => edit({ do: 'overrule', rule, at: step, words: null })}
          >
            {t('safety.takeBack')}
          </button>
        </p>
      )}
    </section>
  );
}

/** What would mend it, each a button; the plan follows. */
export function Mends({ meal, plan, finding }: Omit<StopCardProps, 'onChoose'>) {
  const edit = useEdit(meal.id);
  const { sayIt } = useManner(meal, plan);
  const mend = (how: Mend) => {
    const gesture = `mend-${finding.rule}-${how.kind}`;
    const commands = mendCommands(meal, how, (key) => sayIt({ key }));
    for (const command of commands) edit(command, gesture);
  };
  return finding.mends.map((how, i) => (
    <button
      key={how.kind}
      type="button"
      className="btn mt-2 w-full whitespace-normal print:hidden"
      data-key={i === 0 ? 'm' : undefined}
      onClick={() => mend(how)}
    >
      {sayIt(mendMessage(how))}{' '}
      {i === 0 && (
        <span aria-hidden="true" className="key">
          m
        </span>
      )}
    </button>
  ));
}

/** A stop is overruled only in words, which stay with the meal. */
function Anyway({ onWords }: { onWords: (words: string) => void }) {
  const t = useWords();
  const id = useId();
  const [words, setWords] = useState('');
  const onSubmit = (event: FormEvent) => {
    event.preventDefault();
    if (words.trim() !== '') onWords(words.trim());
  };
  return (
    <details className="mt-2 print:hidden">
      <summary className="cursor-pointer py-1 text-sm">{t('safety.anyway')}</summary>
      <form onSubmit={onSubmit} className="mt-1 flex flex-wrap gap-2">
        <label htmlFor={id} className="sr-only">
          {t('safety.anyway')}
        </label>
        <input
          id={id}
          className="field min-w-0 grow"
          value={words}
          onChange={(event) => setWords(event.target.value)}
        />
        <button type="submit" className="btn" disabled={words.trim() === ''}>
          {t('safety.keepWords')}
        </button>
      </form>
    </details>
  );
}
