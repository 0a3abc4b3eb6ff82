import type { FrozenThing } from '../../src/lib/schemas/frozen-thing.ts';
import type { DishForm } from '../../src/lib/server/services/dishes/write-dish.ts';
import type { PackingRequest } from '../../src/lib/server/services/packs/pack-dish.ts';
import type { CoolingRequest } from '../../src/lib/server/services/cooling/start-cooling.ts';

/** An invented household of five in a mountain town, used for the demo, documentation and pictures. */
export const house = {
	eaters: 5,
	system: 'metric' as const,
	temperature: 'c' as const,
	altitudeM: 1450,
	roomC: 21,
	refrigeratorC: 4,
	timeZone: 'Europe/Zurich',
	houseMonths: 3,
	currency: 'EUR',
	budgetCents: 300,
	owned: {
		appliances: [
			'slow-cooker' as const,
			'pressure-cooker' as const,
			'oven' as const,
			'hob' as const,
			'microwave' as const
		],
		microwaveW: 800,
		boil: { litres: 1, minutes: 5.5 }
	},
	slowCooker: {
		volumeL: 6,
		bowl: { kind: 'oval' as const, lengthM: 0.3, widthM: 0.23, depthM: 0.14 }
	},
	pressureCooker: {
		volumeL: 6,
		powerW: 1000,
		bowl: { kind: 'round' as const, lengthM: 0.24, widthM: 0.24, depthM: 0.15 }
	}
};

export const freezers = [
	{
		name: 'kitchen',
		kind: 'refrigerator-top' as const,
		volumeL: 60,
		setC: -18,
		shelves: ['top drawer', 'bottom drawer']
	},
	{
		name: 'chest freezer',
		kind: 'chest' as const,
		volumeL: 200,
		setC: -20,
		shelves: ['left basket', 'right basket', 'floor']
	}
];

type DemoDish = Omit<DishForm, 'addOnDay' | 'method'> & {
	key: string;
	method: string;
	addOnDay?: string;
};
const stew = { kind: 'meat-in-sauce', state: 'cooked' } as const;

