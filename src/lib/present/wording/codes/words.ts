import type {
	ContainerKey,
	CoreTemperatureClass,
	DishKind,
	StorageGroup
} from '../../../core/published/index.ts';
import type { PlaceName } from '../../../core/kitchen/index.ts';
import type { Method, State } from '../../../core/appliances/index.ts';
import { appliances } from '../en/appliances.ts';
import { ovenText, sidesText, tempText, volumeText, type Habit } from '../../units.ts';

/** The words for every coded value. One place, so that a second language can be added. */
export const kindWords: Record<DishKind, { name: string; hint: string }> = {
	'tough-cut': {
		name: 'Braised roast',
		hint: 'a whole cut with collagen: shoulder, shin, brisket'
	},
	'braised-pieces': {
		name: 'Braised pieces',
		hint: 'stewing meat in cubes or strips that wants its hours: goulash, tagine, curry'
	},
	'lean-pieces': {
		name: 'Lean pieces',
		hint: 'chicken or pork in pieces, done when cooked through'
	},
	fish: { name: 'Fish', hint: 'fillets, pieces and shellfish: done in minutes' },
	'meat-in-sauce': { name: 'Meat in sauce', hint: 'ragù, chili, mince and small pieces in sauce' },
	'pulse-soup': { name: 'Soup or pulses', hint: 'dal, bean stew, soups' },
	'hard-vegetables': { name: 'Hard vegetables', hint: 'roots, squash, potato' },
	'soft-vegetables': { name: 'Soft vegetables', hint: 'ratatouille, peppers, spinach' },
	'assembled-bake': { name: 'Bake in its pan', hint: 'pies, layered bakes, gratins, egg cups' },
	'assembled-cooked': {
		name: 'Cooked bake',
		hint: 'all of it cooked before it was frozen: made hot and browned'
	},
	'wrapped-single': {
		name: 'Wrapped single',
		hint: 'burritos, filled rolls, hand pies, plates: a portion each, cooked'
	},
	dough: {
		name: 'Raw dough or pastry',
		hint: 'cookie dough, pizza bases, filled raw pastry: baked from frozen'
	},
	'baked-goods': {
		name: 'Bread and baked goods',
		hint: 'bread, rolls, muffins, cookies: baked already'
	}
};

export const stageWords = {
	pack: { name: 'in the pack', hint: 'goes into the freezer pack' },
	inner: { name: 'own small bag', hint: 'its own bag inside the pack' },
	'cook-day': { name: 'on the day', hint: 'kept back, added when cooking' },
	serve: { name: 'to serve', hint: 'topping or side, never frozen' }
} as const;

export const placeWords: Record<PlaceName, string> = {
	counter: 'counter',
	refrigerator: 'refrigerator',
	freezer: 'freezer',
	'cold-water': 'cold water',
	'ice-bath': 'ice bath'
};

/** What a US kitchen calls them; they hold a little more than the litres their metric sisters are named by. */
const usContainers = {
	'bag-1l': 'quart zip bag, laid flat',
	'bag-3l': 'gallon zip bag, laid flat',
	'tub-500ml': 'pint tub',
	'tub-1l': 'quart tub',
	'tub-2l': 'half-gallon tub',
	'jar-500ml': 'pint jar, wide mouth',
	'jar-1l': 'quart jar, wide mouth',
	'jar-1l-narrow': 'quart jar with a neck'
} as const;

/** A container by its size in the household's units: "zip bag, 3 L, laid flat", "pan, 20 × 20 cm". */
export function containerText(key: ContainerKey, habit: Habit): string {
	if (habit.system === 'us' && key in usContainers)
		return usContainers[key as keyof typeof usContainers];
	const litres = (l: number) => volumeText(l, habit);
	const sides = (a: number, b: number) => sidesText(a, b, habit);
	switch (key) {
		case 'bag-1l':
			return `zip bag, ${litres(1)}, laid flat`;
		case 'bag-3l':
			return `zip bag, ${litres(3)}, laid flat`;
		case 'tub-500ml':
			return `tub, ${litres(0.5)}`;
		case 'tub-1l':
			return `tub, ${litres(1)}`;
		case 'tub-2l':
			return `tub, ${litres(2)}`;
		case 'pan-20':
			return `pan, ${sides(0.2, 0.2)}`;
		case 'pan-30':
			return `pan, ${sides(0.3, 0.2)}`;
		case 'pan-33':
			return `pan, ${sides(0.229, 0.33)}`;
		case 'jar-500ml':
			return `jar, wide mouth, ${litres(0.5)}`;
		case 'jar-1l':
			return `jar, wide mouth, ${litres(1)}`;
		case 'jar-1l-narrow':
			return `jar with a neck, ${litres(1)}`;
		case 'plate':
			return 'plate with a lid';
		case 'wrap':
			return 'wrapped in foil or film';
	}
}

export const groupWords: Record<StorageGroup, string> = {
	'soup-stew': 'soup or stew',
	'cooked-meat-poultry': 'cooked meat or poultry',
	casserole: 'casserole',
	'egg-bake': 'bake with eggs',
	pizza: 'pizza',
	gravy: 'gravy',
	bacon: 'bacon',
	'sausage-raw': 'raw sausage',
	'sausage-cooked': 'cooked sausage',
	'cured-meat': 'ham and cured meat',
	'ground-meat': 'raw minced meat',
	'steaks-chops-roasts': 'raw meat in the piece',
	'poultry-whole': 'raw whole poultry',
	'poultry-pieces': 'raw poultry pieces',
	'fish-lean': 'lean fish',
	'fish-oily': 'oily fish',
	shellfish: 'shellfish',
	'egg-raw': 'raw egg',
	vegetables: 'vegetables',
	fruit: 'fruit',
	'bread-bakes': 'bread and bakes',
	'grains-pulses': 'cooked grains and pulses',
	'soft-dairy': 'soft dairy'
};

export const coreWords: Record<CoreTemperatureClass, string> = {
	poultry: 'poultry',
	'ground-meat': 'minced meat',
	'whole-cut': 'whole cuts, then 3 minutes’ rest',
	fish: 'fish',
	egg: 'egg dishes',
	leftovers: 'casseroles and anything made hot again',
	plain: 'hot through'
};

export const adviceWords = { good: 'good', caution: 'caution', refused: 'refused' } as const;
export const verdictWords = {
	pass: 'passes',
	'at-risk': 'at risk',
	fail: 'fails as it stands'
} as const;

export const standingLine =
	'Follow your local food-safety authority and your appliance’s manual; where they are stricter, they win.';

/** How it is set, as its words want it. */
const settingsOf = (method: Method, habit: Habit): object => ({
	...method,
	...('ovenC' in method && { ovenC: ovenText(method.ovenC, habit) }),
	...('bathC' in method && { bathC: tempText(method.bathC, habit) })
});

type Said = (set: object) => string;

/** "slow cooker, low", "pressure cooker", "oven 180 °C, covered". */
export const methodText = (method: Method, habit: Habit): string =>
	(appliances[method.appliance].way as Said)(settingsOf(method, habit));

/** The same where room is dear: "Slow low", "Pressure". */
export function methodOnLabel(method: Method, habit: Habit): string {
	const { way, onLabel = way } = appliances[method.appliance];
	const said = (onLabel as Said)(settingsOf(method, habit));
	return said[0].toUpperCase() + said.slice(1);
}

export const stateText = (state: State) => (state === 'frozen' ? 'from frozen' : 'thawed');
