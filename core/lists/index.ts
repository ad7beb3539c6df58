export * from './shopping.ts';
export * from './weighing.ts';
export * from './equipment.ts';
export * from './run-sheet.ts';
export { amountsOfStep, type StepAmounts } from './amounts-of-step.ts';
export { allergensOf, type DishAllergens } from './allergens.ts';
