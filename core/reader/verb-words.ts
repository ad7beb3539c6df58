import type { Verb } from '../terms/index.ts';

/** What a word may stand for besides a verb: to be settled by what is around it. */
export type VerbWords = Verb | 'cook' | 'put' | 'wait';

interface VerbRow {
  readonly verb: VerbWords;
  /** As an order: "whisk", "mezcla". */
  readonly english: string;
  readonly spanish: string;
}

/** The product's verbs as recipes say them, in English and Spanish. */
export const VERB_ROWS: readonly VerbRow[] = [
  { verb: 'thaw', english: 'thaw|defrost', spanish: 'descongel(?:a|e|ar|amos|en)' },
  {
    verb: 'preheat',
    english:
      '(?:griddle|skillet|wok|frying pan) on (?:full|high|max)(?= (?:for )?\\d)|(?:(?:pizza|baking) )?(?:stone|steel)(?: goes)? in(?:to)? the oven(?= (?:at|to|on|for))|warm (?:up )?(?:the |your |an )?oven|crank (?:up )?(?:the |your )?oven(?= (?:up )?as )|get (?:the |your )?oven (?:up )?to|preheat|pre-heat|heat (?:the |your |an? )?(?:oven|grill|broiler|barbecue|bbq|smoker|gas grill)|(?:prepare|set up|get) (?:the |your |an? )?(?:grill|smoker|oven|barbecue|bbq|kettle(?= (?:for|at|to|up)))|heat (?:it |them )?to (?:its |the |their )?(?:maximum|max|hottest)|(?:put|place) (?:an? |the )?(?:baking |pizza )?(?:stone|steel)[^.;]{0,30}(?:in|into) the oven|heat (?:an? |the |your )?(?:baking |pizza )?(?:stone|steel)(?= (?:at|to|for) )|heat (?:an?|the|your) [^.;,]{0,30}(?:casserole|cocotte|pot|pan|skillet|tray|tin|stone|steel|sheet|dish)(?: and (?:its|the) lid)? in(?:side)? (?:the|an?) (?:[a-zß-ɏ]+ )?oven|(?:set|turn|bring) (?:the |your |an? )?(?:oven|grill|smoker)(?= (?:on )?(?:to|at|up))|oven(?: on)?,? with [^.;,]{0,24}(?:in(?:side)?(?: it)?|stone|steel),? (?:on )?(?:to|at)(?= (?:\\d|its|max|full))|turn on the (?:oven|grill)',
    spanish:
      'precal(?:ienta|iente|entar|entamos|ienten)|enc(?:iende|ender|endemos) el horno|calentamos el horno|calienta el horno|calentar el horno|pon el horno|(?:calienta|caliente|calentar) (?:una?|la|el) [^.;,]{0,25}(?:cazuela|olla|bandeja|piedra|cocotte|fuente)[^.;,]{0,15} en el horno',
  },
  {
    verb: 'light',
    english:
      '(?:light|start|fire up|build|make|lay) (?:the |your |an? |some )?(?:(?:good|hot|medium|low|big|small|two-zone|charcoal|wood) )*(?:charcoal|coals?|fire|chimney|smoker|grill|barbecue|bbq)',
    spanish:
      '(?:enciende|encienda|encender|prende|prenda|prender) (?:el |la |las |los )?(?:carb[oó]n|brasas?|fuego|parrilla|barbacoa|ahumador|le[ñn]a)',
  },
  {
    verb: 'temper',
    english:
      'temper(?= |[.,;]|$)|(?:let|allow) [^.;,]{0,24}(?:come|get|rise)(?: up)? to (?:the )?(?:warmth|temperature|heat) of the (?:kitchen|room)|(?:let|allow) (?:it|them|the [a-zß-ɏ]+)(?: to)? come up(?= (?:for )?(?:\\d|an?|half|one|two))|(?<=(?:hours?|minutes?|mins?) (?:before|ahead of) [^.;,]{0,30}, )(?:take|get|bring) (?:it|them|the [a-zß-ɏ]+) out|[a-zß-ɏ]+ out of (?:the )?(?:fridge|refrigerator)|(?:bring|let [^.;]{0,40} come|allow [^.;]{0,40} to come|leave [^.;]{0,30}|let [^.;]{0,30}(?:sit|stand)) (?:[^.;]{0,30} )?(?:up )?(?:to|at) room temp(?:erature)?|(?:bring|come) (?:up )?to room temp(?:erature)?|(?:take|remove|pull|get) [^.;]{0,40}(?:out of|from) the (?:fridge|refrigerator|cold)|(?:take|get|bring) (?:it |them |(?:the )?[a-zß-ɏ]+ (?:[a-zß-ɏ]+ )?)?out(?= (?:about |some )?(?:an?|\\d+|half|one|two)[^.;]{0,20}(?:hours?|minutes?|mins?) (?:ahead|before|beforehand|early|earlier))',
    spanish:
      'atemper(?:a|e|ar|amos)|ten(?:er)?(?:l[oa]s?)? [^.;]{0,30}fuera d(?:el? |e la )(?:nevera|frigo(?:r[ií]fico)?)|templar?(?= (?:fuera|la carne|el|a temperatura))|(?:saca|saque|sacar|sacamos|retira|retirar)(?:l[oa]s?)?(?= (?:hora|un[ao]?s?|media|dos|tres|\\d+)[^.;]{0,20}(?:horas?|minutos?|min\\.?|h) antes)|(?:saca|saque|sacar|sacamos|retir(?:a|e|ar|amos)|(?:deja|deje|dejar)(?!(?:l[oa]s?)? (?:que se )?enfr))[^.;]{0,50}(?:de la nevera|del refrigerador|del frigo(?:r[ií]fico)?|temperatura ambiente)',
  },
  {
    verb: 'brine',
    english:
      '(?:dry|wet)-brine|brine(?! into| in a| over|s\\b)|cure(?= (?:it|them|the|for|in|under|overnight|at \\d|\\d))|(?:submerge|place|put|lower|immerse|add) [^.;]{0,40} (?:in(?:to)?|to) (?:the |a )?(?:cold |cooled )?brine',
    spanish:
      '(?:pon|ponga|poner|sumerge|sumerja|sumergir|mete|meter|introduce|introducir)[^.;]{0,40} en (?:la )?salmuera|cur(?:ar|a|e|amos)(?= (?:el |la |los |las |con |en |durante |\\d))',
  },
  {
    verb: 'marinate',
    english:
      'marinate|macerate|(?:put|place|lay|get|leave) (?:it |them |the (?:[a-zß-ɏ]+ ){1,2})in(?:to)? (?:the|its|their) marinade|(?:put|place|lay|leave|submerge|sink|cover) (?:it |them |the (?:[a-zß-ɏ]+ ){1,2})(?:in(?:to)?|under|with) (?:the |its |their )?(?:red |white )?(?:wine|cider|beer|vinegar|buttermilk|yogh?urt)(?:(?<=(?:night|evening|day) before[:,]? [^.;]{0,60})|(?=(?:(?! and )[^.;]){0,30} (?:overnight|in the fridge|for (?:\\d+|two|three|four|six|eight|ten|twelve|a) (?:hours?|days?|night))))|marinade(?= (?:the|for|in|overnight|\\d))|(?:put|lay) (?:it |them |the [a-zß-ɏ]+ )?down(?= (?:overnight|for the night))|(?:leave|set aside|refrigerate|let [^.;]{0,20}|allow [^.;]{0,20}|put[^.;]{0,30}|leave[^.;]{0,20}) to marinate|let (?:it |them |the [a-zß-ɏ]+ )?marinate',
    spanish:
      'dej(?:a|e|ar|amos)[^.;]{0,20} (?:adobar|marinar|macerar)|(?:pon|ponga|poner|mete|meter|deja|dejar)(?:l[oa]s?)? (?:(?:la|el|los|las) [a-zß-ɏ]+ )?en (?:el |la |su )?(?:adobo|marinada)(?![a-zß-ɏ])|(?:pon|ponga|poner|mete|meter|deja|dejar|cubre|cubrir)(?:l[oa]s?)? (?:(?:la|el|los|las) [a-zß-ɏ]+ )?(?:en|con) (?:el |la )?(?:vino|sidra|cerveza|vinagre|yogur)(?:(?<=(?:noche|tarde|v[ií]spera|d[ií]a) (?:anterior|antes)[:,]? [^.;]{0,60})|(?=(?:(?! y )[^.;]){0,30} (?:toda la noche|en la nevera|(?:\\d+|dos|tres|cuatro|seis|ocho|doce) horas)))|marin(?:a|an|e|ar|amos|en)(?!do)|macer(?:a|e|ar|amos)|adob(?:a|e|ar|amos)(?![a-zß-ɏ])',
  },
  {
    verb: 'soak',
    english:
      'soak|desalt|purge(?= (?:it|them|the|in|for)(?![a-zß-ɏ]))|rehydrate|steep(?= )|submerge|immerse|(?:quick-)?pickle(?= (?:the|it|them|for|in|\\d))|(?<=^[^a-zß-ɏ]{0,4})pickle(?= [a-zß-ɏ]+[^.;]{0,24}\\d)',
    spanish:
      '(?:ten|tener|tenemos)[^.;]{0,20} en remojo|purg(?:a|ar|amos)(?![a-zß-ɏ])|(?:re)?hidrat(?:a|e|ar|amos)|desal(?:a|an|ar|amos)(?![a-zß-ɏ])|(?:en)?c[uú]rt(?:e|a|ir|imos)(?![a-zß-ɏ])|sumer(?:ge|ja|gir|gimos)|remoj(?:a|e|ar|amos)|empap(?:a|e|ar|amos)|(?:pon|ponga|poner|ponemos|deja|deje|dejar|dejamos)[^.;]{0,30} (?:en|a) remojo',
  },
  {
    verb: 'mix',
    english:
      'mix|keep (?:on )?(?:mixing|whisking|beating)|combine|whisk|blitz|whizz|blend|beat|toss|pur[ée]e|mash|whip(?= (?:the |up |together )?(?:[a-zß-ɏ]+ )?(?:cream|eggs?|whites?|butter|until|for|\\d))|cream(?= the| together)|fold|pulse|process|stir together|work (?:with )?(?:the|it|everything)(?=[^.;]{0,60} \\d+ ?min)|make (?:the |a )?(?:marinade|rub|paste|glaze|sauce|dressing|brine|batter|dough)',
    spanish:
      'mont(?:a|e|ar|amos)(?= (?:la |las |los )?(?:nata|crema|claras|yemas|huevos|merengue))|lic[uú](?:a|e|ar|amos)(?![a-zß-ɏ])|lig(?:a|ar|amos)(?= la salsa| el )|emulsion(?:a|e|ar|amos)(?![a-zß-ɏ])|mezcl(?:a|an|e|ar|amos|en|as)|combin(?:a|e|ar|amos|en)|bat(?:e|a|ir|imos|an)|tritur(?:a|e|ar|amos)|prepara(?:r|mos)? (?:la |el |una )?(?:marinada|adobo|salsa|masa|glaseado|mezcla)',
  },
  {
    verb: 'knead',
    english:
      'knead|keep (?:on )?kneading|stretch and fold|(?:give|do) (?:it |the dough )?[^.;,]{0,20}(?:sets? of )?folds',
    spanish: 'amas(?:a|an|e|ar|amos|en)(?![a-zß-ɏ])',
  },
  {
    verb: 'rise',
    english:
      '(?:let|leave|allow|set aside)[^.;]{0,40}(?:rise|prove|proof|double)|prove|proof|(?:first|second) rise|(?<!(?:will|core|temp|temperature|can|may) )rise(?! to \\d)',
    spanish:
      '(?:dej(?:a|e|ar|amos|en)|que)[^.;]{0,40}(?:lev(?:e|ar)|ferment(?:e|ar)|leud(?:e|ar)|doble|duplique|doblar)|lev(?:a|ar|e) la masa|lev(?:a|ar|e)(?= (?:en|durante|hasta|\\d|tapad))|leud(?:a|ar)',
  },
  {
    verb: 'ferment',
    english:
      '(?:let|leave|allow|set aside)[^.;]{0,40}(?:ferment|ripen)(?![a-zß-ɏ])|ferment|ripen(?= |[.,;]|$)',
    spanish: 'ferment(?:a|e|ar|amos|en)(?![a-zß-ɏ])',
  },
  {
    verb: 'shape',
    english:
      'shape|mou?ld(?= (?:the|them|it|into|around|round|onto))|form(?= (?:the|into|patties|balls|meatballs|fishcakes|cakes|a|\\d+ (?:[a-zß-ɏ]+ )?(?:cakes|patties|balls|burgers|fishcakes)))|roll (?:out|into|the dough|each)|divide (?:the )?dough|divide into (?:balls|pieces)',
    spanish:
      'form(?:a|e|ar|amos|en)(?= (?:el|las?|los?|una?|bolas|unas|hamburguesas|alb[oó]ndigas|\\d))|dale forma|dar forma|mold(?:ea|ear)',
  },
  {
    verb: 'sear',
    english: '(?<!reverse[- ])sear|(?:blow)?torch(?= (?:it|them|the|for|\\d))',
    spanish:
      'sell(?:a|an|e|ar|amos|en)(?![a-zß-ɏ])|marc(?:a|ar|amos|an)(?= (?:(?:la|el|las|los|en|un|dos|tres) |\\d{1,2} ?(?:m|s)))|marc(?:a|e)(?=l[oa]s?(?![a-zß-ɏ]))',
  },
  {
    verb: 'brown',
    english:
      'crisp(?<=(?:^|[,;.]\\s|then )(?:re-?)?crisp)(?= (?:up (?!in)|for |it |them |the skin |skin[- ]side |under )(?![^.;]*\\d{3}))|brown(?<!(?:crisp|golden|bubbling|until|till?|nicely|well|lightly|deep|dark|is|are) brown)(?<!(?:crisp|golden|bubbling) and brown)(?! sugar| rice| bread| mustard| paper| butter)',
    spanish: 'dor(?:a|an|e|ar|amos|en)(?![a-zß-ɏ])',
  },
  {
    verb: 'fry',
    english:
      '(?<!air[- ])fry|stew(?= [^.;,]{0,20} in (?:the |some |plenty of )?(?:olive )?(?:oil|butter)(?![a-zß-ɏ]))|sizzle|make (?:a|the|your) roux|keep frying|render(?= )|melt(?= [^.;]{0,40}\\d ?(?:min|sec))|(?:burn|bloom) (?:the |your )?(?:curry|spices?|paste|masala)|crackle(?= (?:the )?(?:[a-zß-ɏ]+ )?(?:seeds|spices|mustard|cumin))|(?:stir|pan|deep|dry|shallow|oven)-fry|saut[eé]|caramel[iy][sz]e(?= (?:the |[a-zß-ɏ]+ )?(?:onions?|shallots?))|toast(?= (?:the|it|them|\\d|for|in|[a-zß-ɏ]+ (?:for |\\d))(?![a-zß-ɏ]))|sweat|soften(?= [a-zß-ɏ]|\\s\\d)(?! until| and| or| a little| slightly)|cook (?:the )?(?:onions?|garlic|shallots?|vegetables|(?:flour|spices?|curry paste)(?= [^.;,]{0,20}(?:fat|oil|butter|ghee|dripping|\\d)))',
    spanish:
      'fr[ií](?:e|amos|en)(?![a-zß-ɏ])|tuest(?:a|e|en)(?![a-zß-ɏ])|tostar(?= (?:el|la|los|las|en|\\d))|fre[ií]r|sofr[ií](?:e|en|a|amos)|sofre[ií]mos|fre[ií]mos|sofre[ií]r|salte(?:a|an|e|ar|amos)|cuaj(?:a|ar|amos)(?=[^.;]{0,20}sart[eé]n)|(?:haz|haga|hacer|hacemos|prepara|preparar) (?:un |el )?sofrito|rehog(?:a|an|ar|amos)|rehogue|poch(?:a|an|e|ar|amos)|(?:dej(?:a|e|ar|amos|en) )?(?:que )?(?:sude|sud(?:a|ar|amos))(?= |[.,;]|$)',
  },
  {
    verb: 'grill',
    english:
      'grill(?! pan| marks?| grates?| is|-)|barbecue|broil|griddle(?! pan)|char|blacken|blister',
    spanish:
      '(?:asa|ase|asar|cocina|cocinar|pon|haz|hacer)[^.;]{0,40}(?:a la parrilla|en la parrilla|a la plancha|a la brasa|en la barbacoa|a fuego (?:in)?directo)|gratin(?:a|an|e|ar)',
  },
  {
    verb: 'smoke',
    english:
      '(?:smoulder|smolder)(?= (?:over|at|for|in)(?![a-zß-ɏ]))|smoke(?! point| ring| rolls)|hot-smoke|cold-smoke',
    spanish: 'ah[uú]m(?:a|an|e|ar|amos|en)(?![a-zß-ɏ])',
  },
  {
    verb: 'roast',
    english:
      'air[- ]?fry|reverse[- ]sear|(?:steam[- ])?roast(?! beef| chicken| pork| lamb| is| in a| with (?!the lid|its lid|a lid))',
    spanish: 'as(?:a|an|e|ar|amos|en)(?![a-zß-ɏ])',
  },
  {
    verb: 'bake',
    english:
      'bake|blind[- ]bake|dry(?= (?:it |them |the [a-zß-ɏ]+ )?(?:out )?(?:in (?:(?:the|a|an) [^.;,]{0,12}(?:dehydrator|oven)|it|there)(?![a-zß-ɏ])|at \\d))|dehydrate',
    spanish:
      'horne(?:a|an|e|ar|amos|en)(?![a-zß-ɏ])|(?:seca|secar|deshidrat(?:a|ar))(?= [^.;,]{0,24}(?:horno|deshidratador|a \\d))',
  },
  {
    verb: 'braise',
    english:
      'confit(?= (?:\\d|(?:in )?(?:duck |goose |pork )?(?:fat|lard|oil)|in|at|the|for|it|them|gently|slowly))|braise|stew(?! for (?!(?:about |around |another )?(?:\\d|an? |two|three|four|half)[^.;]{0,12}(?:h|m))| meat| beef)|pot-roast|slow[- ]cook|pressure[- ]cook',
    spanish:
      'estof(?:a|an|e|ar|amos)(?![a-zß-ɏ])|guis(?:a|an|e|ar|amos)(?![a-zß-ɏ])|brase(?:a|e|ar)|confit(?:a|an|e|ar|amos)(?![a-zß-ɏ])',
  },
  {
    verb: 'simmer',
    english:
      '(?:keep|hold|maintain|leave)(?: (?:it|them|everything|the [a-zß-ɏ]+))?(?: (?:going|cooking|ticking over))? (?:at|on|to) (?:an? |the )?(?:[a-zß-ɏ]+,? ){0,2}(?:simmer|bubble|blip|tremble|murmur|shiver)(?![a-zß-ɏ])|ladle in(?=[^.;]*\\d)|simmer(?! until it)|bubble(?! up)|low(?= for (?:about )?\\d)|poach|bring (?:[^.;,]{0,40}? )?(?:back )?to (?:a |the )?(?:gentle |bare |low |slow )?simmer|simmer until',
    spanish:
      '(?:cuec(?:e|a|en)|cuez(?:a|an)|cocer|cocin(?:a|an|e|ar|amos|en)|hierv(?:e|a)|dej(?:a|e|ar)[^.;]{0,25}(?:cocer|cocinar|hervir))[^.;]{0,30}a fuego (?:lento|bajo|muy bajo|suave|medio-bajo)|escalf(?:a|e|ar)|a fuego lento|(?:dej(?:a|e|ar)[^.;]{0,25})?(?:que |haga |hace |haciendo |al? )+chup[- ]?chup|mant[eé]n(?:er|emos|ga)?(?:l[oa]s?)? (?:a |en |con )?(?:un )?(?:hervor|borboteo|burbujeo)(?![a-zß-ɏ])',
  },
  {
    verb: 'boil',
    english:
      '(?:slide|drop|lower|plunge|tip|lay|slip|dip|dunk|throw|put) (?:(?:it|them|the [^.;,]{1,24}) )?into (?:the |a pan of |plenty of |some )?(?:well[- ]salted |salted )?(?:rapidly |fast |gently )?boiling (?:salted )?water|boil|hard-boil|soft-boil|parboil|blanch|(?:let [^.;]{0,20})?(?:come|comes|return|returns|get|gets) (?:back )?(?:up )?to (?:a |the )?boil|bring (?:it |the [^.;]{1,30}? |everything |all |[^.;]{1,25}? )?(?:back |just )?(?:up )?to (?:a |the )?(?:full |rolling |rapid |full rolling )?boil',
    spanish:
      'dej(?:a|e|ar|amos|en)[^.;]{0,20}que (?:hierva|cueza)|herv(?:ir|imos)|hierv(?:e|a|an|en)(?![a-zß-ɏ])|llev(?:a|e|ar)[^.;]{0,60}a (?:ebullici[oó]n|hervor)|cuec(?:e|en)(?![a-zß-ɏ])|cocer|cocemos|coced(?![a-zß-ɏ])|cuez(?:a|an)|llev(?:a|ar)[^.;]{0,20}a hervir|escald(?:a|ar)|blanque(?:a|e|ar)',
  },
  {
    verb: 'steam',
    english: 'steam(?! basket| rises| holes?| vents?| escapes?| oven|[- ]dry|[- ]roast)',
    spanish:
      '(?:cuec(?:e|a)|cocina|cocer|cocinar|haz|hacer|coc[ií]nal[oa]s?|cu[eé]cel[oa]s?)[^.;]{0,40}al vapor',
  },
  {
    verb: 'reduce',
    english:
      'reduce(?! to \\d{3}(?! ?(?:ml|g)(?![a-zß-ɏ]))| (?:the )?(?:oven|heat|temperature|flame|to (?:a|the) (?:bare |barest |merest |gentle |gentlest |slow |slowest |slightest |faintest )?(?:simmer|low|tremble|shiver|murmur|blip|bubble))| (?:heat|oven))|(?:boil|bubble|cook|simmer) (?:it |them |this |that |the [a-zß-ɏ]+ )?down',
    spanish:
      '(?:reduc(?:e|ir|imos|en)|reduzca|dej(?:a|e|ar) reducir|dej(?:a|e|ar) que (?:se )?reduzca|que (?:se )?(?:reduzca|concentre)|concentr(?:a|ar|amos))(?! el fuego| la temperatura| el horno)',
  },
  {
    verb: 'glaze',
    english:
      'glaze(?= )|glaze(?=[.,;]|$)|spoon (?:over )?(?:the |some )?(?:glaze|syrup)(?: over)?|brush on (?:the |some |more )?(?:glaze|sauce|syrup)|lacquer|paint (?:it |them |the [a-zß-ɏ]+ )?with|brush (?:it |them |the [a-zß-ɏ]+ |all over |generously |both sides |[a-zß-ɏ]+ )?(?:[a-zß-ɏ]+ )?with (?:the |some |more |half (?:of )?the |remaining |reserved )*(?:glaze|sauce|barbecue sauce|honey)',
    spanish:
      'glase(?:a|an|e|ar|amos)(?![a-zß-ɏ])|(?:pint|barniz|unt|unte)(?:a|e|ar)? [^.;]{0,30}con (?:el |la )?(?:glaseado|salsa|miel)',
  },
  {
    verb: 'baste',
    english:
      'baste|brush(?! with (?:the )?(?:egg))|spoon (?:the |some )?(?:juices|liquid|marinade) over',
    spanish:
      'roc[ií](?:a|e|ar)|rieg(?:a|ue)|regar|pint(?:a|e|ar)(?![a-zß-ɏ])|barniz(?:a|ar)|ba[ñn](?:a|e|ar)(?= (?:la|el|con))',
  },
  {
    verb: 'turn',
    english:
      'turn(?! (?:(?:it|them) (?:right |way )?(?:down|up|off|on|back)|(?:the |your )?(?:oven|heat|off|down|up|on|out|grill|smoker|to coat|into|to high|to low)))|flip',
    spanish: 'd(?:a|ale|ales|arles?|é|ar) la vuelta|volte(?:a|e|ar)|gir(?:a|e|ar)(?![a-zß-ɏ])',
  },
  {
    verb: 'stir',
    english: 'stir(?! together|-fry| to (?:combine|coat|mix))',
    spanish: 'remuev(?:e|a)|remover(?![a-zß-ɏ])|revuelv(?:e|a)|revolver',
  },
  {
    verb: 'cool',
    english:
      '(?:let|allow|leave|set aside)(?![^.;]{0,40}somewhere cool)[^.;]{0,40}(?:to )?cool(?! place| spot| room| oven| ?box| ?bag)|(?<!somewhere )cool(?! place| oven| side| water| ?box| ?bag)|refresh(?= (?:in|under|it|them)|[.,;]|$)|(?:run|hold) (?:it |them |the [a-zß-ɏ]+ )?under (?:the )?(?:running )?cold (?:water|tap)|(?:shock|plunge)(?= [^.;,]{0,20}(?:in|into) (?:iced?|cold|ice-cold))',
    spanish:
      '(?:dej(?:a|e|ar|amos|en)[^.;]{0,25})?enfr[ií](?:a|e|ar|en)|templar|p[aá]s(?:a|e|ar)(?:l[oa]s?)? (?:por|a|en) agua (?:fr[ií]a|helada|con hielo)|refresc(?:a|ar|amos)(?![a-zß-ɏ])',
  },
  {
    verb: 'chill',
    english:
      'chill|dry(?:ing)?(?: off| out)?(?= (?:them |it |the [a-zß-ɏ]+ )?(?:uncovered |bare )?overnight(?! in (?:the|an?) (?:oven|dehydrator)))|press(?= (?:o/n|overnight)(?![a-zß-ɏ]))|(?<=(?:^|, |then |and ))(?:into the |in the )?(?:fridge|refrigerator)(?= ?(?:[.;,]|$))|chilling(?= (?:it |them )?(?:for )?\\d)|refrigerate|freeze(?= (?:it |them |the (?:[a-zß-ɏ]+ ){1,3})?(?:at [-−]?\\d+ ?°?[cf]? )?(?:for )?(?:about |at least )?(?:\\d+(?:\\s?[-–]\\s?\\d+)?|half|an?|one|two|fifteen|twenty|thirty)[- ]?(?:an )?(?:min|hour|day|week))|(?:place|put|store|keep|leave|return|transfer|move)(?![a-zß-ɏ])[^.;]{0,40}(?:in|to|into) the (?:fridge|refrigerator)|(?:air[- ])?dry(?= [^.;]{0,30}(?:in|to) the (?:fridge|refrigerator))',
    spanish:
      'congel(?:a|e|ar|amos)(?![a-zß-ɏ])|refriger(?:a|e|ar|amos)|(?:mete|meter|pon|ponga|poner|guarda|guardar|deja|deje|dejar|lleva|llevar|reserva|reservar)(?! (?:adobar|marinar|macerar))[^.;]{0,45}(?:en|a) (?:la nevera|el frigo(?:r[ií]fico)?|el refrigerador)',
  },
  {
    verb: 'hold',
    english:
      'keep (?:it |them |the [a-zß-ɏ]+ )?(?:warm|hot)|hold(?! the (?:oil|fat))(?= (?:it |them |the [a-zß-ɏ]+ )?(?:warm|hot|in|at))',
    spanish:
      '(?:mant[eé]n|mantenga|mantener)(?:l[oa]s?)?(?= a \\d)|(?:mant[eé]n|mantenga|mantener|conserva|reserva|reservar)[^.;]{0,25}caliente',
  },
  {
    verb: 'rest',
    english:
      '(?:let|allow|leave|set aside)[^.;]{0,60}?(?:to )?(?:rest|stand|sit|settle|steam[- ]dry)(?![a-zß-ɏ])|(?<!the )rest(?! of(?![a-z]))|(?<=and )(?:stand|sit)(?=, (?:covered|uncovered|loosely covered),? (?:for )?\\d)|let the steam (?:go|out|off|escape)|infuse(?= )|press(?= [^.;]{0,24}(?:under|beneath|weight|heavy)[^.;]{0,30}(?:\\d+ ?(?:m|h)|half an hour|an hour))|press(?= [^.;]{0,30}(?:\\d+ ?(?:min|h)[a-zß-ɏ]*|half an hour|an hour)[^.;]{0,12} (?:under|beneath|with) )|tent (?:it |them |the [a-zß-ɏ]+ )?(?:loosely )?(?:with foil )?(?=(?:for |about )?\\d)|tent with foil(?= (?:for|and))|(?:stands?|sits?)(?= (?:for|(?:at room temp|(?:on|out on) the (?:counter|side|worktop))[^.;,\\d]{0,20}\\d|\\d|(?:two|three|four|five|six|eight|ten|fifteen|twenty|thirty) |(?:half |three[- ]quarters of )?an (?:extra )?hour|a (?:good |further )?quarter of|(?:the|it|them)(?! in (?:the|a) (?:pan|fridge))(?:(?! and )[^.;,]){0,36}(?:for|\\d)))',
    spanish:
      'prens(?:a|e|ar|amos)(?= [^.;]{0,24}\\d)|prens(?:a|e|á)(?=l[oa]s?(?![a-zß-ɏ]))|(?:dej(?:a|e|ar|amos|en)[^.;]{0,40})?(?:reposar|repos(?:a|an|e|amos|en)(?![a-zß-ɏ])|infusion(?:a|e|ar|amos)(?![a-zß-ɏ])|descansar|descanse)',
  },
  {
    verb: 'shred',
    english:
      'shred(?! of)|pull (?:the |it )?(?:[a-zß-ɏ]+ )?(?:apart|into (?:shreds|strands)|with (?:two )?(?:forks?|spoons?))|pull (?:it|them)(?= ?[.,;]|$)|pull(?= and |[.;]|$)|pull(?=, (?:toss|mix|shred|dress|sauce))|pull (?:all )?the (?:pork|meat|beef|lamb|chicken)(?! (?:out|from|off)(?! the bones?))',
    spanish:
      'desmenuz(?:a|ar|amos)|desmenuce|deshebr(?:a|e|ar)|deshilach(?:a|e|ar)|desmech(?:a|e|ar)',
  },
  {
    verb: 'slice',
    english:
      'slice(?!d)|carve|cut (?:it |them |the (?:meat|steak|pork|beef|roast|brisket|lamb|flank|strips?|[a-zß-ɏ]+) )?(?:thinly |into (?:thin )?slices )?(?:across|against) the grain',
    spanish:
      'cort(?:a|an|e|ar|amos)[^.;]{0,40}(?:en (?:lonchas|rodajas|l[aá]minas|filetes|rebanadas|tiras finas)|contra la fibra|a contrafibra)|rebana(?:r)?|filete(?:a|ar)|trinch(?:a|an|e|ar|amos)|lamin(?:a|ar)',
  },
  {
    verb: 'serve',
    english: 'serve|plate up|dish up',
    spanish: 'sirv(?:e|a|an|amos|en)|servir|servimos|emplat(?:a|e|ar|amos)',
  },
  {
    verb: 'prepare',
    english:
      'slash|salt(?= (?:the|it|them|both|all|well|generously|inside))|chop|dice|peel|trim|cut(?![- ]side)|mince(?! beef|d)|grate|score|cube|halve|quarter(?! of an hour)|crush|deseed|julienne|thread|skewer|pat|blot|rinse|wash|drain|strain|skim|rub|smear|massage|work (?:the |a )?(?:[a-zß-ɏ]+ )?(?:salt|cure|rub|spices?|paste) in(?:to)?|stuff|tie|truss|butterfly|pound|prick|pierce|dredge|wipe|scrape|core(?! (?:temp|\\d|of \\d|at \\d|to \\d|reads?|reaches|is|will|should))',
    spanish:
      'rellen(?:a|e|ar)|sal(?:a|e|ar)(?= (?:el|la|los|las|al final|bien|por|generos))|pic(?:a|ar|amos)(?![a-zß-ɏ])|pique|pel(?:a|an|e|ar|amos)(?![a-zß-ɏ])|cort(?:a|an|e|ar|amos|en)(?![a-zß-ɏ])|rall(?:a|e|ar)|troce(?:a|e|ar)|sec(?:a|ar)(?![a-zß-ɏ])|seque|escurr(?:e|a|ir|imos)|lav(?:a|e|ar)(?![a-zß-ɏ])|limpi(?:a|e|ar)|sazon(?:a|an|e|ar)|salpimient(?:a|e)|salpiment(?:a|e|ar)|frot(?:a|an|e|ar)|unt(?:a|e|ar)(?![a-zß-ɏ])|ensart(?:a|an|e|ar)|machac(?:a|ar)|machaque|col(?:ar|amos)|cuel(?:a|e)(?![a-zß-ɏ])|retir(?:a|e|ar|amos) la grasa|at(?:a|ar)(?= (?:la|el|con))|pinch(?:a|e|ar)',
  },
  {
    verb: 'cook',
    english:
      '(?:let (?:it |them |the (?:[a-zß-ɏ]+ )?[a-zß-ɏ]+ )(?=cook ))?cook|(?:microwave|nuke)(?= (?:the|it|them|for|on|until|at|\\d))|sous[- ]vide(?= (?:at|for|the|it|them|\\d))|make (?:the |a )?caramel(?![a-zß-ɏ])|let (?:it|them|that|those|the (?!steam(?![a-zß-ɏ]))[a-zß-ɏ]+) go(?= (?:for |about |another )*(?:\\d|an? |half))|re-?heat(?:ed)?(?![a-zß-ɏ])|regenerate(?= (?:at|in|for|\\d))|heat (?:the |your )?(?:[a-zß-ɏ]+ )?(?:milk|cream|stock|broth|wine|cider|custard)(?= to (?:about )?\\d)|heat (?:it |them |the [a-zß-ɏ]+ )?(?:through|gently|slowly)|crisp(?: up)?(?= (?:it|them|the) (?!(?:skin|crackling|crust|fat)(?![a-zß-ɏ])))|heat(?! (?:the |some |your |an? )?(?:fat|oil|water|oven|pan|grill|butter|milk|cream|stock|syrup))(?= [^.;,]{0,30} at \\d{2,3} ?°)|(?:water[- ])?bath(?= at)|continue cooking|continue (?:to )?cook(?:ing)?|keep cooking|warm(?! (?:up )?(?:the |your |an )?(?:oven|plates?|dishes|bowls?|platter))(?! (?:[^.;,]{0,20} )?(?:oil|butter|fat|lard|ghee|dripping)(?![a-zß-ɏ]))',
    spanish:
      'cocin(?:a|an|e|ar|amos|en)(?![a-zß-ɏ])|(?:re)?cali(?:enta|entan|ente)(?= (?:en (?:el )?microondas|despacio|suavemente|todo|a fuego|en el horno|al horno|bien|\\d))|(?:re)?calentar(?= (?:en (?:el )?microondas|despacio|suavemente|todo|a fuego|en el horno|bien|\\d))|coc[ií]nal[oa]s?|contin[uú]a la cocci[oó]n|(?:haz|haga|hacer|prepara|preparar) (?:el |un )?caramelo|haz(?:l[oa]s?)?(?= (?:\\d|durante|unos|otros))|(?:cuenta|cuente|contar|contamos)(?= (?:unos )?\\d+ ?m)',
  },
  {
    verb: 'put',
    english:
      '(?:place|put|hang|transfer|return|pop|slide|set|move|lay|arrange|leave|keep(?! (?:it|them|everything|things) moving| an eye)|stick)(?= |, )',
    spanish:
      '(?:m[eé]t(?:el|al|ed)[oa]s?|intro(?:d[uú]cel|duzcal)[oa]s?|pon|ponga|poner|ponemos|metemos|pasamos|llevamos|mete|meta|meter|coloca|coloque|colocar|pasa|pasar|lleva|llevar|introduce|introducir|devuelve|vuelve a poner)',
  },
  {
    verb: 'wait',
    english:
      '(?:let|leave)(?= (?:it|them|the|to|for|overnight|\\d))|allow(?= (?:it|them|the|to|for|overnight)(?![a-zß-ɏ]))|set (?:it |them )?aside(?= (?:for|overnight|\\d))|wait(?= (?:for |about |another |a further )*(?:\\d|an? |half|one|two|three|five|ten|fifteen|twenty|thirty|overnight))|(?:carry|transport|drive)(?= (?:(?:it|them) )?[^.;,]{0,24}(?:in the (?:car|boot|van|trunk)|to the (?:picnic|party|beach|park)))',
    spanish:
      '(?:transport(?:a|e|ar|amos)|llev(?:a|e|ar|amos))(?=(?:l[oa]s?)? [^.;,]{0,24}(?:en el (?:coche|maletero|carro)|al (?:picnic|campo)|a la playa))|dej(?:a|e|ar|amos|en)(?![a-zß-ɏ])|esper(?:a|e|ar|amos|en)(?![a-zß-ɏ])|aguard(?:a|e|ar)',
  },
];

