import { NIGHT_MIN } from '../figures/index.ts';
import type { Food, Step } from '../meal/index.ts';
import { CUTS } from '../pantry/index.ts';
import { FIRE_VERBS, type Verb } from '../terms/index.ts';
import type { ReadAct } from './context.ts';
import { componentsBeside } from './components-beside.ts';
import type { ReadRecipe } from './read.ts';
import { madeForSoak } from './made-for-soak.ts';
import { soaksOfActs } from './soaks.ts';
import { isListedSoak } from './soaked-in-list.ts';
import { mixturesUsedAgain } from './used-again.ts';
import { foodsOfActs, gathers, isOfSauce, OFF_FIRE } from './step-foods.ts';
import { besides, follows, isSoak, joining, joiningHot } from './step-gaps.ts';
import { PULSES, stepOf, type About } from './step-of-act.ts';
import { mixturesThatWait } from './waiting-mixtures.ts';
import { joinLast, lastNoun, takeNamed, type WaitingStep } from './waiting-steps.ts';

const AHEAD: ReadonlySet<Verb> = new Set(['preheat', 'light']);

/**
 * The steps of a recipe as a chain: one after the other; fires, sauces and what goes on meanwhile
 * beside it.
 */
export function stepsOf(recipe: ReadRecipe, about: About): Step[] {
  const steps: Step[] = [];
  let main: Step | undefined;
  /** The last step of a sauce that is made beside. */
  let side: Step | undefined;
  /** It waits for no meat, so only what it goes into says how soon it is wanted. */
  let isFree = false;
  /** The last step of each component that is made beside, by its name. */
  const components = new Map<string, Step>();
  let component: { readonly name: string; readonly line: number } | undefined;
  /** What waits for the step that names it. */
  const waiting: WaitingStep[] = [];
  let joins: Step[] = [];
  /** The food has been over a fire. */
  let isHot = false;
  const isPlant = about.foods.length > 0 && about.foods.every(isOfPlants);
  const foods = foodsOfActs(recipe, about.foods);
  const soaks = soaksOfActs(recipe.acts, about.mixtures);
  const { byAct: again, atTable } = mixturesUsedAgain(recipe, about.mixtures, soaks);
  const made = madeForSoak(recipe.acts, foods, soaks);
  const waiters = mixturesThatWait(recipe.acts, foods, about.mixtures);
  const beside = componentsBeside(recipe.acts, about.foods, recipe.ingredients);
  // Where there is no food, everything is done to the one mixture.
  const [only] = about.foods.length === 0 && about.mixtures.length === 1 ? about.mixtures : [];
  const joined = (step: Step) => {
    joins.push(step);
    steps.push(step);
  };
  recipe.acts.forEach((act, i) => {
    const worked = foods[i];
    const makes = made.get(i);
    const waits = waiters.get(i);
    const step = {
      ...stepOf(act, about, soaks.get(i), makes),
      ...(worked && { foods: [...worked] }),
      ...withMixtures(
        again.get(i) ??
          (makes === undefined ? undefined : [makes]) ??
          (only && !ALONE.has(act.verb) ? [only.id] : undefined) ??
          (waits === undefined ? undefined : [waits]),
      ),
    };
    const soaksLater = recipe.acts.slice(i + 1).some(({ verb }) => isSoak(verb));
    const ofLine = worked?.length === 0 && act.line === component?.line;
    const name = AHEAD.has(act.verb)
      ? undefined
      : (beside.get(i) ?? (ofLine ? component?.name : undefined));
    // Taken only by what goes on with it: an oven that is heated for beans does not want them yet.
    const named = () => takeNamed(waiting, act.text).map(joining);
    if (isListedSoak(act) && about.foods.length > 0) {
      steps.push(step);
      waiting.push({ step, word: lastNoun(act.text) });
    } else if (name !== undefined) {
      const before = components.get(name);
      joins = joins.filter((one) => one !== before);
      const made = { ...step, after: [...(before ? [follows(before, act)] : []), ...named()] };
      components.set(name, made);
      component = { name, line: act.line };
      // A dough is what is baked next; anything else is served beside.
      if (name === 'dough') joined(made);
      else steps.push(made);
    } else if (AHEAD.has(act.verb) || isAside(act) || (main && isOfPulses(act))) joined(step);
    else if (worked?.length === 0 && main && !soaksLater && isMadeBeside(act, main, side)) {
      isFree = side ? isFree : isOfItself(act);
      const after = side ? [follows(side, act)] : isFree ? [] : besides(main);
      joins = joins.filter((one) => one !== side);
      side = { ...step, after: [...after, ...named()] };
      joined(side);
    } else if (act.meanwhile && main && !endsMeanwhile(act, step, main, joins)) {
      // What was begun beside goes on beside.
      const before = joins.find((one) => sameFoods(one, step));
      joins = joins.filter((one) => one !== before);
      const after = before ? [follows(before, act)] : besides(main);
      joined({ ...step, after: [...after, ...named()] });
    } else {
      const gap = main && follows(main, act, side, { isHot, isPlant });
      main = {
        ...step,
        after: [
          ...(gap ? [gap] : []),
          ...joins.map((one) => (isFree && one === side ? joiningHot(one) : joining(one))),
          ...named(),
        ],
      };
      if (worked?.length !== 0 && FIRE_VERBS.has(act.verb)) isHot = true;
      [joins, side] = [[], undefined];
      steps.push(main);
    }
  });
  joinLast(steps, waiting, joining);
  if (atTable && main) {
    const text = recipe.lines[atTable.line]?.text ?? '';
    const act: ReadAct = { ...SERVED, text, line: atTable.line };
    const mixtures = withMixtures(atTable.mixtures);
    steps.push({ ...stepOf(act, about), after: [follows(main, act)], ...mixtures });
  }
  return steps;
}

