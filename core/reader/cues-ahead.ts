import { WEAK, type Cue } from './cue.ts';
import { OUT_OF_SOAK } from './soaks.ts';

/** What is done before a food comes to its fire: skewers in water, coals that get going, a joint that loses its chill. */
export const CUES_AHEAD: readonly Cue[] = [
  {
    // "Ten minutes before carving, back in for 8": before the carving makes it a rest.
    verb: 'again',
    words: /(?:^|,\s*)back in(?: the oven)?(?= for )/i,
    when: ({ hot }) => hot?.place === 'oven',
    over: ['put', 'wait', 'cook', 'rest', 'brown', 'sear'],
  },
  {
    verb: 'temper',
    words:
      /(?<![a-zß-ɏ])(?:out of (?:the )?(?:fridge|refrigerator)(?= for)|^out of (?:the |its )?(?:brine|marinade|cure)(?=[^.;]{0,30}(?:before|ahead))|^(?:take|remove|lift) (?:it |them |the [a-zß-ɏ]+ )?(?:out )?(?:of|from) (?:the |its )?(?:brine|marinade|cure)(?= [^.;]{1,24} (?:before|ahead of) (?:you )?(?:cook|roast|grill|fry))|out of (?:the )?(?:fridge|refrigerator)[^.;]{0,30}(?:before|ahead|earlier|beforehand)|(?:sit|stand|leave (?:it|them|the [a-zß-ɏ]+)|let (?:it|them|the [a-zß-ɏ]+) (?:sit|stand)) out(?= (?:for |at |on |about )?(?:an?|half|the|\d|one|two|three))|^(?:pull|take|get|bring|have) (?:it|them|the [a-zß-ɏ]+)(?: out)? (?=[^.;]{1,24} before (?:you )?(?:cook|grill|roast|fry))|(?:pull|take|get|bring) (?:it|them|the [a-zß-ɏ]+) out (?=[^.;]{1,24} before (?:it|they) goe?s? (?:in|on))|^out (?=[^.;]{1,16}(?:before|ahead|beforehand|early)))/i,
    over: WEAK,
  },
  {
    verb: 'temper',
    words:
      /(?<!(?<![a-zß-ɏ])cool[a-zß-ɏ]* (?:down )?(?:to|at) )\b(?:room|kitchen) temp(?:erature)?\b|\b(?:los(?:e|es|ing)|take|get|knock)s? (?:off )?(?:its |their |the )?(?:chill|cold)\b|\boff the chill\b|\bwarm(?:s|ing)? up (?:on|at|to)\b|\bcome up to (?:room )?temp[a-zß-ɏ]*|\bout of (?:the )?(?:fridge|refrigerator|cold)\b|\bfrom the (?:fridge|refrigerator)\b|^(?:the )?(?:[a-zß-ɏ]+ )?(?:steaks?|meat|joint|chops?|roast|bird|beef|lamb|pork|it|them) out\b|fuera (?:de la nevera|del? frigo[a-zß-ɏ]*)|temperatura ambiente|pierda el fr[ií]o|sin fr[ií]o|^(?:l[oa]s? )?(?:saca|saque|sacar|sacamos)\b(?! del (?:horno|ahumador|fuego|agua|congelador)| (?:el |la )?(?:asado|pieza asada)|[^.;]{0,40}(?:cuando|en cuanto|al llegar|trinch|cort))|\bun rato antes\b/i,
    when: ({ hot, dough, hasMeat }) => hot === undefined && !dough && hasMeat,
    // "Sit the meat in its marinade at room temperature".
    unless:
      /(?<![a-zß-ɏ])(?:repos|descans|(?<!out of )in (?:the|its|their) (?:marinade|brine)|en (?:la|su|el) (?:marinada|adobo|salmuera))/i,
    over: WEAK,
  },
  {
    verb: 'brine',
    // "Steaks: salt 1 hr ahead", whatever else is on a fire by then.
    words:
      /^(?:[a-zß-ɏ]+: )?salt(?: (?:it|them|the [a-zß-ɏ]+))?(?= \d{1,2} ?h[a-zß-ɏ]* (?:before|ahead|beforehand))/i,
    when: ({ hasMeat }) => hasMeat,
    over: WEAK,
  },
  {
    verb: 'brine',
    words:
      /(?<![a-zß-ɏ])(?:(?:in|into|through|under|from) (?:the |a |its |their )?(?:cold |cooled )?(?:brine|cure)|salt(?:ed)? (?:water )?bath|bath (?:of|in) salt(?:ed)? ?water|in salt(?:ed)? water|^(?:lightly |generously |heavily |well )?salt (?:it|them|the [a-zß-ɏ]+)(?: for)?(?= (?:\d|an? |half|overnight)[^.;,]{0,12}(?:h|min|night|day))|under (?:the )?salt|cured? (?:under|in|with) (?:the )?salt|dry[- ]brine|brine|sal(?:a|ar|e|amos|ad[oa]s?)(?![a-zß-ɏ])[^.;]{0,90}(?:nevera|frigo(?:r[ií]fico)?)|salt(?:ed)?(?![a-zß-ɏ]| cod| fish| pork| beef)[^.;]{0,90}(?:fridge|refrigerat[a-zß-ɏ]*)|salt (?:it|them|the [a-zß-ɏ]+)[^.;]{0,24}(?:before|ahead|beforehand)|(?:sal(?:a|ar|amos)|s[aá]l(?:a|e)l[oa]s?) [^.;]{0,40} (?:antes|la v[ií]spera|(?:la noche|el d[ií]a) anterior)|salar? [^.;]{0,30}de antelaci[oó]n|(?:en|a) (?:la )?salmuera|(?:en|bajo) (?:la )?sal(?= )|en agua con sal|salmuera)(?![a-zß-ɏ])/i,
    when: ({ hot, hasMeat }) => hot === undefined && hasMeat,
    unless: OUT_OF_SOAK,
    over: [...WEAK, 'soak'],
  },
  {
    verb: 'soak',
    words:
      /(?<![a-zß-ɏ])(?:skewers?|wooden sticks?|sticks|wood chips?|planks?|dried (?:[a-zß-ɏ]+ )?(?:beans?|mushrooms?|chickpeas?|peas|fruit|chill?i(?:e?s)?)|steep[a-zß-ɏ]*|brochetas|palillos|astillas|legumbres|alubias|garbanzos|jud[ií]as|setas secas)(?![a-zß-ɏ])[^.;]{0,60}(?:water|soak|steep|agua|remojo)|an? [a-zß-ɏ]+[’']s soak|(?:in|with|into) (?:cold |warm |hot |boiling |plenty of )?water(?=[^.;]{0,30}(?:leave|half|\d|hour|overnight))|(?:en|a|de) remojo|(?:en|con) agua fr[ií]a/i,
    when: ({ hot }) => hot === undefined,
    unless:
      /(?<![a-zß-ɏ])(?:simmer|boil|top(?:ping|ped)? up|slow[- ]?cook|crock|olla (?:lenta|de cocci))/i,
    over: WEAK.filter((verb) => verb !== 'chill' && verb !== 'mix'),
  },
  {
    verb: 'marinate',
    words:
      /(?<![a-zß-ɏ])(?:(?:in|into|with) (?:the |its |their )?marinade|in (?:the |a |some )?(?:[a-zß-ɏ]+ )?(?:yogh?urt|buttermilk|kefir)|en (?:el |un )?(?:yogur|suero(?: de leche)?)|steep[a-zß-ɏ]*|marinade|marinating|marinando|macerando|(?:yogh?urt|spice|curry|herb) (?:mixture|mix|paste)|(?:en|con) (?:el |la |su )?(?:adobo|marinada|macerad[a-zß-ɏ]*)|maceraci[oó]n|adobo|marinad[oa]|escabeche)(?![a-zß-ɏ])/i,
    when: ({ hot, hasMeat }) => hot === undefined && hasMeat,
    // "Cook above the embers, mopping with the marinade".
    unless:
      /(?<![a-zß-ɏ])(?:embers|coals|grill|mopping|basting|brushing|brasas|ascuas)(?![a-zß-ɏ])/i,
    over: WEAK,
  },
  {
    verb: 'preheat',
    words:
      /(?<=^|and |then |[,;] )let (?:the |your )?(?:pizza |baking )?(?:stone|steel|oven|tray|griddle|grill|barbecue) (?:pre)?(?:heat|get hot|warm)(?![a-zß-ɏ])/i,
    over: [...WEAK, 'grill', 'rest'],
  },
  {
    verb: 'light',
    words:
      /(?<![a-zß-ɏ])(?:(?:get|have|with) (?:the |your |some )?(?:coals?|charcoal|fire|grill|barbecue|bbq|embers)(?: [a-zß-ɏ]+)? (?:going|lit|ready|glowing|burning|hot|started|ashed)|^(?:the )?(?:smoker|grill|barbecue|bbq|kettle) (?:is |was |goes )?(?:up|on|lit|going)(?= (?:at|by|from|around|\d)|[,;.]|$)|light it|chimney|(?:coals?|charcoal|fire|embers)(?: should be| must be)? (?:lit|going|started)|(?:coals?|charcoal|fire|embers)(?: to)? burn(?:s|ing)? down|(?:coals?|charcoal|fire|embers) burn(?= for| \d)|two-zone fire|(?:coals|embers|^(?:when|once) they) (?:are |have )?(?:(?:ashed|turned|gone|turn|go) ?(?:over|white|grey|gray)?|covered (?:in|with) (?:white |grey |gray |fine )*ash|white|grey|gray)|(?:carb[oó]n|brasas?|fuego|le[ñn]a|barbacoa) (?:encendid[oa]s?|prendid[oa]s?|list[oa]s?)|(?:enciende|encender|prende|prender|prepara|preparar|haz|hacer) (?:el |la |las |un |una |unas )?(?:carb[oó]n|brasas?|fuego|barbacoa|lumbre|ascuas))(?![a-zß-ɏ])/i,
    over: [...WEAK, 'grill', 'preheat'],
  },
  ...(['smoke', 'grill'] as const).map((verb): Cue => ({
    verb,
    // "Brisket on 5:45".
    words:
      /^(?!(?:the )?(?:lid|foil|cover|sauce|glaze|top|wood|chips|water|vents?)(?![a-zß-ɏ]))(?:(?:the|my) )?(?:[a-zß-ɏ]+ ){1,2}(?:\([^)]{1,24}\) )?(?:goes |go |went )?on(?=(?: at)? \d{1,2}[:.]?\d{0,2}(?!\d)| for (?:about |around |another )?(?:\d|an? |one|two|three|four|five|six|eight|ten|twelve)|[.,;]|$)/i,
    alone: true,
    when: ({ place, fireC, hasMeat }) =>
      hasMeat && place === (verb === 'smoke' ? 'smoker' : 'grill') && fireC !== undefined,
  })),
  {
    verb: 'knead',
    words:
      /(?<![a-zß-ɏ])(?:(?:work|trabaj[a-zß-ɏ]*) (?:(?:the |la )?(?:dough|masa)|it|until)|knead(?:ing)?|^on (?:slow|low|medium|high)(?: speed)?)(?![a-zß-ɏ])/i,
    when: ({ dough, hot }) => dough && hot === undefined,
    over: WEAK,
  },
  {
    verb: 'rise',
    words:
      /(?<![a-zß-ɏ])(?:(?:first|second|final|bulk|last|primer|segundo|primera|segunda)?\s*(?:prove|proof|proving|proofing|rise|rising|fermentation|ferment|^bulk(?= [^.;]{0,16}(?:\d|an? |two|three|four|five|six))|levado|fermentaci[oó]n|leudado)|doubl[a-zß-ɏ]+|dobl[a-zß-ɏ]+ (?:su |de )?(?:volumen|tama[ñn]o))(?![a-zß-ɏ])/i,
    when: ({ dough, hot }) => dough && hot === undefined,
    over: WEAK,
  },
  {
    verb: 'braise',
    words:
      /(?<![a-zß-ɏ])(?:slow[- ]cooker|crock|olla (?:lenta|de cocci[oó]n lenta)|(?:on|to|in) (?:the )?(?:low|high)(?: setting)?(?=[ .,;]|$)|en (?:bajo|alto))(?![a-zß-ɏ])/i,
    when: ({ slowCooker }) => slowCooker,
    over: WEAK,
  },
  {
    verb: 'braise',
    words:
      /(?<![a-zß-ɏ])(?:(?:high|full|low|under) pressure|a presi[oó]n(?! atmos)|presi[oó]n (?:m[aá]xima|alta|media|baja)|pressure cooker|(?:up to|at|reaches|comes to|comes up to) (?:full )?pressure|(?:sub|alcanc|coj|cog|tom)[a-zß-ɏ]* (?:la )?presi[oó]n|(?:sub|sal)[a-zß-ɏ]* (?:el |la |los |las )?(?:dos |primer |segundo )?(?:anillos?|v[aá]lvula|pitorro)|olla (?:expr[eé]s|a presi[oó]n|r[aá]pida))(?![a-zß-ɏ])/i,
    when: ({ hot }) => hot === undefined || hot.place === 'hob',
    over: [...WEAK, 'preheat', 'boil', 'simmer'],
  },
  {
    verb: 'soak',
    words:
      /(?<![a-zß-ɏ])(?:(?:pour|tip) (?:over |on )?(?:the |plenty of |enough )?(?:boiling|hot) water(?: over| on)?|pour over (?:the )?boiling|cover with (?:boiling|hot) water)(?![a-zß-ɏ])/i,
    over: WEAK,
  },
  {
    verb: 'marinate',
    words:
      /(?<![a-zß-ɏ])(?:rub|massage|coat|smear|slather|toss)(?![a-zß-ɏ])[^.;]{0,80}(?:fridge|refrigerat[a-zß-ɏ]*)(?![a-zß-ɏ])/i,
    when: ({ hot, hasMeat, dough }) => hot === undefined && hasMeat && !dough,
    over: WEAK,
  },
];
