import { BOILED } from './boiled.ts';
import { BREADS } from './bread.ts';
import { EGGS } from './eggs.ts';
import { GRILL } from './grill.ts';
import { OVEN } from './oven.ts';
import { PAN } from './pan.ts';
import { POT } from './pot.ts';
import { PAN_STEAKS } from './pan-steaks.ts';
import { SAUCES } from './sauces.ts';
import { SECOND_DISHES } from './second-dish.ts';
import { SHELLFISH } from './shellfish.ts';
import { SIDES } from './sides.ts';
import { SMOKE } from './smoke.ts';
import { SOUR } from './sour.ts';
import { SWEET } from './sweet.ts';
import type { Pattern } from './pattern.ts';

export {
  patternDish,
  practicesAsked,
  usualChoices,
  type Choices,
  type Pattern,
} from './pattern.ts';
export { byMinutesLeft, searchBook, type BookEntry } from './book.ts';
export { placeOfFire, type Fire } from './other-fire.ts';
export { secondDishesOf } from './second-dish.ts';
export { overOtherFires } from './another-fire.ts';
export { madeAhead } from './make-ahead.ts';
export { readyMade } from './ready-made.ts';
export { fireFor, type FireSetUp } from './fire.ts';

/** The pattern book: chains by technique, mains first. */
export const PATTERNS: readonly Pattern[] = [
  ...GRILL,
  ...SMOKE,
  ...OVEN,
  ...POT,
  ...PAN,
  ...PAN_STEAKS,
  ...SECOND_DISHES,
  ...SHELLFISH,
  ...BOILED,
  ...EGGS,
  ...SIDES,
  ...SOUR,
  ...BREADS,
  ...SAUCES,
  ...SWEET,
];

export function patternNamed(id: string): Pattern | undefined {
  return PATTERNS.find((pattern) => pattern.id === id);
}
