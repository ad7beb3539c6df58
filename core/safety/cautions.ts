import {
  PAN_SMOKES_C,
  HOT_SUGAR_C,
  HOT_LIMIT_MIN,
  HOT_ROOM_C,
  HOT_HOLDING_C,
} from './figures/index.ts';
import type { Verb } from '../terms/index.ts';
import { placeNamed, type CookerCaution, type PlaceKind } from '../places/index.ts';
import type { Animal } from '../pantry/index.ts';
import type { Message, MessageKey } from '../words/index.ts';
import {
  CORE_ROUNDING_C,
  FRIDGE_COLD_C,
  POULTRY_CORE_C,
  ROOM_LIMIT_MIN,
  WHOLE_CUT_CORE_C,
} from './figures/index.ts';

/** A caution at a step: what to mind, and who says so. */
export interface Caution {
  readonly message: Message;
  readonly source: MessageKey;
  /** The plan breaks a rule here; it is said, never hidden. */
  readonly broken: boolean;
}

const HOT_FAT = new Set<Verb>(['sear', 'brown', 'fry']);
const COLD = new Set<PlaceKind>(['fridge', 'freezer']);
/** A cellar, ice. */
function isCold({ tempC }: WatchedStep): boolean {
  return tempC !== undefined && tempC <= FRIDGE_COLD_C;
}

const RAW_WORK = new Set<Verb>(['marinate', 'brine', 'temper', 'thaw']);

/** What the rules look at. */
export interface WatchedStep {
  readonly verb: Verb;
  readonly place: PlaceKind;
  /** Where the food comes from; empty when nothing of it was an animal. */
  readonly animals: readonly Animal[];
  /** The planned length. */
  readonly minutes: number;
  /** The core at which it is taken off. */
  readonly coreC?: number | undefined;
  /** False where a food of the step is minced, pierced or game: 63 °C is not for them. */
  readonly wholeCuts?: boolean | undefined;
  /** False where the fire never brings the food to where it should be. */
  readonly reached?: boolean | undefined;
  /** It lies in a brine that was boiled. */
  readonly boiledBrine?: boolean | undefined;
  /** Something sharp, sweet or sour in what is mixed or put on here. */
  readonly holds?: ReadonlySet<'chilli' | 'sugar' | 'acid'> | undefined;
  /** In a pressure cooker, a slow cooker, deep fat. */
  readonly cooker?: CookerCaution | undefined;
  readonly wrapped?: boolean | undefined;
  /** Parts of what is mixed here for someone who avoids something. */
  readonly apart?: readonly string[] | undefined;
  readonly tempC?: number | undefined;
  /** The school of practice that put the step there. */
  readonly school?: string | undefined;
}

/**
 * The cautions of a step, from its verb, its place and how long the plan keeps the food there.
 */
export function cautionsOf(step: WatchedStep): Caution[] {
  const { animals, minutes } = step;
  const raw = animals.length > 0 && RAW_WORK.has(step.verb);
  const cautions: Caution[] = [];
  if (step.school === 'washing') cautions.push(caution('caution.washing', 'source.fsisWashing'));
  if (step.school === 'usedMarinade') {
    cautions.push(caution('caution.boilUsed', 'source.fsisMarinating'));
  }
  if (raw && step.boiledBrine) {
    const values = { tempC: { tempC: FRIDGE_COLD_C } };
    cautions.push(caution('caution.brineCold', 'source.foodCodeCold', values));
  }
  if (raw && (step.verb === 'marinate' || step.verb === 'brine')) {
    cautions.push(caution('caution.marinateCold', 'source.fsisMarinating'));
  }
  if (raw && !COLD.has(step.place) && minutes <= ROOM_LIMIT_MIN) {
    cautions.push(
      caution('caution.twoHours', 'source.fsisTwoHours', {
        limit: { minutes: ROOM_LIMIT_MIN },
        hot: { minutes: HOT_LIMIT_MIN },
        room: { tempC: HOT_ROOM_C },
      }),
    );
  }
  if (placeNamed(step.place).coals || step.verb === 'light') {
    cautions.push(caution('caution.charcoal', 'source.coGuidance'));
    if (step.place === 'grill') cautions.push(caution('caution.flareUp', 'source.common'));
  }
  if (step.reached === false) cautions.push(caution('caution.tooCool', 'source.heat', {}, true));
  if (HOT_FAT.has(step.verb)) cautions.push(caution('caution.hotFat', 'source.common'));
  if (step.verb === 'hold' && !COLD.has(step.place) && !isCold(step)) {
    const values = { tempC: { tempC: HOT_HOLDING_C }, limit: { minutes: ROOM_LIMIT_MIN } };
    cautions.push(caution('caution.holdHot', 'source.foodCodeHold', values));
  }
  cautions.push(...kitchenCautions(step));
  if (step.verb === 'steam') cautions.push(caution('caution.steam', 'source.common'));
  if (step.coreC !== undefined) cautions.push(...coreCautions(step, step.coreC));
  return cautions;
}

/** Where shellfish is cooked. */
const FIRE_VERBS = new Set<Verb>(['grill', 'steam', 'boil', 'fry', 'simmer', 'roast', 'bake']);

/** Fire, fat, steam and knives. */
function kitchenCautions(step: WatchedStep): Caution[] {
  const { verb, place, holds, cooker, tempC = 0 } = step;
  const said: Caution[] = [];
  const say = (key: MessageKey, source: MessageKey = 'source.common') =>
    said.push(caution(key, source));
  if (verb === 'mix' && step.animals.length > 0 && place === 'board') {
    say('caution.washUp', 'source.fsisWashing');
  }
  if (verb === 'mix' && step.apart?.[0] !== undefined) {
    said.push(caution('caution.apart', 'source.common', { who: step.apart.join(', ') }));
  }
  if (verb === 'thaw') say('caution.frozenKnife');
  if (step.animals.includes('shellfish') && FIRE_VERBS.has(verb))
    say('caution.shellfish', 'source.fsisChart');
  if (verb === 'mix' && holds?.has('chilli')) say('caution.chilli');
  if (holds?.has('sugar') && tempC >= HOT_SUGAR_C && place !== 'fridge') say('caution.hotSugar');
  if (place === 'hob' && tempC >= PAN_SMOKES_C) say('caution.smoke');
  if (verb === 'brown') say('caution.fatDrain');
  if (cooker) say(`caution.${cooker}`);
  if (step.wrapped && holds?.has('acid')) say('caution.foilAcid');
  return said;
}

function coreCautions({ animals, wholeCuts }: WatchedStep, coreC: number): Caution[] {
  const poultry = animals.includes('poultry');
  if (animals.length === 0 || (!poultry && wholeCuts === false)) return [];
  const least = poultry ? POULTRY_CORE_C : WHOLE_CUT_CORE_C;
  // Cooler than that is a finding of its own.
  if (coreC < least - CORE_ROUNDING_C) return [];
  const key = poultry ? 'caution.poultryCore' : 'caution.redMeatCore';
  return [caution(key, 'source.fsisChart', { tempC: { tempC: least } })];
}

function caution(
  key: MessageKey,
  source: MessageKey,
  values?: Message['values'],
  broken = false,
): Caution {
  return { message: values ? { key, values } : { key }, source, broken };
}
