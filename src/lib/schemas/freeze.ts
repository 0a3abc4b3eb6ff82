import * as yup from 'yup';
import * as w from '../present/wording/index.ts';
import type { Habit } from '../present/units.ts';
import { day } from './fields.ts';

/** Marking packs frozen whose labels were printed ahead: on which day. */
export const freezeSchema = (habit: Habit, today: string) =>
	yup.object({
		packedOn: day(w.pack.packedOn, habit, today)
			.required(w.packingChecks.packedOnMissing)
			.test('future', w.packingChecks.stillToCome, (value) => !value || value <= today)
	});
