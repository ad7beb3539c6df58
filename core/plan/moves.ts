import type { Plan, PlannedStep } from './planned.ts';

/** A step that lies elsewhere than in the plan before. */
export interface Move {
  readonly step: string;
  readonly label: string;
  readonly dishName: string;
  readonly fromMin: number;
  readonly toMin: number;
  /** Its length changed by so much too. */
  readonly longerMin: number;
}

/**
 * What a new plan moves, in order of time: what was begun is left out, and what only became
 * longer where it stood is told as such.
 */
export function movesBetween(before: Pick<Plan, 'steps'>, after: Pick<Plan, 'steps'>): Move[] {
  const was = new Map(before.steps.map((step) => [step.id, step]));
  const length = (step: PlannedStep) => step.endMin - step.startMin;
  return after.steps
    .flatMap((step): Move[] => {
      const old = was.get(step.id);
      if (!old || step.begun) return [];
      const longerMin = length(step) - length(old);
      if (old.startMin === step.startMin && longerMin === 0) return [];
      const { id, label, dishName } = step;
      return [
        { step: id, label, dishName, fromMin: old.startMin, toMin: step.startMin, longerMin },
      ];
    })
    .sort((a, b) => a.toMin - b.toMin || a.step.localeCompare(b.step));
}
