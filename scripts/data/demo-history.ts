import type { ApplianceName } from '../../src/lib/core/appliances/index.ts';

/** Packs of a dish that are eaten by now: when they were packed, how many, and after how many days each was out. Invented. */
export interface PastPacking {
	dish: string;
	daysAgo: number;
	outAfter: number[];
	/** of those thrown away, by their place: why */
	thrown?: Record<number, string>;
	/** how those eaten were written down, by their place; `took01`: real over computed minutes to that core */
	cooks?: Record<number, PastCook>;
}
export interface PastCook {
	way: ApplianceName;
	coreC: number;
	/** real minutes over those computed for its kind */
	took01?: number;
	/** or the minutes themselves */
	setMin?: number;
	outcome: 'under' | 'right' | 'over';
	enough?: 'too-little' | 'enough' | 'too-much';
	note?: string;
}

const slow = (took01: number, coreC: number): PastCook => ({
	way: 'slow-cooker',
	took01,
	coreC,
	outcome: 'right',
	enough: 'enough'
});
const dry = (coreC: number, note = ''): PastCook => ({
	way: 'pressure-cooker',
	setMin: 36,
	coreC,
	outcome: 'over',
	enough: 'enough',
	note
});

/** A slow cooker some 18 % slow, chicken that comes out dry under pressure, dal that is always gone, ragù nobody is in a hurry for. */
export const history: PastPacking[] = [
	{
		dish: 'dal',
		daysAgo: 250,
		outAfter: [2, 5, 9]
	},
	{ dish: 'dal', daysAgo: 190, outAfter: [3, 4, 8] },
	{ dish: 'dal', daysAgo: 133, outAfter: [1, 6, 10] },
	{ dish: 'dal', daysAgo: 96, outAfter: [2, 6, 9], cooks: { 2: slow(1.22, 58) } },
	{
		dish: 'tagine',
		daysAgo: 230,
		outAfter: [21, 60, 88],
		cooks: { 0: slow(1.1, 62), 2: slow(1.25, 60) }
	},
	{
		dish: 'tagine',
		daysAgo: 140,
		outAfter: [12, 40, 71],
		cooks: {
			0: slow(1.16, 64),
			1: { ...slow(0.62, 61), note: 'clock read wrong?' },
			2: slow(1.3, 60)
		}
	},
	{
		dish: 'chicken',
		daysAgo: 170,
		outAfter: [20, 44, 90, 120],
		cooks: { 1: dry(86, 'dry'), 2: dry(85), 3: dry(87, 'dry again') }
	},
	{ dish: 'ragu', daysAgo: 330, outAfter: [210, 240], thrown: { 1: 'freezer burnt' } },
	{ dish: 'ragu', daysAgo: 280, outAfter: [200, 215, 230], thrown: { 2: 'freezer burnt' } },
	{
		dish: 'pork',
		daysAgo: 200,
		outAfter: [30, 52],
		cooks: {
			0: { ...slow(1.2, 55), enough: 'too-much' },
			1: { way: 'oven', took01: 1.04, coreC: 66, outcome: 'right', enough: 'too-much' }
		}
	},
	{
		dish: 'bake',
		daysAgo: 120,
		outAfter: [8, 33, 60],
		thrown: { 1: 'thawed on the counter and forgotten' },
		cooks: {
			0: { way: 'oven', took01: 0.97, coreC: 68, outcome: 'right', enough: 'enough' },
			2: { way: 'oven', took01: 1.09, coreC: 64, outcome: 'right', enough: 'enough' }
		}
	}
];
