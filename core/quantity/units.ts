import { G_PER_LB } from '../figures/index.ts';

/**
 * The units a cook writes, each with its size in the one base unit of its dimension.
 * Mass in grams, volume in millilitres, time in minutes. Temperatures convert in temperature.ts.
 *
 * Sources: NIST Handbook 44, Appendix C (US cup, pint, quart, gallon, fluid ounce, tablespoon,
 * teaspoon, pound, ounce); the US label cup of 240 ml, 21 CFR 101.9, from memory; metric, Australian and
 * Japanese measures, the imperial ones and the old British tablespoon by definition.
 * Dash and pinch: common practice, no source.
 */
export type Dimension = 'mass' | 'volume' | 'time' | 'temperature' | 'count';

/** Which country's cups and spoons a bare "cup" or "tbsp" means. */
export type SpoonSystem = 'us' | 'metric' | 'imperial' | 'australian';

export const GRAMS_PER: Readonly<Record<string, number>> = {
  mg: 0.001,
  g: 1,
  kg: 1000,
  oz: 28.349523125,
  lb: G_PER_LB,
  stone: 6350.29318,
};

export const ML_PER: Readonly<Record<string, number>> = {
  ml: 1,
  cl: 10,
  dl: 100,
  l: 1000,
  pinch: 0.31,
  dash: 0.62,
  smidgen: 0.15,
  'US tsp': 4.92892159375,
  'US tbsp': 14.78676478125,
  'US cup': 236.5882365,
  'US floz': 29.5735295625,
  'US pint': 473.176473,
  'US quart': 946.352946,
  'US gallon': 3785.411784,
  'US legal cup': 240,
  'metric tsp': 5,
  'metric tbsp': 15,
  'metric cup': 250,
  'imperial floz': 28.4130625,
  'imperial pint': 568.26125,
  'imperial cup': 284.130625,
  'imperial gill': 142.0653125,
  'imperial gallon': 4546.09,
  'metric dsp': 10,
  'old UK tbsp': 17.758,
  'AU tbsp': 20,
  'JP cup': 200,
  'JP go': 180.39,
};

export const MINUTES_PER: Readonly<Record<string, number>> = {
  min: 1,
  h: 60,
  d: 1440,
};

/** For each system, the full name of the measure a bare word stands for. */
export const BARE_MEASURE: Readonly<Record<SpoonSystem, Readonly<Record<string, string>>>> = {
  us: {
    tsp: 'US tsp',
    tbsp: 'US tbsp',
    cup: 'US cup',
    floz: 'US floz',
    pint: 'US pint',
    quart: 'US quart',
    gallon: 'US gallon',
  },
  metric: { tsp: 'metric tsp', dsp: 'metric dsp', tbsp: 'metric tbsp', cup: 'metric cup' },
  imperial: {
    tsp: 'metric tsp',
    tbsp: 'metric tbsp',
    cup: 'imperial cup',
    floz: 'imperial floz',
    pint: 'imperial pint',
    gallon: 'imperial gallon',
    gill: 'imperial gill',
    dsp: 'metric dsp',
  },
  australian: { tsp: 'metric tsp', dsp: 'metric dsp', tbsp: 'AU tbsp', cup: 'metric cup' },
};

const SPELLINGS: Readonly<Record<string, readonly string[]>> = {
  mg: ['milligram', 'milligrams'],
  g: ['gram', 'grams', 'gr'],
  kg: ['kilo', 'kilos', 'kilogram', 'kilograms'],
  oz: ['ounce', 'ounces'],
  lb: ['lbs', 'pound', 'pounds'],
  stone: [],
  ml: ['millilitre', 'millilitres', 'milliliter', 'milliliters'],
  cl: ['centilitre', 'centilitres'],
  dl: ['decilitre', 'decilitres'],
  l: ['litre', 'litres', 'liter', 'liters'],
  pinch: ['pinches'],
  dash: ['dashes'],
  smidgen: ['smidgens'],
  dsp: ['dessertspoon', 'dessertspoons'],
  gill: ['gills'],
  go: [],
  tsp: ['teaspoon', 'teaspoons', 'tsps'],
  tbsp: ['tablespoon', 'tablespoons', 'tbsps', 'tbs'],
  cup: ['cups'],
  floz: ['fl oz', 'fluid ounce', 'fluid ounces'],
  pint: ['pints'],
  quart: ['quarts'],
  gallon: ['gallons'],
  min: ['minute', 'minutes', 'mins'],
  h: ['hour', 'hours', 'hr', 'hrs'],
  d: ['day', 'days'],
};

const SYSTEM_WORDS: Readonly<Record<string, string>> = {
  us: 'US',
  metric: 'metric',
  imperial: 'imperial',
  uk: 'imperial',
  au: 'AU',
  australian: 'AU',
  nz: 'metric',
  jp: 'JP',
  japanese: 'JP',
  legal: 'US legal',
  'us legal': 'US legal',
  old: 'old UK',
  'old uk': 'old UK',
};

const CANONICAL = new Map<string, string>();
for (const [unit, others] of Object.entries(SPELLINGS)) {
  CANONICAL.set(unit, unit);
  for (const other of others) CANONICAL.set(other, unit);
}

/**
 * The unit a written word means, or undefined when it is not a unit (then it names what is
 * counted: "cloves"). A system word in front ("US cup", "metric tbsp") wins over `spoons`.
 */
export function findUnit(
  written: string,
  spoons: SpoonSystem,
): { dimension: 'mass' | 'volume' | 'time'; unit: string } | undefined {
  const words = written.trim().toLowerCase().replace(/\.$/, '').split(/\s+/);
  const named = words.length > 2 && words.slice(0, 2).join(' ') in SYSTEM_WORDS ? 2 : 1;
  const system = words.length > 1 ? SYSTEM_WORDS[words.slice(0, named).join(' ')] : undefined;
  const bare = CANONICAL.get((system ? words.slice(named) : words).join(' '));
  if (bare === undefined) return undefined;
  if (system) return namedMeasure(`${system} ${bare}`);
  if (bare in GRAMS_PER) return { dimension: 'mass', unit: bare };
  if (bare in MINUTES_PER) return { dimension: 'time', unit: bare };
  if (bare in ML_PER) return { dimension: 'volume', unit: bare };
  return namedMeasure(
    BARE_MEASURE[spoons][bare] ?? BARE_MEASURE.us[bare] ?? BARE_MEASURE.imperial[bare] ?? '',
  );
}

function namedMeasure(unit: string): { dimension: 'volume'; unit: string } | undefined {
  const known =
    unit === 'AU tsp'
      ? 'metric tsp'
      : unit === 'AU cup'
        ? 'metric cup'
        : / dsp$/.test(unit)
          ? 'metric dsp'
          : unit;
  return known in ML_PER ? { dimension: 'volume', unit: known } : undefined;
}
