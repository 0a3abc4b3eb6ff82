import type { Shown } from '../shown.ts';

export const onATimer = {
	title: 'Slow cooker on a timer',
	how: 'Waiting switched off, food is as warm as the kitchen: those hours count with the rest.',
	waits: 'It waits switched off for',
	warm: 'and is kept warm afterwards for',
	hint: 'hours and minutes, 2 h 30',
	look: 'What that means',
	computing: 'Computing…',
	bad: 'Write a time, 2 h 30 or 90 min; a day at most.',
	line: (way: Shown, hours: Shown, worst: Shown, range: Shown, without: Shown) =>
		`${way}: its worst part is ${hours} between ${range} (${worst} at the unfavourable end; ${without} without waiting).`,
	why: {
		title: 'Waiting in the slow cooker',
		rule: 'The same model as for cooking, with the cooker switched off first and on its warm setting (80 W for a 5.7-litre one) afterwards; the hours any part spends in the danger range are added up over all of it.'
	}
};
