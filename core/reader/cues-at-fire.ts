import { NO_LIQUID } from './clauses.ts';
import { WEAK, type Cue } from './cue.ts';

/** What is done at a fire and after it: pressure that falls, a pan that bubbles down, what goes on as before. */
export const CUES_AT_FIRE: readonly Cue[] = [
  {
    verb: 'fry',
    words:
      /(?<![a-zß-ɏ])sofrito(?= (?:de|con)(?![a-zß-ɏ])|:)|^(?:the )?(?:first|second|final|1st|2nd) fry(?![a-zß-ɏ])/i,
    over: [...WEAK, 'simmer'],
  },
  {
    verb: 'simmer',
    words:
      /(?<![a-zß-ɏ])(?:water bath|sous[- ]vide|baja temperatura|al vac[ií]o)(?=[^.;]{0,30}(?<!\d)[4-9]\d\s?(?:°|º|C(?![a-zß-ɏ])|degrees|grados))/i,
    over: WEAK,
  },
  {
    verb: 'rest',
    words: /(?<!in a )(?<![a-zß-ɏ])bag (?:it|them|the [a-zß-ɏ]+)(?= for)/i,
    over: WEAK,
  },
  {
    verb: 'simmer',
    words:
      /(?<![a-zß-ɏ])(?:a ladle(?:ful)? at a time|cazo a cazo|poco a poco el caldo|(?:caldo|stock|broth)[^.;,]{0,16} (?:poco a poco|gradually|little by little|bit by bit)|back on (?:a |the )?(?:low|gentle|medium) (?:flame|heat|ring)|cover with (?:cold )?water[^.;]{0,20}bring(?: it| them)? (?:slowly )?up(?: slowly)?)(?![a-zß-ɏ])/i,
    over: WEAK,
  },
  {
    verb: 'roast',
    words:
      /^(?:the )?(?:[a-zß-ɏ]+ ){1,3}in(?:to the oven)?(?: with (?:the )?[a-zß-ɏ]+)?,?\s+(?:for (?:about )?)?(?=\d)|^in (?:it |they )?goes?(?![a-zß-ɏ])(?=[^.;]*\d)|^(?:put|pop|slide|place) (?:the )?(?:[a-zß-ɏ]+ ){1,2}in (?:on|until|till)(?= [^.;]*\d)/i,
    when: ({ ovenC, dough }) => ovenC !== undefined && !dough,
    over: WEAK,
  },
  {
    verb: 'rest',
    words:
      /(?<![a-zß-ɏ])(?:natural(?:ly)? (?:pressure )?release|release (?:the pressure )?naturally|(?:let|leave) the pressure (?:drop|come down|fall)|despresuri[a-zß-ɏ]+|baj[a-zß-ɏ]+ la presi[oó]n)(?![a-zß-ɏ])/i,
    over: WEAK,
  },
  {
    verb: 'hold',
    words:
      /(?<![a-zß-ɏ])(?:(?:keep|keeps|kept|stay|stays|hold|holds|held)(?: it| them| the [a-zß-ɏ]+| everything)? (?:happily |well |nicely )?(?:warm|hot)|(?:it|they|that) (?:will |can )?(?:hold|keep)s? (?:happily|well|nicely|fine)|(?:keep|hold) (?:it |them )?(?:there|at (?:that|this)(?: temperature| heat)?)(?= for)|to stay (?:hot|warm)|warming drawer|^(?:keep|hold)(?: (?:it|them|the [a-zß-ɏ]+))?(?: (?:tightly |loosely )?covered)? in (?:a|the) (?:very )?(?:low|warm|cool) oven|^(?:keep|hold) (?:the )?(?:done|cooked|finished|fried|first|ready)(?: (?:ones|batch(?:es)?|pieces|lot))? in (?:a|the)(?: [a-zß-ɏ]+| [5-9]\d ?°?C?| 1[01]\d ?°?C?)? oven|low oven(?=[^.;]{0,20}(?:hold|keep|until))|(?:mant[eé]n[a-zß-ɏ]*|se mantiene|aguanta|conserv[a-zß-ɏ]+|guarda[a-zß-ɏ]*)[^.;]{0,30}(?:caliente|templad[oa]|horno (?:bajo|suave|apagado))|al calor)(?![a-zß-ɏ])/i,
    over: [...WEAK, 'roast', 'bake'],
  },
  {
    verb: 'rest',
    words:
      /(?<![a-zß-ɏ])(?:(?<!the )rest(?! of(?![a-z]))|^out,(?= [^.;\d]{0,30}\d+ ?m)|rests|rested|resting|(?:min[a-zß-ɏ]*|hours?) sitting|relax[a-zß-ɏ]*|coast(?! up)|tent(?:ed)?|under (?:a |some )?(?:loose )?(?:foil|tea[- ]towel|cloth|towel)|(?:it|they) (?:can |may |will |should )?(?:sat|sits?)|off (?:the )?heat|(?:fuera del?|out of the) (?:horno|fuego|oven|grill|smoker)(?=,? (?:(?:for|about|unos) )?\d)|off it(?= ?(?:[.,;]|$))|(?:take|lift|remove|slide) (?:it |them |the [a-zß-ɏ]+ )?(?:off|from) (?:the heat )?and cover|retira[a-zß-ɏ]*(?: del fuego)? y (?:tapa|cubre|deja)|away from the heat|before (?:you )?(?:carv|slic|cutt?|touch)[a-zß-ɏ]*|warm (?:plate|dish|board)|on (?:the|a) (?:carving |chopping )?board|^(?:in(?:to)?|back in(?:to)?) (?:the|a|its) (?:insulated |dry |resting |holding )?box(?! of)|cool ?box|cool ?bag|insulated box|cooler(?! (?:side|part|zone|end|area|spot|half|place|oven|fire|heat))|vent(?:ed|ing)?|wrap(?:ped)?[^.;,\d]{0,24}(?:flatbread|newspaper|tortillas?|pitta|towel)s?|(?:out of|from) (?:the|its) (?:tin|tray|pan|mould)[^.;]{0,24}(?=\d)|(?:on|onto) (?:a|the) (?:wire |cooling )?rack(?! (?:over|in|above|set))(?=[^.;\d]{0,20}\d)|reposo|reposar|reposa[a-zß-ɏ]*|descans[a-zß-ɏ]*|fuera del fuego|calor residual|residual heat|antes de (?:cortar|trinchar)|en la tabla|tapad[oa]s? con (?:papel|aluminio))(?![a-zß-ɏ])/i,
    when: ({ dough }) => !dough,
    // "In the freezer before slicing": where it is cold nothing rests on a board.
    unless:
      /(?<![a-zß-ɏ])(?:in|into|to|en|a) (?:the |el |la )?(?:freezer|fridge|refrigerator|congelador|nevera)(?![a-zß-ɏ])/i,
    over: ['put', 'wait', 'cook'],
  },
  {
    verb: 'cool',
    words:
      /(?<![a-zß-ɏ])(?:(?:out of|from) (?:the|its) (?:tin|tray|mould)|(?:on|onto) (?:a|the) (?:wire |cooling )?rack)(?=[^.;\d]{0,24}\d)/i,
    when: ({ dough, hot }) => dough && hot !== undefined,
    over: WEAK,
  },
  ...(['bake', 'roast', 'simmer', 'braise', 'steam', 'soak', 'rest'] as const).map((verb): Cue => ({
    verb,
    // "Half way through the 40 minute bake".
    words: new RegExp(
      `(?:min|minute|hour|hr)s?['’]?[- ](?:long |slow |gentle )?${verb}(?![a-zß-ɏ])`,
      'i',
    ),
  })),
  {
    verb: 'knead',
    words: /(?<![a-zß-ɏ])(?:amasado|kneading)(?![a-zß-ɏ])/i,
  },
  {
    verb: 'rise',
    words: /^(?:la )?(?:primera|segunda|first|second|final):/i,
    when: ({ dough, hot }) => dough && hot === undefined,
    over: WEAK,
  },
  {
    verb: 'soak',
    words: /(?<![a-zß-ɏ])overnight soak(?![a-zß-ɏ])|remojo (?:de )?(?:toda )?(?:la|una) noche/i,
    over: WEAK,
  },
  {
    verb: 'rise',
    words:
      /(?<![a-zß-ɏ])(?:bulk(?= (?:for )?\d)|aut[oó]lisis|autolysis|autolyse|(?:bulk|first|second|final) (?:rise|proof|prove|ferment[a-zß-ɏ]*)|bench rest|(?:primera|segunda|1ª|2ª) fermentaci[oó]n|fermentaci[oó]n(?: en bloque| final)?|levado|reposo)(?![a-zß-ɏ])/i,
    when: ({ dough, hot }) => dough && hot === undefined,
    over: WEAK,
  },
  {
    // "Ball up, and give them 6 hours more": of a dough.
    verb: 'rise',
    words: /(?<![a-zß-ɏ])(?:give (?:it|them)|another|more|longer|otr[oa]s?|m[aá]s)(?![a-zß-ɏ])/i,
    when: ({ dough, hot, last }) => dough && hot === undefined && last === 'rise',
    over: ['put', 'wait'],
  },
  {
    verb: 'grill',
    words:
      /(?<![a-zß-ɏ])(?:under (?:the |a )?(?:hot )?(?:broiler|grill)|(?:over|on|above|in|among) (?:the )?(?:direct heat|(?:hot )?coals|embers|ashes|grill|barbecue|bbq)|(?:sobre|a) las (?:brasas|ascuas)|a la brasa|bajo el gratinador|al grill)(?![a-zß-ɏ])/i,
    over: ['put', 'wait', 'cook', 'rest'],
  },
  {
    verb: 'grill',
    // "Thighs on the cool side, lid closed, 30 minutes".
    words:
      /(?<![a-zß-ɏ])on (?:the )?(?:cool|cooler|indirect|hot|hotter|direct) (?:side|zone|half|end)(?![a-zß-ɏ])/i,
    when: ({ place, hot }) => place === 'grill' && hot === undefined,
    over: ['put', 'wait', 'cook', 'rest'],
  },
  {
    verb: 'reduce',
    words:
      /(?<![a-zß-ɏ])(?:(?:bubbl|boil|cook)[a-zß-ɏ]*(?: it| them| the [a-zß-ɏ]+)? (?:away|down)|down to (?:a )?(?:third|half|quarter|glaze|syrup)|almost nothing|by half|by (?:a |two )?thirds?|to thicken|(?:a|hasta) la mitad|que (?:se )?consuma|casi (?:en )?nada)(?![a-zß-ɏ])/i,
    over: ['put', 'wait', 'cook', 'rest', 'simmer'],
  },
  {
    verb: 'simmer',
    words:
      /(?<![a-zß-ɏ])(?:(?:gentle|slow|bare|low|quiet|lively|steady|brisk) simmer(?= (?:for )?(?:another )?\d)|(?:at|to|on) (?:a |the )?(?:bare |barest |merest |slightest |faintest |gentle |gentlest |slow |slowest |lively |steady |brisk |good )?(?:shiver|murmur|tremble|blip|bubble|simmer|lowest (?:heat|flame))|barely (?:trembl|mov|bubbl|simmer)[a-zß-ɏ]*|(?:let|leave) (?:it|them|everything|the [a-zß-ɏ]+) (?:to )?(?:gently |slowly |quietly )?(?:blip|tick|bubble|burble|putter|plop|mutter|chug|simmer)[a-zß-ɏ]*(?: away| along| over)?|lowest (?:heat|flame|setting)|back of the (?:stove|hob|range)|(?<!(?:coals?|charcoal|grill|barbecue|bbq|smoker|kettle)[^.;]{0,40})(?<!boil(?:ing)? (?:very )?(?:hard|fast|rapidly)[^.;]{0,30})lid on|(?:clamp|clap|jam|put|pop) on (?:the|a|its) lid|(?:do not|don['’]t) (?:peek|lift the lid)(?= for)|cociendo|simmering(?! water)|(?:muy )?(?:a )?fuego (?:muy )?(?:lent(?:o|ito)|baj(?:o|ito)|suave(?:cito)?|floj(?:o|ito)|manso|m[ií]nimo)|chup chup|sin que hierva|hervor (?:muy )?(?:suave|lento)|apenas (?:hierv|tiembl|burbuj)[a-zß-ɏ]*)(?![a-zß-ɏ])/i,
    when: ({ slowCooker, place, fireC }) =>
      !slowCooker && fireC === undefined && place !== 'grill' && place !== 'smoker',
    // "Let it stand with the lid on": off its heat, or it would be said.
    unless:
      /(?<![a-zß-ɏ])(?:stand|rest|sit|repos[a-zß-ɏ]*|off the heat|(?:heat|gas|flame) off|(?:kill|cut|turn off) the (?:heat|gas|flame))(?![a-zß-ɏ])|(?<![a-zß-ɏ])(?:overnight|all night|until (?:the (?:next )?)?morning|toda la noche|hasta (?:ma[ñn]ana|el d[ií]a siguiente))(?![a-zß-ɏ])/i,
    over: ['put', 'wait', 'cook', 'rest', 'boil'],
  },
  {
    verb: 'boil',
    words:
      /(?<![a-zß-ɏ])(?:(?:[uú]ltimo |buen |ligero |corto )?hervor(?= de \d)|a borbotones|(?:rolling|hard|full) boil|hervor fuerte)(?![a-zß-ɏ])/i,
    over: ['put', 'wait', 'cook'],
  },
  {
    verb: 'hold',
    words:
      /(?<![a-zß-ɏ])warm (?:place|spot|drawer|oven)[^.;\d]{0,12}[5-9]\d|^(?:keep|hold)(?![^.;]*(?:until|till?)[^.;]*\d)(?: (?:it|them|the [a-zß-ɏ]+))?(?: warm| hot)? (?:at|above) [5-9]\d\s?(?:°|º|degrees|C(?![a-zß-ɏ]))/i,
    over: [...WEAK, 'roast', 'bake'],
  },
  {
    verb: 'fry',
    words:
      /(?<![a-zß-ɏ])(?:(?:toast|crisp|dry-fry|colou?r|render|wilt|melt down)[^.;]{0,40}(?:pan|skillet|oil|butter|fat)|dry (?:pan|skillet)|(?:tuesta|dora|tostar)[^.;]{0,30}sart[eé]n)(?![a-zß-ɏ])/i,
    over: WEAK,
  },
  {
    verb: 'smoke',
    words:
      /(?<![a-zß-ɏ])(?:the smoke|(?<!(?:until|till?|almost|just|nearly) )(?<!(?:pan|iron|skillet|griddle|wok|oil|fat),? )smoking(?![- ](?:hot|pan|skillet|oil|fat|cast|griddle))|in (?:the )?smoke|over (?:apple|hickory|oak|cherry|beech|maple|mesquite|alder)(?: wood)?|(?:en|de|al) (?:el )?humo|ahumado)(?![a-zß-ɏ])/i,
    over: ['put', 'wait', 'cook'],
  },
  {
    verb: 'bake',
    words:
      /(?<![a-zß-ɏ])(?:(?:al )?ba[ñn]o mar[ií]a(?=[^.;]*horno)|in a (?:water[- ]bath|bain[- ]marie)(?=[^.;]*oven))/i,
    over: ['put', 'cook', 'roast'],
  },
  {
    verb: 'roast',
    words:
      /(?<![a-zß-ɏ])(?:in (?:a|an|the) (?!(?:turned|switched)-off)[^.;]{0,24}(?<!dutch )oven|(?<!dutch )oven,? \(?(?:at )?\d|roasting(?! (?:tin|tray|pan|dish))|en (?:el|un) horno|de horno|al horno|asado(?! de))(?![a-zß-ɏ])/i,
    when: ({ dough, ovenOff }) => !dough && !ovenOff,
    over: ['put', 'cook'],
  },
  {
    verb: 'cool',
    words:
      /^\s*ice bath(?=[ ,.;]|$)|(?<![a-zß-ɏ])(?:in(?:to)? (?:a |an |the )?(?:bowl of )?(?:iced?|ice-cold)[- ](?:water|bath)|(?:straight )?(?:into|onto|over) ice(?=[.,;]|$| for )|straight (?:in)?to iced? (?:water|bath)|under (?:the |a )?(?:running )?cold (?:tap|water)|(?:en|a) (?:un ba[ñn]o de )?agua (?:con hielo|helada))(?![a-zß-ɏ])/i,
    over: ['put', 'wait', 'chill'],
  },
  {
    verb: 'cool',
    words:
      /(?<![a-zß-ɏ])in(?:to)? (?:a (?:bowl|basin) of )?cold water(?= for)|en agua fr[ií]a(?= (?:durante|unos|\d))/i,
    when: ({ hot, dough }) => hot !== undefined && !dough,
    over: ['put', 'wait', 'chill'],
  },
  {
    verb: 'chill',
    words:
      /(?<![a-zß-ɏ])(?:in(?:to)? the (?:fridge|refrigerator)|(?<=(?:^|[,;:–-])\s*)(?:fridge|refrigerator|nevera),?(?= (?:overnight|for |until |at least |o\/n|toda |\d))|(?:keep|leave|stays?) (?:it |them )?cold|en (?:la nevera|el frigo(?:r[ií]fico)?|fr[ií]o))(?![a-zß-ɏ])/i,
    over: ['put', 'wait'],
  },
  {
    // "Paint with sauce and leave for the last hour": over its fire.
    verb: 'again',
    words:
      /(?<![a-zß-ɏ])(?:(?:leave|let|dej[a-zß-ɏ]+)[^.;,\d]{0,24} (?:the |la |los )?(?:last|final|[uú]ltim[oa]s?) (?=(?:\d+|half)? ?(?:an )?(?:hours?|minutes?|mins?|horas?|media hora|minutos?)(?![a-zß-ɏ])))/i,
    when: ({ hot }) => hot?.place === 'oven' || hot?.place === 'smoker' || hot?.place === 'grill',
    over: ['put', 'wait', 'cook', 'rest'],
  },
  {
    verb: 'again',
    words:
      /^back in(?![a-zß-ɏ])|(?<![a-zß-ɏ])(?:goes?|go|went|put (?:it|them)|pop (?:it|them)) back(?: on| in)?(?= (?:for |\d))|(?<![a-zß-ɏ])back in(?:to)? the oven(?![a-zß-ɏ])/i,
    when: ({ hot }) => hot?.place === 'oven' || hot?.place === 'smoker' || hot?.place === 'grill',
    over: ['put', 'wait', 'cook', 'rest', 'brown', 'sear'],
  },
  {
    verb: 'again',
    words: new RegExp(
      `(?<![a-zß-ɏ])(?:carry(?:ing)? on|continue|keep going|keep (?:it|them|the [a-zß-ɏ]+) going|keep at it|push on|press on|go on|finish|leave (?:it|them) (?:in(?: there| the (?:[a-zß-ɏ]+ )?(?:oven|smoker|barbecue|bath|cooker)|(?= (?:for|until|till|another|at|\\d)|[,.;]|$))|on(?: the (?:heat|hob|fire|flame|grill|smoker|barbecue|stove|coals)|(?= (?:for|until|till|another|at|low|high|\\d)|[,.;]|$))|there)${NO_LIQUID}|another|longer|more|extra|sigue|siga|seguir|seguimos|contin[uú]a|continuar|prosigue|termina|acaba|otr[oa]s?|m[aá]s)(?![a-zß-ɏ])`,
      'i',
    ),
    when: ({ hot, ovenOff }) => hot !== undefined && !ovenOff,
    over: ['put', 'wait', 'cook'],
  },
];
