import { actOf, minutesOf, tendingIn, type Share } from './act.ts';
import { cueIn } from './cues.ts';
import { HEATS, type Context, type ReadAct } from './context.ts';
import { degreesIn, type Degree } from './degree.ts';
import { hasLooseNumber } from './loose-numbers.ts';
import { bareHeat, beginsWith, goingHotter, probedIn, shareOf, told } from './settle-clause.ts';
import { spansIn, type ReadDuration } from './span.ts';
import type { PlaceKind } from '../places/index.ts';
import { placeIn, saysSomething, verbsIn, type VerbWords, type VerbHit } from './verbs.ts';

/** What a sentence comes to: its steps, what it adds to the step before, or nothing understood. */
export interface ReadSentence {
  readonly acts: readonly ReadAct[];
  /** Something to be added to the last step. */
  readonly adds?: Partial<ReadAct> | undefined;
  readonly understood: boolean;
  /** A time or a heat in it that nothing took: to be shown as not understood. */
  readonly lost?: boolean | undefined;
}

const CLIMBS =
  /(?<!\p{L})(?:while|as|whilst|mientras) (?:the |you (?:heat|bring|raise) the |el )?(?:oven|horno)[^.;]{0,20}(?=\d{3})/iu;

const MEANWHILE =
  /^\s*(?:meanwhile|in the meantime|at the same time|while (?:the|it|they|that|your)|mientras|entretanto|a la vez)/iu;

const DAY_BEFORE =
  /(?:(?:the )?(?:night|nite|day|evening) before|a day ahead|one day ahead|la noche anterior|la v[ií]spera|el d[ií]a anterior|la noche antes|el d[ií]a antes)/iu;

const COLD: ReadonlySet<VerbWords> = new Set<VerbWords>(['chill', 'marinate', 'brine']);
/** From the evening to the morning. Common practice, no source. */
const OVERNIGHT = { leastMin: 480, likelyMin: 600, mostMin: 720, guessed: true };

const LOWERED =
  /(?<!\p{L})(?:(?:reduce|lower|turn down|knock|bring|take|drop|decrease|increase|raise|turn up|baja|bajar|reduce|reducir|sube|subir)[^.;]{0,40}(?:oven|heat|temperature|horno|temperatura)|turn (?:the )?(?:oven|heat|temperature|grill|smoker) (?:down|up)|turn (?:it|down|up) (?:down |up )?to \d{2}|(?:crank|raise|lower|drop|knock|reduce)(?: it)?(?: down| up| back)? to \d{3}|(?:crank|raise|bring|lower|drop)[^.;]{0,12}(?:oil|fat)[^.;]{0,16}\d{3}|(?:baj|sub|reduc)(?:a|e|ir|ar|amos|imos)(?:lo|la)? (?:a|hasta) \d{3})/iu;

/** What is done to a food that cooks by something else. */
const FINISHES: ReadonlySet<VerbWords> = new Set<VerbWords>(['glaze', 'reduce']);

const WET: ReadonlySet<VerbWords> = new Set<VerbWords>(['boil', 'simmer']);

const PLACES_TO_BE: ReadonlySet<string> = new Set(['oven', 'grill', 'smoker', 'fridge', 'freezer']);

const TENDS: Partial<Record<VerbWords, 'stir' | 'turn' | 'baste'>> = {
  stir: 'stir',
  turn: 'turn',
  baste: 'baste',
};

