import * as many from '../count.ts';
import type { Shown } from '../shown.ts';

export const powerCut = {
	title: 'After a power cut · Almacen',
	heading: 'After a power cut',
	how: 'Keep the door closed while it lasts. Afterwards: say from when to when, look at each pack the list asks you to, and never taste to find out.',
	freezer: 'Freezer',
	from: 'Power went',
	fromHint: 'when nobody knows: the earliest it can have been',
	to: 'Power came back',
	spanBad:
		'Power went: give the day and the time it went and when it came back, the end after the beginning, at most six weeks apart.',
	outHours: ({ hours }: { hours: number }) => `It was without power for ${many.hours(hours)}.`,
	opened: 'It was opened meanwhile',
	work: 'Show what to do',
	fill: ({ percent }: { percent: Shown }) =>
		`It is ${percent} % full by the list: closed it keeps about`,
	hoursText: ({ hours }: { hours: number }) => `${many.hours(hours)}`,
	holdTitle: 'How long a closed freezer keeps',
	holdRule:
		'48 hours full, 24 hours half full, door closed; in between and below in proportion, the stricter reading.',
	readings: ({ warmest, covered, of }: { warmest: Shown; covered: number; of: number }) =>
		`Its thermometer read ${warmest} at the warmest; its readings cover ${covered} of ${many.hours(of)}.`,
	notCovered:
		'A reading stands for two hours at most: for the rest the hours and what you see decide.',
	noReadings: 'There are no thermometer readings of that time: the hours and what you see decide.',
	ice: 'Ice crystals in it, or 4 °C (40 °F) and colder?',
	iceAnswers: { look: 'not looked yet', yes: 'yes', no: 'no' },
	hardAnswers: { look: 'not pressed yet', yes: 'hard as ever', no: 'soft' },
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
		'warm-unknown': 'warm, no ice in it, and nobody knows for how long',
		'too-long-cold': 'unfrozen for longer than it keeps in a refrigerator',
		'beyond-hours': 'longer than the hours of the rule',
		harmless: 'bread alone or fruit alone: it loses quality only',
		opened: 'the door was opened',
		softened: 'ices go once they were soft: refrozen they are not safe to judge',
		'ice-cream': 'press it: hard as ever stays, soft goes'
	},
	counts: ({
		keep,
		refreeze,
		cook,
		discard,
		look
	}: {
		keep: Shown;
		refreeze: Shown;
		cook: Shown;
		discard: Shown;
		look: Shown;
	}) =>
		`${keep} keep, ${refreeze} freeze again, ${cook} cook now, ${discard} discard, ${look} to look at`,
	print: 'Print the list',
	discardAll: ({ n }: { n: Shown }) => `Discard these ${n}`,
	reason: 'power cut',
	none: 'Nothing lies in this freezer.',
	verdict: 'Verdict'
};

export const temperatures = {
	title: 'Freezer temperatures · Almacen',
	heading: 'Freezer temperatures',
	how: 'Warm spells and a setting that is too warm use up quality: 10 K warmer, three times as fast. Days lost come off the best-by of what lies in it.',
	freezer: 'Freezer',
	add: 'A reading now',
	temp: 'Temperature',
	tempMissing: 'Write a temperature, such as −16 °C.',
	addIt: 'Write it down',
	file: 'A thermometer’s file (CSV)',
	fileHint: 'a column of times and one of temperatures',
	readIn: 'Read it in',
	fromThermometer: 'From the thermometer',
	probe: 'Probe in the freezer',
	noProbe: 'none',
	followIt: 'Follow it',
	followed: 'Followed from now on; there are no new readings yet.',
	silent: 'The thermometer does not answer. Switch it on, then fetch again; nothing is lost.',
	added: ({ n, bad }: { n: number; bad: number }) =>
		`${many.readings(n)} kept${bad > 0 ? `, ${many.lines(bad)} could not be read` : ''}.`,
	nothingNew: 'No new readings.',
	chart: 'The last 30 days',
	none: 'No readings of the last 30 days: the setting counts.',
	summary: ({ warmest, hours }: { warmest: Shown; hours: number }) =>
		`Warmest ${warmest}; ${many.hours(hours)} warmer than −15 °C (5 °F).`,
	set: ({ temp }: { temp: Shown }) => `set to ${temp}`,
	lost: ({ days }: { days: number }) =>
		`Quality life lost in these 30 days beyond that at −18 °C: ${many.days(days)}.`,
	lostTitle: 'Days lost',
	lostRule:
		'Time at a temperature counts as 3 to the power of (T + 18) / 10 days of quality a day; colder than −18 °C counts as −18 °C. Between readings a straight line; without them the setting.',
	packs: 'Brought forward',
	noPacks: 'No best-by is brought forward.',
	badFile: 'Choose the thermometer’s file first.',
	badReading: 'A freezer is between −60 and 60 °C.'
};

export const changeFreezerAnswers = {
	gone: 'This freezer is gone.',
	shelfInUse: ({ packs, shelf }: { packs: number; shelf: Shown }) =>
		`Shelves: “${shelf}” still holds ${many.packs(packs)}. Keep its name, or empty it first.`,
	freezerInUse: ({ packs, freezer }: { packs: number; freezer: Shown }) =>
		`${freezer} still holds ${many.packs(packs)}. Empty it first.`
};

export const freezerFields = {
	name: 'Name',
	kind: 'Kind',
	chestFreezer: 'chest freezer',
	room: 'Room',
	setTo: 'Set to',
	warm: ({ times, usual }: { times: Shown; usual: Shown }) =>
		`warmer than ${usual}: days of quality go ${times} times as fast while it is`,
	shelves: 'Shelves or baskets, one a line'
};
