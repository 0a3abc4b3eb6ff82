import type { Shown } from '../shown.ts';

export const powerCut = {
	title: 'After a power cut · Almacen',
	heading: 'After a power cut',
	how: 'Keep the door closed while it lasts. Afterwards: say how long, look at each pack the list asks you to, and never taste to find out.',
	freezer: 'Freezer',
	hours: 'Without power, hours',
	hoursBad: 'Write hours, such as 9 or 30.5.',
	opened: 'It was opened meanwhile',
	work: 'Show what to do',
	fill: (percent: Shown) => `It is ${percent} % full by the list: closed it keeps about`,
	hoursText: (hours: Shown) => `${hours} hours`,
	holdTitle: 'How long a closed freezer keeps',
	holdRule:
		'48 hours full, 24 hours half full, door closed; in between and below in proportion, the stricter reading.',
	readings: (warmest: Shown, hours: Shown) =>
		`Its thermometer read ${warmest} at the warmest, and ${hours} hours above 4 °C.`,
	noReadings: 'There are no thermometer readings of that time: the hours and what you see decide.',
	ice: 'Ice crystals in it, or 4 °C (40 °F) and colder?',
	iceAnswers: { look: 'not looked yet', yes: 'yes', no: 'no' },
	outcomes: {
		keep: 'keep',
		refreeze: 'freeze again',
		'cook-now': 'cook now',
		discard: 'discard',
		look: 'look at it'
	},
	reasons: {
		'within-hours': 'within the hours a closed freezer keeps',
		'ice-or-cold': 'ice in it, or never above 4 °C (40 °F)',
		'warm-short': 'above 4 °C (40 °F) for at most two hours',
		'warm-long': 'above 4 °C (40 °F) for more than two hours',
		'beyond-hours': 'longer than the hours of the rule',
		harmless: 'bread or fruit: it loses quality only',
		opened: 'the door was opened'
	},
	counts: (keep: Shown, refreeze: Shown, cook: Shown, discard: Shown, look: Shown) =>
		`${keep} keep, ${refreeze} freeze again, ${cook} cook now, ${discard} discard, ${look} to look at`,
	print: 'Print the list',
	discardAll: (n: Shown) => `Discard these ${n}`,
	reason: 'power cut',
	none: 'Nothing lies in this freezer.',
	verdict: 'Verdict'
};
