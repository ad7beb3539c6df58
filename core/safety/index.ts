export * from './figures.ts';
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
