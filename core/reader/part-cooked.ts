import { FIRE_VERBS, partCookedIn } from '../terms/index.ts';
import type { ReadAct } from './context.ts';
import type { ReadRecipe } from './read.ts';

/** "Roast for 20 minutes until half done": the first fire of its sentence ends there, and is no last one. */
export function withPartCooked(recipe: ReadRecipe): ReadRecipe {
  const isFire = ({ verb }: ReadAct) => FIRE_VERBS.has(verb);
  const acts = recipe.acts.map((act, i) => {
    const said = isFire(act) ? partCookedIn(act.text) : undefined;
    const isFirst = !recipe.acts.slice(0, i).some((one) => isFire(one) && one.text === act.text);
    return said !== undefined && isFirst ? { ...act, until: said } : act;
  });
  return { ...recipe, acts };
}
