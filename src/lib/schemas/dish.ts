import * as yup from 'yup';
import { dishKindNames } from '../core/tables/dish-kinds.ts';
import type { Habit } from '../present/units.ts';
import { amount, oneOf, text, wholeNumber } from './fields.ts';

export const applianceNames = ['slow-cooker', 'pressure-cooker', 'oven'] as const;
export const instructionStates = ['thawed', 'frozen', 'fresh'] as const;
export const mostLines = 80;
/** Longest paste taken, characters. */
export const longestPaste = 20_000;

/** A dish as it is entered: pasted lines, method, and the one cooking instruction of its recipe. */
export function dishSchema(habit: Habit) {
	const ifInstruction = <S extends yup.Schema>(then: (schema: S) => S) => ({
		is: (value: unknown) => Boolean(value),
		then
	});
	return yup.object({
		name: text('Name', 120).required('Name: what is it called?'),
		servings: wholeNumber({ label: 'Servings', min: 1, max: 100 }).required(
			'Servings: how many does the recipe feed?'
		),
		kind: oneOf(dishKindNames, 'Kind').required('Kind: choose the one that comes nearest.'),
		state: oneOf(['raw', 'cooked'], 'Raw or cooked').required(
			'Raw or cooked: how does it go into the freezer?'
		),
		lines: yup
			.string()
			.trim()
			.max(
				longestPaste,
				`Ingredients: that is more than one recipe (at most ${longestPaste.toLocaleString('en')} characters). Paste the ingredient lines of one dish; nothing was saved yet.`
			)
			.required('Ingredients: paste or type at least one line.')
			.test(
				'lines',
				`Ingredients: at most ${mostLines} lines. Split the dish in two.`,
				(value) => (value ?? '').split('\n').filter((line) => line.trim()).length <= mostLines
			),
		method: text('Method', longestPaste),
		addOnDay: text('To add on the day', 300),
		appliance: oneOf(applianceNames, 'Appliance'),
		setting: oneOf(['low', 'high'], 'Setting').when('appliance', {
			is: 'slow-cooker',
			then: (s) => s.required('Setting: low or high?')
		}),
		ovenC: amount('temperature', habit, { label: 'Oven', min: 60, max: 260 }).when('appliance', {
			is: 'oven',
			then: (s) => s.required('Oven: at what temperature?')
		}),
		instructionState: oneOf(instructionStates, 'From').when(
			'appliance',
			ifInstruction((s) => s.required('From: does the recipe start thawed, frozen or fresh?'))
		),
		fromMin: amount('minutes', habit, { label: 'Time from', min: 1, max: 24 * 60 }).when(
			'appliance',
			ifInstruction((s) => s.required('Time: how long does the recipe say?'))
		),
		toMin: amount('minutes', habit, { label: 'Time to', min: 1, max: 24 * 60 }).test(
			'order',
			'Time to: not shorter than the time before it.',
			function (value) {
				const from = (this.parent as { fromMin?: number }).fromMin;
				return value === undefined || from === undefined || value >= from;
			}
		)
	});
}
