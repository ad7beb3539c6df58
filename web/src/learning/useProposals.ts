import type { Meal, Proposal, Run } from '@zemrin/core';
import { useEffect, useMemo, useState } from 'react';
import { useAppSelector } from '../store/store.ts';
import { runPlanner } from '../workers/runs.ts';

/** Runs that were cooked for good; a rehearsal teaches nothing. */
export function useRuns(): readonly Run[] {
  const runs = useAppSelector((state) => state.runs.runs);
  return useMemo(
    () =>
      Object.values(runs)
        .filter(({ rehearsal }) => rehearsal === undefined)
        .map(({ run }) => run),
    [runs],
  );
}

/** What earlier runs ask for in this meal, and nobody has answered yet. */
export function useProposals(meal: Meal | undefined): readonly Proposal[] {
  const runs = useRuns();
  const [found, setFound] = useState<readonly Proposal[]>([]);
  const about = useMemo(() => {
    const names = new Set(meal?.dishes.map(({ name }) => name.toLowerCase()));
    return runs.filter((run) => run.meal.dishes.some(({ name }) => names.has(name.toLowerCase())));
  }, [runs, meal]);
  useEffect(() => {
    if (!meal || about.length === 0) return undefined;
    let gone = false;
    void runPlanner()
      .proposals(about, meal)
      .then((proposals) => {
        if (!gone) setFound(proposals);
      });
    return () => {
      gone = true;
    };
  }, [about, meal]);
  const answered = new Set(meal?.answered);
  return about.length === 0 ? NONE : found.filter(({ id }) => !answered.has(id));
}

const NONE: readonly Proposal[] = [];
