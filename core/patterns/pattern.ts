import { NEXT_STEP_MOST_MIN } from '../figures/index.ts';
import type { Mixture } from '../batch/index.ts';
import {
  foodsByStep,
  freshId,
  type Dish,
  type Food,
  type Hands,
  type PracticeName,
  type Step,
} from '../meal/index.ts';
import { CUTS } from '../pantry/index.ts';
import { leastCoreC } from '../safety/index.ts';
import { fireFor, fireText, refuelText } from './fire.ts';
import { onFire, type Fire } from './other-fire.ts';
import type { Part } from './parts.ts';

/** What a cook settles before a pattern becomes a dish. */
export interface Choices {
  readonly cut: string;
  /** The core it is taken off at, where the chain asks. */
  readonly coreC: number;
}

/** What a pattern comes to for those choices. */
export interface Chain {
  readonly foods: readonly Food[];
  readonly mixtures: readonly Mixture[];
  readonly parts: readonly Part[];
  readonly readyWithinMin?: number;
  readonly note?: string;
}

/** A chain by technique, ready to be put on a table. */
export interface Pattern {
  readonly id: string;
  /** The technique, and no dish of anyone's. */
  readonly name: string;
  readonly kind: 'main' | 'side' | 'sauce' | 'dough' | 'sweet';
  /** Which cuts it suits; the first is the usual one. Empty for what has none. */
  readonly cuts: readonly string[];
  /** The cores one may choose among, the usual one first. Empty where nothing is asked. */
  readonly cores: (cut: string) => readonly number[];
  /** What it can be cooked in, the usual first. Absent: only in its own. */
  readonly fires?: readonly Fire[];
  /** Its meat is cooked already: left over, bought so, or a part of another dish of the table. */
  readonly ofCooked?: true;
  /** Schools of practice that change it. */
  readonly schools: readonly PracticeName[];
  readonly chain: (choices: Choices) => Chain;
}

/** Where cooks disagree about a pattern: also about letting it stand, where it does. */
export function practicesAsked(pattern: Pattern, dish: Dish): PracticeName[] {
  const stands = dish.steps.some(({ verb }) => verb === 'temper');
  return [...pattern.schools, ...(stands ? (['tempering'] as const) : [])];
}

/** The choices a pattern begins with. */
export function usualChoices(pattern: Pattern): Choices {
  const cut = pattern.cuts[0] ?? '';
  return { cut, coreC: pattern.cores(cut)[0] ?? 0 };
}

/** A dish made of a pattern, with ids not yet taken in its meal. */
export function patternDish(
  pattern: Pattern,
  wish: Partial<Choices> & {
    readonly name?: string;
    readonly weightG?: number;
    readonly fire?: Fire;
  },
  taken: ReadonlySet<string>,
): Dish {
  const usual = usualChoices(pattern);
  const cut = wish.cut ?? usual.cut;
  const chain = pattern.chain({ cut, coreC: wish.coreC ?? pattern.cores(cut)[0] ?? 0 });
  const [usualFire] = pattern.fires ?? [];
  const fire = wish.fire ?? usualFire;
  const parts = fire === undefined ? chain.parts : onFire(chain.parts, fire);
  const used = new Set(taken);
  const ids = new Map<string, string>();
  const fresh = (local: string, name: string) => {
    const id = freshId(name, used);
    used.add(id);
    ids.set(local, id);
    return id;
  };
  const name = wish.name ?? pattern.name;
  const dishId = fresh('dish', name);
  for (const { id } of chain.foods) fresh(`food ${id}`, `${dishId}-${id}`);
  for (const { id } of chain.mixtures) fresh(`mixture ${id}`, `${dishId}-${id}`);
  for (const { id } of parts) fresh(`step ${id}`, `${dishId}-${id}`);
  const of = (kind: 'food' | 'mixture' | 'step', id: string) => ids.get(`${kind} ${id}`) ?? id;
  return withFoodsSaid({
    id: dishId,
    name,
    readyWithinMin: chain.readyWithinMin ?? 20,
    ...(chain.note !== undefined && { note: chain.note }),
    foods: chain.foods.map((one, i) => ({
      ...one,
      id: of('food', one.id),
      ...(i === 0 && wish.weightG !== undefined && { weighedG: wish.weightG }),
    })),
    mixtures: chain.mixtures.map((mixture) => ({
      ...mixture,
      id: of('mixture', mixture.id),
      on: mixture.on.map((id) => of('food', id)),
      lines: mixture.lines.map((one) =>
        one.part === undefined ? one : { ...one, ingredient: of('mixture', one.ingredient) },
      ),
    })),
    steps: withFires(parts).map((one, i, all) => asked(stepOf(one, all[i - 1], of), cut)),
  });
}

