import type { Shown } from '../shown.ts';

export const cookLog = {
	title: 'How did it go?',
	why: 'Times and core temperatures of real cooks correct your slow cooker and oven, on the page where appliances are measured.',
	way: 'Cooked in',
	wayWhich: 'Cooked in: choose the appliance.',
	from: 'From',
	fromWhich: 'From: choose how it went in.',
	minutes: 'Time set',
	minutesHow:
		'Time set: how long was it in, such as 6 h 30? Under pressure: the minutes at pressure.',
	core: 'Core temperature then, if measured',
	outcome: 'It was',
	under: 'not done yet',
	right: 'just right',
	over: 'overdone',
	noIdea: 'no verdict',
	note: 'Note for next time',
	keep: 'Keep it',
	kept: (times: Shown) => `Written down; cooked ${times} so far.`,
	notCooked: 'Mark the pack cooked first; then write down how it went.',
	noSuchWay: 'Cooked in: this way is not on the card any more. Load the page again.',
	line: (when: Shown, way: Shown, minutes: Shown) => `${when}: ${way}, ${minutes}`,
	coreWas: (core: Shown) => `, core ${core}`
};
