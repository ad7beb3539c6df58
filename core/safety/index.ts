export * from './figures.ts';
export { KEEPING, keepingTable, POWER_OUT_H, type Keeping, type KeepingKind } from './keeping.ts';
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
