import { FROM_FRIDGE_C } from '../figures/index.ts';
import { FIRE_VERBS } from '../terms/index.ts';
import {
  cooks,
  environmentNamed,
  placeOfCooker,
  USUAL_CONDITIONS,
  usualC,
} from '../places/index.ts';
import {
  cookOnce,
  isVegetable,
  PULLS_AT,
  SLICES_AT,
  usualG,
  type CookSpec,
  type End,
  type StageSpec,
} from '../heat/index.ts';
import { leastCoreC } from '../safety/index.ts';
import { cutOf, settleFood } from './amounts.ts';
import type { Command } from './commands.ts';
import { chainUpTo, cookerOf, pieceOf, placeOfCook, stageOf } from './cook-of-step.ts';
import { freshId, takenIds } from './ids.ts';
import type { Cut } from '../pantry/index.ts';
import type { Dish, Food, Kitchen, Meal, Place, Step, StepTime } from './schema.ts';

/** A stage of a cook being thought about, and the step of the plan it is. */
export interface DraftStage extends StageSpec {
  readonly step?: string | undefined;
}

/** The cook of one food, as the plan has it or as the cook is thinking of it. */
export interface DraftCook extends CookSpec {
  readonly stages: readonly DraftStage[];
}

/** The cook of a food as the plan has it; undefined for a food without a cut. */
export function draftCook(meal: Meal, dish: Dish, food: Food): DraftCook | undefined {
  const cut = cutOf(meal, food);
  if (!cut) return undefined;
  const base = { piece: pieceOf(meal, dish, food), ...placeOfCook(meal.kitchen) };
  const last = lastOnFire(meal, dish, food);
  if (!last) {
    const end = doneEnd(cut);
    return { ...base, startC: FROM_FRIDGE_C, stages: [{ cooker: 'oven', end }] };
  }
  const { chain, startC } = chainUpTo(dish, last);
  const rest = dish.steps.find(
    ({ verb, after }) =>
      (verb === 'rest' || verb === 'hold') && after.some((gap) => gap.step === last.id),
  );
  // With its rest: that is where it peaks.
  const stages = [...chain, ...(rest ? [rest] : [])].flatMap((step) =>
    stageOf(step, meal.kitchen).map((stage) => ({
      ...stage,
      end: wishedEnd(step, stage),
      step: step.id,
    })),
  );
  return { ...base, startC, stages };
}

/** A cook of a cut that is in no dish: out of the fridge, into the oven, until guidance's core. */
export function draftOfCut(cut: Cut, kitchen: Kitchen, weightG = usualG(cut)): DraftCook {
  const end = doneEnd(cut);
  return {
    piece: { cut, weightG },
    ...placeOfCook(kitchen),
    startC: FROM_FRIDGE_C,
    stages: [{ cooker: 'oven', tempC: usualC('oven', USUAL_CONDITIONS), end }],
  };
}

/** When a cut is done, where nobody said: at guidance's core, or soft to a knife. */
function doneEnd(cut: Cut): End {
  if (isVegetable(cut)) return { kind: 'tender', tenderness: SLICES_AT };
  return { kind: 'core', coreC: leastCoreC(cut) ?? PLANT_DONE_C };
}

/** What is neither meat nor vegetable is hot through at this. Common practice, no source. */
const PLANT_DONE_C = 85;
/** Where a step says at what core it is done, that is its end, whatever minutes it was given. */
function wishedEnd({ doneWhen }: Step, { cooker, end }: StageSpec): End {
  if (end.kind !== 'minutes' || !cooks(cooker) || doneWhen?.coreC === undefined) return end;
  return { kind: 'core', coreC: doneWhen.coreC };
}

/** The last step on a fire that is this food's: the one heat times, else one of the dish. */
function lastOnFire(meal: Meal, dish: Dish, food: Food): Step | undefined {
  const onFire = dish.steps.filter((step) => {
    const cooker = cookerOf(step, meal.kitchen);
    return cooker !== undefined && cooks(cooker) && FIRE_VERBS.has(step.verb);
  });
  const timed = onFire.findLast(({ time }) => 'food' in time && time.food === food.id);
  if (timed) return timed;
  const [first] = dish.foods;
  const others = onFire.filter(({ time }) => !('food' in time));
  return first?.id === food.id ? others.at(-1) : undefined;
}

/** A stage the cook has added, or changed from what it was. */
export function withStages(draft: DraftCook, stages: readonly DraftStage[]): DraftCook {
  return { ...draft, stages };
}

/**
 * What to change in the plan so that it cooks a food as drafted: thickness and weight, the heat and
 * the end of each stage, stages taken out or put in.
 *
 * @param labelOf what a stage that is new is called
 */
