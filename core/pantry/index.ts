export * from './pantry.ts';