export const dishes: DemoDish[] = [
	{
		key: 'tagine',
		name: 'Lamb and apricot tagine',
		servings: 8,
		...stew,
		lines:
			'1.4 kg lamb shoulder, in 3 cm cubes\n3 onions, sliced\n4 cloves garlic, minced\n200 g dried apricots\n2 x 400 g cans chopped tomatoes\n500 ml stock\n2 tbsp olive oil\n1 tbsp ras el hanout\n1 cinnamon stick\nsalt to taste\n60 g flaked almonds, to serve',
		method: 'Brown the lamb, soften the onions, simmer everything until the lamb is tender.',
		appliance: 'slow-cooker',
		setting: 'low',
		instructionState: 'fresh',
		fromMin: 420,
		toMin: 480,
		ovenC: undefined
	},
	{
		key: 'goulash',
		name: 'Beef and barley goulash',
		servings: 8,
		...stew,
		lines:
			'1.2 kg beef shin, diced\n4 onions, diced\n2 red peppers, sliced\n150 g pearl barley\n3 tbsp paprika\n2 tbsp tomato paste\n1.2 l beef stock\n1 tsp caraway seeds\n2 tbsp oil\nsalt to taste\n150 g sour cream, to serve',
		method:
			'Brown the beef, cook the onions slowly, add the rest and braise for two and a half hours.',
		addOnDay: 'a spoon of sour cream on each plate',
		appliance: 'oven',
		ovenC: 160,
		setting: undefined,
		instructionState: 'fresh',
		fromMin: 150,
		toMin: 180
	},
	{
		key: 'chard',
		name: 'Chickpea and chard stew',
		servings: 6,
		kind: 'pulse-soup',
		state: 'cooked',
		lines:
			'3 x 240 g cans chickpeas, drained\n500 g chard, chopped\n2 onions, diced\n3 carrots, diced\n2 cloves garlic, minced\n1 x 400 g can chopped tomatoes\n800 ml vegetable stock\n1 tsp cumin\n3 tbsp olive oil\na handful of parsley, on the day',
		method: 'Soften the vegetables, add the rest, simmer twenty minutes.',
		appliance: undefined,
		setting: undefined,
		ovenC: undefined,
		instructionState: undefined,
		fromMin: undefined,
		toMin: undefined
	},
	{
		key: 'chicken',
		name: 'Chicken with leek and tarragon',
		servings: 4,
		kind: 'lean-pieces',
		state: 'raw',
		lines:
			'800 g chicken thighs, in pieces\n2 leeks, sliced\n1 tbsp mustard\n200 ml chicken stock\n1 tbsp starch\n2 tbsp tarragon, chopped\n1 tbsp olive oil\nsalt and pepper\n120 ml cream, on the day',
		method: 'Everything but the cream goes raw into the bag.',
		addOnDay: '120 mL cream, stirred in at the end',
		appliance: 'pressure-cooker',
		setting: undefined,
		ovenC: undefined,
		instructionState: 'thawed',
		fromMin: 10,
		toMin: 12
	},
	{
		key: 'dal',
		name: 'Red lentil dal',
		servings: 6,
		kind: 'pulse-soup',
		state: 'cooked',
		lines:
			'450 g red lentils\n2 onions, diced\n30 g ginger, grated\n3 cloves garlic, minced\n1 x 400 g can coconut milk\n1.2 l water\n2 tsp turmeric\n2 tsp cumin seeds\n2 tbsp ghee\nsalt to taste\n1 lemon, on the day',
		method:
			'Simmer the lentils with the spices, stir in the coconut milk, temper the cumin in ghee.',
		addOnDay: 'juice of a lemon',
		appliance: 'pressure-cooker',
		setting: undefined,
		ovenC: undefined,
		instructionState: 'fresh',
		fromMin: 10,
		toMin: 12
	},
	{
		key: 'bake',
		name: 'Aubergine and lamb bake',
		servings: 6,
		kind: 'assembled-bake',
		state: 'cooked',
		lines:
			'700 g minced lamb\n3 aubergines, sliced\n2 onions, diced\n1 x 400 g can chopped tomatoes\n2 tbsp tomato paste\n400 ml milk\n40 g flour\n40 g butter\n80 g hard cheese, grated\n1 tsp cinnamon\n3 tbsp olive oil',
		method: 'Fry the aubergine, simmer the lamb sauce, layer with white sauce in the pan.',
		appliance: 'oven',
		ovenC: 180,
		setting: undefined,
		instructionState: 'thawed',
		fromMin: 60,
		toMin: 75
	},
	{
		key: 'pork',
		name: 'Pork with white beans',
		servings: 8,
		kind: 'tough-cut',
		state: 'raw',
		lines:
			'1.5 kg pork shoulder, in two pieces\n2 x 240 g cans white beans, drained\n2 onions, sliced\n3 carrots, sliced\n4 cloves garlic\n1 tbsp rosemary\n200 ml white wine\nsalt and pepper',
		method: 'Raw into the bag; braise until it falls apart.',
		appliance: 'slow-cooker',
		setting: 'low',
		ovenC: undefined,
		instructionState: 'thawed',
		fromMin: 480,
		toMin: 540
	},
	{
		key: 'ragu',
		name: 'Mushroom and spelt ragù',
		servings: 6,
		kind: 'meat-in-sauce',
		state: 'cooked',
		lines:
			'600 g mushrooms, chopped\n20 g dried mushrooms\n150 g spelt\n2 onions, diced\n2 carrots, diced\n2 celery sticks, diced\n1 x 400 g can chopped tomatoes\n150 ml red wine\n2 tbsp tomato paste\n3 tbsp olive oil\n1 tsp thyme\npasta, to serve',
		method: 'Fry the mushrooms hard, add the rest, simmer until the spelt is soft.',
		appliance: undefined,
		setting: undefined,
		ovenC: undefined,
		instructionState: undefined,
		fromMin: undefined,
		toMin: undefined
	},
	{
		key: 'ratatouille',
		name: 'Ratatouille',
		servings: 6,
		kind: 'soft-vegetables',
		state: 'cooked',
		lines:
			'2 aubergines, diced\n3 courgettes, diced\n3 sweet peppers, diced\n6 tomatoes, chopped\n2 onions, sliced\n4 cloves garlic, sliced\n5 tbsp olive oil\n1 tsp thyme\nsalt to taste',
		method: 'Fry each vegetable by itself, then stew them together for half an hour.',
		appliance: undefined,
		setting: undefined,
		ovenC: undefined,
		instructionState: undefined,
		fromMin: undefined,
		toMin: undefined
	},
	{
		key: 'oats',
		name: 'Plum oat bake',
		servings: 6,
		kind: 'assembled-bake',
		state: 'cooked',
		lines:
			'250 g oats\n8 plums, quartered\n2 eggs\n500 ml milk\n80 g honey\n60 g walnuts, chopped\n1 tsp cinnamon\n1 tsp baking powder',
		method: 'Mix, bake at 180 °C for 35 minutes, cool in the pan.',
		appliance: undefined,
		setting: undefined,
		ovenC: undefined,
		instructionState: undefined,
		fromMin: undefined,
		toMin: undefined
	}
];

