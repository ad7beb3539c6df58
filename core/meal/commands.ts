import type { OwnCut, OwnIngredient, OwnPantry } from '../pantry/index.ts';
import { inBatches, type BatchCommand } from './batch-commands.ts';
import { withoutSteps } from './chain.ts';
import { mapId } from './ids.ts';
import { applyPractices } from './apply-practices.ts';
import { settleParts } from './take-part.ts';
import { groupsOf, seatsOf, type Seat } from './seats.ts';
import type { Dish, Kitchen, Meal, Step, StepTime } from './schema.ts';
import { withWash } from './wash-up.ts';
import { PRACTICES, type PracticeName, type SomePractices } from './practices.ts';

/** Everything a cook can do to a meal. Each is a value, so that it can be stored, undone and named. */
export type Command =
  | { do: 'rename'; title: string }
  | { do: 'serveAt'; at: string }
  | { do: 'changeSeat'; seat: number; to: Seat }
  | { do: 'addSeat'; seat: Seat }
  | { do: 'removeSeat'; seat: number }
  | { do: 'setStepTime'; step: string; time: StepTime }
  | {
      do: 'editStep';
      step: string;
      change: Partial<
        Pick<
          Step,
          'label' | 'verb' | 'place' | 'hands' | 'after' | 'vessel' | 'doneWhen' | 'washes'
        >
      >;
    }
  | { do: 'pinStep'; step: string; beforeServeMin: number | null }
  | { do: 'beginStep'; step: string; at: string | null }
  | { do: 'addStepAfter'; step: string; new: Step }
  | { do: 'addStepBefore'; step: string; new: Step }
  | { do: 'removeStep'; step: string }
  | { do: 'keepInHand'; factor: number }
  | { do: 'haveAtHome'; item: string; there: boolean }
  | { do: 'putDish'; dish: Dish; own: readonly OwnIngredient[]; cuts?: readonly OwnCut[] }
  | { do: 'replaceDish'; dish: string; with: Dish }
  | { do: 'overrule'; rule: string; at: string | undefined; words: string | null }
  /** A proposal of an earlier run was taken or left: it is not made again. */
  | { do: 'answerProposal'; proposal: string }
  | { do: 'setHours'; hours: Kitchen['hours'] }
  | { do: 'setKitchen'; kitchen: Kitchen }
  | { do: 'setUnits'; change: Partial<Pick<Kitchen, 'units' | 'spoons' | 'clock'>> }
  | { do: 'setMeasures'; measures: Kitchen['measures'] }
  | { do: 'setHelpers'; helpers: NonNullable<Kitchen['helpers']> }
  | { do: 'setAppliances'; appliances: Kitchen['appliances'] }
  | { do: 'setVessels'; vessels: Kitchen['vessels'] }
  | { do: 'setSchool'; school: PracticeName; to: string | null; dish?: string }
  | { do: 'ownIngredient'; ingredient: OwnIngredient }
  | { do: 'ownCut'; cut: OwnCut }
  | { do: 'renameDish'; dish: string; name: string }
  /** A first serving: so long before the rest; null for with the rest. */
  | { do: 'serveDishBefore'; dish: string; minutes: number | null }
  | { do: 'removeDish'; dish: string }
  | BatchCommand;

/** The meal after a command. The meal given is left as it was. Unknown ids change nothing. */
export function applyCommand(meal: Meal, command: Command): Meal {
  return settleParts(changedBy(meal, command));
}

