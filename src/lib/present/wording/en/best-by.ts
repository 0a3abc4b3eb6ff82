import type { Shown } from '../shown.ts';

export const bestBy = {
	bestBy: 'Best by',
	theShortestQualityTime: (a: Shown, b: Shown) =>
		`The shortest quality time of what is in it, by the low end of the published range. Food kept at ${a} stays safe for longer; it loses quality. A freezer warmer than ${b} shortens it.`,
	packedOn: 'packed on',
	whatLimitsIt: 'what limits it',
	months: 'months',
	to: (a: Shown, b: Shown) => `${a} to ${b}`,
	freezerSetTo: 'freezer set to',
	highEndOfThe: 'high end of the range',
	theDayWasWritten: 'the day was written by hand',
	computed: 'computed',
	noFigure: 'no figure',
	noPublishedFigure: 'no published figure'
};
