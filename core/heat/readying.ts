import { readyingRange, type Readying } from '../places/index.ts';
import type { Band } from './forecast.ts';

/** How long a fire or an oven takes until it is ready, in minutes. */
export function readyingMinutes(what: Readying): Band {
  const [least, most] = readyingRange(what);
  return { least, likely: (least + most) / 2, most };
}
