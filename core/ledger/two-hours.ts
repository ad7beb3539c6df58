import { conditionsOf, stageMinutes, type Dish, type Meal, type Step } from '../meal/index.ts';
import { isFirePlace } from '../places/index.ts';
import {
  HOT_HOLDING_C,
  HOT_LIMIT_MIN,
  HOT_ROOM_C,
  outOfFridge,
  ROOM_LIMIT_MIN,
  SERVED_WAIT_MIN,
} from '../safety/index.ts';
import { followsFire, isFire } from './step-chain.ts';

/** No wait is asked to be shorter than this, however little is left. */
const LEAST_WAIT_MIN = 5;

/** The longest that food may wait, minutes: after each step, and for the table. */
export interface LongestWaits {
  readonly after: (step: Step) => number;
  readonly forTableMin: number;
}

/**
 * How long each wait of a dish may be, so that its warm steps and all its waits together keep within
 * the two hours (one, where it is hot): raw food before its fire, cooked food after it. The wait for
 * the table gives way last, but it does.
 */
export function longestWaits(meal: Meal, dish: Dish): LongestWaits {
  const { roomC } = conditionsOf(meal.kitchen);
  const limit = roomC > HOT_ROOM_C ? HOT_LIMIT_MIN : ROOM_LIMIT_MIN;
  const isCooked = (step: Step) => isFire(dish, step) || followsFire(dish, step);
  const warm = dish.steps.filter((step) => !isFire(dish, step) && standsWarm(step));
  const waitedFor = dish.steps.filter(
    (step) =>
      !isCold(step) && dish.steps.some(({ after }) => after.some((gap) => gap.step === step.id)),
  );
  const leftOf = (cooked: boolean) => {
    const steps = warm.filter((step) => isCooked(step) === cooked);
    const waits = waitedFor.filter((step) => isCooked(step) === cooked).length;
    const busyMin = steps.reduce((sum, { time }) => sum + stageMinutes(time), 0);
    return { leftMin: limit - busyMin, waits: Math.max(1, waits) };
  };
  const share = (leftMin: number, waits: number) =>
    Math.max(LEAST_WAIT_MIN, Math.floor(leftMin / waits));
  const [raw, cooked] = [leftOf(false), leftOf(true)];
  const asked = Math.min(SERVED_WAIT_MIN, dish.readyWithinMin);
  const forTableMin = Math.max(
    LEAST_WAIT_MIN,
    Math.min(asked, cooked.leftMin - cooked.waits * LEAST_WAIT_MIN),
  );
  const rawMin = share(raw.leftMin, raw.waits);
  const cookedMin = share(cooked.leftMin - forTableMin, cooked.waits);
  return { after: (step) => (isCooked(step) ? cookedMin : rawMin), forTableMin };
}

/** Out of the fridge, and nothing keeps it hot. */
function standsWarm({ place }: Step): boolean {
  const hot = isFirePlace(place.kind) || (place.tempC ?? 0) >= HOT_HOLDING_C;
  return !hot && !isCold({ place });
}

function isCold({ place }: Pick<Step, 'place'>): boolean {
  const standing = { place: place.kind, tempC: place.tempC };
  return !outOfFridge(standing) && !isFirePlace(place.kind);
}
