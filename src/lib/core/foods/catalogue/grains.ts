import type { Family } from './row.ts';

const wheat = ['cereals (wheat)'];
const rye = ['cereals (rye)'];
const pastaOf = { like: 'pasta' } as const;

/** Flours, grains and what thickens. */
export const grains: Family = {
	facts: {
		aisle: 'dry',
		keeps: 'cupboard',
		storage: 'grains-pulses',
		hygiene: 'ready-to-eat',
		cupG: 170
	},
	rows: [
		['flour', 'plain flour|wheat flour|all purpose flour|white flour|ap flour|maida|type 405 flour|plain white flour|unbleached flour|flour plain|refined flour|cake flour|pastry flour|all purpose white flour|seasoned flour|00 flour|soft flour|type 550 flour', [10.5, 1.2, 73, 2.8, 0.5], { cupG: 125, allergens: wheat }],
		['self-raising flour', 'self raising flour|self rising flour|sr flour', [10, 1.2, 72, 3, 2.5], { cupG: 125, allergens: wheat, like: 'flour' }],
		['bread flour', 'strong white flour|strong flour|strong bread flour|high gluten flour|strong white bread flour', [12.5, 1.5, 71, 3, 0.6], { cupG: 127, allergens: wheat, like: 'flour' }],
		['wholemeal flour', 'whole wheat flour|wholewheat flour|atta|whole meal flour|chapati flour|graham flour|atta flour|wheat atta|brown flour|wholegrain flour|roti flour|malted flour', [12.5, 2.2, 62, 10.5, 1.6], { cupG: 122, allergens: wheat, like: 'flour' }],
		['spelt flour', 'spelt|white spelt flour|wholegrain spelt flour|einkorn|+kamut|emmer|khorasan wheat|einkorn flour', [13, 2.4, 64, 8.5, 1.6], { cupG: 125, allergens: ['cereals (spelt)'], like: 'flour' }],
		['rye flour', 'rye|dark rye flour|rye meal|rye flake|rye sourdough starter', [9, 1.7, 60, 15, 1.5], { cupG: 110, allergens: rye, like: 'flour' }],
		['gluten-free flour', 'gluten free flour|gluten free plain flour|gluten free flour blend|gluten free all purpose flour|gluten free self raising flour|gf flour', [5, 1, 78, 3, 1], { cupG: 125, like: 'flour', checkPacket: true }],
		['rice flour', 'ground rice|glutinous rice flour|sweet rice flour|brown rice flour|idli rava|rice powder', [6, 1.4, 78, 2.4, 0.6], { cupG: 158 }],
		['gram flour', 'besan|chickpea flour|garbanzo flour|garbanzo bean flour|bengal gram flour|chick pea flour', [22, 6.7, 51, 11, 2.8], { cupG: 92 }],
		['buckwheat flour', 'buckwheat|buckwheat groat|kasha|kuttu', [12.5, 3.1, 63, 9, 2.2], { cupG: 120 }],
		['lupin flour', 'lupine flour|lupini bean|lupin|lupin bean|lupin seed|lupine', [37, 10, 12, 28, 3], { cupG: 120, allergens: ['lupin'] }],
		['soya flour', 'soy flour', [38, 20, 23, 10, 5], { cupG: 85, allergens: ['soybeans'] }],
		['coconut flour', '', [19, 14, 22, 38, 5], { cupG: 112 }],
		['millet flour', 'bajra flour|+bajra|+jowar|jowar flour|+sorghum|sorghum flour|+ragi|ragi flour|+teff|teff flour|finger millet|amaranth flour|foxtail millet', [10, 3, 64, 10, 1.8], { cupG: 120, mixed: true }],
		['corn flour masa', 'masa|masa harina|corn masa|nixtamalised corn flour|maize flour|makki atta|masa dough|arepa flour', [8.5, 3.7, 70, 6.5, 1.5], { cupG: 114 }],
		['starch', 'cornflour|cornstarch|corn starch|corn flour|potato starch|maize starch|potato flour|cornflour slurry|cornstarch slurry|thickener|sauce thickener|kuzu|wheaten cornflour', [0.4, 0.2, 88, 0.5, 0.1], { cupG: 128, storage: null }],
		['tapioca', 'tapioca starch|tapioca flour|+arrowroot|+sago|tapioca pearl|sabudana|arrowroot powder|cassava flour|instant tapioca|minute tapioca', [0.2, 0, 88, 0.9, 0.1], { cupG: 140, storage: null, like: 'starch', mixed: true }],
		['gelatine', 'gelatin|gelatine leaf|leaf gelatine|gelatine powder|agar|+agar agar|jelly|aspic|pectin|unflavored gelatin|unflavoured gelatine', [85, 0.1, 0, 0, 2], { cupG: 150, storage: null, unitG: { leaf: 2, sheet: 2, sachet: 11, packet: 7 }, mixed: true }],
		['polenta', 'cornmeal|corn grit|grit|coarse cornmeal|yellow cornmeal|maize meal|instant polenta|corn meal|mealie meal|white cornmeal|quick grit|hominy grit', [8, 1.8, 73, 4.5, 0.7], { cupG: 155 }],
		['cooked polenta', 'polenta block|polenta tube|polenta log', [1.8, 0.4, 15, 1, 0.5], { cupG: 240, like: 'polenta' }],
		['semolina', 'sooji|rava|suji|semolina flour|fine semolina|coarse semolina|durum wheat semolina|cream of wheat|farina|bombay rava', [12, 1.2, 70, 4, 0.7], { cupG: 167, allergens: wheat }],
		['couscous', 'giant couscous|pearl couscous|israeli couscous|wholewheat couscous|fregola|moghrabieh|maftoul|+freekeh', [12.5, 1, 70, 5, 0.8], { cupG: 175, allergens: wheat }],
		['bulgur', 'bulgur wheat|bulghur|burghul|cracked wheat|dalia|bulgar wheat|bulgar|broken wheat', [12, 1.5, 65, 11, 1.5], { cupG: 140, allergens: wheat, like: 'couscous' }],
		['farro', 'wheat berry|pearled spelt|pearled farro|wheat grain|spelt grain|grunkern|green spelt|durum wheat|wheat|whole wheat', [13, 2.2, 63, 9, 1.6], { cupG: 180, allergens: wheat, like: 'pearl barley' }],
		['wheat bran', 'bran|wheat germ|wheatgerm|oat bran|wheat flake', [18, 6, 40, 30, 5], { cupG: 60, allergens: wheat }],
		['pearl barley', 'barley|pot barley|barley groat|barley flake|quick barley|pearled barley', [9.5, 1.2, 66, 11, 1.2], { cupG: 200, allergens: ['cereals (barley)'] }],
		['malt', 'malt extract|barley malt|malt powder|malted milk powder|malted barley|barley malt syrup', [6, 1, 75, 3, 1.5], { cupG: 300, allergens: ['cereals (barley)'], storage: null }],
		['oats', 'rolled oat|porridge oat|oat flake|oat|oatmeal|+steel cut oat|jumbo oat|quick oat|pinhead oat|old fashioned oat|oat flour|instant oat|quick cooking oat|oat groat|gluten free oat', [12.5, 7, 58, 9.5, 1.8], { cupG: 90, allergens: ['cereals (oats)'] }],
		['muesli', '+granola|breakfast cereal|+cornflake|bran flake|corn flake|rice crispy|puffed wheat|shredded wheat|wheat biscuit cereal|crispy rice cereal|puffed rice|cereal', [9, 8, 65, 7, 2], { cupG: 60, allergens: ['cereals (wheat)', 'cereals (oats)', 'cereals (barley)', 'nuts'], checkPacket: true }],
		['flattened rice', '+poha|rice flake|beaten rice', [7.4, 1.1, 76.8, 3.5, 0.8], { cupG: 60, like: 'rice', source: 'ifct:A011' }],
		['quinoa', 'red quinoa|white quinoa|tricolour quinoa', [14, 6, 57, 7, 2.4], { cupG: 170 }],
		['millet', 'amaranth|amaranth grain|hulled millet|fonio', [11, 4.2, 65, 8.5, 2], { cupG: 200, like: 'quinoa' }],
		['rice', 'long grain rice|+basmati rice|white rice|+jasmine rice|basmati|long grain|thai rice|easy cook rice|jasmine|uncooked rice|chawal|raw rice|long grain white rice|parboiled rice|converted rice|sona masoori|sona masoori rice|idli rice|+sushi rice|short grain rice|broken rice|medium grain rice|instant rice|minute rice|thai fragrant rice|ponni rice', [7, 0.7, 78.5, 1.2, 0.5], { cupG: 185 }],
		['risotto rice', '+arborio rice|arborio|carnaroli|paella rice|pudding rice|bomba rice|carnaroli rice|short grain pudding rice', [7, 0.6, 78.5, 1.2, 0.5], { cupG: 200, like: 'rice' }],
		['brown rice', 'wholegrain rice|long grain brown rice|brown basmati rice|red rice|whole grain rice|black rice', [7.5, 2.7, 72, 3.5, 1.3], { cupG: 190, like: 'rice' }],
		['wild rice', 'wild rice mix|wild rice blend|mixed wild rice', [13, 1.1, 69, 6, 1.5], { cupG: 160, like: 'rice' }],
		['glutinous rice', 'sticky rice|sweet rice', [6.8, 0.6, 79, 1.5, 0.5], { cupG: 185, like: 'rice' }],
		['cooked rice', 'boiled rice|leftover rice|steamed rice|cooked white rice|cooked brown rice|cooked basmati rice|cold cooked rice|microwave rice|rice pouch|cooked long grain rice|day old rice|ready cooked rice', [2.7, 0.3, 28, 0.5, 0.3], { cupG: 160, storage: 'grains-pulses', keeps: 'days', like: 'rice', unitG: { packet: 250, pouch: 250 } }],
		['rice noodles', 'rice noodle|rice vermicelli|rice stick noodle|pad thai noodle|flat rice noodle|rice stick|vermicelli rice noodle|bun noodle|ho fun', [6.5, 0.6, 80, 1.6, 0.5], { cupG: 90, unitG: { packet: 200 }, ...pastaOf }],
		['glass noodles', 'cellophane noodle|mung bean noodle|bean thread|bean thread noodle|sweet potato noodle|glass noodle|shirataki', [0.3, 0.1, 85, 0.5, 0.3], { cupG: 140, unitG: { packet: 100 }, ...pastaOf }],
		['rice paper', 'rice paper wrapper|spring roll rice wrapper|rice paper sheet', [5, 0.3, 80, 1, 0.5], { pieceG: 9, unitG: { sheet: 9 } }],
		['pasta', '+macaroni|+penne|+spaghetti|+fusilli|rigatoni|+linguine|+tagliatelle|farfalle|conchiglie|elbow macaroni|pasta shape|ditalini|rotini|bow tie pasta|ziti|fettuccine|angel hair|orecchiette|cavatappi|small pasta|short pasta|dried pasta|soup pasta|shell pasta|small pasta shape|macaroni pasta|pappardelle|jumbo shell|wholewheat pasta|whole wheat pasta|wholemeal pasta|pasta shell|spaghettini|bucatini|+orzo|orzo pasta|risoni|stelline|+vermicelli|sevai|seviyan|semiya|spiral pasta|spirali|elbow pasta|ramen wheat noodle|casarecce|paccheri|ditali|gemelli|pasta spiral|noodle small pasta|alphabet pasta', [13, 1.5, 71, 3.2, 0.8], { cupG: 105, allergens: wheat, unitG: { packet: 500, box: 454, bag: 500 } }],
		['lasagne sheets', 'lasagne sheet|lasagna noodle|lasagna sheet|lasagne|+cannelloni|cannelloni tube|manicotti|manicotti shell|fresh lasagne sheet|lasagne pasta|lasagna|no boil lasagna noodle|oven ready lasagna noodle|dried lasagne|pasta sheet', [13, 1.5, 71, 3.2, 0.8], { allergens: wheat, pieceG: 18, unitG: { sheet: 18, box: 250, packet: 250 }, ...pastaOf }],
		['egg pasta', 'egg noodle|fresh pasta|fresh egg pasta|wide egg noodle|egg tagliatelle|spaetzle|fresh tagliatelle|fresh lasagne|egg vermicelli|medium egg noodle|fresh egg noodle|wide noodle|extra wide egg noodle|egg lasagne sheet|kluski|reshteh', [14, 4, 69, 3, 1], { cupG: 60, allergens: ['cereals (wheat)', 'eggs'], unitG: { nest: 50, packet: 300, bag: 340 }, ...pastaOf }],
		['stuffed pasta', '+ravioli|+tortellini|cappelletti|maultaschen|agnolotti|cheese tortellini|filled pasta|pelmeni|pierogi|tortelloni|spinach and ricotta ravioli', [9, 7, 35, 2.5, 1.5], { cupG: 110, allergens: ['cereals (wheat)', 'eggs', 'milk'], checkPacket: true, unitG: { packet: 250, bag: 567 }, aisle: 'dairy', ...pastaOf }],
		['noodles', 'noodle|wheat noodle|udon|+udon noodle|ramen|+ramen noodle|+instant noodle|soba|+soba noodle|lo mein noodle|chow mein noodle|chinese noodle|hokkien noodle|yakisoba noodle|chow mein|wheat vermicelli|asian noodle|somen|stir fry noodle|singapore noodle', [12, 2.5, 70, 3, 2], { cupG: 90, allergens: wheat, unitG: { packet: 85, nest: 60 }, checkPacket: true, ...pastaOf }],
		['gluten-free pasta', 'gluten free pasta|rice pasta|corn pasta|gluten free spaghetti|gluten free penne|gluten free macaroni|lentil pasta|chickpea pasta|gluten free noodle|gluten free lasagne sheet|red lentil pasta|buckwheat pasta', [7, 1.5, 77, 2.5, 0.7], { cupG: 100, checkPacket: true, ...pastaOf }],
		['cooked pasta', 'cooked macaroni|cooked spaghetti|cooked noodle|leftover pasta|cooked penne|cooked egg noodle|cooked orzo', [5.5, 0.9, 30, 1.8, 0.4], { cupG: 140, keeps: 'days', allergens: wheat, ...pastaOf }],
		['gnocchi', 'potato gnocchi|fresh gnocchi|potato dumpling|knodel|schupfnudel|kopytka', [4, 0.8, 33, 2, 1.2], { cupG: 150, allergens: wheat, unitG: { packet: 500 }, checkPacket: true, aisle: 'dairy', ...pastaOf }],
		['dumpling wrappers', 'wonton wrapper|gyoza wrapper|spring roll wrapper|egg roll wrapper|dumpling skin|gyoza skin|spring roll pastry|wonton skin|spring roll wrapper wheat|wonton|dumpling wrapper|potsticker wrapper', [9, 1.2, 56, 2, 1.2], { pieceG: 8, allergens: wheat, checkPacket: true, aisle: 'dairy', keeps: 'days', unitG: { packet: 300 }, mixed: true }]
	]
};