function changedBy(meal: Meal, command: Command): Meal {
  switch (command.do) {
    case 'rename':
      return { ...meal, title: command.title };
    case 'serveAt':
      return { ...meal, serving: { ...meal.serving, at: command.at } };
    case 'changeSeat':
      return withSeats(meal, seatsOf(meal.eaters).with(command.seat, command.to));
    case 'addSeat':
      return withSeats(meal, [...seatsOf(meal.eaters), command.seat]);
    case 'removeSeat':
      return withSeats(meal, seatsOf(meal.eaters).toSpliced(command.seat, 1));
    case 'keepInHand':
      return { ...meal, inHand: command.factor };
    case 'haveAtHome': {
      const others = (meal.atHome ?? []).filter((id) => id !== command.item);
      return { ...meal, atHome: command.there ? [...others, command.item] : others };
    }
    case 'answerProposal':
      return { ...meal, answered: [...new Set([...(meal.answered ?? []), command.proposal])] };
    case 'putDish':
      return applyPractices(putDish(meal, command));
    case 'overrule':
      return overrule(meal, command);
    case 'setHours':
      return { ...meal, kitchen: { ...meal.kitchen, hours: command.hours } };
    case 'setKitchen':
      return applyPractices(
        setVessels({ ...meal, kitchen: command.kitchen }, command.kitchen.vessels),
      );
    case 'setUnits':
      return { ...meal, kitchen: { ...meal.kitchen, ...command.change } };
    case 'removeDish':
      return removeDish(meal, command.dish);
    case 'setMeasures':
      return command.measures.length === 0
        ? meal
        : { ...meal, kitchen: { ...meal.kitchen, measures: command.measures } };
    case 'setHelpers':
      return { ...meal, kitchen: { ...meal.kitchen, helpers: command.helpers } };
    case 'setAppliances':
      return { ...meal, kitchen: { ...meal.kitchen, appliances: command.appliances } };
    case 'setVessels':
      return setVessels(meal, command.vessels);
    case 'setSchool':
      return applyPractices(setSchool(meal, command));
    case 'ownIngredient':
    case 'ownCut':
      return { ...meal, pantry: withOwn(meal.pantry, command) };
    default:
      return { ...meal, dishes: meal.dishes.map((dish) => inDish(meal, dish, command)) };
  }
}

type DishCommand = Extract<Command, { dish: string } | { step: string }>;

function inDish(meal: Meal, dish: Dish, command: Exclude<DishCommand, { do: 'removeDish' }>): Dish {
  if ('dish' in command && command.dish !== dish.id) return dish;
  switch (command.do) {
    case 'replaceDish':
      return { ...command.with, id: dish.id };
    case 'serveDishBefore': {
      const { servedBeforeMin: _old, ...rest } = dish;
      return command.minutes === null ? rest : { ...rest, servedBeforeMin: command.minutes };
    }
    case 'renameDish':
      return { ...dish, name: command.name };
    case 'setStepTime':
      return inStep(dish, command.step, (step) => ({ ...step, time: command.time }));
    case 'editStep':
      return inStep(dish, command.step, (step) => ({ ...step, ...command.change }));
    case 'pinStep':
      return inStep(dish, command.step, ({ pinnedBeforeServeMin: _old, ...step }) =>
        command.beforeServeMin === null
          ? step
          : { ...step, pinnedBeforeServeMin: command.beforeServeMin },
      );
    case 'beginStep':
      return inStep(dish, command.step, ({ begunAt: _old, ...step }) =>
        command.at === null ? step : { ...step, begunAt: command.at },
      );
    case 'addStepAfter':
      return withWash(meal, addStepAfter(dish, command.step, command.new), command.new.id);
    case 'addStepBefore':
      return addStepBefore(dish, command.step, command.new);
    case 'removeStep':
      return { ...dish, steps: withoutSteps(dish.steps, new Set([command.step])) };
    default:
      return inBatches(meal, dish, command);
  }
}

/** The new step goes between the step and all it followed. */
function addStepBefore(dish: Dish, id: string, step: Step): Dish {
  return {
    ...dish,
    steps: dish.steps.flatMap((later) =>
      later.id === id
        ? [
            { ...step, after: later.after },
            { ...later, after: [{ step: step.id, from: 'end' as const, leastMin: 0 }] },
          ]
        : [later],
    ),
  };
}

/**
 * The new step goes between the step and all that followed its end: at once after it, unless it
 * says itself how long it may wait.
 */
function addStepAfter(dish: Dish, id: string, step: Step): Dish {
  if (!dish.steps.some((earlier) => earlier.id === id)) return dish;
  const steps = dish.steps.flatMap((earlier) => {
    const moved = {
      ...earlier,
      after: earlier.after.map((gap) =>
        gap.step === id && gap.from === 'end' ? { ...gap, step: step.id } : gap,
      ),
    };
    const own = step.after.find((gap) => gap.step === id);
    const inserted = {
      ...step,
      after: [own ?? { step: id, from: 'end' as const, leastMin: 0, mostMin: 0 }],
    };
    return earlier.id === id ? [earlier, inserted] : [moved];
  });
  return { ...dish, steps };
}

