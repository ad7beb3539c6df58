interface ChoiceProps<Value extends string> {
  readonly label: string;
  readonly value: Value;
  readonly options: ReadonlyArray<readonly [Value, string]>;
  readonly onChoose: (value: Value) => void;
  readonly hideLabel?: boolean;
  readonly className?: string;
}

/** One of a few, by name. */
export function Choice<Value extends string>(props: ChoiceProps<Value>) {
  return (
    <label className="grid min-w-0 content-start text-sm">
      <span className={props.hideLabel ? 'sr-only' : 'text-muted'}>{props.label}</span>
      <select
        className={props.className ?? 'field w-full'}
        value={props.value}
        onChange={(event) => {
          const chosen = props.options.find(([value]) => value === event.target.value);
          if (chosen) props.onChoose(chosen[0]);
        }}
      >
        {props.options.map(([value, words]) => (
          <option key={value} value={value}>
            {words}
          </option>
        ))}
      </select>
    </label>
  );
}
