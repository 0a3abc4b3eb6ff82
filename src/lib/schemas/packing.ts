import * as w from '../present/wording/index.ts';
import * as yup from 'yup';
import { containerKeys } from '../core/published/index.ts';
import { addMonths } from '../core/units/index.ts';
import type { Habit } from '../present/units.ts';
import { amount, day, oneOf, ticked, wholeNumber, rowNumber } from './fields.ts';

/** Dividing a batch into packs. `today` is the household's day: nothing was packed in the future or long ago. */
export function packingSchema(habit: Habit, today: string) {
	return yup.object({
		dishId: rowNumber().required(w.packingChecks.dishMissing),
		coolingRunId: rowNumber().transform((_, original) => (original ? Number(original) : undefined)),
		count: wholeNumber({ label: w.packingChecks.packs, min: 1, max: 40 }).required(
			w.packingChecks.packsMissing
		),
		servings: wholeNumber({ label: w.packingChecks.servings, min: 1, max: 24 }).required(
			w.packingChecks.servingsMissing
		),
		container: oneOf(containerKeys, w.packingChecks.container).required(
			w.packingChecks.containerMissing
		),
		massKg: amount('mass', habit, {
			label: w.packingChecks.mass,
			min: 0.02,
			max: 8
		}).required(w.packingChecks.massMissing),
		lengthM: amount('length', habit, {
			label: w.packingChecks.length,
			min: 0.02,
			max: 0.6
		}),
		widthM: amount('length', habit, {
			label: w.packingChecks.width,
			min: 0.02,
			max: 0.6
		}),
		thicknessM: amount('length', habit, {
			label: w.packingChecks.thickness,
			min: 0.003,
			max: 0.2
		}),
		packedOn: day('Packed on', habit, today)
			.required(w.packingChecks.packedOnMissing)
			.test('future', w.packingChecks.stillToCome, (value) => !value || value <= today)
			.test('past', w.packingChecks.longAgo, (value) => !value || value >= addMonths(today, -24)),
		bestBy: day('Best by', habit, today)
			.test('past', w.packingChecks.bestByBefore, function (value) {
				const packedOn = (this.parent as { packedOn?: string }).packedOn;
				return !value || !packedOn || value > packedOn;
			})
			.test('passed', w.packingChecks.bestByPassed, (value) => !value || value >= today),
		ahead: ticked(),
		boughtFrozen: oneOf(
			['still-frozen', 'refrigerator', 'otherwise'] as const,
			w.packingChecks.boughtFrozen
		),
		cookedOn: day(w.already.cooked, habit, today),
		shelfId: rowNumber()
			.typeError(w.packingChecks.shelfMissing)
			.required(w.packingChecks.shelfMissing)
	});
}
