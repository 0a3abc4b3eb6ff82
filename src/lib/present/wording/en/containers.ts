import type { Shown } from '../shown.ts';

export const containersPage = {
	title: 'Containers · Almacen',
	heading: 'Containers you freeze in',
	how: 'How many you own. Bags and wraps go down as they are filled; tubs, jars, pans and plates come back when their pack is eaten. Leave open what you do not count.',
	container: 'Container',
	owned: 'There are',
	left: 'Free now',
	save: 'Save',
	saved: 'Saved.',
	bad: 'Write a whole number up to 1,000, or leave it empty.',
	link: 'Containers',
	fill: (litres: Shown) => `takes about ${litres} of soup`
};
