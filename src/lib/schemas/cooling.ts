import * as yup from 'yup';
import type { Habit } from '../present/units.ts';
import { amount, oneOf, text } from './fields.ts';

export const vesselKinds = ['pot', 'dish', 'tray'] as const;
export type VesselKind = (typeof vesselKinds)[number];
export const startPlaces = ['counter', 'ice-bath', 'refrigerator'] as const;

/** A cooling run: the vessel by footprint and depth, or by litres when the depth is left open. */
export function coolingSchema(habit: Habit) {
	return yup.object({
		dishId: yup.number().integer().optional(),
		name: text('What is cooling', 120).required('What is cooling?'),
		vessel: oneOf(vesselKinds, 'Vessel').required('Vessel: pot, dish or tray?'),
		lengthM: amount('length', habit, { label: 'Length or diameter', min: 0.04, max: 0.8 }).required(
			'Length or diameter: measure the inside.'
		),
		widthM: amount('length', habit, { label: 'Width', min: 0.04, max: 0.8 }).when('vessel', {
			is: (vessel: string) => vessel !== 'pot',
			then: (s) => s.required('Width: measure the inside.')
		}),
		depthM: amount('length', habit, { label: 'Depth of the food', min: 0.003, max: 0.5 }),
		volumeL: amount('volume', habit, { label: 'Amount', min: 0.05, max: 40 }).when('depthM', {
			is: (depth: unknown) => depth === undefined,
			then: (s) => s.required('Give the depth of the food, or how much it is.')
		}),
		startC: amount('temperature', habit, {
			label: 'Temperature now',
			min: 6,
			max: 105,
			why: 'Food with water in it does not get hotter than that.'
		}).required('Temperature now: measure it, or take the boiling point for a dish off the boil.'),
		place: oneOf(startPlaces, 'Place').required('Place: where does it stand?'),
		lid: yup
			.boolean()
			.transform((_, original) => original === 'on' || original === true)
			.default(false),
		stirred: yup
			.boolean()
			.transform((_, original) => original === 'on' || original === true)
			.default(false),
		iceKg: amount('mass', habit, { label: 'Ice', min: 0, max: 50 })
	});
}

/** A thermometer reading. */
export function readingSchema(habit: Habit) {
	return yup.object({
		tempC: amount('temperature', habit, {
			label: 'Reading',
			min: -30,
			max: 110,
			why: 'Is the probe in the food?'
		}).required('Reading: write what the thermometer shows.')
	});
}
