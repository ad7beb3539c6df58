import type { Message } from '../../words/index.ts';
import { type Rule, type SafetyFinding } from '../finding.ts';
import type { Ledger } from '../ledger.ts';
import { beans } from './beans.ts';
import { brineCold } from './brine-cold.ts';
import { contact } from './contact.ts';
import { cookedKeeping } from './cooked-keeping.ts';
import { cooling } from './cooling.ts';
import { core } from './core.ts';
import { counter } from './counter.ts';
import { curing } from './curing.ts';
import { declared } from './declared.ts';
import { eaters } from './eaters.ts';
import { eggDishes } from './egg-dishes.ts';
import { fish } from './fish.ts';
import { garlicOil } from './garlic-oil.ts';
import { holding } from './holding.ts';
import { labels } from './labels.ts';
import { leftovers } from './leftovers.ts';
import { longSoak } from './long-soak.ts';
import { fruitPaste } from './fruit-paste.ts';
import { highBoil } from './high-boil.ts';
import { notForThem } from './not-for-them.ts';
import { perishable } from './perishable.ts';
import { partCooking } from './part-cooking.ts';
import { poisonous } from './poisonous.ts';
import { sameVessel } from './same-vessel.ts';
import { shelf } from './shelf.ts';
import { stuffing } from './stuffing.ts';
import { tooFull } from './too-full.ts';
import { unknownFood } from './unknown-food.ts';
import { parasites } from './parasites.ts';
import { powerCut } from './power-cut.ts';
import { rawKeeping } from './raw-keeping.ts';
import { reheating } from './reheating.ts';
import { rice } from './rice.ts';
import { frozenSlow } from './frozen-slow.ts';
import { slowWarming } from './slow-warming.ts';
import { souring } from './souring.ts';
import { thawing } from './thawing.ts';
import { washing } from './washing.ts';

/** Every rule, in the order of the work. */
export const RULES: readonly Rule[] = [
  eaters,
  unknownFood,
  declared,
  notForThem,
  poisonous,
  thawing,
  rawKeeping,
  counter,
  perishable,
  longSoak,
  fruitPaste,
  brineCold,
  curing,
  garlicOil,
  shelf,
  souring,
  beans,
  fish,
  parasites,
  contact,
  washing,
  sameVessel,
  highBoil,
  slowWarming,
  frozenSlow,
  core,
  partCooking,
  stuffing,
  tooFull,
  eggDishes,
  holding,
  rice,
  cooling,
  cookedKeeping,
  reheating,
  labels,
  leftovers,
  powerCut,
];

/** What the rules have to say of a meal: rule by rule, each finding once. */
export function watch(meal: Ledger, rules: readonly Rule[] = RULES): SafetyFinding[] {
  return onceEach(
    meal,
    rules.flatMap((rule) => rule.check(meal)),
  );
}

/** What was found of a food before a part of it became another dish is said there, and not twice. */
function onceEach({ dishes }: Ledger, found: readonly SafetyFinding[]): SafetyFinding[] {
  const homes = new Map(dishes.flatMap(({ id, acts }) => acts.map((act) => [act.id, id] as const)));
  const isAtHome = ({ step, dish }: SafetyFinding) =>
    step === undefined || homes.get(step) === dish || !homes.has(step);
  return found.filter(
    (one) =>
      isAtHome(one) ||
      !found.some(
        ({ rule, step, dish }) => rule === one.rule && step === one.step && dish !== one.dish,
      ),
  );
}

/** What a rule is called, by its id; undefined where it is none of ours. */
export function ruleTitle(id: string): Message | undefined {
  const rule = RULES.find((one) => one.id === id);
  return rule && { key: rule.title };
}
