import type { Shown } from '../shown.ts';

export const linesEditor = {
	how: 'Correct what was misread; it is kept with the line.',
	item: 'item',
	cut: 'cut',
	where: 'where',
	form: 'comes',
	optional: 'optional',
	alternatives: 'or',
	unknown: 'not in the catalogue',
	noForm: '–',
	forms: { raw: 'raw', cooked: 'cooked', canned: 'canned', frozen: 'frozen' },
	of: (what: Shown, line: Shown) => `${what} of “${line}”`,
	reset: 'As it was read'
};
