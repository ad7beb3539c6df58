export * from './figures.ts';
export { cautionsOf, type Caution } from './cautions.ts';