/** Each step says what it works on; a fire to be lit and a sauce by itself work on no food. */
function withFoodsSaid(dish: Dish): Dish {
  const works = foodsByStep({}, dish);
  const steps = dish.steps.map((step) => {
    const foods = step.foods ?? works.get(step.id) ?? [];
    return foods.length > 0 ? { ...step, foods: [...foods] } : step;
  });
  return { ...dish, steps };
}

/** A core below guidance that the cook has chosen from the book says so at its step. */
function asked(step: Step, cut: string): Step {
  const facts = CUTS.get(cut);
  const least = facts && leastCoreC(facts);
  const until =
    step.time.kind === 'heat' && 'coreC' in step.time.until ? step.time.until.coreC : undefined;
  const coreC = until ?? step.doneWhen?.coreC;
  if (least === undefined || coreC === undefined || coreC >= least) return step;
  return { ...step, doneWhen: { ...step.doneWhen, coreC, rarer: true } };
}

function stepOf(
  { after, hands, cautions, time, ...rest }: Part,
  before: Part | undefined,
  of: (kind: 'food' | 'mixture' | 'step', id: string) => string,
): Step {
  const follows =
    after ??
    (before
      ? [
          {
            step: before.id,
            from: 'end' as const,
            leastMin: 0,
            ...(soaks(before) ? {} : { mostMin: NEXT_STEP_MOST_MIN }),
          },
        ]
      : []);
  const named = {
    ...time,
    ...('food' in time && { food: of('food', time.food) }),
    ...('mixture' in time &&
      time.mixture !== undefined && { mixture: of('mixture', time.mixture) }),
  };
  return {
    ...rest,
    id: of('step', rest.id),
    time: named,
    after: follows.map((gap) => ({ ...gap, step: of('step', gap.step) })),
    hands: [...(hands ?? [])],
    cautions: [...(cautions ?? [])],
    ...(rest.mixtures && { mixtures: rest.mixtures.map((id) => of('mixture', id)) }),
    ...(rest.foods && { foods: rest.foods.map((id) => of('food', id)) }),
  };
}

function soaks({ verb }: Part): boolean {
  return verb === 'marinate' || verb === 'brine' || verb === 'soak' || verb === 'chill';
}

/** A fire to be lit says how: by how long and how hot the steps over it are; and they say when it wants more. */
function withFires(parts: readonly Part[]): Part[] {
  const lit = parts.find(({ verb }) => verb === 'light');
  if (!lit) return [...parts];
  const over = parts.filter(
    ({ place, verb }) => verb !== 'light' && (place.kind === 'smoker' || place.kind === 'grill'),
  );
  const [longest] = over;
  if (!longest) return [...parts];
  const minutes = over.reduce((sum, one) => sum + usualMin(one), 0);
  const fire = fireFor(longest.place, minutes);
  return parts.map((one) => {
    if (one === lit)
      return {
        ...one,
        hands: [
          { when: 'start' as const, minutes: 10, what: fireText(fire) },
          ...(one.hands ?? []),
        ],
      };
    const wantsMore = over.includes(one) && usualMin(one) > fire.refuelEveryMin;
    const more = {
      when: 'every' as const,
      everyMin: fire.refuelEveryMin,
      minutes: 4,
      what: refuelText(fire),
    };
    return wantsMore ? { ...one, hands: tendedBoth(one.hands ?? [], more) } : one;
  });
}

type Tending = Extract<Hands, { when: 'every' }>;

/** One pair of hands: what is looked at now and then anyway is looked at with the fire. */
function tendedBoth(hands: readonly Hands[], fire: Tending): Hands[] {
  const own = hands.find((one): one is Tending => one.when === 'every');
  if (!own) return [...hands, fire];
  const both: Tending = {
    when: 'every',
    everyMin: Math.min(own.everyMin, fire.everyMin),
    minutes: own.minutes + fire.minutes,
    what: `${own.what}; ${fire.what}`,
  };
  return hands.map((one) => (one === own ? both : one));
}

/** About how long it burns: what heat times is not known here, and is taken as long. */
function usualMin({ time, place }: Part): number {
  switch (time.kind) {
    case 'fixed':
      return time.minutes;
    case 'range':
    case 'batches':
      return time.likelyMin;
    case 'heat':
      return place.kind === 'smoker' ? 180 : 30;
    default:
      return 30;
  }
}

/** The cores a cut is wanted at, guidance first: what public guidance asks, then the cook's own tastes. */
export function coresOf(cut: string): number[] {
  const targets = CUTS.get(cut)?.targets ?? [];
  const guided = targets.filter(({ texture }) => texture === 'guidance').map(({ coreC }) => coreC);
  const others = targets.filter(({ texture }) => texture !== 'guidance').map(({ coreC }) => coreC);
  return [...new Set([...guided, ...others])];
}