/** Reads one sentence of a method. */
export function readSentence(
  text: string,
  line: number,
  group: string | undefined,
  context: Context,
): ReadSentence {
  const place = placeIn(text);
  if (place === 'slow-cooker') context.slowCooker = true;
  const cue = CONDITION.test(text) ? undefined : cueIn(text, context);
  const allLengths = spansIn(text);
  const lengths = allLengths.filter((span) => !isMoment(text, span));
  // "45 minutes before you cook", "90 minutes ahead": how long coals burn, and how long a joint stands.
  const climbing = CLIMBS.exec(text);
  const all = degreesIn(text, context.fahrenheit);
  // "While the oven climbs to 250": that is not the heat of what is done meanwhile.
  const degrees = climbing ? all.filter(({ from }) => from < climbing.index) : all;
  const climbsTo = climbing && all.find(({ from }) => from >= climbing.index);
  const said = verbsIn(text, context.language);
  const spans = lengths.length === 0 && beginsWith(text, cue, said, degrees) ? allLengths : lengths;
  noteSoak(text, context);
  const lowered = LOWERED.test(text) ? degrees.find(({ sense }) => sense === 'place') : undefined;
  const hits = goingHotter(
    told(kept(said, spans, degrees, text), cue, spans, degrees, context),
    lowered,
    context,
  );
  if (hits.length === 0) {
    const probed = probedIn(place, degrees, context);
    if (probed) hits.push({ verb: probed, from: 0, to: 0 });
  }
  if (hits.length === 0) {
    const bare =
      place === undefined || place === 'oven' ? bareHeat(spans, degrees, context) : undefined;
    if (bare) hits.push({ verb: bare, from: 0, to: 0 });
  }
  if (STORY.test(text)) return { acts: [], understood: false };
  if (hits.length === 0) {
    if (lowered) context.ovenC = lowered.tempC;
    if (CONDITION.test(text)) return { acts: [], understood: false };
    const pan = isPan(text, place, spans, context);
    const more =
      said.length === 0 && !pan ? goingOn(text, line, group, spans, degrees, context) : undefined;
    if (more) return { acts: [more], understood: true };
    const goes = place !== undefined && PLACES_TO_BE.has(place) && spans.some(isLength);
    // "Then oven, 180, 20 min."
    // "Get a pan really hot, 2 mins one side".
    const inPan = pan || (place === 'hob' && HOT_PAN.test(text) && spans.some(isLength));
    const length = spans.some(isLength);
    const rising = context.dough && context.hot === undefined && COVERED_UP.test(text) && length;
    const slow = context.slowCooker && length && SETTING.test(text);
    if (!(goes || inPan || rising || slow) || said.length > 0)
      return alone(text, spans, degrees, context, said);
    hits.push({ verb: rising ? 'rise' : goes ? 'put' : pan ? 'sear' : 'cook', from: 0, to: 0 });
  }
  const shared = {
    line,
    group,
    meanwhile: MEANWHILE.test(text) || context.aside === line,
    dayBefore: DAY_BEFORE.test(text),
  };
  const acts: ReadAct[] = [];
  hits.forEach((hit, i) => {
    if (lowered && lowered.from < hit.from) context.ovenC = lowered.tempC;
    // "Roast 20 minutes, then lower the oven to 160" is not at 160 yet.
    const later = lowered && lowered.from > hit.from ? lowered : undefined;
    const share = {
      spans: shareOf(spans, hits, i),
      degrees: shareOf(degrees, hits, i).filter((one) => !later || one.from < later.from),
    };
    const made = actOf(text, hit, hits[i + 1], share, context);
    if (!made) return;
    const overnight = shared.dayBefore && COLD.has(made.verb) && made.likelyMin === undefined;
    const act = {
      ...shared,
      ...made,
      ...(overnight && OVERNIGHT),
      meanwhile: shared.meanwhile && acts.length === 0,
    };
    acts.push(act, ...againOf(text, act, share, context));
    if (act.verb === 'mix') context.mixed = true;
    const isSoak = act.verb === 'marinate' || act.verb === 'brine';
    if (isSoak && act.likelyMin !== undefined) context.soaked = true;
    context.aside = act.meanwhile ? line : undefined;
    if (
      HEATS.has(act.verb) &&
      !FINISHES.has(act.verb) &&
      !(act.meanwhile && context.hot) &&
      !(context.soakAhead && WET.has(act.verb))
    ) {
      context.hot = act;
    }
    if (act.place && act.verb !== 'prepare' && act.verb !== 'mix') context.place = act.place;
  });
  if (lowered) context.ovenC = lowered.tempC;
  if (climbsTo) context.ovenC = climbsTo.tempC;
  const whole = merged(acts);
  const lost =
    [...allLengths, ...degrees].some(
      (one) => !owned(one, whole, lowered) && !isSaidAgain(text, one),
    ) || hasLooseNumber(text, [...allLengths, ...degrees]);
  return { acts: whole, understood: true, lost };
}

