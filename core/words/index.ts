export * from './message.ts';
export { schools as schoolWords } from './en-schools.ts';
export { coreWords } from './core-words.ts';
