import type { Family } from './row.ts';

/** Dried pulses: soaked and cooked before they are eaten. */
export const driedPulses: Family = {
	facts: {
		aisle: 'dry',
		keeps: 'cupboard',
		storage: 'grains-pulses',
		hygiene: 'ready-to-eat',
		cupG: 190
	},
	rows: [
		['red lentils', 'lentil|split red lentil|red lentil|masoor dal|masoor|split lentil|red split lentil|orange lentil|dal|dhal|daal|mixed dal|dried red lentil|dry red lentil|pink lentil|masoor daal', [24, 1.5, 51, 10.5, 2.4], { cupG: 190 }],
		['green lentils', 'green lentil|+brown lentil|+puy lentil|french lentil|+beluga lentil|black lentil|mountain lentil|french green lentil|le puy lentil|castelluccio lentil|whole masoor|dried lentil|dried green lentil|dried brown lentil|plate lentil|continental lentil|whole lentil|sabut masoor', [24, 1.3, 45, 16, 2.6], { cupG: 192, like: 'red lentils' }],
		['split peas', 'split pea|yellow split pea|green split pea|chana dal|dried pea|marrowfat pea|yellow pea|dried split pea|bengal gram dal|dried green pea|chana daal|channa dal|white pea', [21.6, 5.3, 46.7, 15.2, 2.1], { cupG: 197, like: 'red lentils', source: 'ifct:B001' }],
		['pigeon peas', 'toor dal|tur dal|arhar dal|gungo pea|pigeon pea|toor daal|tuvar dal|toor|red gram dal|thuvaram paruppu|arhar', [21.7, 1.6, 55.2, 9.1, 3.3], { cupG: 200, like: 'red lentils', source: 'ifct:B021' }],
		['mung beans', 'moong dal|moong|mung dal|split moong dal|green gram|mung bean|yellow moong dal|whole moong|moong daal|mung|green moong|split mung bean|sprouted moong', [23.9, 1.4, 52.6, 9.4, 3], { cupG: 200, like: 'red lentils', source: 'ifct:B010' }],
		['urad dal', 'black gram|urad|split urad dal|whole urad|urid dal|urad daal|white urad dal|black urad dal|sabut urad|black dal|whole black gram', [23.1, 1.7, 51, 11.9, 3.2], { cupG: 200, like: 'red lentils', source: 'ifct:B003' }],
		['dried chickpeas', 'dried chickpea|dry chickpea|kabuli chana|+kala chana|chickpea dried|dried garbanzo bean|dried garbanzo|white chana|black chana|dry garbanzo bean|chana|chole|dried chick pea|chhole|black chickpea', [19.5, 5.5, 43, 17, 2.8], { cupG: 184 }],
		['dried beans', 'dried white bean|dry bean|dried bean|dried cannellini bean|dried haricot bean|dried butter bean|dry white bean|dried pinto bean|dry navy bean|dry great northern bean|dried navy bean|dry pinto bean|dried borlotti bean|dried lima bean|dried flageolet bean|15 bean soup mix|bean soup mix|dried haricot|dried great northern bean|dried cranberry bean|dried black eyed pea|dried mixed bean|dry lima bean|dry black eyed pea|lobia|chawli|+cowpea|rongi|+adzuki bean|dried adzuki bean|+moth bean|matki|+horse gram|dried fava bean|dried broad bean|soup mix dried|dried soybean|dried haricot blanc', [22, 1.5, 42, 18, 3.9], { cupG: 190 }],
		['dried black beans', 'dry black bean|black bean dried|dried black turtle bean|dried turtle bean', [21.6, 1.4, 46, 15.5, 3.6], { cupG: 190, like: 'dried kidney beans' }],
		['dried kidney beans', 'dried red kidney bean|dry kidney bean|rajma|dried kidney bean|kidney bean dried|dry red bean|dried red bean|rajmah|red rajma|dry red kidney bean|dried cannellini kidney bean|kashmiri rajma', [22.5, 1.1, 44, 17, 3.7], { cupG: 184 }],
		['dried soya beans', 'dried soya bean|dry soybean|dried soy bean|soybean|soya bean|soy bean|yellow soybean', [36, 20, 18, 16, 4.9], { cupG: 186, allergens: ['soybeans'], like: 'dried beans' }]
	]
};

