import { NUMBER } from './numbers.ts';

/** Spanish units, and English ones the kitchen does not write itself, as it writes them. */
export const UNIT_WORDS: ReadonlyArray<readonly [RegExp, string]> = [
  [/^(?:cucharadas?|cdas?\.?|cs\.?|c\. ?s\.?)$/i, 'tbsp'],
  [/^(?:cucharaditas?|cditas?\.?|cdtas?\.?)$/i, 'tsp'],
  [/^(?:tazas?)$/i, 'cup'],
  [/^(?:pizcas?)$/i, 'pinch'],
  [/^(?:gramos?|gr?s?\.?)$/i, 'g'],
  [/^(?:kilos?|kilogramos?|kgs?\.?)$/i, 'kg'],
  [/^(?:litros?|l\.?|lts?\.?)$/i, 'l'],
  [/^(?:mililitros?|mls?\.?|cc)$/i, 'ml'],
  [/^(?:libras?|lbs?\.?|pounds?)$/i, 'lb'],
  [/^(?:onzas?|oz\.?|ounces?)$/i, 'oz'],
  [/^(?:T\.?|Tbsp?s?\.?|Tbl\.?|tbsp?s?\.?|tablespoons?|tablespoonfuls?)$/, 'tbsp'],
  [/^(?:t\.?|tsps?\.?|teaspoons?|teaspoonfuls?)$/, 'tsp'],
  [/^(?:c|C|cups?|cupfuls?)\.?$/, 'cup'],
  [/^(?:fl\.? ?oz\.?|fluid ounces?)$/i, 'floz'],
  [/^(?:dashes|dash|chorritos?|splash(?:es)?)$/i, 'dash'],
  [/^(?:pts?\.?|pints?)$/i, 'pint'],
  [/^(?:qts?\.?|quarts?)$/i, 'quart'],
];

/** What is counted by the piece, and how a habit of speech measures. Common practice, no source. */
export const PIECES =
  /^(?:cloves?|dientes?|sprigs?|ramitas?|ramas?|leaves|leaf|hojas?|sticks?|stalks?|heads?|cabezas?|slices?|rebanadas?|lonchas?|pieces?|trozos?|bunch(?:es)?|manojos?|cans?|tins?|latas?|jars?|botes?|packets?|packs?|sobres?|bottles?|botellas?|racks?|fillets?|filetes?|strips?|rashers?|knobs?|thumbs?|cubes?|envelopes?|steaks?|chops?|ears?|whole|large|medium|small|grandes?|medianas?|pequeñas?|heaped|piezas?|unidades?)$/i;
export const SIZES =
  /^(?:large|medium|small|big|grandes?|medianas?|medianos?|pequeñas?|pequeños?|whole|heaped|level|scant|generous|good|rounded|buenas?|ripe|fresh|thick|thin|fat|plump|nice|meaty|hermos[oa]s?|gordas?|gordos?)$/i;
export const HABITS: ReadonlyArray<readonly [RegExp, string, number]> = [
  [
    /^(?:a |an |one |un |una )?(?:good |big |generous |buen )?(?:glug|chorro|drizzle)s?(?:\s+(?:of|de))?\b/i,
    'ml',
    15,
  ],
  [
    /^(?:a |an |one |un |una )?(?:good |big |generous |buen )?(?:splash|chorrito)(?:es)?(?:\s+(?:of|de))?\b/i,
    'ml',
    10,
  ],
  [
    /^(?:a |an |one |un |una )?(?:good |big |generous |buen |large )?(?:handful|puñado)s?(?:\s+(?:of|de))?\b/i,
    'g',
    25,
  ],
  [
    /^(?:a |an |one |un |una )?(?:good |big |generous |buena )?(?:pinch|pizca)(?:\s+(?:of|de))?\b/i,
    'ml',
    0.31,
  ],
  [/^(?:a |an |one |un |una )?(?:good |big |generous )?(?:knob)(?:\s+(?:of|de))?\b/i, 'g', 15],
  [
    /^(?:a |an |one |un |una )?(?:good |big |generous )?(?:dollop|cucharada generosa)(?:\s+(?:of|de))?\b/i,
    'ml',
    30,
  ],
  [/^(?:a |an |one |un |una )?(?:dash)(?:\s+(?:of|de))?\b/i, 'ml', 0.62],
  [/^(?:a |un )?(?:little|poco)(?:\s+(?:of|de))?\b/i, 'ml', 5],
];

