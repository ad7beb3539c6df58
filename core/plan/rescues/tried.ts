import type { Meal } from '../../meal/index.ts';
import type { Plan } from '../planned.ts';

/** What a plan for a changed meal, or for another serving time, comes to. */
export interface Tried extends Pick<Plan, 'status' | 'onTime'> {
  /** Which rules of safety it breaks at which steps; costly, so only of what is to be offered. */
  readonly stops: () => readonly string[];
}
/** `carefully` where what is only just possible must not be missed: as long as a first plan is looked for. */
export type TryMeal = (meal: Meal, servingMin?: number, carefully?: boolean) => Tried;

/** Where a plan breaks which rules of safety that the cook has not overruled. */
export function stopsOf(findings: Plan['findings']): string[] {
  return findings.flatMap(({ level, overruled, rule, dish, step = '' }) =>
    level === 'stop' && !overruled ? `${rule} ${dish} ${step}` : [],
  );
}

/** Whether it can be carried out, and breaks no rule that is not broken as things stand. */
export function works({ status, stops }: Tried, { findings }: Plan): boolean {
  if (status === 'cannot') return false;
  const before = new Set(stopsOf(findings));
  return stops().every((stop) => before.has(stop));
}
