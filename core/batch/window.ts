import {
  BICARBONATE_LONGEST_MIN,
  USUAL_WATER_SHARE,
  SALT_DRAWS_IN_PCT,
  SURFACE_LEAST_MIN,
  SURFACE_BEST_MIN,
  FISH_LEAST_MIN,
  FISH_BEST_MIN,
  PICKLE_MIN,
  TOO_SALTY_TIMES,
  MINUTES_PER_DAY,
} from '../figures/index.ts';
import type { Animal, Cut, SoakGroup } from '../pantry/index.ts';
import { longestRaw } from '../safety/index.ts';
import type { Message, MessageKey } from '../words/index.ts';
import { acidPct, pct, type Contents } from './contents.ts';
import { minutesToFront, minutesToUptake, saltBodyOf, saltUptake } from './diffusion.ts';
import { soaks, type Mixture } from './mixture.ts';
import { saltAtRest } from './salting.ts';
import { acidLimitMin, enzymeLimitMin, fruitDose, SOAK_LIMITS } from './soak-limits.ts';
import { saltedFood, saltingBy, type BatchFood, type BatchFor } from './weigh.ts';

/** How long a mixture may stay on its food. Minutes. */
export interface SoakWindow {
  readonly leastMin: number;
  readonly bestMin: number;
  readonly longestMin: number;
  readonly leastBecause: Message;
  readonly limitedBy: Message;
  /** The cook's own, not reckoned. */
  readonly own: boolean;
  /** Everything that limits it, strictest first, whether or not it is the cook's own. */
  readonly limits: readonly SoakEnd[];
}

/** Something that ends a soak, and when. */
export interface SoakEnd {
  readonly kind: 'raw' | 'acid' | 'dairy' | 'enzyme' | 'bicarbonate' | 'plain' | 'salt' | 'keeps';
  readonly minutes: number;
  readonly message: Message;
}

/** A cut nobody has described: a steak's thickness, tender. Common practice, no source. */
const UNKNOWN: Pick<Cut, 'soaks' | 'shape' | 'meatMm' | 'animal'> = {
  soaks: 'beef-tender',
  shape: 'slab',
  meatMm: 25,
  animal: 'none',
};

/**
 * The window of a mixture: salt and flavour set the least and the best, what is sour, raw fruit,
 * too much salt and the days raw food may be kept set the longest. Undefined for what does not
 * soak.
 */
export function soakWindow(
  mixture: Mixture,
  batch: BatchFor,
  onFood: Contents,
): SoakWindow | undefined {
  if (!soaks(mixture)) return undefined;
  const foods = batch.foods;
  const limits = endsOf(mixture, batch, onFood).sort((a, b) => a.minutes - b.minutes);
  const reckoned = reckon(mixture, batch, onFood, foods, limits);
  const own = mixture.window;
  if (!own) return { ...reckoned, own: false, limits };
  return {
    leastMin: own.leastMin,
    bestMin: own.bestMin,
    longestMin: own.longestMin,
    leastBecause: ownReason(own.leastBecause, 'window.ownLeast'),
    limitedBy: ownReason(own.limitedBy, 'window.ownLongest'),
    own: true,
    limits,
  };
}

function ownReason(text: string | undefined, otherwise: MessageKey): Message {
  if (text === undefined) return { key: otherwise };
  const bare = text.replace(/[.\s]+$/, '');
  return { key: 'window.own', values: { text: bare.charAt(0).toUpperCase() + bare.slice(1) } };
}

type Reckoned = Omit<SoakWindow, 'own' | 'limits'>;

function reckon(
  mixture: Mixture,
  batch: BatchFor,
  onFood: Contents,
  foods: readonly BatchFood[],
  limits: readonly SoakEnd[],
): Reckoned {
  const first = limits[0];
  const longest = first?.minutes ?? PICKLE_MIN.longestMin;
  const wish = wishOf(mixture, batch, onFood, foods);
  const longestMin = Math.max(5, round(longest));
  const bestMin = Math.min(longestMin, round(Math.min(wish.bestMin, longest * 0.75)));
  const leastMin = Math.min(bestMin, round(Math.min(wish.leastMin, longest * 0.5)));
  return {
    leastMin,
    bestMin,
    longestMin,
    leastBecause: wish.because,
    limitedBy: first?.message ?? { key: 'window.keeps' },
  };
}

