import { freshId, type Dish } from '../meal/index.ts';
import { all, board, fixed } from './parts.ts';

const PUT_ON_TABLE = 'Open it, taste it, put it in a bowl';

/**
 * A dish bought ready made: as much of it, and nothing to do but to put it on the table.
 *
 * @param taken ids that are in use in its meal
 */
export function readyMade(dish: Dish, taken: ReadonlySet<string>): Dish {
  const [first] = dish.foods;
  return {
    ...dish,
    mixtures: [],
    foods: first ? [{ ...first, name: `${dish.name}, ready made` }] : [],
    steps: [
      {
        id: freshId(`${dish.id} put on the table`, taken),
        verb: 'prepare',
        label: 'Put on the table',
        time: fixed(5),
        place: board,
        hands: all(PUT_ON_TABLE),
        after: [],
        cautions: [],
        ...(first && { foods: [first.id] }),
      },
    ],
  };
}
