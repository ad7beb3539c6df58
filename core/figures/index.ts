export * from './physics.ts';
