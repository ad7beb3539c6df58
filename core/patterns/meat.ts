import type { StepTime } from '../meal/index.ts';
import { CUTS, type MinuteSpan } from '../pantry/index.ts';
import { range, type Meat } from './parts.ts';

/** A cut as the food of a pattern: what an adult eats of it, or a share of that. */
export function meatOf(cut: string, share = 1): Meat {
  const found = CUTS.get(cut);
  if (!found) throw new RangeError(`no cut “${cut}”`);
  const { low, high } = found.rawPerAdultG;
  return { cut, name: found.name, rawG: Math.round((share * (low + high)) / 20) * 10 };
}

/** The minutes the pantry gives a cut, whose middle is likely. @throws RangeError where it gives none */
export function minutesOf(cut: string, of: 'boilMin' | 'steamMin'): StepTime {
  const span: MinuteSpan | undefined = CUTS.get(cut)?.[of];
  if (!span) throw new RangeError(`no ${of} of “${cut}”`);
  return range(span.least, Math.round((span.least + span.most) / 2), span.most);
}