/** A rule overruled in words, or kept again. */
function overrule(meal: Meal, command: Extract<Command, { do: 'overrule' }>): Meal {
  const { rule, at, words } = command;
  const others = (meal.overruled ?? []).filter((one) => one.rule !== rule || one.step !== at);
  if (words === null) return { ...meal, overruled: others };
  const said = { rule, words, ...(at !== undefined && { step: at }) };
  return { ...meal, overruled: [...others, said] };
}

/** Somebody eats: the last place is never taken away. */
function withSeats(meal: Meal, seats: readonly Seat[]): Meal {
  return seats.length === 0 ? meal : { ...meal, eaters: groupsOf(seats) };
}

function removeDish(meal: Meal, id: string): Meal {
  const gone = new Set(
    meal.dishes.filter((dish) => dish.id === id).flatMap((dish) => dish.steps.map((s) => s.id)),
  );
  const dishes = meal.dishes
    .filter((dish) => dish.id !== id)
    .map((dish) => ({ ...dish, steps: withoutSteps(dish.steps, gone) }));
  return { ...meal, dishes };
}

function inStep(dish: Dish, id: string, change: (step: Step) => Step): Dish {
  return { ...dish, steps: mapId(dish.steps, id, change) };
}

/** A mixture keeps no vessel that is gone. */
function setVessels(meal: Meal, vessels: Kitchen['vessels']): Meal {
  const kept = new Set(vessels.map((vessel) => vessel.id));
  const dishes = meal.dishes.map((dish) => ({
    ...dish,
    mixtures: dish.mixtures.map(({ vessel, ...mixture }) =>
      vessel === undefined || !kept.has(vessel) ? mixture : { ...mixture, vessel },
    ),
  }));
  return { ...meal, kitchen: { ...meal.kitchen, vessels }, dishes };
}

/** An answer for the kitchen or for one dish; null takes it back. Unknown answers change nothing. */
function setSchool(meal: Meal, command: Extract<Command, { do: 'setSchool' }>): Meal {
  const { school, to, dish: id } = command;
  const answers: readonly string[] = PRACTICES[school];
  if (to !== null && !answers.includes(to)) return meal;
  const answered = (schools: SomePractices | undefined): SomePractices => {
    const { [school]: _old, ...others } = schools ?? {};
    return to === null ? others : { ...others, [school]: to };
  };
  if (id === undefined) {
    return { ...meal, kitchen: { ...meal.kitchen, schools: answered(meal.kitchen.schools) } };
  }
  const dishes = mapId(meal.dishes, id, (dish) => ({ ...dish, schools: answered(dish.schools) }));
  return { ...meal, dishes };
}

/** A dish onto the table, with the ingredients it brings that the pantry does not know. */
function putDish(meal: Meal, { dish, own, cuts = [] }: Extract<Command, { do: 'putDish' }>): Meal {
  const brought = [
    ...own.map((ingredient) => ({ do: 'ownIngredient', ingredient }) as const),
    ...cuts.map((cut) => ({ do: 'ownCut', cut }) as const),
  ];
  const pantry = brought.reduce<Meal['pantry']>(withOwn, meal.pantry);
  return { ...meal, dishes: [...meal.dishes, dish], ...(pantry && { pantry }) };
}

function withOwn(
  pantry: OwnPantry | undefined,
  command: Extract<Command, { do: 'ownIngredient' | 'ownCut' }>,
): OwnPantry {
  const { ingredients, cuts } = pantry ?? { ingredients: [], cuts: [] };
  const put = <T extends { id: string }>(items: readonly T[], item: T): T[] =>
    items.some(({ id }) => id === item.id) ? mapId(items, item.id, () => item) : [...items, item];
  return command.do === 'ownIngredient'
    ? { ...pantry, ingredients: put(ingredients, command.ingredient), cuts }
    : { ...pantry, ingredients, cuts: put(cuts, command.cut) };
}
