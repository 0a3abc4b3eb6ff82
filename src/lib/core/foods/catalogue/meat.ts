import type { Family } from './row.ts';

const shank = { like: 'beef shin' } as const;

/** Raw red meat in whole cuts. What is minced, rolled or tenderised is told apart by the line's own words. */
export const meat: Family = {
	facts: {
		aisle: 'meat',
		keeps: 'days',
		storage: 'steaks-chops-roasts',
		hygiene: 'raw-meat-fish',
		core: 'whole-cut',
		cupG: 225
	},
	rows: [
		['raw meat', 'meat|stew meat|stewing meat|mixed meat|casserole meat|diced meat|meat cube|game|game meat|bone|soup bone|knuckle|shank|shin|joint|roast|roasting joint|flank|skirt|loin|tenderloin|fillet|breast|thigh|leg|wing|chop|cutlet|escalope|schnitzel|medallion|hock|trotter|neck|tail|belly|cheek|shoulder|rib|haunch|saddle|rack|carcass', [19, 12, 0, 0, 1], { core: 'poultry', weak: true, pieceG: 180 }],
		['offal', 'sweetbread|giblet|gizzard|brain|lung|melt|spleen|innard|variety meat', [18, 5, 2, 0, 1.2], { core: 'poultry', weak: true, mixed: true }],
		['beef', 'diced beef|beef cube|beef strip|beef piece|beef meat', [20.5, 11, 0, 0, 1], { weak: false, like: 'beef shin' }],
		['beef shin', 'braising steak|stewing beef|beef chuck|chuck|chuck steak|braising beef|stewing steak|beef stew meat|beef stewing meat|beef for stew|boneless beef chuck|chuck roast|beef chuck roast|pot roast|pot roast beef|gravy beef|blade steak|beef blade|feather blade|beef cheek|+ox cheek|shin of beef|beef shank|casserole steak|casserole beef|beef for stewing|stew beef|beef goulash meat|goulash meat|beef stew|flat iron steak|beef neck|beef shoulder|beef clod|gulasch meat', [20.5, 10.5, 0, 0, 1], { pieceG: 350 }],
		['beef brisket', 'brisket|brisket of beef|rolled brisket', [19, 18, 0, 0, 0.9], shank],
		['beef short ribs', 'short rib|beef rib|beef short rib|jacob ladder', [17, 24, 0, 0, 0.8], { ...shank, pieceG: 250 }],
		['oxtail', 'ox tail|beef tail', [19, 13, 0, 0, 1], { ...shank, pieceG: 150 }],
		['beef topside', 'topside|silverside|beef round|top round|bottom round|eye of round|round steak|rump roast|beef roast|roasting beef|beef joint|roast beef joint|round roast|beef topside slice|beef roulade|beef silverside', [22, 6, 0, 0, 1.1], { like: 'beef shin', pieceG: 150, mixed: true }],
		['beef steak', 'steak|sirloin|+sirloin steak|rump steak|rib eye|ribeye|+ribeye steak|+flank steak|skirt steak|fillet steak|beef fillet|beef tenderloin|minute steak|frying steak|rump|tri tip|hanger steak|bavette|porterhouse|t bone|onglet|stir fry beef|beef stir fry strip|cube steak|beef sirloin|filet mignon|london broil|beef escalope|sandwich steak|shaved beef', [21.5, 9, 0, 0, 1.1], { pieceG: 225 }],
		['veal', 'veal escalope|veal cutlet|+veal shank|osso buco|osso bucco|veal shin|veal shoulder|stewing veal|rose veal|veal fillet|veal chop|calf meat|veal stew meat', [20, 6, 0, 0, 1.1], { pieceG: 150, like: 'beef shin' }],
		['lamb shoulder', 'lamb|diced lamb|stewing lamb|+lamb neck|neck of lamb|shoulder of lamb|lamb neck fillet|scrag end|+lamb shank|lamb stew meat|lamb breast|lamb forequarter|lamb piece|leg of lamb steak|lamb meat|hogget|lamb for stewing|lamb curry piece', [17.5, 17.5, 0, 0, 1], { pieceG: 400 }],
		['lamb leg', 'leg of lamb|lamb rump|lamb leg steak|lamb steak|gigot', [18.5, 12, 0, 0, 1], { like: 'lamb shoulder', pieceG: 180 }],
		['lamb chops', 'lamb chop|lamb cutlet|lamb loin|lamb loin chop|barnsley chop|lamb fillet|lamb backstrap|lamb rib', [17, 20, 0, 0, 1], { pieceG: 100 }],
		['rack of lamb', 'lamb rack', [17, 20, 0, 0, 1], { pieceG: 600 }],
		['mutton', 'mutton curry cut|mutton shoulder|mutton piece|boneless mutton|mutton on the bone', [18, 14, 0, 0, 1], { like: 'lamb shoulder' }],
		['goat', 'goat meat|kid goat|diced goat|goat shoulder|goat leg|cabrito|chevon|gosht', [20, 4, 0, 0, 1.1], { like: 'lamb shoulder' }],
		['pork shoulder', 'pork|diced pork|+pork neck|pork butt|boston butt|pork collar|pork hand|picnic shoulder|shoulder of pork|pork for stewing|stewing pork|pork shoulder steak|pork stew meat|pork scotch fillet|pork cube|pork meat|carnitas meat|pork roast|pork joint|pork goulash meat|pulled pork joint', [18, 16, 0, 0, 1], { pieceG: 250 }],
		['pork loin', 'loin of pork|pork loin roast|pork loin steak|pork steak|pork leg|leg of pork|pork escalope|pork schnitzel|pork cutlet|pork medallion|pork stir fry strip|pork strip|fresh ham|pork sirloin', [21, 7, 0, 0, 1.1], { pieceG: 150 }],
		['pork tenderloin', 'pork fillet|fillet of pork', [22, 3, 0, 0, 1.2], { like: 'pork loin', pieceG: 450 }],
		['pork chops', 'pork chop|boneless pork chop|pork loin chop', [19.5, 12, 0, 0, 1], { like: 'pork loin', pieceG: 180 }],
		['pork belly', 'belly pork|belly of pork|pork belly slice|fresh side|pork rasher', [13, 42, 0, 0, 0.7], { like: 'pork shoulder', unitG: { slice: 120 } }],
		['pork ribs', 'spare rib|sparerib|baby back rib|pork spare rib|pork rib|country style rib|rib rack', [16, 24, 0, 0, 0.9], { like: 'pork shoulder', unitG: { rack: 900 }, pieceG: 80 }],
		['pork cheeks', 'pig cheek|pork cheek|pork hock|pig trotter|pork knuckle|pork shank|eisbein|pork trotter|pig foot', [18, 12, 0, 0, 1], { like: 'pork shoulder', pieceG: 300 }],
		['suckling pig', 'whole hog', [19, 12, 0, 0, 1], { like: 'pork shoulder' }],
		['rabbit', 'wild rabbit|rabbit leg|+hare|rabbit piece|rabbit saddle', [21, 5, 0, 0, 1.1], { pieceG: 1100 }],
		['venison', '+deer|+elk|+moose|+reindeer|venison haunch|stag|diced venison|venison steak|roe deer|caribou|antelope|springbok', [22.5, 2.5, 0, 0, 1.1], { like: 'beef shin', pieceG: 180 }],
		['wild boar', 'boar|+bison|buffalo meat|+kangaroo|horse meat|horsemeat|water buffalo|yak|camel|crocodile|alligator', [21.5, 4, 0, 0, 1.1], { like: 'beef shin', mixed: true }],
		['liver', 'lamb liver|calf liver|beef liver|pig liver|pork liver|ox liver|veal liver|calves liver|lambs liver', [20, 4.5, 3, 0, 1.4], { core: 'poultry', pieceG: 120 }],
		['kidneys', 'lamb kidney|ox kidney|pig kidney|veal kidney|beef kidney|pork kidney|steak and kidney', [17, 3, 1, 0, 1.2], { core: 'ground-meat', pieceG: 60 }],
		['heart', 'ox heart|lamb heart|beef heart|pork heart', [17.5, 4, 0.5, 0, 1.1], { core: 'poultry', pieceG: 200 }],
		['tongue', 'ox tongue|beef tongue|lamb tongue|veal tongue|lengua', [15, 16, 3, 0, 0.9], { ...shank, pieceG: 1200 }],
		['tripe', 'honeycomb tripe|beef tripe|menudo meat|chitterling|pork intestine|casing', [12, 3.7, 0, 0, 0.6], shank],
		['marrow bones', 'marrow bone|beef bone|veal bone|lamb bone|stock bone|pork bone', [10, 25, 0, 0, 20], { ...shank, mixed: true }],
		['beef suet', 'suet|shredded suet|pork fat|back fat|fatback|salt pork|caul fat|leaf fat', [4, 85, 0, 0, 0.6], { core: 'ground-meat', cupG: 120 }],
		['gammon', 'gammon joint|gammon steak|raw ham|uncooked ham|smoked gammon|green gammon|gammon hock', [18, 8, 0, 0, 3.5], { storage: 'cured-meat', pieceG: 225 }],
		['ham hock', 'smoked ham hock|ham bone|ham shank|smoked hock|smoked pork hock|smoked ham bone|smoked turkey leg|smoked turkey wing|smoked neck bone', [20, 12, 0, 0, 3], { storage: 'cured-meat', pieceG: 700 }],
		['bacon', '+pancetta|smoked bacon|+lardon|streaky bacon|back bacon|bacon rasher|bacon lardon|unsmoked bacon|smoked lardon|speck raw|bacon bit|smoked streaky bacon|turkey bacon|bacon strip|rasher bacon|rasher|thick cut bacon|rindless bacon|diced bacon|+guanciale|smoked pork belly|kassler|kasseler|canadian bacon|shortcut bacon|bacon piece', [15, 33, 1, 0, 3], { storage: 'bacon', pieceG: 25, unitG: { slice: 25, rasher: 25 }, keeps: 'days' }],
		['corned beef brisket', 'salt beef|corned beef joint|raw corned beef|pickled beef|cured brisket', [15, 15, 0.2, 0, 3], { ...shank, storage: 'cured-meat' }]
	]
};

