import type { Mixture } from '../batch/index.ts';
import { DishSchema, freshId, withWash, type Dish, type Food } from '../meal/index.ts';
import { CUTS, type OwnIngredient, type Cut } from '../pantry/index.ts';
import type { ReadIngredient } from './ingredient-line.ts';
import type { ReadRecipe } from './read.ts';
import { withFrozen } from './from-frozen.ts';
import { keptDays } from './kept-days.ts';
import { soaksOfActs } from './soaks.ts';
import type { ReadAct } from './context.ts';
import { isNight, overnight } from './night.ts';
import { lumpMm, smallPattyMm } from './cut-form.ts';
import { eachOf, fishIn, piecesCounted } from './count-weight.ts';
import {
  isHalvedFlat,
  isLoaf,
  mincePiecesIn,
  piecesSaid,
  shapeSaid,
  speaksOfOthers,
} from './pieces.ts';
import { FIRE_VERBS } from '../terms/index.ts';
import { cutNamed } from './known-foods.ts';
import { withPartCooked } from './part-cooked.ts';
import { preparedSaid } from './prepared.ts';
import { mixturesOf, SOAKING } from './mixtures.ts';
import { foodOfStaple, riceBeside, stapleOf } from './staple.ts';
import { stepsOf } from './steps.ts';
import { withFires } from './with-fires.ts';
import { thicknessIn } from './thickness.ts';

/** A dish as a recipe has it, and what its pantry needs besides. */
export interface DraftDish {
  readonly dish: Dish;
  /** Ingredients the pantry does not know; only their weight is told. */
  readonly own: readonly OwnIngredient[];
}

/** A dish from a recipe that was read: foods, mixtures, and the steps as a chain. */
export function draftDish(recipe: ReadRecipe, taken: ReadonlySet<string> = new Set()): DraftDish {
  const used = new Set(taken);
  const fresh = (wish: string) => {
    const id = freshId(wish, used);
    used.add(id);
    return id;
  };
  const name = recipe.title ?? 'New dish';
  const dishId = fresh(name);
  const listed = recipe.ingredients.flatMap((one) => foodOf(one, recipe, fresh));
  const spoken = listed.length > 0 ? listed : foodSpokenOf(recipe, fresh);
  const staple = spoken.length > 0 ? riceBeside(recipe, spoken) : stapleOf(recipe.ingredients);
  const foods = staple ? [...spoken, foodOfStaple(staple, recipe.portions, fresh)] : spoken;
  const others = recipe.ingredients.filter(
    (one) => one !== staple?.line && (one.cut === undefined || !CUTS.has(one.cut)),
  );
  const own: OwnIngredient[] = [];
  const mixtures = mixturesOf(recipe, others, foods, fresh, own);
  const about = { dishId, foods, mixtures, fresh };
  const method = stepsOf(withPartCooked(withFrozen(recipe)), about);
  const steps = withFires(method, recipe.lines.map(({ text }) => text).join('\n'), about);
  const dish = DishSchema.parse({
    id: dishId,
    name,
    readyWithinMin: readyWithin(recipe),
    ...(foods.length > 0 && keepingOf(recipe)),
    foods,
    mixtures: mixtures.map((mixture) => ({
      ...withWindow(mixture, soakOf(mixture, recipe, mixtures)),
      ...(steps.some(({ time }) => time.kind === 'cooling' && time.mixture === mixture.id) && {
        boiled: true,
      }),
      ...(foods.length === 0 && mixtures.length === 1 && keepingOf(recipe)),
    })),
    steps,
  });
  const washed = dish.steps.reduce((sum, step) => withWash({}, sum, step.id), dish);
  return { dish: washed, own };
}

/** How long a recipe says that what it makes keeps. */
function keepingOf({ lines }: ReadRecipe): Pick<Mixture, 'keepsDays'> {
  const keepsDays = lines
    // "Freeze in tubs; keeps 3 months".
    .map(({ text }, i) =>
      keptDays(`${/;\s*$/u.test(lines[i - 1]?.text ?? '') ? lines[i - 1]?.text : ''} ${text}`),
    )
    .find((days) => days !== undefined);
  return keepsDays === undefined ? {} : { keepsDays };
}

/**
 * The meat a recipe speaks of and does not list: by its title, else by what is first done to it; as
 * much as is usual. Without it nothing would watch over its heat.
 */
