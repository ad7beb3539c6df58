export * from './message.ts';
export { en as coreWords, type MessageKey } from './en.ts';
export * from './terms.ts';
