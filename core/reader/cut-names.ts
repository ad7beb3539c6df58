/** What recipes call the meats and other foods a plan follows through its heat; English, then Spanish. */
export const CUT_NAMES: Readonly<Record<string, string>> = {
  'beef-fillet':
    'beef fillet|beef tenderloin|fillet of beef|solomillo de ternera|solomillo de vaca|solomillo de buey',
  'beef-sirloin-roast':
    'sirloin roast|sirloin of beef|rolled sirloin|sirloin joint|strip roast|lomo de ternera|lomo bajo',
  'beef-tri-tip': 'tri-tip|tri tip',
  'beef-rib-roast-bone-in':
    'rib roast|prime rib|standing rib roast|rib of beef|forerib|fore rib|bone-in rib roast|costillar de ternera',
  'beef-rib-roast-boneless': 'boneless rib roast|rolled rib|rib-eye roast|ribeye roast|lomo alto',
  'beef-topside': 'topside|top round|beef topside|silverside|redondo de ternera|tapa de ternera',
  'beef-eye-round': 'eye of round|eye round|bottom round',
  'beef-rump-roast':
    'rump roast|joint of beef|beef joint|beef roast|roasting joint|rump|rump cap|sirloin cap|picanha|picaña|cadera de ternera|babilla',
  'beef-steak':
    'steak|sirloin steak|rump steak|fillet steak|rib-eye|ribeye|rib eye steak|t-bone|porterhouse|entrecot|entrecote|chuletón|chuleton|chuletones|tomahawk|côte de boeuf|veal chop|bistec|bife|filete de ternera|new york strip|strip steak',
  'beef-flank': 'flank steak|flank|bavette|bavette steak|arrachera|falda de ternera',
  'beef-skirt': 'skirt steak|skirt|entraña|entrana',
  'beef-hanger': 'hanger steak|onglet',
  'beef-short-ribs': 'short rib|beef rib|costilla de ternera|asado de tira',
  'beef-short-ribs-plate': 'plate short rib|plate rib',
  'beef-ribs-cross-cut-thin': 'cross-cut rib|flanken rib',
  'beef-chuck':
    'chuck|braising steak|stewing steak|stewing beef|beef stew meat|stew meat|stew beef|braising beef|diced beef|cubed beef|diced veal|stewing veal|veal|beef stew|casserole steak|ternera para guisar|carne para guisar|ternera para guiso|ternera en trozo|aguja de ternera|beef',
  'beef-chuck-roast':
    'chuck roast|pot roast|blade roast|feather blade|beef chuck roast|braising joint',
  'beef-brisket': 'brisket|pecho de ternera',
  'beef-shin':
    'beef shin|veal shin|veal shank|shin of veal|shin of beef|shin|shank of beef|beef shank|osso buco|ossobuco|morcillo|morcillo de ternera|jarrete de ternera|jarrete|zancarrón|ternera',
  'beef-cheek': 'beef cheek|ox cheek|carrillera de ternera|carrillada de ternera',
  oxtail: 'oxtail|ox tail|rabo de toro|rabo de buey|rabo de ternera',
  'beef-mince':
    'ground beef|minced beef|beef mince|minced veal|ground veal|minced venison|venison mince|ground venison|mince|ground chuck|carne picada|carne picada de ternera|carne molida|burger|hamburguesa|albóndiga|meatball',
  'cooked-beef': 'cooked beef|leftover beef|leftover roast beef|restos de ternera',
  'cooked-pork': 'cooked pork|leftover pork|leftover roast pork|pulled pork leftover',
  'cooked-lamb': 'cooked lamb|leftover lamb|leftover roast lamb|cordero asado sobrante',
  'cooked-poultry':
    'cooked chicken|confit duck leg|duck confit|confit of duck|confit de pato|leftover chicken|leftover roast chicken|cooked turkey|leftover turkey|leftover roast turkey|pollo cocido|restos de pollo|restos de pavo',
  'cooked-fish': 'cooked fish|leftover fish|pescado cocido',
  'cooked-rice': 'cooked rice|leftover rice|arroz cocido|arroz sobrante',
  'lamb-shoulder-bone-in':
    'lamb shoulder|shoulder of lamb|shoulder of mutton|mutton shoulder|shoulder of goat|goat shoulder|shoulder of kid|kid goat shoulder|paletilla de cabrito|paletilla de cordero|paleta de cordero|paletilla lechal|paletilla',
  'lamb-shoulder-boneless':
    'boneless lamb shoulder|diced lamb|cubed lamb|lamb shoulder cubed|lamb stew meat|stewing lamb|diced mutton|mutton|diced goat|goat|kid goat|cabrito|lamb|cordero en trozo|cordero para guisar|cordero',
  'lamb-leg-bone-in':
    'leg of lamb|joint of lamb|lamb joint|lamb leg|gigot|pierna de cordero|leg of goat|goat leg|leg of kid|pierna de cabrito|leg of mutton|leg of hogget',
  'lamb-leg-boneless':
    'boneless leg of lamb|boneless lamb leg|butterflied leg of lamb|butterflied lamb leg',
  'lamb-leg-rolled': 'rolled leg of lamb|rolled lamb leg',
  'lamb-rack':
    'rack of lamb|racks of lamb|lamb rack|carré de cordero|carre de cordero|costillar de cordero',
  'lamb-chop':
    'lamb chop|lamb cutlet|costilla de cordero|chuletita|chuleta de cordero|chuletilla de cordero|chuletilla|lamb loin chop',
  'lamb-shank': 'lamb shank|jarrete de cordero',
  'lamb-mince':
    'ground lamb|merguez|minced lamb|lamb mince|carne picada de cordero|cordero picado|minced goat|minced mutton',
  'lamb-neck': 'lamb neck|neck of lamb|neck fillet|cuello de cordero',
  'pork-shoulder-bone-in':
    'pork shoulder|shoulder of pork|pork butt|boston butt|picnic shoulder|paleta de cerdo|paletilla de cerdo',
  'pork-shoulder-boneless':
    'boneless pork shoulder|cerdo|pork shoulder diced|diced pork|cubed pork|pork neck|pork collar|pork stew meat|stewing pork|pork|cerdo en trozo|magro de cerdo|aguja de cerdo|carne de cerdo|cabeza de lomo',
  'pork-collar-steak':
    'pork collar steak|pork neck steak|pork shoulder steak|pork steak|presa|presa ibérica|presa iberica|secreto|secreto ibérico|secreto iberico|pluma ibérica|pluma iberica|pluma',
  'pork-loin-boneless':
    'pork loin|joint of pork|pork joint|loin of pork|pork loin roast|rolled pork loin|lomo de cerdo|lomo de cerdo en trozo|lomo de cerdo en un trozo|cinta de lomo',
  'pork-tenderloin':
    'pork tenderloin|pork fillet|solomillo|solomillo de cerdo|solomillo ibérico|solomillo iberico',
  'pork-chop-bone-in':
    'pork chop|pork cutlet|chuleta de cerdo|chuleta de lomo|chuleta de sajonia|chop',
  'pork-belly-strips':
    'pork belly strip|belly strip|belly slice|pork belly slice|tira de panceta|panceta en tira',
  'pork-belly': 'pork belly|belly of pork|belly pork|panceta|panceta fresca',
  'pork-spare-ribs':
    'spare rib|pork rib|sparerib|costilla de cerdo|costillar de cerdo|costillar|costillares|costillares de cerdo|costilla|st louis rib|rack of rib',
  'pork-back-ribs': 'baby back rib|back rib|baby rib|loin rib',
  'pork-leg-bone-in':
    'leg of pork|pork leg|fresh ham|suckling pig|suckling pig leg|cochinillo|lechón|pierna de cerdo|codillo fresco',
  'ham-bone-in': 'gammon|gammon joint|ham joint|smoked gammon|uncooked ham|raw ham|jamón fresco',
  'ham-cooked-bone-in':
    'cooked ham|ham|bone-in ham|smoked ham|spiral ham|baked ham|cooked ham joint',
  'ham-hock':
    'ham hock|smoked ham hock|raw ham hock|pork hock|gammon hock|smoked hock|hock|codillo|codillo de cerdo|lacón|lacon|knuckle',
  'pork-cheek':
    'pork cheek|pig cheek|carrillera|carrillera de cerdo|carrillada|carrillada de cerdo',
  'pork-mince':
    'ground pork|minced pork|pork mince|carne picada de cerdo|pork sausage meat|sausage meat|sausagemeat',
  'pork-sausage-mince':
    'pork sausage|fresh sausage|sausage|chipolata|bratwurst|salchicha|salchicha fresca|butifarra|longaniza fresca',
  'chicken-whole':
    'whole chicken|roasting chicken|chicken|poussin|spring chicken|capon|pollo|pollo entero|pollo de corral|picantón|picantones|coquelet|capón|gallo de corral|gallo de caserío|gallo de campo|cockerel|rooster',
  'chicken-breast':
    'chicken breast|chicken fillet|breast of chicken|pechuga|pechuga de pollo|chicken tender|chicken supreme|chicken escalope|chicken steak|suprema de pollo|boneless chicken breast',
  'chicken-thigh-bone-in':
    'bone-in chicken thigh|jointed chicken|chicken leg|chicken quarter|chicken leg quarter|chicken piece|chicken joint|chicken thigh bone in|skin-on chicken thigh|muslo de pollo|muslo|contramuslo con hueso|cuarto trasero de pollo|trasero de pollo|pollo troceado|pollo en trozo',
  'chicken-thigh-boneless':
    'chicken thigh|boneless chicken thigh|boneless thigh|chicken thigh fillet|contramuslo|contramuslo de pollo|contramuslo deshuesado|boneless chicken|diced chicken|thigh',
  'chicken-drumstick': 'drumstick|chicken drumstick|jamoncito de pollo|jamoncito',
  'chicken-wing': 'chicken wing|wing|alita de pollo|alita|ala de pollo',
  'chicken-mince':
    'ground chicken|minced chicken|chicken mince|ground turkey|turkey mince|minced turkey|carne picada de pollo|carne picada de pavo',
  'chicken-liver': 'chicken liver|higadito de pollo|higaditos|duck liver',
  'beef-liver':
    "calf liver|calf's liver|calves liver|calves' liver|veal liver|ox liver|beef liver|hígado|hígado de ternera|hígado de res",
  'lamb-liver': "lamb liver|lamb's liver|lambs liver|hígado de cordero",
  'pork-liver': "pig liver|pig's liver|pigs liver|pork liver|hígado de cerdo",
  'lamb-kidney': "lamb kidney|lamb's kidney|lambs kidney|kidneys|riñón|riñones|riñones de cordero",
  'turkey-whole': 'whole turkey|turkey|pavo|pavo entero',
  'turkey-breast':
    'turkey breast|turkey crown|turkey steak|turkey escalope|boneless turkey breast|pechuga de pavo',
  'turkey-breast-bone-in': 'bone-in turkey breast|turkey breast on the bone|turkey breast bone in',
  'turkey-leg': 'turkey leg|turkey drumstick|turkey thigh|muslo de pavo',
  'duck-whole': 'whole duck|duck|duckling|pato|pato entero',
  'duck-breast': 'duck breast|magret|magret de pato|pechuga de pato',
  'duck-leg': 'duck leg|muslo de pato|duck thigh',
  'goose-whole': 'goose|whole goose|ganso|oca',
  'guinea-fowl-whole': 'guinea fowl|guinea hen|pintada',
  quail: 'quail|codorniz|codornice',
  pheasant: 'pheasant|faisán|faisan',
  'wood-pigeon':
    'pigeon|wood pigeon|partridge|perdiz|perdices|grouse|woodcock|squab|pichón|pichones|paloma',
  'venison-loin':
    'venison loin|venison fillet|venison steak|venison|lomo de ciervo|lomo de venado|solomillo de ciervo',
  'venison-haunch':
    'venison haunch|haunch of venison|venison leg|leg of venison|venison roast|pierna de ciervo',
  'venison-dice':
    'diced venison|venison shoulder|shoulder of venison|venison dice|venison stew meat|stewing venison|ciervo en trozo|ciervo para guisar',
  'wild-boar-shoulder': 'wild boar|boar shoulder|wild boar shoulder|jabalí|jabali',
  'rabbit-jointed': 'rabbit|jointed rabbit|conejo|conejo troceado',
  'rabbit-saddle': 'rabbit saddle|saddle of rabbit',
  'hare-jointed': 'hare|liebre',
  'salmon-fillet':
    'salmon|salmon fillet|salmón|lomo de salmón|filete de salmón|rodaja de salmón|salmon steak',
  'salmon-side': 'salmon side|side of salmon|whole salmon fillet|lado de salmón',
  'trout-fillet': 'trout fillet|filete de trucha|sea trout fillet',
  'trout-whole': 'trout|whole trout|trucha',
  'mackerel-whole':
    'mackerel|red mullet|salmonete|boquerón|boquerones|fresh anchovy|caballa|sardine|sardina|sardina grande|herring|arenque|jurel',
  'tuna-steak':
    'tuna|tuna steak|fresh tuna|atún|swordfish|swordfish steak|pez espada|emperador|tuna loin|atún fresco|lomo de atún|ventresca|bonito',
  'bream-whole':
    'bream|sea bream|whole bream|dorada|besugo|pargo|sea bass|whole sea bass|lubina|branzino|red snapper|snapper',
  'fish-whole': 'whole fish|pescado entero|rodaballo|turbot',
  'white-fish-fillet':
    'cod|cazón|dogfish|huss|rosada|panga|ling|gurnard|john dory|gallo|perca|rubio|palometa|cod fillet|cod loin|haddock|hake|hake fillet|pollock|coley|skate|skate wing|raya|halibut|halibut steak|cod steak|hake steak|fish steak|monkfish|tilapia|catfish|plaice|sole|whiting|white fish|fish fillet|firm white fish|sea bass fillet|bream fillet|merluza|lomo de merluza|bacalao|bacalao fresco|lomo de bacalao|rape|lenguado|filete de pescado|pescado blanco|pescadilla|fletán|corvina|mero',
  'prawns-shell-on':
    'prawn|shrimp|king prawn|tiger prawn|gamba|langostino|camarón|camarones|shell-on prawn|langoustine',
  'prawns-peeled': 'peeled prawn|peeled shrimp|shelled prawn|gamba pelada|raw peeled prawn',
  scallops: 'scallop|vieira|sea scallop',
  mussels: 'mussel|mejillón|mejillones',
  clams: 'clam|almeja|cockle|berberecho|oyster|ostra',
  squid: 'squid|calamari|calamar|calamares|chipirón|chipirones|sepia|cuttlefish',
  octopus: 'octopus|pulpo',
  'lobster-whole': 'lobster|bogavante|langosta',
  'crab-whole': 'crab|whole crab|cangrejo|buey de mar|centollo',
  'tofu-firm': 'tofu|firm tofu|tofu steak',
  'pressed-cheese-grilling': 'halloumi|halloumi steak|grilling cheese|queso para asar',
  aubergine: 'aubergine|aubergine steak|eggplant|berenjena',
  cauliflower: 'cauliflower|cauliflower steak|coliflor',
  'beetroot-cut': 'beetroot|beet|remolacha',
  'kidney-beans-dry':
    'kidney bean|dried kidney bean|red kidney bean|alubia roja|judía roja|frijol rojo|alubia pinta|judía pinta',
};