function foodSpokenOf({ title = '', acts }: ReadRecipe, fresh: (wish: string) => string): Food[] {
  if (acts.some(({ verb }) => verb === 'rise' || verb === 'knead')) return [];
  const done = acts.filter(({ verb }) => FIRE_VERBS.has(verb) || LIES.has(verb));
  const cut = [title, ...done.map(objectOf)].map(cutNamed).find((one) => one !== undefined);
  if (!cut || cut.animal === 'none') return [];
  const share = { kind: 'weight' as const, rawG: cut.rawPerAdultG.low };
  return [{ id: fresh(cut.name), name: cut.name, cut: cut.id, share }];
}

/** "Brown the beef in …": a verb, and the few words behind it. */
function objectOf({ text, lit }: ReadAct): string {
  return text
    .slice(lit[0]?.[0] ?? 0)
    .replace(NO_CUT, '')
    .split(/\s+/u)
    .slice(0, OBJECT_WORDS)
    .join(' ');
}

/** "Chop and chill": what hands do, and no cut of meat. */
const NO_CUT = /^(?:chop|fillet|joint|bone|quarter)(?![a-zß-ɏ])/i;
const OBJECT_WORDS = 5;
const LIES: ReadonlySet<ReadAct['verb']> = new Set(['marinate', 'brine', 'temper', 'prepare']);

/** What is said of a food until it meets its first fire: how it is cut up, or beaten out. */
function beforeFire({ acts, lines, ingredients }: ReadRecipe, one: ReadIngredient): string[] {
  const first = acts.findIndex(({ verb }) => FIRE_VERBS.has(verb));
  const method = lines.filter(({ part }) => part === 'method' || part === 'unread');
  const at = method.findIndex((line) => line.acts.includes(first));
  const told = (at === -1 ? method : method.slice(0, at)).map(({ text }) => text);
  const sameLine = (method[at]?.acts ?? [])
    .filter((i) => i < first)
    .map((i) => acts[i]?.text ?? '');
  // "Press the balls flat and cook for two minutes".
  const fire = acts[first]?.text ?? '';
  const texts = [...told, ...sameLine, ...(thicknessIn(fire) === undefined ? [] : [fire])];
  const others = ingredients.filter((other) => other !== one).map(({ name }) => name);
  return texts.filter((text) => !speaksOfOthers(text, one.name, others));
}

/** What is hot is eaten at once; a loaf that has cooled, or a pudding from the cold, waits. */
function readyWithin({ acts }: ReadRecipe): number {
  const last = acts.findLast(({ verb }) => verb !== 'serve' && verb !== 'slice')?.verb;
  if (last === 'chill') return CHILLED_WITHIN_MIN;
  return last === 'cool' ? COOLED_WITHIN_MIN : HOT_WITHIN_MIN;
}

/** Common practice, no source. */
const HOT_WITHIN_MIN = 20;
const COOLED_WITHIN_MIN = 6 * 60;
const CHILLED_WITHIN_MIN = 18 * 60;

/** As many as a dish may have. */
const MOST_PIECES = 100;

function foodOf(one: ReadIngredient, recipe: ReadRecipe, fresh: (wish: string) => string): Food[] {
  const cut = one.cut === undefined ? undefined : CUTS.get(one.cut);
  if (!cut) return [];
  const low = cut.rawPerAdultG.low;
  const before = beforeFire(recipe, one);
  const { thicknessMm, eachG } = shapeSaid(one, cut, before);
  const prepared = preparedSaid(cut, [one.line, ...before]);
  const counted =
    one.count === undefined ? undefined : one.count * (eachG ?? eachOf(cut, one.line));
  const weightG = one.grams ?? counted ?? low * (recipe.portions ?? 4);
  const halved = isHalvedFlat([one.line, ...before]);
  const counts = one.count === undefined ? 1 : piecesCounted(cut, one.line, one.count);
  const sliced = eachG === undefined ? undefined : Math.max(1, Math.round(weightG / eachG));
  const loaf = isLoaf(cut, recipe.title ?? '', before) ? 1 : undefined;
  const pieces =
    loaf ??
    piecesSaid(one, cut, weightG, before) ??
    slicedOrCounted(halved ? 2 * counts : counts, sliced) ??
    fishIn(one.line, weightG) ??
    mincePiecesIn(cut, weightG, [recipe.title ?? '', one.line, ...before]);
  const eachPieceG = weightG / (pieces ?? 1);
  const thickMm =
    thicknessMm ??
    (halved
      ? cut.thicknessMm / 2
      : (smallPattyMm(cut, eachPieceG, [one.line, ...before]) ??
        lumpMm(cut, eachPieceG, [recipe.title ?? '', one.line, ...before])));
  return [
    {
      id: fresh(one.name),
      name: one.name,
      cut: cut.id,
      share:
        recipe.portions === undefined
          ? { kind: 'fixed', weightG: Math.round(weightG) }
          : { kind: 'weight', rawG: Math.round(weightG / recipe.portions) },
      ...(pieces !== undefined && { inPieces: Math.min(MOST_PIECES, pieces) }),
      ...(thickMm !== undefined && { thicknessMm: thickMm }),
      ...(prepared && { prepared }),
      ...(wasFrozenHard(cut, one.line) && { frozenBefore: true }),
    },
  ];
}

