export { reading, readRecipe, readRecipes, type ReadLine, type ReadRecipe } from './read.ts';
export { correctedIngredient, mixtureNames, redrafted } from './correct.ts';
export { carriedOver, type CorrectedReading } from './corrected-reading.ts';
export { likelyMend, mendLine, type ReadMend } from './mend.ts';
export { draftDish, type DraftDish } from './draft.ts';
export { readPhrase, stepOfPhrase, withPhrase, type ReadPhrase } from './phrase.ts';
export type { ReadAct } from './context.ts';
export type { ReadIngredient } from './ingredient-line.ts';
export { NUMBER, numberIn } from './numbers.ts';