/** What was done, as a cook's own notes say it. */
export const PAST: ReadonlyMap<VerbWords, string> = new Map([
  ['brine', 'brined'],
  ['marinate', 'marinated'],
  ['sear', 'seared'],
  ['brown', 'browned'],
  ['fry', 'fried|sweated|sautéed'],
  ['grill', 'grilled|broiled'],
  ['smoke', 'smoked'],
  ['roast', 'roasted'],
  ['bake', 'baked'],
  ['braise', 'braised|stewed'],
  ['simmer', 'simmered|poached'],
  ['boil', 'boiled|blanched'],
  ['steam', 'steamed'],
  ['reduce', 'reduced'],
  ['chill', 'chilled'],
  ['cook', 'cooked'],
]);

/** What such a word is followed by: how, where or how long, and no thing that was made so. */
export const NOTED_BEHIND =
  '(?= (?:at|for|in|on|under|over|with|until|till?|about|around|again|once|gently|hard|slowly|covered|uncovered|another|\\d))';

/** What needs no step of its own. */
export const MINOR =
  /(?<![a-zß-ɏ])(?:add|dissolve|disolver|disuelve|throw|tip|chuck|submerge|immerse|dump|sumerg(?:e|ir)|season|coat|sprinkle|spread|pour|cover|uncover|remove|stir in|set|reserve|discard|return|bring|heat|melt|garnish|scatter|top|finish|check|test|taste|adjust|use|make|divide|fill|line|grease|oil|wrap|tent|turn off|increase|lower|reduce|raise|continue|repeat|work|keep|store|save|lift|drop|dip|drizzle|spoon|squeeze|deglaze|flamb[eé]|brush|shake|rotate|pipe|dimple|bread|dry|let|leave|begin|start|open|close|enjoy|a[ñn]ad(?:e|a|ir)|agreg(?:a|ar|ue)|ech(?:a|e|ar)|viert(?:e|a)|verter|incorpor(?:a|e|ar)|cubr(?:e|a|ir)|tap(?:a|e|ar)|retir(?:a|e|ar)|reserv(?:a|e|ar)|sub(?:e|ir)|baj(?:a|ar)|apag(?:a|ar)|calient(?:a|e)|calentar|derrit(?:e|a)|adorn(?:a|ar)|espolvore(?:a|ar)|prueb(?:a|e)|probar|rectific(?:a|ar)|envuelv(?:e|a)|agita|exprim(?:e|ir)|flamb?e(?:a|ar|amos)|pincel(?:a|ar|amos)|sacud(?:e|ir|imos)|pon|quit(?:a|ar)|tir(?:a|ar)|desech(?:a|ar))(?![a-zß-ɏ])/gi;