/** Raw meat that is minced or stuffed: it counts as minced whatever the line says. */
export const mincedMeat: Family = {
	facts: {
		aisle: 'meat',
		keeps: 'days',
		storage: 'ground-meat',
		hygiene: 'raw-meat-fish',
		core: 'ground-meat',
		cupG: 225
	},
	rows: [
		['minced meat', 'mince|minced|ground meat|meatloaf mix|mixed mince|half and half mince|hack|minced beef and pork|beef and pork mince|keema|kheema|mincemeat raw|ground|mincemeat beef|meatball mix', [18, 18, 0, 0, 1], { weak: true, like: 'minced beef' }],
		['minced beef', 'beef mince|ground beef|hamburger meat|hamburger|lean ground beef|ground chuck|ground round|ground sirloin|lean mince|steak mince|lean minced beef|lean beef mince|minced steak|extra lean ground beef|beef ground|ground beef chuck|hamburger mince', [18.5, 18.5, 0, 0, 1]],
		['minced lamb', 'lamb mince|ground lamb|minced mutton|mutton mince|mutton keema|ground mutton|goat mince|minced goat|ground goat|mutton kheema|lamb keema', [16.6, 21, 0, 0, 1], { like: 'minced beef' }],
		['minced pork', 'pork mince|ground pork|pork ground', [17, 21, 0, 0, 1], { like: 'minced beef' }],
		['minced veal', 'veal mince|ground veal', [19.5, 7, 0, 0, 1], { like: 'minced beef' }],
		['minced venison', 'venison mince|ground venison|ground bison|kangaroo mince|ground elk|ground buffalo', [21.8, 7, 0, 0, 1.1], { like: 'minced beef' }],
		['burger patties', 'burger patty|hamburger patty|beef burger|beefburger|beef patty|burger|lamb burger|veggie patty meat|patty', [17, 20, 2, 0.3, 1.5], { pieceG: 115, checkPacket: true, allergens: ['cereals (wheat)'] }],
		['meatballs', 'meatball|frozen meatball|swedish meatball|beef meatball|raw meatball|kofta|kofte', [16, 18, 6, 0.8, 2], { pieceG: 25, checkPacket: true, allergens: ['cereals (wheat)', 'eggs', 'milk'] }],
		['sausage', 'pork sausage|raw sausage|fresh sausage|+bratwurst|+italian sausage|breakfast sausage|banger|+chipolata|beef sausage|lamb sausage|+merguez|cumberland sausage|cumberland ring|toulouse sausage|boerewors|snag|snags|hot italian sausage|sweet italian sausage|mild italian sausage|salsiccia|bulk sausage|bulk italian sausage|sausage link|turkey sausage raw|chicken sausage raw|spicy sausage|mexican chorizo|fresh chorizo|raw chorizo|cooking chorizo|longaniza|linguica raw|venison sausage', [14, 26, 4, 0.5, 2.5], { storage: 'sausage-raw', pieceG: 60, allergens: ['cereals (wheat)', 'sulphites'], checkPacket: true }],
		['sausagemeat', 'sausage meat|pork sausagemeat|pork sausage meat|sausage mince|breakfast sausage meat', [13, 27, 6, 0.5, 2.5], { storage: 'sausage-raw', allergens: ['cereals (wheat)', 'sulphites'], checkPacket: true }],
		['haggis', 'faggot|white pudding|boudin', [10, 19, 18, 1, 2], { storage: 'sausage-raw', allergens: ['cereals (oats)', 'cereals (wheat)'], checkPacket: true, pieceG: 450 }]
	]
};

