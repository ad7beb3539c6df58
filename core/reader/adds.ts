import { roundsMin } from './settle-act.ts';
import { minutesOf, tendingIn } from './act.ts';
import { WET, type Context } from './context.ts';
import type { Degree } from './degree.ts';
import { hasLooseNumber } from './loose-numbers.ts';
import { LOWERED } from './lowered.ts';
import type { ReadSentence } from './seen.ts';
import type { ReadDuration } from './span.ts';
import { placeIn, saysSomething, type VerbHit } from './verbs.ts';

const isSet = ({ sense }: Degree): boolean => sense === 'place';

/** What a clause without a step has in it. */
interface Clause {
  readonly text: string;
  readonly said: readonly VerbHit[];
  readonly allLengths: readonly ReadDuration[];
  /** Those that are no moments. */
  readonly spans: readonly ReadDuration[];
  readonly degrees: readonly Degree[];
}

/** A sentence without a step: it may add a time, a tending or a core to the step before. */
export function alone(
  { text, spans, allLengths, degrees, said }: Clause,
  context: Context,
): ReadSentence {
  const every = spans.find(({ sense }) => sense === 'every');
  const core = degrees.find(({ sense }) => sense === 'core');
  const untimed = context.hot !== undefined && context.hot.likelyMin === undefined;
  // "Bring to a simmer; from then on 20 minutes per 500 g".
  const byWeight = (sense: string) => untimed && sense === 'perKg';
  const length = spans.find(({ sense }) => sense === 'length' || byWeight(sense));
  if (every) {
    // What is sprayed over a fire is not what lies in a brine.
    if (OVER_FIRE.test(text) && context.hot === undefined)
      return { acts: [], understood: false, left: 1 };
    const lasts = length && untimed;
    const inAll = roundsMin(text, every.likelyMin);
    return {
      acts: [],
      adds: {
        tendEveryMin: every.likelyMin,
        tendWhat: tendingIn(text),
        ...(inAll !== undefined && { leastMin: inAll, likelyMin: inAll, mostMin: inAll }),
        ...(lasts && minutesOf(text, length, context)),
      },
      understood: true,
      // A heat beside it has nobody's step.
      left: (lasts || length === undefined ? 0 : 1) + degrees.filter(isSet).length,
    };
  }
  // "Out when it reads 50, which is three and a half hours".
  if (core) {
    const lasts = length && untimed;
    const minutes = lasts ? minutesOf(text, length, context) : {};
    const adds = { untilC: core.tempC, ...minutes };
    return { acts: [], adds, understood: true, left: length !== undefined && !lasts ? 1 : 0 };
  }
  const goesIn = untimed && GOES_IN_FOR.test(text);
  if (length && said.length === 0 && (goesIn || !saysSomething(text))) {
    return { acts: [], adds: minutesOf(text, length, context), understood: true, left: 0 };
  }
  const fat = FAT_GETS_HOT.test(text);
  // What boils is in another pot.
  if (fat && context.hot && WET.has(context.hot.verb)) context.hot = undefined;
  const named = placeIn(text) ?? (fat ? 'hob' : undefined);
  if (named !== undefined && named !== 'slow-cooker') context.place = named;
  // A length of time that belongs to nothing is not understood, whatever else is.
  if (length) return { acts: [], understood: false, left: 1 };
  const set = degrees.find(({ sense }) => sense === 'place');
  if (set && !LOWERED.test(text)) {
    const fire = OILS.test(text)
      ? 'oilC'
      : FIRES.test(text)
        ? 'fireC'
        : OVENS.test(text)
          ? 'ovenC'
          : undefined;
    if (fire === undefined) return { acts: [], understood: false, left: 1 };
    context[fire] = set.tempC;
    // What went on before is elsewhere.
    if (fire === 'fireC' && context.hot?.place === 'hob') context.hot = undefined;
    if (fire === 'fireC' && named === undefined)
      context.place = SMOKERS.test(text) ? 'smoker' : 'grill';
    return { acts: [], understood: true, left: 0 };
  }
  return {
    acts: [],
    // A moment that nothing took is shown.
    left: allLengths.length + (hasLooseNumber(text, allLengths) ? 1 : 0),
    understood: said.length > 0 || degrees.length > 0 || saysSomething(text) || GOES_IN.test(text),
  };
}

/** "Lower in the eggs for an hour", of a bath that is on. */
const GOES_IN_FOR = /^\s*(?:lower|drop|slide|slip|add|tip) (?:in|the|it|them)(?![a-zß-ɏ])/i;
/** "Everything into the slow cooker". */
const GOES_IN =
  /^\s*(?:everything|all of it|the lot|todo)(?: else)? (?:goes |va )?(?:in|into|to|a|al|en)(?![a-zß-ɏ])/i;

const OVER_FIRE = /(?<![a-zß-ɏ])(?:spritz|spray|mop|bast)/i;

/** "Warm the oil in a casserole": what comes into it fries. */
const FAT_GETS_HOT =
  /^\s*(?:(?:for|in) (?:the|an?|another) [^.;,:]{0,20}[,:]? )?(?:heat|warm|melt|calienta|calentar|derrite|derretir)(?![a-zß-ɏ])(?![^.;]*(?:oven|roasting|baking|tray|horno|bandeja))[^.;]{0,40}(?<![a-zß-ɏ])(?:oil|butter|fat|lard|ghee|dripping|aceite|mantequilla|manteca)(?![a-zß-ɏ])/i;

/** What is set to a heat in passing: "set up for indirect cooking at 180". */
const FIRES =
  /(?<![a-zß-ɏ])(?:indirect|direct|coals?|charcoal|grill|barbecue|bbq|smoker|pit|fire|brasas?|parrilla|barbacoa|ahumador)(?![a-zß-ɏ])/i;
const SMOKERS = /(?<![a-zß-ɏ])(?:smoker|pit|ahumador)(?![a-zß-ɏ])/i;
const OILS = /(?<![a-zß-ɏ])(?:oil|fat|lard|dripping|fryer|aceite|manteca|freidora)(?![a-zß-ɏ])/i;
const OVENS =
  /(?<![a-zß-ɏ])(?:oven|horno|roasting (?:tin|tray|pan)|baking (?:sheet|tray))(?![a-zß-ɏ])/i;
