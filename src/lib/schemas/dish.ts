import * as w from '../present/wording/index.ts';
import * as yup from 'yup';
import { dishKindNames } from '../core/published/index.ts';
import { readPieces } from '../core/packing/index.ts';
import {
	itemByName,
	type LineCorrection,
	lineForms,
	longestLine,
	longestPaste,
	mostLines
} from '../core/foods/index.ts';
import { type MeasureName, measures } from '../core/units/index.ts';
import type { Habit } from '../present/units.ts';
import { amount, oneOf, text, wholeNumber } from './fields.ts';
import { instructionTime } from './instruction-time.ts';

export const applianceNames = ['slow-cooker', 'pressure-cooker', 'oven'] as const;
export const instructionStates = ['thawed', 'frozen', 'fresh'] as const;

const correctionSchema = yup.object({
	itemName: yup
		.string()
		.nullable()
		.test('known', (name) => !name || itemByName(name) !== null),
	cut: yup.string().max(120),
	settled: yup.boolean(),
	quantity: yup.number().positive().max(100_000),
	quantityTo: yup.number().nullable().positive().max(100_000),
	unit: yup.string().oneOf(Object.keys(measures) as MeasureName[]),
	stage: yup.string().oneOf(['pack', 'inner', 'cook-day', 'serve'] as const),
	form: yup
		.string()
		.nullable()
		.oneOf([...lineForms, null]),
	optional: yup.boolean(),
	alternatives: yup.array(yup.string().required()).max(6)
});

/** Corrections of lines, by their text; what is none of them is left out. */
export function readCorrections(typed: unknown): Record<string, LineCorrection> {
	let raw: unknown = typed;
	if (typeof typed === 'string')
		try {
			raw = JSON.parse(typed || '{}');
		} catch {
			// only the screen writes this field; without it the lines stand as they are read
			raw = {};
		}
	if (typeof raw !== 'object' || raw === null) return {};
	return Object.fromEntries(
		Object.entries(raw)
			.filter(([, correction]) => correctionSchema.isValidSync(correction))
			.map(([text, correction]) => [
				text,
				correctionSchema.cast(correction, { stripUnknown: true }) as LineCorrection
			])
	);
}

/** A dish as it is entered: pasted lines, method, and the one cooking instruction of its recipe. */
export function dishSchema(habit: Habit) {
	const ifInstruction = <S extends yup.Schema>(then: (schema: S) => S) => ({
		is: (value: unknown) => Boolean(value),
		then
	});
	return yup.object({
		name: text(w.dishChecks.name, 120).required(w.dishChecks.nameMissing),
		servings: wholeNumber({ label: w.dishChecks.servings, min: 1, max: 100 }).required(
			w.dishChecks.servingsMissing
		),
		kind: oneOf(dishKindNames, w.dishChecks.kind).required(w.dishChecks.kindMissing),
		state: oneOf(['raw', 'cooked'], w.dishChecks.state).required(w.dishChecks.stateMissing),
		lines: yup
			.string()
			.trim()
			.max(longestPaste, w.dishChecks.linesTooLong({ most: longestPaste.toLocaleString('en') }))
			.required(w.dishChecks.linesMissing)
			.test(
				'lines',
				w.dishChecks.tooManyLines({ most: mostLines }),
				(value) => (value ?? '').split('\n').filter((line) => line.trim()).length <= mostLines
			)
			.test('long-line', function (value) {
				const at = (value ?? '').split('\n').findIndex((line) => line.trim().length > longestLine);
				return (
					at < 0 ||
					this.createError({
						message: w.dishChecks.lineTooLong({ line: at + 1, most: longestLine })
					})
				);
			}),
		corrections: yup
			.mixed<Record<string, LineCorrection>>()
			.transform((_, original) => readCorrections(original)),
		method: text(w.dishChecks.method, longestPaste),
		addOnDay: text(w.dishChecks.addOnDay, 300),
		pieces: text(w.dishForm.pieces, 60).test(
			'pieces',
			w.dishChecks.pieces,
			(typed) => !typed || readPieces(typed) !== null
		),
		appliance: oneOf(applianceNames, w.dishChecks.appliance),
		setting: oneOf(['low', 'high'], w.dishChecks.setting).when('appliance', {
			is: 'slow-cooker',
			then: (s) => s.required(w.dishChecks.settingMissing)
		}),
		ovenC: amount('temperature', habit, { label: w.dishChecks.oven, min: 60, max: 260 }).when(
			'appliance',
			{
				is: 'oven',
				then: (s) => s.required(w.dishChecks.ovenMissing)
			}
		),
		instructionState: oneOf(instructionStates, w.dishChecks.instructionState).when(
			'appliance',
			ifInstruction((s) => s.required(w.dishChecks.instructionStateMissing))
		),
		lid: oneOf(['covered', 'open'] as const, w.dishChecks.lid),
		fromMin: instructionTime(w.dishChecks.timeFrom, habit).when(
			'appliance',
			ifInstruction((s) => s.required(w.dishChecks.timeMissing))
		),
		toMin: instructionTime(w.dishChecks.timeTo, habit).test(
			'order',
			w.dishChecks.timeOrder,
			function (value) {
				const from = (this.parent as { fromMin?: number }).fromMin;
				return value === undefined || from === undefined || value >= from;
			}
		)
	});
}