/** Raw poultry and game birds. */
export const poultry: Family = {
	facts: {
		aisle: 'meat',
		keeps: 'days',
		storage: 'poultry-pieces',
		hygiene: 'raw-poultry',
		core: 'poultry',
		cupG: 225
	},
	rows: [
		['poultry', 'bird|game bird|fowl|whole bird', [18.5, 10, 0, 0, 1], { weak: true, pieceG: 1200 }],
		['chicken breast', 'chicken breast fillet|chicken fillet|chicken mini fillet|chicken tender|chicken tenderloin|skinless chicken breast|boneless chicken breast|boneless skinless chicken breast|chicken escalope|chicken schnitzel raw|breast of chicken|chicken breast half|chicken strip|chicken goujon raw|chicken cutlet|stir fry chicken', [22.5, 2, 0, 0, 1.1], { pieceG: 175 }],
		['chicken thigh', 'boneless chicken thigh|chicken thigh fillet|chicken|diced chicken|chicken piece|+chicken leg|+chicken drumstick|drumstick|chicken quarter|chicken meat|skinless chicken thigh|boneless skinless chicken thigh|chicken leg quarter|chicken maryland|curry cut chicken|chicken curry cut|boneless chicken|chicken on the bone|chicken portion|murgh|bone in chicken thigh|chicken stew piece|chicken cube', [18.5, 9, 0, 0, 1], { pieceG: 110 }],
		['chicken wings', 'chicken wing|chicken wingette|chicken niblet', [18, 16, 0, 0, 0.8], { pieceG: 90 }],
		['whole chicken', 'roasting chicken|chicken whole|broiler|soup chicken|boiling fowl|stewing hen|stewing chicken|spatchcock|+poussin|cornish hen|roaster chicken|oven ready chicken|cockerel|capon|soup hen|hen', [18.5, 14, 0, 0, 0.9], { pieceG: 1600, storage: 'poultry-whole' }],
		['chicken carcass', 'chicken bone|chicken back|chicken neck|chicken foot|chicken feet|turkey carcass|poultry carcass|turkey neck|chicken frame', [15, 12, 0, 0, 5], { pieceG: 500 }],
		['chicken liver', 'poultry liver|duck liver|turkey liver|chicken livers|chicken gizzard|chicken heart|chicken giblet|turkey giblet|goose liver|foie gras', [17, 4.8, 1, 0, 1.3], { pieceG: 35 }],
		['minced chicken', 'chicken mince|ground chicken|ground poultry', [18, 8, 0, 0, 1], { storage: 'ground-meat' }],
		['minced turkey', 'turkey mince|ground turkey|lean ground turkey|turkey burger|turkey meatball', [19.5, 8, 0, 0, 1], { storage: 'ground-meat', like: 'minced chicken' }],
		['chicken sausage', 'turkey sausage|poultry sausage|chicken burger', [16, 12, 4, 0.5, 2.5], { storage: 'sausage-raw', pieceG: 75, checkPacket: true, allergens: ['cereals (wheat)'] }],
		['breaded chicken', 'chicken nugget|chicken kiev|chicken schnitzel|breaded chicken breast|popcorn chicken|chicken goujon', [15, 14, 15, 1, 1.8], { pieceG: 20, allergens: ['cereals (wheat)'], checkPacket: true, unitG: { bag: 500 } }],
		['turkey', 'turkey breast|turkey thigh|diced turkey|turkey steak|turkey escalope|turkey fillet|turkey leg|turkey drumstick|turkey crown|turkey strip|turkey wing|turkey piece', [22, 2.8, 0, 0, 1.1], { pieceG: 150 }],
		['whole turkey', 'turkey whole|oven ready turkey', [20, 8, 0, 0, 1], { pieceG: 5000, storage: 'poultry-whole' }],
		['duck', 'duck breast|duck leg|magret|duck thigh|barbary duck|duckling|canard', [17, 18, 0, 0, 1], { pieceG: 200, like: 'chicken thigh' }],
		['whole duck', 'duck whole|oven ready duck', [16, 28, 0, 0, 0.8], { pieceG: 2000, storage: 'poultry-whole', like: 'whole chicken' }],
		['goose', 'goose leg|goose breast', [16, 28, 0, 0, 0.9], { pieceG: 4000, storage: 'poultry-whole' }],
		['guinea fowl', '+pheasant|+partridge|+quail|+pigeon|squab|+grouse|wood pigeon|woodcock|guineafowl|pheasant breast|pigeon breast|snipe|mallard', [22, 6, 0, 0, 1.2], { pieceG: 500, like: 'chicken thigh', mixed: true }],
		['ostrich', '+emu|ostrich steak', [22, 2, 0, 0, 1.1], { pieceG: 180 }]
	]
};