/** Bread, pastry and what is baked from dough. */
export const bread: Family = {
	facts: {
		aisle: 'bread',
		keeps: 'days',
		storage: 'bread-bakes',
		hygiene: 'ready-to-eat',
		allergens: wheat,
		cupG: 50
	},
	rows: [
		['bread', 'white bread|stale bread|crusty bread|+sourdough|sourdough bread|+baguette|+ciabatta|french bread|country bread|loaf bread|sandwich bread|bread slice|toast|crouton|bread cube|toast bread|day old bread|italian bread|farmhouse loaf|french stick|bread loaf|+focaccia|sourdough loaf|toasted bread|garlic bread|rustic bread|bloomer|texas toast|turkish bread|crostini|soda bread|sourdough starter|sourdough slice|french loaf|fresh bread|bread white|slice bread|white loaf|panini|cuban bread', [8.5, 2.5, 48, 2.7, 2], { unitG: { slice: 35, loaf: 800, crust: 30, piece: 50, bag: 150 }, pieceG: 250 }],
		['wholemeal bread', 'brown bread|whole wheat bread|wholegrain bread|granary bread|multigrain bread|seeded bread|wholewheat bread|seeded loaf|whole grain bread|wholemeal loaf', [10, 3, 41, 6.8, 2.2], { unitG: { slice: 36, loaf: 800 }, like: 'bread' }],
		['rye bread', '+pumpernickel|black bread|crispbread|crisp bread|rye crispbread|knackebrot|mixed rye bread|farmhouse rye bread|graubrot|bauernbrot', [7, 2, 44, 6, 2], { unitG: { slice: 45, loaf: 750 }, allergens: ['cereals (rye)', 'cereals (wheat)'], like: 'bread' }],
		['gluten-free bread', 'gluten free bread|gluten free breadcrumb|gluten free roll|gluten free bun|gluten free panko|gluten free wrap|gluten free tortilla|gluten free cracker|gluten free biscuit|gluten free loaf', [4.5, 6, 46, 6, 2], { allergens: ['eggs'], unitG: { slice: 30, loaf: 400 }, pieceG: 60, checkPacket: true, like: 'bread' }],
		['bread rolls', 'bread roll|roll|bun|burger bun|hamburger bun|dinner roll|hot dog bun|hoagie roll|brioche bun|bap|kaiser roll|slider bun|sub roll|soft roll|stale roll|stale bread roll|white roll|ciabatta roll|bridge roll|pav|pretzel bun|finger roll|brotchen|crusty roll|hawaiian roll|crescent roll|sandwich roll|stale bun|milk roll', [9, 4, 49, 2.5, 2], { pieceG: 60, checkPacket: true, like: 'bread' }],
		['brioche', 'challah|milk bread|hefezopf|panettone|+croissant|enriched bread|fruit loaf|raisin bread|stollen|hot cross bun|pain au chocolat', [8.5, 14, 48, 2.2, 1.6], { pieceG: 60, unitG: { slice: 35, loaf: 400 }, allergens: ['cereals (wheat)', 'eggs', 'milk'], checkPacket: true, like: 'bread', mixed: true }],
		['english muffins', 'english muffin|+crumpet|+bagel|pikelet|+scone|biscuit american|buttermilk biscuit|refrigerated biscuit|canned biscuit|biscuit dough|bagels', [9, 2.5, 47, 2.7, 2.2], { pieceG: 70, allergens: ['cereals (wheat)', 'milk'], checkPacket: true, like: 'bread', unitG: { can: 460 }, mixed: true }],
		['naan', 'naan bread|garlic naan|pita|+pita bread|pitta|pitta bread|flatbread|flat bread|+lavash|kulcha|khobz|roti naan|lebanese bread|arab bread|turkish flatbread|piadina|mini naan|pocket bread|barbari', [9, 4, 50, 2.5, 2], { pieceG: 90, checkPacket: true, like: 'tortilla', mixed: true }],
		['chapati', '+roti|+paratha|phulka|wholemeal wrap|puri|bhatura|chapatti|frozen paratha', [9, 7, 46, 5, 1.8], { pieceG: 50, like: 'tortilla' }],
		['tortilla', 'flour tortilla|wrap|tortilla wrap|burrito tortilla|wheat tortilla|wholewheat tortilla|soft taco|flour wrap|burrito wrap|large tortilla|fajita size tortilla|sandwich wrap|taco size flour tortilla|whole wheat tortilla', [8.5, 7, 48, 3, 2.5], { pieceG: 60, unitG: { packet: 480 } }],
		['corn tortilla', 'taco shell|maize tortilla|yellow corn tortilla|white corn tortilla|tostada|corn tortillas|hard taco shell|tostada shell', [5.7, 2.9, 40, 6, 1.2], { pieceG: 26, allergens: [], like: 'tortilla', unitG: { packet: 300 } }],
		['tortilla chips', 'tortilla chip|corn chip|nacho|nacho chip', [7, 23, 60, 5, 2.5], { cupG: 30, allergens: [], checkPacket: true, keeps: 'cupboard', storage: null, unitG: { bag: 200, handful: 20 } }],
		['crisps', 'potato chip|potato crisp|plantain chip|crushed potato chip|prawn cracker', [6, 33, 50, 4.5, 3], { cupG: 25, allergens: [], checkPacket: true, keeps: 'cupboard', storage: null, unitG: { bag: 150 } }],
		['breadcrumbs', 'bread crumb|+panko|panko breadcrumb|dry breadcrumb|fresh breadcrumb|dried breadcrumb|white breadcrumb|wholemeal breadcrumb|italian breadcrumb|breadcrumb|crumb|panko bread crumb|rusk|semmelbrosel|golden breadcrumb|italian style breadcrumb|soft breadcrumb|seasoned breadcrumb|plain breadcrumb|zwieback', [12, 3.5, 65, 4.5, 2.8], { cupG: 100, keeps: 'cupboard', checkPacket: true }],
		['stuffing mix', 'stuffing|sage and onion stuffing|bread stuffing|herb stuffing mix|cornbread stuffing|dressing stuffing', [10, 4, 65, 5, 5], { cupG: 60, allergens: ['cereals (wheat)', 'celery'], checkPacket: true, keeps: 'cupboard', unitG: { packet: 170, box: 170 } }],
		['crackers', 'cracker|cream cracker|saltine|water biscuit|oatcake|butter cracker|cheese cracker|soda cracker|cracker crumb|saltine cracker|graham cracker|graham cracker crumb|rice cracker wheat', [9, 12, 66, 4, 2.5], { pieceG: 4, cupG: 75, checkPacket: true, keeps: 'cupboard', storage: null, unitG: { sleeve: 113 } }],
		['matzo', 'matzo meal|matza|matzah|matzo ball mix|matzah meal', [10, 1, 78, 3, 0.6], { cupG: 115, keeps: 'cupboard', storage: null, unitG: { sheet: 28 } }],
		['biscuits', 'digestive biscuit|digestive|ginger biscuit|ginger nut|gingersnap|cookie|amaretti|ladyfinger|ladyfinger biscuit|sponge finger|savoiardi|biscuit|shortbread|gingerbread|lebkuchen|speculoos|oat biscuit|chocolate cookie|cookie dough|anzac biscuit|wafer|butter biscuit|arrowroot biscuit|chocolate chip cookie|plain sweet biscuit', [6.5, 20, 65, 2.5, 1.5], { pieceG: 12, cupG: 100, allergens: ['cereals (wheat)', 'milk', 'eggs'], checkPacket: true, keeps: 'cupboard', storage: null, mixed: true }],
		['cake', 'sponge cake|madeira cake|pound cake|sponge|muffin|fruit cake|brownie|angel food cake|cake crumb|doughnut|donut|pancake|waffle|crepe|blini|yorkshire pudding|dumpling|swiss roll|cake mix|pancake mix|pancake batter|baking mix|biscuit mix|biscuit baking mix|muffin mix|yellow cake mix|cornbread|cornbread mix|cornbread muffin mix|corn muffin mix|drop scone|hush puppy', [6, 14, 50, 1.5, 1.6], { cupG: 110, pieceG: 60, allergens: ['cereals (wheat)', 'eggs', 'milk'], checkPacket: true, mixed: true }],
		['puff pastry', 'ready rolled puff pastry|puff pastry sheet|all butter puff pastry|frozen puff pastry|rough puff pastry|puff pastry block', [5.5, 26, 33, 1.5, 1], { pieceG: 250, unitG: { sheet: 250, packet: 375, block: 500, roll: 320 }, allergens: ['cereals (wheat)', 'milk'], checkPacket: true, aisle: 'dairy' }],
		['shortcrust pastry', 'pastry|pie crust|shortcrust|pie dough|pie shell|sweet pastry|pastry case|pastry dough|frozen pie crust|tart shell|ready rolled shortcrust pastry|shortcrust pastry sheet|refrigerated pie crust|pastry shell|pate brisee|tart case|deep dish pie crust|9 inch pie crust|hot water crust pastry|pie case', [6, 27, 44, 2, 1.3], { pieceG: 230, unitG: { sheet: 250, packet: 375, block: 500 }, allergens: ['cereals (wheat)', 'milk'], checkPacket: true, aisle: 'dairy', like: 'puff pastry' }],
		['filo pastry', 'filo|phyllo|phyllo dough|fillo|filo sheet|strudel pastry|phyllo sheet|phyllo pastry|yufka|filo pastry sheet|brik pastry|strudel dough|kataifi', [8, 3.5, 57, 2, 1.8], { pieceG: 20, unitG: { sheet: 20, packet: 270 }, checkPacket: true, aisle: 'dairy', like: 'puff pastry' }],
		['pizza dough', 'pizza base|bread dough|pizza crust|dough|pizza dough ball|frozen bread dough|frozen dough|risen dough|naan dough|flatbread dough', [8, 3.5, 49, 2.5, 1.8], { pieceG: 250, checkPacket: true, aisle: 'dairy', unitG: { ball: 250 } }],
		['pizza', 'frozen pizza', [11, 10, 32, 2.5, 2.3], { pieceG: 350, allergens: ['cereals (wheat)', 'milk'], storage: 'pizza', checkPacket: true }]
	]
};
