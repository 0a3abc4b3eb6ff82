import type { Shown } from '../shown.ts';

export const dishCare = {
	title: 'Freezer check',
	fine: 'Nothing in the pack freezes badly, as far as it is known.',
	reasons: {
		'dairy-separates': 'separates and turns grainy',
		'egg-white-rubbery': 'the white turns rubbery',
		'potato-mealy': 'turns soft and mealy',
		'pasta-mushy': 'turns mushy when it was cooked soft',
		limp: 'turns limp and watery',
		'thickener-weeps': 'the thickened sauce weeps or curdles',
		'mayonnaise-separates': 'separates',
		'fried-soggy': 'turns soggy'
	},
	proposals: {
		'cook-day': 'Keep it back for the day',
		serve: 'Add it when serving',
		'cook-short': 'Cook it short of done',
		'other-form': 'Freeze it cooked or mashed, or thicken with waxy-rice flour',
		'freeze-anyway': 'Freeze it in: house rule'
	},
	shortNote: 'boiled short of done',
	partCooked: 'Not allowed: meat only browned now and finished another day.',
	partCookedHow: (sentence: Shown) =>
		`“${sentence}” Cook it through before freezing, or leave it raw in the pack.`,
	nutrition: 'Energy and nutrients, approximate',
	perServing: (kj: Shown, kcal: Shown) => `${kj} kJ (${kcal} kcal) a serving`,
	grams: (protein: Shown, fat: Shown, carbohydrate: Shown, fibre: Shown) =>
		`protein ${protein} g, fat ${fat} g, carbohydrate ${carbohydrate} g, fibre ${fibre} g`,
	nutritionRule:
		'Sum of the lines’ compositions, raw, divided by servings; nothing lost or gained in cooking. Energy by the general Atwater factors.',
	knownLines: 'lines with known weight',
	notes: 'Notes',
	newNote: 'What to do otherwise next time',
	keepNote: 'Keep the note',
	noteNeeded: 'Write a note first.',
	export: 'Take it along',
	asJson: 'as a recipe file (JSON)',
	asText: 'as text',
	scale: 'Scale it',
	scaleServings: 'Servings',
	scaleByMeat: (item: Shown) => `or by the ${item} you have`,
	scaled: (servings: Shown) => `For ${servings} servings`,
	whole: (from: Shown) => `instead of ${from}`,
	scaleBad: 'Write a number of servings, or a weight such as 1.3 kg.',
	allergensField: 'Contains, as you know it',
	allergensKeep: 'Correct it',
	allergensAsRead: 'As the lines say',
	allergensCorrected: 'corrected by hand',
	versions: 'Earlier versions',
	versionUntil: (day: Shown, name: Shown, lines: Shown) => `until ${day}: ${name}, ${lines} lines`,
	versionBack: 'Make it so again',
	component: 'Part of other dishes',
	componentHow: 'Its packs count as this item on shopping lists',
	componentNone: 'no: a dish of its own',
	componentKeep: 'Keep'
};
