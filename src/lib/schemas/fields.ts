import * as w from '../present/wording/index.ts';
import * as yup from 'yup';
import { isDay } from '../core/units/index.ts';
import {
	lengthText,
	massText,
	tempText,
	roomText,
	volumeText,
	altitudeText,
	type Habit
} from '../present/units.ts';
import { dayText, durationText } from '../present/time.ts';
import { dayFromText } from './day-text.ts';
import { numberFromText, quantityFromText, unitHint, type Dimension } from './quantity-text.ts';

const shownLimit: Record<Dimension, (value: number, habit: Habit) => string> = {
	mass: massText,
	volume: volumeText,
	room: roomText,
	length: lengthText,
	altitude: altitudeText,
	temperature: tempText,
	power: (w) => `${w} W`,
	minutes: (min) => durationText(min)
};
const example: Record<Dimension, (habit: Habit) => string> = {
	mass: (h) => (h.system === 'us' ? '2½ lb' : '1.2 kg'),
	volume: (h) => (h.system === 'us' ? '6 cups' : '1.5 L'),
	room: (h) => (h.system === 'us' ? '7 cu ft' : '200 L'),
	length: (h) => (h.system === 'us' ? '1¼ in' : '3 cm'),
	altitude: (h) => (h.system === 'us' ? '4700 ft' : '1450 m'),
	temperature: (h) => (h.temperature === 'f' ? '203 °F' : '95 °C'),
	power: () => '250 W',
	minutes: () => '6 h 30'
};

const isBlank = (value: unknown) =>
	value === undefined || value === null || String(value).trim() === '';

/** An amount typed in any unit of its dimension, with limits in canonical units. */
export function amount(
	dimension: Dimension,
	habit: Habit,
	options: { label: string; min: number; max: number; why?: string }
) {
	const show = (value: number) => shownLimit[dimension](value, habit);
	return yup
		.number()
		.transform((_, original) =>
			isBlank(original)
				? undefined
				: typeof original === 'number'
					? original
					: quantityFromText(String(original), dimension, habit)
		)
		.typeError(w.fieldsChecks.amount({ label: options.label, example: example[dimension](habit) }))
		.min(options.min, w.fieldsChecks.atLeast({ label: options.label, least: show(options.min) }))
		.max(
			options.max,
			w.fieldsChecks.atMost({
				label: options.label,
				most: show(options.max),
				why: options.why ? ` ${options.why}` : ''
			})
		)
		.meta({ unit: unitHint(dimension, habit) });
}

/** A whole number without a unit. */
export function wholeNumber(options: { label: string; min: number; max: number }) {
	return yup
		.number()
		.transform((_, original) => (isBlank(original) ? undefined : numberFromText(String(original))))
		.typeError(w.fieldsChecks.wholeNumber({ label: options.label }))
		.integer(w.fieldsChecks.wholeNumber({ label: options.label }))
		.min(options.min, w.fieldsChecks.atLeast({ label: options.label, least: options.min }))
		.max(options.max, w.fieldsChecks.atMostNumber({ label: options.label, most: options.max }));
}

/** A day typed in any usual way, as YYYY-MM-DD. */
export function day(label: string, habit: Habit, today: string) {
	return yup
		.string()
		.trim()
		.transform((value: string | undefined) =>
			isBlank(value) ? undefined : (dayFromText(String(value), habit, today) ?? value)
		)
		.test(
			'day',
			w.fieldsChecks.day({ label, example: dayText(today, habit) }),
			(value) => value === undefined || isDay(value)
		);
}

/** One of a list, with a message that names the field. */
export function oneOf<const T extends string>(values: readonly T[], label: string) {
	return yup
		.string()
		.transform((value: string | undefined) => (isBlank(value) ? undefined : value))
		.oneOf([...values], w.fieldsChecks.choose({ label }));
}

/** Text of limited length; blank is undefined. */
export function text(label: string, most: number) {
	return yup
		.string()
		.trim()
		.transform((value: string | undefined) => (isBlank(value) ? undefined : value))
		.max(most, w.fieldsChecks.tooLong({ label, most: most.toLocaleString('en') }));
}

/** A box that is ticked or not. */
export function ticked() {
	return yup
		.boolean()
		.transform((_, original) => original === 'on' || original === true)
		.default(false);
}

/** A row's number as forms send it: no bigger than a column holds. */
export const rowNumber = () => yup.number().integer().min(0).max(999_999_999);
