import type { Shown } from '../shown.ts';

export const menu = {
	menuAlmacen: 'Menu · Almacen',
	writeADish: 'Write a dish',
	startWithTheDish:
		'Start with the dish on the stove: paste its ingredients, say what kind it is and how its recipe cooks it. Cooling, labels and cooking times follow from that.',
	dish: 'dish',
	kind: 'kind',
	frozenAs: 'frozen as',
	servings: 'servings',
	keptAsText: (a: Shown) => `${a} kept as text`,
	oneDish: 'One dish'
};
