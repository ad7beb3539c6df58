import type { Avoidable } from './rows.ts';

/**
 * What a thing the pantry does not know usually holds, by its name, for whoever avoids it: the careful
 * case, until the cook has read its label. The allergens are those of Annex II of Regulation (EU)
 * 1169/2011; what each thing is usually made with is common practice, no source.
 */
const HOLDS: ReadonlyArray<readonly [words: RegExp, holds: readonly Avoidable[]]> = [
  [/\b(pesto)\b/, ['dairy', 'nuts']],
  [/\b(satay|peanuts?|cacahuetes?|mani)\b/, ['peanuts']],
  [/\b(worcester(shire)? sauce)\b/, ['fish', 'gluten']],
  [/\b(fish sauce|anchov(y|ies)|anchoas?|garum|bonito|dashi|caesar dressing)\b/, ['fish']],
  [
    /\b(shrimp paste|prawn crackers?|krupuk|(red|green|yellow|thai) curry paste|xo sauce)\b/,
    ['shellfish'],
  ],
  [/\b(oyster sauce)\b/, ['shellfish', 'soy', 'gluten']],
  [
    /\b(soy sauce|shoyu|teriyaki|hoisin|miso|ponzu|salsa de soja|yakisoba sauce)\b/,
    ['soy', 'gluten'],
  ],
  [/\b(tofu|tempeh|edamame|soya?|soja)\b/, ['soy']],
  [
    /\b(mayo(nnaise)?|mayonesa|aioli|alioli|tartare? sauce|remoulade|hollandaise|bearnaise|salad cream|egg|eggs|huevos?|meringues?)\b/,
    ['egg'],
  ],
  [
    /\b(hollandaise|bearnaise|bechamel|white sauce|cheese sauce|custard|natillas|butter(milk)?|kefir|mascarpone|ricotta|feta|mozzarella|parmesan|pecorino|cheddar|gouda|gruyere|brie|camembert|halloumi|paneer|quark|mantequilla|cream|nata|milk|leche|cheese|queso|yogh?urt|yogur|ghee|whey|ranch|tzatziki|raita|fudge|toffee|caramel sauce|dulce de leche)\b/,
    ['dairy'],
  ],
  [/\b(custard|natillas)\b/, ['egg']],
  [/\b(milk chocolate|white chocolate|chocolate|cocoa spread)\b/, ['dairy', 'soy']],
  [
    /\b(marzipan|praline|nougat|turron|frangipane|nut butter|hazelnut spread|almonds?|almendras?|walnuts?|nueces|hazelnuts?|avellanas?|cashews?|anacardos?|pecans?|pistachios?|pistachos?|macadamias?|brazil nuts?|dukkah|romesco)\b/,
    ['nuts'],
  ],
  [/\b(tahini|tahina|halva|hummus|houmous|sesame|sesamo|dukkah|zaatar|za'atar)\b/, ['sesame']],
  [
    /\b(mustard|mostaza|piccalilli|mayo(nnaise)?|mayonesa|vinaigrette|honey mustard)\b/,
    ['mustard'],
  ],
  [
    /\b(stock|stock (cube|pot|powder)s?|bouillon|broth|caldo|gravy|soup|celery|celeriac|apio|mirepoix|vegetable juice)\b/,
    ['celery'],
  ],
  [
    /\b(gravy|dumplings?|stuffing|suet|bread|breadcrumbs?|panko|crumbs?|croutons?|pan (rallado|de)|flour|harina|semolina|couscous|bulgur|freekeh|pasta|spaghetti|macaroni|noodles?|fideos?|pastry|hojaldre|filo|phyllo|batter|tempura|biscuits?|cookies?|galletas?|crackers?|oats?|oatmeal|barley|cebada|rye|spelt|seitan|malt|bechamel|white sauce|cheese sauce|sausage ?meat|sausages?|beer|cerveza|ale|stout|pita|naan|wraps?|tortilla wraps?|brioche|cake|sponge)\b/,
    ['gluten'],
  ],
  [
    /\b(beer|cerveza|ale|stout|wine|vino|sherry|jerez|port|brandy|conac|rum|ron|vodka|whisk(e)?y|cider|sidra|marsala|vermouth|mirin|sake|liqueur|licor)\b/,
    ['alcohol'],
  ],
  [/\b(wine|vino|sherry|dried (apricots?|fruit)|raisins?|sultanas?|pasas)\b/, ['sulphites']],
  [/\b(lupins?|lupin flour|altramuz|altramuces)\b/, ['lupin']],
  [
    /\b(prawns?|shrimps?|gambas?|crab|cangrejo|lobster|langoustines?|mussels?|mejillones|clams?|almejas?|oysters?|ostras?|scallops?|squid|calamares?|octopus|pulpo|cockles?|crayfish)\b/,
    ['shellfish'],
  ],
  [
    /\b(salmon|tuna|atun|cod|bacalao|haddock|mackerel|caballa|sardines?|trout|trucha|herring|fish|pescado)\b/,
    ['fish'],
  ],
  [
    /\b(lard|lardons?|bacon|beicon|ham|jamon|pancetta|guanciale|chorizo|salami|prosciutto|pork|cerdo|'nduja|nduja|manteca)\b/,
    ['meat', 'pork'],
  ],
  [
    /\b(beef|ternera|chicken|pollo|turkey|pavo|duck|pato|lamb|cordero|suet|dripping|goose fat|duck fat|bone broth|gelatine?|meat|carne)\b/,
    ['meat'],
  ],
];

/** "Coconut milk", "butter beans": what only sounds like one. */
const NO_SUCH =
  /\b((coconut|oat|rice|almond|soya?) (milk|cream|yogh?urt|butter)|leche de coco|peanut butter|(almond|cashew|nut|cocoa|apple|shea) butter|butter ?(beans?|nut( squash)?)|butterhead|cream of tartar|cream crackers?|creamed coconut|rice (flour|noodles?)|(corn|chickpea|gram|almond|coconut|potato|rice|buckwheat) ?(flour|starch)|harina de (maiz|arroz|garbanzo)|corn tortillas?|rice wine vinegar|(wine|sherry|cider|malt) vinegar|vinagre de (vino|jerez|sidra)|ginger (ale|beer)|root beer|pork-free|egg ?plants?|nutmeg|water chestnuts?|chestnuts?|coconut|mustard greens?|celery salt|fish fingers?)\b/g;

/** And what those hold instead. */
const INSTEAD: ReadonlyArray<readonly [words: RegExp, holds: readonly Avoidable[]]> = [
  [/\b(almond|cashew|nut) (milk|cream|butter|flour)\b/, ['nuts']],
  [/\bpeanut butter\b/, ['peanuts']],
  [/\bsoya? (milk|cream|yogh?urt)\b/, ['soy']],
  [/\b(cream crackers?|fish fingers?|malt vinegar)\b/, ['gluten']],
  [/\bfish fingers?\b/, ['fish']],
  [/\bcelery salt\b/, ['celery']],
  [/\bmustard greens?\b/, ['mustard']],
];

/** "Gluten-free soy sauce": what the name itself denies. */
const FREE_OF: ReadonlyArray<readonly [words: RegExp, not: readonly Avoidable[]]> = [
  [/\b(gluten[- ]free|sin gluten)\b/, ['gluten']],
  [/\b((dairy|lactose|milk)[- ]free|sin lactosa)\b/, ['dairy']],
  [/\b(egg[- ]free|sin huevo)\b/, ['egg']],
  [/\b(nut[- ]free)\b/, ['nuts', 'peanuts']],
  [/\b(soya?[- ]free)\b/, ['soy']],
  [/\b((alcohol|0 ?%)[- ]free|alcohol-?free|sin alcohol)\b/, ['alcohol']],
  [
    /\b(vegan|plant[- ]based|vegano|vegana)\b/,
    ['dairy', 'egg', 'fish', 'shellfish', 'meat', 'pork'],
  ],
  [/\b(vegetarian|vegetable|veg|veggie|de verduras)\b/, ['fish', 'shellfish', 'meat', 'pork']],
];

/** @returns what it usually holds, each once; empty where its name says nothing */
export function allergensNamed(name: string): Avoidable[] {
  const words = name.toLowerCase().normalize('NFD').replace(/\p{M}/gu, '').replace(/[_]/g, ' ');
  const plain = words.replace(NO_SUCH, ' ');
  const found = [
    ...HOLDS.filter(([pattern]) => pattern.test(plain)).flatMap(([, holds]) => holds),
    ...INSTEAD.filter(([pattern]) => pattern.test(words)).flatMap(([, holds]) => holds),
  ];
  const denied = new Set(
    FREE_OF.filter(([pattern]) => pattern.test(words)).flatMap(([, not]) => not),
  );
  return [...new Set(found)].filter((one) => !denied.has(one));
}
