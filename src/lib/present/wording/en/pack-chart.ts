import type { Shown } from '../shown.ts';

export const packChart = {
	title: 'Freezing, and thawing again',
	hours: (h: Shown) => `${h} h`,
	freezing: (at: Shown) => `freezing at ${at}, warmest point`,
	refrigerator: (at: Shown) => `thawing at ${at}, coldest point`,
	water: (at: Shown) => `in cold water at ${at}, coldest point`,
	single:
		'A single pack with air or water all round; stacked packs or a loaded freezer take two to three times as long.'
};
