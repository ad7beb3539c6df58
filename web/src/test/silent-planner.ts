/** A planner that never answers, for tests of what is kept and heard. */
export const silentPlanner = () => ({
  planOn: () => new Promise<never>(() => undefined),
  waysOut: () => new Promise<never>(() => undefined),
  firstPlan: () => new Promise<never>(() => undefined),
  proposals: () => Promise.resolve([]),
  learnt: () => new Promise<never>(() => undefined),
  overRuns: () => Promise.resolve([]),
});
