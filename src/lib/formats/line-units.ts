import { type MeasureName, measures } from '../core/units/index.ts';

/** Units by the words cooks write for them, lower case, without a full stop. */
const unitWords: Readonly<Record<string, MeasureName>> = {
	...named('g', 'g gr gm gms gram grams gramme grammes grs'),
	...named('kg', 'kg kgs kilo kilos kilogram kilograms kilogramme kilogrammes'),
	...named('mg', 'mg milligram milligrams'),
	...named('oz', 'oz ozs ounce ounces'),
	...named('lb', 'lb lbs pound pounds # lbm'),
	...named('ml', 'ml mls millilitre millilitres milliliter milliliters mil cc'),
	...named('cl', 'cl centilitre centilitres centiliter centiliters'),
	...named('dl', 'dl decilitre decilitres deciliter deciliters'),
	...named('l', 'l lt ltr ltrs litre litres liter liters'),
	...named('tsp', 'tsp tsps teasp teaspoon teaspoons teaspoonful teaspoonfuls ts tl'),
	...named(
		'tbsp',
		'tbsp tbsps tbs tbl tbls tblsp tblspn tablespoon tablespoons tablespoonful tablespoonfuls el'
	),
	...named('cup', 'cup cups c cupful cupfuls'),
	...named('pint', 'pint pints pt pts'),
	...named('quart', 'quart quarts qt qts'),
	...named('gallon', 'gallon gallons gal gals'),
	...named('pinch', 'pinch pinches pn'),
	...named('dash', 'dash dashes'),
	...named('splash', 'splash splashes glug glugs slosh'),
	...named('drizzle', 'drizzle drizzles'),
	...named('handful', 'handful handfuls fistful'),
	...named('clove', 'clove cloves'),
	...named('slice', 'slice slices'),
	...named('rasher', 'rasher rashers'),
	...named('stick', 'stick sticks stalk stalks'),
	...named('head', 'head heads'),
	...named('bunch', 'bunch bunches bundle bundles bd'),
	...named('sprig', 'sprig sprigs twig twigs'),
	...named('leaf', 'leaf leaves'),
	...named('sheet', 'sheet sheets'),
	...named('cube', 'cube cubes'),
	...named('knob', 'knob knobs'),
	...named('thumb', 'thumb thumbs'),
	...named('wedge', 'wedge wedges'),
	...named('can', 'can cans tin tins'),
	...named('jar', 'jar jars'),
	...named('bottle', 'bottle bottles'),
	...named('packet', 'packet packets package packages pack packs pkt pkts pkg pkgs pck'),
	...named('pouch', 'pouch pouches'),
	...named('sachet', 'sachet sachets'),
	...named('bag', 'bag bags'),
	...named('box', 'box boxes'),
	...named('tub', 'tub tubs container containers'),
	...named('pot', 'pot pots'),
	...named('carton', 'carton cartons'),
	...named('tube', 'tube tubes'),
	...named('envelope', 'envelope envelopes'),
	...named('punnet', 'punnet punnets'),
	...named('sleeve', 'sleeve sleeves'),
	...named('glass', 'glass glasses'),
	...named('bar', 'bar bars'),
	...named('block', 'block blocks'),
	...named('brick', 'brick bricks'),
	...named('log', 'log logs'),
	...named('wheel', 'wheel wheels'),
	...named('ball', 'ball balls'),
	...named('loaf', 'loaf loaves'),
	...named('roll', 'roll rolls'),
	...named('nest', 'nest nests'),
	...named('rack', 'rack racks'),
	...named('square', 'square squares'),
	...named('pat', 'pat pats'),
	...named('cone', 'cone cones'),
	...named('crown', 'crown crowns'),
	...named('pod', 'pod pods'),
	...named('spear', 'spear spears'),
	...named('piece', 'piece pieces pc pcs stk each ear ears cob cobs')
};
function named(unit: MeasureName, words: string): Record<string, MeasureName> {
	return Object.fromEntries(words.split(' ').map((word) => [word, unit]));
}
/** Words that are units only before these: "2 ribs celery", but not "2 ribs of beef". */
const onlyBefore: readonly [RegExp, RegExp, MeasureName][] = [
	[/^ribs?$/, /^(of\s+)?(celery|rhubarb|chard)/i, 'stick'],
	[/^strips?$/, /^(of\s+)?((thick|thin|streaky|smoked|turkey|lean)[\s-]+)*bacon/i, 'rasher'],
	[/^(bulbs?)$/, /^(of\s+)?garlic/i, 'head'],
	[/^(rings?)$/, /^(of\s+)?(pineapple|chorizo|smoked|kielbasa)/i, 'ring']
];
/** Not a unit before these: "1 pot roast", "2 roll mops". */
const notBefore: Readonly<Record<string, RegExp>> = {
	pot: /^roast/i,
	leaf: /^(lettuce|spinach|parsley)/i,
	stick: /^(cinnamon)/i,
	head: /^(of\s+)?fish/i,
	cube: /^steak/i,
	rack: /^(of\s+)?(lamb|pork|ribs)/i,
	c: /^(?!\s*[a-z])/i
};

interface Unit {
	unit: MeasureName;
	rest: string;
	/** so much of it one of the cook's is worth */
	times: number;
}

/** A unit at the beginning of a text: "g", "-ounce", "fl. oz.", "T". */
export function unitAt(text: string): Unit | null {
	const fluid = /^\s*-?\s*(?:fl\.?|fluid)[\s-]*(?:oz|ounces?)\b\.?/i.exec(text);
	if (fluid) return { unit: 'fl oz', rest: text.slice(fluid[0].length), times: 1 };
	const dessert = /^\s*-?\s*(?:dessertspoon(?:ful)?s?|dsp)\b\.?/i.exec(text);
	if (dessert) return { unit: 'tsp', rest: text.slice(dessert[0].length), times: 2 };
	const match = /^\s*-?\s*([a-zA-Z]+|#)(?:\(s\))?\.?(?=$|[\s,;:/()+-]|\d)/.exec(text);
	if (!match) return null;
	const rest = text.slice(match[0].length);
	const [, word] = match;
	if (word === 'T') return { unit: 'tbsp', rest, times: 1 };
	if (word === 't') return { unit: 'tsp', rest, times: 1 };
	const lower = word.toLowerCase();
	const special = onlyBefore.find(([words, next]) => words.test(lower) && next.test(rest.trim()));
	if (special) return { unit: special[2], rest, times: 1 };
	const unit = Object.hasOwn(unitWords, lower) ? unitWords[lower] : undefined;
	if (!unit) return null;
	const forbidden = notBefore[unit];
	if (forbidden?.test(rest.trim()) && unit !== 'cup') return null;
	return { unit, rest, times: 1 };
}

/** Weighed or poured, however little. */
export const isSize = (unit: MeasureName) => measures[unit].kind !== 'count';
/** Weighed or poured by a scale or a vessel, not by the hand. */
export const isMeasured = (unit: MeasureName) =>
	['mass', 'volume'].includes(measures[unit].kind) &&
	!['pinch', 'dash', 'handful', 'splash', 'drizzle'].includes(unit);
