import { readRecipe } from '../reader/index.ts';

/** What lasts, is set or comes to a core, in a line each: the verb, its minutes, heat, core, where. */
export const stepsTold = (method: string, list = '1 kg lamb shoulder') =>
  readRecipe(`${list}\n\n${method}`)
    .acts.filter((act) => (act.likelyMin ?? act.mostMin ?? act.tempC ?? act.untilC) !== undefined)
    .map(({ verb, leastMin, likelyMin, mostMin, tempC, untilC, place }) =>
      [
        verb,
        [...new Set([leastMin, likelyMin, mostMin])].join('-'),
        tempC === undefined ? '' : `@${tempC}`,
        untilC === undefined ? '' : `to ${untilC}`,
        place,
      ]
        .filter((word) => word !== '')
        .join(' '),
    );