/** What was done beside comes together here, or has: it is the dish itself again. */
function endsMeanwhile({ text }: ReadAct, step: Step, main: Step, joins: readonly Step[]): boolean {
  const { foods: all = [] } = step;
  const apart = joins.filter(({ foods = [] }) => foods.some((id) => all.includes(id)));
  const goesOn = sameFoods(main, step) || (main.foods ?? step.foods) === undefined;
  return gathers(text) || apart.length > 1 || (goesOn && !SAYS_MEANWHILE.test(text));
}

/** In a paragraph that said so once, not all that follows is done beside. */
const SAYS_MEANWHILE =
  /(?<![a-zß-ɏ])(?:meanwhile|in the meantime|at the same time|while|mientras|entretanto|a la vez)(?![a-zß-ɏ])/i;

function sameFoods(
  { foods: some = [] }: Step,
  { foods: others = [] }: Pick<Step, 'foods'>,
): boolean {
  return (
    some.length > 0 && some.length === others.length && some.every((id) => others.includes(id))
  );
}

/** Put on at the table. */
const SERVED = {
  verb: 'serve',
  place: 'table',
  meanwhile: false,
  dayBefore: false,
  lit: [],
  guessed: true,
} as const satisfies Omit<ReadAct, 'text' | 'line'>;

function isOfPlants({ cut }: Food): boolean {
  return (cut === undefined ? undefined : CUTS.get(cut))?.animal === 'none';
}

/** What is done to no food and no mixture. */
const ALONE: ReadonlySet<Verb> = new Set(['light', 'preheat', 'serve']);

function withMixtures(mixtures: readonly string[] | undefined): Pick<Step, 'mixtures'> {
  return mixtures ? { mixtures: [...mixtures] } : {};
}

/** A sauce: by its words, after another of its steps, or while the meat is off its fire. */
function isMadeBeside(act: ReadAct, main: Step, side: Step | undefined): boolean {
  // "Fry the lardons", while the chicken is still in its wine: it is not out for that.
  const stillSoaks = isSoak(main.verb) && FIRE_VERBS.has(act.verb);
  // "Whisk the tahini with lemon", while it roasts.
  const whileItCooks = act.verb === 'mix' && BY_ITSELF.has(main.verb);
  return (
    side !== undefined || OFF_FIRE.has(main.verb) || stillSoaks || whileItCooks || isOfSauce(act)
  );
}

/** What goes on while nobody stands beside it. */
const BY_ITSELF: ReadonlySet<Verb> = new Set(['roast', 'bake', 'braise', 'smoke']);

/** "For the sauce, warm the milk": nothing of the meat is in it, and it need not wait for any. */
function isOfItself(act: ReadAct): boolean {
  return isOfSauce(act) && !OF_MEAT.test(act.text);
}

const OF_MEAT =
  /(?<![a-zß-ɏ])(?:juices?|drippings?|cooking (?:liquid|liquor)|braising|fat|tin|tray|pan|skillet|pot|casserole|deglaz[a-zß-ɏ]*|meat|rest(?:s|ing)?|jugos?|fondo|desgl[a-zß-ɏ]*|bandeja|fuente|sart[eé]n|cazuela|olla|carne|repos[a-zß-ɏ]*)(?![a-zß-ɏ])/i;

/** Skewers or chips in water, while the meat waits its turn. */
function isAside({ verb, text }: ReadAct): boolean {
  return verb === 'soak' && ASIDE.test(text);
}

/** Beans soak beside whatever else is done. */
function isOfPulses({ verb, text, likelyMin }: ReadAct): boolean {
  return verb === 'soak' && PULSES.test(text) && (likelyMin ?? NIGHT_MIN.likely) >= NIGHT_MIN.least;
}

const ASIDE =
  /(?<![a-zß-ɏ])(?:skewers?|sticks?|(?:wood )?chips|planks?|brochetas|palillos|astillas)(?![a-zß-ɏ])/i;
