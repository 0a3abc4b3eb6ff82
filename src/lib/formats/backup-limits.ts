import * as yup from 'yup';
import { isDay } from '../core/units/index.ts';

/** What a number can be, by the unit its column's name ends with; beyond it no page knows what to do with it. */
const byUnit: readonly (readonly [name: RegExp, least: number, most: number])[] = [
	[/(^|A)tMs$|Ms$/, 0, Date.UTC(2200, 0, 1)],
	[/^(id|.*Id)$/, 1, 2_147_483_647],
	[/altitudeM$/, -500, 9_000],
	[/C$/, -90, 400],
	[/Kg$/, 0, 10_000],
	[/L$/, 0, 100_000],
	[/Min$/, -100_000, 100_000],
	[/Cents$/, 0, 1e9],
	[/Months$/, 0, 1_200],
	[/01$/, 0, 1],
	[/[a-z]M$/, 0, 100],
	[/^(servings|eaters|of|number|owned|batches|usualBatches)$/, 0, 100_000],
	[/./, -1e12, 1e12]
];

/** Longest text of any form (a pasted recipe) and of a picture, characters. */
const longestText = 200_000;
const longestPicture = 8_000_000;
const deepest = 24;

/** Why a value cannot stand in a column of this name; null: it can. */
export function whyNot(name: string, value: unknown): string | null {
	if (typeof value === 'number') {
		const [, least, most] = byUnit.find(([pattern]) => pattern.test(name))!;
		return value >= least && value <= most ? null : `${name} is ${value}`;
	}
	if (typeof value === 'string') return whyNotText(name, value);
	return value !== null && typeof value === 'object' ? whyNotJson(value, deepest) : null;
}

function whyNotText(name: string, value: string): string | null {
	if (value.length > (name === 'jpeg' ? longestPicture : longestText)) return `${name} is too long`;
	if (value.includes('\0')) return `${name} has a character that no text holds`;
	if (name === 'timeZone' && !isTimeZone(value)) return `"${value.slice(0, 40)}" is no time zone`;
	return /^\d{4}-\d\d-\d\d$/.test(value) && !isDay(value) ? `${value} is no day` : null;
}

/** What lies within a JSON column: names that would reach into every object, endless nesting, text as above. */
function whyNotJson(value: object, left: number): string | null {
	if (left === 0) return 'it is nested too deep';
	for (const [name, inner] of Object.entries(value)) {
		if (name === '__proto__' || name === 'constructor' || name === 'prototype')
			return `"${name}" is no name`;
		const why =
			typeof inner === 'string'
				? whyNotText(name, inner)
				: inner !== null && typeof inner === 'object'
					? whyNotJson(inner, left - 1)
					: null;
		if (why) return why;
	}
	return null;
}

function isTimeZone(name: string): boolean {
	try {
		new Intl.DateTimeFormat('en', { timeZone: name });
		return true;
	} catch (error) {
		if (error instanceof RangeError) return false;
		throw error;
	}
}

/** A row of a file whose every value can stand in its column. */
export const withinLimits = (row: yup.ObjectSchema<yup.AnyObject>) =>
	row.test('limits', (value, context) => {
		for (const [name, inner] of Object.entries(value ?? {})) {
			const why = whyNot(name, inner);
			if (why) return context.createError({ message: why });
		}
		return true;
	});
