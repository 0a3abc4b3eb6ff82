import * as yup from 'yup';
import { type DishStep, stepPlaces } from '../core/steps/index.ts';
import * as w from '../present/wording/index.ts';
import { text } from './fields.ts';
import { readTyped } from './read-typed.ts';

/** A proposal of the freezer check, taken for one line. */
export const proposalSchema = yup.object({
	line: yup.number().integer().min(0).required(),
	proposal: yup
		.string()
		.oneOf(['cook-day', 'serve', 'cook-short', 'freeze-anyway'] as const)
		.required()
});

/** A note for next time. */
export const dishNoteSchema = yup.object({
	text: text(w.dishCare.newNote, 500).required(w.dishCare.noteNeeded)
});

const stepsSchema = yup
	.array(
		yup.object({
			text: yup.string().trim().max(200).required(),
			minutes: yup.number().min(0).max(2880).required(),
			perBatchMin: yup.number().min(0).max(2880).required(),
			hands: yup.boolean().required(),
			place: yup
				.string()
				.oneOf([...stepPlaces])
				.required(),
			after: yup.array(yup.number().integer().min(0).required()).required(),
			ovenC: yup.number().min(40).max(300),
			sentence: yup.string().trim().max(2000),
			tendMin: yup.number().min(0).max(2880),
			maxWaitMin: yup.number().min(0).max(2880).nullable(),
			heats: yup.boolean(),
			pieces: yup.number().integer().min(1).max(2000),
			perTray: yup.number().integer().min(1).max(500)
		})
	)
	.max(40)
	.required();

/** Steps as a screen sends them, as JSON; undefined when they are none. One waits only for those before it. */
export function readSteps(typed: string): DishStep[] | undefined {
	const read = readTyped(stepsSchema, typed);
	return read?.map((step, i) => ({ ...step, after: step.after.filter((before) => before < i) }));
}