/** Whole minutes below twenty, fives to two hours, tens to six, then half hours. */
function round(minutes: number): number {
  const step = minutes < 20 ? 1 : minutes < 120 ? 5 : minutes < 360 ? 10 : 30;
  return Math.max(5, Math.round(minutes / step) * step);
}

interface Wish {
  readonly leastMin: number;
  readonly bestMin: number;
  readonly because: Message;
}

/** What the flavour wants: how deep salt is at the least and at best, in the thickest food. */
function wishOf(
  mixture: Mixture,
  batch: BatchFor,
  onFood: Contents,
  foods: readonly BatchFood[],
): Wish {
  if (mixture.kind === 'pickle') return { ...PICKLE_MIN, because: { key: 'window.leastPickle' } };
  const thickest = foods
    .map(({ cut }) => cut ?? UNKNOWN)
    .reduce((a, b) => (b.meatMm > a.meatMm ? b : a), { ...UNKNOWN, meatMm: 0 });
  const cut = thickest.meatMm === 0 ? UNKNOWN : thickest;
  if (cut.soaks === 'fish' || cut.soaks === 'shellfish') {
    return {
      leastMin: FISH_LEAST_MIN,
      bestMin: FISH_BEST_MIN,
      because: { key: 'window.leastSurface' },
    };
  }
  const foodG = foods.reduce((sum, food) => sum + food.weightG, 0);
  const saltPct = foodG > 0 ? (onFood.saltG / foodG) * 100 : 0;
  if (mixture.salting && saltingBy(mixture, batch) === 'strong') return strongWish(mixture, cut);
  if (saltPct < SALT_DRAWS_IN_PCT) {
    return {
      leastMin: SURFACE_LEAST_MIN,
      bestMin: SURFACE_BEST_MIN,
      because: { key: 'window.leastSurface' },
    };
  }
  const brined = mixture.kind === 'wet brine' || mixture.kind === 'dry brine';
  const leastMm = brined ? Math.min(5, cut.meatMm / 8) : Math.min(3, cut.meatMm / 16);
  const bestMm = brined ? cut.meatMm / 2 : Math.min(6, cut.meatMm / 4);
  return {
    leastMin: minutesToFront(leastMm),
    bestMin: minutesToFront(bestMm),
    because: { key: 'window.leastSalt', values: { mm: String(Math.round(leastMm * 10) / 10) } },
  };
}

/** A strong brine is done when the meat holds, taken all together, the salt that is wanted. */
function strongWish(mixture: Mixture, cut: Pick<Cut, 'shape' | 'meatMm'>): Wish {
  const bestMin = strongBrineMin(mixture, cut, 1);
  return {
    leastMin: bestMin * 0.6,
    bestMin,
    because: { key: 'window.leastStrong' },
  };
}

/** Minutes in a strong brine until the meat holds so many times the salt that is wanted. */
function strongBrineMin(
  mixture: Mixture,
  cut: Pick<Cut, 'shape' | 'meatMm'>,
  times: number,
): number {
  const salting = mixture.salting;
  if (!salting) return 0;
  const atRest = salting.strengthPct * USUAL_WATER_SHARE;
  const share = Math.min(0.98, (salting.targetPct * times) / atRest);
  return minutesToUptake(saltBodyOf(cut), share);
}

/**
 * Salt in the meat after so many minutes, % of its weight without bone: its share of what it
 * would hold at rest. Undefined for what is not salted by a brine or dry.
 */
export function saltTakenUp(
  mixture: Mixture,
  batch: BatchFor,
  onFood: Contents,
  minutes: number,
): number | undefined {
  const cut = batch.foods[0]?.cut;
  const brined = mixture.kind === 'wet brine' || mixture.kind === 'dry brine';
  const food = saltedFood(batch.foods);
  if (!brined || !cut || food.boneless === 0) return undefined;
  const atRest =
    mixture.kind === 'wet brine'
      ? saltAtRest(onFood.saltG, food, onFood.waterG)
      : onFood.saltG / food.boneless;
  return atRest * saltUptake(saltBodyOf(cut), minutes) * 100;
}

