import type { Avoidable } from '@zemrin/core';
import { Tick } from '../ui/Tick.tsx';
import { useWords } from '../words/words.ts';

interface HoldsFieldProps {
  readonly holds: readonly Avoidable[];
  /** What is asked about. */
  readonly of: readonly Avoidable[];
  readonly onChange: (holds: Avoidable[]) => void;
}

/** What of all that eaters avoid is in it. */
export function HoldsField({ holds, of, onChange }: HoldsFieldProps) {
  const t = useWords();
  return (
    <fieldset className="sm:col-span-2">
      <legend className="font-semibold">{t('pantry.holds')}</legend>
      <div className="grid grid-cols-2 sm:grid-cols-3">
        {of.map((avoidable) => (
          <Tick
            key={avoidable}
            checked={holds.includes(avoidable)}
            onChange={(yes) =>
              onChange(yes ? [...holds, avoidable] : holds.filter((held) => held !== avoidable))
            }
          >
            {t(`avoid.${avoidable}`)}
          </Tick>
        ))}
      </div>
    </fieldset>
  );
}
