import { readWeight, showWeight, type UnitSystem } from '@zemrin/core';
import { useWords } from '../words/words.ts';
import { EditField } from './EditField.tsx';

interface WeightFieldProps {
  readonly label: string;
  readonly hideLabel?: boolean;
  readonly weightG: number;
  readonly units: UnitSystem;
  readonly editKey?: string;
  readonly className: string;
  /** A weight typed, or stepped by the arrow keys: then it is one gesture with its neighbours. */
  readonly onWeigh: (weightG: number, stepped: boolean) => void;
}

/** A weight as one reads it off a scale. Arrow up and down step it by 50 g, or 10 g below a kilo. */
export function WeightField(props: WeightFieldProps) {
  const t = useWords();
  const { weightG, onWeigh } = props;
  const step = weightG >= 1000 ? 50 : 10;
  return (
    <EditField
      label={props.label}
      hideLabel={props.hideLabel}
      value={showWeight(weightG, props.units)}
      editKey={props.editKey}
      className={props.className}
      onStep={(direction) => {
        const stepped = (Math.round(weightG / step) + direction) * step;
        onWeigh(Math.max(step, stepped), true);
      }}
      onCommit={(text) => {
        const read = readWeight(text);
        if (read === undefined || read <= 0) return t('app.badWeight', { text });
        onWeigh(read, false);
        return undefined;
      }}
    />
  );
}