/** Pulses that are cooked: from a can, a jar or the own pot. A usual can of 400 g holds 240 g drained. */
export const cookedPulses: Family = {
	facts: {
		aisle: 'tins',
		keeps: 'cupboard',
		storage: 'grains-pulses',
		hygiene: 'ready-to-eat',
		cupG: 170,
		drained01: 0.6,
		unitG: { can: 400, jar: 660, carton: 380 }
	},
	rows: [
		['chickpeas', 'chickpea|canned chickpea|cooked chickpea|garbanzo bean|garbanzo|tins of chickpea|cans of chickpea|chick pea|tin chickpea|can garbanzo bean|garbanzos|jarred chickpea', [7.2, 2.6, 15, 6, 1.2], { cupG: 164 }],
		['white beans', '+cannellini bean|haricot bean|canned white bean|cooked white bean|white bean|+navy bean|+great northern bean|white kidney bean|cannellini|haricot blanc|canned cannellini bean|cooked cannellini bean|+flageolet bean|fagioli|small white bean', [7, 0.5, 14.5, 6, 1.5], { cupG: 177 }],
		['butter beans', 'butter bean|lima bean|gigantes bean|baby lima bean|giant bean|judion bean|judion|frozen lima bean|gigante bean', [7, 0.5, 14.5, 5.5, 1.4], { cupG: 180, like: 'white beans' }],
		['borlotti beans', 'borlotti bean|cranberry bean|+pinto bean|canned pinto bean|cooked pinto bean|rosecoco bean|charro bean', [7.5, 0.7, 15.5, 6.5, 1.5], { cupG: 171, like: 'kidney beans' }],
		['kidney beans', 'canned kidney bean|red kidney bean|kidney bean|cooked kidney bean|red bean|dark red kidney bean|cooked rajma|chili bean|light red kidney bean|bean', [7.8, 0.6, 15.5, 6.5, 1.4], { cupG: 177 }],
		['black beans', 'black bean|canned black bean|cooked black bean|black turtle bean|turtle bean|frijoles negros', [7.5, 0.5, 15, 7.5, 1.4], { cupG: 172, like: 'kidney beans' }],
		['black-eyed beans', 'black eyed bean|black eye bean|black eyed pea|cowpea canned|blackeye pea|canned black eyed pea|field pea|blackeyed pea', [7, 0.6, 14, 5.5, 1.3], { cupG: 165, like: 'kidney beans' }],
		['mixed beans', 'mixed bean|bean salad|five bean mix|four bean mix|bean mix|three bean mix|3 bean mix', [7, 0.7, 15, 6, 1.4], { cupG: 170, like: 'kidney beans' }],
		['canned lentils', 'canned lentil|tinned lentil|cooked lentil|lentils in water|ready to eat puy lentil|cooked puy lentil|cooked green lentil|cooked brown lentil|lentil canned|cooked red lentil|pouch lentil', [8.5, 0.4, 13, 7, 1.2], { cupG: 198, unitG: { can: 400, pouch: 250 }, like: 'white beans' }],
		['baked beans', 'baked bean|bean in tomato sauce|pork and bean|beans in tomato sauce', [5, 0.5, 13, 4, 1.8], { cupG: 254, drained01: 1, checkPacket: true }],
		['refried beans', 'refried bean|bean dip|refried black bean', [5.5, 2, 13, 5.5, 1.9], { cupG: 240, drained01: 1, checkPacket: true, like: 'kidney beans' }],
		['hummus', 'houmous|houmus|hommous|humous', [7.5, 15, 12, 5.5, 1.8], { cupG: 246, drained01: 1, aisle: 'dairy', keeps: 'days', allergens: ['sesame'], unitG: { tub: 200 } }],
		['falafel', 'falafel mix|veggie ball', [10, 13, 26, 7, 2.5], { pieceG: 20, drained01: 1, aisle: 'dairy', checkPacket: true, allergens: ['sesame', 'cereals (wheat)'] }]
	]
};

const nut = (name: string) => [`nuts (${name})`];

