export * from './schema.ts';
export * from './parse.ts';
export * from './amounts.ts';
export * from './commands.ts';
export * from './starters.ts';
export * from './avoids.ts';
export * from './seats.ts';
export * from './batches.ts';
export { freshId, takenIds } from './ids.ts';
