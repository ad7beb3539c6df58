import { at, board, counter, food, fridge, H, one, step, type LedgerCase } from './case.ts';

/** The fourth round, small: fires that are cooler than what they are said to do. */
export const ROUND_4: readonly LedgerCase[] = [
  {
    name: 'chicken poached at 55 for twenty minutes',
    verdict: 'stop',
    rule: 'core',
    meal: one({
      foods: [food('chicken', 'chicken-breast', 800)],
      steps: [step('simmer', at('hob', 55), 20), step('slice', board, 10)],
    }),
  },
  {
    name: 'chicken poached at 80 for forty minutes',
    verdict: 'pass',
    meal: one({
      foods: [food('chicken', 'chicken-breast', 800)],
      steps: [step('simmer', at('hob', 80), 40), step('slice', board, 10)],
    }),
  },
  {
    name: 'venison of a cut nobody knows, five hours in a slow cooker at 45',
    verdict: 'stop',
    rule: 'core',
    meal: one({
      foods: [food('venison', undefined, 800)],
      steps: [step('braise', at('slow-cooker', 45), 5 * H)],
    }),
  },
  {
    name: 'pork said to reach 70 in an oven at 55',
    verdict: 'stop',
    rule: 'core',
    meal: one({
      foods: [food('pork', 'pork-loin-boneless', 1200)],
      steps: [
        step('roast', at('oven', 55), 300, { doneWhen: { coreC: 70 } }),
        step('rest', board, 10),
      ],
    }),
  },
  {
    name: 'a stew chilled, and warmed in a slow cooker on the counter',
    verdict: 'pass',
    meal: one({
      foods: [food('beef', 'beef-chuck', 900)],
      steps: [
        step('braise', at('oven', 150), 180),
        step('chill', fridge, 12 * H),
        {
          verb: 'braise',
          place: counter,
          time: { kind: 'heat', food: 'beef', cooker: 'slow-cooker-high', until: { coreC: 80 } },
        },
      ],
    }),
  },
];
