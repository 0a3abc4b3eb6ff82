/**
 * What goes in late, by the plain items of the catalogue (what is like one of them counts with it), and how long it wants. Cook values in minutes at 100 °C, z 33 K: pasta 8 to
 * 12, white rice 12 to 18, tender vegetables as their kind of dish, fish until it flakes. Thickener, soft dairy: minutes.
 * Common practice, no source.
 */
export type LateKind =
	'pasta' | 'rice' | 'small-grains' | 'tender-vegetables' | 'fish' | 'thickener' | 'soft-dairy';

export const lateKinds: Readonly<
	Record<
		LateKind,
		{
			/** minutes at 100 °C, or null when it is a plain time */
			readonly cookMin: { readonly from: number; readonly to: number } | null;
			/** plain minutes in the closed pot before serving */
			readonly plainMin: number | null;
			readonly items: readonly string[];
		}
	>
> = {
	pasta: { cookMin: { from: 8, to: 12 }, plainMin: null, items: ['pasta', 'stuffed pasta'] },
	rice: { cookMin: { from: 12, to: 18 }, plainMin: null, items: ['rice'] },
	'small-grains': {
		cookMin: { from: 5, to: 10 },
		plainMin: null,
		items: ['couscous', 'quinoa', 'polenta']
	},
	'tender-vegetables': {
		cookMin: { from: 2, to: 5 },
		plainMin: null,
		items: ['spinach', 'chard', 'peas', 'courgette', 'green beans', 'broccoli', 'sweetcorn', 'kale']
	},
	fish: {
		cookMin: { from: 3, to: 6 },
		plainMin: null,
		items: ['white fish', 'salmon', 'prawns', 'mussels']
	},
	thickener: { cookMin: null, plainMin: 20, items: ['starch', 'flour'] },
	'soft-dairy': {
		cookMin: null,
		plainMin: 15,
		items: [
			'cream',
			'sour cream',
			'yogurt',
			'soft cheese',
			'milk',
			'buttermilk',
			'hard cheese',
			'feta',
			'coconut milk'
		]
	}
};
