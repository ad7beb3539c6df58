import { NO_LIQUID } from './clauses.ts';
import type { Verb } from '../terms/index.ts';
import { goesOnAs, type Context } from './context.ts';
import { HEAT_OFF } from './settle-left.ts';
import { OUT_OF_SOAK } from './soaks.ts';
import type { VerbWords } from './verbs.ts';

/** What a clause is about where its verb says little, or it has none. */
interface Cue {
  readonly verb: Verb | 'again';
  readonly words: RegExp;
  /** Only where this holds of what was read before. */
  readonly when?: (context: Context) => boolean;
  /** Only where the clause says nothing of this. */
  readonly unless?: RegExp;
  /** Wins over a verb that was found as well. */
  readonly over?: readonly VerbWords[];
  /** A step even where nothing says how long or how hot. */
  readonly alone?: boolean;
}

const WEAK: readonly VerbWords[] = ['put', 'wait', 'cook', 'rest', 'chill', 'prepare', 'mix'];

/**
 * The most telling first. Each names a step by what surrounds it: a bath of brine, skewers in
 * water, coals that get going, a joint that loses its chill.
 */
const CUES: readonly Cue[] = [
  {
    // "Ten minutes before carving, back in for 8": before the carving makes it a rest.
    verb: 'again',
    words: /(?:^|,\s*)back in(?: the oven)?(?= for )/iu,
    when: ({ hot }) => hot?.place === 'oven',
    over: ['put', 'wait', 'cook', 'rest', 'brown', 'sear'],
  },
  {
    verb: 'temper',
    words:
      /(?<!\p{L})(?:out of (?:the )?(?:fridge|refrigerator)(?= for)|^out of (?:the |its )?(?:brine|marinade|cure)(?=[^.;]{0,30}(?:before|ahead))|out of (?:the )?(?:fridge|refrigerator)[^.;]{0,30}(?:before|ahead|earlier|beforehand)|(?:sit|stand|leave (?:it|them|the \p{L}+)|let (?:it|them|the \p{L}+) (?:sit|stand)) out(?= (?:for |at |on |about )?(?:an?|half|the|\d|one|two|three))|^(?:pull|take|get|bring|have) (?:it|them|the \p{L}+)(?: out)? (?=[^.;]{1,24} before (?:you )?(?:cook|grill|roast|fry))|(?:pull|take|get|bring) (?:it|them|the \p{L}+) out (?=[^.;]{1,24} before (?:it|they) goe?s? (?:in|on))|^out (?=[^.;]{1,16}(?:before|ahead|beforehand|early)))/iu,
    over: WEAK,
  },
  {
    verb: 'temper',
    words:
      /(?<!(?<!\p{L})cool\p{L}* (?:down )?(?:to|at) )\b(?:room|kitchen) temp(?:erature)?\b|\b(?:los(?:e|es|ing)|take|get|knock)s? (?:off )?(?:its |their |the )?(?:chill|cold)\b|\boff the chill\b|\bwarm(?:s|ing)? up (?:on|at|to)\b|\bcome up to (?:room )?temp\p{L}*|\bout of (?:the )?(?:fridge|refrigerator|cold)\b|\bfrom the (?:fridge|refrigerator)\b|^(?:the )?(?:\p{L}+ )?(?:steaks?|meat|joint|chops?|roast|bird|beef|lamb|pork|it|them) out\b|fuera (?:de la nevera|del? frigo\p{L}*)|temperatura ambiente|pierda el fr[ií]o|sin fr[ií]o|^(?:l[oa]s? )?(?:saca|saque|sacar|sacamos)\b(?! del (?:horno|ahumador|fuego|agua|congelador)| (?:el |la )?(?:asado|pieza asada)|[^.;]{0,40}(?:cuando|en cuanto|al llegar|trinch|cort))|\bun rato antes\b/iu,
    when: ({ hot, dough, hasMeat }) => hot === undefined && !dough && hasMeat,
    // "Sit the meat in its marinade at room temperature".
    unless:
      /(?<!\p{L})(?:repos|descans|(?<!out of )in (?:the|its|their) (?:marinade|brine)|en (?:la|su|el) (?:marinada|adobo|salmuera))/iu,
    over: WEAK,
  },
  {
    verb: 'brine',
    // "Steaks: salt 1 hr ahead", whatever else is on a fire by then.
    words:
      /^(?:\p{L}+: )?salt(?: (?:it|them|the \p{L}+))?(?= \d{1,2} ?h\p{L}* (?:before|ahead|beforehand))/iu,
    when: ({ hasMeat }) => hasMeat,
    over: WEAK,
  },
  {
    verb: 'brine',
    words:
      /(?<!\p{L})(?:(?:in|into|through|under|from) (?:the |a |its |their )?(?:cold |cooled )?(?:brine|cure)|salt(?:ed)? (?:water )?bath|bath (?:of|in) salt(?:ed)? ?water|in salt(?:ed)? water|^(?:lightly |generously |heavily |well )?salt (?:it|them|the \p{L}+)(?: for)?(?= (?:\d|an? |half|overnight)[^.;,]{0,12}(?:h|min|night|day))|under (?:the )?salt|cured? (?:under|in|with) (?:the )?salt|dry[- ]brine|brine|sal(?:a|ar|e|amos|ad[oa]s?)(?!\p{L})[^.;]{0,90}(?:nevera|frigo(?:r[ií]fico)?)|salt(?:ed)?(?!\p{L}| cod| fish| pork| beef)[^.;]{0,90}(?:fridge|refrigerat\p{L}*)|salt (?:it|them|the \p{L}+)[^.;]{0,24}(?:before|ahead|beforehand)|(?:sal(?:a|ar|amos)|s[aá]l(?:a|e)l[oa]s?) [^.;]{0,40} (?:antes|la v[ií]spera|(?:la noche|el d[ií]a) anterior)|salar? [^.;]{0,30}de antelaci[oó]n|(?:en|a) (?:la )?salmuera|(?:en|bajo) (?:la )?sal(?= )|en agua con sal|salmuera)(?!\p{L})/iu,
    when: ({ hot, hasMeat }) => hot === undefined && hasMeat,
    unless: OUT_OF_SOAK,
    over: [...WEAK, 'soak'],
  },
  {
    verb: 'soak',
    words:
      /(?<!\p{L})(?:skewers?|wooden sticks?|sticks|wood chips?|planks?|dried (?:\p{L}+ )?(?:beans?|mushrooms?|chickpeas?|peas|fruit|chill?i(?:e?s)?)|steep\p{L}*|brochetas|palillos|astillas|legumbres|alubias|garbanzos|jud[ií]as|setas secas)(?!\p{L})[^.;]{0,60}(?:water|soak|steep|agua|remojo)|an? \p{L}+[’']s soak|(?:in|with|into) (?:cold |warm |hot |boiling |plenty of )?water(?=[^.;]{0,30}(?:leave|half|\d|hour|overnight))|(?:en|a|de) remojo|(?:en|con) agua fr[ií]a/iu,
    when: ({ hot }) => hot === undefined,
    unless:
      /(?<!\p{L})(?:simmer|boil|top(?:ping|ped)? up|slow[- ]?cook|crock|olla (?:lenta|de cocci))/iu,
    over: WEAK.filter((verb) => verb !== 'chill' && verb !== 'mix'),
  },
  {
    verb: 'marinate',
    words:
      /(?<!\p{L})(?:(?:in|into|with) (?:the |its |their )?marinade|in (?:the |a |some )?(?:\p{L}+ )?(?:yogh?urt|buttermilk|kefir)|en (?:el |un )?(?:yogur|suero(?: de leche)?)|steep\p{L}*|marinade|marinating|marinando|macerando|(?:yogh?urt|spice|curry|herb) (?:mixture|mix|paste)|(?:en|con) (?:el |la |su )?(?:adobo|marinada|macerad\p{L}*)|maceraci[oó]n|adobo|marinad[oa]|escabeche)(?!\p{L})/iu,
    when: ({ hot, hasMeat }) => hot === undefined && hasMeat,
    // "Cook above the embers, mopping with the marinade".
    unless: /(?<!\p{L})(?:embers|coals|grill|mopping|basting|brushing|brasas|ascuas)(?!\p{L})/iu,
    over: WEAK,
  },
  {
    verb: 'light',
    words:
      /(?<!\p{L})(?:(?:get|have|with) (?:the |your |some )?(?:coals?|charcoal|fire|grill|barbecue|bbq|embers)(?: \p{L}+)? (?:going|lit|ready|glowing|burning|hot|started|ashed)|^(?:the )?(?:smoker|grill|barbecue|bbq|kettle) (?:is |was |goes )?(?:up|on|lit|going)(?= (?:at|by|from|around|\d)|[,;.]|$)|light it|chimney|(?:coals?|charcoal|fire|embers)(?: should be| must be)? (?:lit|going|started)|(?:coals?|charcoal|fire|embers)(?: to)? burn(?:s|ing)? down|(?:coals?|charcoal|fire|embers) burn(?= for| \d)|two-zone fire|(?:coals|embers|^(?:when|once) they) (?:are |have )?(?:(?:ashed|turned|gone|turn|go) ?(?:over|white|grey|gray)?|covered (?:in|with) (?:white |grey |gray |fine )*ash|white|grey|gray)|(?:carb[oó]n|brasas?|fuego|le[ñn]a|barbacoa) (?:encendid[oa]s?|prendid[oa]s?|list[oa]s?)|(?:enciende|encender|prende|prender|prepara|preparar|haz|hacer) (?:el |la |las |un |una |unas )?(?:carb[oó]n|brasas?|fuego|barbacoa|lumbre|ascuas))(?!\p{L})/iu,
    over: [...WEAK, 'grill', 'preheat'],
  },
  ...(['smoke', 'grill'] as const).map((verb): Cue => ({
    verb,
    // "Brisket on 5:45".
    words:
      /^(?!(?:the )?(?:lid|foil|cover|sauce|glaze|top|wood|chips|water|vents?)(?!\p{L}))(?:(?:the|my) )?(?:\p{L}+ ){1,2}(?:\([^)]{1,24}\) )?(?:goes |go |went )?on(?=(?: at)? \d{1,2}[:.]?\d{0,2}(?!\d)| for (?:about |around |another )?(?:\d|an? |one|two|three|four|five|six|eight|ten|twelve)|[.,;]|$)/iu,
    alone: true,
    when: ({ place, fireC, hasMeat }) =>
      hasMeat && place === (verb === 'smoke' ? 'smoker' : 'grill') && fireC !== undefined,
  })),
  {
    verb: 'knead',
    words:
      /(?<!\p{L})(?:(?:work|trabaj\p{L}*) (?:(?:the |la )?(?:dough|masa)|it|until)|knead(?:ing)?|^on (?:slow|low|medium|high)(?: speed)?)(?!\p{L})/iu,
    when: ({ dough, hot }) => dough && hot === undefined,
    over: WEAK,
  },
  {
    verb: 'rise',
    words:
      /(?<!\p{L})(?:(?:first|second|final|bulk|last|primer|segundo|primera|segunda)?\s*(?:prove|proof|proving|proofing|rise|rising|fermentation|ferment|levado|fermentaci[oó]n|leudado)|doubl\p{L}+|dobl\p{L}+ (?:su |de )?(?:volumen|tama[ñn]o))(?!\p{L})/iu,
    when: ({ dough, hot }) => dough && hot === undefined,
    over: WEAK,
  },
  {
    verb: 'braise',
    words:
      /(?<!\p{L})(?:slow[- ]cooker|crock|olla (?:lenta|de cocci[oó]n lenta)|(?:on|to|in) (?:the )?(?:low|high)(?: setting)?(?=[ .,;]|$)|en (?:bajo|alto))(?!\p{L})/iu,
    when: ({ slowCooker }) => slowCooker,
    over: WEAK,
  },
  {
    verb: 'braise',
    words:
      /(?<!\p{L})(?:(?:high|full|low|under) pressure|a presi[oó]n(?! atmos)|presi[oó]n (?:m[aá]xima|alta|media|baja)|pressure cooker|(?:up to|at|reaches|comes to|comes up to) (?:full )?pressure|(?:sub|alcanc|coj|cog|tom)\p{L}* (?:la )?presi[oó]n|(?:sub|sal)\p{L}* (?:el |la |los |las )?(?:dos |primer |segundo )?(?:anillos?|v[aá]lvula|pitorro)|olla (?:expr[eé]s|a presi[oó]n|r[aá]pida))(?!\p{L})/iu,
    when: ({ hot }) => hot === undefined || hot.place === 'hob',
    over: [...WEAK, 'preheat', 'boil', 'simmer'],
  },
  {
    verb: 'soak',
    words:
      /(?<!\p{L})(?:(?:pour|tip) (?:over |on )?(?:the |plenty of |enough )?(?:boiling|hot) water(?: over| on)?|pour over (?:the )?boiling|cover with (?:boiling|hot) water)(?!\p{L})/iu,
    over: WEAK,
  },
  {
    verb: 'marinate',
    words:
      /(?<!\p{L})(?:rub|massage|coat|smear|slather|toss)(?!\p{L})[^.;]{0,80}(?:fridge|refrigerat\p{L}*)(?!\p{L})/iu,
    when: ({ hot, hasMeat, dough }) => hot === undefined && hasMeat && !dough,
    over: WEAK,
  },
  {
    verb: 'fry',
    words:
      /(?<!\p{L})sofrito(?= (?:de|con)(?!\p{L})|:)|^(?:the )?(?:first|second|final|1st|2nd) fry(?!\p{L})/iu,
    over: [...WEAK, 'simmer'],
  },
  {
    verb: 'simmer',
    words:
      /(?<!\p{L})(?:water bath|sous[- ]vide|baja temperatura|al vac[ií]o)(?=[^.;]{0,30}(?<!\d)[4-9]\d\s?(?:°|º|C(?!\p{L})|degrees|grados))/iu,
    over: WEAK,
  },
  {
    verb: 'rest',
    words: /(?<!in a )(?<!\p{L})bag (?:it|them|the \p{L}+)(?= for)/iu,
    over: WEAK,
  },
  {
    verb: 'simmer',
    words:
      /(?<!\p{L})(?:a ladle(?:ful)? at a time|cazo a cazo|poco a poco el caldo|(?:caldo|stock|broth)[^.;,]{0,16} (?:poco a poco|gradually|little by little|bit by bit)|back on (?:a |the )?(?:low|gentle|medium) (?:flame|heat|ring)|cover with (?:cold )?water[^.;]{0,20}bring(?: it| them)? (?:slowly )?up(?: slowly)?)(?!\p{L})/iu,
    over: WEAK,
  },
  {
    verb: 'roast',
    words:
      /^(?:the )?(?:\p{L}+ ){1,3}in(?:to the oven)?(?: with (?:the )?\p{L}+)?,?\s+(?:for (?:about )?)?(?=\d)|^in (?:it |they )?goes?(?!\p{L})(?=[^.;]*\d)|^(?:put|pop|slide|place) (?:the )?(?:\p{L}+ ){1,2}in (?:on|until|till)(?= [^.;]*\d)/iu,
    when: ({ ovenC, dough }) => ovenC !== undefined && !dough,
    over: WEAK,
  },
  {
    verb: 'rest',
    words:
      /(?<!\p{L})(?:natural(?:ly)? (?:pressure )?release|release (?:the pressure )?naturally|(?:let|leave) the pressure (?:drop|come down|fall)|despresuri\p{L}+|baj\p{L}+ la presi[oó]n)(?!\p{L})/iu,
    over: WEAK,
  },
  {
    verb: 'hold',
    words:
      /(?<!\p{L})(?:(?:keep|keeps|kept|stay|stays|hold|holds|held)(?: it| them| the \p{L}+| everything)? (?:happily |well |nicely )?(?:warm|hot)|(?:it|they|that) (?:will |can )?(?:hold|keep)s? (?:happily|well|nicely|fine)|(?:keep|hold) (?:it |them )?(?:there|at (?:that|this)(?: temperature| heat)?)(?= for)|to stay (?:hot|warm)|warming drawer|^(?:keep|hold)(?: (?:it|them|the \p{L}+))?(?: (?:tightly |loosely )?covered)? in (?:a|the) (?:very )?(?:low|warm|cool) oven|^(?:keep|hold) (?:the )?(?:done|cooked|finished|fried|first|ready)(?: (?:ones|batch(?:es)?|pieces|lot))? in (?:a|the)(?: \p{L}+| [5-9]\d ?°?C?| 1[01]\d ?°?C?)? oven|low oven(?=[^.;]{0,20}(?:hold|keep|until))|(?:mant[eé]n\p{L}*|se mantiene|aguanta|conserv\p{L}+|guarda\p{L}*)[^.;]{0,30}(?:caliente|templad[oa]|horno (?:bajo|suave|apagado))|al calor)(?!\p{L})/iu,
    over: [...WEAK, 'roast', 'bake'],
  },
  {
    verb: 'rest',
    words:
      /(?<!\p{L})(?:(?<!the )rest(?! of)|rests|rested|resting|(?:min\p{L}*|hours?) sitting|relax\p{L}*|coast(?! up)|tent(?:ed)?|under (?:a |some )?(?:loose )?(?:foil|tea[- ]towel|cloth|towel)|(?:it|they) (?:can |may |will |should )?(?:sat|sits?)|off (?:the )?heat|(?:fuera del?|out of the) (?:horno|fuego|oven|grill|smoker)(?=,? (?:(?:for|about|unos) )?\d)|off it(?= ?(?:[.,;]|$))|(?:take|lift|remove|slide) (?:it |them |the \p{L}+ )?(?:off|from) (?:the heat )?and cover|retira\p{L}*(?: del fuego)? y (?:tapa|cubre|deja)|away from the heat|before (?:you )?(?:carv|slic|cutt?|touch)\p{L}*|warm (?:plate|dish|board)|on (?:the|a) (?:carving |chopping )?board|cool ?box|cool ?bag|insulated box|cooler(?! (?:side|part|zone|end|area|spot|half|place|oven|fire|heat))|vent(?:ed|ing)?|wrap(?:ped)?[^.;,\d]{0,24}(?:flatbread|newspaper|tortillas?|pitta|towel)s?|(?:out of|from) (?:the|its) (?:tin|tray|pan|mould)[^.;]{0,24}(?=\d)|(?:on|onto) (?:a|the) (?:wire |cooling )?rack(?! (?:over|in|above|set))(?=[^.;\d]{0,20}\d)|reposo|reposar|reposa\p{L}*|descans\p{L}*|fuera del fuego|calor residual|residual heat|antes de (?:cortar|trinchar)|en la tabla|tapad[oa]s? con (?:papel|aluminio))(?!\p{L})/iu,
    when: ({ dough }) => !dough,
    // "In the freezer before slicing": where it is cold nothing rests on a board.
    unless:
      /(?<!\p{L})(?:in|into|to|en|a) (?:the |el |la )?(?:freezer|fridge|refrigerator|congelador|nevera)(?!\p{L})/iu,
    over: ['put', 'wait', 'cook'],
  },
  {
    verb: 'cool',
    words:
      /(?<!\p{L})(?:(?:out of|from) (?:the|its) (?:tin|tray|mould)|(?:on|onto) (?:a|the) (?:wire |cooling )?rack)(?=[^.;\d]{0,24}\d)/iu,
    when: ({ dough, hot }) => dough && hot !== undefined,
    over: WEAK,
  },
  ...(['bake', 'roast', 'simmer', 'braise', 'steam', 'soak', 'rest'] as const).map((verb): Cue => ({
    verb,
    // "Half way through the 40 minute bake".
    words: new RegExp(
      `(?:min|minute|hour|hr)s?['’]?[- ](?:long |slow |gentle )?${verb}(?!\\p{L})`,
      'iu',
    ),
  })),
  {
    verb: 'knead',
    words: /(?<!\p{L})(?:amasado|kneading)(?!\p{L})/iu,
  },
  {
    verb: 'rise',
    words: /^(?:la )?(?:primera|segunda|first|second|final):/iu,
    when: ({ dough, hot }) => dough && hot === undefined,
    over: WEAK,
  },
  {
    verb: 'soak',
    words: /(?<!\p{L})overnight soak(?!\p{L})|remojo (?:de )?(?:toda )?(?:la|una) noche/iu,
    over: WEAK,
  },
  {
    verb: 'rise',
    words:
      /(?<!\p{L})(?:bulk(?= (?:for )?\d)|aut[oó]lisis|autolysis|autolyse|(?:bulk|first|second|final) (?:rise|proof|prove|ferment\p{L}*)|bench rest|(?:primera|segunda|1ª|2ª) fermentaci[oó]n|fermentaci[oó]n(?: en bloque| final)?|levado|reposo)(?!\p{L})/iu,
    when: ({ dough, hot }) => dough && hot === undefined,
    over: WEAK,
  },
  {
    // "Ball up, and give them 6 hours more": of a dough.
    verb: 'rise',
    words: /(?<!\p{L})(?:give (?:it|them)|another|more|longer|otr[oa]s?|m[aá]s)(?!\p{L})/iu,
    when: ({ dough, hot, last }) => dough && hot === undefined && last === 'rise',
    over: ['put', 'wait'],
  },
  {
    verb: 'grill',
    words:
      /(?<!\p{L})(?:under (?:the |a )?(?:hot )?(?:broiler|grill)|(?:over|on|above|in|among) (?:the )?(?:direct heat|(?:hot )?coals|embers|ashes|grill|barbecue|bbq)|(?:sobre|a) las (?:brasas|ascuas)|a la brasa|bajo el gratinador|al grill)(?!\p{L})/iu,
    over: ['put', 'wait', 'cook', 'rest'],
  },
  {
    verb: 'grill',
    // "Thighs on the cool side, lid closed, 30 minutes".
    words:
      /(?<!\p{L})on (?:the )?(?:cool|cooler|indirect|hot|hotter|direct) (?:side|zone|half|end)(?!\p{L})/iu,
    when: ({ place, hot }) => place === 'grill' && hot === undefined,
    over: ['put', 'wait', 'cook', 'rest'],
  },
  {
    verb: 'reduce',
    words:
      /(?<!\p{L})(?:(?:bubbl|boil|cook)\p{L}*(?: it| them| the \p{L}+)? (?:away|down)|down to (?:a )?(?:third|half|quarter|glaze|syrup)|almost nothing|by half|by (?:a |two )?thirds?|to thicken|(?:a|hasta) la mitad|que (?:se )?consuma|casi (?:en )?nada)(?!\p{L})/iu,
    over: ['put', 'wait', 'cook', 'rest', 'simmer'],
  },
  {
    verb: 'simmer',
    words:
      /(?<!\p{L})(?:(?:gentle|slow|bare|low|quiet|lively|steady|brisk) simmer(?= (?:for )?(?:another )?\d)|(?:at|to|on) (?:a |the )?(?:bare |barest |merest |slightest |faintest |gentle |gentlest |slow |slowest |lively |steady |brisk |good )?(?:shiver|murmur|tremble|blip|bubble|simmer|lowest (?:heat|flame))|barely (?:trembl|mov|bubbl|simmer)\p{L}*|(?:let|leave) (?:it|them|everything|the \p{L}+) (?:to )?(?:gently |slowly |quietly )?(?:blip|tick|bubble|burble|putter|plop|mutter|chug|simmer)\p{L}*(?: away| along| over)?|lowest (?:heat|flame|setting)|back of the (?:stove|hob|range)|(?<!(?:coals?|charcoal|grill|barbecue|bbq|smoker|kettle)[^.;]{0,40})(?<!boil(?:ing)? (?:very )?(?:hard|fast|rapidly)[^.;]{0,30})lid on|cociendo|simmering(?! water)|(?:muy )?(?:a )?fuego (?:muy )?(?:lent(?:o|ito)|baj(?:o|ito)|suave(?:cito)?|floj(?:o|ito)|manso|m[ií]nimo)|chup chup|sin que hierva|hervor (?:muy )?(?:suave|lento)|apenas (?:hierv|tiembl|burbuj)\p{L}*)(?!\p{L})/iu,
    when: ({ slowCooker, place, fireC }) =>
      !slowCooker && fireC === undefined && place !== 'grill' && place !== 'smoker',
    // "Let it stand with the lid on": off its heat, or it would be said.
    unless:
      /(?<!\p{L})(?:stand|rest|sit|repos\p{L}*|off the heat|(?:heat|gas|flame) off|(?:kill|cut|turn off) the (?:heat|gas|flame))(?!\p{L})|(?<!\p{L})(?:overnight|all night|until (?:the (?:next )?)?morning|toda la noche|hasta (?:ma[ñn]ana|el d[ií]a siguiente))(?!\p{L})/iu,
    over: ['put', 'wait', 'cook', 'rest', 'boil'],
  },
  {
    verb: 'boil',
    words:
      /(?<!\p{L})(?:(?:[uú]ltimo |buen |ligero |corto )?hervor(?= de \d)|a borbotones|(?:rolling|hard|full) boil|hervor fuerte)(?!\p{L})/iu,
    over: ['put', 'wait', 'cook'],
  },
  {
    verb: 'hold',
    words:
      /(?<!\p{L})warm (?:place|spot|drawer|oven)[^.;\d]{0,12}[5-9]\d|^(?:keep|hold) (?:it|them|the \p{L}+)(?: warm| hot)? (?:at|above) [5-9]\d\s?(?:°|º|degrees|C(?!\p{L}))/iu,
    over: [...WEAK, 'roast', 'bake'],
  },
  {
    verb: 'fry',
    words:
      /(?<!\p{L})(?:(?:toast|crisp|dry-fry|colou?r|render|wilt|melt down)[^.;]{0,40}(?:pan|skillet|oil|butter|fat)|dry (?:pan|skillet)|(?:tuesta|dora|tostar)[^.;]{0,30}sart[eé]n)(?!\p{L})/iu,
    over: WEAK,
  },
  {
    verb: 'smoke',
    words:
      /(?<!\p{L})(?:the smoke|(?<!(?:until|till?|almost|just|nearly) )(?<!(?:pan|iron|skillet|griddle|wok|oil|fat),? )smoking(?![- ](?:hot|pan|skillet|oil|fat|cast|griddle))|in (?:the )?smoke|over (?:apple|hickory|oak|cherry|beech|maple|mesquite|alder)(?: wood)?|(?:en|de|al) (?:el )?humo|ahumado)(?!\p{L})/iu,
    over: ['put', 'wait', 'cook'],
  },
  {
    verb: 'bake',
    words:
      /(?<!\p{L})(?:(?:al )?ba[ñn]o mar[ií]a(?=[^.;]*horno)|in a (?:water[- ]bath|bain[- ]marie)(?=[^.;]*oven))/iu,
    over: ['put', 'cook', 'roast'],
  },
  {
    verb: 'roast',
    words:
      /(?<!\p{L})(?:in (?:a|an|the) (?!(?:turned|switched)-off)[^.;]{0,24}(?<!dutch )oven|(?<!dutch )oven,? \(?(?:at )?\d|roasting(?! (?:tin|tray|pan|dish))|en (?:el|un) horno|de horno|al horno|asado(?! de))(?!\p{L})/iu,
    when: ({ dough }) => !dough,
    over: ['put', 'cook'],
  },
  {
    verb: 'cool',
    words:
      /^\s*ice bath(?=[ ,.;]|$)|(?<!\p{L})(?:in(?:to)? (?:a |an |the )?(?:bowl of )?(?:iced?|ice-cold)[- ](?:water|bath)|(?:straight )?(?:into|onto|over) ice(?=[.,;]|$| for )|straight (?:in)?to iced? (?:water|bath)|under (?:the |a )?(?:running )?cold (?:tap|water)|(?:en|a) (?:un ba[ñn]o de )?agua (?:con hielo|helada))(?!\p{L})/iu,
    over: ['put', 'wait', 'chill'],
  },
  {
    verb: 'cool',
    words:
      /(?<!\p{L})in(?:to)? (?:a (?:bowl|basin) of )?cold water(?= for)|en agua fr[ií]a(?= (?:durante|unos|\d))/iu,
    when: ({ hot, dough }) => hot !== undefined && !dough,
    over: ['put', 'wait', 'chill'],
  },
  {
    verb: 'chill',
    words:
      /(?<!\p{L})(?:in(?:to)? the (?:fridge|refrigerator)|(?<=(?:^|[,;:–-])\s*)(?:fridge|refrigerator|nevera),?(?= (?:overnight|for |until |at least |o\/n|toda |\d))|(?:keep|leave|stays?) (?:it |them )?cold|en (?:la nevera|el frigo(?:r[ií]fico)?|fr[ií]o))(?!\p{L})/iu,
    over: ['put', 'wait'],
  },
  {
    verb: 'again',
    words:
      /^back in(?!\p{L})|(?<!\p{L})(?:goes?|go|went|put (?:it|them)|pop (?:it|them)) back(?: on| in)?(?= (?:for |\d))|(?<!\p{L})back in(?:to)? the oven(?!\p{L})/iu,
    when: ({ hot }) => hot?.place === 'oven' || hot?.place === 'smoker' || hot?.place === 'grill',
    over: ['put', 'wait', 'cook', 'rest', 'brown', 'sear'],
  },
  {
    verb: 'again',
    words: new RegExp(
      `(?<!\\p{L})(?:carry(?:ing)? on|continue|keep going|keep at it|go on|finish|leave (?:it|them) (?:in(?: there| the (?:\\p{L}+ )?(?:oven|smoker|barbecue|bath|cooker)|(?= (?:for|until|till|another|at|\\d)|[,.;]|$))|on(?: the (?:heat|hob|fire|flame|grill|smoker|barbecue|stove|coals)|(?= (?:for|until|till|another|at|low|high|\\d)|[,.;]|$))|there)${NO_LIQUID}|another|longer|more|extra|sigue|siga|seguir|seguimos|contin[uú]a|continuar|prosigue|termina|acaba|otr[oa]s?|m[aá]s)(?!\\p{L})`,
      'iu',
    ),
    when: ({ hot, ovenOff }) => hot !== undefined && !ovenOff,
    over: ['put', 'wait', 'cook'],
  },
];

/** A cue that tells which step a clause is, and where it stands. */
export interface CueHit {
  readonly verb: Verb;
  readonly from: number;
  readonly to: number;
  readonly over: readonly VerbWords[];
  /** It is put into something: a step even where nothing says how long. */
  readonly into: boolean;
  /** "Another hour": of what went on before. */
  readonly goesOn: boolean;
}

/** "(45 minutes in a pressure cooker)": another way to do it. */
const OTHER_WAY =
  /\([^()]*\d[^()]*(?:pressure[- ]cooker|slow[- ]cooker|olla (?:expr[eé]s|r[aá]pida|lenta|a presi[oó]n))[^()]*\)/giu;

/** The step a clause's surroundings speak of; undefined where they say nothing. */
export function cueIn(clause: string, context: Context): CueHit | undefined {
  const said = clause.replace(OTHER_WAY, (words) => ' '.repeat(words.length));
  for (const { verb, words, when, unless, over = [], alone = false } of CUES) {
    if ((when && !when(context)) || unless?.test(said)) continue;
    if (verb === 'again' && HEAT_OFF.test(said)) continue;
    const match = words.exec(said);
    if (!match) continue;
    const means = verb === 'again' ? goesOnAs(context) : verb;
    if (means === undefined) continue;
    const into = alone || /^(?:into|en)(?!\p{L})/iu.test(match[0]);
    return {
      verb: means,
      from: match.index,
      to: match.index + match[0].length,
      over,
      into,
      goesOn: verb === 'again',
    };
  }
  return undefined;
}