/** Meat that is eaten as it is: cooked, or cured and dried. */
export const readyMeat: Family = {
	facts: {
		aisle: 'meat',
		keeps: 'days',
		storage: 'cured-meat',
		hygiene: 'ready-to-eat',
		cupG: 140
	},
	rows: [
		['cooked chicken', 'leftover chicken|cooked chicken breast|roast chicken meat|shredded cooked chicken|cooked chicken meat|poached chicken|canned chicken|pulled chicken|cooked chicken thigh|leftover roast chicken|roasted chicken|grilled chicken breast', [27, 7, 0, 0, 1.1], { storage: 'cooked-meat-poultry', pieceG: 150, unitG: { piece: 150, can: 280 } }],
		['rotisserie chicken', 'roast chicken|whole cooked chicken', [25, 10, 0, 0, 1.1], { storage: 'cooked-meat-poultry', pieceG: 900, like: 'cooked chicken' }],
		['cooked turkey', 'leftover turkey|roast turkey|turkey ham|deli turkey|sliced turkey', [29, 5, 0, 0, 1.2], { storage: 'cooked-meat-poultry' }],
		['cooked beef', 'leftover beef|roast beef|leftover roast beef|cooked minced beef|cooked ground beef|cooked mince|+pastrami|leftover roast', [27, 12, 0, 0, 1.3], { storage: 'cooked-meat-poultry' }],
		['cooked pork', 'pulled pork|leftover pork|roast pork|cooked pulled pork|char siu|leftover roast pork|carnitas', [27, 14, 1, 0, 1.3], { storage: 'cooked-meat-poultry' }],
		['cooked lamb', 'leftover lamb|roast lamb|leftover roast lamb|leftover meat|cooked meat|cold meat|cold cut', [25, 16, 0, 0, 1.2], { storage: 'cooked-meat-poultry', mixed: true }],
		['confit duck', 'duck confit|confit duck leg|cooked duck', [22, 22, 0, 0, 2], { storage: 'cooked-meat-poultry', pieceG: 200 }],
		['cooked sausage', '+frankfurter|hot dog|hotdog|wiener|vienna sausage|bockwurst|lyoner|+mortadella|bologna|knackwurst|hot dog sausage|cocktail sausage cooked|luncheon meat|leberkase|bologna sausage|saveloy|frankfurt', [12, 25, 3, 0, 3], { storage: 'sausage-cooked', pieceG: 60, unitG: { can: 200 }, checkPacket: true, mixed: true }],
		['smoked sausage', 'cured sausage|chorizo|chorizo sausage|spanish chorizo|+kielbasa|+andouille|andouille sausage|mettwurst|cabanossi|kabanos|linguica|chourico|debrecener|smoked pork sausage|chorizo ring|cured chorizo|polish sausage|+nduja|lap cheong|chinese sausage|smoked beef sausage|smoked turkey sausage|sucuk|kransky', [17, 28, 2, 0, 3.5], { storage: 'sausage-cooked', pieceG: 90, checkPacket: true, keeps: 'weeks', unitG: { ring: 225, slice: 5 }, mixed: true }],
		['black pudding', 'blood sausage|morcilla|blood pudding|blutwurst', [13, 25, 10, 0.5, 2.5], { storage: 'sausage-cooked', allergens: ['cereals (oats)'], checkPacket: true, unitG: { slice: 40 } }],
		['salami', '+pepperoni|saucisson|fuet|salame|soppressata|summer sausage|landjager', [22, 34, 2, 0, 4.5], { pieceG: 5, unitG: { slice: 5 }, keeps: 'weeks', checkPacket: true }],
		['ham', 'cooked ham|ham slice|baked ham|honey roast ham|sliced ham|leg ham|black forest ham|deli ham|ham steak|diced ham|jamon york|kassler cooked|shaved ham|leftover ham|ham cube|spiral ham', [19, 5, 1, 0, 2.8], { cupG: 140, unitG: { slice: 25 } }],
		['prosciutto', 'parma ham|serrano ham|jamon|parma|+speck|air dried ham|+bresaola|jamon serrano|bundnerfleisch|jamon iberico|coppa|cured ham', [26, 13, 0.3, 0, 6], { pieceG: 12, unitG: { slice: 12 }, keeps: 'weeks' }],
		['canned corned beef', 'corned beef|tinned corned beef|corned beef hash meat|bully beef', [26, 13, 0.5, 0, 3], { aisle: 'tins', keeps: 'cupboard', unitG: { can: 340, slice: 35 } }],
		['canned ham', 'spiced ham|tinned ham|canned luncheon meat|chopped pork', [13, 26, 3, 0, 3.5], { aisle: 'tins', keeps: 'cupboard', unitG: { can: 340 } }],
		['pate', 'liver pate|+liverwurst|chicken liver pate|liver sausage|leberwurst|rillettes', [13, 26, 3, 0, 2.2], { checkPacket: true, allergens: ['milk'] }],
		['jerky', '+biltong|beef jerky|dried beef|chipped beef', [33, 10, 8, 0, 8], { keeps: 'cupboard', mixed: true }]
	]
};