/** "600 g sea bass, previously frozen": its parasites are dead. */
const FROZEN_BEFORE =
  /(?<![a-zß-ɏ])(?:(?:previously|already|hard|commercially) frozen|frozen (?:before|first|hard)|(?:previamente congelad|congelad)[oa]s?(?: previamente| antes))(?![a-zß-ɏ])/i;
/** Of fish, which is frozen hard where it is landed; a joint thawed at home need not have been. */
const FISH_THAWED =
  /(?<![a-zß-ɏ])(?:frozen,? (?:and |then |and then )?(?:thawed|defrosted)|(?:has|had|have) been frozen|congelad[oa]s?,? y (?:luego )?descongelad[oa]s?|descongelad[oa]s?|(?:ha|haya|han|hayan) (?:sido |estado )?congelad[oa]s?)(?![a-zß-ɏ])/i;
/** "Not previously frozen", "que no haya sido congelado". */
const NEVER_FROZEN =
  /(?<![a-zß-ɏ])(?:not|never|no|nunca|sin)(?![a-zß-ɏ])[^.;,]{0,20}(?:frozen|congela)|n['’]t[^.;,]{0,20}frozen/i;

function wasFrozenHard({ animal }: Cut, line: string): boolean {
  if (NEVER_FROZEN.test(line)) return false;
  return FROZEN_BEFORE.test(line) || (animal === 'fish' && FISH_THAWED.test(line));
}

/** "2 tenderloins, in 2 cm medallions" are medallions; "4 escalopes, 150 g each" are four. */
function slicedOrCounted(counted: number, sliced: number | undefined): number | undefined {
  if (sliced !== undefined && sliced >= 2 * counted) return sliced;
  return counted > 1 ? counted : sliced;
}

/** The step in which the food lies in a mixture. */
function soakOf(
  { id }: Mixture,
  { acts }: ReadRecipe,
  mixtures: readonly Mixture[],
): ReadAct | undefined {
  const [at] = [...soaksOfActs(acts, mixtures)].find(([, mixture]) => mixture === id) ?? [];
  return at === undefined ? undefined : acts[at];
}

/** How long the recipe leaves it on the food is its window. */
/** As many times as long as is best it may lie, where nothing is said of the most. Common practice, no source. */
const UNSAID_TIMES = 2;
/** "Marinate for 6 hours": nobody takes it out in the night for that. Common practice, no source. */
const SINGLE_TIMES: Partial<Record<Mixture['kind'], number>> = {
  marinade: 1.5,
  paste: 1.5,
  rub: 1.5,
  'dry brine': 1.5,
  'wet brine': 1.25,
};

function withWindow(mixture: Mixture, act: ReadAct | undefined): Mixture {
  if (!SOAKING.has(mixture.kind) || !act) return mixture;
  const { leastMin = act.likelyMin ?? act.mostMin, likelyMin, mostMin } = act;
  if (leastMin === undefined) return mixture;
  const night = isNight(act) ? overnight(mixture.kind) : undefined;
  const bestMin = night?.bestMin ?? Math.max(leastMin, likelyMin ?? leastMin);
  const single = mostMin !== undefined && mostMin === leastMin;
  const times =
    mostMin === undefined ? UNSAID_TIMES : single ? (SINGLE_TIMES[mixture.kind] ?? 1) : 1;
  const saidMin = Math.round((mostMin ?? bestMin) * times);
  const longestMin = Math.max(bestMin, night?.longestMin ?? saidMin);
  return { ...mixture, window: { leastMin: Math.min(leastMin, bestMin), bestMin, longestMin } };
}
