import type { Shown } from '../shown.ts';

export const already = {
	title: 'What is there already · Almacen',
	heading: 'Write down what is there already',
	how: 'One thing after the other, Enter after each; what you leave open is filled with what is usual. Each gets a code: write it on the bag, or print labels for all of them at the end.',
	name: 'What is it',
	nameHint: 'a dish of yours gets its cook card; bread, peas or bones count as stock',
	nameMissing: 'What is it? A word or two is enough.',
	count: 'How many',
	servings: 'Servings in each',
	mass: 'Weight of each',
	when: 'Frozen',
	whenHint: 'a day, “about March”, or empty when nobody knows: then it is used first',
	whenBad:
		'Frozen: write a day, a month such as “about March”, or leave it empty. It cannot be still to come.',
	group: 'Keeps like',
	groupByName: 'as its name says',
	state: 'State',
	maker: 'Maker’s best-by',
	makerHint: 'for bought food: this date counts',
	bought: 'Bought on',
	cooked: 'Cooked on',
	more: 'More dates',
	shelf: 'Lies in',
	shelfMissing: 'Lies in: choose a shelf.',
	add: 'Write it down',
	adding: 'Writing …',
	done: (n: Shown) => `Written down now (${n})`,
	labels: 'Print labels for these',
	useFirst: 'use first'
};
