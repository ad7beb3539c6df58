import { isOnce, PATTERNS, patternDish, readPhrase, withPhrase, type Step } from '@zemrin/core';
import { describe, expect, it } from 'vitest';
import { supper } from '../../test/render.tsx';
import { dishes } from '../../words/en/dishes.ts';
import { verbs } from '../../words/en/verbs.ts';
import { learn, words } from '../../words/words.ts';
import { saidTime } from './saidTime.ts';

learn(dishes);
learn(verbs);

const { kitchen } = supper();
const SAID = new Set(['fixed', 'range', 'elastic']);

/** What of a step its time field says: the ends of its length, its core, its tending, its branch. */
function told({ time, hands, doneWhen }: Step) {
  const { leastMin, mostMin, longestMin, minutes } = time as unknown as Record<string, number>;
  const tending = hands.find((one) => one.when === 'every' && !isOnce(one));
  return {
    ends: [leastMin ?? minutes, mostMin ?? longestMin ?? minutes],
    every: tending?.when === 'every' ? [tending.everyMin, tending.firstMin] : undefined,
    moments: hands.filter(isOnce),
    core: doneWhen?.coreC,
    otherwise: doneWhen?.otherwise,
  };
}

describe('the time of a step as one says it', () => {
  it('reads back as what it was, for every step of the pattern book', () => {
    const wrong: string[] = [];
    for (const pattern of PATTERNS) {
      const dish = patternDish(pattern, {}, new Set());
      for (const step of dish.steps) {
        const several = step.hands.filter((one) => one.when === 'every' && !isOnce(one)).length > 1;
        if (!SAID.has(step.time.kind) || several) continue;
        const said = saidTime(step, dish, kitchen, words);
        const again = withPhrase(step, readPhrase(said, dish.foods, step.verb));
        if (JSON.stringify(told(again)) !== JSON.stringify(told(step)))
          wrong.push(`${pattern.id}, ${step.label}: “${said}”`);
      }
    }
    expect(wrong).toEqual([]);
  });

  it('says the core at which what takes a length of time is done', () => {
    const [dish] = supper().dishes;
    const [step] = dish?.steps ?? [];
    if (!dish || !step) throw new Error('the supper has no step');
    const timed: Step = { ...step, time: { kind: 'fixed', minutes: 420 }, doneWhen: { coreC: 74 } };
    const said = saidTime({ ...timed, hands: [], after: [] }, dish, kitchen, words);
    expect(said).toBe('7 h, until 74° in the middle');
    const again = withPhrase(timed, readPhrase(said, dish.foods, 'smoke'));
    expect([again.time, again.doneWhen]).toEqual([timed.time, timed.doneWhen]);
  });
});