export function draftCommands(
  meal: Meal,
  dish: Dish,
  food: Food,
  draft: DraftCook,
  labelOf: (stage: DraftStage) => string,
): Command[] {
  const was = draftCook(meal, dish, food);
  if (!was) return [];
  const kept = new Set(draft.stages.map(({ step }) => step));
  const gone = was.stages.flatMap(({ step }) =>
    step === undefined || kept.has(step) ? [] : [{ do: 'removeStep', step } as const],
  );
  const taken = takenIds(meal);
  let before = dish.steps.at(-1)?.id;
  const stages = inMinutes(draft).flatMap((stage, i): Command[] => {
    const step = dish.steps.find(({ id }) => id === stage.step);
    if (step) {
      before = step.id;
      return inPlan(meal, step, stage, food);
    }
    if (before === undefined) return [];
    const label = labelOf(stage);
    const id = freshId(label, taken);
    taken.add(id);
    // A new first stage comes before the next one that is in the plan.
    const next = draft.stages.slice(i + 1).find((one) => one.step !== undefined)?.step;
    const at = i === 0 && next !== undefined ? predecessorOf(dish, next) : before;
    const added = newStep(id, label, stage, food);
    before = id;
    return at === undefined ? [] : [{ do: 'addStepAfter', step: at, new: added }];
  });
  return [...pieceCommands(meal, was, draft, dish, food), ...stages, ...gone];
}

/** A rest until the core climbs no more becomes the minutes that takes: a plan cannot wait for it. */
function inMinutes(draft: DraftCook): DraftStage[] {
  const { stages } = cookOnce(draft, undefined, { everyMin: 1e6 });
  return draft.stages.map((stage, i) => {
    if (stage.end.kind !== 'peak' && stage.end.kind !== 'surface') return stage;
    const minutes = Math.max(1, Math.round(stages[i]?.minutes ?? 1));
    return { ...stage, end: { kind: 'minutes', minutes } };
  });
}

function predecessorOf(dish: Dish, id: string): string | undefined {
  return dish.steps.find((step) => step.id === id)?.after[0]?.step;
}

function pieceCommands(
  meal: Meal,
  was: CookSpec,
  draft: CookSpec,
  dish: Dish,
  food: Food,
): Command[] {
  const { thicknessMm, prepared, weightG } = draft.piece;
  const commands: Command[] = [];
  if (thicknessMm !== was.piece.thicknessMm || prepared !== was.piece.prepared) {
    const change = { thicknessMm, prepared };
    commands.push({ do: 'editFood', dish: dish.id, food: food.id, change });
  }
  if (weightG !== was.piece.weightG) {
    // The draft is one piece; the scale weighs them all.
    const all = settleFood(meal, dish, food).weightG * (weightG / was.piece.weightG);
    commands.push({ do: 'weigh', dish: dish.id, food: food.id, weightG: Math.round(all) });
  }
  return commands;
}

function inPlan(meal: Meal, step: Step, stage: DraftStage, food: Food): Command[] {
  const commands: Command[] = [];
  const before = stageOf(step, meal.kitchen)[0];
  if (stage.cooker !== before?.cooker || (stage.tempC ?? 0) !== (before.tempC ?? 0)) {
    const place = placeOf(stage, step.place);
    commands.push({ do: 'editStep', step: step.id, change: { place } });
  }
  const time = timeOf(stage, food);
  const settled = time.kind === 'heat' || stage.end.kind !== before?.end.kind;
  const moved = stage.end.kind === 'minutes' && before?.end.kind === 'minutes';
  const { end } = stage;
  if (
    end.kind === 'core' &&
    step.doneWhen?.coreC !== undefined &&
    step.doneWhen.coreC !== end.coreC
  ) {
    const doneWhen = { ...step.doneWhen, coreC: end.coreC };
    commands.push({ do: 'editStep', step: step.id, change: { doneWhen } });
  }
  if (settled || (moved && !sameEnd(stage.end, before.end))) {
    commands.push({ do: 'setStepTime', step: step.id, time });
  }
  return commands;
}

function sameEnd(a: End, b: End): boolean {
  return JSON.stringify(a) === JSON.stringify(b);
}

function placeOf({ cooker, tempC }: StageSpec, was?: Place): Place {
  const kind = placeOfCooker(cooker).stands;
  const here = was?.kind === kind ? was : { kind };
  const { tempC: _old, ...rest } = here;
  const { heats, zone: side } = environmentNamed(cooker);
  const zone = side === undefined ? {} : { zone: side };
  const heat = tempC ?? (heats ? usualC(cooker, USUAL_CONDITIONS) : undefined);
  return { ...rest, ...zone, ...(heat !== undefined && { tempC: heat }) };
}

function timeOf({ cooker, wrap, turnEveryMin, end }: StageSpec, food: Food): StepTime {
  if (end.kind === 'minutes') return { kind: 'fixed', minutes: Math.round(end.minutes) };
  const until =
    end.kind === 'tender'
      ? { tender: end.tenderness >= PULLS_AT ? ('pulls' as const) : ('slices' as const) }
      : { coreC: end.kind === 'core' ? end.coreC : 60 };
  return {
    kind: 'heat',
    food: food.id,
    until,
    ...(wrap !== undefined && { wrap }),
    ...(turnEveryMin !== undefined && { turnEveryMin: Math.round(turnEveryMin) }),
    ...(environmentNamed(cooker).saidByPlace ? {} : { cooker }),
  };
}

function newStep(id: string, label: string, stage: DraftStage, food: Food): Step {
  const { end } = stage;
  return {
    id,
    verb: environmentNamed(stage.cooker).verb,
    label,
    after: [],
    time: timeOf(stage, food),
    place: placeOf(stage),
    hands: [],
    cautions: [],
    ...(end.kind === 'core' && { doneWhen: { coreC: end.coreC } }),
  };
}