/** Packings, by dish; `daysAgo` counts back from the day the demo is loaded, `shelf` counts through all shelves. */
export const packings: (Omit<PackingRequest, 'dishId' | 'packedOn' | 'shelfId'> & {
	dish: string;
	daysAgo: number;
	shelf: number;
})[] = [
	{ dish: 'dal', daysAgo: 57, shelf: 0, count: 3, servings: 2, container: 'bag-1l', massKg: 0.7 },
	{
		dish: 'tagine',
		daysAgo: 41,
		shelf: 2,
		count: 3,
		servings: 4,
		container: 'bag-3l',
		massKg: 1.4,
		lengthM: 0.19,
		widthM: 0.14
	},
	{
		dish: 'chicken',
		daysAgo: 41,
		shelf: 3,
		count: 5,
		servings: 4,
		container: 'bag-3l',
		massKg: 0.95,
		lengthM: 0.18,
		widthM: 0.15
	},
	{ dish: 'ragu', daysAgo: 70, shelf: 1, count: 2, servings: 3, container: 'bag-1l', massKg: 0.8 },
	{ dish: 'bake', daysAgo: 20, shelf: 4, count: 2, servings: 4, container: 'pan-20', massKg: 1.9 },
	{
		dish: 'pork',
		daysAgo: 20,
		shelf: 4,
		count: 1,
		servings: 8,
		container: 'bag-3l',
		massKg: 2.1,
		lengthM: 0.2,
		widthM: 0.16
	},
	{
		dish: 'oats',
		daysAgo: 12,
		shelf: 0,
		count: 4,
		servings: 1,
		container: 'tub-500ml',
		massKg: 0.25
	},
	{
		dish: 'ratatouille',
		daysAgo: 6,
		shelf: 3,
		count: 2,
		servings: 3,
		container: 'tub-1l',
		massKg: 0.85
	}
];

/** Cooling runs under way, with readings, minutes before the demo is loaded. */
export const coolings: (CoolingRequest & {
	dish: string;
	minutesAgo: number;
	readings: [minutesAgo: number, tempC: number][];
})[] = [
	{
		dish: 'goulash',
		name: 'Goulash',
		vessel: 'pot',
		lengthM: 0.26,
		depthM: 0.075,
		startC: 94,
		place: 'counter',
		lid: false,
		stirred: false,
		minutesAgo: 100,
		readings: [
			[98, 94],
			[70, 80],
			[40, 68],
			[10, 59]
		]
	},
	{
		dish: 'chard',
		name: 'Chickpea stew, tray',
		vessel: 'tray',
		lengthM: 0.35,
		widthM: 0.28,
		depthM: 0.02,
		startC: 88,
		place: 'refrigerator',
		lid: false,
		stirred: false,
		minutesAgo: 75,
		readings: [
			[74, 88],
			[50, 58],
			[20, 38]
		]
	},
	{
		dish: 'tagine',
		name: 'Tagine, big pot',
		vessel: 'pot',
		lengthM: 0.22,
		depthM: 0.1,
		startC: 92,
		place: 'ice-bath',
		lid: false,
		stirred: true,
		minutesAgo: 25,
		readings: [
			[24, 92],
			[5, 62]
		]
	}
];

