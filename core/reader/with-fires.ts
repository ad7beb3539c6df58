import type { Step } from '../meal/index.ts';
import { FIRE_VERBS, type Verb } from '../terms/index.ts';
import { joining } from './step-gaps.ts';
import { stepOf, type About } from './step-of-act.ts';

const LIT: ReadonlySet<Verb> = new Set(['light', 'preheat']);
/** A fire of wood or coals, and no element over the shelf. */
const COALS =
  /(?<![a-zß-ɏ])(?:coals?|charcoal|embers?|barbecued?(?! sauce)|bbq(?! sauce)|brasas?|carb[oó]n|(?<!salsa )barbacoa)(?![a-zß-ɏ])/i;
/** It goes in cold. */
const FROM_COLD = /(?<![a-zß-ɏ])(?:cold oven|horno fr[ií]o)(?![a-zß-ɏ])/i;
const SAID = {
  oven: 'Heat the oven',
  smoker: 'Light the smoker',
  grill: 'Light the coals',
} as const;

/**
 * The steps of a recipe, and the fire lit before the first of them over it where nobody says so. Who
 * writes a recipe leaves that out; who cooks by the clock cannot.
 *
 * @param text of the whole recipe
 */
export function withFires(steps: readonly Step[], text: string, about: About): Step[] {
  return (['oven', 'smoker', 'grill'] as const).reduce<Step[]>(
    (all, kind) => {
      const first = all.findIndex(({ verb, place }) => place.kind === kind && FIRE_VERBS.has(verb));
      const over = all[first];
      const isSaid = all.some(({ verb, place }) => LIT.has(verb) && place.kind === kind);
      if (!over || isSaid || !isLit(kind, over, text)) return all;
      const made = lit(kind, over, about);
      return all.toSpliced(first, 1, made, { ...over, after: [...over.after, joining(made)] });
    },
    [...steps],
  );
}

function isLit(kind: keyof typeof SAID, { place }: Step, text: string): boolean {
  if (kind === 'oven') return place.tempC !== undefined && !FROM_COLD.test(text);
  return kind === 'smoker' || COALS.test(text);
}

/** What is lit is as hot as what it is lit for. */
function lit(kind: keyof typeof SAID, { place }: Step, about: About): Step {
  const verb = kind === 'oven' ? 'preheat' : 'light';
  const act = {
    verb,
    text: SAID[kind],
    line: -1,
    place: kind,
    meanwhile: false,
    dayBefore: false,
    lit: [],
    guessed: true,
  } as const;
  return { ...stepOf(act, about), place };
}
