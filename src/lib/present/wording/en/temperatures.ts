import type { Shown } from '../shown.ts';

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
	added: (n: Shown, bad: Shown) =>
		`${n} readings kept${Number(bad) > 0 ? `, ${bad} lines could not be read` : ''}.`,
	nothingNew: 'No new readings.',
	chart: 'The last 30 days',
	none: 'No readings of the last 30 days: the setting counts.',
	summary: (warmest: Shown, hours: Shown) =>
		`Warmest ${warmest}; ${hours} hours warmer than −15 °C (5 °F).`,
	set: (temp: Shown) => `set to ${temp}`,
	lost: (days: Shown) => `Quality life lost in these 30 days beyond that at −18 °C: ${days} days.`,
	lostTitle: 'Days lost',
	lostRule:
		'Time at a temperature counts as 3 to the power of (T + 18) / 10 days of quality a day; colder than −18 °C counts as −18 °C. Between readings a straight line; without them the setting.',
	packs: 'Brought forward',
	noPacks: 'No best-by is brought forward.',
	badFile: 'Choose the thermometer’s file first.',
	badReading: 'A freezer is between −60 and 60 °C.'
};
