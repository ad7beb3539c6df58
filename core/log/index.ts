export { learn, type Learnt } from './learn.ts';
export { factsOf, type CookFact, type RunFacts, type StepFact } from './facts.ts';
export { proposalsOf } from './proposals.ts';
export type { Because, Proposal } from './proposal.ts';
export { calibrateCooks, type ApplianceEstimate, type CookEvidence } from './calibrate.ts';
export type { PaceEstimate } from './pace.ts';
export { remarksIn, type Remark } from './remarks.ts';
