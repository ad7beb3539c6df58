import {
  isEggDish,
  isLeftOver,
  isJudgedAsMince,
  isReady,
  isShellEgg,
  type Animal,
  type Cut,
} from '../pantry/index.ts';
import {
  EGG_CORE_C,
  GAME_CORE_C,
  MINCED_CORE_C,
  PIERCED_CORE_C,
  REHEATED_CORE_C,
  POULTRY_CORE_C,
  READY_CORE_C,
  WHOLE_CUT_CORE_C,
} from './figures/index.ts';

/** What of a food decides how hot its middle has to be. */
export interface CoreFacts {
  readonly animal: Animal;
  readonly minced: boolean;
  /** Injected or pierced: what was on the surface is inside. */
  readonly pierced: boolean;
  /** Cooked where it was made. */
  readonly ready: boolean;
  /** Eggs in their shell, or what eggs set. */
  readonly eggs?: boolean;
}

/** What public guidance wants of the middle of a food, °C; undefined where it says nothing. */
export function leastCoreOf(food: CoreFacts): number | undefined {
  if (food.eggs) return EGG_CORE_C;
  if (food.animal === 'none') return undefined;
  if (food.ready) return READY_CORE_C;
  if (food.animal === 'poultry') return POULTRY_CORE_C;
  if (food.minced) return MINCED_CORE_C;
  if (food.animal === 'game') return GAME_CORE_C;
  return food.pierced ? PIERCED_CORE_C : WHOLE_CUT_CORE_C;
}

/** The same for a cut as the shop sells it. */
export function leastCoreC(
  cut: Pick<Cut, 'id' | 'animal' | 'holds' | 'targets'>,
): number | undefined {
  if (isLeftOver(cut)) return REHEATED_CORE_C;
  return leastCoreOf({
    animal: cut.animal,
    minced: isJudgedAsMince(cut),
    pierced: false,
    ready: isReady(cut),
    eggs: isShellEgg(cut) || isEggDish(cut),
  });
}
