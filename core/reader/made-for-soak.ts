import type { Verb } from '../terms/index.ts';
import type { ReadAct } from './context.ts';

/** What is done to a brine or a marinade before food lies in it. */
const MAKES: ReadonlySet<Verb> = new Set([
  'boil',
  'simmer',
  'mix',
  'cool',
  'chill',
  'stir',
  'rest',
]);

/**
 * "Bring the water and salt to the boil, cool": the mixture each act makes ready before its soak, by
 * the index of the act.
 *
 * @param foods the foods of each act; none where it is done to no food
 * @param soaks which mixture food lies in at an act
 */
export function madeForSoak(
  acts: readonly ReadAct[],
  foods: ReadonlyArray<readonly string[] | undefined>,
  soaks: ReadonlyMap<number, string>,
): ReadonlyMap<number, string> {
  const found = new Map<number, string>();
  const heats = acts.findIndex(({ verb }, i) => HEATS.has(verb) && foods[i]?.length === 0);
  if (heats === -1) return found;
  const [at, mixture] = [...soaks].find(([soak]) => soak > heats) ?? [];
  if (at === undefined || mixture === undefined) return found;
  for (let i = 0; i < at; i += 1) {
    const act = acts[i];
    if (act && MAKES.has(act.verb) && foods[i]?.length === 0) found.set(i, mixture);
  }
  return found;
}

const HEATS: ReadonlySet<Verb> = new Set(['boil', 'simmer']);