/** Nuts, seeds and what is ground from them. */
export const nuts: Family = {
	facts: { aisle: 'dry', keeps: 'cupboard', storage: null, hygiene: 'ready-to-eat', cupG: 140 },
	rows: [
		['nuts', 'mixed nut|nut|chopped nut|nut mix|trail mix|chopped mixed nut', [18, 53, 15, 8, 2.5], { allergens: ['nuts', 'peanuts'], checkPacket: true, cupG: 130, weak: true, mixed: true }],
		['almonds', 'almond|flaked almond|ground almond|almond meal|slivered almond|blanched almond|badam|almond flour|almond flake|whole almond|toasted almond|sliced almond|almond powder', [21, 50, 9, 12, 3], { cupG: 100, pieceG: 1.2, allergens: nut('almond') }],
		['almond butter', 'almond paste', [21, 55, 9, 10, 3], { cupG: 256, allergens: nut('almond') }],
		['marzipan', 'frangipane|almond marzipan', [8, 19, 60, 3, 1], { cupG: 230, allergens: nut('almond') }],
		['walnuts', 'walnut|walnut half|walnut piece|akhrot', [15, 65, 7, 7, 2], { cupG: 110, pieceG: 4, allergens: nut('walnut') }],
		['pecans', 'pecan|pecan nut|pecan half', [9, 72, 4, 9.6, 1.5], { cupG: 105, pieceG: 1.5, allergens: nut('pecan') }],
		['cashews', 'cashew nut|cashew|kaju|raw cashew|roasted cashew|cashew piece|cashewnut|cashew butter|cashew paste', [18, 46, 25, 3.3, 2.6], { cupG: 140, pieceG: 1.5, allergens: nut('cashew') }],
		['hazelnuts', 'hazelnut|filbert|ground hazelnut|roasted hazelnut|cob nut|hazelnut butter', [15, 61, 6, 10, 2.3], { cupG: 130, pieceG: 1.2, allergens: nut('hazelnut') }],
		['hazelnut spread', 'chocolate hazelnut spread|chocolate spread|praline|nougat|nut nougat cream|gianduja', [6, 31, 57, 4, 1.5], { cupG: 290, allergens: ['nuts (hazelnut)', 'milk', 'soybeans'], checkPacket: true }],
		['pistachios', 'pistachio|pistachio nut|pista|shelled pistachio|pistachio paste', [20, 45, 18, 10, 3], { cupG: 123, pieceG: 0.7, allergens: nut('pistachio') }],
		['macadamias', 'macadamia|macadamia nut', [8, 76, 5, 8.6, 1.1], { cupG: 134, allergens: nut('macadamia') }],
		['brazil nuts', 'brazil nut|brazil', [14, 67, 4.5, 7.5, 3.4], { cupG: 133, pieceG: 4, allergens: nut('brazil') }],
		['pine nuts', 'pine nut|pine kernel|pinon|pignoli', [14, 68, 9, 4, 2.6], { cupG: 135, allergens: ['nuts'] }],
		['chestnuts', 'chestnut|vacuum packed chestnut|cooked chestnut|chestnut puree|sweet chestnut|roasted chestnut|marron', [2.5, 2, 40, 5, 1], { cupG: 145, pieceG: 8, storage: 'fruit', unitG: { packet: 180 } }],
		['peanuts', 'peanut|roasted peanut|groundnut|ground nut|salted peanut|moongphali|dry roasted peanut|crushed peanut|monkey nut|peanut powder', [25, 49, 13, 8, 2.4], { cupG: 146, allergens: ['peanuts'] }],
		['peanut butter', 'smooth peanut butter|crunchy peanut butter|groundnut paste|groundnut butter|peanut paste|natural peanut butter|creamy peanut butter|powdered peanut butter', [24, 50, 14, 6, 3], { cupG: 258, allergens: ['peanuts'] }],
		['satay sauce', 'peanut sauce|satay|satay paste|peanut satay sauce|gado gado sauce', [9, 20, 18, 3, 3], { cupG: 250, aisle: 'tins', allergens: ['peanuts', 'soybeans'], checkPacket: true }],
		['sesame', 'sesame seed|white sesame seed|black sesame seed|til|toasted sesame seed|black sesame|white sesame|gingelly', [18, 50, 11, 12, 4.7], { cupG: 144, allergens: ['sesame'], unitG: { handful: 30 } }],
		['tahini', 'sesame paste|tahina|tahini paste|light tahini|halva|tehina', [18, 54, 12, 9, 3.5], { cupG: 240, allergens: ['sesame'] }],
		['zaatar', 'za atar|dukkah|gomasio|furikake|everything bagel seasoning|shichimi togarashi', [12, 20, 25, 20, 10], { cupG: 110, aisle: 'spices', allergens: ['sesame'], checkPacket: true }],
		['sunflower seeds', 'sunflower seed|sunflower kernel', [20, 50, 11, 9, 3], { cupG: 140 }],
		['pumpkin seeds', 'pumpkin seed|pepita|melon seed|magaz', [30, 49, 5, 6, 4.8], { cupG: 129 }],
		['seeds', 'mixed seed|+linseed|flaxseed|+chia seed|+hemp seed|seed mix|flax|chia|ground flaxseed|flax meal|ground linseed|seed', [19, 38, 5, 28, 4], { cupG: 160, mixed: true }],
		['poppy seeds', 'poppy seed|khus khus|poppyseed', [20.3, 30.4, 12.4, 26.7, 6], { cupG: 140, source: 'ifct:G032' }]
	]
};