/** Invented prices: item, pack, weight in kg, cents. */
export const prices: [item: string, label: string, sizeKg: number, priceCents: number][] = [
	['onion', 'net 1 kg', 1, 190],
	['onion', 'net 3 kg', 3, 420],
	['garlic', 'bulbs, 3', 0.15, 140],
	['carrot', 'bag 1 kg', 1, 160],
	['carrot', 'bag 500 g', 0.5, 110],
	['celery', 'head', 0.5, 180],
	['leek', 'bunch 500 g', 0.5, 210],
	['sweet pepper', 'three', 0.4, 260],
	['canned tomatoes', 'can 400 g', 0.4, 95],
	['canned tomatoes', 'can 800 g', 0.8, 165],
	['tomato paste', 'tube 200 g', 0.2, 150],
	['chickpeas', 'can 400 g', 0.4, 110],
	['white beans', 'can 400 g', 0.4, 120],
	['red lentils', 'bag 500 g', 0.5, 240],
	['lamb shoulder', 'piece 1 kg', 1, 2150],
	['minced lamb', 'tray 500 g', 0.5, 980],
	['beef shin', 'piece 1 kg', 1, 1890],
	['pork shoulder', 'piece 1 kg', 1, 1290],
	['chicken thigh', 'tray 600 g', 0.6, 890],
	['chicken thigh', 'family tray 1.2 kg', 1.2, 1590],
	['apricot', 'dried, 250 g', 0.25, 390],
	['pearl barley', 'bag 500 g', 0.5, 180],
	['spelt flour', 'bag 1 kg', 1, 290],
	['aubergine', 'two', 0.6, 240],
	['courgette', 'three', 0.6, 220],
	['chard', 'bunch', 0.4, 260],
	['mushroom', 'tray 400 g', 0.4, 320],
	['potato', 'bag 2 kg', 2, 340],
	['cream', 'carton 200 ml', 0.2, 170],
	['milk', 'carton 1 L', 1.03, 180],
	['hard cheese', 'piece 200 g', 0.2, 420],
	['coconut milk', 'tin 400 ml', 0.39, 210],
	['oats', 'bag 500 g', 0.5, 150],
	['plum', 'bag 1 kg', 1, 390],
	['almonds', 'flaked, 100 g', 0.1, 260],
	['herbs', 'bunch', 0.05, 150],
	['ginger', 'piece', 0.1, 90],
	['lemon', 'two', 0.2, 120],
	['parsley', 'bunch', 0.05, 140],
	['tarragon', 'bunch', 0.03, 190],
	['butter', 'piece 250 g', 0.25, 290],
	['sour cream', 'tub 180 g', 0.18, 130],
	['dried mushrooms', 'bag 40 g', 0.04, 380],
	['red wine', 'bottle 750 ml', 0.74, 590]
];

/** What is in the cupboard, kg. */
export const stock: [item: string, massKg: number][] = [
	['onion', 0.4],
	['red lentils', 0.3],
	['rice', 1]
];

