import { fahrenheitToC } from '../quantity/index.ts';
import { DIGITS, NUMBER, numberIn } from './numbers.ts';
import { remembered } from './remembered.ts';

/** A temperature in a text: of the place, or of the food's middle. */
export interface Degree {
  readonly from: number;
  readonly to: number;
  readonly tempC: number;
  readonly sense: 'place' | 'core';
}

const WITH_UNIT = new RegExp(
  `(${DIGITS})(?:\\s*(?:-|–|—|to|a)\\s*(${DIGITS}))?\\s*(?:°|º|degrees?|grados?|deg\\.?)?\\s*(°|º)?\\s*(C|F|Celsius|Fahrenheit|cent[ií]grados?)(?![a-zß-ɏ])`,
  'gi',
);
const BARE = new RegExp(
  `(${NUMBER})(?:\\s*(?:-|–|—|to|a)\\s*(${DIGITS}))?\\s*(?:°|º|degrees?|grados?)(?!\\s*(?:C|F|Cel|Fah|cent)(?![a-zß-ɏ]))`,
  'gi',
);
const GAS = /gas(?: mark)?\s*(\d{1,2}|½|¼)/gi;
/** Gas marks as °C; by the common table. Definition. */
const GAS_C: Readonly<Record<number, number>> = {
  0.25: 110,
  0.5: 120,
  1: 140,
  2: 150,
  3: 165,
  4: 180,
  5: 190,
  6: 200,
  7: 220,
  8: 230,
  9: 240,
};

/**
 * "In a moderate oven", where no degrees stand beside it: by the common table of old
 * cookery books. From memory, no source.
 */
const NAMED_HEAT =
  /(?<![a-zß-ɏ])(?:in(?:to)?|en|a|at) (?:a |an |un |el )?(?:pre-?heated )?(?:(?<very>very )?(?<heat>slow|moderate|hot)(?<more>ly hot)? oven|horno (?<horno>medio|moderado|fuerte))(?![a-zß-ɏ])/i;
const NAMED_C: Readonly<Record<string, number>> = {
  'very slow': 130,
  slow: 150,
  moderate: 180,
  medio: 180,
  moderado: 180,
  'moderately hot': 195,
  hot: 220,
  fuerte: 220,
  'very hot': 235,
};

function namedHeat(text: string): Array<Omit<Degree, 'sense'>> {
  const found = NAMED_HEAT.exec(text);
  const { very = '', heat = '', more = '', horno = '' } = found?.groups ?? {};
  const tempC = NAMED_C[`${very}${heat}${more}${horno}`.toLowerCase()];
  if (!found || tempC === undefined) return [];
  return [{ from: found.index, to: found.index + found[0].length, tempC }];
}

/** A food is eaten below this, an oven is hotter. Our own line, no source. */
const CORE_MOST_C = 100;
/** Nobody heats an oven to this in °C, and everybody in °F. Our own line, no source. */
const FAHRENHEIT_FROM = 275;

const CORE =
  /(?:internal|interna|(?<![a-zß-ɏ])till?(?![a-zß-ɏ])|thermometer|term[oó]metro|core|center|centre|centro|coraz[oó]n|middle|reads?|registers?|reaches|reach|alcance|marque|thickest|probe|sonda|temperature (?:of|is|in)|in the middle|meat is|until|hasta)[^.;]{0,70}$/i;
const CORE_BEHIND =
  /^(?!\s*[CF]?\s*(?:to|until|till?|hasta)(?![a-zß-ɏ])[^.;]{0,50}\d{2,3}\s?[°º])(?:(?!\d{2,3}\s?[°º])[^.;]){0,40}(?:internal|core|in the (?:middle|cent)|inside|interna|en el centro|por dentro|on (?:a|an|your) [^.;]*thermometer|en el coraz[oó]n)/i;

/** "Keep going to 203", "pull it at 52". */
const OFF_AT =
  /(?<![a-zß-ɏ])(?:(?:keep going|carry on|continue|go on|cook on|push on)\s+(?:on\s+)?(?:to|until|till?)|(?:pull(?:ed)?|take|took|lift(?:ed)?|whip(?:ped)?) (?:it |them |the [a-zß-ɏ]+ )?(?:off |out )?at|(?:off|out) at)\s+(?:about\s+|around\s+)?$/i;

