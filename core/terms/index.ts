export * from './verbs.ts';
export * from './prepared.ts';
