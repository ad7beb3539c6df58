import { CUTS, INGREDIENTS } from './pantry.ts';

/** Words of things that were no animal and are in no row of the pantry by that name. */
const OTHERS =
  /\b(salads?|slaw|greens|vegetables?|veg|fruits?|berry|berries|apples?|pears?|plums?|cherries|peach(es)?|grapes?|melons?|oranges?|lemons?|limes?|bananas?|mango(es)?|pineapples?|tomato(es)?|cucumbers?|courgettes?|zucchini|squash|pumpkins?|peppers?|chill?i(es)?|lettuce|leaves|kale|chard|leeks?|onions?|shallots?|garlic|fennel|parsnips?|turnips?|swede|radish(es)?|celeriac|artichokes?|okra|bread|loaf|loaves|rolls?|buns?|toast|flatbreads?|tortillas?|pitta|pita|naan|pasta|noodles?|rice|grains?|oats?|couscous|beans?|lentils?|peas|chickpeas?|nuts?|almonds?|seeds?|olives?|pickles?|kimchi|sauerkraut|cheese|feta|halloumi|paneer|yogh?urt|cream|butter|tofu|tempeh|seitan|mushrooms?|herbs?|parsley|coriander|basil|jam|honey|chocolate|cake|biscuits?|pastry|dough|batter|crumble|granola|ice cream|sorbet|jelly|water|juice|tea|coffee|wine|beer|sauce|dressing|salsa|dip|hummus|guacamole|elder ?flowers?|elderberr(y|ies)|cassava|flour|sugar|salt|polenta|dumplings?|stuffing|soup|gravy|dessert|pudding|verduras?|hortalizas?|patatas?|zanahorias?|cebollas?|tomates?|pimientos?|calabac[a-z]+|berenjenas?|ensaladas?|arroz|garbanzos|lentejas|alubias|setas|queso|frutas?|pan)\b/i;

/** Words of four letters and more, in the singular. */
function wordsOf(name: string): string[] {
  const words = name.toLowerCase().match(/\p{L}{4,}/gu) ?? [];
  return words.map((word) => word.replace(/(?:es|s)$/u, ''));
}

let known: ReadonlySet<string> | undefined;

function knownWords(): ReadonlySet<string> {
  const plants = [...CUTS.values()].filter(({ animal }) => animal === 'none');
  const other = [...INGREDIENTS.values()].filter(
    ({ holds }) => !['meat', 'fish', 'shellfish'].some((one) => holds.some((held) => held === one)),
  );
  known ??= new Set([...plants, ...other].flatMap(({ name, id }) => wordsOf(`${name} ${id}`)));
  return known;
}

/** Whether a name says that a food was no animal; what no name says may have been one. */
export function isPlantNamed(name: string): boolean {
  const plain = name.replaceAll('-', ' ');
  return OTHERS.test(plain) || wordsOf(plain).some((word) => knownWords().has(word));
}
