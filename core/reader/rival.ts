import type { PlaceKind } from '../places/index.ts';
import type { Verb } from '../terms/index.ts';
import type { ReadAct } from './context.ts';

interface Rival {
  readonly verb: Verb;
  /** Where that is done, if it is elsewhere. */
  readonly place?: PlaceKind;
}

/** What a step whose verb was guessed is most likely, if it is not that. Our own judgement. */
const RIVALS: Partial<Record<Verb, Rival>> = {
  fry: { verb: 'simmer' },
  sear: { verb: 'fry' },
  brown: { verb: 'fry' },
  simmer: { verb: 'fry' },
  boil: { verb: 'simmer' },
  reduce: { verb: 'simmer' },
  roast: { verb: 'braise' },
  braise: { verb: 'roast' },
  bake: { verb: 'roast' },
  grill: { verb: 'roast', place: 'oven' },
  smoke: { verb: 'roast' },
  rise: { verb: 'rest', place: 'board' },
  rest: { verb: 'marinate', place: 'fridge' },
  hold: { verb: 'rest', place: 'board' },
  chill: { verb: 'marinate' },
  marinate: { verb: 'chill' },
  soak: { verb: 'marinate' },
  temper: { verb: 'rest', place: 'board' },
};

/** The step as it may be meant as well; undefined where its verb was no guess. */
export function rivalOf(act: ReadAct): ReadAct | undefined {
  const rival = act.guessed ? RIVALS[act.verb] : undefined;
  if (!rival) return undefined;
  return { ...act, verb: rival.verb, place: rival.place ?? act.place };
}
