import * as w from '../present/wording/index.ts';
import * as yup from 'yup';
import type { Habit } from '../present/units.ts';
import { amount, oneOf, text, rowNumber } from './fields.ts';
import { vesselKinds, startPlaces } from './choices.ts';

/** A cooling run: the vessel by footprint and depth, or by litres when the depth is left open. */
export function coolingSchema(habit: Habit) {
	return yup.object({
		dishId: rowNumber().optional(),
		name: text(w.coolingChecks.name, 120).required(w.coolingChecks.nameMissing),
		vessel: oneOf(vesselKinds, w.coolingChecks.vessel).required(w.coolingChecks.vesselMissing),
		lengthM: amount('length', habit, {
			label: w.coolingChecks.length,
			min: 0.04,
			max: 0.8
		}).required(w.coolingChecks.lengthMissing),
		widthM: amount('length', habit, { label: w.coolingChecks.width, min: 0.04, max: 0.8 }).when(
			'vessel',
			{
				is: (vessel: string) => vessel !== 'pot',
				then: (s) => s.required(w.coolingChecks.widthMissing)
			}
		),
		depthM: amount('length', habit, {
			label: w.coolingChecks.depth,
			min: 0.003,
			max: 0.5
		}),
		volumeL: amount('volume', habit, { label: w.coolingChecks.amount, min: 0.05, max: 40 }).when(
			'depthM',
			{
				is: (depth: unknown) => depth === undefined,
				then: (s) => s.required(w.coolingChecks.depthOrAmount)
			}
		),
		startC: amount('temperature', habit, {
			label: w.coolingChecks.temperatureNow,
			min: 6,
			max: 105,
			why: w.coolingChecks.hotterThanBoiling
		}).required(w.coolingChecks.tempMissing),
		place: oneOf(startPlaces, w.coolingChecks.place).required(w.coolingChecks.placeMissing),
		lid: yup
			.boolean()
			.transform((_, original) => original === 'on' || original === true)
			.default(false),
		stirred: yup
			.boolean()
			.transform((_, original) => original === 'on' || original === true)
			.default(false),
		iceKg: amount('mass', habit, { label: w.coolingChecks.ice, min: 0, max: 50 })
	});
}

/** A thermometer reading. */
export function readingSchema(habit: Habit) {
	return yup.object({
		tempC: amount('temperature', habit, {
			label: w.coolingChecks.reading,
			min: -30,
			max: 110,
			why: w.coolingChecks.probeOutside
		}).required(w.coolingChecks.readingMissing)
	});
}
