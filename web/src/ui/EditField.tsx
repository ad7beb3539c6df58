import { useId, useState, type KeyboardEvent } from 'react';

interface EditFieldProps {
  readonly label: string;
  /** What is shown while nobody types. */
  readonly value: string;
  /** Takes what was typed; returns what is wrong with it, or nothing when it was taken. */
  readonly onCommit: (text: string) => string | undefined;
  /** Arrow up and down, as +1 and −1. */
  readonly onStep?: ((direction: 1 | -1) => void) | undefined;
  readonly className?: string | undefined;
  readonly hideLabel?: boolean | undefined;
  readonly editKey?: string | undefined;
  readonly inputMode?: 'decimal' | 'numeric' | 'text' | undefined;
}

/**
 * A field that shows a value as the cook reads it and takes it as the cook types it. Enter or
 * leaving takes it, Escape drops it, and what cannot be read stays with the reason beneath.
 */
export function EditField(props: EditFieldProps) {
  const { value, onCommit, onStep } = props;
  const id = useId();
  /** What has been typed and not taken yet. */
  const [draft, setDraft] = useState<string>();
  const [wrong, setWrong] = useState<string>();

  const drop = () => {
    setDraft(undefined);
    setWrong(undefined);
  };
  const commit = () => {
    const text = draft?.trim();
    if (text === undefined || text === value) return drop();
    const problem = onCommit(text);
    setWrong(problem);
    if (problem === undefined) setDraft(undefined);
  };
  const onKeyDown = (event: KeyboardEvent<HTMLInputElement>) => {
    if (event.key === 'Enter') {
      commit();
      event.currentTarget.select();
    }
    if (event.key === 'Escape') drop();
    if (onStep && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
      event.preventDefault();
      drop();
      onStep(event.key === 'ArrowUp' ? 1 : -1);
    }
  };
  return (
    <span className="flex min-w-0 flex-col">
      <label htmlFor={id} className={props.hideLabel ? 'sr-only' : 'text-sm text-muted'}>
        {props.label}
      </label>
      <input
        id={id}
        type="text"
        autoComplete="off"
        spellCheck={false}
        inputMode={props.inputMode ?? 'text'}
        data-key={props.editKey}
        value={draft ?? value}
        aria-invalid={wrong !== undefined}
        aria-describedby={wrong === undefined ? undefined : `${id}-wrong`}
        onFocus={(event) => event.currentTarget.select()}
        onChange={(event) => setDraft(event.target.value)}
        onBlur={commit}
        onKeyDown={onKeyDown}
        className={props.className ?? 'field'}
      />
      {wrong !== undefined && (
        <span id={`${id}-wrong`} role="alert" className="mt-1 text-sm text-clash">
          {wrong}
        </span>
      )}
    </span>
  );
}