/** An oven that only keeps warm is as cool as a core. */
const OF_OVEN =
  /(?:oven|horno|drawer|water|bath|agua|ba[ñn]o|smoker|ahumador|(?:keep|hold)ing the (?:box|pit|chamber|cabinet|grill|kettle)|(?:box|pit|chamber|cabinet)|oil|fat|aceite|grasa|(?:keep|hold|mant[eé]n[a-zß-ɏ]*)(?: it| them| the [a-zß-ɏ]+)? (?:warm|hot|caliente))\s*(?:to its lowest(?: setting)?|al m[ií]nimo)?\s*(?:at|to|to about|near|around|close to|at about|at around|a|a unos|,|\()?\s*$/i;
const OVEN_BEHIND =
  /^\s*(?:in (?:a|an|the|your) (?:low|warm|cool|slow|very low) )?(?:oven|horno|warming|drawer|water|smoker)|^\s*(?:°\s*C?\s*)?(?:en (?:el|un) ba[ñn]o|in (?:the|a) (?:water )?bath)(?![a-zß-ɏ])/i;

/** "At 80 °C for 12 hours in the oven". */
const OVEN_LATER =
  /^[^.;,]{0,30}(?<![a-zß-ɏ])(?:in (?:the|a) (?:[a-zß-ɏ]+ )?oven|en el horno)(?![a-zß-ɏ])/i;

/** "then at 160 for an hour", "oven, 180": an oven's heat without a sign. */
const UNSIGNED =
  /(?<=(?:oven|horno)(?![a-zß-ɏ])[^.;\d]{0,24}\()(\d{3})(?=\))|(\d{3})(?=\s*(?:or so|or thereabouts|-?ish|m[aá]s o menos)(?![a-zß-ɏ]))(?<=(?:smok|roast|bak|grill|ahum|oven|horno)[a-zß-ɏ]*[^.;\d]{0,30}[,\s]\d{3})|(?:(?:at|to|a)\s+(?:about |around |roughly |unos )?|@\s*|(?:oven|horno),?\s+\(?(?:at\s+|a\s+)?)(\d{3})(?=\s+(?:for|until|before|after|half-?way|tras|a l[oa]s \d|then|luego|while|when|once|durante|hasta|antes|mientras|otr[oa]s|unos|another|about|and|y|without|sin|with|con|fan)(?![a-zß-ɏ])|\s*[,.;()/]|\s*$)|(?<![a-zß-ɏ])(?:oven|horno) (?:at |to |a )?(\d{3})(?=\s+(?:[-–]\s+\d|\d{1,2} ?(?:m|h)|(?:half|an?|one|two|three|four|five|six) ))|(?<=(?:[,:]|^(?:then|luego))\s)([12]\d{2})(?=,\s*(?:(?:un)?cover(?:ed)?,?\s+|lid (?:on|off),?\s+|foil(?:ed)?,?\s+|tapad[oa],?\s+)?(?:about |unos )?\d[^,;]{0,8}(?:h|min))|(?<=(?<![a-zß-ɏ])(?:at|a) )([12]\d{2})(?= (?!(?:g|gr|grams?|gramos?|ml|kg|kcal|calor[a-zß-ɏ]*|people|personas|metres|metros|degrees?|grados?|euros?)(?![a-zß-ɏ]))[a-zß-ɏ]{2,})|(?<![\d.,])([12]\d{2})(?= for (?:another )?\d{1,2}(?:[.,;]|$| ?(?:min|h|m\b)))|(?<!\d)(\d{3})(?=\s*(?:fan|convection|con ventilador|oven|smoker|grill)(?![a-zß-ɏ]))|(?<![a-zß-ɏ])(?:roast|bake|smoke|asar?|horne(?:ar?|amos))(?![a-zß-ɏ])[^.;,\d]{0,24}\s(?:at|a)\s+(\d{3})(?=\s+(?:in|on|with|en|con|\d)(?![a-zß-ɏ]))|(?<=(?:heat|warm|bring) (?:the |it )?(?:[a-zß-ɏ]+ )?(?:milk|cream|stock|water|custard) to )([4-9]\d)(?=\s+(?:and|then|for)(?![a-zß-ɏ])|\s*(?:[,.;]|$))|(?<![a-zß-ɏ])(?:(?:oven|horno|drawer|water bath|ba[ñn]o)\s+(?:at|a)\s+)(\d{2})(?=\s+(?:for|until|till?|durante|hasta)(?![a-zß-ɏ])|\s*(?:[,.;)]|$))/gi;

/** "Till a thermometer says 140": without a sign, of the middle. */
const UNSIGNED_CORE =
  /(?:(?:probe|sonda)\s(?=\d{2}(?!\d))|internal temp(?:erature)?:?\s+(?=\d{2,3}(?!\d))|(?:thermometer|probe|internal temp(?:erature)?|term[oó]metro|sonda)[^.;\d]{0,30}(?:says|said|reads?|registers|registered|hits?|shows|showed|reaches|reached|is|was|at|of|marca|marcaba|marque|diga)\s+(?:about\s+)?|(?:thermometer|probe)[^.;\d]{0,24}(?:after|for|want|need|target)\s+(?=\d{2}(?!\d))|(?<![a-zß-ɏ])(?:take|bring|cook|roast|grill|smoke|lleva|llevar)(?![a-zß-ɏ])[^.;\d]{0,30}\s(?:to|up to|on to|hasta|a)\s+(?=\d{2}(?!\d)))(\d{2,3})(?!\s*(?:°|º|degrees?|grados?|min|h\b|hours?|g\b|kg|cm|mm|%|[CF]\b)|\d)/gi;
/** "Until they hit 140", "keep going to 203", "pull it at 52". */
const UNSIGNED_REACHED =
  /(?<![a-zß-ɏ])(?:(?:until|till?|once|when|hasta que|cuando)\s+(?:[a-zß-ɏ]+\s+){0,5}?(?:hits?|reach(?:es)?|reads?|registers?|says|shows?|gets? to|(?:is|are) at|marque|llegue a|alcance)|should (?:read|reach|hit|register|say|show|be at)|(?:until|till?)(?= [4-9]\d(?!\d))|\d\s?(?:m|mins?|minutes|h|hrs?|hours?|minutos|horas) (?:or so )?(?:to|a)(?= [4-9]\d(?!\d))|(?:keep going|carry on|continue|go on|cook on|push on)\s+(?:on\s+)?(?:to|until|till?)|(?:pull(?:ed)?|take|took|lift(?:ed)?|whip(?:ped)?) (?:it |them |the [a-zß-ɏ]+ )?(?:off |out )?at|(?:off|out) at)\s+(?:about\s+|around\s+|roughly\s+|unos\s+)?(\d{2,3})(?!\s*(?:°|º|degrees?|grados?|min|h\b|hours?|g\b|kg|cm|mm|%|[CF]\b)|[\d:.,]\d)/gi;
/** What cooks in a liquid at this heat, and is not as warm inside. */
const IN_LIQUID =
  /(?<![a-zß-ɏ])(?:poach|simmer|steep|scald|infus|pocha|escalf|confit)[a-zß-ɏ]*[^.;]{0,60}$|(?<![a-zß-ɏ])(?:sous[- ]vide|water bath|al vac[ií]o|a baja temperatura|ba[ñn]o (?:de agua|mar[ií]a))(?![a-zß-ɏ])[^.;]{0,60}$|(?<![a-zß-ɏ])(?:tremble|shiver|murmur)[^.;]{0,40}$|(?<![a-zß-ɏ])(?:smok|ah[uú]m)[a-zß-ɏ]*[^.;]{0,70}\s(?:at|a)\s+(?:about |around |unos )?$/i;

/** "At 95 internal". */
const CORE_BEFORE =
  /(?<!\d)(\d{2,3})(?=\s*(?:internal|inside|in the (?:middle|centre|center)|en el (?:centro|coraz[oó]n)|por dentro)(?![a-zß-ɏ]))/gi;

/** Every temperature in a text. Where °C and °F say the same twice, it is one. */
export function degreesIn(text: string, fahrenheit: boolean): readonly Degree[] {
  return fahrenheit ? inFahrenheit(text) : inCelsius(text);
}

const inCelsius = remembered((text) => findDegrees(text, false));
const inFahrenheit = remembered((text) => findDegrees(text, true));

function findDegrees(text: string, fahrenheit: boolean): Degree[] {
  const found = [
    ...[...text.matchAll(WITH_UNIT)].map((match) => {
      const [whole, low = '', high, , unit = 'C'] = match;
      const value = numberIn(high ?? low);
      const tempC = /^f/i.test(unit) ? fahrenheitToC(value) : value;
      return { from: match.index, to: match.index + whole.length, tempC };
    }),
    ...[...text.matchAll(BARE)].map((match) => {
      const [whole, low = '', high] = match;
      const value = numberIn(high ?? low);
      const isF = value >= FAHRENHEIT_FROM || (fahrenheit && value > CORE_MOST_C);
      return {
        from: match.index,
        to: match.index + whole.length,
        tempC: isF ? fahrenheitToC(value) : value,
      };
    }),
    ...(NAMED_HEAT.test(text) && !/\d{3}/u.test(text) ? namedHeat(text) : []),
    ...[...text.matchAll(GAS)].flatMap((match) => {
      const tempC = GAS_C[numberIn(match[1] ?? '')];
      return tempC === undefined
        ? []
        : [{ from: match.index, to: match.index + match[0].length, tempC }];
    }),
    ...[
      ...text.matchAll(UNSIGNED_CORE),
      ...text.matchAll(CORE_BEFORE),
      ...text.matchAll(UNSIGNED_REACHED),
    ].map((match) => {
      const value = numberIn(match[1] ?? '');
      const to = match.index + match[0].length;
      const from = to - (match[1] ?? '').length;
      return { from, to, tempC: value > CORE_MOST_C ? fahrenheitToC(value) : value };
    }),
    ...[...text.matchAll(UNSIGNED)].map((match) => {
      const value = numberIn(match.slice(1).find((one) => one !== undefined) ?? '');
      const to = match.index + match[0].length;
      const tempC =
        value >= FAHRENHEIT_FROM || (fahrenheit && value >= 225) ? fahrenheitToC(value) : value;
      return { from: to - String(value).length, to, tempC };
    }),
  ].sort((a, b) => a.from - b.from);
  return found.reduce<Degree[]>((kept, one) => {
    if (!Number.isFinite(one.tempC)) return kept;
    if (BELOW_ZERO.test(text.slice(0, one.from)))
      return [...kept, { ...one, tempC: -one.tempC, sense: 'place' }];
    const last = kept.at(-1);
    const same =
      last &&
      one.from - last.to <= 12 &&
      Math.abs(last.tempC - one.tempC) <= 12 &&
      !GOES_TO.test(text.slice(last.to, one.from));
    if (same && last) return [...kept.slice(0, -1), { ...last, to: one.to }];
    if (last && one.from < last.to) return kept;
    return [...kept, { ...one, tempC: Math.round(one.tempC * 10) / 10, sense: senseOf(text, one) }];
  }, []);
}

/** "At 80 °C until 68 °C": two, however near. */
const GOES_TO = /(?<![a-zß-ɏ])(?:until|till?|hasta|then|luego)(?![a-zß-ɏ])/i;

/** "At -18 °C": a freezer. */
const BELOW_ZERO = /(?:^|[\s(])(?:[-−]|minus |menos )\s?$/i;

/** "Roast at 75 °C for nine hours": an oven so cool, and no core. */
const SET_FOR =
  /(?<![a-zß-ɏ])(?:(?:keep|hold|keeps)(?= (?:it |them |the [a-zß-ɏ]+ )?(?:warm|hot|at(?![a-zß-ɏ])))|mant[eé]n(?= (?:[a-zß-ɏ]+ )?caliente)|roast|bake|cook|smoke|dry|dehydrate|hornea|asa|ahuma|seca|cocina|cu[eé]c|cu[eé]z|cocer)[a-zß-ɏ]*(?![a-zß-ɏ])(?! (?:up )?(?:to|until))[^.;\d]{0,40}\s(?:at|a)\s+(?:about |around |unos )?$/i;
/** "Smoke for 50 minutes at 85 °C": of the fire. */
const LASTED_AT =
  /(?<![a-zß-ɏ])(?:smok|ah[uú]m|roast|asa|ase|bak|horne|dry|seca|poach|simmer|steam)[a-zß-ɏ]*(?![a-zß-ɏ])[^.;]{0,40}(?:\d\s?(?:m|min|mins|minutes|minutos|h|hours|horas)|(?:over|all )night|toda la noche) (?:at|a|@) $/i;
/** "1 hour at 90 °C, 1 hour at 110 °C". */
const SO_LONG_AT =
  /(?<![a-zß-ɏ])(?:\d|an?|one|two|three|four|half an|un[ao]?|media|dos|tres|cuatro) ?(?:h|hrs?|hours?|horas?) (?:at|a) $/i;
const LASTS =
  /^\s*,?\s*(?:overnight|all night|toda la noche)(?=[.,;]|$)|^\s*,?\s*(?:overnight,? )?(?:for|durante)?\s*(?:about |around |unas? |unos )?(?:\d|an? |half|media|one|two|three|four|five|six|seven|eight|nine|ten|twelve|dos|tres|cuatro|cinco|seis|ocho|diez|doce)[^.;]{0,14}(?:h|min)/i;

const SLASH_TIME = /^\s*(?:°|º)?\s*C?\s*\/\s*\d+(?:[.,]\d)?\s*(?:m|h)/i;

/** "Hold at 80 °C until the centre reaches 63". */
const AT_A_HEAT =
  /(?<![a-zß-ɏ])(?:hold|keep|smoke|cook|roast|bake|poach|simmer|steam|braise|confit|grill|mant[eé]n|mantener|ahum[ae]r?|as[ae]r?|cuece|coc(?:er|ed|ina|inar)|horne[ae]r?|confit[ae]r?|bras[ae]r?)(?:l[oae]s?)?(?![a-zß-ɏ])[^.;,\d]{0,24}\s(?:at|a)\s+$/i;
const UNTIL_CORE =
  /^[^.;\d]{0,24}(?:until|till?|hasta)(?![a-zß-ɏ])[^.;]{0,40}\d{2,3}(?:\s*[°º]|(?=[.,;]|$))/i;
/** "Raise to 80 °C": of a fire, and no middle. */
const SET_TO =
  /(?<![a-zß-ɏ])(?:raise|increase|bring|turn|drop|lower|reduce|sube|baja)(?: it| the (?:heat|oven|smoker|temperature|fire)| el (?:horno|ahumador))?(?: back)?(?: up| down)? (?:slowly |gradually )?(?:to|a)\s+$/i;

/** "Cover with stock and heat slowly to 80 °C": of what it lies in. */
const LIQUID_TO =
  /(?<![a-zß-ɏ])(?:heat|warm|bring|calient[a-zß-ɏ]*|calentar|lleva[a-zß-ɏ]*)(?![a-zß-ɏ]) (?:the |a |el |la )?(?:[a-zß-ɏ]+ )?(?:water|stock|broth|milk|cream|wine|cider|syrup|oil|fat|dripping|lard|agua|caldo|leche|nata|vino|aceite|manteca)(?![a-zß-ɏ])[^.;\d]{0,24} (?:to|a|hasta) $|(?<![a-zß-ɏ])(?:water|liquid|liquor|bouillon|stock|broth|milk|brine|agua|caldo|leche)(?![a-zß-ɏ])[^.;]{0,30}(?<![a-zß-ɏ])(?:heat|warm|calient[a-zß-ɏ]*|calentar)(?![a-zß-ɏ])[^.;\d]{0,20} (?:to|a|hasta) $/i;

function senseOf(text: string, { from, to, tempC }: Omit<Degree, 'sense'>): Degree['sense'] {
  if (tempC > CORE_MOST_C) return 'place';
  if (LASTED_AT.test(text.slice(0, from))) return 'place';
  if (SET_FOR.test(text.slice(0, from)) && LASTS.test(text.slice(to))) return 'place';
  if (OF_OVEN.test(text.slice(0, from)) || OVEN_BEHIND.test(text.slice(to))) return 'place';
  // "57 °C / 90 min", and nothing before it: a bath.
  if (text.slice(0, from).trim() === '' && SLASH_TIME.test(text.slice(to))) return 'place';
  const isCore =
    CORE.test(text.slice(0, from)) ||
    CORE_BEHIND.test(text.slice(to)) ||
    OFF_AT.test(text.slice(0, from));
  if (!isCore && (SET_TO.test(text.slice(0, from)) || SO_LONG_AT.test(text.slice(0, from))))
    return 'place';
  if (LIQUID_TO.test(text.slice(0, from))) return 'place';
  if (AT_A_HEAT.test(text.slice(0, from)) && UNTIL_CORE.test(text.slice(to))) return 'place';
  if (!isCore && (IN_LIQUID.test(text.slice(0, from)) || OVEN_LATER.test(text.slice(to))))
    return 'place';
  return isCore
    ? 'core'
    : tempC < 35
      ? 'place'
      : tempC >= 45 && tempC < CORE_MOST_C
        ? 'core'
        : 'place';
}
