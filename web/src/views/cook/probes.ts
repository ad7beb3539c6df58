import type { RunState } from '@zemrin/core';

/** Cooked to a core, going on, and no probe in it: the steps by id. */
export function stepsToProbe(state: RunState): string[] {
  const probed = new Set(state.probes.values());
  return state.meal.dishes.flatMap(({ steps }) =>
    steps
      .filter(({ id, time }) => {
        const going = state.begun.has(id) && !state.ended.has(id);
        return going && time.kind === 'heat' && 'coreC' in time.until && !probed.has(id);
      })
      .map(({ id }) => id),
  );
}

/** The probe for a step: the one its food already has, else the first that is in nothing. */
export function freeProbe(state: RunState, step: string): string {
  const dishOf = (id: string) =>
    state.meal.dishes.find(({ steps }) => steps.some((one) => one.id === id))?.id;
  const own = [...state.probes].find(
    ([, other]) => dishOf(other) === dishOf(step) && state.ended.has(other),
  );
  if (own) return own[0];
  const taken = new Set(state.probes.keys());
  let number = 1;
  while (taken.has(`probe ${number}`)) number++;
  return `probe ${number}`;
}