/** Whether a step has taken a time or a heat, or the oven was set to it. */
function owned(
  { from, to }: { readonly from: number; readonly to: number },
  acts: readonly ReadAct[],
  lowered: Degree | undefined,
): boolean {
  if (lowered && lowered.from <= from && lowered.to >= to) return true;
  return acts.some(({ lit }) => lit.some(([a, b]) => a < to && b > from));
}

/** "240C/220C fan", "or on high for 5 hours": the same, for another oven or setting. */
function isSaidAgain(
  text: string,
  { from, to }: { readonly from: number; readonly to: number },
): boolean {
  const other = /^[°º\s]*[CF]?\s*(?:fan|convection|con ventilador|gas)(?!\p{L})/iu.test(
    text.slice(to),
  );
  const instead =
    /(?:\d\s*[°º]?\s*[CF]?\s*[/(,]\s*(?:fan|convection)\s*|(?<!\p{L})(?:or|o)(?: on)? (?:the )?(?:low|high|bajo|alto)[^.;]{0,20}|\d\s*[°º]?\s*[CF]?(?: fan)?\s*[/(]\s*)$/iu;
  return other || instead.test(text.slice(0, from));
}

/** "20 minutes at 200, then at 160 for an hour": the same again, longer or cooler. */
function againOf(text: string, act: ReadAct, share: Share, context: Context): ReadAct[] {
  const [first, second] = share.spans.filter(({ sense }) => sense === 'length');
  if (!first || !second || !HEATS.has(act.verb)) return [];
  const between = text.slice(first.to, second.from);
  if (!/(?:then|luego|despu[eé]s|followed by)/iu.test(between)) return [];
  const set = share.degrees
    .filter(({ sense }) => sense === 'place')
    .find(({ from }) => from > first.to);
  const tempC = set?.tempC ?? act.tempC;
  if (act.place === 'oven') context.ovenC = tempC;
  return [{ ...act, ...minutesOf(text, second, context), tempC, lit: [] }];
}

/** "Then a minute a side in a hot pan": out of the oven, and seared. */
function isPan(
  text: string,
  place: PlaceKind | undefined,
  spans: readonly ReadDuration[],
  { hot }: Context,
): boolean {
  const sides = spans.some(({ perSide }) => perSide);
  return sides && hot?.place !== 'hob' && (place === 'hob' || PAN.test(text));
}

const PAN = /(?<!\p{L})(?:pan|skillet|griddle|sart[eé]n|plancha)(?!\p{L})/iu;

/** "LOW 8–10 hrs". */
const SETTING = /^\s*(?:on )?(?:low|high)\b/iu;
/** "Cover with a damp cloth for an hour": a dough rises. */
const COVERED_UP = /^\s*(?:cover|tapa|cubre)/iu;
const HOT_PAN = /\b(?:hot|side|caliente|lado)s?\b/iu;
const isLength = ({ sense }: ReadDuration): boolean => sense === 'length';
/** "If it is tough…", "Keeps three days…": no step of this evening. */
const CONDITION =
  /^\s*(?:if|unless|should|(?:(?:it|they|this|these|leftovers|the \p{L}+) )?(?:will )?keeps?(?: for| in| well|\s+(?:\d|\p{L}+ days))|will keep|stores?|leftovers|si|se conserva|aguanta)\b/iu;

/** What somebody once did is no step. */
const STORY =
  /(?<!\p{L})(?:used to|when (?:i|we) (?:was|were)|i remember|years ago|my (?:uncle|aunt|gran\p{L}*|mother|father|mum|mom|dad) (?:always|never|would|used)|sol[ií]a|cuando (?:era|éramos)|recuerdo|mi (?:abuel[oa]|madre|padre|t[ií][oa]) (?:siempre|nunca|sol[ií]a|(?:\p{L}+ )?\p{L}+(?:aba|[ií]a)n?))(?!\p{L})/iu;

const RESTS = /\brest(?:s|ing)?\b(?! of)|\breposa/iu;

/** "Back on till 95, about 3 h", "cooler 2 h": what goes on, when the step before has said its own. */
function goingOn(
  text: string,
  line: number,
  group: string | undefined,
  spans: readonly ReadDuration[],
  degrees: readonly Degree[],
  context: Context,
): ReadAct | undefined {
  const { hot } = context;
  const length = spans.find(isLength);
  const core = degrees.find(({ sense }) => sense === 'core');
  const set = degrees.find(({ sense }) => sense === 'place');
  if (!hot || (!length && !core)) return undefined;
  const place = placeIn(text);
  const rests = place === 'box' || RESTS.test(text);
  const elsewhere = place !== undefined && place !== hot.place && PLACES_TO_BE.has(place);
  const timed = hot.likelyMin !== undefined || hot.mostMin !== undefined;
  const isNew = length ? timed : hot.untilC !== undefined;
  if (elsewhere || !(isNew || rests)) return undefined;
  const act: ReadAct = {
    verb: rests ? 'rest' : hot.verb,
    text,
    line,
    group,
    ...(length ? minutesOf(text, length, context) : {}),
    tempC: rests ? undefined : (set?.tempC ?? hot.tempC),
    untilC: core?.tempC,
    place: place === 'box' ? 'box' : rests ? 'board' : hot.place,
    meanwhile: false,
    dayBefore: false,
    lit: [...spans, ...degrees].map(({ from, to }) => [from, to] as const),
    guessed: true,
  };
  if (!rests) context.hot = act;
  return act;
}

/** "30 minutes before serving", "after an hour": a moment, and no length. */
function isMoment(text: string, { from, to }: ReadDuration): boolean {
  const rests =
    /(?:for|rest|stand|sit|cool|repos\p{L}*|descans\p{L}*|durante|it|them)(?: for)?(?: about)?\s*$/iu;
  if (rests.test(text.slice(0, from))) return false;
  const before =
    /(?:after(?: about)?|at the end of|for the (?:first|last)|(?:in|during) the (?:first|last)|pasad[oa]s?|despu[eé]s de|al cabo de|los [uú]ltimos|durante los [uú]ltimos|in about)\s*$/iu;
  const behind =
    /^\s*(?:before|prior|ahead|earlier|from the end|into|antes|apart|old|in advance|later)\b/iu;
  if (
    /(?:out of|from|de) (?:the |la |el )?(?:fridge|refrigerator|cold|nevera|frigor|refrig)|(?:^|[:;,]\s*)(?:take|get|bring) (?:it |them |(?:the )?\p{L}+ )?out\b|^\s*s[aá]ca/iu.test(
      text,
    )
  )
    return false;
  return before.test(text.slice(0, from)) || behind.test(text.slice(to));
}

/** What a text speaks of, a brine or a marinade, is what meat is then put into. */
export function noteSoak(text: string, context: Context): void {
  if (/(?<!\p{L})(?:brin(?:e|ed|ing)|salmuera)(?!\p{L})/iu.test(text)) context.soak = 'brine';
  else if (/marinad|marinat|marinar|adobo|macera|rub\b|dry rub/iu.test(text))
    context.soak = 'marinate';
}

/** Verbs that stand for a step: quick ones give way to what they lead to. */
function kept(
  said: readonly VerbHit[],
  spans: readonly ReadDuration[],
  degrees: readonly Degree[],
  text: string,
): VerbHit[] {
  const strong = said.filter((hit, i) => {
    const tends = TENDS[hit.verb];
    const own = shareOf(spans, said, i);
    if (hit.verb === 'put' || hit.verb === 'wait') {
      const behind = text.slice(hit.from, said[i + 1]?.from ?? text.length);
      const goes = placeIn(behind);
      return (
        (own.length > 0 || shareOf(degrees, said, i).length > 0) &&
        (goes !== undefined ||
          hit.verb === 'wait' ||
          /^(?:leave|keep)|otr[oa]s|another/iu.test(behind))
      );
    }
    // "stir every 20 minutes" is tending of what goes on.
    return !(tends && own.some(({ sense }) => sense === 'every'));
  });
  return strong.filter((hit, i) => !(hit.verb === 'prepare' && strong[i - 1]?.verb === 'prepare'));
}

/** A sentence without a step: it may add a time, a tending or a core to the step before. */
function alone(
  text: string,
  spans: readonly ReadDuration[],
  degrees: readonly Degree[],
  context: Context,
  said: readonly VerbHit[],
): ReadSentence {
  const every = spans.find(({ sense }) => sense === 'every');
  const core = degrees.find(({ sense }) => sense === 'core');
  const length = spans.find(({ sense }) => sense === 'length');
  if (every)
    return {
      acts: [],
      adds: { tendEveryMin: every.likelyMin, tendWhat: tendingIn(text) },
      understood: true,
      lost: length !== undefined,
    };
  // "Out when it reads 50, which is three and a half hours".
  if (core) {
    const lasts = length && context.hot?.likelyMin === undefined;
    const minutes = lasts ? minutesOf(text, length, context) : {};
    const adds = { untilC: core.tempC, ...minutes };
    return { acts: [], adds, understood: true, lost: length !== undefined && !lasts };
  }
  if (length && said.length === 0 && !saysSomething(text)) {
    return { acts: [], adds: minutesOf(text, length, context), understood: true };
  }
  const named = placeIn(text);
  if (named !== undefined && named !== 'slow-cooker') context.place = named;
  // A length of time that belongs to nothing is not understood, whatever else is.
  if (length) return { acts: [], understood: false };
  const set = degrees.find(({ sense }) => sense === 'place');
  if (set && !LOWERED.test(text)) {
    const fire = FIRES.test(text) ? 'fireC' : OVENS.test(text) ? 'ovenC' : undefined;
    if (fire === undefined) return { acts: [], understood: false };
    context[fire] = set.tempC;
    if (fire === 'fireC' && named === undefined) context.place = 'grill';
    return { acts: [], understood: true };
  }
  return { acts: [], understood: said.length > 0 || degrees.length > 0 || saysSomething(text) };
}

/** What is set to a heat in passing: "set up for indirect cooking at 180". */
const FIRES =
  /(?<!\p{L})(?:indirect|direct|coals?|charcoal|grill|barbecue|bbq|smoker|fire|brasas?|parrilla|barbacoa|ahumador)(?!\p{L})/iu;
const OVENS = /(?<!\p{L})(?:oven|horno|roasting (?:tin|tray|pan)|baking (?:sheet|tray))(?!\p{L})/iu;

/** The same verb twice in a sentence, only one of them with a time, is one step. */
function merged(acts: readonly ReadAct[]): ReadAct[] {
  return acts.reduce<ReadAct[]>((all, act) => {
    const last = all.at(-1);
    const bare = (one: ReadAct) =>
      one.leastMin === undefined && one.mostMin === undefined && one.untilC === undefined;
    if (!last || last.verb !== act.verb || !(bare(last) || bare(act))) return [...all, act];
    const full = bare(last) ? act : last;
    return [
      ...all.slice(0, -1),
      { ...full, tempC: act.tempC ?? last.tempC, lit: [...last.lit, ...act.lit] },
    ];
  }, []);
}
