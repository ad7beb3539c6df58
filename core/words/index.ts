export * from './message.ts';
export { coreWords } from './core-words.ts';
export { safety as safetyWords } from './en-safety.ts';