function endsOf(mixture: Mixture, batch: BatchFor, onFood: Contents): SoakEnd[] {
  const cuts = batch.foods.map(({ cut }) => cut ?? UNKNOWN);
  const animals = cuts.map(({ animal }) => animal);
  const ends: SoakEnd[] = [];
  const raw = mixture.touchesRaw ? longestRaw(animals) : undefined;
  if (raw) ends.push(rawEnd(raw.days, raw.animal));
  if (mixture.kind === 'pickle') return ends.concat(keeps(mixture));
  const fruitGPerKg = fruitOn(mixture, batch, onFood);
  for (const cut of cuts) ends.push(...qualityEnds(mixture, cut, onFood, fruitGPerKg));
  if (mixture.salting && saltingBy(mixture, batch) === 'strong') {
    const soonest = Math.min(
      ...cuts.map((cut) => strongBrineMin(mixture, cut, TOO_SALTY_TIMES)),
      minutesToUptake(saltBodyOf(UNKNOWN), 0.98),
    );
    ends.push({ kind: 'salt', minutes: soonest, message: { key: 'window.salt' } });
  }
  return ends;
}

function keeps(mixture: Mixture): SoakEnd[] {
  if (mixture.keepsDays === undefined) return [];
  const values = { days: String(mixture.keepsDays) };
  return [
    {
      kind: 'keeps',
      minutes: mixture.keepsDays * MINUTES_PER_DAY,
      message: { key: 'window.keepsDays', values },
    },
  ];
}

function rawEnd(days: number, animal: Animal): SoakEnd {
  return {
    kind: 'raw',
    minutes: days * MINUTES_PER_DAY,
    message: { key: 'window.raw', values: { food: animal, days: String(days) } },
  };
}

/** Raw fruit on the food, as fruitDose counts it: a boiled mixture has none that softens. */
export function fruitOn(mixture: Pick<Mixture, 'boiled'>, batch: BatchFor, on: Contents): number {
  if (mixture.boiled === true) return 0;
  const foodG = batch.foods.reduce((all, { weightG }) => all + weightG, 0);
  return fruitDose(on.strongEnzymeG, on.mildEnzymeG, foodG);
}

/** Sour, fruit, bicarbonate, or simply long: what ends a soak for one cut. */
function qualityEnds(
  mixture: Mixture,
  cut: Pick<Cut, 'soaks' | 'meatMm'>,
  onFood: Contents,
  fruitGPerKg: number,
): SoakEnd[] {
  const group: SoakGroup = cut.soaks;
  const ends: SoakEnd[] = [];
  const acid = acidPct(onFood);
  const dairy = onFood.lacticMeq > 0.4 * onFood.acidMeq;
  const sour = acidLimitMin(group, cut.meatMm, acid, dairy);
  if (sour !== undefined) {
    ends.push({
      kind: dairy ? 'dairy' : 'acid',
      minutes: sour,
      message: dairy
        ? { key: 'window.dairy' }
        : { key: 'window.acid', values: { pct: acid.toFixed(1) } },
    });
  }
  const fruit = enzymeLimitMin(group, cut.meatMm, fruitGPerKg);
  if (fruit !== undefined) {
    const values = { grams: String(Math.round(fruitGPerKg)) };
    ends.push({ kind: 'enzyme', minutes: fruit, message: { key: 'window.enzyme', values } });
  }
  if (pct(onFood.bicarbonateG, onFood) > 0.3) {
    ends.push({
      kind: 'bicarbonate',
      minutes: BICARBONATE_LONGEST_MIN,
      message: { key: 'window.bicarbonate' },
    });
  }
  // A brine made to come to rest cannot be too long for the taste, only for safety.
  if (mixture.kind !== 'wet brine' && mixture.kind !== 'dry brine') {
    ends.push({
      kind: 'plain',
      minutes: SOAK_LIMITS[group].plainH * 60,
      message: { key: 'window.plain' },
    });
  }
  return ends;
}
