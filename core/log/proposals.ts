import type { Dish, Meal } from '../meal/index.ts';
import type { Run, RunEvent } from '../run/index.ts';
import type { Message } from '../words/index.ts';
import { factsOf, type RunFacts, type StepFact } from './facts.ts';
import { noteChange } from './note-change.ts';
import type { Change, Proposal } from './proposal.ts';
import { remarksIn } from './remarks.ts';
import { timesChange } from './time-change.ts';

/** A step that took so many times as long as reckoned, and so many minutes, is worth a word. */
const WORTH_TIMES = 1.2;
const WORTH_MIN = 8;
/** What happened once counts for two thirds of itself. Our own figure, no source. */
const ONCE = 2 / 3;

/**
 * What a run says should be otherwise when its dishes are planned again, as changes to a meal that
 * has them: the cook's words first, then what the run itself shows.
 *
 * @param meal the meal they are for; left out, the run's own
 */
export function proposalsOf(run: Run, meal: Meal = run.meal): Proposal[] {
  const facts = factsOf(run);
  const all = facts.state.events.flatMap((event) => [
    ...fromNote(facts, meal, event),
    ...fromTime(facts, meal, event),
  ]);
  // The cook's own word for a step stands for what its clock says.
  const said = new Set(all.filter(({ because }) => because.words).flatMap(stepsOf));
  return all.filter(
    (one) => one.because.words !== undefined || !stepsOf(one).some((step) => said.has(step)),
  );
}

const stepsOf = ({ commands }: Proposal): string[] =>
  commands.flatMap((command) => (command.do === 'setStepTime' ? [command.step] : []));

/** The dish of a meal that is the dish of a run: by its id, else by its name. */
function sameDish(meal: Meal, { id, name }: Dish): Dish | undefined {
  const named = (one: Dish) => one.name.trim().toLowerCase() === name.trim().toLowerCase();
  return meal.dishes.find((one) => one.id === id && named(one)) ?? meal.dishes.find(named);
}

function fromNote({ run, state }: RunFacts, meal: Meal, event: RunEvent): Proposal[] {
  if (event.did !== 'noted') return [];
  return remarksIn(event.text).flatMap((understood, i) => {
    const { words } = understood;
    const from = dishMeant(state.meal, event, event.text);
    const dish = from && sameDish(meal, from);
    if (!dish) return [];
    const step = dish.steps.find(({ id }) => id === event.step);
    const change = noteChange({ meal, dish, step, state }, understood);
    return change ? [proposal(run, event, dish, change, `${event.id}.${i}`, { words })] : [];
  });
}

/** The dish a note names; else the one it was said at; else the only one. */
function dishMeant(
  meal: Meal,
  event: Extract<RunEvent, { did: 'noted' }>,
  text: string,
): Dish | undefined {
  const said = wordsOf(text);
  const hits = meal.dishes
    .map((dish) => ({ dish, hits: [...namesOf(dish)].filter((name) => said.has(name)).length }))
    .filter(({ hits }) => hits > 0)
    .sort((a, b) => b.hits - a.hits);
  const at = meal.dishes.find(
    ({ id, steps }) => id === event.dish || steps.some((step) => step.id === event.step),
  );
  // What is said at a dish is about it, unless it names another by its own name.
  const [best] = hits;
  const named = best && hits[1]?.hits !== best.hits ? best.dish : undefined;
  return named ?? at ?? best?.dish ?? (meal.dishes.length === 1 ? meal.dishes[0] : undefined);
}

const PLAIN = new Set(['with', 'and', 'the', 'from', 'over', 'slow', 'fresh', 'whole', 'roast']);

/** Words of four letters and more, in the singular. */
function wordsOf(text: string): Set<string> {
  const words = text.toLowerCase().match(/\p{L}{4,}/gu) ?? [];
  return new Set(words.map((word) => word.replace(/([^s])s$/, '$1')).filter((w) => !PLAIN.has(w)));
}

/** The words a dish goes by: its name's, its foods', its mixtures'. */
function namesOf({ name, foods, mixtures }: Dish): Set<string> {
  const texts = [name, ...foods.map((one) => one.name), ...mixtures.map((one) => one.name)];
  return wordsOf(texts.join(' '));
}

/** A step that took much longer, or was over much sooner, than it was reckoned. */
function fromTime({ run, steps }: RunFacts, meal: Meal, event: RunEvent): Proposal[] {
  if (event.did !== 'done') return [];
  const fact = steps.find(({ step }) => step.id === event.step);
  if (!fact || fact.interrupted || !isWorth(fact)) return [];
  const dish = sameDish(meal, fact.dish);
  const step = dish?.steps.find(({ id }) => id === event.step);
  if (!dish || !step) return [];
  const times = Math.exp(ONCE * Math.log(fact.tookMin / fact.reckoned.likelyMin));
  const change = timesChange(meal, dish, step, times);
  const told: Message = {
    key: 'proposal.took',
    values: {
      label: step.label,
      took: { minutes: Math.round(fact.tookMin) },
      reckoned: { minutes: fact.reckoned.likelyMin },
    },
  };
  return change ? [proposal(run, event, dish, change, event.id, { told })] : [];
}

/** Outside of what the plan reckoned with, and by enough to be noticed. */
function isWorth({ tookMin, reckoned }: StepFact): boolean {
  const { leastMin, likelyMin, mostMin } = reckoned;
  const off = Math.max(tookMin / likelyMin, likelyMin / tookMin);
  const outside = tookMin > mostMin || tookMin < leastMin;
  return outside && off >= WORTH_TIMES && Math.abs(tookMin - likelyMin) >= WORTH_MIN;
}

function proposal(
  run: Run,
  { id: event, atMin }: RunEvent,
  dish: Dish,
  { change, commands }: Change,
  id: string,
  why: Pick<Proposal['because'], 'words' | 'told'>,
): Proposal {
  return {
    id: `${run.id} ${id}`,
    dish: dish.id,
    dishName: dish.name,
    change,
    commands,
    because: { run: run.id, event, atMin, ...why },
  };
}
