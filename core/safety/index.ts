export * from './figures/index.ts';
export { keepingTable } from './keeping.ts';
export { leastCoreC, leastCoreOf, type CoreFacts } from './least-core.ts';
export { longestRaw, rawDays } from './raw-days.ts';
export { afterwards, type Afterwards } from './afterwards.ts';
export { cautionsOf, type Caution, type WatchedStep } from './cautions.ts';
export * from './finding.ts';
export * from './watched.ts';
export { RULES, watch } from './rules/index.ts';
export { lethalityOfCook, safetyOfCook, type Fields } from './cooked.ts';
export {
  holdMinutes,
  lethalityOf,
  lethalityTable,
  type Lethality,
  type LethalityTable,
  type Reading,
} from './lethality.ts';
