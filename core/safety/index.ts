export * from './growing-minutes.ts';
export * from './figures/index.ts';
export { keepingTable } from './keeping.ts';
export { leastCoreC, type CoreFacts } from './least-core.ts';
export { longestRaw, rawDays } from './raw-days.ts';
export { afterwards, type Afterwards } from './afterwards.ts';
export { cautionsOf, type Caution, type WatchedStep } from './cautions.ts';
export * from './finding.ts';
export { killsIn } from './kills.ts';
export * from './ledger.ts';
export * from './ledger-tool.ts';
export { RULES, ruleTitle, watch } from './rules/index.ts';
export { safetyOfCook, type Fields } from './cooked.ts';
export {
  holdMinutes,
  lethalityOf,
  type Lethality,
  type LethalityTable,
  type Reading,
} from './lethality.ts';
