export * from './message.ts';
export { coreWords } from './core-words.ts';