/** Meat that is none. What it is made of stands on its packet; soya and wheat are named as the usual ones. */
export const meatSubstitutes: Family = {
	facts: {
		aisle: 'dairy',
		keeps: 'days',
		storage: 'vegetables',
		hygiene: 'ready-to-eat',
		cupG: 150,
		checkPacket: true
	},
	rows: [
		['meat substitute', 'vegetarian mince|vegan mince|veggie mince|vegetarian sausage|vegan sausage|veggie sausage|vegetarian burger|vegan burger|veggie burger|plant based mince|plant based meat|plant based burger|meat free mince|meatless crumble|meatless ground|vegan chicken|vegetarian chicken|vegan bacon|meatless meatball|vegan meatball|vegetarian meat|vegan meat|meat free sausage|veggie crumble|plant based sausage|plant based chicken|meatless|meat free|vegetarian meatball|vegetarian haggis|mycoprotein|mycoprotein mince', [17, 7, 8, 5, 2], { allergens: ['soybeans', 'cereals (wheat)'], pieceG: 60, mixed: true }],
		['nut roast', 'nut cutlet|nut loaf|nut burger', [13, 22, 18, 6, 2], { allergens: ['nuts', 'peanuts', 'cereals (wheat)', 'eggs'], pieceG: 150 }],
		['soya mince', 'soy mince|tvp|textured vegetable protein|soya chunk|soy chunk|dried soya mince|textured soy protein|soya protein|soya granule|soy granule|dried soy mince|soy crumble|soy curl|soya curl|soy protein', [50, 1.5, 18, 15, 6], { aisle: 'dry', keeps: 'cupboard', storage: null, allergens: ['soybeans'], cupG: 80, checkPacket: false }],
		['seitan', 'wheat gluten|vital wheat gluten|gluten flour|wheat protein', [75, 1.9, 13, 0.6, 1], { allergens: ['cereals (wheat)'], cupG: 120, checkPacket: false }],
		['tofu', 'firm tofu|silken tofu|extra firm tofu|smoked tofu|bean curd|beancurd|soft tofu|tofu puff|fried tofu', [12, 6.5, 1.5, 0.9, 1], { allergens: ['soybeans'], cupG: 250, unitG: { block: 300, packet: 300 }, checkPacket: false }],
		['tempeh', 'soy tempeh', [19, 11, 6, 5, 1.6], { allergens: ['soybeans'], cupG: 166, unitG: { block: 200 }, checkPacket: false }]
	]
};
