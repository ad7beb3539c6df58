export * from './message.ts';
export { en as coreWords } from './en.ts';
export { safety as safetyWords } from './en-safety.ts';
export * from './terms.ts';
