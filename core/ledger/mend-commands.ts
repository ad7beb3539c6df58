import { FULL_BOIL_MIN, ICE_BATH_MIN, WASH_BOARD_MIN, FRIDGE_C } from '../figures/index.ts';
import { freshId, takenIds, type Command, type Meal, type Step } from '../meal/index.ts';
import type { Mend } from '../safety/index.ts';
import type { Message } from '../words/index.ts';

/** What a mend says on its button. */
export function mendMessage(mend: Mend): Message {
  switch (mend.kind) {
    case 'minutes':
      return { key: 'mend.minutes', values: { minutes: { minutes: mend.minutes } } };
    case 'core':
      return { key: 'mend.core', values: { tempC: { tempC: mend.coreC } } };
    case 'heat':
      return { key: 'mend.heat', values: { tempC: { tempC: mend.tempC } } };
    case 'keeps':
    case 'keepsDish':
      return { key: 'mend.keeps', values: { days: String(mend.days) } };
    case 'frozen':
      return { key: 'mend.frozen' };
    case 'farmed':
      return { key: 'mend.farmed' };
    case 'fridge':
      return { key: 'mend.fridge' };
    case 'iceBefore':
      return { key: 'mend.iceBefore' };
    case 'boilBefore':
      return { key: 'mend.boilBefore' };
    case 'coolBefore':
      return { key: 'mend.coolBefore' };
    case 'washBefore':
      return { key: 'mend.washBefore' };
  }
}

/** What to change so that the rule is kept; the plan follows. */
export function mendCommands(
  meal: Meal,
  mend: Mend,
  labelOf: (key: 'mend.boilStep' | 'mend.coolStep' | 'mend.iceStep' | 'mend.washStep') => string,
): Command[] {
  if (mend.kind === 'keeps') {
    return meal.dishes
      .filter(({ mixtures }) => mixtures.some(({ id }) => id === mend.mixture))
      .map(({ id }) => ({
        do: 'editMixture',
        dish: id,
        mixture: mend.mixture,
        change: { keepsDays: mend.days },
      }));
  }
  if (mend.kind === 'keepsDish') {
    return meal.dishes
      .filter(({ id }) => id === mend.dish)
      .map((dish) => ({
        do: 'replaceDish',
        dish: dish.id,
        with: { ...dish, keepsDays: mend.days },
      }));
  }
  if ('food' in mend) {
    const change = mend.kind === 'frozen' ? { frozenBefore: true } : { farmed: true };
    return meal.dishes
      .filter(({ foods }) => foods.some(({ id }) => id === mend.food))
      .map(({ id }) => ({
        do: 'editFood',
        dish: id,
        food: mend.food,
        change,
      }));
  }
  const step = meal.dishes.flatMap(({ steps }) => steps).find(({ id }) => id === mend.step);
  if (!step) return [];
  switch (mend.kind) {
    case 'minutes':
      return shortened(meal, step, mend.minutes);
    case 'fridge': {
      const place = { kind: 'fridge', tempC: FRIDGE_C } as const;
      return [{ do: 'editStep', step: step.id, change: { place } }];
    }
    case 'heat': {
      const place = { ...step.place, tempC: mend.tempC };
      return [{ do: 'editStep', step: step.id, change: { place } }];
    }
    case 'core':
      return hotter(step, mend.coreC);
    case 'boilBefore':
      return before(meal, step, labelOf('mend.boilStep'), {
        verb: 'boil',
        mixtures: [mend.mixture],
        time: { kind: 'fixed', minutes: FULL_BOIL_MIN },
        place: { kind: 'hob', tempC: 100 },
        hands: [{ when: 'all', what: labelOf('mend.boilStep') }],
      });
    case 'coolBefore':
      return before(meal, step, labelOf('mend.coolStep'), {
        verb: 'cool',
        mixtures: [mend.mixture],
        time: { kind: 'cooling', mixture: mend.mixture },
        place: { kind: 'fridge', tempC: FRIDGE_C },
        hands: [],
      });
    case 'washBefore':
      return before(meal, step, labelOf('mend.washStep'), {
        verb: 'prepare',
        time: { kind: 'fixed', minutes: WASH_BOARD_MIN },
        place: { kind: 'board' },
        hands: [{ when: 'all', what: labelOf('mend.washStep') }],
        washes: true,
      });
    case 'iceBefore':
      return before(meal, step, labelOf('mend.iceStep'), {
        verb: 'cool',
        time: { kind: 'range', ...ICE_BATH_MIN },
        place: { kind: 'counter', tempC: 1 },
        hands: [{ when: 'start', minutes: 5, what: labelOf('mend.iceStep') }],
      });
  }
}

function shortened(meal: Meal, step: Step, minutes: number): Command[] {
  const { time } = step;
  if (time.kind === 'soak') {
    const dish = meal.dishes.find(({ steps }) => steps.some(({ id }) => id === step.id));
    const leastMin = Math.min(minutes, 30);
    const change = { window: { leastMin, bestMin: minutes, longestMin: minutes } };
    return dish ? [{ do: 'editMixture', dish: dish.id, mixture: time.mixture, change }] : [];
  }
  if (time.kind === 'elastic') {
    const least = Math.min(time.leastMin, minutes);
    const best = Math.min(time.bestMin, minutes);
    const to = { ...time, leastMin: least, bestMin: best, longestMin: minutes };
    return [{ do: 'setStepTime', step: step.id, time: to }];
  }
  return [{ do: 'setStepTime', step: step.id, time: { kind: 'fixed', minutes } }];
}

function hotter(step: Step, coreC: number): Command[] {
  const doneWhen = { ...step.doneWhen, coreC };
  const said: Command = { do: 'editStep', step: step.id, change: { doneWhen } };
  if (step.time.kind !== 'heat' || !('coreC' in step.time.until)) return [said];
  return [said, { do: 'setStepTime', step: step.id, time: { ...step.time, until: { coreC } } }];
}

function before(
  meal: Meal,
  step: Step,
  label: string,
  added: Pick<Step, 'verb' | 'time' | 'place' | 'hands' | 'mixtures' | 'washes'>,
): Command[] {
  const id = freshId(`${step.id} ${added.verb}`, takenIds(meal));
  const whole = { ...added, id, label, after: [], cautions: [] };
  return [{ do: 'addStepBefore', step: step.id, new: whole }];
}
