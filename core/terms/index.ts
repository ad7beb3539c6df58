export * from './verbs.ts';
