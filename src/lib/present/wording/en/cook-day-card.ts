import type { Shown } from '../shown.ts';

export const cookDayCard = {
	headings: {
		take: 'Take it out',
		cook: 'Cook it',
		add: 'Add on the day',
		serve: 'To go with it',
		mind: 'Mind'
	},
	thaw: (temp: Shown, time: Shown) =>
		`Free of ice after about ${time} in a refrigerator at ${temp}.`,
	thawOvernight: 'Thaw it in the refrigerator; thick packs need a day or more.',
	rawOnTray: 'Raw: on a tray, on the lowest shelf, so that nothing drips.',
	keeps: (days: Shown) =>
		`Once thawed it keeps ${days} ${days === 1 ? 'day' : 'days'} in the refrigerator.`,
	done: (temp: Shown) => `It is done at ${temp} in the middle of the thickest piece: measure.`,
	star: '* With care: first hour on high, or cook it another way. No: not this way.',
	packed: (day: Shown) =>
		`Frozen on ${day}. Thawed in the refrigerator it may be frozen again; otherwise not.`,
	careful: 'More care for young children, in pregnancy, for older people and weak immune systems.'
};
