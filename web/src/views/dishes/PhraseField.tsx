import { readPhrase, type Dish, type Kitchen, type ReadPhrase, type Step } from '@zemrin/core';
import { useId, useState } from 'react';
import { useWords } from '../../words/words.ts';
import { saidPhrase } from './saidTime.ts';

/** A time as one says it; what is understood of it is shown while it is typed. */
export function PhraseField(props: {
  label: string;
  value: string;
  dish: Dish;
  kitchen: Kitchen;
  step: Step;
  onRead: (phrase: ReadPhrase) => void;
}) {
  const { label, value, dish, kitchen, step, onRead } = props;
  const t = useWords();
  const id = useId();
  const [draft, setDraft] = useState<string>();
  const [wrong, setWrong] = useState(false);
  const phrase = draft === undefined ? undefined : readPhrase(draft, dish.foods, step.verb);
  const said = phrase && saidPhrase(phrase, dish, kitchen, t);
  const commit = () => {
    if (draft === undefined || draft.trim() === value || draft.trim() === '') return drop();
    if (!phrase || said === '') {
      setWrong(true);
      return;
    }
    drop();
    onRead(phrase);
  };
  const drop = () => {
    setDraft(undefined);
    setWrong(false);
  };
  return (
    <span className="flex min-w-0 grow flex-col">
      <label htmlFor={id} className="sr-only">
        {label}
      </label>
      <input
        id={id}
        type="text"
        autoComplete="off"
        spellCheck={false}
        value={draft ?? value}
        aria-invalid={wrong}
        aria-describedby={draft === undefined ? undefined : `${id}-said`}
        className="min-h-[34px] w-full min-w-0 rounded-lg border border-transparent bg-transparent px-1.5 hover:border-line focus:border-muted focus:bg-panel"
        onFocus={(event) => event.currentTarget.select()}
        onChange={(event) => {
          setDraft(event.target.value);
          setWrong(false);
        }}
        onBlur={commit}
        onKeyDown={(event) => {
          if (event.key === 'Enter') commit();
          if (event.key === 'Escape') drop();
        }}
      />
      {draft !== undefined && (
        <span
          id={`${id}-said`}
          role="status"
          className={`px-1.5 text-sm ${wrong ? 'text-clash' : 'text-muted'}`}
        >
          {wrong
            ? t('dishes.notUnderstood', { text: draft })
            : said !== '' && t('dishes.understood', { what: said ?? '' })}
        </span>
      )}
    </span>
  );
}
