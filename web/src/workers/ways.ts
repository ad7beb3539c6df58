import type { Plan } from '@zemrin/core';

/** A plan with the ways out of the one before, until its own are found; none that is less sure than it is. */
export function withWaysOf({ rescues, surer }: Plan, plan: Plan): Plan {
  return { ...plan, rescues, surer: surer.filter(({ onTime }) => onTime > plan.onTime) };
}
