import type { Shown } from '../shown.ts';

export const probes = {
	empty: 'The file is empty. It needs a line for each reading: time and temperature.',
	noColumns:
		'No columns for time and temperature were found. Name them “time” and “temperature” in the first line, or write minutes since the start under “minutes”.',
	badTemp: (cell: Shown) => `“${cell}” is no temperature.`,
	badTime: (cell: Shown) => `“${cell}” is no time. Write 2026-11-28 14:05, 14:05 or minutes.`,
	farTime: (cell: Shown) =>
		`“${cell}” lies more than a year from this run. Is the thermometer’s clock set?`,
	file: 'A thermometer’s file (CSV)',
	fileHint: 'Columns time and temperature. What is there already is not added twice.',
	readFile: 'Read it in',
	read: (count: Shown, twice: Shown) => `${count} readings added, ${twice} were there already.`,
	problem: (line: Shown, message: Shown) => `Line ${line}: ${message}`,
	noFile: 'Choose a file first.',
	follow: 'Follow a probe',
	none: 'no probe',
	followIt: 'Follow it',
	unreachable:
		'The thermometer does not answer. Readings by hand count all the same; when it is back, what it has kept is fetched.',
	notThere:
		'No thermometer is connected. Set ALMACEN_THERMOMETER to its address; docs/thermometer.md says what it must speak.',
	doubtful: (count: Shown) =>
		`${count} readings cannot be those of food here (hotter than boiling, or fallen at once): is the probe still in the middle? They are kept, not counted. A reading by hand settles it.`,
	calendar: 'Both limits to the calendar',
	locked: 'Alarms of this page do not sound on a locked phone: put the limits into its calendar.',
	eventName: (name: Shown, temp: Shown) => `${name}: must be at ${temp} now`,
	eventText: (limit: Shown) => `Measure it in the middle. ${limit}`
};