export const LEAD = new RegExp(
  `^(?:about|abt\\.?|around|approx(?:imately)?\\.?|roughly|circa|ca\\.|~|unos|unas|aprox\\.?|some|generous|scant)?\\s*(${NUMBER})(?:\\s*(?:-|–|—|to|or|a|o)\\s*(${NUMBER}))?`,
  'i',
);
export const JUICE = new RegExp(
  `^(?:the |el |la )?(juice|zest|zumo|jugo|ralladura)(?:\\s+and\\s+zest)?\\s+(?:of|from|de)\\s+(${NUMBER})\\s+(.+)$`,
  'i',
);
/** What a fruit gives. Common practice, no source. */
export const JUICE_ML: Readonly<Record<string, number>> = {
  lemon: 45,
  limon: 45,
  lime: 30,
  lima: 30,
  orange: 75,
  naranja: 75,
  grapefruit: 150,
  pomelo: 150,
};
export const BRACKET = /\(([^)]*)\)/g;
export const TO_TASTE =
  /\b(?:to taste|as needed|al gusto|a gusto|cantidad necesaria|c\/n|for (?:frying|deep-frying|serving|greasing|dusting|coating|rolling|brushing|drizzling|finishing|the pan|garnish(?:ing)?)|para (?:freír|servir|decorar|la sartén|adornar)|optional|opcional)\b/i;

/** Amounts as they are spoken, written as the kitchen measures them. Common practice, no source. */
export const SPOKEN: ReadonlyArray<readonly [RegExp, string]> = [
  [/^(?:a |un )?(?:couple|par)(?: of| de)?(?=\s)/i, '2'],
  [/^(?:a )?few(?=\s)/i, '3'],
  [
    /^(?:(?:a|an|one|1|una?) )?(?:bottle|botella)(?: of| de) (?=[^\d]*(?:wine|vino|cava|champagne))/i,
    '750 ml ',
  ],
  [
    /^(?:(?:a|an|one|1|una?) )?(?:bottle|can|botella|lata)(?: of| de) (?=[^\d]*(?:beer|stout|ale|lager|cerveza|cider|sidra))/i,
    '330 ml ',
  ],
  [/^(?:una?|1) (?:vaso|glass)(?: de| of) /i, '200 ml '],
  [/^(?:a|one|1) glass of /i, '150 ml '],
  [/^(?:una?|1) (?:copa|copita) de /i, '100 ml '],
];

/** "Kilo y medio de costillas", "1/4 de litro de nata": as exact as digits. */
export const IN_WORDS: ReadonlyArray<readonly [RegExp, string]> = [
  [/^(?:un )?kilo y medio(?: de)?(?= )/i, '1.5 kg'],
  [/^(?:un )?litro y medio(?: de)?(?= )/i, '1.5 l'],
  [/^cuarto y mitad(?: de)?(?= )/i, '375 g'],
  [/^(?:un )?kilo y cuarto(?: de)?(?= )/i, '1.25 kg'],
  [/^(?:un )?cuarto(?: de)? kilo(?: de)?(?= )/i, '250 g'],
  [/^tres cuartos(?: de)? kilo(?: de)?(?= )/i, '750 g'],
  [/^(?:un )?cuarto(?: de)? litro(?: de)?(?= )/i, '250 ml'],
  [/^(\d+\/\d+|[½¼¾]) de (kilo|litro)(?: de)?(?= )/i, '$1 $2'],
  [/^a pound and a half(?: of)?(?= )/i, '1.5 lb'],
  [/^a kilo and a half(?: of)?(?= )/i, '1.5 kg'],
  [/^a quarter(?: of a)?[- ](pound|kilo)(?: of)?(?= )/i, '1/4 $1'],
  [/^three[- ]quarters of a (pound|kilo|litre|pint)(?: of)?(?= )/i, '3/4 $1'],
];
