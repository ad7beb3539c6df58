export * from './verbs.ts';
export * from './part-cooked.ts';
