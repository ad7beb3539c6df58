import { useRef, type ReactNode } from 'react';

/** A button that asks for a file and hands over its text. */
export function FileButton(props: {
  label: string;
  accept: string;
  onText: (text: string) => void;
  className?: string;
  children?: ReactNode;
}) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <button
        type="button"
        className={props.className ?? 'btn'}
        onClick={() => input.current?.click()}
      >
        {props.children}
        {props.label}
      </button>
      <input
        ref={input}
        type="file"
        accept={props.accept}
        className="sr-only"
        tabIndex={-1}
        aria-label={props.label}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) void file.text().then(props.onText);
        }}
      />
    </>
  );
}
