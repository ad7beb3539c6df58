import type { ReactNode } from 'react';

/** A box to tick, with a finger's room around it. */
export function Tick(props: {
  checked: boolean;
  onChange: (checked: boolean) => void;
  children: ReactNode;
}) {
  return (
    <label className="flex min-h-[44px] items-center gap-2">
      <input
        type="checkbox"
        className="h-5 w-5 shrink-0 accent-[var(--now)]"
        checked={props.checked}
        onChange={(event) => props.onChange(event.target.checked)}
      />
      <span>{props.children}</span>
    </label>
  );
}
