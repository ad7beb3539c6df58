import type { Animal } from './rows.ts';

/** What a food's name alone says, where nobody knows its cut: the careful case. */
export interface NamedFood {
  readonly animal: Animal;
  readonly minced: boolean;
  /** Cooked, cured or smoked where it was made. */
  readonly ready: boolean;
}

/** What only sounds like an animal: a crab apple, a nut roast, a mushroom burger. */
const NO_ANIMAL =
  /\b(crab apples?|oyster (sauce|mushrooms?)|fish sauce|beef tomato(es)?|lamb'?s lettuce|celery ribs?|kidney beans?|(nut|vegetable|veggie|veg|vegan|vegetarian|halloumi|mushroom|tofu|paneer|fruit|bean|lentil|chickpea|cauliflower)s? (burgers?|patt(y|ies)|kebabs?|koftas?|sausages?|meatballs?|wings?|nuggets?|ribs?|steaks?|roasts?|mince|meat ?loaf|rissoles?|schnitzels?))\b/g;

/** Words of English kitchens, the first that fits. */
const ANIMAL_WORDS: ReadonlyArray<readonly [RegExp, Animal]> = [
  [
    /\b(chicken|turkey|duck|goose|hen|guinea ?fowl|quail|poultry|poussin|capon|pheasant|partridge|grouse|pigeon|woodcock|teal|mallard)s?\b/,
    'poultry',
  ],
  [/\b(venison|deer|boar|rabbit|hare|elk|bear)s?\b/, 'game'],
  [/\b(pork|bacon|ham|gammon|lardons?|sausages?|chorizo|sausage ?meat)\b/, 'pork'],
  [
    /\b(mussel|clam|oyster|cockle|scallop|prawn|shrimp|crab|lobster|langoustine|squid|octopus|shellfish|crayfish|whelk)s?\b/,
    'shellfish',
  ],
  [
    /\b(fish|salmon|trout|cod|hake|haddock|tuna|mackerel|sardine|herring|sea ?bass|bream|halibut|plaice|sole|monkfish|anchov(y|ies)|eel|carp|pike|turbot|pollock)s?\b/,
    'fish',
  ],
  [/\b(drumsticks?|wings?|nuggets?)\b/, 'poultry'],
  [/\b((spare|short|back|baby) ?ribs?|crackling|porchetta|carnitas|rillettes)\b/, 'pork'],
  [
    /\b(lamb|mutton|hogget|goat|kid|kebabs?|koftas?|k[oö]fte|gyros|doner|merguez|shanks?)s?\b/,
    'lamb',
  ],
  [
    /\b(beef|veal|steaks?|brisket|burgers?|patt(y|ies)|meatballs?|meat ?loaf|rissoles?|mince|mincemeat|oxtail|ox cheeks?|(pot|rib|sunday) roasts?|(roasting|rolled|boned) joints?|schnitzels?|sirloin|rump|tartare|carpaccio)\b/,
    'beef',
  ],
  [/\b(liver|kidneys|heart|sweetbreads?|tripe|meat)\b/, 'beef'],
];

const READY =
  /\b(smoked|cured|cooked|tinned|canned|potted|pickled|dried|pre-?cooked|roasted|ready)\b/;
const MINCED =
  /\b(mince|minced|ground|burgers?|patt(y|ies)|meatballs?|meat ?loaf|rissoles?|koftas?|k[oö]fte|kebabs?|merguez|sausages?|sausage ?meat|tartare)\b/;

/** @returns undefined where the name says nothing of an animal */
export function animalNamed(name: string): NamedFood | undefined {
  const words = name.toLowerCase().replaceAll('-', ' ');
  const told = words.replace(NO_ANIMAL, ' ');
  const found = ANIMAL_WORDS.find(([pattern]) => pattern.test(told));
  if (!found) return undefined;
  return { animal: found[1], minced: MINCED.test(words), ready: READY.test(words) };
}

/** Foods that are minded whatever is done to them, or unless they are cooked. */
export const WATCHED_NAMES = {
  /** Poisonous raw, or unless prepared as its own guidance says. */
  poisonRaw:
    /\b(elderberr(y|ies)|elder ?flowers?|cassava|manioc|yuca|green potato(es)?|sprouting potato(es)?|taro|bitter almonds?|apricot kernels?|lima beans?|butter beans?, dry|lupins?|lupin beans?|wild mushrooms?|morels?|fiddleheads?|ackee|rhubarb leaves|nutmegs, whole|yams?, raw|red beans?|runner beans?|bamboo shoots?)\b/,
  sprouts: /\b(bean ?sprouts?|alfalfa|sprouted|sprouts? of|cress sprouts?|mung sprouts?)\b/,
  softCheese:
    /\b(soft (white )?cheese|brie|camembert|blue cheese|fresh cheese|queso|ricotta|unpasteuri[sz]ed|raw milk|feta)\b/,
  smokedFish:
    /\b(smoked|cured|gravad|cold smoked) (salmon|trout|fish|mackerel|eel|herring)\b|\bgravlax\b/,
  liver: /\b(liver|p[aâ]t[eé])\b/,
  stuffing:
    /\b(stuffing|stuffed|stuff (the|it|them)|relleno|rellena(r|mos|lo|la)?|rell[eé]nal[oa]s?)\b/,
  flour: /\b(flour|semolina|dough)\b/,
  honey: /\bhoney\b/,
} as const;

export function isNamed(what: keyof typeof WATCHED_NAMES, text: string): boolean {
  return WATCHED_NAMES[what].test(text.toLowerCase().replaceAll('-', ' '));
}
