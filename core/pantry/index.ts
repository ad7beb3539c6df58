export * from './rows.ts';
export * from './ingredient.ts';
export * from './cut.ts';
export * from './own.ts';
export * from './named.ts';
export { isPlantNamed } from './plants-named.ts';
export { allergensNamed } from './allergens-named.ts';
export * from './pantry.ts';
export * from './stand-ins.ts';
