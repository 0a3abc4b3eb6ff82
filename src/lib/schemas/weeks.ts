import * as yup from 'yup';
import { isDay } from '../core/units/index.ts';
import * as w from '../present/wording/index.ts';
import { text, wholeNumber } from './fields.ts';

/** A meal that is put on a day: packs by their codes, or a note. */
export const mealSchema = () =>
	yup.object({
		onDay: yup
			.string()
			.required(w.weeks.nothingChosen)
			.test('day', w.weeks.nothingChosen, (day) => isDay(day)),
		codes: text(w.weeks.choose, 400),
		note: text(w.weeks.note, 80)
	});

/** How many usually eat. */
export const whoSchema = yup.object({
	eaters: wholeNumber({ label: w.weeks.who, min: 1, max: 100 }).required(w.weeks.badWho)
});
