/** Words whose plural is no "s" that could be taken off, or that mean something else without it. */
const irregular: Readonly<Record<string, string>> = {
	cookies: 'cookie',
	brownies: 'brownie',
	smoothies: 'smoothie',
	veggies: 'veggie',
	pies: 'pie',
	anchovies: 'anchovy',
	leaves: 'leaf',
	loaves: 'loaf',
	halves: 'half',
	calves: 'calf',
	knives: 'knife',
	potatoes: 'potato',
	tomatoes: 'tomato',
	mangoes: 'mango',
	haddock: 'haddock',
	feet: 'foot',
	geese: 'goose',
	greens: 'green',
	oxen: 'ox',
	octopus: 'octopus',
	hummus: 'hummus',
	asparagus: 'asparagus',
	couscous: 'couscous',
	molasses: 'molasses',
	gnocchi: 'gnocchi',
	zaatar: 'zaatar'
};
/** Other spellings of one word. */
const spellings: Readonly<Record<string, string>> = {
	yoghurt: 'yogurt',
	joghurt: 'yogurt',
	yoghourt: 'yogurt',
	chili: 'chilli',
	chile: 'chilli',
	chily: 'chilli',
	chilly: 'chilli',
	lasagna: 'lasagne',
	daal: 'dal',
	dhal: 'dal',
	dahl: 'dal',
	daals: 'dal',
	filet: 'fillet',
	barbeque: 'barbecue',
	bbq: 'barbecue',
	flavored: 'flavoured',
	wholewheat: 'wholewheat',
	soy: 'soya',
	whiskey: 'whisky',
	catsup: 'ketchup',
	puree: 'puree',
	dessicated: 'desiccated',
	zucchinis: 'zucchini',
	courgetes: 'courgette',
	gelatin: 'gelatine',
	omelet: 'omelette',
	veg: 'vegetable',
	veggy: 'veggie',
	organic: 'organic',
	emmenthal: 'emmental',
	caramelized: 'caramelised',
	tenderized: 'tenderised'
};

/** One word without its plural, in one spelling: "chillies" and "chile" are "chilli". */
export function singular(word: string): string {
	const one = irregular[word] ?? withoutPlural(word);
	return spellings[one] ?? one;
}

function withoutPlural(word: string): string {
	if (word.length <= 3 || /(ss|us|is)$/.test(word) || !word.endsWith('s')) return word;
	if (word.endsWith('ies')) return `${word.slice(0, -3)}y`;
	if (/(sh|ch|x|ss|zz)es$/.test(word)) return word.slice(0, -2);
	if (/oes$/.test(word)) return word.slice(0, -2);
	return word.slice(0, -1);
}

/** Marks that letters carry in other languages, taken off. */
const marks = /\p{M}+/gu;

/** A text as plain lower-case words, plurals and spellings evened, in order: what names are compared by. */
export function nameWords(text: string): string[] {
	return text
		.normalize('NFD')
		.replace(marks, '')
		.toLowerCase()
		.replace(/ß/g, 'ss')
		.replace(/œ/g, 'oe')
		.replace(/(\p{L})['’`´]s\b/gu, '$1')
		.replace(/['’`´]/g, '')
		.replace(/&/g, ' and ')
		.split(/[^\p{L}\p{N}]+/u)
		.filter((word) => word !== '')
		.map(singular);
}
