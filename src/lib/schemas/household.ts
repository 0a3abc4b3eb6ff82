import * as yup from 'yup';
import type { UnitHabit } from '../present/units.ts';
import { amount, oneOf, text, wholeNumber } from './fields.ts';

const bowlKinds = ['round', 'oval'] as const;

function isTimeZone(zone: string): boolean {
	try {
		new Intl.DateTimeFormat('en', { timeZone: zone });
		return true;
	} catch (error) {
		if (error instanceof RangeError) return false;
		throw error;
	}
}

/** Household settings. Blank amounts of an appliance mean "as usual for its size". */
export function householdSchema(habit: UnitHabit) {
	const bowl = (prefix: string, label: string) => ({
		[`${prefix}BowlKind`]: oneOf(bowlKinds, `${label}: bowl`),
		[`${prefix}BowlLengthM`]: amount('length', habit, {
			label: `${label}: bowl length`,
			min: 0.08,
			max: 0.6
		}),
		[`${prefix}BowlWidthM`]: amount('length', habit, {
			label: `${label}: bowl width`,
			min: 0.08,
			max: 0.6
		}),
		[`${prefix}BowlDepthM`]: amount('length', habit, {
			label: `${label}: bowl depth`,
			min: 0.05,
			max: 0.4
		})
	});
	return yup.object({
		system: oneOf(['metric', 'us'], 'Units').required('Units: metric or US?'),
		temperature: oneOf(['c', 'f'], 'Temperature').required('Temperature: °C or °F?'),
		altitudeM: amount('altitude', habit, { label: 'Altitude', min: -400, max: 5000 }).required(
			'Altitude: 0 at the sea; it sets where water boils.'
		),
		roomC: amount('temperature', habit, { label: 'Kitchen', min: 5, max: 40 }).required(
			'Kitchen: its usual temperature.'
		),
		refrigeratorC: amount('temperature', habit, { label: 'Refrigerator', min: 0, max: 8 }).required(
			'Refrigerator: its usual temperature.'
		),
		timeZone: text('Time zone', 60)
			.required('Time zone: for example Europe/Zurich.')
			.test(
				'zone',
				'Time zone: not one that is known; write it as Europe/Zurich.',
				(value) => !value || isTimeZone(value)
			),
		houseMonths: wholeNumber({ label: 'House months', min: 1, max: 12 }),
		slowVolumeL: amount('volume', habit, { label: 'Slow cooker', min: 1, max: 12 }).required(
			'Slow cooker: its size.'
		),
		slowLowW: amount('power', habit, { label: 'Slow cooker on low', min: 40, max: 600 }),
		slowHighW: amount('power', habit, { label: 'Slow cooker on high', min: 60, max: 800 }),
		...bowl('slow', 'Slow cooker'),
		pressureVolumeL: amount('volume', habit, {
			label: 'Pressure cooker',
			min: 2,
			max: 15
		}).required('Pressure cooker: its size.'),
		pressurePowerW: amount('power', habit, { label: 'Pressure cooker power', min: 300, max: 3000 }),
		...bowl('pressure', 'Pressure cooker')
	});
}

/** A freezer and its shelves, one name a line. */
export function freezerSchema(habit: UnitHabit) {
	return yup.object({
		name: text('Freezer', 60).required('Freezer: what do you call it?'),
		volumeL: amount('volume', habit, { label: 'Room', min: 5, max: 1500 }).required(
			'Room: how many litres?'
		),
		setC: amount('temperature', habit, { label: 'Set to', min: -40, max: -6 }).required(
			'Set to: usually −18 °C.'
		),
		shelves: text('Shelves', 600).required('Shelves: at least one name, one a line.')
	});
}