/** The next packing day: dishes, times made, notes. */
export const packingDay = {
	inDays: 3,
	dishes: [
		{ dish: 'goulash', batches: 1, portions: [{ to: 'freezer' as const, packs: 2, servings: 4 }] },
		{
			dish: 'chard',
			batches: 2,
			portions: [{ to: 'freezer' as const, packs: 3, servings: 4 }]
		},
		{
			dish: 'dal',
			batches: 1,
			portions: [
				{ to: 'freezer' as const, packs: 2, servings: 2 },
				{ to: 'tonight' as const, packs: 1, servings: 2 }
			]
		},
		{ dish: 'bake', batches: 1, portions: [{ to: 'freezer' as const, packs: 2, servings: 3 }] },
		{ dish: 'ragu', batches: 1, portions: [{ to: 'freezer' as const, packs: 2, servings: 3 }] },
		{ dish: 'chicken', batches: 2, portions: [{ to: 'freezer' as const, packs: 2, servings: 4 }] }
	],
	notes: [{ dish: 'goulash', text: 'fewer caraway seeds, more paprika' }]
};

/** A day that is over: what it made lies in the freezer, and what it took is known. */
export const pastDay = {
	daysAgo: 20,
	dishes: [
		{ dish: 'bake', batches: 2, portions: [{ to: 'freezer' as const, packs: 2, servings: 4 }] },
		{ dish: 'pork', batches: 1, portions: [{ to: 'freezer' as const, packs: 1, servings: 8 }] }
	],
	/** of the minutes planned */
	took01: [1.1, 0.9, 1.4, 1, 1.2, 0.8],
	paid: [
		['minced lamb', 1960],
		['pork shoulder', 1420],
		['aubergine', 460]
	] as const
};

/** Packs eaten before, with how they were cooked. */
export const eaten = [
	{
		dish: 'chicken',
		daysAgo: 33,
		way: 'pressure-cooker',
		setMin: 31,
		coreC: 76,
		outcome: 'right',
		note: ''
	},
	{
		dish: 'chicken',
		daysAgo: 19,
		way: 'pressure-cooker',
		setMin: 33,
		coreC: 81,
		outcome: 'over',
		note: 'a little dry'
	},
	{
		dish: 'tagine',
		daysAgo: 12,
		way: 'pressure-cooker',
		setMin: 27,
		coreC: 78,
		outcome: 'right',
		note: 'gone at once'
	}
] as const;

/** Things in the freezer that are no dish's packs. */
export const frozenThings: (Omit<FrozenThing, 'shelfId' | 'frozen'> & {
	shelf: number;
	daysAgo: number | null;
	about?: boolean;
})[] = [
	{
		name: 'rye bread',
		count: 2,
		servings: 4,
		massKg: 0.5,
		state: 'cooked',
		group: 'bread-bakes',
		shelf: 1,
		daysAgo: 24
	},
	{
		name: 'peas',
		count: 1,
		servings: 6,
		massKg: 0.75,
		state: 'raw',
		group: 'vegetables',
		shelf: 0,
		daysAgo: 90,
		about: true
	},
	{
		name: 'bones for stock',
		count: 2,
		servings: 1,
		massKg: 1.1,
		state: 'raw',
		group: 'steaks-chops-roasts',
		shelf: 4,
		daysAgo: 35
	},
	{
		name: 'tomato paste, in spoonfuls',
		count: 1,
		servings: 8,
		massKg: 0.12,
		state: 'cooked',
		group: 'vegetables',
		shelf: 0,
		daysAgo: 50
	},
	{
		name: 'some soup',
		count: 1,
		servings: 3,
		massKg: 0.9,
		state: 'cooked',
		group: 'soup-stew',
		shelf: 4,
		daysAgo: null
	}
];

/** How many containers the household owns. */
export const containersOwned = [
	['bag-1l', 24],
	['bag-3l', 16],
	['tub-1l', 8],
	['tub-500ml', 6],
	['pan-20', 4],
	['jar-500ml', 5]
] as const;

/** A warm day of the chest freezer: its lid was not shut. Hours ago, °C. */
export const warmSpell = { fromHoursAgo: 24 * 12, hours: 20, toC: -7 };

/** What stands in the refrigerator from yesterday's dinner. */
export const leftover = { name: 'Beef and barley goulash', servings: 2 };
