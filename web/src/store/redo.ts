import { applyCommand, type Command, type Meal } from '@zemrin/core';

/**
 * What was done here, done again on what another window made of the meal meanwhile. Fetched when
 * two windows meet, which is hardly ever.
 *
 * @param done commands, or `whole` where the meal was put there as it is
 */
export function doneAgain(theirs: Meal, mine: Meal, done: readonly (Command | 'whole')[]): Meal {
  return done.reduce<Meal>(
    (meal, one) => (one === 'whole' ? mine : applyCommand(meal, one)),
    theirs,
  );
}
